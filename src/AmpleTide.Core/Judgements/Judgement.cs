using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>All rules, and the one way they are run.</summary>
public static class Judgement
{
    /// <summary>The rules, in the order in which findings of the same level are told.</summary>
    public static IReadOnlyList<Rule> Rules { get; } =
    [
        UnknownMove.Rule,
        WayMissing.Rule,
        SecondSide.Rule,
        LeftOpen.Rule,
        PlannedTime.Rule,
        UnknownName.Rule,
        PhaseCollision.Rule,
        UnknownField.Rule,
    ];

    /// <summary>Judges a class: worst first, then in the order of the rules and of the class.</summary>
    /// <param name="score">The class, compiled.</param>
    public static IReadOnlyList<Finding> Of(Score score)
    {
        var findings = new List<Finding>();
        foreach (var rule in Rules)
        {
            var seen = new HashSet<string>();
            foreach (var finding in rule.Judge(score))
            {
                if (IsOff(finding, score)) continue;
                var id = finding.Id;
                for (var n = 2; !seen.Add(id); n++) id = $"{finding.Id}.{n}";
                findings.Add(id == finding.Id ? finding : finding with { Id = id });
            }
        }
        return [.. findings.OrderBy(f => f.Level)];
    }

    // A judgement is off where the teacher said so and gave a reason.
    private static bool IsOff(Finding finding, Score score) => score.Plan.Off.Any(off =>
        off.Rule == finding.Rule && off.Reason.Length > 0 && (off.Lines.Count == 0 || finding.Lines.All(off.Lines.Contains)));
}
