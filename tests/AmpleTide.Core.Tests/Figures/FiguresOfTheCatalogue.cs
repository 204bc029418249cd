using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>What a figure shows is what the shape is: sides told apart, near before far, props under what rests on them.</summary>
public class FiguresOfTheCatalogue
{
    public static TheoryData<string> Positions => [.. Shipped.Catalogue.Positions.Select(p => p.Id)];

    [Theory]
    [MemberData(nameof(Positions))]
    public void A_figure_has_all_its_parts_inside_its_box(string id)
    {
        var figure = Draw(id);
        foreach (var tone in new[] { Tone.Trunk, Tone.Right, Tone.Left, Tone.Skin, Tone.Hair, Tone.Mat })
            Assert.Contains(figure.Parts, p => p.Tone == tone);
        foreach (var capsule in figure.Parts.SelectMany(p => p.Capsules))
        {
            Assert.InRange(capsule.X1 - capsule.R1, figure.Box[0], figure.Box[2]);
            Assert.InRange(capsule.Y2 + capsule.R2, figure.Box[1], figure.Box[3]);
            Assert.True(capsule is { R1: > 0, R2: > 0 });
        }
    }

    [Theory]
    [MemberData(nameof(Positions))]
    public void Drawing_twice_gives_the_same_figure(string id)
    {
        var (a, b) = (Draw(id), Draw(id));
        Assert.Equal(a.Box, b.Box);
        Assert.Equal(a.Parts.SelectMany(p => p.Capsules), b.Parts.SelectMany(p => p.Capsules));
    }

    [Fact]
    public void Every_move_has_frames_for_each_phase_and_both_sides_that_end_in_its_shapes()
    {
        foreach (var move in Shipped.Catalogue.Moves)
        {
            var position = Shipped.Catalogue.Position(move.In[0])!;
            var form = Shipped.Catalogue.Form(move, position, MoveForm.BaseOption);
            foreach (var side in new[] { Side.Right, Side.Left })
            {
                var phases = FigureFrames.Of(form, move.View ?? position.View, side);
                Assert.Equal(move.Phases.Count, phases.Count);
                Assert.All(phases, frames => Assert.Equal(FigureFrames.PerPhase, frames.Count));
            }
        }
    }

    [Fact]
    public void Frames_go_on_from_each_other_without_a_jump()
    {
        var form = Shipped.Catalogue.Form(
            Shipped.Catalogue.Move("warrior-two")!,
            Shipped.Catalogue.Position("wide-stance")!,
            MoveForm.BaseOption
        );
        var frames = FigureFrames.Of(form, new(4, 8), Side.Right).SelectMany(f => f).ToList();
        foreach (var (before, after) in frames.Zip(frames.Skip(1)))
            Assert.InRange(Math.Abs(MiddleX(before, Tone.Hair) - MiddleX(after, Tone.Hair)), 0, 60);
    }

    [Fact]
    public void From_in_front_the_right_side_is_on_the_left_of_the_picture()
    {
        var figure = FigureDrawing.Draw(Shipped.Catalogue.Position("standing")!.Base, new(0, 0));
        Assert.True(MiddleX(figure, Tone.Right) < 0 && MiddleX(figure, Tone.Left) > 0);
    }

    [Fact]
    public void From_the_bodys_right_the_face_looks_to_the_right_of_the_picture_and_the_right_arm_is_nearest()
    {
        var shape = Shipped.Catalogue.Position("all-fours")!.Base;
        var figure = FigureDrawing.Draw(shape, new(90, 0));
        Assert.True(MiddleX(figure, Tone.Hair) > MiddleX(figure, Tone.Trunk));
        var order = figure.Parts.Select(p => p.Tone).ToList();
        Assert.True(order.LastIndexOf(Tone.Right) > order.IndexOf(Tone.Trunk));
        Assert.True(order.IndexOf(Tone.Left) < order.IndexOf(Tone.Trunk));
    }

    [Fact]
    public void The_mirrored_shape_seen_from_in_front_is_the_flipped_picture_with_hues_swapped()
    {
        var shape = Shipped
            .Catalogue.Form(Shipped.Catalogue.Move("neck-side-tilt")!, Shipped.Catalogue.Position("standing")!, "base")
            .Phases[1]
            .Shape;
        var (right, left) = (FigureDrawing.Draw(shape, new(0, 8)), FigureDrawing.Draw(shape.Mirror(), new(0, 8)));
        Assert.Equal(-MiddleX(right, Tone.Right), MiddleX(left, Tone.Left), 3);
        Assert.Equal(-MiddleX(right, Tone.Hair), MiddleX(left, Tone.Hair), 3);
    }

    [Theory]
    [InlineData("chair-edge", true)]
    [InlineData("seated-cross", true)]
    [InlineData("standing", false)]
    [InlineData("all-fours", false)]
    public void What_a_body_rests_on_is_drawn_before_it(string id, bool hasProp)
    {
        var tones = Draw(id).Parts.Select(p => p.Tone).ToList();
        Assert.Equal(hasProp, tones.Contains(Tone.Prop));
        if (hasProp)
            Assert.True(tones.IndexOf(Tone.Prop) < tones.IndexOf(Tone.Trunk));
    }

    [Theory]
    [InlineData("standing", 0, 3)]
    [InlineData("standing", 180, 0)]
    public void Eyes_and_mouth_are_seen_from_in_front_and_not_from_behind(string id, int around, int features) =>
        Assert.Equal(
            features,
            FigureDrawing.Draw(Shipped.Catalogue.Position(id)!.Base, new(around, 8)).Parts.Count(p => p.Tone == Tone.Eye)
        );

    private static Figure Draw(string id) => FigureDrawing.Draw(Shipped.Catalogue.Position(id)!.Base, Shipped.Catalogue.Position(id)!.View);

    private static double MiddleX(Figure figure, Tone tone) =>
        figure.Parts.Where(p => p.Tone == tone).SelectMany(p => p.Capsules).Average(c => (c.X1 + c.X2) / 2.0);
}
