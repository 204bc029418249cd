using System.Numerics;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>What a hand lies on: which way is out of it at a spot, and how far a point is from its surface.</summary>
internal static class Grasp
{
    /// <summary>The spot of a landmark, and the way out of the body there; zero where there is none.</summary>
    /// <param name="pose">The body.</param>
    /// <param name="on">What is touched.</param>
    /// <param name="palm">Where the palm is: round a thin limb, out is where the hand comes from.</param>
    public static (Vector3 Spot, Vector3 Outwards) SpotOf(Pose pose, Landmark on, Vector3 palm)
    {
        const float apart = .012f;
        var spot = on.On(pose.Skeleton).Single();
        if (IsThin(on.Segment))
        {
            var (a, b) = BoneOf(pose, on.Segment);
            var away = palm - Nearest(a, b, palm);
            if (away.Length() > apart)
                return (spot, Vector3.Normalize(away));
        }
        var frame = on.Segment == Segment.Upper ? pose.Chest : pose[on.Segment];
        var outwards =
            on.Segment == Segment.Head
                ? spot - pose.Head.At(0, Pose.HeadCentre, 0)
                : (frame.X * (float)on.Place.X) + (frame.Z * (float)on.Place.Z);
        return (spot, outwards.Length() > 1e-4f ? Vector3.Normalize(outwards) : Vector3.Zero);
    }

    private static bool IsThin(Segment segment) =>
        segment.OnTheRight()
            is not (Segment.Head or Segment.Neck or Segment.Pelvis or Segment.Lower or Segment.Upper or Segment.RightThigh);

    private static (Vector3, Vector3) BoneOf(Pose pose, Segment segment)
    {
        var side = segment.SideOf();
        Vector3 Joint(Segment right) => pose.On(right, side).Origin;
        return segment.OnTheRight() switch
        {
            Segment.RightUpperArm => (Joint(Segment.RightUpperArm), Joint(Segment.RightForearm)),
            Segment.RightForearm => (Joint(Segment.RightForearm), Joint(Segment.RightHand)),
            Segment.RightHand => (Joint(Segment.RightForearm), pose.On(Segment.RightHand, side).At(0, -.09f, 0)),
            Segment.RightShank => (Joint(Segment.RightShank), Joint(Segment.RightFoot)),
            _ => (pose.On(Segment.RightFoot, side).At(0, -.02f, -.02f), pose.On(Segment.RightFoot, side).At(0, -.02f, .07f)),
        };
    }

    /// <summary>Distances from the surfaces round a segment, below zero inside.</summary>
    public static Func<Vector3, float>[] Around(Pose pose, Segment segment)
    {
        var side = segment.SideOf();
        Axes3 On(Segment right) => pose.On(right, side);
        Func<Vector3, float> Bone(Segment from, Segment to, float thick, float thin) =>
            Capsule(On(from).Origin, On(to).Origin, thick, thin);
        switch (segment.OnTheRight())
        {
            case Segment.Head or Segment.Neck:
                return Head(pose);
            case Segment.RightThigh or Segment.RightShank or Segment.RightFoot or Segment.RightToes:
                return
                [
                    Bone(Segment.RightThigh, Segment.RightShank, .050f, .0345f),
                    Bone(Segment.RightShank, Segment.RightFoot, .0335f, .0195f),
                    Capsule(On(Segment.RightFoot).At(0, -.018f, -.02f), On(Segment.RightFoot).At(0, -.024f, .07f), .0205f, .018f),
                ];
            case Segment.RightUpperArm or Segment.RightForearm:
                return
                [
                    Bone(Segment.RightUpperArm, Segment.RightForearm, .031f, .0205f),
                    Bone(Segment.RightForearm, Segment.RightHand, .022f, .0142f),
                ];
            case Segment.RightHand:
                return
                [
                    Bone(Segment.RightForearm, Segment.RightHand, .022f, .0142f),
                    Capsule(On(Segment.RightHand).Origin, On(Segment.RightHand).At(0, -.06f, 0), .012f, .014f),
                ];
            default:
                var (hips, low, up) = (pose[Segment.Pelvis], pose[Segment.Lower], pose[Segment.Upper]);
                return
                [
                    Oval(hips, hips.At(0, 0, -.004f), new(.092f, .07f, .059f)),
                    Oval(low, low.At(0, .06f, .004f), new(.072f, .09f, .052f)),
                    Oval(up, up.At(0, .07f, .004f), new(.088f, .11f, .058f)),
                    .. Head(pose),
                ];
        }
    }

    private static Func<Vector3, float>[] Head(Pose pose)
    {
        const float c = Pose.HeadCentre;
        var head = pose.Head;
        return
        [
            Oval(head, head.At(0, c + .011f, -.007f), new(.0475f, .0515f, .0565f)),
            Oval(head, head.At(0, c - .012f, .010f), new(.0385f, .047f, .041f)),
            Capsule(pose.Chest.Origin, head.Origin, .031f, .028f),
        ];
    }

    private static Func<Vector3, float> Capsule(Vector3 a, Vector3 b, float ra, float rb) =>
        point =>
        {
            var nearest = Nearest(a, b, point);
            var t = (nearest - a).Length() / (b - a).Length();
            return (point - nearest).Length() - float.Lerp(ra, rb, t);
        };

    private static Func<Vector3, float> Oval(Axes3 frame, Vector3 middle, Vector3 half) =>
        point =>
        {
            var from = point - middle;
            var share = new Vector3(Vector3.Dot(from, frame.X), Vector3.Dot(from, frame.Y), Vector3.Dot(from, frame.Z)) / half;
            return (share.Length() - 1) * MathF.Min(half.X, MathF.Min(half.Y, half.Z));
        };

    private static Vector3 Nearest(Vector3 a, Vector3 b, Vector3 point)
    {
        var ab = b - a;
        return a + (ab * Math.Clamp(Vector3.Dot(point - a, ab) / ab.LengthSquared(), 0, 1));
    }
}
