using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A dose lies between what makes sense at least and what is good in one go.</summary>
public static class DoseRanges
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("dose", "Doses make sense", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var line in score.Lines)
        {
            if (line.Move is not { } move || line.Dose.Unit != move.Dose.Unit)
                continue;
            var (amount, range) = (line.Dose.Amount, move.Dose);
            // A single breath or round is wanted so: once through, or shown once.
            if (amount == 1 || (amount >= range.Least && amount <= range.Most))
                continue;
            var (word, bound) = amount < range.Least ? ("under", range.Least) : ("over", range.Most);
            var unit = range.Unit.ToString().ToLowerInvariant();
            yield return Rule.Found(
                    [line],
                    $"{move.Name}: {amount} {unit} is {word} the usual {range.Least} to {range.Most}.",
                    amount < range.Least ? "So little is over before it is found." : "So much in one go tires or dulls."
                )
                .Fix($"Make it {bound}", plan => plan.ChangeLine(line.Line.Id, l => l with { Dose = new(range.Unit, bound) }));
        }
    }
}
