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
    /// in the plane of its other end, or in <paramref name="armPlane"/> where the move says by which way it goes.
    /// </summary>
    /// <param name="end">Where it leads.</param>
    /// <param name="t">0 at the start, 1 at the end.</param>
    /// <param name="armPlane">The plane the arms pass through half-way, in degrees, or null.</param>
    public Angles Blend(Angles end, double t, double? armPlane = null)
    {
        var blended = new double[Axes.Count];
        for (var i = 0; i < Axes.Count; i++)
            blended[i] = degrees[i] + ((end.degrees[i] - degrees[i]) * t);
        BlendPlane(Axis.RightShoulderPlane);
        BlendPlane(Axis.LeftShoulderPlane);
        return new(blended);

        void BlendPlane(Axis plane)
        {
            const double hanging = 12; // degrees of elevation below which the plane says nothing
            var elevation = plane + 1;
            var from = this[elevation] < hanging ? armPlane ?? end[plane] : this[plane];
            var to = end[elevation] < hanging ? armPlane ?? this[plane] : end[plane];
            blended[(int)plane] = from + ((to - from) * t);
        }
    }

    /// <inheritdoc/>
    public bool Equals(Angles? other) => other is not null && degrees.AsSpan().SequenceEqual(other.degrees);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Angles);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(degrees[0], degrees[3], degrees[12], degrees[30]);
}
