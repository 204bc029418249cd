using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Raster;
using AmpleTide.Core.Figures.Surface;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>The steps of drawing, each against what geometry says.</summary>
public class FromSolidsToPaths
{
    private const int Size = 120;

    [Theory]
    [InlineData(0, 0)]
    [InlineData(40, 30)]
    [InlineData(200, 70)]
    public void A_ball_is_a_disc_from_everywhere(double around, double above)
    {
        var canvas = Drawn(new Solid(Vector3.Zero, new(.3f, 0, 0), new(0, .3f, 0), new(0, 0, .3f), Part.Trunk), around, above);
        // π r², r of 30 pixels; nearest in its middle.
        Assert.InRange(canvas.Parts.Take(canvas.Size).Count(p => p != 0), Math.PI * 900 * 0.99, Math.PI * 900 * 1.01);
        Assert.Equal(30, canvas.Depth[(Size / 2 * Size) + (Size / 2)], 0.1);
    }

    [Fact]
    public void An_ellipsoid_has_the_outline_of_its_half_axes_and_a_box_that_of_its_sides()
    {
        var oval = Drawn(new Solid(Vector3.Zero, new(.4f, 0, 0), new(0, .2f, 0), new(0, 0, .1f), Part.Trunk), 0, 0);
        Assert.InRange(oval.Parts.Take(oval.Size).Count(p => p != 0), Math.PI * 800 * 0.985, Math.PI * 800 * 1.015);
        var box = Drawn(new Solid(Vector3.Zero, new(.4f, 0, 0), new(0, .2f, 0), new(0, 0, .1f), Part.HardProp, IsBox: true), 90, 0);
        // From its side: twice .1 by twice .2 statures.
        Assert.InRange(box.Parts.Take(box.Size).Count(p => p != 0), 20 * 40 * 0.95, 20 * 40 * 1.05);
    }

    [Theory]
    [InlineData(0, 0)]
    [InlineData(40, 30)]
    [InlineData(200, 70)]
    [InlineData(-90, 0)]
    public void A_box_has_the_outline_and_the_front_of_its_faces_from_everywhere(double around, double above)
    {
        Vector3 a = new(.4f, 0, 0),
            b = new(0, .2f, 0),
            c = new(0, 0, .1f);
        var (canvas, camera) = (Drawn(new Solid(Vector3.Zero, a, b, c, Part.HardProp, IsBox: true), around, above), Eye(around, above));
        // A face of a turned box covers its area times the cosine of its turn; of two opposite ones one is seen.
        float[] turns = [camera.Seen(new(1, 0, 0)).Z, camera.Seen(new(0, 1, 0)).Z, camera.Seen(new(0, 0, 1)).Z];
        var (acrossA, acrossB, acrossC) = (40 * 20, 80 * 20, 80 * 40);
        var covered = (MathF.Abs(turns[0]) * acrossA) + (MathF.Abs(turns[1]) * acrossB) + (MathF.Abs(turns[2]) * acrossC);
        Assert.InRange(canvas.Parts.Take(canvas.Size).Count(p => p != 0), covered * 0.96, covered * 1.04);
        // The line of sight through the middle leaves by the face it meets first.
        var front = MathF.Min(40 / MathF.Abs(turns[0]), MathF.Min(20 / MathF.Abs(turns[1]), 10 / MathF.Abs(turns[2])));
        Assert.Equal(front, canvas.Depth[(Size / 2 * Size) + (Size / 2)], 2.5);
    }

    [Fact]
    public void What_is_nearer_hides_what_is_farther_in_whatever_order_they_come()
    {
        Solid near = new(new(0, 0, .3f), new(.1f, 0, 0), new(0, .1f, 0), new(0, 0, .1f), Part.LeftPalm),
            far = new(new(0, 0, -.3f), new(.2f, 0, 0), new(0, .2f, 0), new(0, 0, .2f), Part.Trunk);
        foreach (var solids in new[] { new[] { near, far }, [far, near] })
        {
            var canvas = Drawn(solids, 0, 0);
            Assert.Equal(Part.LeftPalm, canvas.PartAt((Size / 2 * Size) + (Size / 2)));
            Assert.Contains((int)Part.Trunk, canvas.Parts);
        }
    }

