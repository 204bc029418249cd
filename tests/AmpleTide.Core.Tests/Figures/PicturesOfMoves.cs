using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>A still picture says what moves, where the attention goes, and what stands by.</summary>
public class PicturesOfMoves
{
    [Theory]
    [InlineData("shrug-and-drop", 0, 2, -1)] // both shoulders, up
    [InlineData("slow-nods", 0, 1, 0)] // the crown, forward
    [InlineData("bridge", 0, 1, -1)] // the tail, up
    [InlineData("heel-raises-seated", 0, 2, -1)]
    public void What_moves_has_an_arrow_that_points_the_way_it_goes(string id, int phase, int arrows, int upOrDown)
    {
        var heads = Picture(id, phase).Heads();
        Assert.Equal(arrows, heads.Count);
        if (upOrDown != 0)
            Assert.All(heads, h => Assert.Equal(upOrDown, Math.Sign(Pointing(h).Y)));
    }

    // From the middle of its back to its tip: its corner that is farthest from the others.
    private static Vector2 Pointing(Loop head)
    {
        var tip = head.Points.MaxBy(p => (p - head.Middle).Length());
        return tip - head.Middle;
    }

    [Theory]
    [InlineData("folded-rest-hold")]
    [InlineData("final-rest")]
    [InlineData("warrior-two")]
    [InlineData("tree")]
    public void A_shape_that_is_held_needs_no_arrow(string id) => Assert.Empty(Card(id).Loops(Tone.Mark));

    [Fact]
    public void A_flow_or_rhythm_always_says_what_moves()
    {
        // By an arrow, or by a face or hands that change.
        var mute = Shipped
            .Catalogue.Moves.Where(m =>
                m.Kind is MoveKind.Flow or MoveKind.Rhythm
                && m.Phases.Select(p => p.Look).Distinct().Count() == 1
                && Card(m.Id).Loops(Tone.Mark).Count == 0
            )
            .Select(m => m.Id);
        Assert.Empty(mute);
    }

    [Theory]
    [InlineData("nose-circles", "nose")]
    [InlineData("full-neck-circles", "crown")]
    [InlineData("torso-circles", "crown")]
    [InlineData("whole-trunk-circles", "crown")]
    [InlineData("shoulder-rolls", "right.shoulder-top")]
    [InlineData("elbow-circles", "left.elbow")]
    [InlineData("arm-circles", "right.fingertips")]
    [InlineData("opposing-arm-circles", "right.fingertips")]
    [InlineData("opposing-arm-circles", "left.fingertips")]
    [InlineData("hip-circles-fours", "right.hip")]
    [InlineData("ankle-circles", "right.toe-tip")]
    public void A_circle_is_all_but_closed_and_has_a_head_the_way_it_is_gone(string id, string landmark)
    {
        var (form, picture) = (Form(id), Picture(id));
        var rings = picture.Loops(Tone.Mark).Where(l => l.Points.Count > 20).ToList();
        Assert.Equal(rings.Count, picture.Heads().Count);
        var way = WayOf(form, Landmark.Find(landmark)!);
        var round = way.Aggregate((a, b) => a + b) / way.Count;
        var ring = rings.MinBy(r => (Inside(r) - round).Length())!;
        var head = picture.Heads().MinBy(h => ring.Points.Min(p => (p - h.Middle).Length()))!;
        Assert.InRange(ring.Points.Min(p => (p - head.Middle).Length()), 0, 40);
        Assert.Equal(
            Math.Sign(way.Select((p, i) => Turning(p, way[(i + 1) % way.Count])).Sum()),
            Math.Sign(Turning(head.Middle - Inside(ring), Pointing(head)))
        );

        static Vector2 Inside(Loop loop) => (loop.Low + loop.High) / 2;
        static float Turning(Vector2 from, Vector2 to) => (from.X * to.Y) - (from.Y * to.X);
    }

