using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>What a figure shows is what the shape is: sides told apart, near before far, props under what rests on them.</summary>
public class FiguresOfTheCatalogue
{
    public static TheoryData<string> Positions => [.. Shipped.Catalogue.Positions.Select(p => p.Id)];

    [Theory]
    [MemberData(nameof(Positions))]
    public void A_position_has_all_its_parts_and_none_beyond_its_frame(string id)
    {
        var figure = Draw(id);
        foreach (var tone in new[] { Tone.Trunk, Tone.Skin, Tone.Hair, Tone.Mat })
            Assert.Contains(figure.Paths, p => p.Tone == tone);
        Assert.Contains(figure.Paths, p => p.Tone is Tone.RightArm or Tone.RightLeg);
        Assert.True(figure.Paths.Any(p => p.Tone is Tone.LeftArm or Tone.LeftLeg), "the left side is hidden");
        AssertWithin(figure, id);
    }

    [Fact]
    public void No_card_goes_beyond_its_frame()
    {
        Parallel.ForEach(
            Cards.All,
            form =>
            {
                var figure = Cards.Of(form.Move.Id);
                // What is come close to goes on beyond it by intent; its signs do not.
                if (form.Drawn.CloseUp is null)
                    AssertWithin(figure, form.Move.Id);
                else
                    foreach (var loop in figure.Loops(Tone.Mark))
                        Assert.All(loop.Points, p => Assert.True(p.IsWithin(figure.Box, 2), $"{form.Move.Id}: {p}"));
            }
        );
    }

    private static void AssertWithin(Figure figure, string id)
    {
        foreach (var path in figure.Paths)
        foreach (var loop in path.Loops())
            Assert.True(
                loop.Low.IsWithin(figure.Box, 2) && loop.High.IsWithin(figure.Box, 2),
                $"{id}: {path.Tone} {loop.Low} to {loop.High}"
            );
    }

    [Fact]
    public void Frames_are_four_by_three_of_a_few_heights_with_the_floor_at_one_share_of_them()
    {
        var boxes = Cards.All.Where(f => f.Drawn.CloseUp is null).AsParallel().Select(f => Cards.Of(f.Move.Id).Box).ToList();
        Assert.All(boxes, b => Assert.InRange((b[2] - b[0]) / (double)(b[3] - b[1]), 1.32, 1.345));
        Assert.InRange(boxes.Select(b => b[3] - b[1]).Distinct().Count(), 2, 12);
    }

    [Theory]
    [MemberData(nameof(Positions))]
    public void Drawing_twice_gives_the_same_figure(string id)
    {
        var (a, b) = (Draw(id), Draw(id));
        Assert.Equal(a.Box, b.Box);
        Assert.Equal(a.Paths, b.Paths);
    }

    [Fact]
    public void Every_move_has_frames_for_each_phase_and_both_sides_in_one_box()
    {
        // Every thirtieth: all of them take minutes, and the shapes they run through are tested elsewhere.
        foreach (var form in Cards.All.Where((_, i) => i % 30 == 0))
        foreach (var side in new[] { Side.Right, Side.Left })
        {
            var phases = FigureFrames.Of(form, form.View, side);
            Assert.Equal(form.Move.Phases.Count, phases.Count);
            Assert.All(phases, frames => Assert.Equal(FigureFrames.PerPhase, frames.Count));
            Assert.Single(phases.SelectMany(p => p).Select(f => string.Join(' ', f.Box)).Distinct());
        }
    }

    [Theory]
    [InlineData("warrior-two", "wide-stance")]
    [InlineData("thread-the-needle", "all-fours")]
    [InlineData("eagle-arms", "seated-cross")]
    public void Frames_go_on_from_each_other_without_a_jump_and_on_one_mat(string id, string position)
    {
        var form = Shipped.Catalogue.Form(Shipped.Catalogue.Move(id)!, Shipped.Catalogue.Position(position)!, MoveForm.BaseOption);
        var frames = FigureFrames.Of(form, form.View).SelectMany(f => f).ToList();
        foreach (var (before, after) in frames.Zip(frames.Skip(1)))
            Assert.InRange((before.MiddleOf(Tone.Hair) - after.MiddleOf(Tone.Hair)).Length(), 0, 90);
        Assert.Single(frames.Select(f => f.Paths.First(p => p.Tone == Tone.Mat)).Distinct());
    }

    [Fact]
    public void From_in_front_the_right_side_is_on_the_left_of_the_picture()
    {
        var figure = FigureDrawing.Draw(Shipped.Catalogue.Position("standing")!.Base, new(0, 0));
        Assert.True(figure.MiddleOf(Tone.RightLeg).X < 0 && figure.MiddleOf(Tone.LeftLeg).X > 0);
    }

