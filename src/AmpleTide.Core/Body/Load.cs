namespace AmpleTide.Core.Body;

/// <summary>
/// How far each axis has gone of what it can: 0 at rest, ±1 at the end of its normal range. Spine and neck count from
/// straight; limbs from the base shape of the position, so that sitting does not read as a strong hip stretch, yet its end reaches 1.
/// </summary>
public static class Load
{
    // A base shape this near to the end of a range (kneeling, cross-legged) leaves no way to go that could be told as a load.
    private const double LeastWayToGo = 12;
    private const double Beyond = 1.3;

    /// <summary>The signed load of one axis.</summary>
    /// <param name="axis">Which.</param>
    /// <param name="degrees">Its angle now.</param>
    /// <param name="baseDegrees">Its angle in the base shape of the position.</param>
    public static double Of(Axis axis, double degrees, double baseDegrees)
    {
        var range = Axes.Normal(axis);
        if (axis <= Axis.PelvisTurn)
            return 0;
        var isTrunk = Axes.SideOf(axis) == Side.None;
        var from = isTrunk ? 0 : baseDegrees;
        var way = degrees - from;
        var toEnd = way >= 0 ? range.Most - from : from - range.Least;
        return !isTrunk && toEnd < LeastWayToGo ? 0 : Math.Clamp(way / toEnd, -Beyond, Beyond);
    }

    /// <summary>The loads of all axes, in the order of <see cref="Axis"/>.</summary>
    public static double[] All(Angles angles, Angles baseAngles)
    {
        var loads = new double[Axes.Count];
        for (var i = 0; i < loads.Length; i++)
            loads[i] = Of((Axis)i, angles[(Axis)i], baseAngles[(Axis)i]);
        return loads;
    }
}

/// <summary>
/// Which areas a shape lengthens, by side, from the angles alone: a tilt to the right lengthens the left neck, whatever the move is
/// called. 0 is nothing, 1 the end of what is normal.
/// </summary>
public static class Stretch
{
    /// <summary>One row: the area, and how far the muscles of one side are lengthened.</summary>
    private sealed record Row(Area Area, Func<View, double> Of);

    /// <summary>The angles as the muscles of one side see them: towards is the bend or turn to that side.</summary>
    private readonly ref struct View(Angles angles, double[] loads, Side side)
    {
        private readonly int sign = side == Side.Right ? 1 : -1;

        public double Angle(Axis right) => angles[right.On(side)];

        public double Up(Axis right) => Math.Max(0, loads[(int)right.On(side)]);

        public double Down(Axis right) => Math.Max(0, -loads[(int)right.On(side)]);

        /// <summary>Side bend or rotation of the trunk away from this side.</summary>
        public double Away(Axis trunk) => Math.Max(0, -sign * loads[(int)trunk]);

        public double Towards(Axis trunk) => Math.Max(0, sign * loads[(int)trunk]);

        /// <summary>The arm wound, or the blade drawn, to the front.</summary>
        public double Gathered => 0.8 * Math.Max(Up(Axis.RightGirdleForward), Across);

        /// <summary>The arm, or the blade, drawn back.</summary>
        public double DrawnBack => Math.Max(Opened, 0.7 * Down(Axis.RightGirdleForward));

        public double Raised => Math.Clamp(Angle(Axis.RightShoulderElevation) / 60, 0, 1);

        public double Across => Raised * Math.Clamp((Angle(Axis.RightShoulderPlane) - 85) / 40, 0, 1);

        public double Opened => Raised * Math.Clamp(-Angle(Axis.RightShoulderPlane) / 35, 0, 1);

        public double Overhead => Math.Clamp((Angle(Axis.RightShoulderElevation) - 110) / 65, 0, 1);
    }

