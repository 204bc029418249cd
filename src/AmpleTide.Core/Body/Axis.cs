namespace AmpleTide.Core.Body;

/// <summary>
/// The movable axes of the body. One sign convention, for the whole product:
/// <list type="bullet">
/// <item>pelvis: pitch bows forward (+), lean goes to the right and rolls somebody lying to the right (+), turn faces to the right
/// (+);</item>
/// <item>lower spine, upper spine, neck: flexion (+) / extension (−), side bend to the right (+), rotation to the right (+);</item>
/// <item>girdle: up (+) / down (−), forward (+) / back (−);</item>
/// <item>shoulder: the plane the arm is lifted in (0 to the side, 90 to the front, over 90 across the body, below 0 behind it, −90
/// straight back),
/// how far it is lifted (0 hanging, 180 overhead), and its own turn outward (+) / inward (−);</item>
/// <item>elbow: flexion (+); forearm: palm turned down and back (+) / up and forward (−), thumb forward at 0;</item>
/// <item>wrist: flexion (+) / extension (−); wrist deviation: towards the thumb (+) / the little finger (−);</item>
/// <item>hip: flexion (+) / extension (−), abduction (+) / adduction (−), turn out (+) / in (−);</item>
/// <item>knee: flexion (+); ankle: up (+) / down (−), sole turned in (+) / out (−); big toe: bent up (+).</item>
/// </list>
/// Signs of the limbs are the same on both sides, so a mirrored shape swaps them; signs of the trunk flip.
/// </summary>
public enum Axis
{
#pragma warning disable CS1591 // the names say it, the convention is above
    PelvisPitch,
    PelvisLean,
    PelvisTurn,
    LowerFlexion,
    LowerSide,
    LowerRotation,
    UpperFlexion,
    UpperSide,
    UpperRotation,
    NeckFlexion,
    NeckSide,
    NeckRotation,
    RightGirdleUp,
    RightGirdleForward,
    RightShoulderPlane,
    RightShoulderElevation,
    RightShoulderTurn,
    RightElbow,
    RightForearm,
    RightWrist,
    RightWristDeviation,
    RightHipFlexion,
    RightHipAbduction,
    RightHipTurn,
    RightKnee,
    RightAnkle,
    RightAnkleIn,
    RightToe,
    LeftGirdleUp,
    LeftGirdleForward,
    LeftShoulderPlane,
    LeftShoulderElevation,
    LeftShoulderTurn,
    LeftElbow,
    LeftForearm,
    LeftWrist,
    LeftWristDeviation,
    LeftHipFlexion,
    LeftHipAbduction,
    LeftHipTurn,
    LeftKnee,
    LeftAnkle,
    LeftAnkleIn,
    LeftToe,
#pragma warning restore CS1591
}

/// <summary>The range of one axis in degrees.</summary>
/// <param name="Least">The end of the range in the negative direction.</param>
/// <param name="Most">The end of the range in the positive direction.</param>
public readonly record struct Range(double Least, double Most)
{
    /// <summary>Whether an angle lies inside, or within <paramref name="slack"/> times the range outside.</summary>
    public bool Allows(double degrees, double slack = 1) => degrees >= (Least * slack) - 0.5 && degrees <= (Most * slack) + 0.5;
}

/// <summary>
/// What is known of the axes: names as authors write them, mirror partners, normal ranges.
/// </summary>
public static class Axes
{
    /// <summary>How many axes there are.</summary>
    public const int Count = 44;

    /// <summary>Where the right arm's and leg's axes begin; the left ones follow in the same order.</summary>
    public const int FirstRight = (int)Axis.RightGirdleUp;

    /// <summary>Where the left arm's and leg's axes begin.</summary>
    public const int FirstLeft = (int)Axis.LeftGirdleUp;

    /// <summary>How many axes one arm and one leg have together.</summary>
    public const int PerSide = FirstLeft - FirstRight;

    /// <summary>How many of the axes of a side belong to the arm; the rest are the leg's.</summary>
    public const int PerArm = 9;

    private static readonly string[] TrunkNames =
    [
        "pelvis.pitch",
        "pelvis.lean",
        "pelvis.turn",
        "lower.flexion",
        "lower.side",
        "lower.rotation",
        "upper.flexion",
        "upper.side",
        "upper.rotation",
        "neck.flexion",
        "neck.side",
        "neck.rotation",
    ];

    private static readonly string[] LimbNames =
    [
        "girdle.up",
        "girdle.forward",
        "shoulder.plane",
        "shoulder.elevation",
        "shoulder.turn",
        "elbow",
        "forearm",
        "wrist",
        "wrist.deviation",
        "hip.flexion",
        "hip.abduction",
        "hip.turn",
        "knee",
        "ankle",
        "ankle.in",
        "toe",
    ];

