using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>
/// Where a judgement begins to speak: a line between is made longer breath by breath, and the judgement turns at the time it names, no
/// earlier and no later. The times are common practice, no source.
/// </summary>
public class Thresholds
{
    [Fact]
    public void What_takes_a_bend_back_comes_within_two_minutes()
    {
        var turns = Turns(
            breaths =>
                "{ \"id\": \"first\", \"move\": \"low-cobra\", \"rounds\": 8 }, { \"move\": \"settle-lying\", \"breaths\": "
                + $"{breaths} }}, {{ \"id\": \"last\", \"move\": \"folded-rest-hold\" }}",
            "",
            "counter"
        );
        // Between the end of the bend and the moment it is taken back.
        Assert.All(
            turns,
            t => Assert.Equal(t.Last.Occurrences[0].Start + t.Last.Occurrences[0].Lead - t.First.Occurrences[0].End > Minutes(2), t.Found)
        );
        AssertBoth(turns);
    }

    [Fact]
    public void The_second_side_comes_within_three_minutes()
    {
        var turns = Turns(
            breaths =>
                "{ \"id\": \"first\", \"move\": \"neck-side-tilt\", \"sides\": \"right\", \"position\": \"seated-cross\" }, "
                + $"{{ \"move\": \"breath-watch\", \"breaths\": {breaths} }}, "
                + "{ \"id\": \"last\", \"move\": \"neck-side-tilt\", \"sides\": \"left\" }",
            "",
            "side-gap"
        );
        Assert.All(turns, t => Assert.Equal(t.Last.Occurrences[0].Start - t.First.Occurrences[0].End > Minutes(3), t.Found));
        AssertBoth(turns);
    }

    [Theory]
    [InlineData("{}", 30)]
    [InlineData("{ \"age\": \"older\" }", 60)]
    [InlineData("{ \"size\": 8, \"conditions\": { \"bp-low\": 1 } }", 60)]
    public void People_sit_so_long_before_they_stand_up_from_lying(string group, int seconds)
    {
        var turns = Turns(
            breaths =>
                "{ \"id\": \"first\", \"move\": \"final-rest\", \"seconds\": 400, \"position\": \"supine-knees\" }, "
                + $"{{ \"id\": \"sit\", \"move\": \"breath-watch\", \"position\": \"seated-cross\", \"breaths\": {breaths} }}, "
                + "{ \"id\": \"last\", \"move\": \"mountain\" }",
            $"\"group\": {group}",
            "pause-before-rising"
        );
        Assert.All(turns, t => Assert.Equal(t.Between.None.Length < TimeSpan.FromSeconds(seconds), t.Found));
        AssertBoth(turns);
    }

    private sealed record Turn(LineScore First, LineScore Between, LineScore Last, bool Found);

    private static List<Turn> Turns(Func<int, string> items, string head, string rule) =>
        [
            .. from breaths in Enumerable.Range(1, 40)
            let plan = Shipped.Class(items(breaths), head)
            let lines = Shipped.Score(plan).Lines
            select new Turn(lines[0], lines[1], lines[2], Shipped.Found(plan, rule) is not null),
        ];

    private static void AssertBoth(List<Turn> turns)
    {
        Assert.Contains(turns, t => t.Found);
        Assert.Contains(turns, t => !t.Found);
    }

    private static TimeSpan Minutes(double minutes) => TimeSpan.FromMinutes(minutes);
}
