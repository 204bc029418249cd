using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A class about the spine bends and arches it, turns it and bends it to the sides. Common practice, no source.</summary>
public static class NaturalMovements
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("natural-movements", "The spine moves in all its ways", Level.Hint, Judge);

    private const double FromMinutes = 15;
    private static readonly Area[] Spine = [Area.MidBack, Area.LowBack, Area.UpperBack];

    private static IEnumerable<Finding> Judge(Score score)
    {
        // About the spine: low and mid back, or the whole of it.
        if (score.Plan.Minutes < FromMinutes || score.Plan.Theme.Areas.Count(Spine.Contains) < 2) yield break;
        var ledgers = score.Ledgers;
        var missing = new List<(string Name, Axis Axis)>();
        if (ledgers.FlexionMs == 0) missing.Add(("rounding", Axis.UpperFlexion));
        if (ledgers.ExtensionMs == 0) missing.Add(("arching", Axis.UpperFlexion));
        if (ledgers.SideBendMs == 0) missing.Add(("side bends", Axis.UpperSide));
        if (ledgers.RotationMs == 0) missing.Add(("turns", Axis.UpperRotation));
        if (missing.Count == 0) yield break;
        var finding = Rule.Found([], $"The spine gets no {string.Join(" and no ", missing.Select(m => m.Name))}.", "Bend and arch, turn, bend to the sides: repeated, it is what keeps a back easy.");
        var (name, axis) = missing[0];
        var sign = name == "arching" ? -1 : 1;
        yield return score.Lines.LastOrDefault(l => l.Section.Part is Classes.Part.Warm or Classes.Part.Build && l.Position is not null) is { } last
            ? finding.FixAfter(score, $"Add {name}", last, new($"brings {name}", form => form.Move.Effort <= 2.6 ? form.Phases.Max(p => Of(p.Facts, axis, sign)) : 0))
            : finding;
    }

    private static double Of(Facts facts, Axis axis, int sign) => axis == Axis.UpperFlexion ? sign * facts.Loads[(int)axis] : Math.Abs(facts.Loads[(int)axis]);
}
