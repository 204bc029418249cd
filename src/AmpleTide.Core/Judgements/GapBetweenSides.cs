using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>The second side follows while the first is still felt; a mirrored set is meant to take longer.</summary>
public static class GapBetweenSides
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("side-gap", "The second side comes soon", Level.Notable, Judge);

    private static readonly TimeSpan Most = TimeSpan.FromMinutes(3); // common practice, no source

    private static IEnumerable<Finding> Judge(Score score)
    {
        if (Conventions.Chosen(score.Plan, "secondSide") == "whole-chain")
            yield break;
        var single = score.Lines.Where(l => l.Set is null && l.Line.Sides is { IsOneSide: true } && l.Occurrences.Count == 1);
        foreach (var lines in single.GroupBy(l => (l.Line.Move, l.Line.Option)).Where(g => g.Count() == 2))
        {
            var (first, second) = (lines.First(), lines.Last());
            if (first.Occurrences[0].Side == second.Occurrences[0].Side)
                continue;
            var gap = second.Occurrences[0].Start - first.Occurrences[0].End;
            if (gap <= Most)
                continue;
            var name = second.Occurrences[0].Side == Side.Left ? "left" : "right";
            yield return Rule.Found(
                    [first, second],
                    $"{first.Move!.Name}: the {name} comes {Clock.Of(gap)} after the first side.",
                    "By then nobody feels the difference any more."
                )
                .Fix("Bring it right after the first", plan => plan.Move(second.Line.Id, first.Line.Id));
        }
    }
}
