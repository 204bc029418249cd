using AmpleTide.Catalogue;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Marks;

namespace AmpleTide.Core.Tests.Catalogue;

/// <summary>What the catalogue that ships must hold together.</summary>
public class CatalogueThatShips
{
    private static MoveCatalogue Catalogue => Shipped.Catalogue;

    [Fact]
    public void It_spans_every_family_kind_and_sidedness()
    {
        Assert.True(Catalogue.Positions.Count >= 28);
        Assert.True(Catalogue.Moves.Count >= 200);
        Assert.Equal(Enum.GetValues<Family>(), Catalogue.Positions.Select(p => p.Family).Distinct().Order());
        Assert.Equal(Enum.GetValues<MoveKind>(), Catalogue.Moves.Select(m => m.Kind).Distinct().Order());
        Assert.Equal(Enum.GetValues<Sidedness>(), Catalogue.Moves.Select(m => m.Sides).Distinct().Order());
    }

    [Fact]
    public void Every_position_can_be_reached_and_left()
    {
        var plan = Shipped.Class("{ \"move\": \"breath-watch\" }");
        foreach (var id in Catalogue.Positions.Select(p => p.Id))
        {
            Assert.Contains(Catalogue.Positions, p => p.Id != id && Shipped.Ways.Cheapest(p.Id, id, plan) is not null);
            Assert.Contains(Catalogue.Positions, p => p.Id != id && Shipped.Ways.Cheapest(id, p.Id, plan) is not null);
        }
    }

    [Fact]
    public void What_a_move_opens_something_closes()
    {
        var closed = Catalogue.Moves.SelectMany(m => m.Phases).SelectMany(p => p.Closes).ToHashSet();
        Assert.All(Catalogue.Moves.SelectMany(m => m.Phases).SelectMany(p => p.Opens), what => Assert.Contains(what, closed));
    }

    [Fact]
    public void Whoever_stays_longer_than_three_breaths_or_balances_hears_more_than_one_thing()
    {
        var silent =
            from move in Shipped.Catalogue.Moves
            where move.Kind == MoveKind.Balance || (move.Kind is MoveKind.Hold or MoveKind.Rest && move.Dose.Usual > 3)
            let stays = move.Phases.Where(p => p.IsStay).ToList()
            where stays.Count > 0 && stays.Sum(p => 1 + p.Cue.Then.Count) is < 2 or > 4
            select move.Id;
        Assert.Empty(silent);
    }

    [Fact]
    public void Every_move_says_where_it_is_felt_and_what_to_watch_for()
    {
        foreach (var move in Shipped.Catalogue.Moves)
        {
            Assert.InRange(move.Watch.Count, 1, 3);
            Assert.All(Shipped.Catalogue.Forms(move), form => Assert.NotNull(Felt.In(form)));
        }
    }

    [Fact]
    public void Two_moves_that_ease_the_same_in_the_same_phases_are_told_apart_by_their_words()
    {
        static string Signature(Move move) =>
            string.Join(
                '|',
                move.Phases.Select(p => $"{p.Breath} {p.Cue.Long}")
                    .Prepend(string.Join(',', Shipped.Catalogue.Forms(move).First().Easing.Strongest))
                    .Append(move.Talk.First)
            );
        Assert.Equal(Shipped.Catalogue.Moves.Count, Shipped.Catalogue.Moves.Select(Signature).Distinct().Count());
    }

    [Fact]
    public void No_caution_cue_or_talk_is_said_twice()
    {
        var texts = Catalogue.Moves.SelectMany(m =>
            m.Cautions.Select(c => c.Say).Append(m.Talk.First).Concat(m.Phases.Select(p => p.Cue.Long))
        );
        Assert.Empty(texts.GroupBy(t => t).Where(g => g.Count() > 1).Select(g => g.Key));
    }

    [Fact]
    public void No_limb_passes_through_trunk_head_floor_or_another_limb()
    {
        // Flesh gives way by a few centimetres. Forearms that hold each other lie crossed, and are drawn one on the other.
        const double soft = 4.5 / 170;
        var through =
            from move in Catalogue.Moves
            from form in Catalogue.Forms(move)
            from phase in form.Phases
            let armsHold = phase.Shape.Touches.Any(t => IsArm(t.Mark.Name) && IsArm(t.On.Name))
            from overlap in Clearance.Overlaps(phase.Shape.Skeleton())
            where
                overlap.Depth > soft
                && !(
                    armsHold
                    && overlap.Part.EndsWith("arm", StringComparison.Ordinal)
                    && overlap.In.EndsWith("arm", StringComparison.Ordinal)
                )
            select $"{move.Id} in {form.Position.Id}, {form.Option}, phase {Array.IndexOf(form.Phases, phase) + 1}: {overlap.Part} "
                + $"in {overlap.In}, {overlap.Depth * 170:0.0} cm";
        if (through.Any())
            Assert.Fail(string.Join(Environment.NewLine, through));

        static bool IsArm(string mark) => ArmMarks.Any(part => mark.Contains(part, StringComparison.Ordinal));
    }

