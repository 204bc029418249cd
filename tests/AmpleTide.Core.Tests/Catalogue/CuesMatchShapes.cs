using System.Text.RegularExpressions;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Tests.Catalogue;

/// <summary>
/// "Right hand to right knee … left knee": whatever part a cue names with its side must, in that phase, move, turn, bear weight, touch or
/// be lengthened on that very side, and do so more than, or as much as, the same part of the other side.
/// </summary>
public partial class CuesMatchShapes
{
    private const double Moves = 0.05 / 1.70; // 5 cm
    private const double Turns = 8; // degrees
    private const double Lengthened = 0.2;

    // What a word of a cue is on the body: landmarks that may move, touch or bear, axes that may turn, areas that may be lengthened.
    private sealed record Part(string[] Marks, Axis[] Turning, Area[] Areas);

    private static readonly Axis[] ArmAxes =
    [
        Axis.RightGirdleUp,
        Axis.RightGirdleForward,
        Axis.RightShoulderPlane,
        Axis.RightShoulderElevation,
        Axis.RightShoulderTurn,
        Axis.RightElbow,
        Axis.RightForearm,
    ];
    private static readonly Axis[] HandAxes = [.. ArmAxes, Axis.RightWrist, Axis.RightWristDeviation];
    private static readonly Axis[] LegAxes = [Axis.RightHipFlexion, Axis.RightHipAbduction, Axis.RightHipTurn, Axis.RightKnee];
    private static readonly Axis[] FootAxes = [.. LegAxes, Axis.RightAnkle, Axis.RightAnkleIn, Axis.RightToe];
    private static readonly Axis[] TrunkAxes =
    [
        Axis.LowerSide,
        Axis.UpperSide,
        Axis.LowerRotation,
        Axis.UpperRotation,
        Axis.LowerFlexion,
        Axis.UpperFlexion,
        Axis.PelvisTurn,
        Axis.PelvisLean,
    ];
    private static readonly Axis[] NeckAxes = [Axis.NeckFlexion, Axis.NeckSide, Axis.NeckRotation];

    private static readonly Dictionary<string, Part> Parts = new()
    {
        ["hand"] = new(["hand", "fingertips", "wrist", "palm-heel", "knuckles", "hand-back"], HandAxes, [Area.WristsHands]),
        ["arm"] = new(["hand", "elbow", "forearm", "under-forearm", "upper-arm", "wrist"], ArmAxes, [Area.Arms, Area.Shoulders]),
        ["elbow"] = new(["elbow", "inner-elbow"], ArmAxes, [Area.Arms]),
        ["shoulder"] = new(
            ["shoulder", "shoulder-top", "upper-arm", "blade"],
            [.. ArmAxes, .. TrunkAxes, .. NeckAxes],
            [Area.Shoulders, Area.Neck, Area.Chest, Area.UpperBack]
        ),
        ["foot"] = new(
            ["heel", "ball", "ankle", "toe-tip", "sole", "instep", "outer-ankle", "heel-back"],
            FootAxes,
            [Area.Feet, Area.Calves]
        ),
        ["leg"] = new(
            ["knee", "ankle", "thigh", "calf", "heel-back", "ball", "sole", "shin", "outer-knee"],
            FootAxes,
            [Area.Hamstrings, Area.Thighs, Area.HipFront, Area.Calves, Area.InnerThigh, Area.OuterHip]
        ),
        ["knee"] = new(["knee", "kneecap", "outer-knee", "inner-knee", "thigh"], LegAxes, [Area.Thighs, Area.Hamstrings]),
        ["hip"] = new(
            ["hip", "seat", "thigh"],
            [.. LegAxes, .. TrunkAxes, Axis.PelvisPitch],
            [Area.OuterHip, Area.HipFront, Area.LowBack, Area.InnerThigh]
        ),
        ["side"] = new(
            ["waist", "ribs", "hip", "shoulder"],
            [.. TrunkAxes, .. ArmAxes],
            [Area.SideBody, Area.MidBack, Area.LowBack, Area.Neck]
        ),
        ["head"] = new(["ear", "head-side", "temple"], [.. NeckAxes, .. TrunkAxes], [Area.Neck]),
    };

    private static readonly Dictionary<string, string> Words = Synonyms(
        ("hand", "hand hands palm palms fingers fingertips fist fists wrist wrists thumb thumbs"),
        ("arm", "arm arms forearm"),
        ("elbow", "elbow elbows"),
        ("shoulder", "shoulder shoulders blade collarbone"),
        ("foot", "foot feet heel heels toes toe ankle sole ball"),
        ("leg", "leg legs thigh thighs shin shins calf hamstring"),
        ("knee", "knee knees"),
        ("hip", "hip hips buttock seat sit"),
        ("side", "side flank waist ribs armpit"),
        ("head", "ear cheek temple neck"),
        // Pictures and ellipses that stand for an arm: "stack them, the right plank on top", "right over, left under".
        ("arm", "plank wing one over under up behind below from on to"),
        ("foot", "shoe")
    );

    [Fact]
    public void A_named_part_moves_turns_bears_or_is_lengthened_on_its_side()
    {
        var wrong = Wrong(swapped: false).ToList();
        Assert.True(wrong.Count == 0, string.Join(Environment.NewLine, wrong));
    }