    [Fact]
    public void From_the_bodys_right_the_face_looks_to_the_right_of_the_picture_and_the_right_leg_hides_the_left_one()
    {
        var figure = FigureDrawing.Draw(Shipped.Catalogue.Position("all-fours")!.Base, new(90, 0));
        Assert.True(figure.MiddleOf(Tone.Hair).X > figure.MiddleOf(Tone.Trunk).X);
        double Area(Tone tone) => figure.Loops(tone).Sum(l => l.Area);
        Assert.True(Area(Tone.RightLeg) > 4 * Area(Tone.LeftLeg));
    }

    [Theory]
    [InlineData("neck-side-tilt", "standing", 0, 8)]
    [InlineData("warrior-two", "wide-stance", 30, 12)]
    [InlineData("thread-the-needle", "all-fours", 70, 16)]
    [InlineData("eagle-arms", "seated-cross", 18, 7)]
    public void The_mirrored_shape_seen_from_the_mirrored_place_is_the_mirrored_picture_with_its_hues_exchanged(
        string id,
        string position,
        int around,
        int above
    )
    {
        var form = Shipped.Catalogue.Form(Shipped.Catalogue.Move(id)!, Shipped.Catalogue.Position(position)!, MoveForm.BaseOption);
        var shape = form.Phases[form.Move.Picture].Shape;
        var (right, left) = (FigureDrawing.Draw(shape, new(around, above)), FigureDrawing.Draw(shape.Mirror(), new(-around, above)));
        Tone Exchanged(Tone tone) =>
            tone switch
            {
                Tone.RightArm => Tone.LeftArm,
                Tone.LeftArm => Tone.RightArm,
                Tone.RightLeg => Tone.LeftLeg,
                Tone.LeftLeg => Tone.RightLeg,
                _ => tone,
            };
        foreach (var tone in Enum.GetValues<Tone>().Where(t => t < Tone.Seam))
        {
            var (mine, other) = (right.Loops(tone), left.Loops(Exchanged(tone)));
            Assert.Equal(mine.Count > 0, other.Count > 0);
            if (mine.Count == 0)
                continue;
            // To a pixel, two thousandths, and to a quarter of one all along its border; the paths begin elsewhere.
            var within = .5f * mine.Sum(l => l.Border);
            Assert.InRange(mine.Sum(l => l.Area) - other.Sum(l => l.Area), -within, within);
            Assert.InRange(mine.Min(l => l.Low.X) + other.Max(l => l.High.X), -4, 4);
            Assert.InRange(mine.Max(l => l.High.Y) - other.Max(l => l.High.Y), -4, 4);
        }
    }

    [Theory]
    [InlineData("chair-edge", true)]
    [InlineData("seated-cross", true)]
    [InlineData("standing", false)]
    [InlineData("all-fours", false)]
    public void What_a_body_rests_on_is_drawn(string id, bool hasProp) =>
        Assert.Equal(hasProp, Draw(id).Paths.Any(p => p.Tone is Tone.Prop or Tone.PropSide or Tone.Cloth or Tone.ClothSide));

    [Theory]
    [InlineData("standing", 0, 2)]
    [InlineData("standing", 90, 1)]
    [InlineData("standing", 180, 0)]
    public void Eyes_are_seen_from_in_front_one_in_profile_and_none_from_behind(string id, int around, int eyes) =>
        Assert.Equal(eyes, FigureDrawing.Draw(Shipped.Catalogue.Position(id)!.Base, new(around, 8)).Loops(Tone.Eye).Count);

    [Fact]
    public void A_limb_is_as_wide_and_as_long_as_the_body_says()
    {
        // Straight from in front a leg hangs: its region ends at the hip line and the ankle, within the silhouette of its solids.
        var figure = FigureDrawing.Draw(Shipped.Catalogue.Position("standing")!.Base, new(0, 0));
        var body = Shipped.Catalogue.Position("standing")!.Base.Skeleton();
        foreach (
            var (tone, hip, ankle) in new[]
            {
                (Tone.RightLeg, Segment.RightThigh, Segment.RightFoot),
                (Tone.LeftLeg, Segment.LeftThigh, Segment.LeftFoot),
            }
        )
        {
            var leg = figure.Loops(tone).MaxBy(l => l.Area)!;
            Assert.InRange(-leg.Low.Y - (body[hip].Origin.Y * 1000), -30, 30);
            Assert.InRange(-leg.High.Y - (body[ankle].Origin.Y * 1000), -35, 15);
            Assert.InRange(leg.High.X - leg.Low.X, 2 * 1000 * 0.036, 2 * 1000 * 0.09);
        }
    }

    [Fact]
    public void Paths_are_small()
    {
        // Of cards of one moment; digits and signs: half of it as sent.
        var sizes = Cards
            .All.Where(f => Moments.Of(f).Count == 1)
            .Select(f => Cards.Of(f.Move.Id).Paths.Sum(p => p.Steps.Length))
            .Order()
            .ToList();
        Assert.InRange(sizes[sizes.Count * 95 / 100], 1000, 11_000);
    }

    private static Figure Draw(string id) => FigureDrawing.Draw(Shipped.Catalogue.Position(id)!.Base, Shipped.Catalogue.Position(id)!.View);
}
