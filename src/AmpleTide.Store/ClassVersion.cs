namespace AmpleTide.Store;

/// <summary>A class as it was at the end of a sitting, or when it was given a name.</summary>
public sealed class ClassVersion
{
    /// <summary>The class.</summary>
    public required string ClassId { get; init; }

    /// <summary>Counts the versions of the class, from 1.</summary>
    public required int Number { get; init; }

    /// <summary>The class file.</summary>
    public required string Document { get; set; }

    /// <summary>When it was last saved, in milliseconds since 1970, UTC.</summary>
    public required long SavedAt { get; set; }

    /// <summary>What the teacher calls it; empty for one that was kept by itself.</summary>
    public string Name { get; set; } = "";

    /// <summary>How long it lasts as planned.</summary>
    public int TotalMs { get; set; }
}
