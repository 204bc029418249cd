namespace AmpleTide.Core.Catalogue;

/// <summary>A thing used in class.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Plural">More than one of it.</param>
/// <param name="Note">What to look for.</param>
/// <param name="StandIns">What does the same where there is none.</param>
/// <param name="AlwaysThere">Whether a hall can be taken to have it: mat and wall.</param>
public sealed record Prop(string Id, string Name, string Plural, string Note, IReadOnlyList<string> StandIns, bool AlwaysThere);
