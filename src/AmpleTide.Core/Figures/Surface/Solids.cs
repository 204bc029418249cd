using System.Numerics;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>Collects the solids of a picture.</summary>
internal sealed class Solids
{
    private readonly List<Solid> all = new(1500);

    /// <summary>Pixels to a stature: how close the steps of a sweep lie, so that none shows.</summary>
    public float Scale { get; private set; }

    public int Count => all.Count;

    public ReadOnlySpan<Solid> Span => System.Runtime.InteropServices.CollectionsMarshal.AsSpan(all);

    public Solid this[int index] => all[index];

    /// <summary>Empties the collection for a picture of a scale.</summary>
    public void Begin(float scale)
    {
        all.Clear();
        Scale = scale;
    }

    /// <summary>Leaves only the solids of some parts.</summary>
    public void Keep(Func<Part, bool> seen) => all.RemoveAll(s => !seen(s.Part));

    public void Add(in Solid solid) => all.Add(solid);

    public void Ball(Part part, Vector3 centre, float radius, Vector3 sweep = default) =>
        all.Add(new(centre, new(radius, 0, 0), new(0, radius, 0), new(0, 0, radius), part, sweep));

    public void Oval(Part part, in Axes3 frame, Vector3 centre, float x, float y, float z, Vector3 sweep = default) =>
        all.Add(new(centre, frame.X * x, frame.Y * y, frame.Z * z, part, sweep));

    public void Box(Part part, Vector3 low, Vector3 high)
    {
        var half = (high - low) / 2;
        all.Add(new(low + half, new(half.X, 0, 0), new(0, half.Y, 0), new(0, 0, half.Z), part, IsBox: true));
    }

    /// <summary>Balls along a line with a radius at each of its points: a limb with its muscles.</summary>
    public void Tube(Part part, ReadOnlySpan<Vector3> points, ReadOnlySpan<float> radii)
    {
        Ball(part, points[0], radii[0], points[1] - points[0]);
        for (var i = 0; i + 1 < points.Length; i++)
        {
            var way = points[i + 1] - points[i];
            var steps = Math.Max(1, (int)MathF.Ceiling(way.Length() / StepOf(MathF.Min(radii[i], radii[i + 1]))));
            for (var k = 1; k <= steps; k++)
            {
                var t = k / (float)steps;
                Ball(part, points[i] + (way * t), float.Lerp(radii[i], radii[i + 1], t), way);
            }
        }
    }

    // Between two balls of this radius the outline dents by half a pixel at most.
    private float StepOf(float radius) => MathF.Sqrt(1.1f * radius * Scale) / Scale;

    /// <summary>A point of the course of a limb: its share of the length, the radius, and how far it lies outward and forward.</summary>
    internal readonly record struct Girth(float Share, float Radius, float Outward = 0, float Forward = 0);

    /// <summary>A limb along its bone. A cubic runs through the radii, so that no point of the course shows in the outline.</summary>
    public void Limb(Part part, in Axes3 frame, double length, int outward, ReadOnlySpan<Girth> course)
    {
        const int between = 4;
        Span<Vector3> points = stackalloc Vector3[((course.Length - 1) * between) + 1];
        Span<float> radii = stackalloc float[points.Length];
        for (var n = 0; n < points.Length; n++)
        {
            var i = Math.Min(n / between, course.Length - 2);
            var at = Hermite(course, i, (n - (i * between)) / (float)between);
            points[n] = frame.At(outward * at.Outward, -(float)length * at.Share, at.Forward);
            radii[n] = at.Radius;
        }
        Tube(part, points, radii);
    }

    private static Girth Hermite(ReadOnlySpan<Girth> course, int i, float t)
    {
        var (before, a, b, after) = (course[Math.Max(0, i - 1)], course[i], course[i + 1], course[Math.Min(course.Length - 1, i + 2)]);
        float step = b.Share - a.Share,
            t2 = t * t,
            t3 = t2 * t;
        var last = i + 2 == course.Length;
        float At(float left, float p, float q, float right)
        {
            var slopeA = i == 0 ? (q - p) / step : (q - left) / (b.Share - before.Share);
            var slopeB = last ? (q - p) / step : (right - p) / (after.Share - a.Share);
            return (((2 * t3) - (3 * t2) + 1) * p)
                + ((t3 - (2 * t2) + t) * step * slopeA)
                + (((3 * t2) - (2 * t3)) * q)
                + ((t3 - t2) * step * slopeB);
        }
        return new(
            a.Share + (step * t),
            At(before.Radius, a.Radius, b.Radius, after.Radius),
            At(before.Outward, a.Outward, b.Outward, after.Outward),
            At(before.Forward, a.Forward, b.Forward, after.Forward)
        );
    }
}
