namespace AmpleTide.Core.Scoring;

/// <summary>A prop that people have under or beside them.</summary>
/// <param name="Prop">Its id.</param>
/// <param name="From">Since when.</param>
/// <param name="To">Until when.</param>
/// <param name="Line">The line that asks for it.</param>
public sealed record PropNeed(string Prop, TimeSpan From, TimeSpan To, LineScore Line);
