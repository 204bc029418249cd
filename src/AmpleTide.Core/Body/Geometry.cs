namespace AmpleTide.Core.Body;

/// <summary>A point or direction; x to the body's left, y up, z forward; lengths in statures.</summary>
public readonly record struct Vector(double X, double Y, double Z)
{
    /// <summary>Straight up.</summary>
    public static readonly Vector Up = new(0, 1, 0);

    /// <summary>The sum.</summary>
    public static Vector operator +(Vector a, Vector b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    /// <summary>The difference.</summary>
    public static Vector operator -(Vector a, Vector b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    /// <summary>The same direction, <paramref name="k"/> times as long.</summary>
    public static Vector operator *(Vector a, double k) => new(a.X * k, a.Y * k, a.Z * k);

    /// <summary>The dot product.</summary>
    public double Dot(Vector b) => (X * b.X) + (Y * b.Y) + (Z * b.Z);

    /// <summary>The length.</summary>
    public double Length => Math.Sqrt(Dot(this));

    /// <summary>The straight way from this point to another, <paramref name="t"/> from 0 to 1.</summary>
    public Vector Towards(Vector b, double t) => this + ((b - this) * t);
}

/// <summary>
/// A rotation as a 3×3 matrix, rows first. Right-handed: a positive turn about an axis that points at you runs counter-clockwise.
/// </summary>
public readonly record struct Rotation(
    double M11,
    double M12,
    double M13,
    double M21,
    double M22,
    double M23,
    double M31,
    double M32,
    double M33
)
{
    private const double Radian = Math.PI / 180;

    /// <summary>No rotation.</summary>
    public static readonly Rotation None = new(1, 0, 0, 0, 1, 0, 0, 0, 1);

    /// <summary>About x (the body's left) by degrees: bows forward.</summary>
    public static Rotation X(double degrees)
    {
        if (degrees == 0)
            return None;
        var (s, c) = Math.SinCos(degrees * Radian);
        return new(1, 0, 0, 0, c, -s, 0, s, c);
    }

    /// <summary>About y (up) by degrees: turns to the left.</summary>
    public static Rotation Y(double degrees)
    {
        if (degrees == 0)
            return None;
        var (s, c) = Math.SinCos(degrees * Radian);
        return new(c, 0, s, 0, 1, 0, -s, 0, c);
    }

    /// <summary>About z (forward) by degrees: leans to the right.</summary>
    public static Rotation Z(double degrees)
    {
        if (degrees == 0)
            return None;
        var (s, c) = Math.SinCos(degrees * Radian);
        return new(c, -s, 0, s, c, 0, 0, 0, 1);
    }

    /// <summary>About a horizontal axis (x, 0, z) of length one, by degrees.</summary>
    public static Rotation AboutHorizontal(double x, double z, double degrees)
    {
        if (degrees == 0)
            return None;
        var (s, c) = Math.SinCos(degrees * Radian);
        var d = 1 - c;
        return new(c + (x * x * d), -z * s, x * z * d, z * s, c, -x * s, x * z * d, x * s, c + (z * z * d));
    }

    /// <summary>First <paramref name="b"/>, then <paramref name="a"/>.</summary>
    public static Rotation operator *(Rotation a, Rotation b) =>
        new(
            (a.M11 * b.M11) + (a.M12 * b.M21) + (a.M13 * b.M31),
            (a.M11 * b.M12) + (a.M12 * b.M22) + (a.M13 * b.M32),
            (a.M11 * b.M13) + (a.M12 * b.M23) + (a.M13 * b.M33),
            (a.M21 * b.M11) + (a.M22 * b.M21) + (a.M23 * b.M31),
            (a.M21 * b.M12) + (a.M22 * b.M22) + (a.M23 * b.M32),
            (a.M21 * b.M13) + (a.M22 * b.M23) + (a.M23 * b.M33),
            (a.M31 * b.M11) + (a.M32 * b.M21) + (a.M33 * b.M31),
            (a.M31 * b.M12) + (a.M32 * b.M22) + (a.M33 * b.M32),
            (a.M31 * b.M13) + (a.M32 * b.M23) + (a.M33 * b.M33)
        );

    /// <summary>The turned vector.</summary>
    public static Vector operator *(Rotation a, Vector v) =>
        new(
            (a.M11 * v.X) + (a.M12 * v.Y) + (a.M13 * v.Z),
            (a.M21 * v.X) + (a.M22 * v.Y) + (a.M23 * v.Z),
            (a.M31 * v.X) + (a.M32 * v.Y) + (a.M33 * v.Z)
        );
}
