namespace AmpleTide.Core.Body;

/// <summary>What can be taken hold of on a figure, and the axes that follow.</summary>
/// <param name="Name">As a request names it: <c>right.hand</c>, <c>head</c>.</param>
/// <param name="Mark">The point that is held.</param>
/// <param name="Chain">The axes that move it.</param>
public sealed record Handle(string Name, Landmark Mark, IReadOnlyList<Axis> Chain)
{
    private static readonly Axis[] Arm = [Axis.RightShoulderPlane, Axis.RightShoulderElevation, Axis.RightShoulderTurn];
    private static readonly Axis[] Leg = [Axis.RightHipFlexion, Axis.RightHipAbduction, Axis.RightHipTurn];

    private static readonly Axis[] Head =
    [
        Axis.LowerFlexion,
        Axis.LowerSide,
        Axis.UpperFlexion,
        Axis.UpperSide,
        Axis.NeckFlexion,
        Axis.NeckSide,
    ];

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Handle> All { get; } =
    [
        new("head", Landmark.Find("crown")!, Head),
        .. Pair("hand", "knuckles", [.. Arm, Axis.RightElbow]),
        .. Pair("elbow", "elbow", Arm[..2]),
        .. Pair("knee", "knee", Leg),
        .. Pair("foot", "ankle", [.. Leg, Axis.RightKnee]),
    ];

    private static IEnumerable<Handle> Pair(string name, string mark, Axis[] chain) =>
        new[] { Side.Right, Side.Left }.Select(side => new Handle(
            $"{side.ToString().ToLowerInvariant()}.{name}",
            Landmark.Find($"{side.ToString().ToLowerInvariant()}.{mark}")!,
            [.. chain.Select(a => a.On(side))]
        ));
}

/// <summary>
/// Brings a handle to where it is dragged in the plane of the picture, by the axes of its chain alone: damped least squares, the ranges
/// hard. What rests on the floor is not looked at; placement does that once the handle is let go.
/// </summary>
public static class Reach
{
    private const int Steps = 24;
    private const double Step = 0.5; // degrees, for the numeric Jacobian
    private const double Damping = 2e-4; // statures² per radian²: joints move no further than they must
    private const double MostTurn = 25; // degrees a step
    private const double Near = 1e-4; // statures

    // An arm that hangs straight down has no plane to be lifted in; so much lift gives it one.
    private const double LeastLift = 4;

    /// <summary>The angles that bring the handle nearest to the target.</summary>
    /// <param name="angles">Where the body is.</param>
    /// <param name="pelvis">Where the pelvis is; it stays.</param>
    /// <param name="handle">What is dragged.</param>
    /// <param name="view">Turns the room into the picture: x right, y up, z towards the viewer.</param>
    /// <param name="targetX">Where it is wanted in the turned room, in statures.</param>
    /// <param name="targetY">The same, up.</param>
    /// <param name="allowed">The range of each axis, in degrees.</param>
    public static Angles Towards(
        Angles angles,
        Vector pelvis,
        Handle handle,
        Rotation view,
        double targetX,
        double targetY,
        IReadOnlyList<Range> allowed
    )
    {
        var at = angles.ToArray();
        Lift(at, handle);
        var body = new Skeleton(at, pelvis);
        var chain = handle.Chain;
        Span<(double X, double Y)> slopes = stackalloc (double, double)[chain.Count];
        for (var step = 0; step < Steps; step++)
        {
            var here = Seen(at);
            var (offX, offY) = (targetX - here.X, targetY - here.Y);
            if ((offX * offX) + (offY * offY) < Near * Near)
                break;
            for (var i = 0; i < chain.Count; i++)
            {
                at[(int)chain[i]] += Step;
                var there = Seen(at);
                at[(int)chain[i]] -= Step;
                slopes[i] = ((there.X - here.X) / Step, (there.Y - here.Y) / Step);
            }
            Turn(at, chain, slopes, offX, offY, allowed);
        }
        return Angles.From(at);

        Vector Seen(double[] pose)
        {
            body.Pose(pose, pelvis);
            return view * handle.Mark.On(body);
        }
    }

    // Two rows, many columns: JJᵀ is two by two, and solved by hand.
    private static void Turn(
        double[] at,
        IReadOnlyList<Axis> chain,
        Span<(double X, double Y)> slopes,
        double offX,
        double offY,
        IReadOnlyList<Range> allowed
    )
    {
        const double radian = Math.PI / 180;
        var (a, b, d) = (Damping * radian * radian, 0.0, Damping * radian * radian);
        foreach (var (x, y) in slopes)
            (a, b, d) = (a + (x * x), b + (x * y), d + (y * y));
        var whole = (a * d) - (b * b);
        var (u, v) = (((d * offX) - (b * offY)) / whole, ((a * offY) - (b * offX)) / whole);
        for (var i = 0; i < chain.Count; i++)
        {
            var axis = (int)chain[i];
            var turn = Math.Clamp((slopes[i].X * u) + (slopes[i].Y * v), -MostTurn, MostTurn);
            at[axis] = Math.Clamp(at[axis] + turn, allowed[axis].Least, allowed[axis].Most);
        }
    }

    private static void Lift(double[] at, Handle handle)
    {
        foreach (var axis in handle.Chain)
            if (axis is Axis.RightShoulderElevation or Axis.LeftShoulderElevation)
                at[(int)axis] = Math.Max(at[(int)axis], LeastLift);
    }
}
