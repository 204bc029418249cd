namespace AmpleTide.Core.Classes;

/// <summary>A move of a teacher's own, embedded in a class file.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Yaml">The move as its author wrote it.</param>
public sealed record EmbeddedMove(string Id, string Yaml)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}
