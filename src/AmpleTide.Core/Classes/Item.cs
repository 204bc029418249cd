using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>What a section or a set holds: a line, a set, talk without a move, or waiting.</summary>
public abstract record Item
{
    /// <summary>Its id, unique in the class.</summary>
    public required string Id { get; init; }

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;

    /// <summary>The lines in it, in the order they are written: itself, those of a set, or none.</summary>
    public IEnumerable<Line> AllLines() =>
        this switch
        {
            Set set => set.Items.SelectMany(i => i.AllLines()),
            Line line => [line],
            _ => [],
        };
}

/// <summary>A chain of lines taken in rounds: right then left, or so many times.</summary>
public sealed record Set : Item
{
    /// <summary>Its name.</summary>
    public string Name { get; init; } = "";

    /// <summary>Its rounds, in order; <see cref="Side.None"/> for a plain repeat.</summary>
    public required IReadOnlyList<Side> Rounds { get; init; }

    /// <summary>Time to notice between rounds.</summary>
    public Pause PauseBetween { get; init; }

    /// <summary>Its lines, talk, waiting and inner sets.</summary>
    public required IReadOnlyList<Item> Items { get; init; }

    /// <summary>Unknown fields of the <c>set</c> object itself; those beside it are in <see cref="Item.UnknownFields"/>.</summary>
    public PreservedFields UnknownSetFields { get; init; } = PreservedFields.None;
}

/// <summary>Talk without a move: a welcome, a story, what comes next. It has words, seconds, or both; seconds win.</summary>
public sealed record Spoken : Item
{
    /// <summary>What is said, or nothing yet.</summary>
    public string Words { get; init; } = "";

    /// <summary>How long it takes, or null for as long as the words take.</summary>
    public int? Seconds { get; init; }
}

/// <summary>What a wait is for.</summary>
public enum WaitFor
{
    /// <summary>Nobody says or does anything.</summary>
    Silence,

    /// <summary>Something is fetched, put aside or moved.</summary>
    Handling,
}

/// <summary>Time in which nothing is taught.</summary>
public sealed record Waiting : Item
{
    /// <summary>How long.</summary>
    public required int Seconds { get; init; }

    /// <summary>What for.</summary>
    public WaitFor What { get; init; }

    /// <summary>The teacher's note.</summary>
    public string Note { get; init; } = "";
}
