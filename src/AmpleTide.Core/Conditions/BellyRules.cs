using static AmpleTide.Core.Catalogue.Strain;
using static AmpleTide.Core.Conditions.Ask;

namespace AmpleTide.Core.Conditions;

/// <summary>Pregnancy, birth, operations, and bodies that need room. Common practice, no source.</summary>
internal static class BellyRules
{
    public static readonly ConditionRule[] All =
    [
        new(
            "pregnancy-early",
            LeaveOut: [Much(BreathHeld), Much(NeckLoaded) & Much(BellyStrained) & Some(FlatOnBack), Much(HeadLow) & Much(NeckLoaded)],
            Smaller: [Much(HeadLow), Much(Effort), Some(BreathHeld), Much(Turned), Much(BellyStrained)]
        ),
        new(
            "pregnancy-mid",
            LeaveOut: [Much(OnFront), Much(BreathHeld), Much(NeckLoaded) & Much(BellyStrained), Much(BellyStrained) & Much(HeadLow)],
            Smaller:
            [
                Much(FlatOnBack),
                Some(HeadLow),
                Much(Effort),
                Some(BreathHeld),
                Much(Turned),
                Some(Turned) & Some(FlatOnBack),
                Some(BellyPressed),
                Some(BellyStrained),
                Much(Balance),
            ]
        ),
        new(
            "pregnancy-late",
            LeaveOut:
            [
                Much(OnFront),
                Much(FlatOnBack),
                Much(BreathHeld),
                Much(HeadLow),
                Much(BellyStrained),
                Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded),
            ],
            Smaller:
            [
                Some(HeadLow),
                Some(Effort),
                Some(BreathHeld),
                Much(Turned),
                Some(BellyPressed),
                Some(BellyStrained),
                Much(Balance),
                Much(HipBehind) & Some(LegsUneven),
                Much(Quick),
                Much(ToesBearingBent),
                Some(LegsWide) & Some(SideBent),
            ]
        ),
        new(
            "postnatal",
            LeaveOut: [Much(BellyStrained)],
            Smaller:
            [
                Some(BellyStrained),
                Much(Turned),
                Some(OnFront),
                Some(Effort),
                Much(BreathHeld),
                Much(HeadLow) & Some(ArmsBearing),
                Much(HipBehind) & Some(LegsUneven),
                Much(Quick),
                Some(UpAndDown) & Some(HeadLow) & Some(ArmsRaised) & Much(Rounded),
            ]
        ),
        new(
            "recent-surgery",
            LeaveOut:
            [
                Much(Rounded),
                Some(RoundedAndTurned),
                Some(Turned),
                Some(SideBent),
                Much(Arched),
                Some(NeckLoaded),
                Much(BellyStrained),
                Some(HeadLow),
                Much(ArmsRaised),
                Much(ArmsBehind),
                Some(ArmsBehind) & Some(HandsBearing),
                Some(ArmsSwung),
                Much(ArmsOpen),
                Some(ArmsBearing),
                Much(OnFront),
                Much(Effort),
                Much(LegsUneven),
                Much(BreathHeld),
                Much(NeckLevered),
                Some(KneeDeep) & Some(Kneeling),
                Some(Quick),
            ],
            Smaller:
            [
                Some(Rounded),
                Some(Arched),
                Some(BellyStrained),
                Some(ArmsRaised),
                Some(ArmsBehind),
                Some(ArmsAcross),
                Some(Effort),
                Some(NeckLevered),
                Some(LegsUneven),
                Some(LegStraightPulled),
                Some(NeckRolled),
                Some(HipDeep),
                Some(BreathHeld),
                Some(NeckTilted),
                Some(UpAndDown),
                Some(BreathFull),
                Some(HipTurnedOut),
                Some(HipTurnedIn),
                Some(ToesBearingBent) & Some(Balance),
                Some(Swayed),
            ]
        ),
        new(
            "larger-body",
            LeaveOut: [],
            Smaller:
            [
                Some(BellyPressed),
                Much(OnFront),
                Much(Rounded),
                Much(KneeDeep),
                Some(KneeDeep),
                Much(ArmsBehind),
                Some(ArmsAcross),
                Much(HandsBearing),
                Much(LegsUneven),
                Much(Turned),
                Some(KneeBearingBent),
                Much(HeadLow),
            ]
        ),
    ];
}
