using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A line whose move the catalogue does not have keeps its place and its dose, and takes no time.</summary>
public static class UnknownMove
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("unknown-move", "Every line has a move", Level.Serious, Judge);

    private static IEnumerable<Finding> Judge(Score score) =>
        from line in score.Lines
        where line.Move is null
        select Rule.Found(
                [line],
                $"There is no move called '{line.Line.Move}' here.",
                "The line keeps its place and dose, but takes no time until the move is known."
            )
            .Fix("Leave the line out", plan => plan.RemovingWithPairs(line.Line.Id));
}
