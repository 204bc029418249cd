using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A prop is fetched before people lie down, sit on chairs or are in bed for the move that uses it.</summary>
public static class PropsLate
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("props-late", "Props are fetched before they are needed", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        LineScore? laidDown = null;
        var there = new HashSet<string>();
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form)
                continue;
            if (!IsSettled(score, form.Position))
                (laidDown, _) = (null, there.RemoveWhere(_ => true));
            if (form.Props.Count + line.Line.Props.Count == 0)
            {
                if (IsSettled(score, form.Position))
                    laidDown ??= line;
                continue;
            }
            var props = form
                .Props.Concat(line.Line.Props.Select(p => p.StandIn ?? p.Id))
                .Where(p => score.Catalogue.Prop(p) is { AlwaysThere: false })
                .ToList();
            if (laidDown is not null && props.Find(p => !there.Contains(p) && !form.Position.Props.Contains(p)) is { } late)
            {
                var name = score.Catalogue.Prop(late)!.Name.ToLowerInvariant();
                var first = laidDown;
                yield return Rule.Found(
                        [first, line],
                        $"The {name} for {form.Move.Name} is named when people are already {(Lies(form.Position) ? "lying" : "sitting")}.",
                        "Have it within reach before they settle down."
                    )
                    .Fix(
                        $"Fetch the {name} with {first.Move!.Name}",
                        plan => plan.ChangeLine(first.Line.Id, l => l with { Props = [.. l.Props, new LineProp(late, null)] })
                    );
            }
            if (IsSettled(score, form.Position))
                laidDown ??= line;
            there.UnionWith(props);
        }
    }

    // Nobody gets up from a chair or a bed for a strap.
    private static bool IsSettled(Score score, Position position) =>
        Lies(position) || position.Level == PelvisLevel.Seat || score.Plan.Place.Surface == "bed";

    private static bool Lies(Position position) => position.Lying || position.Demands.HasFlag(Demands.LyingFlat);
}
