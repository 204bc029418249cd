using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Scoring;

/// <summary>
/// Puts fetching and putting aside among the events of a class; they take no time of their own, the talk and the ways have it.
/// </summary>
internal static class PropEvents
{
    public static IReadOnlyList<ScoreEvent> Among(List<ScoreEvent> events, IReadOnlyList<LineScore> lines, MoveCatalogue catalogue)
    {
        var handled = new List<ScoreEvent>();
        foreach (var need in PropNeeds.Of(lines))
        {
            if (catalogue.Prop(need.Prop) is not { AlwaysThere: false } prop)
                continue;
            handled.Add(Event(need.From, need.Line, $"Fetch a {prop.Name.ToLowerInvariant()}"));
            handled.Add(Event(need.To, need.Line, $"Put the {prop.Name.ToLowerInvariant()} aside"));
        }
        if (handled.Count == 0)
            return events;
        // Sorting is stable: what is handled at a moment comes before what begins then.
        return [.. handled.Concat(events).OrderBy(e => e.At)];
    }

    private static ScoreEvent Event(TimeSpan at, LineScore line, string cue) =>
        new(at, TimeSpan.Zero, EventKind.Prop, Breath.Free, line, -1, Side.None, 0, 0, cue);
}
