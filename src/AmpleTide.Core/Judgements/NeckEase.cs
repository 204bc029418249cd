using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>Where a class eases necks by repetition, it does not hold them; where it has chosen holds, it does not repeat.</summary>
public static class NeckEase
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("neck-ease", "Necks are eased as the class has chosen", Level.Hint, Judge);

    // Bent or turned so far, in units of what is normal, a move is there for the neck.
    private const double Clear = 0.5;
    private static readonly Axis[] NeckAxes = [Axis.NeckFlexion, Axis.NeckSide, Axis.NeckRotation];

    private static IEnumerable<Finding> Judge(Score score)
    {
        var repeats = Conventions.Takes(score.Plan, "neckEase", "repetitions");
        if (!repeats && !Conventions.Takes(score.Plan, "neckEase", "holds"))
            yield break;
        var (unwanted, wanted) = repeats ? (MoveKind.Hold, MoveKind.Flow) : (MoveKind.Flow, MoveKind.Hold);
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form || form.Move.Kind != unwanted || !ForTheNeck(form) || (repeats && line.Dose.Unit == Unit.Rounds))
                continue;
            yield return Rule.Found(
                    [line],
                    repeats
                        ? $"{form.Move.Name} holds; this class eases the neck with repetitions."
                        : $"{form.Move.Name} repeats; this class eases the neck with soft holds.",
                    Conventions.Find("neckEase")!.Why
                )
                .Fix(
                    repeats ? "Repeat instead" : "Hold instead",
                    plan =>
                        Swaps
                            .ForEverybody(score, line)
                            .Where(s => s.Move.Kind == wanted && ForTheNeck(s))
                            .Select(s => plan.ChangeLine(line.Line.Id, l => Swaps.Put(l, s)))
                );
        }
    }

    // The neck goes far, and the rest of the spine does not.
    private static bool ForTheNeck(MoveForm form) =>
        form.Phases.Any(p => NeckAxes.Any(a => Math.Abs(p.Facts.Loads[(int)a]) >= Clear))
        && form.Phases.All(p =>
            Math.Abs(p.Bending.Spine) < Clear / 2
            && Math.Abs(p.Facts.Loads[(int)Axis.LowerRotation]) < Clear
            && Math.Abs(p.Facts.Loads[(int)Axis.UpperRotation]) < Clear
        );
}
