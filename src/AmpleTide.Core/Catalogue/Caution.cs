namespace AmpleTide.Core.Catalogue;

/// <summary>What is advised about a move for somebody, mildest first.</summary>
public enum Advice
{
    /// <summary>It is fine.</summary>
    Fine,

    /// <summary>Less of it: range, support, time.</summary>
    Smaller,

    /// <summary>An option or a position of this very move that they can take.</summary>
    AnotherWay,

    /// <summary>Not at all: something else instead.</summary>
    LeaveOut,
}

/// <summary>
/// A caution of a move: what is said, and for whom. One that names conditions is a judgement as well as a text, so that the two cannot
/// disagree.
/// </summary>
/// <param name="Say">What is said.</param>
public sealed record Caution(string Say)
{
    /// <summary>The conditions it is for; none when it is for everybody.</summary>
    public IReadOnlyList<string> For { get; init; } = [];

    /// <summary>What is advised for them; <see cref="Advice.Fine"/> when the text is for everybody.</summary>
    public Advice Advice { get; init; }

    /// <summary>The option that is another way, or null.</summary>
    public string? Option { get; init; }

    /// <summary>The position that is another way, or null.</summary>
    public string? Position { get; init; }

    /// <summary>Why it is milder than shapes and kind would have it; null where it is not.</summary>
    public string? Because { get; init; }

    /// <summary>Whether it speaks of a form; not of the way out that it names itself.</summary>
    internal bool SpeaksOf(MoveForm form) =>
        !(Option is { } option && form.Option == option) && !(Position is { } position && form.Position.Id == position);
}

/// <summary>How much of a strain the author of a move says it asks, where shapes cannot tell.</summary>
/// <param name="Grade">How much.</param>
/// <param name="Because">Why it is less than the shapes say; null where it is not less.</param>
public sealed record AuthorsGrade(Grade Grade, string? Because);
