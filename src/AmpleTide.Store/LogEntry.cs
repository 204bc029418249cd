namespace AmpleTide.Store;

/// <summary>An evening in the log: its document, and what lists and the shelf ask for.</summary>
public sealed class LogEntry
{
    /// <summary>Its id, also in the document.</summary>
    public required string Id { get; init; }

    /// <summary>The class it was, or null. The entry stays when the class goes.</summary>
    public string? ClassId { get; set; }

    /// <summary>When it began, in milliseconds since 1970, UTC.</summary>
    public long TaughtAt { get; set; }

    /// <summary>The moves that were taught, so that the finder can say when last.</summary>
    public List<string> Moves { get; set; } = [];

    /// <summary>All of it, as JSON.</summary>
    public required string Document { get; set; }
}
