using System.Text.RegularExpressions;
using AmpleTide.Catalogue;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Tests.Figures;

namespace AmpleTide.Core.Tests.Catalogue;

/// <summary>
/// "Hands on the hips" beside a picture of arms in the air: what an option's cue says of hands, props, face and strap, its shapes do,
/// in every position the move is done in.
/// </summary>
public class OptionsOfTheCatalogue
{
    // What a cue says, and how it is told from a form of the option.
    private static readonly (string Said, Func<MoveForm, bool> Done)[] Words =
    [
        ("hands? .*on (the|that) hips?", f => Touches(f, "hand", "waist")),
        ("hands? .*on the shoulders?", f => Touches(f, "fingertips", "shoulder-top")),
        ("hands?,? .*(on|to|from|up) the thighs?", f => Touches(f, "hand", "thigh")),
        ("hands on the ribs", f => Touches(f, "hand", "ribs")),
        ("hands on the belly", f => Touches(f, "hand", "waist") || Touches(f, "hand", "belly")),
        ("hands behind (the thighs|a bent knee)", f => Touches(f, "hand", "under-thigh")),
        ("[Hh]ug the upper arms|[Cc]ross the arms on the chest", f => Touches(f, "hand", "upper-arm")),
        ("wall", f => RestsOn(f, "wall")),
        ("chair", f => RestsOn(f, "chair")),
        ("blocks", f => RestsOn(f, "block")),
        ("blanket", f => RestsOn(f, "blanket")),
        ("pillow", f => RestsOn(f, "pillow") || RestsOn(f, "blanket")),
        ("cushion", f => RestsOn(f, "cushion") || RestsOn(f, "bolster")),
        ("bolster", f => RestsOn(f, "bolster")),
        ("strap", f => f.Drawn.Strap.Count > 1),
        ("[Ff]ists", f => f.Phases.Any(p => p.Phase.Look.Hands == Hands.Fists)),
        ("eyes open", f => f.Phases.All(p => p.Phase.Look.Face == Face.Calm)),
        ("knees down", f => Rests(f, "kneecap", "floor")),
        ("[Nn]o hand|hands off|hand down", f => !f.Phases.Any(p => p.Shape.Touches.Any(t => t.On.Segment == Segment.Head))),
    ];

    [Fact]
    public void An_option_does_what_its_words_say()
    {
        var wrong =
            from form in Shipped.Catalogue.Moves.SelectMany(Shipped.Catalogue.Forms).Where(f => f.Option != MoveForm.BaseOption)
            let cue = form.Move.Options[form.Option].Cue
            from word in Words
            where Regex.IsMatch(cue, $@"\b({word.Said})\b") && !word.Done(form)
            select $"{form.Move.Id} in {form.Position.Id}: {cue}";
        Assert.False(wrong.Any(), string.Join("\n", wrong));
    }

    [Fact]
    public void A_hand_lets_go_in_an_option_only_where_its_author_says_so()
    {
        var silent =
            from form in Shipped.Catalogue.Moves.SelectMany(Shipped.Catalogue.Forms).Where(f => f.Option != MoveForm.BaseOption)
            let plain = Shipped.Catalogue.Form(form.Move, form.Position, MoveForm.BaseOption)
            let named = form.Move.Options[form.Option].Change.Touches.Keys
            from phase in Enumerable.Range(0, form.Phases.Length)
            from touch in plain.Phases[phase].Shape.Touches
            let hand = touch.Mark
            where hand.Segment is Segment.RightHand or Segment.LeftHand && !named.Any(word => SideOf(word) == SideOf(hand.Name))
            let shape = form.Phases[phase].Shape
            where !shape.Touches.Any(t => t.Mark.Segment == hand.Segment) && !shape.Contacts.Any(c => c.Mark.Segment == hand.Segment)
            select $"{form.Move.Id}, {form.Option}, phase {phase + 1}: {hand.Name} no longer on {touch.On.Name}";
        Assert.False(silent.Any(), string.Join("\n", silent.Distinct()));

        static string SideOf(string landmark) => landmark.Split('.')[0];
    }

