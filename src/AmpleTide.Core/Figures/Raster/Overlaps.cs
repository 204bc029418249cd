using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Figures.Raster;

/// <summary>
/// Keeps limbs from growing out of each other where they lie close: the nearer one is drawn a little nearer than it is, round the place,
/// so that it lies in front whole. Measures in statures, by eye, no source.
/// </summary>
internal sealed class Overlaps(Pose pose, Solids solids, Camera camera)
{
    private readonly record struct Bone(Part Part, Segment From, Vector3 A, Vector3 B, float ThickA, float ThickB);

    private static readonly (Part Part, Segment From, Segment To, float ThickA, float ThickB)[] RightBones =
    [
        (Part.RightUpperArm, Segment.RightUpperArm, Segment.RightForearm, .029f, .0205f),
        (Part.RightForearm, Segment.RightForearm, Segment.RightHand, .0215f, .0142f),
        (Part.RightThigh, Segment.RightThigh, Segment.RightShank, .048f, .0345f),
        (Part.RightShank, Segment.RightShank, Segment.RightFoot, .0325f, .0195f),
    ];

    private float[] nearer = [];

    /// <summary>How much nearer each solid is drawn, in pixels; empty where nothing overlaps.</summary>
    public ReadOnlySpan<float> Find()
    {
        CrossingLimbs();
        HandsOnTheTrunk();
        return nearer;
    }

    private void Lift(int solid, float by)
    {
        if (nearer.Length == 0)
            nearer = new float[solids.Count];
        nearer[solid] = MathF.Max(nearer[solid], by);
    }

    private List<Bone> Bones()
    {
        var bones = new List<Bone>(8);
        for (var side = 0; side < 2; side++)
            foreach (var (part, from, to, a, b) in RightBones)
                bones.Add(new(part.On(side), from.OnSide(side), pose.On(from, side).Origin, pose.On(to, side).Origin, a, b));
        return bones;
    }

    private void CrossingLimbs()
    {
        const float least = .003f,
            most = .05f;
        var bones = Bones();
        for (var i = 0; i < bones.Count; i++)
        for (var j = i + 1; j < bones.Count; j++)
        {
            var (p, q) = (bones[i], bones[j]);
            if (Parts.AreJoined(p.Part, q.Part) || IsHeld(p.From, q.From))
                continue;
            var (s, t) = Closest(p.A, p.B, q.A, q.B);
            var (x, y) = (Vector3.Lerp(p.A, p.B, s), Vector3.Lerp(q.A, q.B, t));
            var need = float.Lerp(p.ThickA, p.ThickB, s) + float.Lerp(q.ThickA, q.ThickB, t);
            var deep = need - (x - y).Length();
            if (deep < least)
                continue;
            var (nearX, nearY) = (camera.Seen(x).Z, camera.Seen(y).Z);
            var push = MathF.Min(most, MathF.Max(deep, need - MathF.Abs(nearX - nearY)));
            if (nearX >= nearY)
                LiftLimb(p.Part, x, push);
            else
                LiftLimb(q.Part, y, push);
        }
    }

    // A hand that holds a leg means to sink into it.
    private bool IsHeld(Segment a, Segment b)
    {
        foreach (var touch in pose.Shape.Touches)
            if (Holds(touch.Mark.Segment, touch.On.Segment, a, b) || Holds(touch.Mark.Segment, touch.On.Segment, b, a))
                return true;
        return false;

        static bool Holds(Segment hand, Segment on, Segment forearm, Segment limb) =>
            hand.OnTheRight() == Segment.RightHand
            && forearm == Segment.RightForearm.OnSide(hand.SideOf())
            && limb == (on.OnTheRight() == Segment.RightFoot ? Segment.RightShank.OnSide(on.SideOf()) : on);
    }

    private void LiftLimb(Part front, Vector3 at, float push)
    {
        const float reach = .075f,
            whole = 1.6f;
        var hasHand = front.OnTheRight() == Part.RightForearm;
        var all = solids.Span;
        for (var k = 0; k < all.Length; k++)
        {
            var part = all[k].Part;
            if (part != front && !(hasHand && part.IsHand() && part.IsLeft() == front.IsLeft()))
                continue;
            var u = Math.Clamp(whole - ((all[k].Centre - at).Length() / reach), 0, 1);
            if (u > 0)
                Lift(k, push * camera.Scale * u * u * (3 - (2 * u)));
        }
    }

    // A forearm or hand that lies on the trunk sinks into it by a little; on the eye's side it is lifted out.
    private void HandsOnTheTrunk()
    {
        const float beyond = .8f,
            core = .25f,
            most = .07f,
            facing = .15f;
        var all = solids.Span;
        var cuts = new List<int>();
        for (var k = 0; k < all.Length; k++)
            if (all[k].Part == Part.Trunk && all[k].Sweep != default && all[k].A.LengthSquared() != all[k].C.LengthSquared())
                cuts.Add(k);
        for (var k = 0; k < all.Length; k++)
        {
            var solid = all[k];
            if (solid.Part != Part.Strap && solid.Part.OnTheRight() != Part.RightForearm && !solid.Part.IsHand())
                continue;
            var (at, along) = (-1, float.MaxValue);
            foreach (var cut in cuts)
            {
                var b = all[cut].B;
                var off = MathF.Abs(Vector3.Dot(solid.Centre - all[cut].Centre, b)) / b.LengthSquared();
                if (off < along)
                    (at, along) = (cut, off);
            }
            if (at < 0 || along > beyond)
                continue;
            var trunk = all[at];
            float wide = trunk.A.Length(),
                thick = trunk.C.Length();
            float u = Vector3.Dot(solid.Centre - trunk.Centre, trunk.A) / (wide * wide),
                v = Vector3.Dot(solid.Centre - trunk.Centre, trunk.C) / (thick * thick);
            var share = MathF.Sqrt((u * u) + (v * v));
            var radius = MathF.Min(solid.A.Length(), MathF.Min(solid.B.Length(), solid.C.Length()));
            var deep = ((1 - share) * MathF.Min(wide, thick)) + (radius * .8f);
            if (deep <= 0 || share < core)
                continue;
            var outwards = Vector3.Normalize((trunk.A * (u / (wide * wide))) + (trunk.C * (v / (thick * thick))));
            var towardsEye = camera.Seen(outwards).Z;
            if (towardsEye > facing)
                Lift(k, MathF.Min(most, deep / MathF.Max(.35f, towardsEye)) * camera.Scale * Math.Clamp((towardsEye - facing) * 4, 0, 1));
        }
    }

    // Where two bones come closest, as shares of their lengths.
    private static (float, float) Closest(Vector3 p1, Vector3 q1, Vector3 p2, Vector3 q2)
    {
        Vector3 d1 = q1 - p1,
            d2 = q2 - p2,
            r = p1 - p2;
        float a = d1.LengthSquared(),
            e = d2.LengthSquared(),
            f = Vector3.Dot(d2, r),
            c = Vector3.Dot(d1, r),
            b = Vector3.Dot(d1, d2);
        var det = (a * e) - (b * b);
        var s = det > 1e-9f ? Math.Clamp(((b * f) - (c * e)) / det, 0, 1) : 0;
        var t = ((b * s) + f) / e;
        return t < 0 ? (Math.Clamp(-c / a, 0, 1), 0)
            : t > 1 ? (Math.Clamp((b - c) / a, 0, 1), 1)
            : (s, t);
    }
}
