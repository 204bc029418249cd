using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Tests.Suggestions;

/// <summary>Counters and preparations come out of the shapes. The pairs are common practice, no source.</summary>
public class CompanionTables
{
    private static readonly Companions Companions = new(Shipped.Catalogue, Shipped.Ways);

    private static IEnumerable<string> Counters(string move) => Companions.Counters(Shipped.Catalogue.Move(move)!).Select(c => c.Move.Id);

    [Theory]
    [InlineData("low-cobra", "folded-rest-hold")]
    [InlineData("eagle-arms", "hands-clasped-behind")]
    public void The_usual_counter_is_among_them(string move, string counter) => Assert.Contains(counter, Counters(move));

    [Theory]
    [InlineData("cat-cow")] // takes itself back
    [InlineData("mountain")]
    [InlineData("neck-side-tilt")] // the second side does
    public void Some_moves_ask_for_none(string move) => Assert.Empty(Counters(move));

    [Theory]
    [InlineData("plank-hold", "wrist-circles")] // loaded wrists are moved free of weight
    [InlineData("inverted-v-hold", "wrist-circles")]
    [InlineData("plough", "settle-lying")] // lying flat, and a gentle arch
    [InlineData("plough", "supine-pelvic-tilt")]
    [InlineData("tree", "shake-the-legs")]
    [InlineData("lean-back-open", "rounded-hold")]
    public void What_is_owed_is_answered(string move, string counter) => Assert.Contains(counter, Counters(move));

    [Fact]
    public void Nothing_is_owed_by_what_takes_back_rests_breathes_or_has_free_wrists()
    {
        string[] free = ["cactus-hold", "wrist-circles", "clasped-palms-forward", "folded-rest-hold", "self-hug"];
        Assert.All(free, id => Assert.Empty(Counters(id)));
        var quiet = Shipped.Catalogue.Moves.Where(m => m.Kind is MoveKind.Breathing or MoveKind.CheckIn or MoveKind.Rest);
        Assert.All(quiet, m => Assert.Empty(Companions.Counters(m)));
    }

    [Fact]
    public void What_an_author_picked_is_there()
    {
        var picked = Shipped
            .Catalogue.Moves.SelectMany(m =>
                (m.Counters ?? []).Concat(m.Instead).Concat(m.OnAChair is { } chair ? [chair] : []).Select(id => (m.Id, Other: id))
            )
            .Concat(Shipped.Catalogue.Uses.SelectMany(u => u.Moves.Select(id => (u.Id, Other: id))));
        Assert.All(picked, p => Assert.NotNull(Shipped.Catalogue.Move(p.Other)));
    }

    [Fact]
    public void Every_move_has_a_form_on_a_chair() => Assert.All(Shipped.Catalogue.Moves, m => Assert.NotNull(Companions.OnAChair(m)));

    [Fact]
    public void Counters_can_be_reached_and_are_no_harder_than_what_they_answer()
    {
        foreach (var move in Shipped.Catalogue.Moves)
        {
            foreach (var counter in Companions.Counters(move))
            {
                Assert.NotEqual(move, counter.Move);
                Assert.Contains(counter.Position.Id, counter.Move.In);
                Assert.True(counter.Move.Effort <= Math.Max(move.Effort, 2.5));
                Assert.InRange(counter.Way.TotalSeconds, 0, 120);
            }
        }
    }

    [Fact]
    public void A_preparation_does_less_of_the_same()
    {
        var some = Shipped.Catalogue.Moves.Where(m => Companions.Preparations(m).Count > 0).ToList();
        Assert.NotEmpty(some);
        Assert.All(some, m => Assert.DoesNotContain(Companions.Preparations(m), p => p.Move.OptIn));
    }
}
