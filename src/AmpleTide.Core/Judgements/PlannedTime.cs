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

    // Under a minute, or a twentieth of a class, nobody can tell before it is taught; common practice, no source.
    private static readonly TimeSpan Unnoticed = TimeSpan.FromMinutes(1);
    private const int Share = 20;
    private const int MostSteps = 400;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var wanted = WholeMilliseconds.Of(score.Plan.Minutes * 60);
        var off = score.Total - wanted;
        if (off.Duration() <= WholeMilliseconds.Longer(Unnoticed, wanted / Share) || score.Lines.Count == 0)
            yield break;
        var over = off > TimeSpan.Zero;
        var finding = Rule.Found(
                [],
                $"{Clock.Of(score.Total)} planned, {Clock.Of(wanted)} wanted: {Clock.Of(off.Duration())} {(over ? "over" : "short")}.",
                Where(score)
            )
            .Fix(over ? "Shorten the doses" : "Lengthen the doses", plan => Approach(plan, score, wanted));
        yield return finding with
        {
            Fixes = [finding.Fixes[0] with { Betters = after => (after.Total - wanted).Duration() < off.Duration() }],
        };
    }

    private static string Where(Score score)
    {
        string Of(EventKind kind) => Clock.Of(score.TimeByKind[(int)kind]);
        return $"Talk takes {Of(EventKind.Lead)}, ways take {Of(EventKind.Way)}.";
    }

    // One step of dose at a time, shared out over the class: the move whose dose is changed least so far goes next. Both sides alike,
    // within least and most; locked lines and the rest stay as they are when time is short. Ends when no step brings the total nearer
    // without harm.
    private static ClassPlan Approach(ClassPlan plan, Score score, TimeSpan wanted)
    {
        var serious = Serious(score);
        for (var step = 0; step < MostSteps; step++)
        {
            var now = score;
            var nearest = Steps(plan, score, score.Total > wanted)
                .OrderBy(s => s.Stretched)
                .Select(s => ClassCompiler.Compile(s.Plan, now.Catalogue, now.Ways, false, now.Tempo))
                .FirstOrDefault(next => (next.Total - wanted).Duration() < (now.Total - wanted).Duration() && Serious(next) <= serious);
            if (nearest is null)
                break;
            (plan, score) = (nearest.Plan, nearest);
        }
        return plan;
    }

    private static int Serious(Score score) => Judgement.Of(score).Count(f => f.Level == Level.Serious);

    // One step for each move, and how far it would be from the move's usual dose then.
    private static IEnumerable<(ClassPlan Plan, double Stretched)> Steps(ClassPlan plan, Score score, bool shorter)
    {
        // All lines of a move change together, so that sides and options stay equal.
        var groups =
            from line in plan.Lines
            where score.Catalogue.Move(line.Move) is { } move && !(shorter && move.Kind == MoveKind.Rest)
            group line by line.Move;
        foreach (var lines in groups)
        {
            var move = score.Catalogue.Move(lines.Key)!;
            var range = move.Dose;
            Dose Now(Line line) => line.Dose ?? new Dose(range.Unit, range.Usual);
            Dose Next(Line line) => Now(line) with { Amount = Now(line).Amount + (shorter ? -Stride(move) : Stride(move)) };
            if (lines.Any(l => l.Locked || Now(l).Unit != range.Unit || Next(l).Amount < range.Least || Next(l).Amount > range.Most))
                continue;
            var ratio = lines.Average(l => Next(l).Amount) / range.Usual;
            yield return (
                plan.ChangeLines([.. lines.Select(l => l.Id)], line => line with { Dose = Next(line) }),
                shorter ? 1 / ratio : ratio
            );
        }
    }

    private static int Stride(Move move) =>
        (
            move.Dose.Unit switch
            {
                Unit.Seconds => 15,
                Unit.Beats => 4,
                _ => 1,
            }
        ) * (move.Sides == Sidedness.Alternating ? 2 : 1);
}
