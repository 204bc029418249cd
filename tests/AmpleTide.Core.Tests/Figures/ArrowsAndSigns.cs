using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>Arrows go the way the body goes, and signs stand where something goes on.</summary>
public class ArrowsAndSigns
{
    private static readonly Vector2[] Way = [new(0, 0), new(100, 0), new(200, 0), new(200, 100)];

    [Fact]
    public void A_way_is_as_long_as_its_steps_and_shorter_by_what_is_taken_off_its_end()
    {
        Assert.Equal(300, Arrow.Length(Way), 3);
        var shorter = Arrow.WithoutEnd(Way, 150);
        Assert.Equal(150, Arrow.Length(shorter), 3);
        Assert.Equal(new(150, 0), shorter[^1]);
    }

    [Theory]
    [InlineData(false, 1)]
    [InlineData(true, 2)]
    public void An_arrow_ends_in_a_head_at_its_tip_and_one_that_goes_both_ways_in_two(bool bothWays, int heads)
    {
        var pen = new MarkPen();
        Arrow.Along(pen, Way, bothWays);
        var drawn = pen.Path!.Loops();
        Assert.Equal(heads, drawn.Count(IsHead));
        Assert.Contains(drawn, l => IsHead(l) && l.Points.Any(p => (p - Way[^1]).Length() < 2));
        Assert.Equal(bothWays, drawn.Exists(l => IsHead(l) && l.Points.Any(p => (p - Way[0]).Length() < 2)));
    }

    [Fact]
    public void A_smaller_arrow_has_a_smaller_head_on_the_same_way()
    {
        double HeadOf(float size)
        {
            var pen = new MarkPen();
            Arrow.Straight(pen, new(0, 0), new(300, 0), size);
            return pen.Path!.Loops().Single(IsHead).Area;
        }
        Assert.InRange(HeadOf(.7f) / HeadOf(1), .44, .54); // .7²
    }

    // A head has four corners; a shaft is a ribbon of many points.
    private static bool IsHead(Loop loop) => loop.Points.Count <= 6;

    [Theory]
    [InlineData("slow-nods", 1, 0, 1)] // the chin draws in: the face goes down
    [InlineData("slow-nods", 0, 0, -1)] // and up
    [InlineData("twists-through-centre", 0, -1, 0)] // to the right, which is left on a picture from in front
    [InlineData("twists-through-centre", 1, 1, 0)]
    public void What_turns_in_place_is_shown_by_where_face_and_chest_point(string id, int phase, int across, int down)
    {
        var tip = Mark(Cards.FormOf(id), phase, 1 - phase);
        if (across != 0)
            Assert.Equal(across, Math.Sign(tip.X));
        if (down != 0)
            Assert.Equal(down, Math.Sign(tip.Y));
    }

    [Fact]
    public void Half_a_ring_round_a_trunk_says_that_it_turns_and_a_way_along_the_picture_that_it_bows()
    {
        var turning = Shaft("twists-through-centre", 0, since: 1);
        // As wide as a trunk with its arms, and lower in its middle, which is nearer, than at its ends.
        Assert.InRange(turning.High.X - turning.Low.X, 250, 340);
        var ends = turning.Points.Where(p => p.X < turning.Low.X + 30).Average(p => p.Y);
        Assert.True(turning.High.Y > ends + 25);
        var bowing = Shaft("chest-open-on-chair-back", 1);
        Assert.True(bowing.High.Y - bowing.Low.Y > bowing.High.X - bowing.Low.X);
    }

    [Fact]
    public void A_trunk_that_turns_a_little_to_and_fro_has_a_piece_of_the_ring_with_two_heads_where_the_breast_points()
    {
        var form = Cards.FormOf("twist-in-pulses");
        var loops = Arrows(form, 0, since: null);
        Assert.Equal(2, loops.Count(IsHead));
        // Turned to the right, which is left on a picture from in front; half as wide as what says that a trunk turns.
        var shaft = loops.MaxBy(l => l.Points.Count)!;
        Assert.True(shaft.Middle.X < See(form, 0)(form.Phases[0].Shape.Skeleton()[Segment.Upper].Origin).X - 40);
        Assert.InRange(shaft.High.X - shaft.Low.X, 60, 180);
    }

