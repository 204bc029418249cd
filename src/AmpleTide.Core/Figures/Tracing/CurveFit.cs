using System.Numerics;

namespace AmpleTide.Core.Figures.Tracing;

/// <summary>
/// Fits cubics to a line of points, after P. J. Schneider, "An Algorithm for Automatically Fitting Digitized Curves", in
/// <i>Graphics Gems</i> (1990), from memory; corners are kept, and what is straight stays so.
/// </summary>
internal static class CurveFit
{
    // How far a curve may be off its points, in pixels; by eye, no source.
    private const float Tolerance = .6f;

    /// <summary>Adds the curves through some points.</summary>
    /// <param name="points">At least two of them, about a pixel apart.</param>
    /// <param name="leaving">The way it leaves the first; zero where the points say.</param>
    /// <param name="arriving">The way back from the last; zero where the points say.</param>
    /// <param name="to">Where the curves go.</param>
    public static void Add(ReadOnlySpan<Vector2> points, Vector2 leaving, Vector2 arriving, List<Cubic> to)
    {
        if (points.Length < 2)
            return;
        Span<int> corners = points.Length < 256 ? stackalloc int[points.Length] : new int[points.Length];
        var count = Corners(points, corners);
        for (var i = 0; i + 1 < count; i++)
            Between(points[corners[i]..(corners[i + 1] + 1)], i == 0 ? leaving : default, i + 2 == count ? arriving : default, to);
    }

    // Both ends, and where the way turns by more than some seventy degrees within a few pixels.
    private static int Corners(ReadOnlySpan<Vector2> p, Span<int> corners)
    {
        const int reach = 5,
            apart = 3;
        const float turn = .35f;
        var count = 0;
        corners[count++] = 0;
        for (var i = reach; i + reach < p.Length; i++)
            if (i - corners[count - 1] > apart && Straightness(p, i) is var s && s <= turn && IsSharpest(p, i, s))
                corners[count++] = i;
        corners[count++] = p.Length - 1;
        return count;

        static float Straightness(ReadOnlySpan<Vector2> p, int i) =>
            Vector2.Dot((p[i] - p[i - reach]).Unit(), (p[i + reach] - p[i]).Unit());

        static bool IsSharpest(ReadOnlySpan<Vector2> p, int i, float own)
        {
            for (var k = Math.Max(reach, i - reach); k <= Math.Min(p.Length - 1 - reach, i + reach); k++)
                if (k != i && Straightness(p, k) is var other && (other < own || (other == own && k < i)))
                    return false;
            return true;
        }
    }

    private static void Between(ReadOnlySpan<Vector2> p, Vector2 leaving, Vector2 arriving, List<Cubic> to)
    {
        const int look = 3,
            rounds = 3,
            worthRefining = 16;
        var last = p.Length - 1;
        if (leaving == default)
            leaving = (p[Math.Min(look, last)] - p[0]).Unit();
        if (arriving == default)
            arriving = (p[Math.Max(last - look, 0)] - p[last]).Unit();
        if (IsStraight(p))
        {
            var third = (p[last] - p[0]) / 3;
            to.Add(new(p[0], p[0] + third, p[last] - third, p[last]));
            return;
        }
        if (p.Length <= 3)
        {
            var third = (p[last] - p[0]).Length() / 3;
            to.Add(new(p[0], p[0] + (leaving * third), p[last] + (arriving * third), p[last]));
            return;
        }
        Span<float> share = p.Length < 256 ? stackalloc float[p.Length] : new float[p.Length];
        ByLength(p, share);
        var curve = LeastSquares(p, share, leaving, arriving);
        var (off, worst) = Farthest(p, share, curve);
        for (var round = 0; round < rounds && off >= Tolerance * Tolerance && off < Tolerance * Tolerance * worthRefining; round++)
        {
            Refine(p, share, curve);
            curve = LeastSquares(p, share, leaving, arriving);
            (off, worst) = Farthest(p, share, curve);
        }
        if (off < Tolerance * Tolerance)
        {
            to.Add(curve);
            return;
        }
        worst = Math.Clamp(worst, 1, last - 1);
        var through = (p[Math.Max(0, worst - 4)] - p[Math.Min(last, worst + 4)]).Unit();
        Between(p[..(worst + 1)], leaving, through, to);
        Between(p[worst..], -through, arriving, to);
    }

