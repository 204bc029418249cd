using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Body;

/// <summary>Where the body's weight is, and on what it rests.</summary>
public static class Balance
{
    // Half the width of a foot, a palm or a knee in statures: a contact is not a point. By eye, no source.
    private const double ContactHalfWidth = 0.022;

    /// <summary>The centre of mass, in statures. Source: the segment table in <see cref="Segments"/>.</summary>
    public static Vector CentreOfMass(Skeleton body)
    {
        var sum =
            body[Segment.Pelvis].At(0, 0.010, 0) * PelvisMass
            + body[Segment.Lower].At(0, LowerSpine * 0.55, 0.010) * AbdomenMass
            + body.Chest.At(0, -UpperSpine * 0.45, 0.005) * ThoraxMass
            + body[Segment.Head].At(0, HeadCentre * 0.8, 0.005) * HeadMass;
        sum += Limbs(body, 0) + Limbs(body, 7);
        return sum;
    }

    private static Vector Limbs(Skeleton body, int offset) =>
        (body[Segment.RightUpperArm + offset].At(0, -UpperArm * UpperArmCentre, 0) * UpperArmMass)
        + (body[Segment.RightForearm + offset].At(0, -Forearm * ForearmCentre, 0) * ForearmMass)
        + (body[Segment.RightHand + offset].At(0, -Hand * HandCentre, 0) * HandMass)
        + (body[Segment.RightThigh + offset].At(0, -Thigh * ThighCentre, 0) * ThighMass)
        + (body[Segment.RightShank + offset].At(0, -Shank * ShankCentre, 0) * ShankMass)
        + (body[Segment.RightFoot + offset].At(0, -FootHeight / 2, 0.030) * FootMass);

    /// <summary>How far the centre of mass lies outside the ground the contacts cover, in statures; 0 when it is inside.</summary>
    public static (double X, double Z) Outside(Skeleton body, IReadOnlyList<Contact> contacts)
    {
        double left = double.MaxValue,
            right = double.MinValue,
            back = double.MaxValue,
            front = double.MinValue;
        foreach (var contact in contacts)
        {
            if (contact.On.IsWall)
                continue;
            var p = contact.Mark.On(body);
            (left, right) = (Math.Min(left, p.X), Math.Max(right, p.X));
            (back, front) = (Math.Min(back, p.Z), Math.Max(front, p.Z));
        }
        if (left > right)
            return (0, 0);
        var centre = CentreOfMass(body);
        return (Beyond(centre.X, left - ContactHalfWidth, right + ContactHalfWidth), Beyond(centre.Z, back - 0.005, front + 0.005));
    }

    private static double Beyond(double value, double least, double most) =>
        value < least ? value - least
        : value > most ? value - most
        : 0;

    /// <summary>
    /// The share of the weight each contact carries: the least-norm non-negative vertical forces that balance the centre of mass.
    /// </summary>
    /// <returns>One share per contact, adding up to 1; walls carry none. All zero when nothing carries the body.</returns>
    public static double[] Shares(Skeleton body, IReadOnlyList<Contact> contacts)
    {
        var shares = new double[contacts.Count];
        var carrying = Enumerable.Range(0, contacts.Count).Where(i => !contacts[i].On.IsWall).ToList();
        var centre = CentreOfMass(body);
        var points = contacts.Select(c => c.Mark.On(body)).ToArray();
        // Forces that would pull are dropped one at a time; each turn shortens the list, so it ends.
        while (carrying.Count > 0)
        {
            var forces = LeastNorm(carrying.ConvertAll(i => points[i]), centre);
            var worst = Enumerable.Range(0, forces.Length).MinBy(i => forces[i]);
            if (forces[worst] >= -1e-9 || carrying.Count == 1)
            {
                for (var i = 0; i < carrying.Count; i++)
                    shares[carrying[i]] = Math.Max(0, forces[i]);
                break;
            }
            carrying.RemoveAt(worst);
        }
        var sum = shares.Sum();
        return sum > 0 ? [.. shares.Select(s => s / sum)] : shares;
    }

    // Minimises Σf² with Σf = 1 and the moments of f balanced about the centre of mass, the moments softly, so that
    // contacts in one line or one point still have an answer.
    private static double[] LeastNorm(List<Vector> points, Vector centre)
    {
        const double soft = 1e-4;
        var n = points.Count;
        var a = MathNet.Numerics.LinearAlgebra.Matrix<double>.Build.Dense(
            n,
            n,
            (i, j) =>
            {
                double dx = points[i].X - centre.X,
                    dz = points[i].Z - centre.Z;
                double ex = points[j].X - centre.X,
                    ez = points[j].Z - centre.Z;
                return 1 + (dx * ex) + (dz * ez) + (i == j ? soft : 0);
            }
        );
        return [.. a.Cholesky().Solve(MathNet.Numerics.LinearAlgebra.Vector<double>.Build.Dense(n, 1))];
    }
}
