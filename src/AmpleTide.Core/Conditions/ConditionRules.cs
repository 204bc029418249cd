using System.Runtime.CompilerServices;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>What to do about a move for somebody with a condition, least first.</summary>
public enum Advice
{
    /// <summary>It is fine.</summary>
    Fine,

    /// <summary>Smaller, shorter, or the easier option.</summary>
    Smaller,

    /// <summary>Something else in its place, for that person.</summary>
    Swap,

    /// <summary>Not at all.</summary>
    LeaveOut,
}

/// <summary>What is advised for a condition, and why.</summary>
/// <param name="Condition">Its id.</param>
/// <param name="Advice">What to do.</param>
/// <param name="Because">The reason, as the end of a sentence.</param>
public sealed record Caution(string Condition, Advice Advice, string Because);

/// <summary>
/// What each condition rules out, written against what the shapes say rather than against names of moves. From memory and common
/// practice, no source; a clinician's word comes first.
/// </summary>
public static class ConditionRules
{
    private sealed record Rule(string Condition, Advice Advice, string Because, Func<FormFacts, bool> Applies);

    private const double HeadLow = 0.02; // of a stature below the heart: about 3 cm
    private const double SomeWeight = 0.12;

    private static readonly Rule[] Rules =
    [
        new("neck-recent", Advice.LeaveOut, "the head circles", f => f.NeckCircles),
        new("neck-recent", Advice.LeaveOut, "the neck is loaded by hands, by lifting the head or by weight", f => f.NeckLoaded),
        new("neck-recent", Advice.Swap, "the head hangs below the heart", f => f.HeadBelowHeart > HeadLow && f.Standing),
        new("neck-recent", Advice.Smaller, "the head tilts over 20°", f => f.NeckTilt > 20),
        new("neck-recent", Advice.Smaller, "the head turns over 45°", f => f.NeckTurn > 45),
        new("neck-recent", Advice.Smaller, "the head goes back over 15°", f => f.NeckBack > 15),
        new("neck-settled", Advice.Smaller, "the head tilts over 25°", f => f.NeckTilt > 25),
        new("neck-settled", Advice.Swap, "the neck is loaded by hands, by lifting the head or by weight", f => f.NeckLoaded),
        new("bone-low", Advice.Swap, "the spine rounds under load", f => f.RoundingLoaded),
        new("bone-low", Advice.Smaller, "the spine rounds far", f => f.Rounding > 40),
        new("bone-low", Advice.Smaller, "the spine turns far", f => f.Twist > 25),
        new("bone-low", Advice.LeaveOut, "rounding and turning come together", f => f.Twist > 12 && f.Rounding > 30),
        new("back-bends-badly", Advice.Swap, "the spine rounds far", f => f.Rounding > 35),
        new("back-bends-badly", Advice.Smaller, "a nearly straight leg is drawn up", f => f.HamstringPull > 68),
        new("back-arches-badly", Advice.Swap, "the back arches", f => f.Arching > 15),
        new("bp-high", Advice.Swap, "the head lies below the heart", f => f.HeadBelowHeart > HeadLow),
        new("bp-high", Advice.LeaveOut, "the breath is held or sipped", f => f.BreathHeld || f.BreathSipped),
        new("bp-high", Advice.Smaller, "it is held with effort: ten seconds at most", f => f.Strained),
        new("heart", Advice.Swap, "the head lies below the heart", f => f.HeadBelowHeart > HeadLow),
        new("heart", Advice.LeaveOut, "the breath is held or sipped", f => f.BreathHeld || f.BreathSipped),
        new("heart", Advice.Smaller, "it is held with effort: ten seconds at most", f => f.Strained),
        new("heart", Advice.Swap, "it lies flat: propped instead", f => f.FlatOnBack),
        new("bp-low", Advice.Smaller, "it hangs long: pause half-way on the way up", f => f.Standing && f.HeadBelowHeart > HeadLow),
        new("eyes", Advice.LeaveOut, "the head lies below the heart", f => f.HeadBelowHeart > HeadLow),
        new("eyes", Advice.LeaveOut, "the breath is held", f => f.BreathHeld),
        new("eyes", Advice.Smaller, "it is held with effort", f => f.Strained),
        new("vertigo", Advice.LeaveOut, "the head circles", f => f.NeckCircles),
        new("vertigo", Advice.Swap, "the head goes back and turns", f => f.NeckBack > 8 && f.NeckTurn > 15),
        new(
            "vertigo",
            Advice.Smaller,
            "the head moves far: half the range, gaze fixed",
            f => f.NeckTurn > 40 || f.NeckBack > 20 || f.HeadBelowHeart > HeadLow
        ),
        new("vertigo", Advice.Smaller, "the eyes are closed while standing", f => f.Standing && f.EyesClosed),
        new("pregnancy-early", Advice.LeaveOut, "the breath is held or sipped", f => f.BreathHeld || f.BreathSipped),
        new("pregnancy-mid", Advice.LeaveOut, "it lies on the front", f => f.OnFront),
        new("pregnancy-mid", Advice.Swap, "it lies flat on the back: a minute at most, better on the left side", f => f.FlatOnBack),
        new("pregnancy-mid", Advice.LeaveOut, "the breath is held or sipped", f => f.BreathHeld || f.BreathSipped),
        new("pregnancy-mid", Advice.Swap, "the trunk twists far: open and small instead", f => f.Twist > 25),
        new(
            "pregnancy-mid",
            Advice.LeaveOut,
            "it strains the belly",
            f => f.Strained && f.OnBentWrists > SomeWeight || f.NeckLoaded && f.FlatOnBack
        ),
        new("pregnancy-late", Advice.LeaveOut, "it lies on the front", f => f.OnFront),
        new("pregnancy-late", Advice.LeaveOut, "it lies flat on the back: on the left side or propped instead", f => f.FlatOnBack),
        new("pregnancy-late", Advice.LeaveOut, "the breath is held or sipped", f => f.BreathHeld || f.BreathSipped),
        new("pregnancy-late", Advice.Swap, "the trunk twists far: open and small instead", f => f.Twist > 20),
        new("pregnancy-late", Advice.Smaller, "it stands on one leg: at the wall", f => f.OnOneLeg),
        new("pregnancy-late", Advice.LeaveOut, "it strains the belly", f => f.Strained && f.OnBentWrists > SomeWeight),
        new("postnatal", Advice.LeaveOut, "the head is lifted lying, or both legs work", f => f.NeckLoaded && f.FlatOnBack),
        new("postnatal", Advice.Swap, "it strains the belly", f => f.Strained && f.OnBentWrists > SomeWeight),
        new("shoulder", Advice.Smaller, "an arm goes over shoulder height", f => f.ArmLift > 100),
        new("shoulder", Advice.Swap, "hands work behind the back", f => f.ArmsBehind),
        new("shoulder", Advice.Swap, "the hands carry the weight overhead", f => f.OnBentWrists > SomeWeight && f.ArmLift > 120),
        new("wrist", Advice.Swap, "hands carry weight with the wrists bent back", f => f.OnBentWrists > SomeWeight),
        new("knee", Advice.Swap, "it kneels", f => f.OnKnees > SomeWeight),
        new("knee", Advice.Smaller, "the knee bends deeply", f => f.KneeFlexion > 110),
        new("foot", Advice.Swap, "toes are tucked under weight", f => f.TuckedToes),
        new("foot", Advice.Smaller, "it balances on one foot: fingertips on the wall", f => f.OnOneLeg),
        new("hip-replaced-back", Advice.Swap, "the hip bends over 90°", f => f.HipFlexion > 96),
        new("hip-replaced-back", Advice.LeaveOut, "a thigh crosses the midline", f => f.HipCrossing > 9),
        new("hip-replaced-front", Advice.LeaveOut, "the hip arches and turns out", f => f.HipBackAndOut),
        new("hip-replaced-unknown", Advice.Swap, "the hip bends over 90°", f => f.HipFlexion > 96),
        new(
            "hip-replaced-unknown",
            Advice.LeaveOut,
            "a thigh crosses the midline, or the hip arches and turns out",
            f => f.HipCrossing > 9 || f.HipBackAndOut
        ),
        new(
            "hypermobile",
            Advice.Smaller,
            "it hangs or pulls at the end of the range",
            f => f.Standing && f.HeadBelowHeart > HeadLow || f.HamstringPull > 75
        ),
        new(
            "breath",
            Advice.LeaveOut,
            "the breath is held or sipped: in three, out four, at their own pace",
            f => f.BreathHeld || f.BreathSipped
        ),
        new("epilepsy", Advice.LeaveOut, "the breath comes fast", f => f.BreathSipped),
        new("reflux", Advice.Swap, "it lies flat or head down", f => f.FlatOnBack || f.HeadBelowHeart > HeadLow),
        new("balance", Advice.Swap, "it stands on one leg: both hands on a chair at the wall", f => f.OnOneLeg),
        new("trauma", Advice.Smaller, "the eyes close: lowered is as good, and say so", f => f.EyesClosed),
    ];

