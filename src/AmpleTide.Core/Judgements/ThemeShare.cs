using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>A class is about something: most of its moving time goes there. Common practice, no source.</summary>
public static class ThemeShare
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("theme-share", "Most of the time goes to the theme", Level.Notable, Judge);

    private const double Least = 0.4;
    private const double LeastOfShort = 0.6;
    private const double ShortMinutes = 10;

    /// <summary>Whether a line eases what the class is about.</summary>
    public static bool IsOnTheme(LineScore line, IReadOnlyList<Area> theme) => line.Form is { } form && theme.Any(form.Easing.Includes);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var theme = score.Plan.Theme.Areas;
        if (theme.Count == 0)
            yield break;
        TimeSpan all = TimeSpan.Zero,
            on = TimeSpan.Zero;
        foreach (var line in score.Lines)
        {
            // Arriving, breathing and resting belong to any theme.
            if (line.Form is null)
                continue;
            var serves = IsOnTheme(line, theme);
            if (Arc.IsQuiet(line) && !serves)
                continue;
            all += line.Practised;
            if (serves)
                on += line.Practised;
        }
        var least = score.Plan.Minutes < ShortMinutes ? LeastOfShort : Least;
        if (all == TimeSpan.Zero || theme.All(a => a is Area.Breath or Area.Jaw) || on >= least * all)
            yield break;
        var names = string.Join(" and ", theme.Select(a => a.Said()));
        var last = score.Lines.LastOrDefault(l =>
            l.Section.Part is Classes.Part.Build or Classes.Part.Peak or Classes.Part.Warm && l.Position is not null
        );
        var finding = Rule.Found(
            [],
            $"{Clock.Share(on / all)} of the moving time eases {names}; {Clock.Share(least)} would make it the theme.",
            "The neighbours get their share, the rest is touched."
        );
        yield return last is null
            ? finding
            : finding.FixByInserting("Add something on the theme", score, last, new($"eases {names}", form => Needs.ForTheme(form, theme)));
    }
}
