using static AmpleTide.Core.Catalogue.Strain;
using static AmpleTide.Core.Conditions.Ask;

namespace AmpleTide.Core.Conditions;

/// <summary>Neck, eyes, giddiness, migraine and jaw. Common practice, no source.</summary>
internal static class NeckHeadRules
{
    public static readonly ConditionRule[] All =
    [
        new(
            "neck-recent",
            LeaveOut:
            [
                Some(NeckRolled),
                Much(NeckLevered),
                Some(NeckLevered) & Some(NeckTilted),
                Much(NeckLoaded),
                Much(NeckBack),
                Much(HeadQuick),
                Some(ArmNerve) & Some(NeckTilted),
                Some(NeckTilted) & Some(NeckTurned) & Some(NeckBent),
                Some(NeckTurned) & Some(ArmsBearing),
                Some(NeckTurned) & Some(NeckLoaded),
                Much(HeadLow) & Some(ArmsBearing),
                Much(HeadLow) & Some(NeckTurned),
            ],
            Smaller:
            [
                Some(NeckTilted),
                Some(NeckTurned),
                Some(NeckBack),
                Some(NeckBent),
                Some(NeckLevered),
                Some(NeckLoaded),
                Some(HeadLow),
                Some(HeadQuick),
                Much(ArmsRaised),
                Some(ArmNerve),
                Much(ArmsOpen),
                Much(ArmsBearing),
            ]
        ),
        new(
            "neck-settled",
            LeaveOut: [Much(NeckLevered), Much(NeckRolled), Much(NeckLoaded) & Much(NeckBent)],
            Smaller:
            [
                Some(NeckLevered) & Some(NeckTilted),
                Some(NeckLevered) & Some(NeckBack),
                Some(NeckLevered) & Some(NeckBent),
                Some(ArmNerve) & Some(NeckTilted),
                Some(NeckRolled),
                Much(NeckBack),
                Much(NeckLoaded),
                Much(HeadQuick),
                Some(NeckTurned) & Some(NeckTilted) & Some(NeckBent),
                Some(NeckTurned) & Some(HeadLow),
                Some(NeckTurned) & Some(ArmsBearing),
                Some(NeckTurned) & Some(NeckLoaded),
                Much(NeckTurned) & Some(Effort),
            ]
        ),
        new(
            "eyes",
            LeaveOut:
            [
                Much(HeadLow),
                Much(BreathHeld),
                Much(FacePressed),
                Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded),
            ],
            Smaller: [Some(HeadLow), Some(BreathHeld), Much(Effort), Some(FacePressed), Much(HeadQuick), Much(NeckLoaded)]
        ),
        new(
            "vertigo",
            LeaveOut:
            [
                Much(HeadLow),
                Much(HeadQuick),
                Much(NeckRolled),
                Some(NeckTurned) & Some(ArmsBearing),
                Some(NeckTurned) & Some(NeckLoaded),
                Some(NeckTurned) & Some(HeadLow),
                Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded),
            ],
            Smaller:
            [
                Some(NeckTurned),
                Some(NeckRolled),
                Some(NeckBack),
                Some(NeckBent),
                Some(Swayed),
                Some(HeadLow),
                Some(HeadQuick),
                Some(NeckLoaded),
                Some(OnSide),
                Some(Balance),
            ]
        ),
        new(
            "migraine",
            LeaveOut:
            [
                Much(HeadLow),
                Much(HeadQuick),
                Much(BreathHeld),
                Much(NeckRolled),
                Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded),
            ],
            Smaller:
            [
                Some(HeadLow),
                Some(NeckRolled),
                Much(NeckBack),
                Much(NeckLevered),
                Much(NeckLoaded),
                Some(NeckTilted) & Some(NeckTurned) & Some(NeckBent),
                Some(NeckTurned) & Some(ArmsBearing),
                Some(NeckTurned) & Some(NeckLoaded),
                Much(Effort),
                Some(Quick),
                Some(FacePressed),
                Some(BreathHeld),
            ]
        ),
        new("jaw-joint", LeaveOut: [Much(JawWorked)], Smaller: [Some(JawWorked)]),
    ];
}
