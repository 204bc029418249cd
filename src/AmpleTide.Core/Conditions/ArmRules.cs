using static AmpleTide.Core.Catalogue.Strain;
using static AmpleTide.Core.Conditions.Ask;

namespace AmpleTide.Core.Conditions;

/// <summary>Shoulders, hands, and joints that give too far. Common practice, no source.</summary>
internal static class ArmRules
{
    public static readonly ConditionRule[] All =
    [
        new(
            "shoulder",
            LeaveOut: [Much(ArmsBehind), Much(ArmsSwung), Much(ArmsRaised)],
            Smaller: [Some(ArmsRaised), Some(ArmsBehind), Some(ArmsSwung), Much(ArmsBearing), Some(ArmsAcross), Some(OnSide)]
        ),
        new(
            "shoulder-unstable",
            LeaveOut:
            [
                Much(ArmsBehind),
                Much(ArmsSwung),
                Some(ArmsSwung) & Some(ArmsOpen) & Some(Hung),
                Some(ArmsSwung) & Some(Quick),
                Much(ArmsOpen),
                Much(ArmsRaised),
            ],
            Smaller:
            [
                Some(ArmsSwung),
                Some(ArmsRaised),
                Some(ArmsBehind),
                Some(ArmsOpen),
                Much(ArmsBearing),
                Some(ArmsAcross),
                Some(OnSide),
            ]
        ),
        new(
            "shoulder-frozen",
            LeaveOut: [Much(ArmsBehind), Much(ArmsSwung), Much(ArmsRaised), Some(NeckLevered) & Some(ArmsRaised)],
            Smaller:
            [
                Some(ArmsRaised),
                Some(ArmsBehind),
                Some(ArmsSwung),
                Some(ArmsAcross),
                Some(OnSide),
                Much(ArmsBearing),
                Some(ArmsOpen) & Some(FlatOnBack),
            ]
        ),
        new(
            "lymphoedema-arm",
            LeaveOut: [Much(ArmsSwung), Much(ArmsPressed)],
            Smaller: [Some(ArmsSwung) & Some(Quick), Much(ArmsBearing), Some(ArmsPressed), Much(ArmsBehind), Some(OnSide), Much(HeadLow)]
        ),
        new("wrist", LeaveOut: [Much(HandsBearing), Much(HandsGripping)], Smaller: [Some(HandsBearing), Some(HandsGripping)]),
        new(
            "hypermobile",
            LeaveOut: [Much(Hung)],
            Smaller:
            [
                Some(Hung),
                Some(NeckLevered) & Some(NeckTilted),
                Some(NeckRolled),
                Much(ArmsBehind),
                Some(ArmsSwung),
                Much(HeadLow),
                Much(Turned),
                Some(LegStraightPulled),
                Much(KneeTwisted),
                Much(HandsBearing),
            ]
        ),
    ];
}
