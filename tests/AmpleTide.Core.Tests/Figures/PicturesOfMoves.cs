using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>A still picture says what moves, where the attention goes, and what stands by.</summary>
public class PicturesOfMoves
{
    [Theory]
    [InlineData("shrug-and-drop", 0, 2, -1)] // both shoulders, up
    [InlineData("slow-nods", 0, 1, 0)] // the crown, forward
    [InlineData("bridge", 0, 2, -1)] // both hips, up
    [InlineData("heel-raises-seated", 0, 2, -1)]
    public void What_moves_has_an_arrow_that_points_the_way_it_goes(string id, int phase, int arrows, int upOrDown)
    {
        var marks = Marks(Picture(id, phase));
        Assert.Equal(arrows, marks.Count);
        // An arrow's head comes first in its outline: its tip, then its two corners.
        Assert.All(marks, m => Assert.Equal(upOrDown, upOrDown == 0 ? 0 : Math.Sign(m.Outlines[0][1] - m.Capsules[^1].Y2)));
    }

    [Theory]
    [InlineData("folded-rest-hold")]
    [InlineData("final-rest")]
    [InlineData("warrior-two")]
    [InlineData("tree")]
    public void A_shape_that_is_held_needs_no_arrow(string id) => Assert.Empty(Marks(Picture(id)));

    [Fact]
    public void A_flow_or_rhythm_always_says_what_moves()
    {
        // By an arrow, or by a face or hands that change.
        var mute = Shipped
            .Catalogue.Moves.Where(m =>
                m.Kind is MoveKind.Flow or MoveKind.Rhythm
                && m.Phases.Select(p => p.Look).Distinct().Count() == 1
                && Marks(Picture(m.Id)).Count == 0
            )
            .Select(m => m.Id);
        Assert.Empty(mute);
    }

    [Fact]
    public void A_move_that_goes_back_the_way_it_came_has_arrows_with_two_heads()
    {
        Assert.All(Marks(Picture("cow-face-quick-change")), m => Assert.Single(m.Outlines));
        Assert.All(Marks(Picture("shoulder-rolls")), m => Assert.Equal(2, m.Outlines.Count));
    }

    [Fact]
    public void A_circle_is_drawn_as_one_all_but_closed()
    {
        foreach (var move in Shipped.Catalogue.Moves.Where(m => m.Sides == Sidedness.Circling))
        {
            Assert.All(
                Marks(Picture(move.Id)),
                ring =>
                {
                    var (left, right) = (ring.Capsules.Min(c => c.X1), ring.Capsules.Max(c => c.X1));
                    var gap = Math.Sqrt(
                        Math.Pow(ring.Capsules[0].X1 - ring.Capsules[^1].X2, 2) + Math.Pow(ring.Capsules[0].Y1 - ring.Capsules[^1].Y2, 2)
                    );
                    Assert.True(gap < right - left, $"{move.Id}: {gap} open, {right - left} wide");
                }
            );
        }
    }

    [Theory]
    [InlineData("humming-breath", 1, 2)] // both eyes shut: lines
    [InlineData("face-scrunch", 0, 2)]
    [InlineData("eyes-open", 0, 2)]
    [InlineData("eyes-open", 1, 0)]
    public void A_face_does_what_the_phase_says(string id, int phase, int linedEyes)
    {
        var eyes = Picture(id, phase).Parts.Where(p => p.Tone == Tone.Eye).Take(2);
        Assert.Equal(linedEyes, eyes.Count(e => e.Capsules.All(c => c.X1 != c.X2 || c.Y1 != c.Y2)));
    }

    [Theory]
    [InlineData("humming-breath", 450)]
    [InlineData("fists-and-spread", 600)]
    [InlineData("mountain", 1200)]
    public void A_picture_comes_as_close_as_what_matters_is_small(string id, int tallest)
    {
        var box = Picture(id).Box;
        Assert.InRange(box[3] - box[1], tallest / 2, tallest);
    }

    [Fact]
    public void A_face_that_is_come_close_to_is_seen()
    {
        // Sitting, standing or lying on the back: its eyes are drawn, and within the frame.
        var hidden =
            from move in Shipped.Catalogue.Moves
            where move.Drawn.CloseUp is CloseUp.Face or CloseUp.Head
            from position in Shipped.Catalogue.PositionsOf(move)
            where position.Id != "folded-rest"
            let picture = FigureDrawing.Picture(Shipped.Catalogue.Form(move, position, MoveForm.BaseOption))
            let eyes = picture.Parts.Where(p => p.Tone == Tone.Eye).SelectMany(p => p.Capsules).ToList()
            where eyes.Count == 0 || !eyes.All(c => Within(picture.Box, c))
            select $"{move.Id} in {position.Id}";
        Assert.Empty(hidden);
    }

