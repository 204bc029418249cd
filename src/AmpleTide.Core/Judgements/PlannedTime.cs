using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>The class ends when it should: talk, breaths, ways and rest together come to the minutes that were wanted.</summary>
public static class PlannedTime
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("time", "The class ends on the minute", Level.Notable, Judge);

    // Under a minute, or a fiftieth of a long class, nobody looks at the clock; common practice, no source.
    private const int LeastMs = 60_000;
    private const int Share = 50;
    private const int MostSteps = 400;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var wanted = Timing.Ms(score.Plan.Minutes * 60);
        var off = score.TotalMs - wanted;
        if (Math.Abs(off) <= Math.Max(LeastMs, wanted / Share) || score.Lines.Count == 0) yield break;
        var over = off > 0;
        yield return Rule.Found([], $"{Clock.Of(score.TotalMs)} planned, {Clock.Of(wanted)} wanted: {Clock.Of(Math.Abs(off))} {(over ? "over" : "short")}.", Where(score))
            .Fix(over ? "Shorten the longest doses" : "Lengthen the doses", plan => Approach(plan, score, wanted));
    }

    private static string Where(Score score)
    {
        string Of(EventKind kind) => Clock.Of(score.MsByKind[(int)kind]);
        return $"Talk takes {Of(EventKind.Talk)}, ways take {Of(EventKind.Way)}.";
    }

    // One step of dose at a time, where it changes most, both sides alike, within least and most; locked lines and the rest stay as they are
    // when time is short. Ends when no step brings the total nearer without harm.
    private static ClassPlan Approach(ClassPlan plan, Score score, int wanted)
    {
        var serious = Serious(score);
        for (var step = 0; step < MostSteps; step++)
        {
            var now = score;
            var nearest = Steps(plan, score.Catalogue, score.TotalMs > wanted)
                .Select(next => ClassCompiler.Compile(next, now.Catalogue, now.Ways, false))
                .Where(next => Math.Abs(next.TotalMs - wanted) < Math.Abs(now.TotalMs - wanted))
                .OrderBy(next => Math.Abs(next.TotalMs - wanted))
                .FirstOrDefault(next => Serious(next) <= serious);
            if (nearest is null) break;
            (plan, score) = (nearest.Plan, nearest);
        }
        return plan;
    }

    private static int Serious(Score score) => Judgement.Of(score).Count(f => f.Level == Level.Serious);

    private static IEnumerable<ClassPlan> Steps(ClassPlan plan, MoveCatalogue catalogue, bool shorter)
    {
        // All lines of a move change together, so that sides and options stay equal.
        var groups = from line in plan.Lines
                     where !line.Locked && catalogue.Move(line.Move) is { } move && !(shorter && move.Kind == MoveKind.Rest)
                     group line by line.Move;
        foreach (var lines in groups)
        {
            var move = catalogue.Move(lines.Key)!;
            var range = move.Dose;
            Dose Now(Line line) => line.Dose ?? new Dose(range.Unit, range.Usual);
            Dose Next(Line line) => Now(line) with { Amount = Now(line).Amount + (shorter ? -Stride(move) : Stride(move)) };
            if (lines.Any(l => Now(l).Unit != range.Unit || Next(l).Amount < range.Least || Next(l).Amount > range.Most)) continue;
            yield return plan.ChangeLines([.. lines.Select(l => l.Id)], line => line with { Dose = Next(line) });
        }
    }

    private static int Stride(Move move) =>
        (move.Dose.Unit switch { Unit.Seconds => 15, Unit.Beats => 4, _ => 1 }) * (move.Sides == Sidedness.Alternating ? 2 : 1);
}
