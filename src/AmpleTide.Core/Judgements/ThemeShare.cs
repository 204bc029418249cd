using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A class is about something: most of its moving time goes there. Common practice, no source.</summary>
public static class ThemeShare
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("theme-share", "Most of the time goes to the theme", Level.Notable, Judge);

    private const double Least = 0.4;
    private const double LeastOfShort = 0.6;
    private const double ShortMinutes = 10;
    private const double Eases = 0.25;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var theme = score.Plan.Theme.Areas;
        if (theme.Count == 0) yield break;
        int all = 0, on = 0;
        foreach (var line in score.Lines)
        {
            // Arriving, breathing and resting belong to any theme.
            if (line.Form is not { } form) continue;
            var serves = theme.Any(area => Serves(form, area));
            if (Arc.IsQuiet(line) && !serves) continue;
            var ms = line.None.Ms + line.Right.Ms + line.Left.Ms;
            all += ms;
            if (serves) on += ms;
        }
        var least = score.Plan.Minutes < ShortMinutes ? LeastOfShort : Least;
        if (all == 0 || theme.All(a => a is Area.Breath or Area.Jaw) || on >= least * all) yield break;
        var names = string.Join(" and ", theme.Select(a => a.Said()));
        var last = score.Lines.LastOrDefault(l => l.Section.Part is Classes.Part.Build or Classes.Part.Peak or Classes.Part.Warm && l.Position is not null);
        var finding = Rule.Found([], $"{Clock.Share(on / (double)all)} of the moving time eases {names}; {Clock.Share(least)} would make it the theme.", "The neighbours get their share, the rest is touched.");
        yield return last is null ? finding : finding.FixAfter(score, "Add something on the theme", last,
            new($"eases {names}", form => form.Move.Kind is MoveKind.Hold or MoveKind.Flow && form.Move.Effort <= 2.6 ? theme.Max(a => Of(form, a)) : 0));
    }

    private static bool Serves(MoveForm form, Area area) => form.Move.AlsoEases.Contains(area) || Of(form, area) >= Eases;

    private static double Of(MoveForm form, Area area)
    {
        var plain = form.Position.Plain ? Math.Max(form.Position.Facts.RightStretch[(int)area], form.Position.Facts.LeftStretch[(int)area]) : 0;
        var most = 0.0;
        foreach (var phase in form.Phases) most = Math.Max(most, Math.Max(phase.Facts.RightStretch[(int)area], phase.Facts.LeftStretch[(int)area]));
        // What the plain position stretches already is not what the move is for.
        return plain >= Eases && most < plain + 0.15 ? 0 : most;
    }
}
