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
        foreach (var line in score.Lines.Where(l => l.NoWayFrom is not null))
        {
            var finding = Rule.Found([line], $"There is no way from {Lower(line.NoWayFrom!)} to {Lower(line.Position!)} here.", Reason(score.Plan.Place, line.Position!));
            foreach (var other in Reachable(score, line))
                finding = finding.Fix($"Take it {Preposition(other)} {Lower(other)}", plan => plan.ChangeLine(line.Line.Id, l => l with { Position = other.Id }));
            yield return finding.Fix("Leave the line out", plan => plan.Remove(line.Line.Id));
        }
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
        if (blocked != 0) return $"The place says {Limits.Saying(blocked)}, and {Lower(position)} needs just that.";
        return place.Allows(position)
            ? "Every way there asks for something that the place rules out."
            : $"The place allows no {position.Family.ToString().ToLowerInvariant()} positions.";
    }

    private static string Preposition(Position position) => position.Family == Family.Standing ? "from" : "in";

    private static string Lower(Position position) => char.ToLowerInvariant(position.Name[0]) + position.Name[1..];
}
