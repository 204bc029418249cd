using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Names that nothing goes by: positions, conditions, limits, props, options a move does not have.</summary>
public static class UnknownName
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("unknown-name", "Names are known", Level.Notable, Judge);

    private const string Why = "It may be a typing slip; as it is, nothing follows from it.";

    private static IEnumerable<Finding> Judge(Score score)
    {
        var (plan, catalogue) = (score.Plan, score.Catalogue);
        if (plan.StartsIn is { } start && catalogue.Position(start) is null)
            yield return Rule.Found([], $"There is no position called '{start}' to start in.", Why);
        var told = plan.Group.People.SelectMany(p => p.Complaints).Select(c => c.Condition);
        foreach (var id in plan.Group.Conditions.Keys.Union(told).Where(id => catalogue.Conditions.All(c => c.Id != id)))
            yield return Rule.Found([], $"There is no condition called '{id}'.", Why);
        foreach (var id in plan.Place.Limits.Where(id => !Catalogue.Limits.All.Contains(id)))
            yield return Rule.Found([], $"There is no limit called '{id}'.", Why);
        foreach (var id in plan.Place.Props.Keys.Where(id => catalogue.Props.All(p => p.Id != id)))
            yield return Rule.Found([], $"There is no prop called '{id}'.", Why);
        foreach (var line in score.Lines.Where(l => l.Move is not null))
        {
            if (line.Line.Position is { } position && !line.Move!.In.Contains(position))
                yield return Rule.Found(
                    [line],
                    $"{line.Move.Name} is not taken in '{position}'.",
                    $"It is taken in {string.Join(", ", line.Move.In)}; the nearest of these is used."
                );
            if (line.Form!.Option != line.Line.Option)
                yield return Rule.Found(
                    [line],
                    $"{line.Move!.Name} has no option '{line.Line.Option}'.",
                    "It is counted as written in the catalogue."
                );
        }
    }
}
