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
