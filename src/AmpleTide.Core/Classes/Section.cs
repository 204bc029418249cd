namespace AmpleTide.Core.Classes;

/// <summary>The part a section plays in the arc of a class.</summary>
public enum Part
{
#pragma warning disable CS1591 // the words of the trade
    Arrive,
    Warm,
    Build,
    Peak,
    Soften,
    Rest,
    Close,
#pragma warning restore CS1591
}

/// <summary>A section of a class.</summary>
public sealed record Section
{
    /// <summary>Its id, unique in the class.</summary>
    public required string Id { get; init; }

    /// <summary>Its name.</summary>
    public required string Name { get; init; }

    /// <summary>The part it plays.</summary>
    public Part Part { get; init; }

    /// <summary>Its own breath, where it has one.</summary>
    public BreathChoice Breath { get; init; } = BreathChoice.None;

    /// <summary>A factor on its time, over the class's.</summary>
    public double Tempo { get; init; } = 1;

    /// <summary>Its lines and sets.</summary>
    public required IReadOnlyList<Item> Items { get; init; }

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}