    // Normal ranges: American Academy of Orthopaedic Surgeons, Joint Motion (1965), from memory. The thoraco-lumbar sums are
    // shared out lower/upper, and wrist deviation, forearm, girdle, shoulder plane, ankle tilt and toe are common practice, no source.
    private static readonly Range[] TrunkRanges =
    [
        new(-180, 180),
        new(-180, 180),
        new(-180, 180),
        new(-15, 50),
        new(-20, 20),
        new(-8, 8),
        new(-10, 30),
        new(-15, 15),
        new(-37, 37),
        new(-45, 45),
        new(-45, 45),
        new(-60, 60),
    ];

    private static readonly Range[] LimbRanges =
    [
        new(-10, 40),
        new(-25, 30),
        new(-90, 130),
        new(0, 180),
        new(-70, 90),
        new(0, 150),
        new(-80, 80),
        new(-70, 80),
        new(-30, 20),
        new(-30, 120),
        new(-30, 45),
        new(-45, 45),
        new(0, 135),
        new(-50, 20),
        new(-15, 35),
        new(-10, 70),
    ];

    private static readonly string[] Names =
    [
        .. TrunkNames,
        .. LimbNames.Select(name => "right." + name),
        .. LimbNames.Select(name => "left." + name),
    ];

    private static readonly Dictionary<string, Axis[]> ByName = NamesToAxes();

    /// <summary>The side an axis belongs to; the trunk's belong to none.</summary>
    public static Side SideOf(Axis axis) =>
        (int)axis < FirstRight ? Side.None
        : (int)axis < FirstLeft ? Side.Right
        : Side.Left;

    /// <summary>The same axis of the other side; the trunk's are their own partners.</summary>
    public static Axis Mirror(Axis axis) =>
        SideOf(axis) switch
        {
            Side.Right => axis + PerSide,
            Side.Left => axis - PerSide,
            _ => axis,
        };

    /// <summary>Whether the sign of this axis flips in the mirror: leans, side bends, turns and rotations of the trunk.</summary>
    public static bool FlipsInMirror(Axis axis) => SideOf(axis) == Side.None && ((int)axis % 3) != 0;

    /// <summary>The axis of a right limb, taken on <paramref name="side"/>.</summary>
    public static Axis On(this Axis rightAxis, Side side) => side == Side.Left ? Mirror(rightAxis) : rightAxis;

    /// <summary>The normal range, by which loads are measured.</summary>
    public static Range Normal(Axis axis) =>
        SideOf(axis) switch
        {
            Side.Right => LimbRanges[(int)axis - FirstRight],
            Side.Left => LimbRanges[(int)axis - FirstLeft],
            _ => TrunkRanges[(int)axis],
        };

    /// <summary>
    /// The range a shape may use: the normal one, and 80° for the turned head of somebody lying prone at rest (common practice, no
    /// source).
    /// </summary>
    public static Range Allowed(Axis axis) => axis == Axis.NeckRotation ? new(-80, 80) : Normal(axis);

    /// <summary>The name as authors write it, such as <c>neck.side</c> or <c>left.hip.flexion</c>.</summary>
    public static string Name(Axis axis) => Names[(int)axis];

    /// <summary>
    /// The axes an author's name stands for: one, both sides (<c>hip.flexion</c>), or the two parts of the spine
    /// (<c>spine.flexion</c>).
    /// </summary>
    /// <returns>No axes when the name is unknown.</returns>
    public static IReadOnlyList<Axis> Named(string name) => ByName.TryGetValue(name, out var axes) ? axes : [];

    /// <summary>
    /// Shares an angle over the axes of a name: each side gets it whole, the parts of the spine by their range in that direction.
    /// </summary>
    /// <param name="axes">What <see cref="Named"/> returned.</param>
    /// <param name="degrees">The angle as written.</param>
    public static IEnumerable<(Axis Axis, double Degrees)> Share(IReadOnlyList<Axis> axes, double degrees)
    {
        var isSpine = axes.Count == 2 && SideOf(axes[0]) == Side.None;
        if (!isSpine)
            return axes.Select(axis => (axis, degrees));
        double Reach(Axis axis) => degrees < 0 ? -Normal(axis).Least : Normal(axis).Most;
        var whole = axes.Sum(Reach);
        return axes.Select(axis => (axis, degrees * Reach(axis) / whole));
    }

    private static Dictionary<string, Axis[]> NamesToAxes()
    {
        var names = new Dictionary<string, Axis[]>();
        foreach (var axis in Enum.GetValues<Axis>())
            names[Name(axis)] = [axis];
        for (var i = 0; i < PerSide; i++)
            names[LimbNames[i]] = [(Axis)(FirstRight + i), (Axis)(FirstLeft + i)];
        names["spine.flexion"] = [Axis.LowerFlexion, Axis.UpperFlexion];
        names["spine.side"] = [Axis.LowerSide, Axis.UpperSide];
        names["spine.rotation"] = [Axis.LowerRotation, Axis.UpperRotation];
        return names;
    }
}