    [Fact]
    public void Legs_are_tapped_on_the_way_down_and_stroked_on_the_way_up()
    {
        foreach (var option in new[] { MoveForm.BaseOption, "easier" })
        {
            var form = Form("leg-taps", option);
            Assert.Contains(Signs.All(form, 0), s => s.Sign == Sign.Tap);
            Assert.DoesNotContain(Signs.All(form, 1), s => s.Sign == Sign.Tap);
        }
    }

    [Fact]
    public void Hands_that_lie_elsewhere_do_so_all_the_way_round()
    {
        var form = Shipped.Catalogue.Form(
            Shipped.Catalogue.Move("side-bends-arms-up")!,
            Shipped.Catalogue.Position("seated-cross")!,
            "easier"
        );
        Assert.All(
            form.Phases,
            p => Assert.Contains(p.Shape.Touches, t => t.Mark.Name == "right.fingertips" && t.On.Name == "right.shoulder-top")
        );
        // The lean is eased where the move leans, and nowhere else.
        Assert.Equal([0, 12], form.Phases.Select(p => Math.Round(p.Shape.Angles[Axis.LowerSide] + p.Shape.Angles[Axis.UpperSide])));
    }

    [Theory]
    [InlineData("hands-clasped-behind", 0, 2)]
    [InlineData("hamstring-with-strap", 3, 0)]
    public void An_option_takes_a_strap_or_leaves_it(string id, int without, int with) =>
        Assert.Equal((without, with), (Form(id, MoveForm.BaseOption).Drawn.Strap.Count, Form(id, "easier").Drawn.Strap.Count));

    [Fact]
    public void An_options_signs_face_and_hands_are_its_own()
    {
        Assert.Equal(
            ["right.shoulder-top", "left.shoulder-top"],
            Form("compare-with-beginning", "easier").Phases[0].Phase.Signs.Select(s => s.At.Name)
        );
        Assert.Equal(
            (Face.EyesShut, Face.Calm),
            (Form("settle-lying", "base").Phases[0].Phase.Look.Face, Form("settle-lying", "easier").Phases[0].Phase.Look.Face)
        );
        Assert.NotEqual(Marks("compare-with-beginning", "base"), Marks("compare-with-beginning", "easier"));
        // In place of what the move and its phases have: toes that wiggle do not tap, slow circles are not fast.
        Assert.Equal([Sign.Shake, Sign.Shake], Signs.All(Form("foot-taps-kneeling", "easier"), 0).Select(s => s.Sign));
        var slow = Form("fast-elbow-circles", "easier");
        Assert.All(Enumerable.Range(0, slow.Phases.Length), phase => Assert.Empty(Signs.All(slow, phase)));
        // Hands that wake are let go again without one.
        Assert.Equal([2, 0], Form("wake-hands-and-feet", "easier").Phases.Select(p => p.Phase.Signs.Count));
        // Only in the phases it names: the in-breath of cupped hands opens no mouth, the stay shuts the eyes.
        Assert.Equal([Face.Calm, Face.EyesShut, Face.Calm], Form("jaw-self-massage", "easier").Phases.Select(p => p.Phase.Look.Face));
    }

