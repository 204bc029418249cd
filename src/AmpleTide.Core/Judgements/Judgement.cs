using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>All rules, and the one way they are run.</summary>
public static class Judgement
{
    /// <summary>The rules, in the order in which findings of the same level are told.</summary>
    public static IReadOnlyList<Rule> Rules { get; } =
    [
        UnknownMove.Rule,
        ForTheGroup.Rule,
        WayMissing.Rule,
        WayForPeople.Rule,
        GoesOn.Rule,
        SecondSide.Rule,
        AddsUp.Rule,
        PauseBeforeRising.Rule,
        PauseOnTheSide.Rule,
        WayRushed.Rule,
        LeftOpen.Rule,
        StillOpen.Rule,
        CounterOwed.Rule,
        EndToEnd.Rule,
        Preparation.Rule,
        StrongAfterRest.Rule,
        RestLength.Rule,
        OneOption.Rule,
        GapBetweenSides.Rule,
        WholeChain.Rule,
        ConventionKept.Rule,
        NeckEase.Rule,
        HoldCount.Rule,
        UnnamedSide.Rule,
        WordsMatchPlan.Rule,
        PropsShort.Rule,
        TalkFits.Rule,
        BreathRatio.Rule,
        BreathPace.Rule,
        EffortArc.Rule,
        LevelChanges.Rule,
        ThemeShare.Rule,
        PlannedTime.Rule,
        UnknownName.Rule,
        CrossingParity.Rule,
        FirstSide.Rule,
        BreathDirection.Rule,
        BreathConsistency.Rule,
        PhaseCollision.Rule,
        Arrival.Rule,
        NaturalMovements.Rule,
        StretchTime.Rule,
        DoseRanges.Rule,
        PropsLate.Rule,
        PropsTwice.Rule,
        PropsAgain.Rule,
        PropsUnused.Rule,
        UnknownField.Rule,
    ];

    /// <summary>Judges a class: worst first, then in the order of the rules and of the class.</summary>
    /// <param name="score">The class, compiled.</param>
    public static IReadOnlyList<Finding> Of(Score score)
    {
        var findings = new List<Finding>();
        foreach (var rule in Rules)
        {
            var first = findings.Count;
            foreach (var finding in rule.Judge(score))
                if (!IsOff(finding, score))
                    findings.Add(Named(finding, findings, first));
        }
        return [.. findings.OrderBy(f => f.Level)];
    }

    // Two findings of a rule on the same lines are numbered.
    private static Finding Named(Finding finding, List<Finding> findings, int first)
    {
        var id = finding.Id;
        for (var n = 2; findings.FindIndex(first, f => f.Id == id) >= 0; n++)
            id = $"{finding.Id}.{n}";
        return id == finding.Id ? finding : finding with { Id = id };
    }

    // A judgement is off where the teacher said so and gave a reason.
    private static bool IsOff(Finding finding, Score score) =>
        score.Plan.Off.Count > 0
        && score.Plan.Off.Any(off =>
            off.Rule == finding.Rule && off.Reason.Length > 0 && (off.Lines.Count == 0 || finding.Lines.All(off.Lines.Contains))
        );
}
