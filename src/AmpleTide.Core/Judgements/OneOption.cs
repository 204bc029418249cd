using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>An option is offered before the first side and is the same on both.</summary>
public static class OneOption
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("one-option", "Both sides get the same option", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var sides = score.Lines.Where(l => l.Line.Sides is { IsOneSide: true } && l.Occurrences.Count > 0 && l.Set is null);
        foreach (
            var lines in sides.GroupBy(l => l.Line.Move).Where(g => g.Count() == 2 && g.Select(l => l.Line.Option).Distinct().Count() == 2)
        )
        {
            var (first, second) = (lines.First(), lines.Last());
            if (first.Occurrences[0].Side == second.Occurrences[0].Side)
                continue;
            yield return Rule.Found(
                    [first, second],
                    $"{first.Move!.Name}: {first.Line.Option} on the first side, {second.Line.Option} on the second.",
                    "Options belong before the first side; told later, one side never gets them."
                )
                .Fix(
                    $"Both {Gentler(first.Line.Option, second.Line.Option)}",
                    plan =>
                        plan.ChangeLines(
                            [first.Line.Id, second.Line.Id],
                            l => l with { Option = Gentler(first.Line.Option, second.Line.Option) }
                        )
                );
        }
    }

    private static string Gentler(string a, string b) => a == "easier" || b == "easier" ? "easier" : MoveForm.BaseOption;
}
