namespace AmpleTide.Store;

/// <summary>A move of the teacher's own, as written.</summary>
public sealed class OwnMove
{
    /// <summary>Its id.</summary>
    public required string Id { get; set; }

    /// <summary>Its text, as catalogue files write moves.</summary>
    public required string Yaml { get; set; }

    /// <summary>When it was saved, in Unix milliseconds.</summary>
    public long SavedAt { get; set; }
}
