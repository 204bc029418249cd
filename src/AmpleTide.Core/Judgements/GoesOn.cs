using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A line that is to go on from the shape before it can.</summary>
public static class GoesOn
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("goes-on", "A line that goes on can begin in the shape before it", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        for (var i = 0; i < score.Lines.Count; i++)
        {
            var line = score.Lines[i];
            if (line.GoesOnHindered is not { } hindered)
                continue;
            var before = score.Lines.Take(i).LastOrDefault(l => l.Form is not null);
            var finding = Rule.Found(
                before is null ? [line] : [before, line],
                Text(hindered, line.Move!.Name, before?.Move!.Name ?? ""),
                "It is timed as if it began anew: coming out, going in."
            );
            var chain = ChainTo(score, i);
            if (hindered == GoingOnHindered.BothSides && chain.Count > 1 && line.Set is null)
                finding = finding.Fix("Make them a set, one side and then the other", plan => plan.WrapMirrored(chain, plan.FirstSide));
            if (hindered == GoingOnHindered.OtherSide && line.Line.Sides is { IsOneSide: true } order)
                finding = finding.Fix(
                    "Take the side before it",
                    plan => plan.ChangeLine(line.Line.Id, l => l with { Sides = order.Swapped() })
                );
            yield return finding.Fix("Let it begin anew", plan => plan.ChangeLine(line.Line.Id, l => l with { GoesOn = false }));
        }
    }

    private static string Text(GoingOnHindered hindered, string name, string before) =>
        hindered switch
        {
            GoingOnHindered.NothingBefore => $"{name} has no line before it to go on from.",
            GoingOnHindered.OtherPosition => $"{name} cannot go on from {before}: it is taken in another position.",
            GoingOnHindered.BothSides => $"{name} cannot go on from {before}: it takes one side after the other.",
            GoingOnHindered.OtherSide => $"{name} cannot go on from {before}: that ends on the other side.",
            _ => $"{name} cannot go on from {before}: the feet are elsewhere.",
        };

    // The line that is gone on from, and all that go on from it in a row.
    private static List<string> ChainTo(Score score, int last)
    {
        var first = last;
        while (first > 0 && score.Lines[first].Line.GoesOn && score.Lines[first - 1].Section == score.Lines[last].Section)
            first--;
        var end = last;
        while (
            end + 1 < score.Lines.Count && score.Lines[end + 1] is { Line.GoesOn: true } next && next.Section == score.Lines[last].Section
        )
            end++;
        return [.. score.Lines.Skip(first).Take(end - first + 1).Select(l => l.Line.Id)];
    }
}
