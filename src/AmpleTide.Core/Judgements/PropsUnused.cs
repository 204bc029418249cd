using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>What people are asked to bring is used.</summary>
public static class PropsUnused
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("props-unused", "What is fetched is used", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        for (var i = 0; i < score.Lines.Count; i++)
        {
            var line = score.Lines[i];
            if (line.Form is null)
                continue;
            foreach (var prop in line.Line.Props.Where(p => score.Catalogue.Prop(p.Id) is not null && !IsUsed(score, i, p.Id)))
            {
                var name = score.Catalogue.Prop(prop.Id)!.Name.ToLowerInvariant();
                yield return Rule.Found(
                        [line],
                        $"A {name} is asked for in {line.Move!.Name} and never used.",
                        "It neither needs nor is helped by one, and nor does what follows."
                    )
                    .Fix(
                        $"Leave the {name} out",
                        plan => plan.ChangeLine(line.Line.Id, l => l with { Props = [.. l.Props.Where(p => p.Id != prop.Id)] })
                    );
            }
        }
    }

    // Fetched ahead of time for a line that follows is used, as long as people stay down beside it.
    private static bool IsUsed(Score score, int from, string prop) =>
        score
            .Lines.Skip(from)
            .TakeWhile(l => l.Position is null || l.Position.Level == score.Lines[from].Position!.Level)
            .Any(l =>
                l.Form is { } form
                && (form.Props.Contains(prop) || form.Position.Helpful.Contains(prop) || form.Move.Helpful.Contains(prop))
            );
}
