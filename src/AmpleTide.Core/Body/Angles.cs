namespace AmpleTide.Core.Body;

/// <summary>The angles of all axes, in degrees. Immutable.</summary>
public sealed class Angles : IEquatable<Angles>
{
    private readonly double[] degrees;

    private Angles(double[] degrees) => this.degrees = degrees;

    /// <summary>All axes at zero: standing straight, arms hanging.</summary>
    public static Angles Zero { get; } = new(new double[Axes.Count]);

    /// <summary>The angle of one axis.</summary>
    public double this[Axis axis] => degrees[(int)axis];

    /// <summary>Angles from a full array.</summary>
    /// <exception cref="ArgumentException">The array has another length than there are axes.</exception>
    public static Angles From(ReadOnlySpan<double> degrees) =>
        degrees.Length == Axes.Count
            ? new(degrees.ToArray())
            : throw new ArgumentException($"{Axes.Count} angles are needed, {degrees.Length} were given", nameof(degrees));

    /// <summary>A copy that can be worked on.</summary>
    public double[] ToArray() => (double[])degrees.Clone();

    /// <summary>All angles in the order of <see cref="Axis"/>.</summary>
    public ReadOnlySpan<double> AsSpan() => degrees;

    /// <summary>The same angles but for the given ones.</summary>
    public Angles With(IEnumerable<KeyValuePair<Axis, double>> changes)
    {
        var copy = ToArray();
        foreach (var (axis, value) in changes)
            copy[(int)axis] = value;
        return new(copy);
    }

    /// <summary>Right and left swapped. Mirroring twice is the identity.</summary>
    public Angles Mirror()
    {
        var mirrored = new double[Axes.Count];
        for (var i = 0; i < Axes.Count; i++)
            mirrored[(int)Axes.Mirror((Axis)i)] = Axes.FlipsInMirror((Axis)i) ? -degrees[i] : degrees[i];
        return new(mirrored);
    }

    /// <summary>
    /// The way from these angles to others, by angle. An arm that hangs or ends hanging has no plane of its own, so it moves
    /// in the plane of its other end, or in that of the way where the move says by which way it goes.
    /// </summary>
    /// <param name="end">Where it leads.</param>
    /// <param name="t">0 at the start, 1 at the end.</param>
    /// <param name="passage">By which way; null for the shortest.</param>
    public Angles Blend(Angles end, double t, Passage? passage = null)
    {
        passage ??= Passage.Plain;
        var halfWay = 4 * t * (1 - t);
        var blended = new double[Axes.Count];
        for (var i = 0; i < Axes.Count; i++)
            blended[i] = degrees[i] + ((end.degrees[i] - degrees[i]) * t);
        BlendArm(Axis.RightShoulderPlane);
        BlendArm(Axis.LeftShoulderPlane);
        foreach (var (axis, degrees) in passage.Detour)
            blended[(int)axis] += degrees * halfWay;
        return new(blended);

        void BlendArm(Axis plane)
        {
            const double hanging = 12; // degrees of elevation below which the plane says nothing
            var (elevation, turn, elbow) = (plane + 1, plane + 2, plane + 3);
            var from = this[elevation] < hanging ? passage.ArmPlane ?? end[plane] : this[plane];
            var to = end[elevation] < hanging ? passage.ArmPlane ?? this[plane] : end[plane];
            // On its way behind the back a bent arm would go through the trunk: it straightens, swings back and then bends; and comes
            // back the other way round.
            var (isBehind, willBe) = (IsBehind(this, plane), IsBehind(end, plane));
            var (early, late) = (1 - Math.Pow(1 - t, 3), Math.Pow(t, 3));
            var (leads, follows) =
                isBehind == willBe ? (t, t)
                : willBe ? (early, late)
                : (late, early);
            blended[(int)plane] = from + ((to - from) * leads);
            foreach (var axis in new[] { turn, elbow })
                blended[(int)axis] = this[axis] + ((end[axis] - this[axis]) * follows);
            const double straightens = 0.8;
            if (isBehind != willBe)
                blended[(int)elbow] *= 1 - (straightens * halfWay);
        }
    }

    // Degrees by which an arm is lifted, and behind the shoulder, before it counts as behind the back; by eye, no source.
    private static bool IsBehind(Angles angles, Axis plane) => angles[plane] < -40 && angles[plane + 1] > 12;

    /// <inheritdoc/>
    public bool Equals(Angles? other) => other is not null && degrees.AsSpan().SequenceEqual(other.degrees);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Angles);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(degrees[0], degrees[3], degrees[12], degrees[30]);
}
