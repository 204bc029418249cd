using System.Runtime.CompilerServices;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>In to lift, open and come to the middle, out to fold, turn and bend. Common practice, no source.</summary>
public static class BreathDirection
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("breath-direction", "In to open, out to fold", Level.Hint, Judge);

    private const double Clear = 0.15;
    private const double TwiceAnyOther = 2;
    private const double Still = 0.06;
    private const double Lifted = 60; // degrees, both arms

    // Pushing up and rising from sitting are work, and go with the out-breath.
    private const double Work = 3;

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form || Known.GetValue(form, Odd.In) is not { Said: { } said } odd)
                continue;
            yield return Rule.Found(
                [line],
                $"{form.Move.Name} {said} on the {odd.Breath}-breath.",
                "Most schools teach that on the other breath."
            );
        }
    }

    // It is the same in every class; told once for each form of a move.
    private static readonly ConditionalWeakTable<MoveForm, Odd> Known = [];

    private sealed record Odd(string? Said, string Breath)
    {
        public static Odd In(MoveForm form)
        {
            if (form.Move is not { Kind: MoveKind.Hold or MoveKind.Flow, Sides: not Sidedness.Circling, Effort: < Work })
                return new(null, "");
            for (var i = 0; i < form.Phases.Length; i++)
                if (Against(form, i) is { } said)
                    return new(said, form.Phases[i].Phase.Breath == Catalogue.Breath.In ? "in" : "out");
            return new(null, "");
        }
    }

    // What a phase clearly does on the breath that most schools do the other on, or null.
    private static string? Against(MoveForm form, int index)
    {
        var phase = form.Phases[index];
        if (phase.Phase.Breath is not (Breath.In or Breath.Out) || phase.Phase.BreathIsChosen)
            return null;
        var before =
            index > 0 ? form.Phases[index - 1]
            : form.HasStay || form.Phases.Length == 1 ? null
            : form.Phases[^1];
        if (SetsFeetDown(form.Position, before?.Shape ?? form.Position.Base, phase.Shape))
            return null;
        var from = before is null ? Measures.Of(form.Position.Facts, form.Position.Base) : Measures.Of(before.Facts, before.Shape);
        var to = Measures.Of(phase.Facts, phase.Shape);
        (double By, string Said)[] turns =
        [
            (to.Fold - from.Fold, "folds"),
            (to.Wind - from.Wind, "turns or bends"),
            (from.Rise - to.Rise, "sinks"),
        ];
        // A turn or a bend is judged where it is held.
        if (!(index + 1 < form.Phases.Length && form.Phases[index + 1].Phase.IsStay))
            turns = [turns[0], turns[2], (0, "")];
        // Where the trunk stays, the arms tell: both lifted with the in-breath.
        var free = AreFree(phase.Shape) && AreFree(before?.Shape ?? form.Position.Base);
        if (free && Array.TrueForAll(turns, t => Math.Abs(t.By) < Still) && Math.Abs(to.Arms - from.Arms) >= Lifted)
            return to.Arms > from.Arms == (phase.Phase.Breath == Breath.In) ? null
                : to.Arms > from.Arms ? "lifts the arms"
                : "lowers the arms";
        var most = turns.MaxBy(t => Math.Abs(t.By));
        if (Math.Abs(most.By) < Clear || turns.Any(t => t != most && Math.Abs(t.By) * TwiceAnyOther > Math.Abs(most.By)))
            return null;
        var shouldBeOut = most.By > 0;
        if (shouldBeOut == (phase.Phase.Breath == Breath.Out))
            return null;
        return shouldBeOut
            ? most.Said
            : most.Said switch
            {
                "folds" => "opens",
                "sinks" => "rises",
                _ => "comes to the middle",
            };
    }

    // Lying, legs that are set down open the hips and let go of the belly at once; either breath will do.
    private static bool SetsFeetDown(Position position, Shape from, Shape to) =>
        position.Level == PelvisLevel.Floor && FeetDown(to) > FeetDown(from);

    private static int FeetDown(Shape shape) =>
        shape.Contacts.Where(c => c.Mark.Segment is Segment.RightFoot or Segment.LeftFoot).Select(c => c.Mark.Segment).Distinct().Count();

    // Hands that push or hang on something go by that, and not by the breath.
    private static bool AreFree(Shape shape) => !shape.Contacts.Any(c => c.Mark.Segment is Segment.RightHand or Segment.LeftHand);

    // Fold, wind and rise, each as one number in units of what is normal; how far both arms are lifted, in degrees.
    private readonly record struct Measures(double Fold, double Wind, double Rise, double Arms)
    {
        public static Measures Of(Facts facts, Shape shape)
        {
            double Arm(Axis axis) => shape.Angles[axis];
            double Both(Axis lower, Axis upper) => Math.Abs(facts.Loads[(int)lower] + facts.Loads[(int)upper]) / 2;
            return new(
                Bending.Of(facts).Spine,
                Both(Axis.LowerRotation, Axis.UpperRotation) + Both(Axis.LowerSide, Axis.UpperSide),
                facts.HeadHeight,
                Math.Min(Arm(Axis.RightShoulderElevation), Arm(Axis.LeftShoulderElevation))
            );
        }
    }
}
