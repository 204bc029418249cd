using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>One prop is not in two places at once: under the seat and in the hands.</summary>
public static class PropsTwice
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("props-twice", "No prop is in two places at once", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var line in score.Lines)
        {
            if (line.Form is null || Twice(line) is not { } prop || score.Catalogue.Prop(prop) is not { AlwaysThere: false } known)
                continue;
            var finding = Rule.Found(
                [line],
                $"{line.Move!.Name} needs a {known.Name.ToLowerInvariant()} in two places at once.",
                $"Everybody would need two {known.Plural.ToLowerInvariant()}."
            );
            yield return line.Line.Props.Any(p => p.StandIn == prop)
                ? finding.Fix(
                    "Let nothing stand in",
                    plan => plan.ChangeLine(line.Line.Id, l => l with { Props = [.. l.Props.Where(p => p.StandIn != prop)] })
                )
                : finding;
        }
    }

    // What people sit or lie on, and what the move takes into the hands or under the body, each by what stands in for it.
    private static string? Twice(LineScore line)
    {
        string Used(string prop) => line.Line.Props.FirstOrDefault(p => p.Id == prop && p.StandIn is not null)?.StandIn ?? prop;
        var uses = line.Position!.Props.Concat(line.Move!.Props).Select(Used).ToList();
        return uses.GroupBy(u => u).FirstOrDefault(g => g.Count() > 1)?.Key
            ?? line.Line.Props.FirstOrDefault(p =>
                p.StandIn is { } standIn && p.Id != standIn && IsUsedBeside(line, p.Id, standIn)
            )?.StandIn;
    }

    private static bool IsUsedBeside(LineScore line, string prop, string standIn) =>
        line.Position!.Props.Concat(line.Move!.Props).Any(p => p != prop && p == standIn);
}