    private static Canvas Drawn(Solid solid, double around, double above) => Drawn([solid], around, above);

    private static Canvas Drawn(Solid[] solids, double around, double above)
    {
        var canvas = new Canvas();
        canvas.Begin(-Size / 2, -Size / 2, Size / 2, Size / 2);
        Rasterizer.Draw(solids, [], Eye(around, above), canvas);
        return canvas;
    }

    private static Camera Eye(double around, double above) => new(new(around, above), Vector3.Zero, 100);

    [Fact]
    public void A_disc_is_traced_as_one_loop_of_few_curves_and_its_area()
    {
        var outlines = Traced((x, y) => Math.Pow(x - 60, 2) + Math.Pow(y - 60, 2) < 1600 ? 1 : 0);
        var loop = Assert.Single(outlines[1]);
        Assert.InRange(loop.Count, 2, 12);
        Assert.InRange(Area(loop), Math.PI * 1600 * 0.965, Math.PI * 1600 * 1.01);
    }

    [Fact]
    public void Two_regions_that_touch_share_their_border_and_a_hole_is_a_loop_of_its_own()
    {
        // A square in two halves with a hole in the right one.
        var outlines = Traced(
            (x, y) =>
                x is < 20 or >= 100 || y is < 20 or >= 100 || (x is >= 70 and < 90 && y is >= 50 and < 70) ? 0
                : x < 60 ? 1
                : 2
        );
        Assert.Single(outlines[1]);
        Assert.Equal(2, outlines[2].Count);
        var border = outlines[1][0].Where(c => Math.Abs(c.A.X - 60) < 1 && Math.Abs(c.D.X - 60) < 1).ToList();
        var other = outlines[2].SelectMany(l => l).Where(c => Math.Abs(c.A.X - 60) < 1 && Math.Abs(c.D.X - 60) < 1).ToList();
        Assert.NotEmpty(border);
        Assert.Equal(border.Select(c => c.Reversed).OrderBy(c => c.A.Y), other.OrderBy(c => c.A.Y));
        Assert.InRange(Area(outlines[1][0]), 3100, 3230);
    }

    [Fact]
    public void Specks_go_to_their_neighbour()
    {
        var outlines = Traced(
            (x, y) =>
                x is < 20 or >= 100 || y is < 20 or >= 100 ? 0
                : x is >= 50 and < 53 && y is >= 50 and < 53 ? 2
                : 1
        );
        Assert.Equal([1], outlines.Keys);
        Assert.Single(outlines[1]);
    }

    private static Dictionary<int, List<List<Cubic>>> Traced(Func<int, int, int> colour)
    {
        const int spare = 64;
        var (image, across, down) = (new int[(Size * Size) + spare], new byte[(Size * Size) + spare], new byte[(Size * Size) + spare]);
        for (var i = 0; i < Size * Size; i++)
            image[i] = colour(i % Size, i / Size);
        for (var i = 0; i < (Size - 1) * Size; i++)
        {
            across[i] = (byte)(image[i] != image[i + 1] ? 1 : 0);
            down[i] = (byte)(image[i] != image[i + Size] ? 1 : 0);
        }
        var map = new PlanarMap();
        map.Trace(Size, Size, image, across, down);
        return map.Outlines();
    }

    private static double Area(List<Cubic> loop)
    {
        var points = loop.SelectMany(c => Enumerable.Range(0, 8).Select(i => c.At(i / 8f))).ToList();
        return new Loop(points, true, true).Area;
    }

