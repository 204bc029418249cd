using System.Numerics;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>Arrows along a way, in thousandths of a stature.</summary>
internal static class Arrow
{
    // By eye, no source.
    private const float HeadLength = 46,
        HeadHalf = 25,
        Thick = 9,
        Thin = 3.5f,
        Neck = .72f * HeadLength;

    /// <summary>How long an arrow has to be for its head to be told from its shaft.</summary>
    public const float Shortest = 1.6f * HeadLength;

    /// <summary>A shaft that swells towards its head; an even one with a head at both ends where the way is gone both ways.</summary>
    /// <param name="pen">Draws it.</param>
    /// <param name="way">From where it begins to its tip.</param>
    /// <param name="bothWays">Whether it has two heads.</param>
    /// <param name="size">How large its head and shaft are, 1 for a limb.</param>
    public static void Along(MarkPen pen, IReadOnlyList<Vector2> way, bool bothWays = false, float size = 1)
    {
        var shaft = Even(way, 6);
        Head(pen, shaft, size);
        shaft = WithoutEnd(shaft, Neck * size);
        if (bothWays)
        {
            shaft.Reverse();
            Head(pen, shaft, size);
            shaft = WithoutEnd(shaft, Neck * size);
        }
        if (shaft.Count > 1)
            pen.Ribbon(shaft, t => size * (bothWays ? (Thick + Thin) / 2 : float.Lerp(Thin, Thick, t)));
    }

    /// <summary>A straight arrow.</summary>
    public static void Straight(MarkPen pen, Vector2 from, Vector2 to, float size = 1) => Along(pen, [from, to], size: size);

    /// <summary>A head alone, pointing a way.</summary>
    public static void Head(MarkPen pen, Vector2 tip, Vector2 way, float size = 1)
    {
        var (along, beside) = (way * (HeadLength * size), new Vector2(-way.Y, way.X) * (HeadHalf * size));
        // Its back is drawn in a little, so that it is an arrow and no triangle.
        pen.Polygon(tip, tip - along + beside, tip - (along * .78f), tip - along - beside);
    }

    private static void Head(MarkPen pen, List<Vector2> way, float size)
    {
        var root = WithoutEnd(way, Neck * size)[^1];
        Head(pen, way[^1], Tracing.Directions.Unit(way[^1] - root), size);
    }

    /// <summary>What is left of a way once a length at its end is taken off.</summary>
    public static List<Vector2> WithoutEnd(IReadOnlyList<Vector2> way, float length)
    {
        var left = way.ToList();
        while (left.Count > 1)
        {
            var step = left[^1] - left[^2];
            if (step.Length() > length)
            {
                left[^1] -= Tracing.Directions.Unit(step) * length;
                return left;
            }
            length -= step.Length();
            left.RemoveAt(left.Count - 1);
        }
        return [way[0], way[Math.Min(1, way.Count - 1)]];
    }

    /// <summary>How long a way is.</summary>
    public static float Length(IReadOnlyList<Vector2> way)
    {
        var length = 0f;
        for (var i = 1; i < way.Count; i++)
            length += (way[i] - way[i - 1]).Length();
        return length;
    }

    // Points at even distances: widths and cuts go by number.
    private static List<Vector2> Even(IReadOnlyList<Vector2> way, float step)
    {
        var count = Math.Max(2, (int)(Length(way) / step));
        var (all, even) = (Length(way), new List<Vector2> { way[0] });
        var (i, gone) = (1, 0f);
        for (var k = 1; k < count; k++)
        {
            var at = all * k / count;
            while (i < way.Count - 1 && gone + (way[i] - way[i - 1]).Length() < at)
                gone += (way[i] - way[i++ - 1]).Length();
            var length = (way[i] - way[i - 1]).Length();
            even.Add(length < 1e-3f ? way[i] : Vector2.Lerp(way[i - 1], way[i], Math.Clamp((at - gone) / length, 0, 1)));
        }
        even.Add(way[^1]);
        return even;
    }
}
