using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>One way of a convention.</summary>
/// <param name="Id">As class files write it.</param>
/// <param name="Name">In words.</param>
public sealed record ConventionWay(string Id, string Name);

/// <summary>A matter on which teachers disagree: the ways, the one that is taken when nothing is said, and why.</summary>
/// <param name="Id">As class files write it.</param>
/// <param name="Matter">What it is about.</param>
/// <param name="Ways">The ways; the first is taken when nothing is said.</param>
/// <param name="Why">Why that one.</param>
public sealed record Convention(string Id, string Matter, IReadOnlyList<ConventionWay> Ways, string Why);

/// <summary>A set of conventions under a name.</summary>
/// <param name="Name">The name.</param>
/// <param name="For">For whom it is.</param>
/// <param name="Chosen">The ways that differ from the defaults.</param>
public sealed record ConventionPreset(string Name, string For, IReadOnlyDictionary<string, string> Chosen);

/// <summary>The conventions of a class. Common practice, no source; the house does not pick winners silently.</summary>
public static class Conventions
{
    /// <summary>Every matter.</summary>
    public static IReadOnlyList<Convention> All { get; } =
    [
        Of(
            "neckCircle",
            "Circling the neck",
            "The back arc loads the small joints of the neck and can bring dizziness.",
            ("half", "half circles, ear to chin to ear"),
            ("full", "full slow circles, both ways")
        ),
        Of(
            "handOnHead",
            "A hand on the head",
            "Its weight is enough; a pull is hard to measure from outside.",
            ("weight", "weight only"),
            ("none", "no hand"),
            ("gentle-pull", "a gentle pull")
        ),
        Of(
            "riseFromFold",
            "Rising from a fold",
            "A long back with a pause half-way spares heads that get dizzy and spines that round badly.",
            ("long-back", "with a long back, on the in-breath"),
            ("roll-up", "rolling up, on the out-breath, head last")
        ),
        Of(
            "exhaleThrough",
            "Breathing out",
            "Sighs are kept for moves that let go.",
            ("nose", "through the nose"),
            ("mouth", "through the mouth, with a sigh")
        ),
        Of(
            "holdIn",
            "Holding",
            "Each at their own breath; seconds are shown beside.",
            ("breaths", "in breaths"),
            ("seconds", "by the clock")
        ),
        Of(
            "firstSide",
            "Which side first",
            "In a series it changes from class to class, so that habit does not pile up.",
            ("right", "right"),
            ("left", "left")
        ),
        Of(
            "secondSide",
            "The second side",
            "Straight after, while the first is still felt.",
            ("straight-after", "straight after the first"),
            ("whole-chain", "after the whole chain")
        ),
        Of(
            "neckEase",
            "Easing the neck",
            "Repetitions are offered to practise at home.",
            ("holds", "a soft hold each side"),
            ("repetitions", "many repetitions")
        ),
        Of(
            "rollTo",
            "Rolling to rise",
            "Left for whoever is pregnant; a sore shoulder or hip picks its own side.",
            ("right", "to the right"),
            ("left", "to the left")
        ),
        Of(
            "headInTwists",
            "The head in a twist",
            "The neck goes further than the ribs can follow; so it waits for them.",
            ("last", "turns last"),
            ("follows", "follows the hand")
        ),
        Of(
            "stayingInTwists",
            "Staying in a twist",
            "Stillness is easier to feel; pulses are easier to count.",
            ("still", "still"),
            ("pulses", "in small pulses")
        ),
        Of(
            "lookUp",
            "Looking up",
            "The eyes are enough, and the back of the neck stays long.",
            ("eyes", "with the eyes"),
            ("chin", "with the chin")
        ),
        Of(
            "sideBends",
            "How a side bend is called",
            "Where it goes is seen at once.",
            ("lean", "by the side it leans to"),
            ("arm", "by the arm that goes up"),
            ("stretch", "by the side that grows long")
        ),
        Of(
            "elbowCircles",
            "How circles of the elbows are called",
            "Backwards is the word for shoulders and arms, too.",
            ("direction", "backwards and forwards"),
            ("meeting", "by where the elbows meet")
        ),
        Of("turnHead", "Turning the head", "The same all class long.", ("out", "on the out-breath"), ("in", "on the in-breath")),
        Of(
            "roundBlades",
            "Rounding in shoulder-blade work",
            "Either, as long as it stays the same.",
            ("out", "on the out-breath"),
            ("in", "on the in-breath, the back widens")
        ),
        Of(
            "cues",
            "Right and left in cues",
            "What is written is the group's side.",
            ("group", "the group's side"),
            ("mirror", "the side of a teacher who faces the group")
        ),
        Of(
            "inversions",
            "Plough and shoulder stand",
            "Left out unless asked for, and never with the conditions that forbid them.",
            ("left-out", "left out"),
            ("asked-for", "offered when asked for")
        ),
    ];

