namespace AmpleTide.Core.Catalogue;

/// <summary>How much of something a move asks.</summary>
public enum Grade
{
    /// <summary>Nothing to speak of.</summary>
    None,

    /// <summary>Some: less of it is fine for most.</summary>
    Some,

    /// <summary>Much: held, loaded, or at the end of the range.</summary>
    Much,
}

/// <summary>
/// What a move, a position or a way can ask of somebody who has to take care. Conditions speak of these and of nothing else, so that what
/// is told of a move holds for every condition at once.
/// </summary>
public enum Strain
{
#pragma warning disable CS1591 // each is said in words by StrainWords
    NeckBent,
    NeckBack,
    NeckTilted,
    NeckTurned,
    NeckRolled,
    NeckLevered,
    NeckLoaded,
    HeadLow,
    HeadQuick,
    JawWorked,
    FacePressed,

    Rounded,
    RoundedAndTurned,
    Arched,
    Turned,
    SideBent,

    BellyStrained,
    BellyPressed,
    OnFront,
    FlatOnBack,
    OnSide,

    BreathHeld,
    BreathFull,
    BreathLed,

    Effort,
    Quick,
    UpAndDown,
    StandingStill,
    Balance,
    Swayed,

    ArmsRaised,
    ArmsOpen,
    ArmsBehind,
    ArmsAcross,
    ArmsSwung,
    ArmsBearing,
    ArmsPressed,
    ArmNerve,
    HandsBearing,
    HandsGripping,

    Kneeling,
    KneeDeep,
    KneeBearingBent,
    KneeTwisted,
    LegsFoldedLong,
    ToesBearingBent,
    FeetPressed,

    HipDeep,
    HipAcross,
    HipTurnedIn,
    HipTurnedOut,
    HipBehind,
    LegsWide,
    LegsUneven,
    LegStraightPulled,
    LegsRaised,

    LookingIn,
    Exposed,
    Kneaded,
    Hung,
#pragma warning restore CS1591
}
