using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>One move in a class.</summary>
public sealed record Line : Item
{
    /// <summary>The move's id.</summary>
    public required string Move { get; init; }

    /// <summary>The position it is taken in, or null for the cheapest from where we are.</summary>
    public string? Position { get; init; }

    /// <summary>How much, or null for the move's usual dose.</summary>
    public Dose? Dose { get; init; }

    /// <summary>The sides as the file writes them, or null for the move's own.</summary>
    public SideOrder? Sides { get; init; }

    /// <summary><c>base</c>, <c>easier</c> or <c>deeper</c>.</summary>
    public string Option { get; init; } = MoveForm.BaseOption;

    /// <summary>
    /// Whether it begins in the shape the line before ended in, without coming out of that and going into this: reach, then tilt.
    /// </summary>
    public bool GoesOn { get; init; }

    /// <summary>Breaths that are stayed at each end of a round; 0 where the breath leads on at once.</summary>
    public int PerEnd { get; init; }

    /// <summary>Whether the eyes are open or shut from here, or null where the move decides.</summary>
    public Eyes? Eyes { get; init; }

    /// <summary>Time to notice between the sides.</summary>
    public Pause PauseBetween { get; init; }

    /// <summary>Time to notice after it.</summary>
    public Pause PauseAfter { get; init; }

    /// <summary>Its own breath, where it has one.</summary>
    public BreathChoice Breath { get; init; } = BreathChoice.None;

    /// <summary>A factor on its time, over the section's and the class's.</summary>
    public double Tempo { get; init; } = 1;

    /// <summary>Whether its dose and sides are to be left alone.</summary>
    public bool Locked { get; init; }

    /// <summary>The teacher's note.</summary>
    public string Note { get; init; } = "";

    /// <summary>Talk-in of the teacher's own, or null.</summary>
    public string? Talk { get; init; }

    /// <summary>Cues of the teacher's own, by phase from 1 (<see cref="Phase.Key"/>).</summary>
    public IReadOnlyDictionary<string, string> Say { get; init; } = new Dictionary<string, string>();

    /// <summary>All words of the teacher's own: the talk-in under null, cues under their phase.</summary>
    public IEnumerable<(string? Phase, string Text)> OwnWords =>
        (Talk is { } talk ? [(null, talk)] : Array.Empty<(string?, string)>()).Concat(Say.Select(s => ((string?)s.Key, s.Value)));

    /// <summary>The line with other words of its own; null takes the catalogue's.</summary>
    /// <param name="phase">The phase of a cue, or null for the talk-in.</param>
    /// <param name="text">The words.</param>
    public Line WithOwnWords(string? phase, string? text)
    {
        if (phase is null)
            return this with { Talk = text };
        var say = Say.Where(s => s.Key != phase).ToDictionary();
        if (text is not null)
            say[phase] = text;
        return this with { Say = say };
    }

    /// <summary>Props and what stands in for them.</summary>
    public IReadOnlyList<LineProp> Props { get; init; } = [];
}

/// <summary>Open or shut.</summary>
public enum Eyes
{
#pragma warning disable CS1591 // the words of the trade
    Open,
    Shut,
#pragma warning restore CS1591
}

/// <summary>A prop used in a line.</summary>
/// <param name="Id">The prop.</param>
/// <param name="StandIn">What stands in for it, or null.</param>
public sealed record LineProp(string Id, string? StandIn)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}
