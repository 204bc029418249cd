using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

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
        if (score.Plan.Minutes < FromMinutes || score.Plan.Theme.Areas.Count(Spine.Contains) < 2)
            yield break;
        var missing = Missing(score);
        if (missing.Count == 0)
            yield break;
        var finding = Rule.Found(
            [],
            $"The spine gets no {string.Join(" and no ", missing.Select(m => m.Name))}.",
            "Bend and arch, turn, bend to the sides: repeated, it is what keeps a back easy."
        );
        var (name, axis) = missing[0];
        var sign = name == "arching" ? -1 : 1;
        if (
            score.Lines.LastOrDefault(l => l.Section.Part is Classes.Part.Warm or Classes.Part.Build && l.Position is not null)
            is not { } last
        )
        {
            yield return finding;
            yield break;
        }
        finding = finding.FixByInserting(
            $"Add {name}",
            score,
            last,
            new($"brings {name}", form => form.Move.Effort <= 2.6 ? form.Phases.Max(p => Of(p.Facts, axis, sign)) : 0)
        );
        // One at a time: the others are told again.
        yield return finding with
        {
            Fixes = [finding.Fixes[0] with { Betters = after => !Missing(after).Exists(m => m.Name == name) }],
        };
    }

    private static List<(string Name, Axis Axis)> Missing(Score score)
    {
        var (ledgers, missing) = (score.Ledgers, new List<(string Name, Axis Axis)>());
        if (ledgers.Flexion == TimeSpan.Zero)
            missing.Add(("rounding", Axis.UpperFlexion));
        if (ledgers.Extension == TimeSpan.Zero)
            missing.Add(("arching", Axis.UpperFlexion));
        if (ledgers.SideBend == TimeSpan.Zero)
            missing.Add(("side bends", Axis.UpperSide));
        if (ledgers.Rotation == TimeSpan.Zero)
            missing.Add(("turns", Axis.UpperRotation));
        return missing;
    }

    private static double Of(Facts facts, Axis axis, int sign) =>
        axis == Axis.UpperFlexion ? sign * facts.Loads[(int)axis] : Math.Abs(facts.Loads[(int)axis]);
}
