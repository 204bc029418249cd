using System.Text.RegularExpressions;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>An option is offered before the first side and is the same on both.</summary>
public static partial class OneOption
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("one-option", "Both sides get the same option", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score) => OtherOption(score).Concat(OfferedLate(score));

    private static IEnumerable<Finding> OtherOption(Score score)
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

    // In the teacher's own words: the second side is told of something easier that the first was not.
    private static IEnumerable<Finding> OfferedLate(Score score)
    {
        var sides = score.Lines.Where(l => l.Line.Sides is { IsOneSide: true } && l.Occurrences.Count > 0);
        foreach (var lines in sides.GroupBy(l => (l.Line.Move, l.Line.Option)))
        {
            var (first, later) = (lines.First(), lines.Skip(1).FirstOrDefault(l => Offers(l.Line)));
            if (later is null || Offers(first.Line) || first.Occurrences[0].Side == later.Occurrences[0].Side)
                continue;
            yield return Rule.Found(
                [first, later],
                $"{later.Move!.Name}: something easier is offered only on the second side.",
                "Options belong before the first side; told later, one side never gets them."
            );
        }
    }

    private static bool Offers(Line line) => Offer().IsMatch(line.Talk ?? "") || line.Say.Values.Any(w => Offer().IsMatch(w));

    [GeneratedRegex(
        @"\b(options?|easier|gentler|softer|too (much|far|strong)|if you (like|prefer|need)|instead)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Offer();

    private static string Gentler(string a, string b) =>
        a == MoveForm.EasierOption || b == MoveForm.EasierOption ? MoveForm.EasierOption : MoveForm.BaseOption;
}
