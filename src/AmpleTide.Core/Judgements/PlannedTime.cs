using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>The class ends when it should: talk, breaths, ways and rest together come to the minutes that were wanted.</summary>
public static class PlannedTime
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("time", "The class ends on the minute", Level.Notable, Judge);

    // Under a minute, or a twentieth of a class, nobody can tell before it is taught; common practice, no source.
    private static readonly TimeSpan Unnoticed = TimeSpan.FromMinutes(1);
    private const int Share = 20;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var wanted = WholeMilliseconds.Of(score.Plan.Minutes * 60);
        var off = score.Total - wanted;
        if (off.Duration() <= WholeMilliseconds.Longer(Unnoticed, wanted / Share) || score.Lines.Count == 0)
            yield break;
        var over = off > TimeSpan.Zero;
        var finding = Rule.Found(
                [],
                $"{Clock.Of(score.Total)} planned, {Clock.Of(wanted)} wanted: {Clock.Of(off.Duration())} {(over ? "over" : "short")}.",
                Where(score)
            )
            .Fix(over ? "Shorten the doses" : "Lengthen the doses", (_, tools) => tools.ToLength(score, wanted, tools.Cancellation));
        yield return finding with
        {
            Fixes = [finding.Fixes[0] with { Betters = after => (after.Total - wanted).Duration() < off.Duration() }],
        };
    }

    private static string Where(Score score)
    {
        string Of(EventKind kind) => Clock.Of(score.TimeByKind[(int)kind]);
        return $"Talk takes {Of(EventKind.Lead)}, ways take {Of(EventKind.Way)}.";
    }
}
