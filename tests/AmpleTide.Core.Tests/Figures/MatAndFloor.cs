using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>The mat is as long as the person, lies along the body, and is one in all of a move; what is low throws a shadow.</summary>
public class MatAndFloor
{
    [Fact]
    public void Whoever_lies_lies_on_the_mat_from_head_to_heels()
    {
        foreach (var position in Shipped.Catalogue.Positions)
        {
            var pose = new Pose(position.Base);
            var mat = Mat.Under([pose]);
            var head = pose.Head.At(0, Pose.HeadCentre, 0);
            if (head.Y < .12f)
                Assert.True(IsOn(mat, head), $"{position.Id}: the head");
            foreach (var contact in position.Base.Contacts.Where(c => c.On == Support.Floor && !IsOfAnArm(c.Mark)))
                Assert.True(IsOn(mat, contact.Mark.On(pose.Skeleton).Single()), $"{position.Id}: {contact.Mark.Name}");
        }
    }

    private static bool IsOfAnArm(Landmark mark) =>
        mark.Segment.OnTheRight() is Segment.RightUpperArm or Segment.RightForearm or Segment.RightHand;

    [Fact]
    public void An_arm_that_lies_lies_with_its_hand()
    {
        // Who lies on the back or leans back, arms down: nothing hovers a hand's breadth over the floor. Fists are on their way somewhere.
        const double low = .10,
            onFloor = .035,
            nearlyStraight = 50;
        var hovering =
            from move in Shipped.Catalogue.Moves
            from form in Shipped.Catalogue.Forms(move)
            from phase in form.Phases
            where phase.Phase.Look.Hands == Hands.Easy
            let shape = phase.Shape
            where shape.Contacts.Any(c => c.Mark.Name is "back" or "right.blade" && c.On != Support.Find("wall"))
            let body = shape.Skeleton()
            from side in new[] { Side.Right, Side.Left }
            let hand = Landmark.Find($"{(side == Side.Right ? "right" : "left")}.hand")!
            where !shape.Touches.Any(t => t.Mark.Segment == hand.Segment || t.On.Segment == hand.Segment)
            where Landmark.Find(hand.Name.Replace("hand", "elbow", StringComparison.Ordinal))!.On(body).Y < low
            where shape.Angles[Axis.RightElbow.On(side)] < nearlyStraight && hand.On(body).Y > onFloor
            select $"{move.Id} in {form.Position.Id}, {form.Option}: {phase.Phase.Cue.Long}";
        Assert.False(hovering.Any(), string.Join("\n", hovering));
    }

    [Theory]
    [InlineData("towel-neck-rest", true)]
    [InlineData("chin-tuck", false)]
    [InlineData("blade-slides", false)] // on all fours the mat of one moment would lie over the hands of the other
    public void Close_to_a_head_that_lies_the_mat_is_seen_and_none_close_to_one_that_does_not(string id, bool lies) =>
        Assert.Equal(lies, FigureDrawing.Picture(Cards.FormOf(id)).Paths.Any(p => p.Tone == Tone.Mat));

    [Fact]
    public void A_mat_is_a_rectangle_no_narrower_than_a_mat_is()
    {
        foreach (var position in Shipped.Catalogue.Positions)
        {
            var c = Mat.Under([new(position.Base)]).Corners;
            Vector3 one = c[1] - c[0],
                two = c[3] - c[0];
            Assert.Equal(0, Vector3.Dot(one, two), 1e-4f);
            Assert.Equal(c[2], c[0] + one + two, (a, b) => (a - b).Length() < 1e-4f);
            // 61 cm of 170.
            Assert.True(MathF.Min(one.Length(), two.Length()) > .355f, position.Id);
            Assert.All(c, p => Assert.Equal(0, p.Y));
        }
    }

    [Fact]
    public void It_lies_along_one_who_lies_across_the_room()
    {
        var pose = new Pose(Cards.FormOf("final-rest").Phases[0].Shape);
        var c = Mat.Under([pose]).Corners;
        var along = new[] { c[1] - c[0], c[3] - c[0] }.MaxBy(v => v.Length());
        var body = Vector3.Normalize((pose.Head.Origin - pose[Segment.Pelvis].Origin) with { Y = 0 });
        Assert.True(MathF.Abs(Vector3.Dot(Vector3.Normalize(along), body)) > .97f);
    }

    [Fact]
    public void The_mat_of_a_flow_holds_all_its_phases()
    {
        foreach (var form in Cards.All.Where((_, i) => i % 8 == 0))
        {
            var poses = form.Phases.Select(p => new Pose(p.Shape)).ToList();
            var mat = Mat.Under(poses);
            foreach (var (pose, phase) in poses.Select((p, i) => (p, i)))
            foreach (var contact in form.Phases[phase].Shape.Contacts.Where(c => c.On == Support.Floor && !IsOfAnArm(c.Mark)))
                Assert.True(IsOn(mat, contact.Mark.On(pose.Skeleton).Single()), $"{form.Move.Id}, phase {phase + 1}: {contact.Mark.Name}");
        }
    }

    private static bool IsOn(Mat mat, Vector3 point)
    {
        var c = mat.Corners;
        for (var i = 0; i < 4; i++)
        {
            var (edge, to) = (c[(i + 1) % 4] - c[i], point - c[i]);
            var (middle, side) = (((c[0] + c[2]) / 2) - c[i], Cross(edge, to));
            // On the side of each edge that the middle is on.
            if (side * Cross(edge, middle) < -1e-6f)
                return false;
        }
        return true;

        static float Cross(Vector3 a, Vector3 b) => (a.X * b.Z) - (a.Z * b.X);
    }

    [Fact]
    public void What_is_low_throws_a_shadow_and_what_is_high_does_not()
    {
        Assert.NotEmpty(ShadowsOf(.02f));
        Assert.NotEmpty(ShadowsOf(.12f));
        Assert.Empty(ShadowsOf(.15f));
        Assert.Empty(ShadowsOf(.4f));
        Assert.True(ShadowsOf(.02f).Single().A.X > 2 * ShadowsOf(.12f).Single().A.X, "a hand in the air leaves no speck far from the body");
    }

    private static List<Solid> ShadowsOf(float height)
    {
        var solids = new Solids();
        solids.Begin(520);
        solids.Ball(Part.RightPalm, new(0, height, 0), .03f);
        Shadow.Add(solids);
        return [.. solids.Span.ToArray().Where(s => s.Part == Part.Shadow)];
    }
}