    // Straight edges want a tight fit, or limbs look faceted.
    private static bool IsStraight(ReadOnlySpan<Vector2> p)
    {
        const float shortest = 6,
            most = .42f;
        var way = p[^1] - p[0];
        var length = way.Length();
        if (length < shortest)
            return false;
        way /= length;
        var off = MathF.Min(most, (length * .006f) + .18f);
        foreach (var q in p[1..^1])
            if (MathF.Abs(((q.X - p[0].X) * way.Y) - ((q.Y - p[0].Y) * way.X)) > off)
                return false;
        return true;
    }

    private static void ByLength(ReadOnlySpan<Vector2> p, Span<float> share)
    {
        share[0] = 0;
        for (var i = 1; i < p.Length; i++)
            share[i] = share[i - 1] + (p[i] - p[i - 1]).Length();
        var all = MathF.Max(1e-6f, share[^1]);
        foreach (ref var s in share)
            s /= all;
    }

    private static Cubic LeastSquares(ReadOnlySpan<Vector2> p, ReadOnlySpan<float> share, Vector2 leaving, Vector2 arriving)
    {
        double c00 = 0,
            c01 = 0,
            c11 = 0,
            x0 = 0,
            x1 = 0;
        var (first, last) = (p[0], p[^1]);
        for (var i = 0; i < p.Length; i++)
        {
            float t = share[i],
                s = 1 - t;
            float b0 = s * s * s,
                b1 = 3 * t * s * s,
                b2 = 3 * t * t * s,
                b3 = t * t * t;
            var (a1, a2) = (leaving * b1, arriving * b2);
            c00 += Vector2.Dot(a1, a1);
            c01 += Vector2.Dot(a1, a2);
            c11 += Vector2.Dot(a2, a2);
            var rest = p[i] - (first * (b0 + b1)) - (last * (b2 + b3));
            x0 += Vector2.Dot(a1, rest);
            x1 += Vector2.Dot(a2, rest);
        }
        var det = (c00 * c11) - (c01 * c01);
        var length = (last - first).Length();
        double left = det == 0 ? 0 : ((x0 * c11) - (x1 * c01)) / det,
            right = det == 0 ? 0 : ((c00 * x1) - (c01 * x0)) / det;
        if (left < length * 1e-3 || right < length * 1e-3 || left > 3 * length || right > 3 * length)
            left = right = length / 3;
        return new(first, first + (leaving * (float)left), last + (arriving * (float)right), last);
    }

    private static (float SquareOff, int At) Farthest(ReadOnlySpan<Vector2> p, ReadOnlySpan<float> share, Cubic curve)
    {
        var (most, at) = (0f, p.Length / 2);
        for (var i = 1; i + 1 < p.Length; i++)
        {
            var off = (curve.At(share[i]) - p[i]).LengthSquared();
            if (off >= most)
                (most, at) = (off, i);
        }
        return (most, at);
    }

    // A step of Newton's method for each point: where on the curve it is nearest.
    private static void Refine(ReadOnlySpan<Vector2> p, Span<float> share, Cubic c)
    {
        for (var i = 0; i < p.Length; i++)
        {
            float t = share[i],
                s = 1 - t;
            var off = c.At(t) - p[i];
            var slope = (((c.B - c.A) * (s * s)) + ((c.C - c.B) * (2 * s * t)) + ((c.D - c.C) * (t * t))) * 3;
            var bend = (((c.C - (c.B * 2) + c.A) * s) + ((c.D - (c.C * 2) + c.B) * t)) * 6;
            var down = Vector2.Dot(slope, slope) + Vector2.Dot(off, bend);
            if (MathF.Abs(down) > 1e-9f)
                share[i] = Math.Clamp(t - (Vector2.Dot(off, slope) / down), 0, 1);
        }
    }
}
