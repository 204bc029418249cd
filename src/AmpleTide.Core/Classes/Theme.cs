using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>What a class is about.</summary>
/// <param name="Areas">The areas it eases.</param>
/// <param name="Intention">The thread it comes back to.</param>
public sealed record Theme(IReadOnlyList<Area> Areas, string Intention)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}