    // The check would notice: with right and left exchanged, cues of limbs that work alone are wrong. (A head that tilts moves both ears.)
    [Fact]
    public void Exchanged_sides_are_noticed() =>
        Assert.InRange(Wrong(swapped: true).Select(w => w.Split(' ')[0]).Distinct().Count(), 15, 300);

    private static IEnumerable<string> Wrong(bool swapped) =>
        (
            from move in Shipped.Catalogue.Moves
            from form in Shipped.Catalogue.Forms(move).Where(f => f.Option == MoveForm.BaseOption)
            from phase in Enumerable.Range(0, form.Phases.Length)
            from cue in new[] { form.Phases[phase].Phase.Cue.Long, form.Phases[phase].Phase.Cue.Short }
            from Match named in Named().Matches(cue)
            let side = (named.Groups[2].Value == "left") != swapped ? Side.Left : Side.Right
            let word = named.Groups[3].Value
            // A nostril is closed by a finger the figure does not draw.
            where word != "nostril"
            where
                !(named.Groups[1].Length > 0 && Leads(form, phase, side))
                && !(Words.TryGetValue(word, out var part) && Works(form, phase, Parts[part], side))
            select $"{move.Id} in {form.Position.Id}, phase {phase + 1}: {named.Value} in '{cue}'"
        ).Distinct();

    private static bool Works(MoveForm form, int phase, Part part, Side side)
    {
        var after = form.Phases[phase];
        // A flow comes to its first phase from its last, and a stay may name what earlier phases brought about.
        Shape[] befores =
            after.Phase.IsStay ? [form.Position.Base, form.StartOf(phase)]
            : phase == 0 && !form.HasStay ? [form.Position.Base, form.Phases[^1].Shape]
            : [form.StartOf(phase)];
        var marks = part.Marks.Select(m => Landmark.Find($"{(side == Side.Left ? "left" : "right")}.{m}")).OfType<Landmark>().ToList();
        var (own, other) =
            side == Side.Left ? (after.Facts.LeftStretch, after.Facts.RightStretch) : (after.Facts.RightStretch, after.Facts.LeftStretch);
        return befores.Any(before =>
                MovesMost(before, after.Shape, marks)
                || Turning(before, after.Shape, part, side)
                || marks.Any(m => Rests(after.Shape, m) && !Rests(before, m))
            )
            || marks.Any(m => Rests(after.Shape, m) && !Rests(after.Shape, m.Mirror()))
            || part.Areas.Any(a => own[(int)a] >= Lengthened && own[(int)a] >= other[(int)a]);
    }

    private static bool Rests(Shape shape, Landmark mark) =>
        shape.Contacts.Any(c => c.Mark == mark) || shape.Touches.Any(t => t.Mark == mark || t.On == mark);

    private static bool MovesMost(Shape before, Shape after, List<Landmark> marks)
    {
        var (from, to) = (before.Skeleton(), after.Skeleton());
        double By(Landmark mark) => (mark.On(to) - mark.On(from)).Length;
        return marks.Any(mark => By(mark) >= Moves && By(mark) >= 0.7 * By(mark.Mirror()));
    }

    private static bool Turning(Shape before, Shape after, Part part, Side side) =>
        part.Turning.Any(axis =>
        {
            var own = axis.On(side);
            var other = Axes.Mirror(own);
            double By(Axis a) => Math.Abs(after.Angles[a] - before.Angles[a]);
            return By(own) >= Turns && By(own) >= 0.7 * By(other);
        });

    // "Turn to the right": head, trunk or a hand goes that way, or spine or neck bend or turn to it.
    private static bool Leads(MoveForm form, int phase, Side side)
    {
        var (before, after) = (form.StartOf(phase), form.Phases[phase].Shape);
        var (from, to) = (before.Skeleton(), after.Skeleton());
        var sign = side == Side.Right ? 1 : -1;
        double Across(Landmark mark) => -sign * (mark.On(to).X - mark.On(from).X); // x runs to the left
        return Leading.Any(name => Across(Landmark.Find(name)!) >= Moves)
            || Bending.Any(axis => sign * (after.Angles[axis] - before.Angles[axis]) >= Turns);
    }

    private static readonly string[] Leading = ["crown", "breastbone", "right.hand", "left.hand", "right.knee", "left.knee"];
    private static readonly Axis[] Bending =
    [
        Axis.NeckSide,
        Axis.NeckRotation,
        Axis.UpperSide,
        Axis.UpperRotation,
        Axis.LowerSide,
        Axis.LowerRotation,
        Axis.PelvisTurn,
        Axis.PelvisLean,
    ];

    private static Dictionary<string, string> Synonyms(params (string Part, string Words)[] groups) =>
        groups.SelectMany(g => g.Words.Split(' ').Select(word => (Word: word, g.Part))).ToDictionary(p => p.Word, p => p.Part);

    // A side with the word that follows it, or the one after an adjective: "{right} ear", "{left} long side".
    [GeneratedRegex(
        @"(\b(?:to|towards)(?: the)? )?\{(right|left)\}(?: "
            + "(?:front|back|upper|lower|bent|straight|long|top|big|little|inner|outer|whole|sitting|free|open|lifted))? "
            + "([a-z]+)"
    )]
    private static partial Regex Named();
}
