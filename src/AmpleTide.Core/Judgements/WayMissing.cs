using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Each line can be reached from where the one before it ended, in this place and by this group.</summary>
public static class WayMissing
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("way-missing", "There is a way from each position to the next", Level.Serious, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var lines in Blocked(score))
        {
            var line = lines[0];
            if (lines.Count > 1)
            {
                yield return Rule.Found(
                        lines,
                        $"There is no way from {Lower(line.NoWayFrom!)} to {Lower(line.Position!)} here, for {lines.Count} lines.",
                        Reason(score.Plan.Place, line.Position!)
                    )
                    .Fix("Leave the lines out", plan => plan.RemovingWithPairs([.. lines.Select(l => l.Line.Id)]));
                continue;
            }
            var finding = Rule.Found(
                [line],
                $"There is no way from {Lower(line.NoWayFrom!)} to {Lower(line.Position!)} here.",
                Reason(score.Plan.Place, line.Position!)
            );
            foreach (var other in Reachable(score, line))
                finding = finding.Fix(
                    $"Take it {Preposition(other)} {Lower(other)}",
                    plan => plan.ChangeLine(line.Line.Id, l => l with { Position = other.Id })
                );
            yield return finding.Fix("Leave the line out", plan => plan.RemovingWithPairs(line.Line.Id));
        }
    }

    // Lines in a row that are blocked for the same reason are one finding; and from where nobody could get to, nobody has to get away.
    private static List<List<LineScore>> Blocked(Score score)
    {
        var all = new List<List<LineScore>>();
        LineScore? before = null;
        foreach (var line in score.Lines)
        {
            if (
                line.NoWayFrom is { } from
                && (all.Count == 0 || score.Plan.Place.Allows(from) || score.Plan.Place.Allows(line.Position!) is false)
            )
            {
                if (
                    all.Count > 0
                    && before == all[^1][^1]
                    && before.Position!.Family == line.Position!.Family
                    && !score.Plan.Place.Allows(line.Position)
                )
                    all[^1].Add(line);
                else
                    all.Add([line]);
            }
            before = line;
        }
        return all;
    }

    private static IEnumerable<Position> Reachable(Score score, LineScore line) =>
        from id in line.Move!.In
        let position = score.Catalogue.Position(id)!
        where position != line.Position && score.Plan.Place.Allows(position)
        where score.Ways.Cheapest(line.NoWayFrom!.Id, id, score.Plan) is not null
        select position;

    private static string Reason(Place place, Position position)
    {
        var blocked = position.Demands & Limits.RuledOut(place.Limits);
        if (blocked != 0)
            return $"The place says {Limits.Saying(blocked)}, and {Lower(position)} needs just that.";
        return place.Allows(position)
            ? "Every way there asks for something that the place rules out."
            : $"The place allows no {position.Family.ToString().ToLowerInvariant()} positions.";
    }

    private static string Preposition(Position position) => position.Family == Family.Standing ? "from" : "in";

    private static string Lower(Position position) => char.ToLowerInvariant(position.Name[0]) + position.Name[1..];
}
