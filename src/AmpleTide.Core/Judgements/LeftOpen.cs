using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>What is opened is closed: eyes, clasped hands, a paced breath, people lying down.</summary>
public static class LeftOpen
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("left-open", "What was opened is closed", Level.Notable, Judge);

    private static readonly Dictionary<string, (string Text, string Why)> Said = new()
    {
        [OpenStates.Eyes] = ("The eyes are closed and never opened.", "People wait to be told, or open them in the middle of the rest."),
        ["paced-breath"] = ("The breath is counted and never given back.", "Some go on counting through everything that follows."),
        ["lying"] = ("People are lying down at the end, with no way to sit.", "A class that ends awake ends sitting or standing."),
        ["clasp"] = ("The hands are clasped and never let go.", "Somebody always keeps them clasped."),
    };

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var state in score.Open.Where(o => o.To is null))
        {
            if (score.Plan.EndsAsleep && state.What is OpenStates.Eyes or OpenStates.Lying)
                continue;
            // Whoever gets up with closed eyes is told of that, and opens them before.
            if (StillOpen.GetsUpWithEyesClosed(score, state) is not null)
                continue;
            var (text, why) = Said.GetValueOrDefault(
                state.What,
                ($"{state.What.Replace('-', ' ')} is opened and never closed.", "It is still open at the end.")
            );
            var finding = Rule.Found([state.Line], text, why);
            yield return Closing(score, state) is { } closing
                ? finding.Fix(
                    state.What == OpenStates.Lying ? "Sit up at the end" : $"Add {closing.Name} at the end",
                    plan => plan.InsertAfter(score.Lines[^1].Line.Id, closing.Line)
                )
                : finding;
        }
    }

    // Something that closes it and can be done where the class ends; whoever lies is brought to sit.
    private static (string Name, Line Line)? Closing(Score score, OpenState state)
    {
        var end = score.Lines.LastOrDefault(l => l.Position is not null)?.Position;
        if (end is null)
            return null;
        var closers =
            from move in score.Catalogue.ClosersOf(state.What == OpenStates.Lying ? OpenStates.Eyes : state.What)
            from id in move.In
            let position = score.Catalogue.Position(id)!
            where score.Plan.Place.Allows(position) && (state.What != OpenStates.Lying || !position.Lying)
            let path = score.Ways.Cheapest(end.Id, id, score.Plan)
            where path is not null
            orderby path.Cost
            select (
                move.Name,
                new Line
                {
                    Id = move.Id,
                    Move = move.Id,
                    Position = id,
                }
            );
        return closers.Cast<(string, Line)?>().FirstOrDefault();
    }
}
