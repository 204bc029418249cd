using System.Numerics;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>Draws the shapes of signs and arrows, in thousandths of a stature, and knows the box round them.</summary>
internal sealed class MarkPen
{
    private readonly PathWriter writer = new(1, Vector2.Zero);
    private Vector2 low = new(float.MaxValue),
        high = new(float.MinValue);

    /// <summary>What was drawn, or null when nothing was.</summary>
    public FigurePath? Path => writer.As(Tone.Mark);

    /// <summary>Least x, least y, most x, most y; null when nothing was drawn.</summary>
    public int[]? Box =>
        low.X > high.X ? null : [(int)MathF.Floor(low.X), (int)MathF.Floor(low.Y), (int)MathF.Ceiling(high.X), (int)MathF.Ceiling(high.Y)];

    public void Dot(Vector2 middle, float radius)
    {
        // A quarter of a circle as a cubic leaves and arrives by this share of the radius.
        const float quarter = .5523f;
        var (x, y, k) = (new Vector2(radius, 0), new Vector2(0, radius), quarter);
        Add([
            new(middle + x, middle + x + (y * k), middle + y + (x * k), middle + y),
            new(middle + y, middle + y - (x * k), middle - x + (y * k), middle - x),
            new(middle - x, middle - x - (y * k), middle - y - (x * k), middle - y),
            new(middle - y, middle - y + (x * k), middle + x - (y * k), middle + x),
        ]);
    }

    /// <summary>Whichever way its corners go round, it is drawn one way: what two shapes share is filled, not left out.</summary>
    public void Polygon(params ReadOnlySpan<Vector2> corners)
    {
        Take(corners);
        var area = 0f;
        for (var i = 0; i < corners.Length; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % corners.Length]);
            area += (a.X * b.Y) - (a.Y * b.X);
        }
        if (area >= 0)
            writer.Add(corners, close: true);
        else
        {
            Vector2[] turned = [.. corners];
            Array.Reverse(turned);
            writer.Add(turned, close: true);
        }
    }

    /// <summary>A line as wide as is said at each of its points, its ends round.</summary>
    public void Ribbon(IReadOnlyList<Vector2> along, Func<float, float> halfWidth)
    {
        const int cap = 6;
        var (right, left) = (new List<Vector2>(), new List<Vector2>());
        for (var i = 0; i < along.Count; i++)
        {
            var way = (along[Math.Min(along.Count - 1, i + 1)] - along[Math.Max(0, i - 1)]).Unit();
            var off = new Vector2(-way.Y, way.X) * halfWidth(i / (float)(along.Count - 1));
            right.Add(along[i] + off);
            left.Insert(0, along[i] - off);
        }
        List<Vector2> outline = [.. right, .. Cap(along[^1], right[^1]), .. left, .. Cap(along[0], left[^1])];
        Polygon([.. outline]);

        static IEnumerable<Vector2> Cap(Vector2 end, Vector2 from)
        {
            var r = from - end;
            for (var k = 1; k < cap; k++)
                yield return end + Vector2.Transform(r, Matrix3x2.CreateRotation(-MathF.PI * k / cap));
        }
    }

    private void Add(List<Cubic> loop)
    {
        foreach (var curve in loop)
            Take([curve.A, curve.B, curve.C, curve.D]);
        writer.Add(loop, close: true);
    }

    private void Take(ReadOnlySpan<Vector2> points)
    {
        foreach (var p in points)
            (low, high) = (Vector2.Min(low, p), Vector2.Max(high, p));
    }
}
