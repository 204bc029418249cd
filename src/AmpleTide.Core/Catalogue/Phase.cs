using System.Globalization;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>The part of a breath a phase is on.</summary>
public enum Breath
{
    /// <summary>Breathing in.</summary>
    In,

    /// <summary>Breathing out.</summary>
    Out,

    /// <summary>Held, full.</summary>
    HoldIn,

    /// <summary>Held, empty.</summary>
    HoldOut,

    /// <summary>Whole breaths in one shape.</summary>
    Stay,

    /// <summary>However it comes.</summary>
    Free,
}

/// <summary>Which breath pattern of the class a phase runs at.</summary>
public enum Pattern
{
    /// <summary>Moving with the breath.</summary>
    Moving,

    /// <summary>Moving little: head, shoulders, hands, feet.</summary>
    Small,

    /// <summary>A hold that takes effort.</summary>
    Effort,

    /// <summary>An easy hold.</summary>
    Holding,

    /// <summary>Resting.</summary>
    Resting,
}

/// <summary>What holds a stay: muscle, weight, or something underneath.</summary>
public enum Work
{
    /// <summary>Muscles hold or move it.</summary>
    Active,

    /// <summary>Its own weight does it.</summary>
    Passive,

    /// <summary>A prop or the floor carries it.</summary>
    Supported,
}

/// <summary>
/// What is said on a phase: long on the first round, short on the second, then silence, and the notice of the last round.
/// </summary>
public sealed record Cue(string Long, string Short, string? Last)
{
    /// <summary>What more is said while staying, in order.</summary>
    public IReadOnlyList<string> Then { get; init; } = [];

    /// <summary>How many words the long form has.</summary>
    public int LongWords { get; } = Words.Count(Long);
}

/// <summary>A change of shape: angles, and what rests on or touches what.</summary>
/// <param name="Angles">The angles named, in degrees: kept exactly.</param>
/// <param name="Near">Angles to stay near to, where contacts decide.</param>
/// <param name="Contacts">Contact word → support name, or <c>none</c>.</param>
/// <param name="Touches">What touches → what it touches and how, or null for nothing any longer.</param>
public sealed record ShapeChange(
    IReadOnlyDictionary<Axis, double> Angles,
    IReadOnlyDictionary<Axis, double> Near,
    IReadOnlyDictionary<string, string> Contacts,
    IReadOnlyDictionary<string, Touch?> Touches
)
{
    /// <summary>No change.</summary>
    public static readonly ShapeChange None = new(
        new Dictionary<Axis, double>(),
        new Dictionary<Axis, double>(),
        new Dictionary<string, string>(),
        new Dictionary<string, Touch?>()
    );
}

/// <summary>A phase as a convention has it.</summary>
/// <param name="Breath">The breath it is on, or null for its own.</param>
/// <param name="Cue">What is said, or null for its own.</param>
public sealed record PhaseOtherwise(Breath? Breath, Cue? Cue);

/// <summary>One phase of a move, as its author wrote it for the right side.</summary>
public sealed record Phase
{
    /// <summary>The breath it is on.</summary>
    public required Breath Breath { get; init; }

    /// <summary>The pattern it runs at.</summary>
    public required Pattern Pattern { get; init; }

    /// <summary>Its share of the counts of that breath; several phases on one in-breath share it.</summary>
    public double Share { get; init; } = 1;

    /// <summary>Counts of its own, where the pattern's do not fit (a counted breath), or null.</summary>
    public double? Counts { get; init; }

    /// <summary>How the shape changes to its end.</summary>
    public required ShapeChange Change { get; init; }

    /// <summary>Further changes in certain positions, by position id.</summary>
    public required IReadOnlyDictionary<string, ShapeChange> At { get; init; }

    /// <summary>What holds it.</summary>
    public required Work Work { get; init; }

    /// <summary>What is said.</summary>
    public required Cue Cue { get; init; }

    /// <summary>What its picture shows beside what the move's pictures show.</summary>
    public IReadOnlyList<(Sign Sign, Landmark At)> Signs { get; init; } = [];

    /// <summary>How it is breathed and said where a class takes another way of a matter: matter → way → otherwise.</summary>
    public IReadOnlyDictionary<string, IReadOnlyDictionary<string, PhaseOtherwise>> By { get; init; } =
        new Dictionary<string, IReadOnlyDictionary<string, PhaseOtherwise>>();

    /// <summary>Whether a class has chosen its breath.</summary>
    public bool BreathIsChosen { get; init; }

    /// <summary>What is open from here on: eyes, clasp, paced-breath …</summary>
    public IReadOnlyList<string> Opens { get; init; } = [];

    /// <summary>What is closed again here.</summary>
    public IReadOnlyList<string> Closes { get; init; } = [];

    /// <summary>By which way the body gets there.</summary>
    public Passage Passage { get; init; } = Passage.Plain;

    /// <summary>What face and hands do, which the shape does not say.</summary>
    public Look Look { get; init; } = Look.Calm;

    /// <summary>The phase as a class has it that takes these ways.</summary>
    public Phase Otherwise(IReadOnlyList<(string Matter, string Way)> chosen)
    {
        var phase = this;
        foreach (var (matter, way) in chosen)
            if (By.GetValueOrDefault(matter)?.GetValueOrDefault(way) is { } other)
                phase = phase with
                {
                    Breath = other.Breath ?? phase.Breath,
                    Cue = other.Cue ?? phase.Cue,
                    BreathIsChosen = phase.BreathIsChosen || other.Breath is not null,
                };
        return phase;
    }

    /// <summary>Under which word cues of one's own are kept for a phase.</summary>
    /// <param name="index">The phase, from 0, in the order they are said.</param>
    public static string Key(int index) => (index + 1).ToString(CultureInfo.InvariantCulture);

    /// <summary>Whether it is held for the dose rather than passed through.</summary>
    public bool IsStay => Breath == Breath.Stay;
}
