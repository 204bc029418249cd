using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Where a class wants its second side after the whole chain, moves that follow each other do not change sides one by one.
/// </summary>
public static class WholeChain
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("whole-chain", "The second side comes after the whole chain", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        if (!Conventions.Takes(score.Plan, "secondSide", "whole-chain"))
            yield break;
        foreach (var section in score.Plan.Sections)
        {
            var chain = new List<LineScore>();
            foreach (var item in section.Items.Append(null))
            {
                var line = item is Line l ? score.Lines.First(s => s.Line == l) : null;
                var takesPart = line is { Move.Sides: Sidedness.OneSided or Sidedness.Crossing, Occurrences.Count: 2 };
                // A chain stays where it is: going through it twice must not take ways twice.
                if (takesPart && chain.TrueForAll(c => c.Position == line!.Position))
                {
                    chain.Add(line!);
                    continue;
                }
                if (chain.Count > 1)
                    yield return Found(score, [.. chain]);
                chain.Clear();
                if (takesPart)
                    chain.Add(line!);
            }
        }
    }

    private static Finding Found(Score score, LineScore[] chain)
    {
        var (first, last) = (chain[0].Move!.Name, chain[^1].Move!.Name);
        return Rule.Found(
                chain,
                $"{chain.Length} moves from {first} to {last} change sides one by one.",
                "This class does the whole chain on one side, then on the other."
            )
            .Fix("Make them a mirrored set", plan => [plan.WrapMirrored([.. chain.Select(c => c.Line.Id)], plan.FirstSide)]);
    }
}
