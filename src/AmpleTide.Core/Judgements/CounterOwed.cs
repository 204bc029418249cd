using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>What is bent strongly one way is taken back the other way, softly, within two minutes and before the rest.</summary>
public static class CounterOwed
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("counter", "What bends strongly is taken back", Level.Notable, Judge);

    private static readonly Dictionary<(Bend, bool), (string Did, string Answer, string Does)> Said = new()
    {
        [(Bend.Spine, true)] = ("rounds the back", "opens it", "opens a back that was rounded"),
        [(Bend.Spine, false)] = ("arches the back", "rounds it", "rounds a back that was arched"),
        [(Bend.Neck, true)] = ("bows the head", "brings the gaze level", "brings the gaze level"),
        [(Bend.Neck, false)] = ("takes the head back", "bows it", "bows a head that was back"),
        [(Bend.Girdle, true)] = ("gathers the arms in front", "opens the chest", "opens the chest"),
        [(Bend.Girdle, false)] = ("draws the arms back", "spreads the shoulder blades", "spreads the shoulder blades"),
    };

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var debt in score.Debts.Where(d => d.MetBy is null))
        {
            var (did, answer, does) = Said[(debt.Bend, debt.Forward)];
            var late = debt.LateBy is { } by ? $" until {by.Move!.Name}, {Clock.Of(debt.LateMs)} later" : "";
            var finding = Rule.Found([debt.Line], $"{debt.Line.Move!.Name} {did} for {debt.HeldMs / 1000} s and nothing {answer}{late}.",
                    "It stays behind as stiffness; two minutes at most, and before the rest.")
                .Fix(score, $"Add what {answer}", Counters.Need(debt, does));
            // Arms find their way back by themselves more often than backs do.
            yield return debt.Bend == Bend.Girdle ? finding.As(Level.Hint) : finding;
        }
    }
}
