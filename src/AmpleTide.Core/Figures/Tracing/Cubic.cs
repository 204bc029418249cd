using System.Numerics;

namespace AmpleTide.Core.Figures.Tracing;

/// <summary>A cubic curve: its ends and the two points it leaves and arrives by. In pixels.</summary>
internal readonly record struct Cubic(Vector2 A, Vector2 B, Vector2 C, Vector2 D)
{
    public Cubic Reversed => new(D, C, B, A);

    /// <summary>A point of it, t from 0 to 1.</summary>
    public Vector2 At(float t)
    {
        var s = 1 - t;
        return (A * (s * s * s)) + (B * (3 * s * s * t)) + (C * (3 * s * t * t)) + (D * (t * t * t));
    }

    /// <summary>Whether it goes straight.</summary>
    public bool IsStraight
    {
        get
        {
            const float share = .02f;
            var chord = D - A;
            var most = share * chord.Length();
            return MathF.Abs(Cross(B - A, chord)) < most && MathF.Abs(Cross(C - A, chord)) < most;
        }
    }

    private static float Cross(Vector2 a, Vector2 b) => (a.X * b.Y) - (a.Y * b.X);
}

/// <summary>What vectors lack.</summary>
internal static class Directions
{
    /// <summary>Of length 1; zero stays zero.</summary>
    public static Vector2 Unit(this Vector2 v)
    {
        var length = v.Length();
        return length < 1e-6f ? Vector2.Zero : v / length;
    }
}
