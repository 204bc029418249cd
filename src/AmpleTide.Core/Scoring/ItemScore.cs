using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Scoring;

/// <summary>Something a class holds as it came out in time: a line, talk without a move, waiting.</summary>
public abstract class ItemScore(Item item, Section section, Set? set)
{
    /// <summary>The item of the plan.</summary>
    public Item Item { get; } = item;

    /// <summary>Its section.</summary>
    public Section Section { get; } = section;

    /// <summary>The innermost set it is in.</summary>
    public Set? Set { get; } = set;

    /// <summary>Each time it is taken.</summary>
    public List<Occurrence> Occurrences { get; } = [];

    /// <summary>
    /// All of its time: ways to it, talk that leads, going in, practice, coming out, pauses after it; every time it is taken.
    /// </summary>
    public TimeSpan Time { get; internal set; }
}

/// <summary>Talk without a move, or waiting, as it came out in time.</summary>
public sealed class BetweenScore(Item item, Section section, Set? set) : ItemScore(item, section, set);

/// <summary>One time something is taken: a round of its set, a side.</summary>
/// <param name="Round">The round of the set, from 1.</param>
/// <param name="Side">The side.</param>
/// <param name="Start">When it begins, after the way to it.</param>
/// <param name="Length">How long it lasts, talk-in included.</param>
/// <param name="Lead">What of the talk is heard before anything is done.</param>
public readonly record struct Occurrence(int Round, Side Side, TimeSpan Start, TimeSpan Length, TimeSpan Lead)
{
    /// <summary>When it ends.</summary>
    public TimeSpan End => Start + Length;
}
