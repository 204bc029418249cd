using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A line begins on the breath that is free; where it does not, half a breath is put between, and the teacher should know.</summary>
public static class PhaseCollision
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("phase-collision", "Each line begins on the breath that is free", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var line in score.Lines.Where(l => l.CollidesWith is not null && l.Move is not null))
        {
            var before = line.CollidesWith!;
            var phase = line.Form!.Phases[0].Phase.Breath == Catalogue.Breath.In ? "in" : "out";
            var finding = before == line
                ? Rule.Found([line], $"{line.Move!.Name} begins its second side on the {phase}-breath it ended on.", "Half a breath is put between the sides.")
                : Rule.Found([before, line], $"{before.Move!.Name} ends on an {phase}-breath and {line.Move!.Name} begins on one.", "Half a breath is put between them.");
            yield return before == line
                ? finding.Fix("Pause a breath between the sides", plan => plan.ChangeLine(line.Line.Id, l => l with { PauseBetween = l.PauseBetween + 2 }))
                : finding.Fix("Pause two breaths between them", plan => plan.ChangeLine(before.Line.Id, l => l with { PauseAfter = l.PauseAfter + 2 }));
        }
    }
}
