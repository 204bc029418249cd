using MathNet.Numerics.LinearAlgebra;
using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Body;

/// <summary>What a shape must satisfy when it is placed.</summary>
/// <param name="Start">The angles to stay near to.</param>
/// <param name="Pelvis">Where to begin looking for the pelvis.</param>
/// <param name="Named">The axes the author named: they are kept as they are.</param>
/// <param name="Contacts">What rests on what; planted contacts keep their spot.</param>
/// <param name="Touches">Which parts of the body must meet.</param>
/// <param name="Allowed">The range of each axis, in degrees.</param>
public sealed record PlacementTask(
    Angles Start,
    Vector Pelvis,
    IReadOnlySet<Axis> Named,
    IReadOnlyList<Contact> Contacts,
    IReadOnlyList<Touch> Touches,
    IReadOnlyList<Range> Allowed
);

/// <summary>A placed shape and how well it fits.</summary>
/// <param name="Shape">The shape, contacts planted where they came to lie.</param>
/// <param name="Residual">The largest distance of a contact or touch from where it should be, in statures.</param>
/// <param name="Worst">The contact or touch that is farthest off.</param>
public sealed record Placed(Shape Shape, double Residual, string Worst);

/// <summary>
/// Puts a body on its ground: least squares over the place and tilt of the pelvis and those axes of the touching limbs that the
/// author left unnamed, within their ranges (Levenberg–Marquardt with a numeric Jacobian).
/// </summary>
public sealed class Placement
{
    /// <summary>
    /// Goes up by one whenever the same task is placed differently: shapes that were placed before a start are kept by it. A test holds it
    /// to what the solver does.
    /// </summary>
    public const int Version = 1;

    /// <summary>How far a contact may be off before it is an error: 2 cm of a stature of 1.70 m.</summary>
    public const double MostResidual = 0.02 / 1.70;

    // How strongly the unnamed angles stay near their start, in statures per radian: first firmly, then hardly.
    private static readonly double[] HoldOn = [0.05, 0.012, 0.003];
    private const double BalanceWeight = 0.7;
    private const int MostSteps = 30;

    // Balls that may not sink into the floor: joint, place, radius.
    private static readonly (Segment Segment, Vector Place, double Radius)[] Balls =
    [
        (Segment.Pelvis, new(0, 0, 0), 0.051),
        (Segment.Lower, new(0, 0.06, 0), 0.055),
        (Segment.Neck, new(0, -0.06, 0), 0.055),
        (Segment.Head, new(0, HeadCentre, 0), HeadRadius - 0.004),
        .. Limb(0),
        .. Limb(7),
    ];

    private readonly PlacementTask task;
    private readonly Axis[] free;
    private readonly double[] angles;
    private readonly Skeleton body;
    private readonly double[] residuals;
    private readonly bool balances;
    private Vector pelvis;

    private Placement(PlacementTask task)
    {
        this.task = task;
        angles = task.Start.ToArray();
        pelvis = task.Pelvis;
        free = FreeAxes(task);
        body = new(angles, pelvis);
        balances = task.Contacts.Count > 0 && task.Contacts.All(c => !c.On.IsWall);
        residuals = new double[(task.Contacts.Count * 3) + (task.Touches.Count * 3) + Balls.Length + 2 + 2 + free.Length];
    }

    /// <summary>Places a shape.</summary>
    /// <returns>The best fit found; look at its residual.</returns>
    public static Placed Solve(PlacementTask task)
    {
        var placement = new Placement(task);
        foreach (var weight in HoldOn)
            placement.Descend(weight);
        return placement.Result();
    }

    private static IEnumerable<(Segment, Vector, double)> Limb(int offset) =>
        [
            (Segment.RightForearm + offset, new(0, 0, 0), ElbowRadius),
            (Segment.RightHand + offset, new(0, 0, 0), WristRadius),
            (Segment.RightHand + offset, new(0, -Hand, 0), FingerRadius),
            (Segment.RightShank + offset, new(0, 0, 0), KneeRadius),
            (Segment.RightFoot + offset, new(0, 0, 0), AnkleRadius),
            (Segment.RightFoot + offset, new(0, -0.027, -0.028), 0.012),
            (Segment.RightToes + offset, new(0, 0, Toe - ToeRadius), ToeRadius - 0.002),
            (Segment.RightUpperArm + offset, new(0, 0, 0), UpperArmRadius),
        ];

    private static Axis[] FreeAxes(PlacementTask task)
    {
        var marks = task.Contacts.Select(c => c.Mark).Concat(task.Touches.SelectMany(t => new[] { t.Mark, t.On }));
        var parts = marks.Select(m => m.Segment).Where(s => s >= Segment.RightUpperArm).ToHashSet();
        var axes = new List<Axis>();
        if (task.Contacts.Count > 0)
            axes.AddRange([Axis.PelvisPitch, Axis.PelvisLean]);
        foreach (var offset in new[] { 0, 7 })
        {
            var shift = offset == 0 ? 0 : Axes.PerSide;
            if (Enumerable.Range((int)Segment.RightUpperArm + offset, 3).Any(s => parts.Contains((Segment)s)))
                axes.AddRange(Enumerable.Range((int)Axis.RightShoulderPlane + shift, 7).Select(i => (Axis)i));
            if (Enumerable.Range((int)Segment.RightThigh + offset, 4).Any(s => parts.Contains((Segment)s)))
                axes.AddRange(Enumerable.Range((int)Axis.RightHipFlexion + shift, 6).Select(i => (Axis)i));
        }
        return [.. axes.Where(a => !task.Named.Contains(a))];
    }

