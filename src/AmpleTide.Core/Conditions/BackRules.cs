using static AmpleTide.Core.Catalogue.Strain;
using static AmpleTide.Core.Conditions.Ask;

namespace AmpleTide.Core.Conditions;

/// <summary>Bones, backs, sciatica. Common practice, no source.</summary>
internal static class BackRules
{
    public static readonly ConditionRule[] All =
    [
        new(
            "bone-low",
            LeaveOut: [Much(Rounded), Some(RoundedAndTurned), Much(NeckLevered) & Some(NeckBent), Much(Quick) & Some(Turned)],
            Smaller:
            [
                Some(Rounded),
                Some(Turned),
                Much(NeckLevered),
                Much(NeckLoaded),
                Much(Balance),
                Some(SideBent) & Some(LegsWide),
                Much(Quick),
            ]
        ),
        new(
            "back-bends-badly",
            LeaveOut: [Much(Rounded), Some(RoundedAndTurned), Much(Quick) & Some(Turned), Much(HeadLow) & Some(Turned)],
            Smaller:
            [
                Some(Rounded),
                Some(Turned).But(Some(OnSide)),
                Some(LegStraightPulled),
                Some(BellyPressed),
                Some(SideBent) & Some(LegsWide),
            ]
        ),
        new("back-arches-badly", LeaveOut: [Much(Arched)], Smaller: [Some(Arched), Much(Quick) & Some(Turned)]),
        new(
            "sciatica",
            LeaveOut: [Much(Rounded), Much(LegStraightPulled) & Some(Rounded), Much(HeadLow) & Some(Turned)],
            Smaller:
            [
                Some(Rounded),
                Some(RoundedAndTurned),
                Much(Turned),
                Some(LegStraightPulled),
                Some(BellyPressed),
                Some(KneeTwisted) & Some(HipDeep),
                Some(SideBent) & Some(LegsWide),
            ]
        ),
    ];
}
