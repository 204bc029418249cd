using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Every trip down to the floor and up again costs time and some people's knees; nobody goes down twice for what one visit could hold.
/// </summary>
public static class LevelChanges
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("level-changes", "Few trips down and up", Level.Notable, Judge);

    private const int ManyDescents = 3;
    private static readonly TimeSpan Soon = TimeSpan.FromMinutes(3);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var trips = Trips(score);
        var descents = trips.Where(t => t.Down).ToList();
        if (descents.Count >= ManyDescents)
        {
            yield return Rule.Found(
                descents.Select(t => t.Line),
                $"The class goes down {descents.Count} times.",
                "What belongs to one level can be done in one visit."
            );
            yield break;
        }
        for (var i = 1; i < trips.Count; i++)
        {
            var (there, back) = (trips[i - 1], trips[i]);
            if (there.To != back.From || there.From != back.To || back.At - there.At > Soon)
                continue;
            yield return Rule.Found(
                    [there.Line, back.Line],
                    $"After {Clock.Of(back.At - there.At)} the class is back on the level it came from.",
                    "The trip there and back costs more than it holds."
                )
                .As(Level.Hint);
        }
    }

    private sealed record Trip(LineScore Line, TimeSpan At, PelvisLevel From, PelvisLevel To)
    {
        public bool Down => To < From;
    }

    // Getting into the first position, and the last way down to the rest, are not counted.
    private static List<Trip> Trips(Score score)
    {
        var trips = new List<Trip>();
        PelvisLevel? at = null;
        var rest = Arc.RestBegins(score);
        foreach (var span in score.PracticeSpans)
        {
            var level = span.Line.Position!.Level;
            if (at is { } from && level != from && span.At < rest)
                trips.Add(new(span.Line, span.At, from, level));
            at = level;
        }
        return trips;
    }
}
