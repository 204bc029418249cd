namespace AmpleTide.Core.Scoring;

/// <summary>Something that was opened: eyes, clasp, a paced breath.</summary>
/// <param name="What">What.</param>
/// <param name="From">Since when.</param>
/// <param name="To">Until when, or null when it never closed.</param>
/// <param name="Line">The line that opened it.</param>
public sealed record OpenState(string What, TimeSpan From, TimeSpan? To, LineScore Line);
