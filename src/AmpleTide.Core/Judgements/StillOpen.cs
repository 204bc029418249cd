using AmpleTide.Core.Classes;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Nothing goes on being open when the next thing needs it closed: nobody gets up with closed eyes or sits on crossed legs for long.</summary>
public static class StillOpen
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("still-open", "What is open is closed when it must be", Level.Notable, Judge);

    private const int CrossedMs = 8 * 60_000; // common practice, no source

    /// <summary>The first line for which people change level while their eyes are closed, or null.</summary>
    internal static LineScore? GetsUpWithEyesClosed(Score score, OpenState state) => state.What != "eyes" ? null
        : score.Lines.FirstOrDefault(l => l.Ways.Exists(w => w.AtMs >= state.FromMs && w.AtMs < (state.ToMs ?? score.TotalMs) && w.Way.To.Level != w.Way.From.Level));

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var state in score.Open)
        {
            var to = state.ToMs ?? score.TotalMs;
            if (GetsUpWithEyesClosed(score, state) is { } moves)
            {
                yield return Rule.Found([state.Line, moves], $"People change level for {moves.Move!.Name} with their eyes still closed.", "Closed eyes take the balance away; open them first.")
                    .FixWith(score, "Open the eyes first", plan =>
                        from move in score.Catalogue.ClosersOf("eyes")
                        where state.Line.Position is { } here && move.In.Contains(here.Id)
                        select plan.InsertAfter(state.Line.Line.Id, new Line { Id = move.Id, Move = move.Id, Position = state.Line.Position!.Id }));
            }
            if (state.What == OpenStates.LegsCrossed && to - state.FromMs > CrossedMs)
                yield return Rule.Found([state.Line], $"Legs stay crossed for {Clock.Of(to - state.FromMs)}.", "Change the cross about half-way, or stretch them out once.").As(Level.Hint);
        }
    }
}