    [Fact]
    public void Nobody_is_come_close_to_who_bends_over_the_floor()
    {
        var move = Shipped.Catalogue.Move("breath-to-a-place")!;
        int Wide(string position)
        {
            var box = FigureDrawing.Picture(Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(position)!, MoveForm.BaseOption)).Box;
            return box[2] - box[0];
        }
        Assert.True(Wide("folded-rest") > 1.5 * Wide("seated-cross"));
    }

    [Fact]
    public void Spread_hands_are_drawn_finger_by_finger()
    {
        int Parts(int phase) => Picture("fists-and-spread", phase).Parts.Where(p => p.Tone == Tone.Skin).Sum(p => p.Capsules.Count);
        Assert.True(Parts(0) > Parts(1) + 6, $"spread {Parts(0)}, fists {Parts(1)}");
    }

    [Fact]
    public void Breathing_shows_where_it_is_felt()
    {
        var mute = Shipped.Catalogue.Moves.Where(m => m.Kind == MoveKind.Breathing && Marks(Picture(m.Id)).Count == 0).Select(m => m.Id);
        Assert.Empty(mute);
    }

    [Theory]
    [InlineData("hamstring-with-strap", Tone.PropEdge)]
    [InlineData("sit-to-stand", Tone.Prop)]
    [InlineData("block-foot-taps", Tone.Prop)]
    public void What_stands_by_or_is_held_is_drawn(string id, Tone tone) => Assert.Contains(Picture(id).Parts, p => p.Tone == tone);

    [Fact]
    public void A_chair_stays_when_its_sitter_rises_and_is_where_it_was_for_either_side()
    {
        var form = Form("leg-taps");
        foreach (var side in new[] { Core.Body.Side.Right, Core.Body.Side.Left })
            Assert.All(
                FigureFrames.Of(form, form.Position.View, side).SelectMany(f => f),
                f => Assert.Contains(f.Parts, p => p.Tone == Tone.PropEdge)
            );
    }

    [Fact]
    public void Every_phase_of_every_form_has_a_picture()
    {
        foreach (var form in Shipped.Catalogue.Moves.SelectMany(Shipped.Catalogue.Forms))
            for (var phase = 0; phase < form.Phases.Length; phase++)
            {
                var tones = FigureDrawing.Picture(form, phase).Parts.Select(p => p.Tone).ToHashSet();
                // Hands and feet that are come close to stand for themselves.
                var alone = form.Move.Drawn.CloseUp is CloseUp.Hands or CloseUp.Feet;
                Assert.Equal(!alone, tones.Contains(Tone.Hair));
                Assert.Equal(!alone, tones.Contains(Tone.Trunk));
                Assert.Superset(new HashSet<Tone> { Tone.Right, Tone.Left }, tones);
            }
    }

    [Fact]
    public void Moments_stand_apart_within_one_frame()
    {
        foreach (
            var move in Shipped.Catalogue.Moves.Where(m =>
                m.Drawn.Earlier.Count > 0 && m.Drawn.CloseUp is not (CloseUp.Hands or CloseUp.Feet)
            )
        )
        {
            var picture = FigureDrawing.Picture(Form(move.Id));
            var heads = picture.Parts.Where(p => p.Tone == Tone.Hair).Select(p => p.Capsules[0]).ToList();
            Assert.Equal(move.Drawn.Earlier.Count + 1, heads.Count);
            Assert.All(
                heads.Zip(heads.Skip(1)),
                pair =>
                    Assert.True(
                        Math.Abs(pair.First.X1 - pair.Second.X1) + Math.Abs(pair.First.Y1 - pair.Second.Y1)
                            > pair.First.R1 + pair.Second.R1,
                        move.Id
                    )
            );
            Assert.All(heads, h => Assert.True(Within(picture.Box, h), move.Id));
            Assert.Contains(picture.Parts, p => p.Tone == Tone.Mark);
        }
    }

    [Fact]
    public void Those_who_lie_are_drawn_one_below_the_other_those_who_stand_side_by_side()
    {
        (int Right, int Down) Apart(string id)
        {
            var heads = FigureDrawing.Picture(Form(id)).Parts.Where(p => p.Tone == Tone.Hair).Select(p => p.Capsules[0]).ToList();
            return (Math.Abs(heads[1].X1 - heads[0].X1), Math.Abs(heads[1].Y1 - heads[0].Y1));
        }
        Assert.True(Apart("gather-the-midline").Right > Apart("gather-the-midline").Down);
        Assert.True(Apart("squeeze-and-sigh").Down > Apart("squeeze-and-sigh").Right);
    }

    [Theory]
    [InlineData("long-out-breath", 0, true)]
    [InlineData("long-out-breath", 2, false)]
    [InlineData("sigh", 1, false)]
    public void Breath_streams_in_or_out_as_the_phase_breathes(string id, int phase, bool towards)
    {
        var picture = Picture(id, phase);
        var stream = Assert.Single(Marks(picture));
        var head = picture.Parts.First(p => p.Tone == Tone.Hair).Capsules[0];
        double Far(double x, double y) => Math.Sqrt(Math.Pow(x - head.X1, 2) + Math.Pow(y - head.Y1, 2));
        var (tip, tail) = (Far(stream.Outlines[0][0], stream.Outlines[0][1]), Far(stream.Capsules[^1].X2, stream.Capsules[^1].Y2));
        Assert.Equal(towards, tip < tail);
    }

    [Fact]
    public void Sips_are_counted_and_breath_that_only_comes_and_goes_streams_both_ways()
    {
        Assert.Equal([1, 2, 3, 1], Enumerable.Range(0, 4).Select(phase => Marks(Picture("sip-breath", phase)).Count));
        Assert.Equal(2, Marks(Picture("natural-breath")).Count);
    }

    [Theory]
    [InlineData("shake-the-hands", "right.hand", "left.hand")]
    [InlineData("leg-taps", "right.outer-shin", "left.outer-shin")]
    [InlineData("noticing-pause", "right.shoulder", "left.shoulder")]
    public void A_sign_lies_round_its_place_and_takes_the_place_of_arrows(string id, params string[] places)
    {
        var marks = Marks(Picture(id));
        Assert.Equal(places.Length, marks.Count);
        Assert.Equal(places, Shipped.Catalogue.Move(id)!.Drawn.Signs.Select(s => s.At.Name));
        // All round it: as wide as a head at most, as a wrist at least.
        Assert.All(
            marks,
            m => Assert.InRange(m.Capsules.Max(c => Math.Max(c.X1, c.X2)) - m.Capsules.Min(c => Math.Min(c.X1, c.X2)), 60, 160)
        );
    }

    [Fact]
    public void A_sign_stays_by_its_place()
    {
        // A joint has no outside to point out of; its sign is drawn there all the same. A dotted ring has its place in its middle.
        var form = Form("mountain");
        foreach (var mark in Core.Body.Landmark.Names.Select(name => Core.Body.Landmark.Find(name)!))
        {
            var ring = Signed(Sign.Attend).SelectMany(m => m.Capsules).ToList();
            var (x, y) = (ring.Average(c => c.X1), ring.Average(c => c.Y1));
            foreach (var sign in Enum.GetValues<Sign>())
            foreach (var head in Signed(sign).SelectMany(m => m.Outlines))
                Assert.True(Math.Abs(head[0] - x) + Math.Abs(head[1] - y) < 260, $"{sign} at {mark.Name}");

            List<FigurePart> Signed(Sign sign) =>
                Marks(
                    FigureDrawing.Picture(
                        form with
                        {
                            Move = form.Move with { Drawn = form.Move.Drawn with { Signs = [(sign, mark)] } },
                        },
                        0
                    )
                );
        }
    }

    private static bool Within(int[] box, Capsule c) => c.X1 >= box[0] && c.X1 <= box[2] && c.Y1 >= box[1] && c.Y1 <= box[3];

    private static List<FigurePart> Marks(Figure figure) => [.. figure.Parts.Where(p => p.Tone == Tone.Mark)];

    private static Figure Picture(string id, int? phase = null) =>
        FigureDrawing.Picture(Form(id), phase ?? Shipped.Catalogue.Move(id)!.Picture);

    private static MoveForm Form(string id)
    {
        var move = Shipped.Catalogue.Move(id)!;
        return Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
    }
}
