using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>Hands do what their author says, and feet have toes.</summary>
public class HandsAndFeet
{
    private static readonly Pose Standing = new(Shipped.Catalogue.Position("standing")!.Base);

    [Fact]
    public void A_fist_brings_the_fingertips_back_to_the_palm_and_a_spread_hand_keeps_them_apart()
    {
        var (fist, spread, easy) = (Tips(Hands.Fists), Tips(Hands.Spread), Tips(Hands.Easy));
        var knuckle = HandFrame.Of(Standing, 0).At(0, -.050f, 0);
        float FromKnuckles(Vector3[] tips) => tips.Average(t => (t - knuckle).Length());
        Assert.True(FromKnuckles(fist) < .6f * FromKnuckles(easy));
        Assert.True(FromKnuckles(easy) < FromKnuckles(spread));
        float Wide(Vector3[] tips) => (tips[0] - tips[3]).Length();
        Assert.True(Wide(spread) > 1.5f * Wide(easy));
    }

    [Fact]
    public void Hooked_fingers_are_bent_with_their_knuckles_straight()
    {
        var pose = Of(Hands.Hooked);
        Assert.All(pose.Fingers, f => Assert.InRange(f.Knuckle, -.3f, .3f));
        Assert.All(pose.Fingers, f => Assert.True(f.Middle > 1));
    }

    [Fact]
    public void A_pinch_brings_one_fingertip_and_the_thumb_together()
    {
        var pose = Of(Hands.Pinched);
        var hand = HandFrame.Of(Standing, 0).In(pose);
        var tips = TipsOf(hand, pose);
        var thumb = hand.At(pose.ThumbTip);
        var apart = tips.Select(t => (t - thumb).Length()).Order().ToList();
        Assert.True(apart[0] < .02f, $"{apart[0]}");
        Assert.True(apart[1] > 1.3f * apart[0]);
    }

    private static HandPose Of(Hands hands) => HandPosing.Both(Standing, Look.Calm with { Hands = hands })[0];

    private static Vector3[] Tips(Hands hands)
    {
        var pose = Of(hands);
        return TipsOf(HandFrame.Of(Standing, 0).In(pose), pose);
    }

    private static Vector3[] TipsOf(HandFrame hand, HandPose pose)
    {
        var tips = new Vector3[4];
        Span<Vector3> joints = stackalloc Vector3[4];
        for (var i = 0; i < 4; i++)
        {
            HandSurface.Joints(hand, i, pose.Fingers[i], joints);
            tips[i] = joints[3];
        }
        return tips;
    }

    [Theory]
    [InlineData("closing-bow")]
    [InlineData("prayer-stretch")]
    public void Palms_that_press_face_each_other(string id)
    {
        var form = Cards.FormOf(id);
        var pose = new Pose(form.Phases[form.Move.Picture].Shape);
        var poses = HandPosing.Both(pose, Look.Calm);
        var (right, left) = (HandFrame.Of(pose, 0).In(poses[0]), HandFrame.Of(pose, 1).In(poses[1]));
        Assert.InRange(Vector3.Dot(right.Palm, left.Palm), -1.001f, -.8f);
        // They lie on each other, and not in each other.
        Assert.InRange((right.At(0, -.05f, 0) - left.At(0, -.05f, 0)).Length(), .008f, .06f);
    }

    [Fact]
    public void A_hand_that_holds_a_limb_closes_round_it()
    {
        // The palm turns to the limb, and fingertips and thumb lie on both sides of the line from the wrist through it.
        var form = Cards.FormOf("tilt-wrist-held-behind");
        var shape = form.Phases[form.Move.Picture].Shape;
        var pose = new Pose(shape);
        var poses = HandPosing.Both(pose, Look.Calm);
        var hand = HandFrame.Of(pose, 0).In(poses[0]);
        var held = Landmark.Find("left.wrist")!.On(shape.Skeleton()).Single();
        Assert.True(Vector3.Dot(Vector3.Normalize(held - hand.At(0, -.05f, 0)), hand.Palm) > 0);
        Assert.All(TipsOf(hand, poses[0]), tip => Assert.True((tip - held).Length() < .075f));
        Assert.True((hand.At(poses[0].ThumbTip) - held).Length() < .075f);
    }

