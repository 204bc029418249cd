using System.Text.RegularExpressions;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Every side and direction in a teacher's own words has a name, and the name changes with the side.</summary>
public static partial class UnnamedSide
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("unnamed-side", "Sides and directions have names", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var line in score.Lines)
        {
            // Where one side is done, its name is no mistake.
            if (
                line.Move is not { Sides: not Sidedness.None }
                || (!line.Alternates && line.Occurrences.DistinctBy(o => o.Side).Count() < 2)
            )
                continue;
            foreach (var (place, text) in line.Line.OwnWords)
            {
                if (Words.HasBareSide(text))
                    yield return Rule.Found(
                            [line],
                            $"'{text}' says right or left on both sides.",
                            "On the second side it is the wrong one. Written as {right} or {left} it changes with the side."
                        )
                        .Fix(
                            "Let the side change with the round",
                            plan => plan.ChangeLine(line.Line.Id, l => l.WithOwnWords(place, Words.WithPlaceholders(text)))
                        );
                else if (OtherWay().IsMatch(text) && !text.Contains('{', StringComparison.Ordinal))
                    yield return Rule.Found(
                            [line],
                            $"'{text}' names no side.",
                            "\"The other way\" means nothing to somebody who missed the first."
                        )
                        .As(Level.Hint)
                        .Fix("Take the catalogue's words", plan => plan.ChangeLine(line.Line.Id, l => l.WithOwnWords(place, null)));
            }
        }
    }

    [GeneratedRegex(@"\b(other (side|way|direction|one|hand|arm|foot|leg|knee)|this side|that side)\b", RegexOptions.IgnoreCase)]
    private static partial Regex OtherWay();
}
