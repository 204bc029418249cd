using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>Props are of their true size and where the body rests. Lengths in statures of 1.70 m: common practice, no source.</summary>
public class PropsUnderTheBody
{
    private const float Stature = 170; // centimetres

    [Theory]
    [InlineData("block", 23, 15, 9)]
    [InlineData("bolster", 60, 24, 24)]
    [InlineData("cushion", 34, 31, 16)]
    [InlineData("pillow", 41, 29, 12)]
    public void A_thing_that_stands_by_is_as_large_as_in_a_studio(string name, double length, double width, double tallest)
    {
        var (low, high) = BoxOf(SolidsOf(to => to.Standing(Support.Find(name)!, Landmark.Find("right.ball")!, Standing())));
        var sides = new[] { high.X - low.X, high.Z - low.Z }.Select(s => s * Stature).OrderDescending().ToList();
        Assert.InRange(sides[0], length - 3, length + 3);
        Assert.InRange(sides[1], width - 3, width + 3);
        Assert.InRange(high.Y * Stature, 4, tallest);
        Assert.InRange(low.Y, -.002f, .004f);
    }

    [Fact]
    public void A_towel_is_rolled_up_and_lies_across()
    {
        var (low, high) = BoxOf(SolidsOf(to => to.Standing(Support.Find("towel")!, Landmark.Find("nape")!, Standing())));
        Assert.InRange((high.X - low.X) * Stature, 57, 63);
        Assert.Equal(high.Y - low.Y, high.Z - low.Z, .002f);
        Assert.Equal((float)Support.Find("towel")!.Height, high.Y, .002f);
    }

    [Fact]
    public void A_chair_has_its_seat_under_the_sitter_four_legs_and_a_back_behind()
    {
        var shape = Shipped.Catalogue.Position("chair-edge")!.Base;
        var body = shape.Skeleton();
        var solids = SolidsOf(to => to.Under(shape.Contacts, body));
        var seat = body[Segment.RightThigh].Origin.Single();
        // Its seat is the widest of what lies level; its back reaches higher than the hips, behind them.
        var flat = solids.MaxBy(s => s.A.Length() * s.C.Length());
        Assert.InRange(flat.Centre.Y + flat.B.Length(), Support.Find("chair")!.Height - .01, Support.Find("chair")!.Height + .01);
        Assert.InRange(44 - (flat.A.Length() * 2 * Stature), -3, 3);
        Assert.Equal(4, solids.Count(s => s.Centre.Y - s.B.Length() < .01f && s.B.Length() > 4 * s.A.Length()));
        var back = solids.MaxBy(s => s.Centre.Y + s.B.Length());
        Assert.True(back.Centre.Y > seat.Y && back.Centre.Z < seat.Z);
    }

    [Theory]
    [InlineData("propped")] // a bolster that leans on pillows
    [InlineData("long-recline")] // a bolster that lies along the spine
    public void A_bolster_under_the_back_carries_the_head_too(string position)
    {
        var shape = Shipped.Catalogue.Position(position)!.Base;
        var body = shape.Skeleton();
        var bolster = SolidsOf(to => to.Under(shape.Contacts, body)).Where(s => s.IsBox).MaxBy(s => s.C.Length());
        foreach (var mark in new[] { "occiput", "back" })
        {
            var from = Landmark.Find(mark)!.On(body).Single() - bolster.Centre;
            float Along(Vector3 axis) => Vector3.Dot(from, Vector3.Normalize(axis));
            Assert.InRange((Along(bolster.B) - bolster.B.Length()) * Stature, -3, 3);
            Assert.InRange(MathF.Abs(Along(bolster.C)), 0, bolster.C.Length() + .02f);
        }
    }

    [Fact]
    public void A_bolster_under_both_calves_lies_across()
    {
        var shape = Cards.FormOf("knees-over-a-bolster").Phases[0].Shape;
        var body = shape.Skeleton();
        var bolster = SolidsOf(to => to.Under(shape.Contacts, body)).Where(s => s.IsBox).MaxBy(s => s.A.Length())!;
        Assert.InRange(bolster.A.Length() * 2 * Stature, 54, 63);
        Assert.InRange(bolster.C.Length() * 2 * Stature, 18, 27);
    }

    [Fact]
    public void A_bolster_that_leans_stands_on_the_floor_and_on_its_pillows()
    {
        var shape = Shipped.Catalogue.Position("propped")!.Base;
        var boxes = SolidsOf(to => to.Under(shape.Contacts, shape.Skeleton())).Where(s => s.IsBox).OrderBy(s => s.Centre.Y).ToList();
        var bolster = boxes.MaxBy(s => s.C.Length());
        boxes.Remove(bolster);
        Assert.InRange(boxes.Count, 2, 4);
        Assert.Equal(0, (boxes[0].Centre.Y - boxes[0].B.Length()) * Stature, 1f);
        foreach (var (below, above) in boxes.Zip(boxes.Skip(1)))
            Assert.Equal(below.Centre.Y + below.B.Length(), above.Centre.Y - above.B.Length(), .005f);
        // Its lower edge, and its lower face above the middle of the pile.
        Assert.InRange((bolster.Centre - bolster.B - bolster.C).Y * Stature, -2, 4);
        var top = boxes[^1].Centre with { Y = boxes[^1].Centre.Y + boxes[^1].B.Length() };
        var face = Vector3.Dot(top - bolster.Centre, Vector3.Normalize(bolster.B)) + bolster.B.Length();
        Assert.Equal(0, face * Stature, 2f);
    }

