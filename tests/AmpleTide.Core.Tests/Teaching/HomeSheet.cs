using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Rehearsal;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Tests.Teaching;

/// <summary>What goes home from a class: few and light moves, said in plain words. Common practice, no source.</summary>
public class HomeSheet
{
    public static TheoryData<string> Demos => [.. Shipped.DemoNames];

    [Theory]
    [MemberData(nameof(Demos))]
    public void Three_to_six_light_moves_of_different_areas_suggest_themselves(string demo)
    {
        var score = Shipped.Score(Shipped.Demo(demo));
        var lines = HomePractice.Suggested(score);
        var moves = HomePractice.Of(score, lines);
        Assert.InRange(moves.Count, HomePractice.Fewest, HomePractice.Most);
        Assert.Equal(lines, moves.Select(m => m.Line.Line.Id));
        Assert.Equal(moves.Count, moves.DistinctBy(m => m.Line.Move).Count());
        Assert.All(moves, m => Assert.True(m.Line.Move!.Kind != MoveKind.Balance && !m.Line.Position!.Demands.HasFlag(Demands.HeadDown)));
        var areas = moves.Select(m => m.Line.Form!.Easing.Strongest.FirstOrDefault(Area.Breath)).ToList();
        Assert.True(areas.Distinct().Count() >= Math.Min(3, areas.Count));
    }

    [Theory]
    [InlineData("""{ "move": "neck-side-tilt", "breaths": 3 }""", "3 slow breaths on each side")]
    [InlineData("""{ "move": "neck-side-tilt", "breaths": 1, "sides": "left" }""", "One slow breath on each side")]
    [InlineData("""{ "move": "cat-cow", "rounds": 1 }""", "Once")]
    [InlineData("""{ "move": "head-turns", "rounds": 8 }""", "8 times, changing sides")]
    [InlineData("""{ "move": "wrist-circles", "rounds": 5 }""", "5 times each way round")]
    [InlineData("""{ "move": "shake-the-hands", "beats": 30 }""", "30 quick beats")]
    [InlineData("""{ "move": "final-rest", "seconds": 180 }""", "3 minutes")]
    [InlineData("""{ "move": "final-rest", "seconds": 90 }""", "90 seconds")]
    public void The_dose_is_said_in_plain_words(string line, string dose) => Assert.Equal(dose, Only(line).Dose);

    [Fact]
    public void Each_breath_says_what_it_does_and_own_words_are_kept()
    {
        var home = Only("""{ "move": "cat-cow", "talk": "Like the harbour cat", "say": { "1": "Drop the belly to the {right}" } }""");
        Assert.Equal("Like the harbour cat.", home.How[0]);
        Assert.Equal("Breathing in, drop the belly to the right.", home.How[1]);
        Assert.StartsWith("Breathing out, ", home.How[2], StringComparison.Ordinal);
        Assert.DoesNotContain(home.How, h => h.Contains('{', StringComparison.Ordinal));
    }

    [Fact]
    public void Whom_it_would_be_left_out_for_asks_first_by_the_condition_s_name()
    {
        var names = Shipped.Catalogue.Conditions.ToDictionary(c => c.Name, c => c.Id);
        var home = Only("""{ "move": "plough" }""");
        Assert.NotEmpty(home.AskFirst);
        var barred = Core.Conditions.Verdicts.Of(home.Line.Form!).Where(v => v.Advice == Advice.LeaveOut).Select(v => v.Condition);
        Assert.Equal(barred.Order(), home.AskFirst.Select(n => names[n]).Order());
    }

    [Fact]
    public void What_only_tidies_up_in_a_class_does_not_suggest_itself()
    {
        var score = Shipped.Score(
            Shipped.Class("""{ "move": "change-the-cross" }, { "move": "tree" }, { "move": "open-eyes-nothing" }, { "move": "cat-cow" }""")
        );
        Assert.Equal("cat-cow", Assert.Single(HomePractice.Of(score, HomePractice.Suggested(score))).Line.Line.Move);
    }

    private static HomeMove Only(string line)
    {
        Score score = Shipped.Score(Shipped.Class(line));
        return Assert.Single(HomePractice.Of(score, [.. score.Lines.Select(l => l.Line.Id)]));
    }
}
