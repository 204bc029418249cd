using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// A line begins on the breath that is free; where it does not, half a breath is put between, and the teacher should know.
/// </summary>
public static class PhaseCollision
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("phase-collision", "Each line begins on the breath that is free", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        // Between the two sides of one move the half breath is the move's own way; between two lines it is the planner's choice.
        foreach (var line in score.Lines.Where(l => l.CollidesWith is { } before && before != l))
        {
            var before = line.CollidesWith!;
            var phase = line.Form!.Phases[0].Phase.Breath == Catalogue.Breath.In ? "in" : "out";
            yield return Rule.Found(
                    [before, line],
                    $"{before.Move!.Name} ends on an {phase}-breath and {line.Move!.Name} begins on one.",
                    "Half a breath is missing between them; each finds it where they can."
                )
                .Fix("Pause two breaths", plan => plan.ChangeLine(before.Line.Id, l => l with { PauseAfter = l.PauseAfter.Longer(2) }));
        }
    }
}
