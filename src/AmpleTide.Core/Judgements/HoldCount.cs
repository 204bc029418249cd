using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Where a class says how its holds are counted, all of them are.</summary>
public static class HoldCount
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("hold-count", "Holds are counted as the class has chosen", Level.Hint, Judge);

    private const int WholeSeconds = 5;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var plan = score.Plan;
        var clock = Conventions.Takes(plan, "holdIn", "seconds");
        if (!clock && !Conventions.Takes(plan, "holdIn", "breaths"))
            yield break;
        var other = score
            .Lines.Where(l =>
                l.Form is { HasStay: true, Move.Kind: MoveKind.Hold or MoveKind.Balance }
                && l.Dose.Unit == (clock ? Unit.Breaths : Unit.Seconds)
            )
            .ToList();
        if (other.Count == 0)
            yield break;
        var (has, wants) = clock ? ("in breaths", "by the clock") : ("by the clock", "in breaths");
        yield return Rule.Found(
                other,
                $"{other.Count} {(other.Count == 1 ? "hold is" : "holds are")} counted {has}; this class holds {wants}.",
                Conventions.Find("holdIn")!.Why
            )
            .Fix(
                $"Count {(other.Count == 1 ? "it" : "them")} {wants}",
                p => other.Aggregate(p, (edited, line) => edited.ChangeLine(line.Line.Id, l => l with { Dose = Recounted(line, score) }))
            );
    }

    // The same time in the other unit: whole fives of seconds, whole breaths.
    private static Dose Recounted(LineScore line, Score score)
    {
        var breath = Timing
            .BreathOf(score.Plan, score.Tempo)
            .With(line.Section.Breath)
            .With(line.Line.Breath)
            .Breath(line.Form!.Phases[line.Form.FirstStay].Phase.Pattern);
        return line.Dose.Unit == Unit.Breaths
            ? new(Unit.Seconds, Math.Max(1, (int)Math.Round(line.Dose.Amount * breath / WholeSeconds)) * WholeSeconds)
            : new(Unit.Breaths, Math.Max(1, (int)Math.Round(line.Dose.Amount / breath)));
    }
}
