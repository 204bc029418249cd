using static AmpleTide.Core.Catalogue.Strain;
using static AmpleTide.Core.Conditions.Ask;

namespace AmpleTide.Core.Conditions;

/// <summary>Heart, pressure, breath, digestion, epilepsy, strength, and what stillness means to some. Common practice, no source.</summary>
internal static class HeartBreathRules
{
    public static readonly ConditionRule[] All =
    [
        new(
            "bp-high",
            LeaveOut: [Much(HeadLow), Much(BreathHeld), Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded)],
            Smaller: [Some(HeadLow), Some(BreathHeld), Some(Effort), Some(NeckLoaded) & Much(BellyStrained)]
        ),
        new(
            "heart",
            LeaveOut:
            [
                Much(HeadLow),
                Much(BreathHeld),
                Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded),
                Much(Effort) & Much(ArmsBearing),
                Much(Effort) & Much(OnFront),
            ],
            Smaller:
            [
                Some(HeadLow),
                Some(BreathHeld),
                Some(Effort),
                Much(ArmsSwung),
                Some(NeckLoaded) & Much(BellyStrained),
                Some(LegsRaised),
            ]
        ),
        new(
            "bp-low",
            LeaveOut: [Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded)],
            Smaller:
            [
                Much(HeadLow),
                Much(BreathHeld),
                Some(UpAndDown),
                Some(StandingStill),
                Much(Quick),
                Some(HeadLow) & Some(BellyPressed),
            ]
        ),
        new(
            "breath",
            LeaveOut: [Much(BreathHeld), Some(BreathLed) & Some(BellyPressed)],
            Smaller: [Some(BreathHeld), Some(BreathLed), Some(Effort), Much(HeadLow), Some(BellyPressed), Much(ArmsSwung)]
        ),
        new(
            "epilepsy",
            LeaveOut: [Much(BreathHeld), Much(HeadLow) & Much(NeckLoaded)],
            Smaller: [Some(BreathHeld), Some(BreathFull), Much(Quick), Much(Balance)]
        ),
        new(
            "reflux",
            LeaveOut: [Much(HeadLow), Much(BreathHeld)],
            Smaller:
            [
                Some(HeadLow),
                Some(OnFront),
                Some(BellyPressed),
                Much(BellyStrained),
                Some(OnSide),
                Some(NeckLoaded) & Some(FlatOnBack),
                Much(Turned) & Some(FlatOnBack),
                Some(LegsRaised),
            ]
        ),
        new("trauma", LeaveOut: [], Smaller: [Some(LookingIn), Some(Exposed)]),
        new(
            "fatigue-long-illness",
            LeaveOut: [Much(Effort), Much(ArmsSwung), Much(BreathHeld)],
            Smaller:
            [
                Some(Effort),
                Much(ArmsRaised),
                Some(ArmsRaised).But(Some(FlatOnBack)),
                Some(NeckLoaded),
                Some(LegsUneven) & Some(HipDeep) & Some(Quick),
                Some(StandingStill),
                Some(UpAndDown),
                Some(ArmsSwung),
                Much(Balance),
                Much(HeadLow),
            ]
        ),
        new("clot-risk", LeaveOut: [Much(Kneaded), Much(LegsFoldedLong)], Smaller: [Some(Kneaded), Some(LegsFoldedLong), Much(Balance)]),
    ];
}
