using System.Numerics;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>The mat: a rectangle on the floor along the body, arms may lie off it.</summary>
/// <param name="Corners">Its corners in the room, in turn.</param>
internal sealed record Mat(Vector3[] Corners)
{
    // What is higher than this does not lie; statures, by eye, no source.
    private const float Low = .16f,
        Margin = .05f,
        Narrowest = .36f,
        Shortest = .46f;

    private static readonly (Segment Right, Vector3 At, float Radius)[] Limbs =
    [
        (Segment.RightUpperArm, Vector3.Zero, .04f),
        (Segment.RightThigh, Vector3.Zero, .055f),
        (Segment.RightShank, Vector3.Zero, .035f),
        (Segment.RightFoot, Vector3.Zero, .02f),
        (Segment.RightFoot, new(0, -.03f, -.04f), .01f),
        (Segment.RightToes, new(0, 0, .03f), .01f),
    ];

    /// <summary>The mat under some shapes of one move.</summary>
    public static Mat Under(IEnumerable<Pose> poses)
    {
        var all = poses.ToList();
        var along = WayOf(all[0]);
        var across = new Vector3(along.Z, 0, -along.X);
        Vector2 low = new(float.MaxValue),
            high = new(float.MinValue);
        foreach (var pose in all)
        foreach (var (at, radius) in PointsOf(pose))
        {
            var p = new Vector2(Vector3.Dot(at, across), Vector3.Dot(at, along));
            (low, high) = (Vector2.Min(low, p - new Vector2(radius)), Vector2.Max(high, p + new Vector2(radius)));
        }
        (low, high) = (low - new Vector2(Margin), high + new Vector2(Margin));
        var missing = Vector2.Max(Vector2.Zero, new Vector2(Narrowest, Shortest) - (high - low)) / 2;
        (low, high) = (low - missing, high + missing);
        return new([
            (across * low.X) + (along * low.Y),
            (across * high.X) + (along * low.Y),
            (across * high.X) + (along * high.Y),
            (across * low.X) + (along * high.Y),
        ]);
    }

    /// <summary>A piece of the mat, just under the feet.</summary>
    public static Mat UnderFeet(Pose pose)
    {
        const float margin = .07f;
        Vector3 low = new(float.MaxValue),
            high = new(float.MinValue);
        for (var side = 0; side < 2; side++)
            foreach (var point in new[] { pose.On(Segment.RightFoot, side).At(0, 0, -.03f), pose.On(Segment.RightToes, side).Origin })
                (low, high) = (Vector3.Min(low, point), Vector3.Max(high, point));
        (low, high) = (low - new Vector3(margin), high + new Vector3(margin));
        return new([new(low.X, 0, low.Z), new(high.X, 0, low.Z), new(high.X, 0, high.Z), new(low.X, 0, high.Z)]);
    }

    // Along the body of one who lies, before one who sits or stands.
    private static Vector3 WayOf(Pose pose)
    {
        const float lying = .16f,
            highest = .42f,
            nearlySquare = .97f;
        var way = (pose.Head.Origin - pose[Segment.Pelvis].Origin) with { Y = 0 };
        if (way.Length() < lying || pose.Head.Origin.Y > highest)
            return Vector3.UnitZ;
        way = Vector3.Normalize(way);
        return MathF.Abs(way.Z) > nearlySquare ? Vector3.UnitZ
            : MathF.Abs(way.X) > nearlySquare ? Vector3.UnitX
            : way;
    }

    private static IEnumerable<(Vector3 At, float Radius)> PointsOf(Pose pose)
    {
        // Whoever sits on a chair with the feet up has nothing low; the mat is under the hips then.
        var hips = pose[Segment.Pelvis].Origin;
        yield return (hips, .07f);
        var head = pose.Head.At(0, Pose.HeadCentre, 0);
        if (head.Y < Low)
            yield return (head, .06f);
        for (var side = 0; side < 2; side++)
            foreach (var (right, at, radius) in Limbs)
            {
                var point = pose.On(right, side).At(at.X, at.Y, at.Z);
                if (point.Y < Low)
                    yield return (point, radius);
            }
        foreach (var contact in pose.Shape.Contacts)
            if (
                contact.On == Support.Floor
                && contact.Mark.Segment is Segment.RightHand or Segment.LeftHand
                && !contact.Mark.Name.EndsWith("hand-back", StringComparison.Ordinal)
            )
                yield return (contact.Mark.On(pose.Skeleton).Single(), .03f);
    }
}

/// <summary>The soft shadow of what is near the floor.</summary>
internal static class Shadow
{
    public static void Add(Solids to)
    {
        // In statures; by eye, no source.
        const float reach = .1f,
            least = .014f,
            most = .06f;
        var count = to.Count;
        for (var i = 0; i < count; i++)
        {
            var solid = to[i];
            if (!solid.Part.IsBody())
                continue;
            var r = MathF.Max(solid.A.Length(), MathF.Max(solid.B.Length(), solid.C.Length()));
            var gap = MathF.Max(0, solid.Centre.Y - MathF.Min(r, .05f));
            if (gap > reach)
                continue;
            // It draws in with height, so that a hand held above the floor leaves no speck far from the body.
            var wide = MathF.Max(least, MathF.Min(r, most)) * (1.1f - (.7f * gap / reach));
            to.Add(new(solid.Centre with { Y = .0006f }, new(wide, 0, 0), new(0, .0005f, 0), new(0, 0, wide), Part.Shadow));
        }
    }
}
