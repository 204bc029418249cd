using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>What kind of thing a move is.</summary>
public enum MoveKind
{
#pragma warning disable CS1591 // the words of the trade
    Hold, Flow, Rhythm, Breathing, Balance, CheckIn, Rest,
#pragma warning restore CS1591
}

/// <summary>How a move has sides.</summary>
public enum Sidedness
{
    /// <summary>No sides.</summary>
    None,

    /// <summary>One side, then the other.</summary>
    OneSided,

    /// <summary>Each round the other side.</summary>
    Alternating,

    /// <summary>Clockwise, then the other way; or back and forward; or in and out.</summary>
    Circling,

    /// <summary>Which arm, thumb, shin or elbow is on top.</summary>
    Crossing,
}

/// <summary>What the two directions of a circling move are called.</summary>
public enum Circle
{
    /// <summary>Head, trunk and hips, as seen from above.</summary>
    Clockwise,

    /// <summary>Shoulders, elbows and arms.</summary>
    Backwards,

    /// <summary>Wrists and ankles.</summary>
    Inwards,
}

/// <summary>How the second side comes out of the first.</summary>
public enum Second
{
    /// <summary>Right and left swapped.</summary>
    Mirror,

    /// <summary>Backward in time, as with shoulder rolls.</summary>
    Reverse,
}

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

/// <summary>What a dose counts.</summary>
public enum Unit
{
    /// <summary>Stay breaths, or breaths of a breathing move.</summary>
    Breaths,

    /// <summary>Times through the phases.</summary>
    Rounds,

    /// <summary>Beats of a fast rhythm.</summary>
    Beats,

    /// <summary>Seconds by the clock.</summary>
    Seconds,
}

/// <summary>How much of a move: an amount in a unit, per side or direction (all changes together when alternating).</summary>
public readonly record struct Dose(Unit Unit, int Amount);

/// <summary>The dose a move is usually given.</summary>
/// <param name="Unit">What it counts.</param>
/// <param name="Least">No less makes sense.</param>
/// <param name="Usual">What is taken when nothing is said.</param>
/// <param name="Most">No more in one go.</param>
public sealed record DoseRange(Unit Unit, int Least, int Usual, int Most);

/// <summary>What is said on a phase: long on the first round, short on the second, then silence, and the notice of the last round.</summary>
public sealed record Cue(string Long, string Short, string? Last)
{
    /// <summary>How many words the long form has.</summary>
    public int LongWords { get; } = Words.Count(Long);
}

/// <summary>A change of shape: angles, and what rests on or touches what.</summary>
/// <param name="Angles">The angles named, in degrees: kept exactly.</param>
/// <param name="Near">Angles to stay near to, where contacts decide.</param>
/// <param name="Contacts">Contact word → support name, or <c>none</c>.</param>
/// <param name="Touches">Landmark → landmark, or <c>none</c>.</param>
public sealed record ShapeChange(
    IReadOnlyDictionary<Axis, double> Angles, IReadOnlyDictionary<Axis, double> Near,
    IReadOnlyDictionary<string, string> Contacts, IReadOnlyDictionary<string, string> Touches)
{
    /// <summary>No change.</summary>
    public static readonly ShapeChange None = new(new Dictionary<Axis, double>(), new Dictionary<Axis, double>(), new Dictionary<string, string>(), new Dictionary<string, string>());
}

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

    /// <summary>What is open from here on: eyes, clasp, paced-breath …</summary>
    public IReadOnlyList<string> Opens { get; init; } = [];

    /// <summary>What is closed again here.</summary>
    public IReadOnlyList<string> Closes { get; init; } = [];

    /// <summary>The plane the arms move through, in degrees, where the way matters.</summary>
    public double? ArmPlane { get; init; }

    /// <summary>What face and hands do, which the shape does not say.</summary>
    public Look Look { get; init; } = Look.Calm;

    /// <summary>Whether it is held for the dose rather than passed through.</summary>
    public bool IsStay => Breath == Breath.Stay;
}

/// <summary>An easier or deeper form of a move.</summary>
/// <param name="Cue">How it is offered.</param>
/// <param name="Change">How the shape differs.</param>
/// <param name="Phases">The phases (from 0) it applies to, or null for those that leave the base shape.</param>
public sealed record MoveOption(string Cue, ShapeChange Change, IReadOnlyList<int>? Phases);

