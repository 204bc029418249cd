using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Who comes gets from each line to the next on ways that they can go: not over sore knees, on sore hands, flat, or with the head down.
/// Positions that somebody cannot be in are the matter of their swap, see <see cref="ForTheGroup"/>. Common practice, no source.
/// </summary>
public static class WayForPeople
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("way-for-people", "Who comes can go the ways", Level.Notable, Judge);

    private static readonly string[] Chairs = ["chair-edge", "chair-back"];

    private static IEnumerable<Finding> Judge(Score score)
    {
        var adviser = Replacements.On(score.Ways).Adviser;
        var people = People.Of(score).Where(p => adviser.Bars(p) != Demands.None).ToList();
        if (people.Count == 0)
            yield break;
        foreach (var line in score.Lines.Where(l => l.Ways.Count > 0))
        {
            var (from, to) = (line.Ways[0].Way.From, line.Ways[^1].Way.To);
            foreach (var person in people)
            {
                var bars = adviser.Bars(person);
                if (((from.Demands | to.Demands) & bars) != 0 || score.Ways.Cheapest(from.Id, to.Id, score.Plan, bars) is not null)
                    continue;
                yield return Found(score, line, person, from, to);
                break;
            }
        }
    }

    private static Finding Found(Score score, LineScore line, Person person, Position from, Position to)
    {
        var condition = score.Catalogue.Conditions.First(c => person.Complaints.Any(p => p.Condition == c.Id) && c.Bars != Demands.None);
        var asked = Catalogue.Limits.Saying(condition.Bars).Replace("no ", "", StringComparison.Ordinal);
        var finding = Rule.Found(
            [line],
            $"From {Lower(from)} to {Lower(to)} there is no way here with {condition.Name.ToLowerInvariant()}.",
            $"Every way there is asks for {asked}. They stay on a chair, with somebody beside them."
        );
        var chair = line.Move!.In.Intersect(Chairs).Select(id => score.Catalogue.Position(id)!).FirstOrDefault(score.Plan.Place.Allows);
        return chair is null
            ? finding
            : finding.Fix($"Take it in {Lower(chair)}", plan => plan.ChangeLine(line.Line.Id, l => l with { Position = chair.Id }));
    }

    private static string Lower(Position position) => char.ToLowerInvariant(position.Name[0]) + position.Name[1..];
}
