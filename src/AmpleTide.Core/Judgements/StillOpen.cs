using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Nothing goes on being open when the next thing needs it closed: nobody gets up with closed eyes or sits on crossed legs for long.
/// </summary>
public static class StillOpen
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("still-open", "What is open is closed when it must be", Level.Notable, Judge);

    private static readonly TimeSpan LongCrossed = TimeSpan.FromMinutes(8); // common practice, no source

    /// <summary>The first line for which people change level while their eyes are closed, or null.</summary>
    internal static LineScore? GetsUpWithEyesClosed(Score score, OpenState state) =>
        state.What != OpenStates.Eyes
            ? null
            : score.Lines.FirstOrDefault(l =>
                l.Ways.Exists(w => w.At >= state.From && w.At < (state.To ?? score.Total) && w.Way.To.Level != w.Way.From.Level)
            );

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var state in score.Open)
        {
            var to = state.To ?? score.Total;
            if (GetsUpWithEyesClosed(score, state) is { } moves)
            {
                yield return Rule.Found(
                        [state.Line, moves],
                        $"People change level for {moves.Move!.Name} with their eyes still closed.",
                        "Closed eyes take the balance away; open them first."
                    )
                    .Fix("Open the eyes first", plan => OpenedBefore(plan, score, state.Line, moves));
            }
            if (state.What == OpenStates.LegsCrossed && to - state.From > LongCrossed)
                yield return Rule.Found(
                        [state.Line],
                        $"Legs stay crossed for {Clock.Of(to - state.From)}.",
                        "Change the cross about half-way, or stretch them out once."
                    )
                    .As(Level.Hint)
                    .Fix("Change the cross half-way", plan => Changed(plan, score, state.From, to));
        }
    }

    // After the line that ends nearest to the middle; a set is not broken up for it.
    private static IEnumerable<ClassPlan> Changed(ClassPlan plan, Score score, TimeSpan since, TimeSpan until) =>
        from line in score.Lines
        where line.Position is { LegsCrossed: true } && line.Occurrences[0].Start >= since && line.Occurrences[^1].End <= until
        orderby (line.Occurrences[^1].End - since - ((until - since) / 2)).Duration()
        from move in score.Catalogue.ClosersOf(OpenStates.LegsCrossed)
        where move.In.Contains(line.Position!.Id)
        select plan.InsertAfter(
            line.Set?.Id ?? line.Line.Id,
            new Line
            {
                Id = move.Id,
                Move = move.Id,
                Position = line.Position!.Id,
            }
        );

    // As late as it can be before they get up, where they lie or sit.
    private static IEnumerable<ClassPlan> OpenedBefore(ClassPlan plan, Score score, LineScore opened, LineScore rising) =>
        from before in score.Lines.TakeWhile(l => l != rising).SkipWhile(l => l != opened).Reverse()
        where before.Position is not null
        from move in score.Catalogue.ClosersOf(OpenStates.Eyes)
        where move.In.Contains(before.Position!.Id)
        select plan.InsertAfter(
            before.Set == rising.Set ? before.Line.Id : before.Set?.Id ?? before.Line.Id,
            new Line
            {
                Id = move.Id,
                Move = move.Id,
                Position = before.Position!.Id,
            }
        );
}