    private static Loop Shaft(string id, int phase, int? since = null) =>
        Arrows(Cards.FormOf(id), phase, since).MaxBy(l => l.Points.Count)!;

    // The arrows of a phase alone, or beside one that was pictured before it.
    private static IReadOnlyList<Loop> Arrows(MoveForm form, int phase, int? since)
    {
        var pen = new MarkPen();
        new MotionArrows(form, See(form, phase)).Draw(phase, since, isOneOfSome: since is not null, pen);
        return pen.Path!.Loops();
    }

    // Which way the head of the only arrow of a phase points.
    private static Vector2 Mark(MoveForm form, int phase, int since)
    {
        var head = Arrows(form, phase, since).Single(IsHead);
        var tip = head.Points.MaxBy(p => (p - head.Middle).Length());
        return tip - head.Middle;
    }

    private static Func<Vector, Vector2> See(MoveForm form, int phase) =>
        FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(form.Phases[phase].Shape));

    [Theory]
    [InlineData("arm-circles", 330)] // an arm with its hand is .43 statures long, and seen a little from the side
    [InlineData("ankle-circles", 110)]
    public void A_ring_is_as_wide_as_what_goes_round(string id, int atLeast)
    {
        var form = Cards.FormOf(id);
        var pen = new MarkPen();
        new MotionArrows(form, See(form, form.Move.Picture)).Draw(form.Move.Picture, null, isOneOfSome: false, pen);
        var ring = pen.Path!.Loops().MaxBy(l => l.Points.Count)!;
        Assert.InRange(ring.High.Y - ring.Low.Y, atLeast, 520);
    }

    [Fact]
    public void The_ring_of_long_arms_goes_round_the_shoulders()
    {
        var form = Cards.FormOf("arm-circles");
        var see = See(form, form.Move.Picture);
        var pen = new MarkPen();
        new MotionArrows(form, see).Draw(form.Move.Picture, null, isOneOfSome: false, pen);
        var shoulder = see(Landmark.Find("right.shoulder")!.On(form.Phases[form.Move.Picture].Shape.Skeleton()));
        var ring = pen.Path!.Loops().Where(l => !IsHead(l)).MinBy(l => (((l.Low + l.High) / 2) - shoulder).Length())!;
        Assert.True((((ring.Low + ring.High) / 2) - shoulder).Length() < 130);
    }

    [Theory]
    [InlineData("seated-cross", 60, 260)] // in profile: in front of the face
    [InlineData("supine-knees", 0, 60)] // from above: round it
    public void The_ring_of_a_nose_stands_before_the_face_or_round_it_where_that_looks_at_the_eye(string position, int least, int most)
    {
        var form = Shipped.Catalogue.Form(
            Shipped.Catalogue.Move("nose-circles")!,
            Shipped.Catalogue.Position(position)!,
            MoveForm.BaseOption
        );
        var see = See(form, form.Move.Picture);
        var pen = new MarkPen();
        new MotionArrows(form, see).Draw(form.Move.Picture, null, isOneOfSome: false, pen);
        var ring = pen.Path!.Loops().MaxBy(l => l.Points.Count)!;
        var nose = see(Landmark.Find("nose")!.On(form.Phases[form.Move.Picture].Shape.Skeleton()));
        Assert.InRange((((ring.Low + ring.High) / 2) - nose).Length(), least, most);
    }

    [Theory]
    [InlineData("crown", 0, 1, 0)]
    [InlineData("tail", 0, -1, -1)]
    [InlineData("breastbone", 0, 0, 1)]
    [InlineData("right.seat", -1, -1, 0)]
    public void Outwards_is_out_of_the_body(string name, int across, int up, int forward)
    {
        var body = Shipped.Catalogue.Position("standing")!.Base.Skeleton();
        var mark = Landmark.Find(name)!;
        var way = mark.On(body) - mark.Inside(body);
        void Is(int sign, double part)
        {
            if (sign != 0)
                Assert.Equal(sign, Math.Sign(part));
        }
        Is(across, way.X);
        Is(up, way.Y);
        Is(forward, way.Z);
    }

    [Fact]
    public void An_arrow_is_long_enough_for_its_head_and_no_longer_than_reads_well()
    {
        // Circles have rings.
        foreach (var form in Cards.All.Where(f => f.Move.Sides != Sidedness.Circling && f.Move.Id != "opposing-arm-circles"))
        {
            var pen = new MarkPen();
            new MotionArrows(form, See(form, form.Move.Picture)).Draw(form.Move.Picture, null, isOneOfSome: false, pen);
            if (pen.Path is null)
                continue;
            foreach (var part in pen.Path.Loops())
                Assert.True((part.High - part.Low).Length() is >= 18 and <= 330, form.Move.Id);
        }
    }

    [Fact]
    public void Eyes_look_from_the_head_to_what_is_watched()
    {
        var form = Cards.FormOf("tilt-gaze-to-hip");
        var (phase, see) = (form.Move.Picture, See(form, form.Move.Picture));
        var body = form.Phases[phase].Shape.Skeleton();
        var (eyes, hip) = (see(Landmark.Find("eyes")!.On(body)), see(Landmark.Find("right.hip")!.On(body)));
        var pen = new MarkPen();
        new Signs(form, phase, see).Draw(pen);
        // Where the eyes arrive, a ring says that attention rests there.
        var loops = pen.Path!.Loops().Where(l => IsHead(l) || (l.Middle - hip).Length() > 60).ToList();
        Assert.All(loops, l => Assert.True(FromLine(l.Middle, eyes, hip) < 20, $"{l.Middle} is off the line"));
        Assert.Contains(loops, l => IsHead(l) && (l.Middle - hip).Length() < 70);
        Assert.DoesNotContain(loops, l => (l.Middle - eyes).Length() < 30); // the face stays free
    }

    private static float FromLine(Vector2 p, Vector2 a, Vector2 b)
    {
        var way = Vector2.Normalize(b - a);
        return MathF.Abs(((p - a).X * way.Y) - ((p - a).Y * way.X));
    }

    [Fact]
    public void A_sign_of_a_phase_is_in_its_picture_alone()
    {
        var form = Cards.FormOf("tense-and-release");
        Assert.NotEmpty(form.Phases[0].Phase.Signs);
        Assert.NotEmpty(FigureDrawing.Picture(form, 0).Loops(Tone.Mark));
        Assert.Empty(FigureDrawing.Picture(form, 1).Loops(Tone.Mark));
    }

    [Fact]
    public void A_tongue_hangs_out_of_the_mouth_and_a_jaw_goes_to_its_side()
    {
        var lion = FigureDrawing.Picture(Cards.FormOf("lion-face"), 1);
        var (mouth, tongue) = (lion.Loops(Tone.Mouth).Single(), lion.Loops(Tone.Tongue).Single());
        Assert.True(tongue.High.Y > mouth.High.Y);
        Assert.InRange(tongue.Middle.X, mouth.Low.X, mouth.High.X);
        var jaw = FigureDrawing.Picture(Cards.FormOf("jaw-glides"), 0);
        var eyes = jaw.Loops(Tone.Eye).Select(l => l.Middle.X).Average();
        var lips = jaw.Loops(Tone.Face).MaxBy(l => l.Low.Y)!;
        Assert.True(lips.Middle.X < eyes - 5, "to the right is left on a picture from in front");
    }
}
