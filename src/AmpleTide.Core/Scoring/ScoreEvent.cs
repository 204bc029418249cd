using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Scoring;

/// <summary>What happens at a time.</summary>
public enum EventKind
{
#pragma warning disable CS1591 // the words of the trade
    Lead,
    Breath,
    Beat,
    Way,
    Pause,
    Prop,
#pragma warning restore CS1591
}

/// <summary>One event of a score. Events tile the time from 0 to the total; fetching a prop and putting it aside take none of it.</summary>
/// <param name="At">When it begins.</param>
/// <param name="Length">How long it lasts.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Breath">The breath it is on.</param>
/// <param name="Item">What of the class it belongs to.</param>
/// <param name="Phase">The phase of the move (from 0), or −1.</param>
/// <param name="Side">The side that is done.</param>
/// <param name="Round">Which round, breath or beat of the pass, from 1; 0 outside of counts.</param>
/// <param name="Of">How many there are.</param>
/// <param name="Cue">What is said, or null.</param>
public readonly record struct ScoreEvent(
    TimeSpan At,
    TimeSpan Length,
    EventKind Kind,
    Breath Breath,
    ItemScore Item,
    int Phase,
    Side Side,
    int Round,
    int Of,
    string? Cue
);