    private void Descend(double holdOn)
    {
        var damping = 1e-3;
        var cost = Cost(holdOn);
        for (var step = 0; step < MostSteps; step++)
        {
            var (normal, gradient) = Linearise(holdOn);
            var improved = false;
            for (var tries = 0; tries < 5 && !improved; tries++)
            {
                var damped = normal.Clone();
                for (var i = 0; i < gradient.Count; i++)
                    damped[i, i] += damping * (normal[i, i] + 1e-6);
                var delta = damped.Cholesky().Solve(gradient);
                var (keptAngles, keptPelvis) = (((double[])angles.Clone()), pelvis);
                Move(delta);
                var after = Cost(holdOn);
                improved = after < cost * (1 - 1e-7);
                if (improved)
                {
                    damping = Math.Max(damping / 4, 1e-7);
                    if (cost - after < cost * 1e-4)
                        return;
                    cost = after;
                }
                else
                {
                    keptAngles.CopyTo(angles, 0);
                    pelvis = keptPelvis;
                    damping *= 6;
                }
            }
            if (!improved)
                return;
        }
    }

    private (Matrix<double> Normal, Vector<double> Gradient) Linearise(double holdOn)
    {
        const double h = 1e-5;
        Cost(holdOn);
        var at = (double[])residuals.Clone();
        var n = 3 + free.Length;
        var columns = new double[n][];
        for (var k = 0; k < n; k++)
        {
            Nudge(k, h);
            Cost(holdOn);
            Nudge(k, -h);
            var column = columns[k] = new double[at.Length];
            for (var i = 0; i < at.Length; i++)
                column[i] = (residuals[i] - at[i]) / h;
        }
        var normal = Matrix<double>.Build.Dense(n, n);
        var gradient = Vector<double>.Build.Dense(n);
        for (var i = 0; i < n; i++)
        {
            gradient[i] = -Dot(columns[i], at);
            for (var j = 0; j <= i; j++)
                normal[i, j] = normal[j, i] = Dot(columns[i], columns[j]) + (i == j ? 1e-10 : 0);
        }
        return (normal, gradient);
    }

    private static double Dot(double[] a, double[] b) => System.Numerics.Tensors.TensorPrimitives.Dot<double>(a, b);

    // The unknowns: pelvis x, y, z in statures, then the free axes in radians.
    private void Nudge(int unknown, double by)
    {
        switch (unknown)
        {
            case 0:
                pelvis = pelvis with { X = pelvis.X + by };
                break;
            case 1:
                pelvis = pelvis with { Y = pelvis.Y + by };
                break;
            case 2:
                pelvis = pelvis with { Z = pelvis.Z + by };
                break;
            default:
                angles[(int)free[unknown - 3]] += by * 180 / Math.PI;
                break;
        }
    }

    private void Move(Vector<double> delta)
    {
        pelvis += new Vector(delta[0], delta[1], delta[2]);
        for (var i = 0; i < free.Length; i++)
        {
            var axis = (int)free[i];
            var range = task.Allowed[axis];
            var turn = Math.Clamp(delta[i + 3] * 180 / Math.PI, -40, 40);
            angles[axis] = Math.Clamp(angles[axis] + turn, range.Least, range.Most);
        }
    }

    private double Cost(double holdOn)
    {
        body.Pose(angles, pelvis);
        var i = 0;
        foreach (var contact in task.Contacts)
        {
            var p = contact.Mark.On(body);
            var wall = contact.On.IsWall;
            residuals[i++] = wall ? 0 : p.Y - contact.On.Height;
            residuals[i++] = contact.Planted is { } spot ? p.X - spot.X : 0;
            residuals[i++] =
                contact.Planted is { } keep ? p.Z - keep.Z
                : wall ? p.Z
                : 0;
        }
        foreach (var touch in task.Touches)
        {
            var apart = touch.Mark.On(body) - touch.On.On(body);
            (residuals[i++], residuals[i++], residuals[i++]) = (apart.X, apart.Y, apart.Z);
        }
        foreach (var (segment, place, radius) in Balls)
        {
            var height = body[segment].At(place.X, place.Y, place.Z).Y;
            residuals[i++] = Math.Min(0, height - radius);
        }
        var (outX, outZ) = balances ? Balance.Outside(body, task.Contacts) : (0, 0);
        (residuals[i++], residuals[i++]) = (outX * BalanceWeight, outZ * BalanceWeight);
        // Nothing planted: the pelvis stays about where it was, so that the answer is one and not many.
        (residuals[i++], residuals[i++]) = ((pelvis.X - task.Pelvis.X) * 0.01, (pelvis.Z - task.Pelvis.Z) * 0.01);
        for (var k = 0; k < free.Length; k++)
            residuals[i++] = (angles[(int)free[k]] - task.Start[free[k]]) * (Math.PI / 180) * holdOn;
        return Dot(residuals, residuals);
    }

    private Placed Result()
    {
        Cost(0);
        var worst = (Off: 0.0, Name: "");
        void Consider(double off, string name)
        {
            if (off > worst.Off)
                worst = (off, name);
        }
        var planted = new List<Contact>();
        foreach (var contact in task.Contacts)
        {
            var p = contact.Mark.On(body);
            var want = contact.Planted ?? p;
            var off = contact.On.IsWall ? 0 : p.Y - contact.On.Height;
            Consider(new Vector(p.X - want.X, off, p.Z - want.Z).Length, $"{contact.Mark.Name} on {contact.On.Name}");
            planted.Add(contact with { Planted = want });
        }
        foreach (var touch in task.Touches)
            Consider((touch.Mark.On(body) - touch.On.On(body)).Length, $"{touch.Mark.Name} on {touch.On.Name}");
        return new(new Shape(Angles.From(angles), pelvis, planted, task.Touches), worst.Off, worst.Name);
    }
}
