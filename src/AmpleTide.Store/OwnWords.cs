namespace AmpleTide.Store;

/// <summary>What the teacher says to a move in all classes.</summary>
public sealed class OwnWords
{
    /// <summary>The move's id.</summary>
    public required string MoveId { get; init; }

    /// <summary>The words, as JSON.</summary>
    public required string Document { get; set; }
}