    [Fact]
    public void Points_of_a_line_are_one_straight_curve_and_those_of_a_corner_two()
    {
        var curves = new List<Cubic>();
        CurveFit.Add([.. Enumerable.Range(0, 40).Select(i => new Vector2(i, i * .5f))], default, default, curves);
        Assert.True(Assert.Single(curves).IsStraight);
        curves.Clear();
        CurveFit.Add(
            [.. Enumerable.Range(0, 30).Select(i => new Vector2(i, 0)), .. Enumerable.Range(1, 30).Select(i => new Vector2(29, i))],
            default,
            default,
            curves
        );
        Assert.Equal(2, curves.Count);
        Assert.All(curves, c => Assert.True(c.IsStraight));
    }

    [Fact]
    public void Points_of_a_circle_are_fitted_to_less_than_a_pixel()
    {
        var points = Enumerable.Range(0, 100).Select(i => new Vector2(MathF.Cos(i * .03f), MathF.Sin(i * .03f)) * 50).ToArray();
        var curves = new List<Cubic>();
        CurveFit.Add(points, default, default, curves);
        Assert.InRange(curves.Count, 1, 5);
        Assert.All(curves.SelectMany(c => Enumerable.Range(0, 9).Select(i => c.At(i / 8f))), p => Assert.InRange(p.Length(), 49.2f, 50.8f));
    }

    [Fact]
    public void A_path_is_moved_by_its_beginning_alone()
    {
        var writer = new PathWriter(1, Vector2.Zero);
        writer.Add((Vector2[])[new(10, 10), new(20, 10), new(20, 30)], close: true);
        writer.Add((Vector2[])[new(50, 50), new(60, 50), new(60, 70)], close: true);
        var path = writer.As(Tone.Mark)!;
        var (here, there) = (path.Loops(), path.Moved(7, -3).Loops());
        Assert.Equal(2, here.Count);
        Assert.Equal(here.SelectMany(l => l.Points).Select(p => p + new Vector2(7, -3)), there.SelectMany(l => l.Points));
        Assert.Equal(new(50, 50), here[1].Points[0]);
    }

    [Theory]
    [InlineData("fists-and-spread")]
    [InlineData("closing-bow")]
    [InlineData("knees-hugged")]
    public void Hands_go_over_from_one_pose_to_the_next_and_never_switch(string id)
    {
        var move = Shipped.Catalogue.Move(id)!;
        var form = Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
        for (var phase = 1; phase < form.Phases.Length; phase++)
        {
            HandPose[] Of(PhaseForm p) => HandPosing.Both(new(p.Shape), p.Phase.Look);
            var (from, to) = (Of(form.Phases[phase - 1]), Of(form.Phases[phase]));
            for (var side = 0; side < 2; side++)
            {
                var (before, after) = (new Vector3[4], new Vector3[4]);
                for (var step = 0; step < 20; step++)
                {
                    Joints(from[side].Towards(to[side], step / 20f), before);
                    Joints(from[side].Towards(to[side], (step + 1) / 20f), after);
                    for (var j = 0; j < 4; j++)
                        Assert.InRange((before[j] - after[j]).Length(), 0, 0.03f);
                }
                Assert.Same(from[side], from[side].Towards(from[side], .5f));
            }
        }
    }

    private static void Joints(HandPose pose, Span<Vector3> joints)
    {
        var hand = new HandFrame(Vector3.Zero, Vector3.UnitX, Vector3.UnitY, Vector3.UnitZ);
        HandSurface.Joints(hand.In(pose), 1, pose.Fingers[1], joints);
    }

    [Fact]
    public void The_left_hand_of_a_mirrored_body_lies_as_the_right_one_did()
    {
        foreach (var id in new[] { "closing-bow", "eagle-arms", "one-knee-held", "palming" })
        {
            var move = Shipped.Catalogue.Move(id)!;
            var form = Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
            var (shape, look) = (form.Phases[move.Picture].Shape, form.Phases[move.Picture].Phase.Look);
            var (as_, mirrored) = (HandPosing.Both(new(shape), look), HandPosing.Both(new(shape.Mirror()), look));
            for (var side = 0; side < 2; side++)
            for (var finger = 0; finger < 4; finger++)
                Assert.Equal(as_[side].Fingers[finger].Knuckle, mirrored[1 - side].Fingers[finger].Knuckle, 0.13f);
        }
    }
}