    [Fact]
    public void Fingers_that_lie_on_the_body_do_not_go_far_into_it()
    {
        // Fingertips stay outside the skull and the thighs they lie on.
        foreach (var id in new[] { "palming", "head-lift-held", "heel-sit-hold", "knees-hugged", "jaw-self-massage" })
        {
            var form = Cards.FormOf(id);
            var shape = form.Phases[form.Move.Picture].Shape;
            var pose = new Pose(shape);
            var poses = HandPosing.Both(pose, form.Phases[form.Move.Picture].Phase.Look);
            var head = pose.Head.At(0, Pose.HeadCentre, 0);
            for (var side = 0; side < 2; side++)
            {
                var (hip, knee) = (pose.On(Segment.RightThigh, side).Origin, pose.On(Segment.RightShank, side).Origin);
                foreach (var tip in TipsOf(HandFrame.Of(pose, side).In(poses[side]), poses[side]))
                {
                    Assert.True((tip - head).Length() > .03f, $"{id}: in the head");
                    Assert.True(FromLine(tip, hip, knee) > .02f, $"{id}: in the thigh");
                }
            }
        }
    }

    private static float FromLine(Vector3 p, Vector3 a, Vector3 b)
    {
        var t = Math.Clamp(Vector3.Dot(p - a, b - a) / (b - a).LengthSquared(), 0, 1);
        return (p - Vector3.Lerp(a, b, t)).Length();
    }

    [Fact]
    public void A_foot_has_five_toes_on_the_floor_the_large_one_inside()
    {
        var solids = new Solids();
        solids.Begin(520);
        BodySurface.Add(solids, Standing, Expression.Of(Face.Calm));
        for (var side = 0; side < 2; side++)
        {
            var toes = solids.Span.ToArray().Where(s => s.Part == Part.RightToes.On(side)).ToList();
            // Five that lie apart across the foot, as far as their tips go.
            var front = toes.GroupBy(t => MathF.Round(t.Centre.X, 3)).Select(g => g.MaxBy(t => t.Centre.Z)).ToList();
            Assert.True(front.Count >= 5, $"{front.Count} on side {side}");
            Assert.All(toes, t => Assert.True(t.Centre.Y > 0));
            var largest = toes.MaxBy(t => t.A.Length());
            var inwards = -SurfaceNumbers.Outward(side);
            Assert.Equal(toes.Max(t => t.Centre.X * inwards), largest.Centre.X * inwards, .012f);
        }
    }

    [Theory]
    [InlineData(0, true)]
    [InlineData(1, false)]
    public void Toes_that_grip_arch_and_come_down_with_their_tips(int phase, bool grip)
    {
        var pose = new Pose(Cards.FormOf("toes-grip").Phases[phase].Shape);
        var solids = new Solids();
        solids.Begin(520);
        BodySurface.Add(solids, pose, Expression.Of(Face.Calm));
        for (var side = 0; side < 2; side++)
        {
            var frame = pose.On(Segment.RightToes, side);
            var along = solids
                .Span.ToArray()
                .Where(s => s.Part == Part.RightToes.On(side))
                .Select(s => (Ahead: Vector3.Dot(s.Centre - frame.Origin, frame.Z), Up: Vector3.Dot(s.Centre - frame.Origin, frame.Y)))
                .ToList();
            var fall = along.Max(t => t.Up) - along.MaxBy(t => t.Ahead).Up;
            Assert.True(grip ? fall > .004f : fall < .003f, $"side {side}: the tips are {fall} below the arch");
        }
    }
}
