using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Body;

/// <summary>Where a shape would need one part of the body to pass through another, or through the floor.</summary>
public static class Clearance
{
    // The trunk as a slim core: flesh gives way by some centimetres before a picture is wrong. By eye, no source.
    private const double Core = 0.042;

    /// <summary>A part that is too deep in something, in statures.</summary>
    /// <param name="Part">The part.</param>
    /// <param name="In">What it is in: a part, or <c>floor</c>.</param>
    /// <param name="Depth">How deep.</param>
    public readonly record struct Overlap(string Part, string In, double Depth);

    private readonly record struct Bar(string Name, Vector From, Vector To, double Radius);

    /// <summary>All overlaps of a posed body.</summary>
    public static IEnumerable<Overlap> Overlaps(Skeleton body)
    {
        var trunk = new[]
        {
            new Bar("pelvis", body[Segment.Pelvis].At(0, 0, 0), body[Segment.Pelvis].At(0, Sacrum, 0), Core),
            new Bar("waist", body[Segment.Lower].At(0, 0, 0), body[Segment.Lower].At(0, LowerSpine, 0), Core),
            new Bar("chest", body[Segment.Upper].At(0, 0, 0), body[Segment.Upper].At(0, UpperSpine, 0), Core),
            new Bar("head", body[Segment.Head].At(0, HeadCentre, 0), body[Segment.Head].At(0, HeadCentre, 0), HeadRadius - 0.014),
        };
        var limbs = Limb(body, "right", 0).Concat(Limb(body, "left", 7)).ToList();
        foreach (var limb in limbs)
        {
            var below = Math.Min(limb.From.Y, limb.To.Y) - limb.Radius;
            if (below < 0)
                yield return new(limb.Name, "floor", -below);
            foreach (var part in trunk)
            {
                // An upper arm begins at the chest and a thigh at the pelvis.
                if (limb.Name.EndsWith("upper arm", StringComparison.Ordinal) && part.Name is "chest" or "head")
                    continue;
                if (limb.Name.EndsWith("thigh", StringComparison.Ordinal) && part.Name is "pelvis")
                    continue;
                if (Depth(limb, part) is > 0 and var depth)
                    yield return new(limb.Name, part.Name, depth);
            }
        }
        foreach (var right in limbs.Where(l => l.Name.StartsWith("right", StringComparison.Ordinal)))
        foreach (var left in limbs.Where(l => l.Name.StartsWith("left", StringComparison.Ordinal)))
            if (
                Depth(right, left) is > 0 and var depth
                && !(right.Name.EndsWith("thigh", StringComparison.Ordinal) && left.Name.EndsWith("thigh", StringComparison.Ordinal))
            )
                yield return new(right.Name, left.Name, depth);
    }

    private static IEnumerable<Bar> Limb(Skeleton body, string side, int offset)
    {
        Bar Of(string name, Segment segment, double length, double radius) =>
            new($"{side} {name}", body[segment + offset].At(0, -0.02, 0), body[segment + offset].At(0, -length, 0), radius);
        yield return Of("upper arm", Segment.RightUpperArm, UpperArm, ElbowRadius);
        yield return Of("forearm", Segment.RightForearm, Forearm, WristRadius);
        yield return Of("thigh", Segment.RightThigh, Thigh, KneeRadius);
        yield return Of("shank", Segment.RightShank, Shank, AnkleRadius);
    }

    private static double Depth(Bar a, Bar b) => a.Radius + b.Radius - Distance(a, b);

    // Closest points of two segments, by sampling one and projecting on the other: a stature's thousandth is enough here.
    private static double Distance(Bar a, Bar b)
    {
        const int steps = 24;
        var least = double.MaxValue;
        for (var i = 0; i <= steps; i++)
        {
            var p = a.From.Towards(a.To, i / (double)steps);
            var along = b.To - b.From;
            var length = along.Dot(along);
            var t = length < 1e-12 ? 0 : Math.Clamp((p - b.From).Dot(along) / length, 0, 1);
            least = Math.Min(least, (p - b.From.Towards(b.To, t)).Length);
        }
        return least;
    }
}