/// <summary>Talk-in before the first and the second side.</summary>
public sealed record Talk(string First, string Second)
{
    /// <summary>How many words the first side is given.</summary>
    public int FirstWords { get; } = Words.Count(First);

    /// <summary>How many words the second side is given.</summary>
    public int SecondWords { get; } = Words.Count(Second);
}

/// <summary>A move: a way of easing something, with its phases, sides, dose and words.</summary>
public sealed record Move
{
    /// <summary>Its id, lower case with hyphens.</summary>
    public required string Id { get; init; }

    /// <summary>Its usual name.</summary>
    public required string Name
    {
        get;
        init => (field, NameWords) = (value, Words.Count(value));
    }

    /// <summary>How many words its name has.</summary>
    public int NameWords { get; private init; }

    /// <summary>Its traditional name, or null.</summary>
    public string? Traditional { get; init; }

    /// <summary>What kind of thing it is.</summary>
    public required MoveKind Kind { get; init; }

    /// <summary>The positions it can be taken in, preferred first.</summary>
    public required IReadOnlyList<string> In { get; init; }

    /// <summary>The position it ends in, or null for the one it began in.</summary>
    public string? Out { get; init; }

    /// <summary>How it has sides.</summary>
    public required Sidedness Sides { get; init; }

    /// <summary>What <i>right</i> names: "the way the head leans".</summary>
    public string? RightNames { get; init; }

    /// <summary>What the directions are called, for circling moves.</summary>
    public Circle Circle { get; init; }

    /// <summary>How the second side comes out of the first.</summary>
    public Second Second { get; init; }

    /// <summary>Its dose.</summary>
    public required DoseRange Dose { get; init; }

    /// <summary>Seconds a beat takes, for rhythms.</summary>
    public double BeatSeconds { get; init; } = 1;

    /// <summary>What is said before the first and the second side.</summary>
    public required Talk Talk { get; init; }

    /// <summary>Its phases.</summary>
    public required IReadOnlyList<Phase> Phases { get; init; }

    /// <summary>Its options: <c>easier</c>, <c>deeper</c>.</summary>
    public required IReadOnlyDictionary<string, MoveOption> Options { get; init; }

    /// <summary>Its cautions.</summary>
    public required IReadOnlyList<string> Cautions { get; init; }

    /// <summary>Props it needs.</summary>
    public IReadOnlyList<string> Props { get; init; } = [];

    /// <summary>Props that help.</summary>
    public IReadOnlyList<string> Helpful { get; init; } = [];

    /// <summary>Areas its shapes cannot show: jaw, breath.</summary>
    public IReadOnlyList<Area> AlsoEases
    {
        get;
        init => (field, AlsoEasedBits) = (value, value.Aggregate(0u, (bits, area) => bits | (1u << (int)area)));
    } = [];

    /// <summary>The same as bits.</summary>
    public uint AlsoEasedBits { get; private init; }

    /// <summary>What it does for conditions, stricter than its shapes say: condition → <c>leave-out</c>, <c>swap</c>, <c>smaller</c>, <c>fine</c>, <c>easier</c>.</summary>
    public IReadOnlyDictionary<string, string> When { get; init; } = new Dictionary<string, string>();

    /// <summary>The way of a convention it follows: <c>neckCircle</c> → <c>full</c>.</summary>
    public IReadOnlyDictionary<string, string> School { get; init; } = new Dictionary<string, string>();

    /// <summary>Whether it is only offered when asked for.</summary>
    public bool OptIn { get; init; }

    /// <summary>Whether a teacher here made it.</summary>
    public bool Own { get; init; }

    /// <summary>Effort in METs; Ainsworth and others, <i>Compendium of Physical Activities</i> (2011), from memory, or placed between its rows.</summary>
    public required double Effort { get; init; }

    /// <summary>From where it is best seen, or null for the position's own view.</summary>
    public Viewpoint? View { get; init; }

    /// <summary>What its picture shows beside the body.</summary>
    public Drawn Drawn { get; init; } = Drawn.Nothing;

    /// <summary>The phase (from 0) whose end is its picture.</summary>
    public required int Picture { get; init; }

    /// <summary>Guided stillness is spoken more slowly than instruction.</summary>
    public bool IsStillness => Kind is MoveKind.Rest or MoveKind.CheckIn;
}