    private static readonly string[] ArmMarks = ["hand", "wrist", "forearm", "elbow", "upper-arm", "fingertips", "knuckles", "shoulder"];

    [Fact]
    public void Whoever_stands_or_kneels_does_not_tip_over()
    {
        var tipping =
            from move in Catalogue.Moves
            from form in Catalogue.Forms(move)
            from phase in form.Phases
            where phase.Facts.OffBase > 0.03
            select $"{move.Id} in {form.Position.Id}, {form.Option}: {phase.Facts.OffBase * 170:0.0} cm";
        Assert.Empty(tipping);
    }

    [Fact]
    public void A_caution_is_a_sentence()
    {
        // One with a comma that is not quoted reads as two, the second of them small.
        var broken = Catalogue
            .Moves.SelectMany(m => m.Cautions.Select(c => (m.Id, Caution: c.Say)))
            .Concat(Catalogue.Ways.SelectMany(w => w.Cautions.Select(c => (Id: $"{w.From.Id} to {w.To.Id}", Caution: c))))
            .Where(c => c.Caution.Length == 0 || !char.IsUpper(c.Caution[0]))
            .Select(c => $"{c.Id}: {c.Caution}");
        Assert.False(broken.Any(), string.Join(Environment.NewLine, broken));
    }

    [Fact]
    public void What_a_picture_rests_on_or_holds_is_named_among_the_props()
    {
        var missing =
            from form in Catalogue.Moves.SelectMany(Catalogue.Forms)
            let named = form.Props.Concat(form.Move.Helpful).Concat(form.Position.Helpful).Append("floor").ToHashSet()
            let drawn = form
                .Phases.SelectMany(p => p.Shape.Contacts)
                .Select(c => c.On.Prop)
                .Concat(form.Drawn.Stands.Keys.Select(s => s.Name))
                .Concat(form.Drawn.Strap.Count > 0 ? ["strap"] : [])
            from prop in drawn.Distinct().Where(prop => !named.Contains(prop))
            select $"{form.Move.Id} in {form.Position.Id}, {form.Option}: {prop}";
        Assert.Empty(missing);
    }

    [Fact]
    public void A_flow_moves_whatever_the_option()
    {
        var still =
            from move in Catalogue.Moves
            where move.Kind is MoveKind.Flow or MoveKind.Rhythm && move.Phases.Count > 1
            from form in Catalogue.Forms(move)
            // What is shaken moves where it is, and a sign says so.
            where !form.Phases.Select((_, i) => i).All(phase => Signs.All(form, phase).Any(s => s.Sign == Sign.Shake))
            where
                form.Phases.All(p =>
                    Enum.GetValues<Axis>().All(axis => Math.Abs(p.Shape.Angles[axis] - form.Phases[0].Shape.Angles[axis]) < 0.5)
                )
            select $"{move.Id} in {form.Position.Id}, {form.Option}";
        Assert.False(still.Any(), string.Join(Environment.NewLine, still));
    }

    [Fact]
    public void Nobody_leans_unasked()
    {
        // Hands that have to reach something are no reason to tip the pelvis; by eye, no source.
        const double most = 15;
        var leaning =
            from move in Catalogue.Moves
            from form in Catalogue.Forms(move)
            where form.Option == MoveForm.BaseOption
            from i in Enumerable.Range(0, form.Phases.Length)
            from axis in new[] { Axis.PelvisPitch, Axis.PelvisLean }
            let phase = form.Phases[i].Phase
            let asked = new[] { phase.Change }.Concat(phase.At.Where(at => at.Key == form.Position.Id).Select(at => at.Value))
            where !asked.Any(c => c.Angles.ContainsKey(axis) || c.Near.ContainsKey(axis))
            let degrees = form.Phases[i].Shape.Angles[axis] - form.StartOf(i).Angles[axis]
            where Math.Abs(degrees) > most
            select $"{move.Id} in {form.Position.Id}, phase {i + 1}: {axis} {degrees:0}";
        Assert.False(leaning.Any(), string.Join(Environment.NewLine, leaning));
    }

    [Fact]
    public void Whoever_sits_on_the_heels_stays_on_them_unless_something_else_carries()
    {
        // Knees that open by more lift the seat; by eye, no source.
        const double least = 149;
        var lifted =
            from move in Catalogue.Moves
            from form in Catalogue.Forms(move)
            where form.Position.Id == "heel-sit"
            where !form.Phases.Any(p => p.Shape.Contacts.Any(c => c.On != Support.Floor))
            from i in Enumerable.Range(0, form.Phases.Length)
            where form.Phases[i].Shape.Angles[Axis.RightKnee] < least
            select $"{move.Id}, {form.Option}, phase {i + 1}: {form.Phases[i].Shape.Angles[Axis.RightKnee]:0}";
        Assert.False(lifted.Any(), string.Join(Environment.NewLine, lifted));
    }