    [Theory]
    [InlineData("face: grim", "'grim' is not one of calm")]
    [InlineData("hands: wet", "'wet' is not one of easy")]
    [InlineData("signs: { glow: [crown] }", "'glow' is not one of attend")]
    [InlineData("strap: [fin]", "there is no landmark 'fin'")]
    [InlineData("stands: { chair: crown }", "'stands' is not a field here")]
    public void What_an_option_cannot_have_is_told_by_field(string field, string reason)
    {
        var wrong = GuideToMoves.Example.Replace("easier: { ", $"easier: {{ {field}, ", StringComparison.Ordinal);
        Assert.NotEqual(GuideToMoves.Example, wrong);
        Assert.Contains(
            reason,
            Assert.Throws<CatalogueException>(() => CatalogueReader.ReadOwn(wrong, Shipped.Catalogue)).Message,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Whoever_keeps_the_eyes_open_has_nothing_to_open_again()
    {
        Assert.Equal(Grade.Some, Strains.Of(Form("settle-lying", "base"))[Strain.LookingIn]);
        Assert.Equal(Grade.None, Strains.Of(Form("settle-lying", "easier"))[Strain.LookingIn]);
    }

    // One thing is asked for more, so that another is asked for much less.
    private static readonly HashSet<(string Move, Strain Strain)> Traded =
    [
        ("plank-hold", Strain.Kneeling), // knees down: arms and trunk carry less
        ("ripple-to-plank", Strain.Kneeling),
        ("three-limb-balance", Strain.ToesBearingBent), // the toes stay down: no balance
        ("arms-sweep-up", Strain.ArmsOpen), // to shoulder height only
        ("gather-the-midline", Strain.ArmsOpen),
        ("clasped-hands-up", Strain.ArmsAcross), // in front of the brow
        ("side-bend-wrist-held", Strain.ArmsAcross),
        ("bound-fold", Strain.KneeBearingBent), // up on the thighs, the knees carry
        ("fold-sway", Strain.ArmsRaised), // the hands are on a chair
        ("long-sit-fold", Strain.HandsGripping), // a strap
        ("staff", Strain.HipDeep), // thighs rise with bent knees, and the hamstrings let go
        ("stretch-and-curl", Strain.LegsUneven), // one knee at a time
        ("prone-rest", Strain.ArmsOpen), // the belly lies higher
        ("wrist-stretch", Strain.ArmsAcross), // the elbow bends
        ("knee-sways", Strain.LegsWide), // hardly: the knees only rock
    ];

    [Fact]
    public void An_easier_option_asks_for_no_more()
    {
        var harder =
            from move in Shipped.Catalogue.Moves
            from id in move.In
            let position = Shipped.Catalogue.Position(id)!
            let asItIs = Strains.Of(Shipped.Catalogue.Form(move, position, MoveForm.BaseOption))
            let easier = Strains.Of(Shipped.Catalogue.Form(move, position, "easier"))
            from strain in easier.Asked
            where easier[strain] > asItIs[strain] && !Traded.Contains((move.Id, strain))
            select $"{move.Id} in {id}: {strain} {asItIs[strain]} -> {easier[strain]}";
        Assert.False(harder.Any(), string.Join("\n", harder));
    }

    // These lift what lies: it says so in their words.
    private static readonly string[] Lifting = ["arm-glide-ankle-flex", "bridge-split-arms"];

    [Fact]
    public void A_hand_that_lies_on_the_floor_hovers_in_no_option()
    {
        var hovering =
            from move in Shipped.Catalogue.Moves.Where(m => !Lifting.Contains(m.Id))
            from form in Shipped.Catalogue.Forms(move).Where(f => f.Option != MoveForm.BaseOption)
            let plain = Shipped.Catalogue.Form(move, form.Position, MoveForm.BaseOption)
            from phase in Enumerable.Range(0, form.Phases.Length)
            from hand in new[] { Segment.RightHand, Segment.LeftHand }
            where plain.Phases[phase].Shape.Contacts.Any(c => c.Mark.Segment == hand && c.On == Support.Floor)
            where !Lies(form.Phases[phase].Shape, hand)
            select $"{move.Id} in {form.Position.Id}, {form.Option}, phase {phase + 1}: {hand}";
        Assert.False(hovering.Any(), string.Join("\n", hovering));
    }

    private static bool Lies(Shape shape, Segment hand) =>
        shape.Contacts.Any(c => c.Mark.Segment == hand || c.Mark.Segment == hand - 1) // or its forearm
        || shape.Touches.Any(t => t.Mark.Segment == hand || t.On.Segment == hand);

    private static int Marks(string id, string option) => FigureDrawing.Picture(Form(id, option)).Loops(Tone.Mark).Count;

    private static MoveForm Form(string id, string option)
    {
        var move = Shipped.Catalogue.Move(id)!;
        return Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, option);
    }

    private static bool Touches(MoveForm form, string mark, string on) =>
        form.Phases.Any(p => p.Shape.Touches.Any(t => Plain(t.Mark) == mark && Plain(t.On) == on));

    private static bool RestsOn(MoveForm form, string prop) => form.Phases.Any(p => p.Shape.Contacts.Any(c => c.On.Name == prop));

    private static bool Rests(MoveForm form, string mark, string on) =>
        form.Phases.Any(p => p.Shape.Contacts.Any(c => Plain(c.Mark) == mark && c.On.Name == on));

    private static string Plain(Landmark mark) => mark.Name[(mark.Name.IndexOf('.', StringComparison.Ordinal) + 1)..];
}
