using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>A line or a set.</summary>
public abstract record Item
{
    /// <summary>Its id, unique in the class.</summary>
    public required string Id { get; init; }

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

/// <summary>A chain of lines taken in rounds: right then left, or so many times.</summary>
public sealed record Set : Item
{
    /// <summary>Its name.</summary>
    public string Name { get; init; } = "";

    /// <summary>Its rounds, in order; <see cref="Side.None"/> for a plain repeat.</summary>
    public required IReadOnlyList<Side> Rounds { get; init; }

    /// <summary>Breaths to notice between rounds.</summary>
    public int PauseBetween { get; init; }

    /// <summary>Its lines and inner sets.</summary>
    public required IReadOnlyList<Item> Items { get; init; }

    /// <summary>Unknown fields of the <c>set</c> object itself; those beside it are in <see cref="Item.UnknownFields"/>.</summary>
    public PreservedFields UnknownSetFields { get; init; } = PreservedFields.None;
}
