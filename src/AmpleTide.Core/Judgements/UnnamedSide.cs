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
            if (line.Move is not { Sides: not Sidedness.None })
                continue;
            foreach (var (place, text) in OwnWords(line.Line))
            {
                if (Words.HasBareSide(text))
                    yield return Rule.Found(
                            [line],
                            $"'{text}' says right or left on both sides.",
                            "On the second side it is the wrong one. Written as {right} or {left} it changes with the side."
                        )
                        .Fix(
                            "Let the side change with the round",
                            plan => plan.ChangeLine(line.Line.Id, l => Written(l, place, Words.WithPlaceholders(text)))
                        );
                else if (OtherWay().IsMatch(text) && !text.Contains('{', StringComparison.Ordinal))
                    yield return Rule.Found(
                            [line],
                            $"'{text}' names no side.",
                            "\"The other way\" means nothing to somebody who missed the first."
                        )
                        .As(Level.Hint)
                        .Fix("Take the catalogue's words", plan => plan.ChangeLine(line.Line.Id, l => Written(l, place, null)));
            }
        }
    }

    private static IEnumerable<(string? Phase, string Text)> OwnWords(Line line)
    {
        if (line.Talk is { } talk)
            yield return (null, talk);
        foreach (var (phase, text) in line.Say)
            yield return (phase, text);
    }

    private static Line Written(Line line, string? phase, string? text)
    {
        if (phase is null)
            return line with { Talk = text };
        var say = line.Say.Where(s => s.Key != phase).ToDictionary();
        if (text is not null)
            say[phase] = text;
        return line with { Say = say };
    }

    [GeneratedRegex(@"\b(other (side|way|direction|one|hand|arm|foot|leg|knee)|this side|that side)\b", RegexOptions.IgnoreCase)]
    private static partial Regex OtherWay();
}