    /// <summary>Sets of conventions under names of our own.</summary>
    public static IReadOnlyList<ConventionPreset> Presets { get; } =
    [
        new("Still harbour", "Groups of mixed ages, and anybody new: every default.", new Dictionary<string, string>()),
        new(
            "Long swell",
            "Experienced groups that move in chains.",
            new Dictionary<string, string>
            {
                ["secondSide"] = "whole-chain",
                ["riseFromFold"] = "roll-up",
                ["exhaleThrough"] = "mouth",
            }
        ),
        new(
            "By the clock",
            "Drills and desk breaks.",
            new Dictionary<string, string> { ["holdIn"] = "seconds", ["neckEase"] = "repetitions" }
        ),
    ];

    private static readonly Dictionary<string, Convention> ById = All.ToDictionary(c => c.Id);

    /// <summary>The convention of an id, or null.</summary>
    public static Convention? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>What a class has chosen in a matter, or the default; nothing for an unknown matter.</summary>
    public static string Chosen(ClassPlan plan, string matter) =>
        plan.Conventions.TryGetValue(matter, out var chosen) && chosen.Length > 0
            ? chosen
            : ById.GetValueOrDefault(matter)?.Ways[0].Id ?? "";

    /// <summary>
    /// What a class does in a matter: as chosen, but for backs that must not roll up.
    /// </summary>
    public static string Taken(ClassPlan plan, string matter) =>
        matter == "riseFromFold" && !plan.RollsUp ? "long-back" : Chosen(plan, matter);

    /// <summary>Whether a class says outright that it takes one way of a matter; what it leaves open is nobody's rule.</summary>
    public static bool Takes(ClassPlan plan, string matter, string way) => plan.Conventions.GetValueOrDefault(matter) == way;

    /// <summary>Whether cues name the sides of a teacher who faces the group.</summary>
    public static bool MirrorsCues(ClassPlan plan) => Takes(plan, "cues", "mirror");

    // Where necks are eased by repeating, a hold becomes so many rounds. Common practice, no source.
    private const int NeckRounds = 6;

    // A usual hold by the clock, breath by breath, and what it is rounded to. Common practice, no source.
    private const double SecondsABreath = 7;
    private const int WholeSeconds = 5;
    private const int LeastSeconds = 10;

    /// <summary>
    /// The dose of a move where nothing is written: by the clock, where a class holds by the clock; in rounds for the neck, where it
    /// repeats.
    /// </summary>
    public static Dose UsualDose(Move move, ClassPlan plan)
    {
        var (unit, amount) = (move.Dose.Unit, move.Dose.Usual);
        if (unit == Unit.Breaths && IsNeckHold(move) && Takes(plan, "neckEase", "repetitions"))
            return new(Unit.Rounds, NeckRounds);
        if (unit != Unit.Breaths || move.Kind is not (MoveKind.Hold or MoveKind.Balance) || !Takes(plan, "holdIn", "seconds"))
            return new(unit, amount);
        var seconds = (int)Math.Round(amount * SecondsABreath / WholeSeconds) * WholeSeconds;
        return new(Unit.Seconds, Math.Max(LeastSeconds, seconds));
    }

    // By what its author names: the neck goes far, and the back does not.
    private static bool IsNeckHold(Move move) =>
        move.Kind == MoveKind.Hold
        && Most(move, Axis.NeckFlexion, Axis.NeckSide, Axis.NeckRotation) >= 20
        && Most(move, Axis.LowerFlexion, Axis.LowerSide, Axis.LowerRotation) < 6;

    private static double Most(Move move, params Axis[] axes) =>
        move.Phases.Max(p => axes.Max(axis => Math.Abs(p.Change.Angles.GetValueOrDefault(axis))));

    /// <summary>Whether a way is the one taken when a class says nothing.</summary>
    public static bool IsUsual(Way way) => way.School.All(s => Find(s.Key)?.Ways[0].Id == s.Value);

    private static Convention Of(string id, string matter, string why, params (string Id, string Name)[] ways) =>
        new(id, matter, [.. ways.Select(w => new ConventionWay(w.Id, w.Name))], why);
}