    /// <summary>All conditions some rule speaks of.</summary>
    public static IReadOnlySet<string> Conditions { get; } = Rules.Select(r => r.Condition).ToHashSet();

    /// <summary>
    /// What the conditions say to a move wherever it is taken: a caution that some position spares is left out, else the mildest
    /// counts.
    /// </summary>
    /// <param name="forms">The move in each of its positions.</param>
    public static IReadOnlyList<Caution> For(IReadOnlyCollection<MoveForm> forms) =>
        [.. forms.SelectMany(For).GroupBy(c => c.Condition).Where(g => g.Count() == forms.Count).Select(g => g.MinBy(c => c.Advice)!)];

    /// <summary>What the conditions say to a move in a position with an option: one caution a condition, the gravest.</summary>
    /// <param name="form">The move as it is taken; read off once.</param>
    public static IReadOnlyList<Caution> For(MoveForm form) => Known.GetValue(form, Read);

    private static readonly ConditionalWeakTable<MoveForm, IReadOnlyList<Caution>> Known = [];

    private static IReadOnlyList<Caution> Read(MoveForm form)
    {
        var facts = FormFacts.Of(form);
        return
        [
            .. Rules
                .Where(r => r.Applies(facts))
                .GroupBy(r => r.Condition)
                .Select(g => g.MaxBy(r => r.Advice)!)
                .Select(r => new Caution(r.Condition, r.Advice, r.Because)),
        ];
    }
}
