namespace AmpleTide.Core.Body;

/// <summary>
/// Lengths, radii and masses of the body's segments. Lengths are fractions of stature after Drillis and Contini (1966), masses and
/// centres of mass fractions after Winter, <i>Biomechanics and Motor Control of Human Movement</i>; both from memory.
/// Radii are flesh, by eye, no source. The published breadths reach to the outside of the body, so a joint lies one radius further in.
/// </summary>
public static class Segments
{
#pragma warning disable CS1591 // a table: the names say it
    public const double UpperArm = 0.186,
        Forearm = 0.146,
        Hand = 0.108;
    public const double Thigh = 0.245,
        Shank = 0.246,
        FootHeight = 0.039,
        FootLength = 0.152;
    public const double ShoulderHalfBreadth = 0.129,
        HipHalfBreadth = 0.0955;
    public const double HipHeight = 0.530,
        ShoulderHeight = 0.818,
        ChinHeight = 0.870;

    public const double UpperArmRadius = 0.026,
        ElbowRadius = 0.021,
        WristRadius = 0.016,
        FingerRadius = 0.009;
    public const double ThighRadius = 0.0455,
        KneeRadius = 0.034,
        AnkleRadius = 0.021,
        ToeRadius = 0.013;
    public const double HeadRadius = 0.056,
        NeckRadius = 0.030;

    // The spine from the hips up: sacrum fixed to the pelvis, lower part, upper part to the base of the neck, neck to the head's hinge.
    public const double Sacrum = 0.030,
        LowerSpine = 0.125,
        UpperSpine = 0.150,
        Neck = 0.050;
    public const double NeckBase = HipHeight + Sacrum + LowerSpine + UpperSpine; // 0.835
    public const double HeadCentre = 0.050; // above the head's hinge
    public const double HipJoint = HipHalfBreadth - ThighRadius;
    public const double ShoulderJoint = ShoulderHalfBreadth - UpperArmRadius;
    public const double CollarJoint = 0.018,
        Collar = ShoulderJoint - CollarJoint;
    public const double ShoulderDrop = NeckBase - ShoulderHeight;
    public const double Heel = 0.040,
        Ball = 0.075,
        Toe = FootLength - Heel - Ball;

    // How deep flesh lies on bone where the body rests.
    public const double SeatDepth = 0.052,
        PelvisDepth = 0.060,
        ChestDepth = 0.060;

    public const double HeadMass = 0.081,
        PelvisMass = 0.142,
        AbdomenMass = 0.139,
        ThoraxMass = 0.216;
    public const double UpperArmMass = 0.028,
        ForearmMass = 0.016,
        HandMass = 0.006;
    public const double ThighMass = 0.100,
        ShankMass = 0.0465,
        FootMass = 0.0145;
    public const double UpperArmCentre = 0.436,
        ForearmCentre = 0.430,
        HandCentre = 0.506;
    public const double ThighCentre = 0.433,
        ShankCentre = 0.433;
#pragma warning restore CS1591
}
