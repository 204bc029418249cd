using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Where arms cross in one line and again in the next, the other one comes on top.</summary>
public static class CrossingParity
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("crossing-parity", "What is on top changes from one crossing to the next", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        for (var i = 1; i < score.Lines.Count; i++)
        {
            var (before, line) = (score.Lines[i - 1], score.Lines[i]);
            if (
                before.Set != line.Set
                // One hold that goes on has nothing to change.
                || line.Line.GoesOn
                || before.Occurrences.Count == 0
                || line.Occurrences.Count == 0
                || !Crosses(before)
                || !Crosses(line)
            )
                continue;
            if (LastOnTop(before) != line.Occurrences[0].Side)
                continue;
            var on = line.Occurrences[0].Side == Side.Left ? "left" : "right";
            yield return Rule.Found(
                    [before, line],
                    $"{before.Move!.Name} ends with the {on} on top and {line.Move!.Name} begins with it.",
                    "The number of rounds decides which is on top; the hold takes the other first."
                )
                .Fix("Begin with the other on top", plan => plan.Mirror([line.Line.Id], score.Catalogue));
        }
    }

    private static bool Crosses(LineScore line) => line.Move?.Sides == Sidedness.Crossing;

    // One that changes with each round ends on the other after an even number.
    private static Side LastOnTop(LineScore line)
    {
        var last = line.Occurrences[^1].Side;
        return line.Line.Sides is { Alternates: true } && line.Dose.Amount % 2 == 0 ? last.Opposite() : last;
    }
}