    // Weights are by anatomy and eye; common practice, no source.
    private static readonly Row[] Rows =
    [
        new(
            Area.Neck,
            v =>
                Max(
                    v.Away(Axis.NeckSide),
                    0.85 * v.Up(Axis.NeckFlexion),
                    0.6 * v.Away(Axis.NeckRotation),
                    0.6 * v.Towards(Axis.NeckRotation),
                    0.5 * v.Down(Axis.NeckFlexion)
                )
        ),
        new(
            Area.Shoulders,
            v =>
                Max(
                    v.Across,
                    0.7 * v.Overhead,
                    0.9 * v.Opened,
                    0.7 * v.Up(Axis.RightShoulderTurn) * v.Raised,
                    0.7 * v.Down(Axis.RightShoulderTurn),
                    0.6 * v.Away(Axis.NeckSide),
                    0.6 * v.Up(Axis.RightGirdleUp)
                )
        ),
        new(Area.UpperBack, v => Max(v.Up(Axis.UpperFlexion), v.Gathered, 0.5 * v.Towards(Axis.UpperRotation))),
        new(Area.Chest, v => Max(v.Down(Axis.UpperFlexion), v.DrawnBack, 0.5 * v.Overhead)),
        new(Area.Arms, v => Max(v.Overhead * Math.Clamp(v.Angle(Axis.RightElbow) / 120, 0, 1), 0.6 * v.Opened, 0.4 * v.Overhead)),
        new(Area.WristsHands, v => Max(Math.Clamp(v.Angle(Axis.RightWrist) / 80, 0, 1), Math.Clamp(-v.Angle(Axis.RightWrist) / 70, 0, 1))),
        new(Area.SideBody, v => Max(v.Away(Axis.LowerSide), v.Away(Axis.UpperSide), 0.4 * v.Overhead)),
        new(Area.MidBack, v => Max(v.Towards(Axis.UpperRotation), 0.8 * v.Away(Axis.UpperRotation), 0.6 * v.Up(Axis.UpperFlexion))),
        new(Area.LowBack, v => Max(v.Up(Axis.LowerFlexion), 0.7 * v.Away(Axis.LowerRotation), 0.7 * v.Towards(Axis.LowerRotation))),
        new(Area.HipFront, v => Math.Clamp(-v.Angle(Axis.RightHipFlexion) / 30, 0, 1)),
        new(
            Area.OuterHip,
            v =>
                Max(
                    v.Up(Axis.RightHipTurn) * Math.Clamp(v.Angle(Axis.RightHipFlexion) / 60, 0, 1),
                    v.Down(Axis.RightHipAbduction),
                    0.6 * v.Down(Axis.RightHipTurn)
                )
        ),
        new(Area.InnerThigh, v => Math.Clamp((v.Angle(Axis.RightHipAbduction) - 10) / 35, 0, 1)),
        new(
            Area.Hamstrings,
            v =>
                Math.Clamp((v.Angle(Axis.RightHipFlexion) - (0.7 * v.Angle(Axis.RightKnee))) / 80, 0, 1)
                // Behind a knee that is bent far they are slack, however far the hip is bent.
                * Math.Clamp((75 - v.Angle(Axis.RightKnee)) / 25, 0, 1)
        ),
        new(Area.Thighs, v => Math.Clamp((v.Angle(Axis.RightKnee) - 90 - v.Angle(Axis.RightHipFlexion)) / 45, 0, 1)),
        new(Area.Calves, v => v.Angle(Axis.RightKnee) < 25 ? Math.Clamp(v.Angle(Axis.RightAnkle) / 20, 0, 1) : 0),
        new(Area.Feet, v => Max(Math.Clamp(v.Angle(Axis.RightToe) / 70, 0, 1), 0.7 * v.Down(Axis.RightAnkle))),
    ];

    /// <summary>How far each area is lengthened.</summary>
    /// <param name="angles">The shape's angles.</param>
    /// <param name="loads">Its loads, see <see cref="Load.All"/>.</param>
    /// <param name="side">Whose muscles: right or left.</param>
    /// <returns>One number an area, in the order of <see cref="Area"/>.</returns>
    public static double[] Of(Angles angles, double[] loads, Side side)
    {
        var stretch = new double[Areas.Count];
        foreach (var row in Rows)
            stretch[(int)row.Area] = row.Of(new View(angles, loads, side));
        return stretch;
    }

    /// <summary>How far the shoulder girdle is gathered in front (+) or drawn back (−), on the mean of both sides.</summary>
    /// <param name="angles">The shape's angles.</param>
    /// <param name="loads">Its loads.</param>
    public static double Girdle(Angles angles, double[] loads)
    {
        var right = new View(angles, loads, Side.Right);
        var left = new View(angles, loads, Side.Left);
        var (gathered, back) = ((right.Gathered + left.Gathered) / 2, (right.DrawnBack + left.DrawnBack) / 2);
        return gathered > back ? gathered : -back;
    }

    private static double Max(params ReadOnlySpan<double> values)
    {
        var most = 0.0;
        foreach (var value in values)
            most = Math.Max(most, value);
        return most;
    }
}
