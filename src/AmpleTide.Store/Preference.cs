namespace AmpleTide.Store;

/// <summary>Something the teacher chose once for all classes.</summary>
public sealed class Preference
{
    /// <summary>What it is about.</summary>
    public required string Name { get; init; }

    /// <summary>What was chosen.</summary>
    public required string Value { get; set; }
}