    [Fact]
    public void A_wall_stands_where_the_back_leans_and_a_balls_breadth_farther_with_a_ball_between()
    {
        var shape = Shipped.Catalogue.Position("back-to-wall")!.Base;
        var body = shape.Skeleton();
        float FaceOf(float between)
        {
            var (low, high) = BoxOf(SolidsOf(to => to.Under(shape.Contacts, body, between)));
            return MathF.Abs(low.Z) < MathF.Abs(high.Z) ? low.Z : high.Z;
        }
        var back = (float)Landmark.Find("back")!.On(body).Z;
        Assert.Equal(back, FaceOf(0), .01f);
        var ball = (float)Support.Find("ball")!.Height;
        Assert.Equal(ball, MathF.Abs(FaceOf(ball) - FaceOf(0)), .001f);
    }

    [Fact]
    public void The_ball_at_the_wall_touches_back_and_wall()
    {
        var form = Cards.FormOf("ball-at-the-wall");
        var solids = new Solids();
        solids.Begin(520);
        Scene.Of(form, form.Move.Picture).AddTo(solids);
        var all = solids.Span.ToArray();
        var ball = all.Single(s => s.Part == Part.Ball);
        var wall = all.Single(s => s.Part == Part.Wall);
        var radius = ball.A.Length();
        var fromWall = MathF.Abs(ball.Centre.Z - wall.Centre.Z) - wall.C.Length();
        Assert.InRange(fromWall, radius - .02f, radius + .02f);
        var back = Landmark.Find("back")!.On(form.Phases[form.Move.Picture].Shape.Skeleton()).Single();
        Assert.Equal(radius, (ball.Centre - back).Length(), .004f);
    }

    [Fact]
    public void A_strap_runs_from_one_landmark_to_the_next()
    {
        var body = Standing();
        Landmark[] along = [Landmark.Find("right.hand")!, Landmark.Find("right.sole")!, Landmark.Find("left.hand")!];
        var solids = SolidsOf(to => to.Strap(along, body, body));
        Assert.All(solids, s => Assert.Equal(Part.Strap, s.Part));
        foreach (var mark in along)
            Assert.Contains(solids, s => (s.Centre - mark.On(body).Single()).Length() < .001f);
        var longest = (along[0].On(body) - along[1].On(body)).Length + (along[1].On(body) - along[2].On(body)).Length;
        var (low, high) = BoxOf(solids);
        Assert.True((high - low).Length() < longest);
    }

    [Fact]
    public void A_strap_hangs_where_its_ends_come_closer_and_is_straight_where_it_is_pulled()
    {
        Landmark[] along = [Landmark.Find("right.hand")!, Landmark.Find("left.hand")!];
        var wide = Cards.FormOf("star").Phases[0].Shape.Skeleton();
        var close = Cards.FormOf("choose-intention").Phases[1].Shape.Skeleton();
        var (straight, hanging) = (Lowest(wide), Lowest(close));
        Assert.Equal(along.Min(m => m.On(wide).Y), straight, .01);
        Assert.True(hanging < along.Min(m => m.On(close).Y) - .05);

        double Lowest(Skeleton body) => SolidsOf(to => to.Strap(along, body, wide)).Min(s => s.Centre.Y);
    }

    private static Skeleton Standing() => Shipped.Catalogue.Position("standing")!.Base.Skeleton();

    private static List<Solid> SolidsOf(Action<PropSurface> add)
    {
        var solids = new Solids();
        solids.Begin(520);
        add(new(solids));
        return [.. solids.Span];
    }

    private static (Vector3 Low, Vector3 High) BoxOf(IEnumerable<Solid> solids)
    {
        Vector3 low = new(float.MaxValue),
            high = new(float.MinValue);
        foreach (var s in solids)
        {
            // An ellipsoid reaches √(a² + b² + c²) along an axis, a box the sum.
            Vector3 Reach() =>
                s.IsBox
                    ? Vector3.Abs(s.A) + Vector3.Abs(s.B) + Vector3.Abs(s.C)
                    : Vector3.SquareRoot((s.A * s.A) + (s.B * s.B) + (s.C * s.C));
            (low, high) = (Vector3.Min(low, s.Centre - Reach()), Vector3.Max(high, s.Centre + Reach()));
        }
        return (low, high);
    }
}