    // Where a landmark is at the end of each phase. The nose stays in place when it turns, so that it is taken far in front of the face;
    // a head goes round over the floor, so that it is taken at one height.
    private static List<Vector2> WayOf(MoveForm form, Landmark mark)
    {
        const double far = 3;
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(form.Phases[form.Move.Picture].Shape));
        return
        [
            .. form
                .Phases.Select(p => p.Shape.Skeleton())
                .Select(b =>
                    see(
                        mark.Name switch
                        {
                            "nose" => mark.Inside(b) + ((mark.On(b) - mark.Inside(b)) * far),
                            "crown" => mark.On(b) with { Y = 0.6 },
                            _ => mark.On(b),
                        }
                    )
                ),
        ];
    }

    [Theory]
    [InlineData("humming-breath", 1, 0)] // both eyes shut
    [InlineData("face-scrunch", 0, 0)]
    [InlineData("eyes-open", 0, 0)]
    [InlineData("eyes-open", 1, 2)]
    public void A_face_does_what_the_phase_says(string id, int phase, int pupils) =>
        Assert.Equal(pupils, Picture(id, phase).Loops(Tone.Eye).Count);

    [Theory]
    [InlineData("humming-breath", 450)]
    [InlineData("mountain", 1450)]
    public void A_picture_comes_as_close_as_what_matters_is_small(string id, int tallest)
    {
        var box = Card(id).Box;
        Assert.InRange(box[3] - box[1], tallest / 2, tallest);
    }

    [Fact]
    public void A_face_that_is_come_close_to_is_seen()
    {
        // Sitting, standing or lying on the back: its mouth or lids are drawn, and within the frame, or the move says why not.
        var hidden =
            from move in Shipped.Catalogue.Moves
            where move.Drawn.CloseUp is CloseUp.Face or CloseUp.Head && move.Hidden is null
            from position in Shipped.Catalogue.PositionsOf(move)
            where position.Id != "folded-rest"
            let picture = FigureDrawing.Picture(Shipped.Catalogue.Form(move, position, MoveForm.BaseOption))
            let face = picture.Loops(Tone.Face, Tone.Eye, Tone.Mouth)
            where face.Count == 0 || !face.All(l => l.Middle.IsWithin(picture.Box))
            select $"{move.Id} in {position.Id}";
        Assert.Empty(hidden);
    }

    [Fact]
    public void No_arm_whose_hand_is_at_the_head_is_cut_at_the_elbow()
    {
        var cut =
            from form in Cards.All
            where form.Drawn.CloseUp == CloseUp.Head
            let shape = form.Phases[form.Move.Picture].Shape
            let box = FigureDrawing.Picture(form, form.Move.Picture).Box
            let see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(shape))
            from touch in shape.Touches
            where touch.On.Segment == Segment.Head && touch.Mark.Segment is Segment.RightHand or Segment.LeftHand
            let elbow = see(
                Landmark.Find(touch.Mark.Name[..touch.Mark.Name.IndexOf('.', StringComparison.Ordinal)] + ".elbow")!.On(shape.Skeleton())
            )
            where elbow.X < box[0] || elbow.X > box[2]
            select $"{form.Move.Id}: {touch.Mark.Name}";
        Assert.Empty(cut);
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
    public void Breathing_shows_where_it_is_felt()
    {
        var mute = Shipped.Catalogue.Moves.Where(m => m.Kind == MoveKind.Breathing && Card(m.Id).Loops(Tone.Mark).Count == 0);
        Assert.Empty(mute.Select(m => m.Id));
    }

    [Theory]
    [InlineData("hamstring-with-strap", Tone.Strap)]
    [InlineData("sit-to-stand", Tone.Prop)]
    [InlineData("block-foot-taps", Tone.Prop)]
    [InlineData("wide-folded-rest", Tone.Cloth)]
    [InlineData("legs-up-the-wall", Tone.Wall)]
    public void What_stands_by_or_is_held_is_drawn(string id, Tone tone) => Assert.Contains(Card(id).Paths, p => p.Tone == tone);

    [Fact]
    public void Wood_and_cloth_differ_so_that_a_block_is_no_cushion()
    {
        Assert.DoesNotContain(Card("hero-on-a-block").Paths, p => p.Tone is Tone.Cloth or Tone.ClothSide);
        Assert.DoesNotContain(Card("wide-folded-rest").Paths, p => p.Tone is Tone.Prop or Tone.PropSide);
    }

    [Fact]
    public void A_chair_stays_when_its_sitter_rises()
    {
        var form = Form("sit-to-stand");
        Assert.All(FigureFrames.Of(form, form.View).SelectMany(f => f), f => Assert.Contains(f.Paths, p => p.Tone == Tone.PropSide));
    }

    [Fact]
    public void Every_phase_of_a_form_has_a_picture()
    {
        // Every twentieth: those of cards are all drawn above.
        var forms = Shipped.Catalogue.Moves.SelectMany(Shipped.Catalogue.Forms).Where((_, i) => i % 20 == 0).ToList();
        Parallel.ForEach(
            forms,
            form =>
            {
                for (var phase = 0; phase < form.Phases.Length; phase++)
                {
                    var tones = FigureDrawing.Picture(form, phase).Paths.Select(p => p.Tone).ToHashSet();
                    // Hands and feet that are come close to stand for themselves.
                    var alone = form.Move.Drawn.CloseUp is { } closeUp && !closeUp.IsBust();
                    Assert.Equal(!alone, tones.Contains(Tone.Hair));
                    Assert.Equal(!alone, tones.Contains(Tone.Trunk));
                    Assert.Contains(Tone.Skin, tones);
                }
            }
        );
    }

    [Fact]
    public void Moments_stand_apart_within_one_frame()
    {
        foreach (var form in Shipped.Catalogue.Moves.Select(m => Form(m.Id)))
        {
            var shown = Moments.Of(form).Count;
            if (shown == 1 || form.Drawn.CloseUp is CloseUp.Lap || (form.Drawn.CloseUp is { } closeUp && !closeUp.IsBust()))
                continue;
            var picture = Card(form.Move.Id);
            // A head each; hair that something lies across is in pieces.
            var heads = picture.Loops(Tone.Hair).Where(l => l.Area > 120).ToList();
            Assert.True(heads.Count >= shown, $"{form.Move.Id}: {heads.Count} heads in {shown} moments");
            Assert.All(heads, h => Assert.True(h.Middle.IsWithin(picture.Box), form.Move.Id));
            Assert.NotEmpty(picture.Heads());
        }
    }

    [Fact]
    public void Those_who_lie_are_drawn_one_below_the_other_those_who_stand_side_by_side()
    {
        (float Right, float Down) Apart(string id)
        {
            var heads = Card(id).Loops(Tone.Hair).OrderByDescending(l => l.Area).Take(2).Select(l => l.Middle).ToList();
            return (Math.Abs(heads[1].X - heads[0].X), Math.Abs(heads[1].Y - heads[0].Y));
        }
        Assert.True(Apart("gather-the-midline").Right > Apart("gather-the-midline").Down);
        Assert.True(Apart("squeeze-and-sigh").Down > Apart("squeeze-and-sigh").Right);
    }

    [Theory]
    [InlineData("shake-the-hands")]
    [InlineData("warrior-two-arm-turns")]
    public void What_is_shaken_or_turns_is_told_by_one_picture(string id) => Assert.Single(Moments.Of(Cards.FormOf(id)));

    [Fact]
    public void Of_three_moments_that_are_broad_the_third_stands_alone_below_the_middle_of_the_others()
    {
        var heads = Card("open-arm-twist-turned").Loops(Tone.Hair).OrderByDescending(l => l.Area).Take(3).Select(l => l.Middle).ToList();
        var third = heads.MaxBy(h => h.Y);
        var others = heads.Where(h => h != third).OrderBy(h => h.X).ToList();
        Assert.All(others, h => Assert.True(h.Y < third.Y - 300));
        Assert.InRange(third.X, others[0].X + 100, others[1].X - 100);
    }

    [Fact]
    public void Two_broad_moments_stand_below_each_other_where_that_makes_them_larger()
    {
        var heads = Card("water-wave-arms").Loops(Tone.Hair).OrderByDescending(l => l.Area).Take(2).Select(l => l.Middle).ToList();
        Assert.InRange(MathF.Abs(heads[0].X - heads[1].X), 0, 60);
        Assert.True(MathF.Abs(heads[0].Y - heads[1].Y) > 300);
    }

    [Theory]
    [InlineData("long-out-breath", 0, true)]
    [InlineData("long-out-breath", 2, false)]
    [InlineData("sigh", 1, false)]
    public void Breath_streams_in_or_out_as_the_phase_breathes(string id, int phase, bool towards)
    {
        var picture = Picture(id, phase);
        var head = picture.Heads()[0];
        var toFace = picture.MiddleOf(Tone.Hair) - head.Middle;
        Assert.Equal(towards, Vector2.Dot(Pointing(head), toFace) > 0);
    }

    [Fact]
    public void Sips_are_counted_and_breath_that_only_comes_and_goes_streams_both_ways()
    {
        Assert.Equal([1, 2, 3, 1], Enumerable.Range(0, 4).Select(phase => Picture("sip-breath", phase).Heads().Count));
        Assert.Equal(2, Card("natural-breath").Heads().Count);
    }

    [Fact]
    public void A_sign_stays_by_its_place()
    {
        // A joint has no outside to point out of; its sign is drawn there all the same.
        var form = Form("mountain");
        var body = form.Phases[0].Shape.Skeleton();
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(form.Phases[0].Shape));
        foreach (var mark in Landmark.Names.Select(name => Landmark.Find(name)!))
        // A gaze runs from the eyes, the others between two places.
        foreach (var sign in Enum.GetValues<Sign>().Except([Sign.Gaze, Sign.Compare, Sign.Ball, Sign.Together, Sign.Apart]))
        {
            var signed = form with { Move = form.Move with { Drawn = form.Move.Drawn with { Signs = [(sign, mark)] } } };
            var pen = new MarkPen();
            new Signs(signed, 0, see).Draw(pen);
            var loops = pen.Path!.Loops();
            Assert.NotEmpty(loops);
            Assert.All(loops, l => Assert.True((l.Middle - see(mark.On(body))).Length() < 330, $"{sign} at {mark.Name}"));
        }
    }

    [Theory]
    [InlineData("seated-cross")]
    [InlineData("heel-sit")]
    public void Rings_round_places_that_lie_close_leave_room_for_the_sign_between_them(string position)
    {
        var move = Shipped.Catalogue.Move("noticing-pause")!;
        var form = Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(position)!, MoveForm.BaseOption);
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(form.Phases[form.Move.Picture].Shape));
        var pen = new MarkPen();
        new Signs(form, form.Move.Picture, see).Draw(pen);
        // The dots of the rings are small, the two waves wide.
        float Wide(Loop l) => l.Points.Max(p => p.X) - l.Points.Min(p => p.X);
        var waves = pen.Path!.Loops().OrderByDescending(Wide).Take(2).SelectMany(l => l.Points).ToList();
        var dots = pen.Path!.Loops().OrderByDescending(Wide).Skip(2).ToList();
        Assert.Equal(22, dots.Count);
        Assert.All(dots, d => Assert.All(waves, w => Assert.True((w - d.Middle).Length() > 12)));
    }

    [Theory]
    [InlineData(Sign.Together, -1)]
    [InlineData(Sign.Apart, 1)]
    public void Arrows_press_two_places_together_or_draw_them_apart(Sign sign, int outwards)
    {
        var form = Form("palms-press-apart");
        Landmark[] hands = [Landmark.Find("right.hand")!, Landmark.Find("left.hand")!];
        var signed = form with { Move = form.Move with { Drawn = form.Move.Drawn with { Signs = [.. hands.Select(h => (sign, h))] } } };
        var shape = form.Phases[^1].Shape; // the only phase without a sign of its own
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(shape));
        var pen = new MarkPen();
        new Signs(signed, form.Phases.Length - 1, see).Draw(pen);
        var middle = hands.Select(h => see(h.On(shape.Skeleton()))).Aggregate(Vector2.Add) / 2;
        var heads = pen.Path!.Loops().Where(l => l.Points.Count <= 6).ToList();
        Assert.Equal(2, heads.Count);
        Assert.All(heads, h => Assert.Equal(outwards, Math.Sign(Vector2.Dot(Pointing(h), h.Middle - middle))));
    }

    [Fact]
    public void A_ball_that_is_thought_of_is_held_in_both_hands()
    {
        var form = Form("twist-with-arm-ball");
        var (shape, pen) = (form.Phases[0].Shape, new MarkPen());
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(shape));
        new Signs(form, 0, see).Draw(pen);
        var outline = pen.Path!.Loops().SelectMany(l => l.Points).ToList();
        foreach (var hand in new[] { "right.hand", "left.hand" })
            Assert.True(outline.Min(d => (d - see(Landmark.Find(hand)!.On(shape.Skeleton()))).Length()) < 15, hand);
    }

    [Fact]
    public void A_picture_may_show_the_other_side_as_well()
    {
        // The same person from the same viewpoint: what the right arm does in one half, the left one does in the other.
        var form = Form("water-wave-arms");
        Assert.Equal([new(0, true), new(0, false)], Moments.Of(form));
        var arms = Card("water-wave-arms").Loops(Tone.RightArm, Tone.LeftArm);
        var middle = arms.Average(l => l.Middle.Y);
        float Top(Tone tone, bool before) =>
            Card("water-wave-arms").Loops(tone).Where(l => l.Middle.Y < middle == before).SelectMany(l => l.Points).Min(p => p.Y);
        Assert.True(Top(Tone.LeftArm, before: true) + 20 < Top(Tone.RightArm, before: true));
        Assert.True(Top(Tone.RightArm, before: false) + 20 < Top(Tone.LeftArm, before: false));
    }

    [Fact]
    public void What_is_tapped_has_an_arrow_there_and_back_and_rays_on_both_sides_of_it()
    {
        var place = new SignPlace(new(30, -400), Vector2.UnitX, FacesTheEye: false, Size: 1);
        var pen = new MarkPen();
        new SignDrawing(pen).Draw(Sign.Tap, place, Breath.Free);
        var loops = pen.Path!.Loops();
        var beside = loops.Select(l => l.Middle - place.At).Where(m => MathF.Abs(m.Y) > 20).ToList();
        Assert.Equal((2, 2), (beside.Count(m => m.Y > 0), beside.Count(m => m.Y < 0)));
        // Two heads and the shaft between them, straight out of the place.
        Assert.Equal(3, loops.Count - beside.Count);
        var arrow = loops.Where(l => MathF.Abs(l.Middle.Y - place.At.Y) <= 20).SelectMany(l => l.Points).ToList();
        Assert.InRange(arrow.Min(p => p.X) - place.At.X, 10, 20);
        Assert.InRange(arrow.Max(p => p.X) - place.At.X, 120, 135);
    }

    [Fact]
    public void What_turns_about_its_length_has_an_arrow_across_it_with_two_heads()
    {
        var form = Form("open-arm-twist-turned");
        var body = form.Phases[form.Move.Picture].Shape.Skeleton();
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(form.Phases[form.Move.Picture].Shape));
        var pen = new MarkPen();
        new Signs(form, form.Move.Picture, see).Draw(pen);
        var along = Vector2.Normalize(see(Landmark.Find("right.wrist")!.On(body)) - see(Landmark.Find("right.elbow")!.On(body)));
        var points = pen.Path!.Loops().SelectMany(l => l.Points).Select(p => p - see(Landmark.Find("right.wrist")!.On(body))).ToList();
        var across = points.Select(p => (p.X * along.Y) - (p.Y * along.X)).ToList();
        var lengthwise = points.Select(p => Vector2.Dot(p, along)).ToList();
        Assert.True(across.Max() - across.Min() > 1.3f * (lengthwise.Max() - lengthwise.Min()));
        Assert.Equal(2, pen.Path!.Loops().Count(l => l.Points.Count <= 6));
    }

    [Fact]
    public void The_key_has_every_sign_and_no_two_alike()
    {
        Assert.Equal(Enum.GetValues<Sign>(), SignKey.Signs.Select(s => s.Sign));
        var drawn = SignKey.Signs.Select(s => s.Figure).Append(SignKey.Arrow).ToList();
        Assert.Equal(drawn.Count, drawn.Select(f => f.Paths.Single().Steps).Distinct().Count());
        Assert.All(
            drawn.SelectMany(f => f.Loops(Tone.Mark).SelectMany(l => l.Points).Select(p => (Point: p, f.Box))),
            at => Assert.True(at.Point.X > at.Box[0] && at.Point.X < at.Box[2] && at.Point.Y > at.Box[1] && at.Point.Y < at.Box[3])
        );
    }

    [Fact]
    public void A_straw_leads_from_the_lips_to_the_air()
    {
        var form = Form("straw-breath");
        var shape = form.Phases[form.Move.Picture].Shape;
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(shape));
        var pen = new MarkPen();
        new Signs(form, form.Move.Picture, see).Draw(pen);
        var mouth = see(Landmark.Find("mouth")!.On(shape.Skeleton()));
        var far = pen.Path!.Loops().Select(l => l.Points.Min(p => (p - mouth).Length())).Order().ToList();
        Assert.InRange(far[0], 0, 25);
        Assert.InRange(far[1], 0, 25);
        Assert.All(far.Skip(2), f => Assert.True(f > 120));
    }

    [Fact]
    public void Close_to_the_lap_a_foot_is_seen_that_lies_in_it_and_no_other()
    {
        var form = Form("fingers-between-toes");
        var shape = form.Phases[form.Move.Picture].Shape;
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(shape));
        var box = Framing.Close(CloseUp.Lap, shape.Skeleton(), see);
        bool Holds(string mark) => see(Landmark.Find(mark)!.On(shape.Skeleton())).IsWithin(box);
        Assert.True(Holds("right.toe-tip") && Holds("right.heel") && Holds("left.fingertips"));
        Assert.False(Holds("left.heel") || Holds("crown"));
    }

    [Fact]
    public void Close_to_one_foot_the_hand_at_it_is_seen_and_the_other_leg_is_not()
    {
        // In the lap, where more than one foot is seen, unless it is come closer to.
        var inTheLap = Form("fingers-between-toes").Move;
        var form = Form(inTheLap.Id) with { Move = inTheLap with { Drawn = inTheLap.Drawn with { CloseUp = CloseUp.Foot } } };
        var shape = form.Phases[form.Move.Picture].Shape;
        var see = FigureDrawing.Sight(form.View, FigureDrawing.CentreOf(shape));
        var picture = FigureDrawing.Picture(form, form.Move.Picture);
        Assert.All(
            ["right.heel", "right.toe-tip", "left.wrist", "left.fingertips"],
            mark => Assert.True(see(Landmark.Find(mark)!.On(shape.Skeleton())).IsWithin(picture.Box), mark)
        );
        Assert.Contains(picture.Paths, p => p.Tone == Tone.LeftArm);
        Assert.DoesNotContain(picture.Paths, p => p.Tone is Tone.LeftLeg or Tone.Trunk or Tone.RightArm);
    }

    [Fact]
    public void Close_to_one_hand_all_of_it_is_seen_and_nothing_of_the_other()
    {
        var close = Shipped.Catalogue.Moves.Where(m => m.Drawn.CloseUp == CloseUp.Hand).Select(m => Form(m.Id)).ToList();
        Assert.NotEmpty(close);
        foreach (var form in close)
            for (var phase = 0; phase < form.Phases.Length; phase++)
            {
                var picture = FigureDrawing.Picture(form, phase);
                Assert.Equal(
                    [Tone.RightArm, Tone.Skin],
                    picture.Paths.Select(p => p.Tone).Where(t => t is not (Tone.Mark or Tone.Seam or Tone.Line)).Distinct().Order()
                );
                Assert.All(
                    picture.Loops(Tone.Skin),
                    l => Assert.True(l.Low.IsWithin(picture.Box) && l.High.IsWithin(picture.Box), $"{form.Move.Id} {phase + 1}")
                );
            }
    }

    [Fact]
    public void A_path_is_mirrored_in_place_and_in_hue()
    {
        var (path, mirrored) = (
            new FigurePath(Tone.RightArm, true, 12, -7, "l5-3 10 0-20 4zm-3 8c1 2 3-4-5 6z"),
            new FigurePath(Tone.LeftArm, true, -12, -7, "l-5-3-10 0 20 4zm3 8c-1 2-3-4 5 6z")
        );
        Assert.Equal(mirrored, path.Mirrored());
        Assert.All(Shipped.Catalogue.Moves.Take(40), m => Assert.Equal(Card(m.Id).Paths, Card(m.Id).Mirrored().Mirrored().Paths));
    }

    private static Figure Picture(string id, int? phase = null) =>
        FigureDrawing.Picture(Form(id), phase ?? Shipped.Catalogue.Move(id)!.Picture);

    private static Figure Card(string id) => Cards.Of(id);

    private static MoveForm Form(string id) => Cards.FormOf(id);
}
