using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Notebook;

/// <summary>What a line of a plan in plain words is.</summary>
public enum NotebookKind
{
    /// <summary>A move.</summary>
    Line,

    /// <summary>The head of a section.</summary>
    Section,

    /// <summary>The head of a set; its lines stand indented below it.</summary>
    Set,

    /// <summary>Going somewhere: "stand up".</summary>
    Way,

    /// <summary>Something that is said.</summary>
    Talk,

    /// <summary>Silence, or handling.</summary>
    Wait,

    /// <summary>Nothing that is known; it is kept as talk.</summary>
    Unknown,
}

/// <summary>A line of a plan, and what was understood of it.</summary>
/// <param name="Text">As it was written.</param>
/// <param name="Kind">What it is.</param>
public sealed record NotebookLine(string Text, NotebookKind Kind)
{
    /// <summary>What it came to in the class: the id of a line, a set or a section; null for a way.</summary>
    public string? Id { get; init; }

    /// <summary>Its move.</summary>
    public Move? Move { get; init; }

    /// <summary>Its dose, or null for the usual one.</summary>
    public Dose? Dose { get; init; }

    /// <summary>Its sides, or null for the move's own.</summary>
    public SideOrder? Sides { get; init; }

    /// <summary>The position that was named, or that the way leads to.</summary>
    public string? Position { get; init; }

    /// <summary>Whether it is as good as said.</summary>
    public bool Sure { get; init; } = true;

    /// <summary>Why it is not, as a sentence; null where it is sure.</summary>
    public string? Doubt { get; init; }

    /// <summary>Other moves it could be, likest first.</summary>
    public IReadOnlyList<Move> Others { get; init; } = [];
}

/// <summary>A plan in plain words as it was understood.</summary>
/// <param name="Lines">Line by line, empty ones left out.</param>
/// <param name="Plan">The class that it makes.</param>
public sealed record NotebookPlan(IReadOnlyList<NotebookLine> Lines, ClassPlan Plan);
