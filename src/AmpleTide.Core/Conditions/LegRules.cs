using static AmpleTide.Core.Catalogue.Strain;
using static AmpleTide.Core.Conditions.Ask;

namespace AmpleTide.Core.Conditions;

/// <summary>Knees, feet, hips, pelvis and balance. Common practice, no source.</summary>
internal static class LegRules
{
    private static readonly Ask[] HipFromTheBackOut =
    [
        Much(HipDeep) & Some(Rounded),
        Much(HipDeep) & Some(KneeTwisted),
        Much(HipDeep) & Some(Kneeling),
        Much(HipDeep) & Some(HipBehind),
        Much(HipDeep) & Some(KneeDeep) & Some(LegsWide),
        (Much(HipDeep) & Some(FlatOnBack)).But(Some(LegsUneven)),
        Much(HipAcross),
        Much(HipTurnedIn),
    ];

    private static readonly Ask[] HipFromTheBackLess =
    [
        Some(HipDeep),
        Some(HipAcross),
        Some(HipTurnedIn),
        Some(OnSide),
        Some(HeadLow) & Some(UpAndDown),
        Some(LegStraightPulled),
    ];

    private static readonly Ask[] HipFromTheFrontOut = [Much(HipBehind), Much(HipTurnedOut) & Some(HipDeep) & Some(KneeTwisted)];

    private static readonly Ask[] HipFromTheFrontLess = [Some(HipBehind), Some(HipTurnedOut), Some(LegsWide) & Some(HipTurnedOut)];

    public static readonly ConditionRule[] All =
    [
        new(
            "knee",
            LeaveOut: [Much(KneeDeep), Much(KneeTwisted)],
            Smaller:
            [
                Some(Kneeling),
                Some(KneeDeep) & Some(KneeTwisted),
                Some(KneeBearingBent),
                Some(KneeTwisted),
                Much(Quick) & Some(Turned),
            ]
        ),
        new(
            "knee-replaced",
            LeaveOut: [Much(KneeDeep), Much(KneeTwisted), Some(Kneeling) & Much(HipBehind)],
            Smaller: [Some(Kneeling), Some(KneeDeep), Some(KneeBearingBent), Some(KneeTwisted), Much(Quick) & Some(Turned)]
        ),
        new(
            "foot",
            LeaveOut: [Much(ToesBearingBent)],
            Smaller: [Some(ToesBearingBent), Some(FeetPressed), Much(Balance).But(Much(HeadLow)), Much(Quick) & Some(Turned)]
        ),
        new(
            "diabetes-feet",
            LeaveOut: [Much(ToesBearingBent), Much(FeetPressed)],
            Smaller: [Some(ToesBearingBent), Some(FeetPressed), Much(Kneaded), Much(Balance).But(Much(HeadLow)), Much(Quick) & Some(Turned)]
        ),
        new("hip-replaced-back", HipFromTheBackOut, HipFromTheBackLess),
        new("hip-replaced-front", HipFromTheFrontOut, HipFromTheFrontLess),
        new("hip-replaced-unknown", [.. HipFromTheBackOut, .. HipFromTheFrontOut], [.. HipFromTheBackLess, .. HipFromTheFrontLess]),
        new(
            "hip-arthritis",
            LeaveOut: [Much(KneeTwisted) & Much(HipDeep)],
            Smaller:
            [
                Much(HipDeep),
                Some(HipTurnedOut),
                Some(KneeTwisted),
                Some(KneeBearingBent),
                Some(LegsWide),
                Much(LegsUneven),
                Some(HipTurnedIn),
                Some(OnSide),
            ]
        ),
        new(
            "pelvic-girdle-pain",
            LeaveOut:
            [
                Much(LegsUneven),
                Much(Quick) & Some(Turned),
                Much(LegsWide) & Some(HipDeep),
                Some(LegsWide) & Some(Effort),
                Some(LegsWide) & Some(UpAndDown),
            ],
            Smaller:
            [
                Some(LegsUneven),
                Some(LegsWide),
                Some(KneeTwisted),
                Some(OnSide),
                Much(Turned),
                Some(KneeBearingBent),
                Some(Effort) & Some(HipBehind),
            ]
        ),
        new(
            "balance",
            LeaveOut: [Much(Balance), Much(Quick) & Some(Turned)],
            Smaller:
            [
                Some(Balance),
                Some(UpAndDown),
                Some(StandingStill),
                Some(LegsWide) & Some(ArmsRaised),
                Some(LegsUneven) & Some(Kneeling),
            ]
        ),
    ];
}