    private static readonly Axis[] Elbows = [Axis.RightElbow, Axis.LeftElbow];

    [Fact]
    public void Arms_that_bear_weight_stay_straight_unless_asked_to_bend()
    {
        // Whoever pushes the floor away does not sink between the shoulders; by eye, no source.
        const double most = 25;
        var bent =
            from move in Catalogue.Moves
            from form in Catalogue.Forms(move)
            where form.Option == MoveForm.BaseOption && form.Position.Id is "all-fours" or "plank" or "inverted-v"
            from i in Enumerable.Range(0, form.Phases.Length)
            from elbow in Elbows
            where !form.Phases.Any(p => p.Phase.Change.Angles.GetValueOrDefault(elbow) > most || p.Phase.Change.Near.ContainsKey(elbow))
            where
                form.Phases[i].Shape.Contacts.Any(c => c.Mark.Segment == (elbow == Axis.RightElbow ? Segment.RightHand : Segment.LeftHand))
            let degrees = form.Phases[i].Shape.Angles[elbow]
            where degrees > most
            select $"{move.Id} in {form.Position.Id}, phase {i + 1}: {elbow} {degrees:0}";
        Assert.False(bent.Any(), string.Join(Environment.NewLine, bent));
    }

    [Fact]
    public void No_two_moves_are_the_same_shapes()
    {
        // Breathing and noticing differ in what is attended to, not in shape.
        var pictures = Catalogue
            .Moves.Where(m => m.Kind is not (MoveKind.Breathing or MoveKind.CheckIn or MoveKind.Rest))
            .Select(m => (Move: m, Phases: Catalogue.Form(m, Catalogue.Position(m.In[0])!, MoveForm.BaseOption).Phases))
            .ToList();
        var same =
            from a in pictures
            from b in pictures
            where
                string.CompareOrdinal(a.Move.Id, b.Move.Id) < 0
                && a.Move.In[0] == b.Move.In[0]
                && a.Move.AlsoEases.Count == 0
                && a.Phases.Length == b.Phases.Length
                && a.Phases.Zip(b.Phases)
                    .All(p => Enum.GetValues<Axis>().All(axis => Math.Abs(p.First.Shape.Angles[axis] - p.Second.Shape.Angles[axis]) < 6))
            select $"{a.Move.Id} and {b.Move.Id}";
        Assert.Empty(same);
    }

    [Fact]
    public void Reading_again_gives_the_same_shapes_with_and_without_the_cache()
    {
        var file = Path.Combine(Path.GetTempPath(), $"ample-tide-{Guid.NewGuid():N}.bin");
        try
        {
            var texts = new CatalogueText[]
            {
                new("positions.yaml", File.ReadAllText(Path.Combine(Shipped.Folder, "catalogue", "positions.yaml"))),
            };
            var first = ShapeCache.Open(file);
            var fresh = CatalogueReader.Read(texts, first);
            first.Save(file);
            var cache = ShapeCache.Open(file);
            var kept = CatalogueReader.Read(texts, cache);
            Assert.Equal(0, cache.Solved);
            Assert.Equal(fresh.Hash, kept.Hash);
            Assert.All(fresh.Positions.Zip(kept.Positions), pair => Assert.Equal(pair.First.Base.Angles, pair.Second.Base.Angles));
            // A file that is none, and one that was cut off.
            var whole = File.ReadAllBytes(file);
            foreach (
                var broken in (byte[][])
                    [
                        [1, 2, 3],
                        whole[..(whole.Length / 2)],
                        whole[..^3],
                    ]
            )
            {
                File.WriteAllBytes(file, broken);
                var ignored = ShapeCache.Open(file);
                Assert.Equal(fresh.Positions.Count, CatalogueReader.Read(texts, ignored).Positions.Count);
                Assert.Equal(first.Solved, ignored.Solved);
            }
        }
        finally
        {
            File.Delete(file);
        }
    }

    [Theory]
    [InlineData("Let the {right} ear sink", Side.Left, "Let the left ear sink")]
    [InlineData("{right} ear sinks", Side.Right, "Right ear sinks")]
    [InlineData("{left} over {right}", Side.Left, "Right over left")]
    [InlineData("Circle {clockwise}", Side.Left, "Circle the other way round")]
    [InlineData("No side at all", Side.Left, "No side at all")]
    public void Cues_are_said_for_a_side(string text, Side side, string said) => Assert.Equal(said, Words.For(text, side));

    [Theory]
    [InlineData("Chin sinks", 2)]
    [InlineData("{right} ear, and the inverted-v", 5)]
    [InlineData("", 0)]
    [InlineData("don't push", 2)]
    public void Words_are_counted(string text, int count) => Assert.Equal(count, Words.Count(text));
}
