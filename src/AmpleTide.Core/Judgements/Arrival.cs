using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A class begins by arriving: something quiet before anything is asked.</summary>
public static class Arrival
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("arrival", "The class begins by arriving", Level.Hint, Judge);

    private const double FromMinutes = 5; // common practice, no source

    private static IEnumerable<Finding> Judge(Score score)
    {
        // Talk or silence before the first move is arriving, too.
        if (
            score.Plan.Minutes < FromMinutes
            || score.Lines.FirstOrDefault(l => l.Form is not null) is not { } first
            || Quiet(first)
            || score.Items[0] is BetweenScore
        )
            yield break;
        yield return Rule.Found(
                [first],
                $"The class begins with {first.Move!.Name}, before anybody has arrived.",
                "A few breaths let people come in from their day."
            )
            .Fix(
                "Begin with a few breaths",
                plan => Arrivals(score, first).Select(line => plan.InsertBefore(first.Set?.Id ?? first.Line.Id, line))
            );
    }

    private static bool Quiet(LineScore line) => line.Move!.Kind is MoveKind.CheckIn or MoveKind.Breathing or MoveKind.Rest;

    private static IEnumerable<Line> Arrivals(Score score, LineScore first) =>
        from move in score.Catalogue.Moves
        where
            move.Kind is MoveKind.Breathing or MoveKind.CheckIn
            && move.In.Contains(first.Position!.Id)
            && move.Dose.Unit == Unit.Breaths
            && move.Phases.All(p => p.Opens.Count == 0)
        orderby move.Effort
        select new Line
        {
            Id = move.Id,
            Move = move.Id,
            Position = first.Position!.Id,
        };
}
