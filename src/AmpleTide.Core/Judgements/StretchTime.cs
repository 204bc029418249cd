using AmpleTide.Core.Body;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Sixty seconds of stretch for each area of the theme, on each side. American College of Sports Medicine, position stand (Garber and
/// others, Medicine and Science in Sports and Exercise, 2011), from memory.
/// </summary>
public static class StretchTime
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("stretch-time", "Each area of the theme gets a minute a side", Level.Hint, Judge);

    private const double FromMinutes = 20;
    private static readonly TimeSpan Minute = TimeSpan.FromMinutes(1);

    private static IEnumerable<Finding> Judge(Score score)
    {
        if (score.Plan.Minutes < FromMinutes)
            yield break;
        var few = score
            .Plan.Theme.Areas.Where(a => a is not (Area.Breath or Area.Jaw))
            .Select(a => (Area: a, Time: Less(score.Ledgers.AreaTime(a, Side.Right), score.Ledgers.AreaTime(a, Side.Left))))
            .Where(a => a.Time < Minute)
            .ToList();
        if (few.Count == 0)
            yield break;
        yield return Rule.Found(
            [],
            $"{string.Join(", ", few.Select(a => $"{a.Area.Said()} {Clock.Of(a.Time)} a side"))}; a minute each would do.",
            "Sixty seconds an area and side is what is advised for stretching."
        );
    }

    private static TimeSpan Less(TimeSpan a, TimeSpan b) => a <= b ? a : b;
}
