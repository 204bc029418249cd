using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>What is bent strongly one way is taken back the other way, softly, within two minutes and before the rest.</summary>
public static class CounterOwed
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("counter", "What bends strongly is taken back", Level.Notable, Judge);

    // What the move did, and what takes it back.
    private static readonly Dictionary<(Bend, bool), (string Did, string Answer)> Said = new()
    {
        [(Bend.Spine, true)] = ("rounds the back", "opens it"),
        [(Bend.Spine, false)] = ("arches the back", "rounds it"),
        [(Bend.Neck, true)] = ("bows the head", "brings the gaze level"),
        [(Bend.Neck, false)] = ("takes the head back", "bows it"),
        [(Bend.Girdle, true)] = ("gathers the arms in front", "opens the chest"),
        [(Bend.Girdle, false)] = ("draws the arms back", "spreads the shoulder blades"),
    };

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var debt in score.Debts.Where(d => d.MetBy is null))
        {
            var (did, answer) = Said[(debt.Bend, debt.Forward)];
            var late = debt.LateBy is { } by ? $" until {by.Move!.Name}, {Clock.Of(debt.Late)} later" : "";
            var finding = Rule.Found(
                    [debt.Line],
                    $"{debt.Line.Move!.Name} {did} for {(int)debt.Held.TotalSeconds} s and nothing {answer}{late}.",
                    "It stays behind as stiffness; two minutes at most, and before the rest."
                )
                .FixByInserting($"Add what {answer}", score, debt.Line, Needs.Answering(debt));
            // Arms find their way back by themselves more often than backs do.
            yield return debt.Bend == Bend.Girdle ? finding.As(Level.Hint) : finding;
        }
    }
}
