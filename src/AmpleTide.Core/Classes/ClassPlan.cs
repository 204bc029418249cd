using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>A class as its teacher plans it: everything the class file holds, and nothing computed.</summary>
public sealed record ClassPlan
{
    /// <summary>Its id.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public required string Title { get; init; }

    /// <summary>The teacher's own note.</summary>
    public string Note { get; init; } = "";

    /// <summary>Words to find it by.</summary>
    public IReadOnlyList<string> Tags { get; init; } = [];

    /// <summary>What it is about.</summary>
    public Theme Theme { get; init; } = new([], "");

    /// <summary>How long it should last, in minutes.</summary>
    public required double Minutes { get; init; }

    /// <summary>The position it starts in.</summary>
    public string? StartsIn { get; init; }

    /// <summary>Whether people may be asleep at the end.</summary>
    public bool EndsAsleep { get; init; }

    /// <summary>Who comes.</summary>
    public Group Group { get; init; } = new();

    /// <summary>Where it is taught.</summary>
    public Place Place { get; init; } = new();

    /// <summary>The ways of the school, by matter.</summary>
    public IReadOnlyDictionary<string, string> Conventions { get; init; } = new Dictionary<string, string>();

    /// <summary>How long breaths last, where the class says so.</summary>
    public BreathChoice Breath { get; init; } = BreathChoice.None;

    /// <summary>Judgements switched off, each with a reason.</summary>
    public IReadOnlyList<Off> Off { get; init; } = [];

    /// <summary>The sections, in order.</summary>
    public required IReadOnlyList<Section> Sections { get; init; }

    /// <summary>Moves of a teacher's own that the class uses, as a file brings them along.</summary>
    public IReadOnlyList<EmbeddedMove> Embedded { get; init; } = [];

    /// <summary>Known fields that planning does not read (what it was made with, its series), carried along for the file.</summary>
    public PreservedFields Carried { get; init; } = PreservedFields.None;

    /// <summary>Fields this version does not know, kept for the file.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;

    /// <summary>The side that goes first: from the conventions, right where nothing is said.</summary>
    public Side FirstSide => Conventions.GetValueOrDefault("firstSide") == "left" ? Side.Left : Side.Right;

    /// <summary>The side people roll to: left for whoever is pregnant (a condition beats a convention), else as the conventions say.</summary>
    public Side RollTo =>
        Group.Conditions.Any(c => c.Value > 0 && c.Key.StartsWith("pregnancy", StringComparison.Ordinal))
        || Conventions.GetValueOrDefault("rollTo") == "left"
            ? Side.Left
            : Side.Right;

    /// <summary>
    /// Whether people roll up out of a fold, and do not rise with a long back. Never with low bone or a back that bends badly: a condition
    /// beats a convention.
    /// </summary>
    public bool RollsUp =>
        Conventions.GetValueOrDefault("riseFromFold") == "roll-up"
        && !Group.Conditions.Any(c => c is { Value: > 0, Key: "bone-low" or "back-bends-badly" });

    /// <summary>All lines, in the order they are written.</summary>
    public IEnumerable<Line> Lines => Sections.SelectMany(s => LinesOf(s.Items));

    private static IEnumerable<Line> LinesOf(IReadOnlyList<Item> items) =>
        items.SelectMany(item => item is Set set ? LinesOf(set.Items) : [(Line)item]);
}

/// <summary>Fields of a file that this version does not know: kept as they came, never read.</summary>
/// <param name="Fields">Name and value, the value in the form of whoever read the file.</param>
public sealed record PreservedFields(IReadOnlyList<KeyValuePair<string, object>> Fields)
{
    /// <summary>No such fields.</summary>
    public static readonly PreservedFields None = new([]);
}

/// <summary>A move of a teacher's own, embedded in a class file.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Yaml">The move as its author wrote it.</param>
public sealed record EmbeddedMove(string Id, string Yaml)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

/// <summary>What a class is about.</summary>
/// <param name="Areas">The areas it eases.</param>
/// <param name="Intention">The thread it comes back to.</param>
public sealed record Theme(IReadOnlyList<Area> Areas, string Intention)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

/// <summary>How fast a group moves.</summary>
public enum Pace
{
    /// <summary>Slow, with more time for everything.</summary>
    Gentle,

    /// <summary>As most groups.</summary>
    Usual,

    /// <summary>Quick and used to it.</summary>
    Brisk,
}

/// <summary>Who comes.</summary>
public sealed record Group
{
    /// <summary>How many people; 0 when not said.</summary>
    public int Size { get; init; }

    /// <summary>How fast they move.</summary>
    public Pace Pace { get; init; } = Pace.Usual;

    /// <summary>Whether it is a group of older people.</summary>
    public bool Older { get; init; }

    /// <summary>Whether somebody comes whom rising or sinking quickly makes dizzy. Common practice, no source.</summary>
    public bool GetsDizzy => Dizzy.Any(c => Conditions.GetValueOrDefault(c) > 0);

    private static readonly string[] Dizzy =
    [
        "bp-low",
        "bp-high",
        "heart",
        "vertigo",
        "pregnancy-early",
        "pregnancy-mid",
        "pregnancy-late",
    ];

    /// <summary>How many are new to it.</summary>
    public int Newcomers { get; init; }

    /// <summary>How many have which condition; a condition that is absent was not asked for.</summary>
    public IReadOnlyDictionary<string, int> Conditions { get; init; } = new Dictionary<string, int>();

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

/// <summary>Where a class is taught.</summary>
public sealed record Place
{
    /// <summary>The families of positions the place allows; all when empty.</summary>
    public IReadOnlyList<Family> Families { get; init; } = [];

    /// <summary>What it rules out: <c>no-kneeling</c>, <c>no-floor</c> …</summary>
    public IReadOnlyList<string> Limits
    {
        get;
        init => (field, RuledOut) = (value, Catalogue.Limits.RuledOut(value));
    } = [];

    /// <summary>What people are on: mat, chair, bed, outdoors.</summary>
    public string Surface { get; init; } = "mat";

    /// <summary>The stock of props; absent means none, but for mat and wall.</summary>
    public IReadOnlyDictionary<string, int> Props { get; init; } = new Dictionary<string, int>();

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;

    /// <summary>What the limits rule out together.</summary>
    public Demands RuledOut { get; private init; }

    /// <summary>Whether a position can be taken here.</summary>
    public bool Allows(Position position) =>
        (Families.Count == 0 || Families.Contains(position.Family)) && (position.Demands & RuledOut) == 0;
}

/// <summary>A judgement switched off.</summary>
/// <param name="Rule">Which.</param>
/// <param name="Lines">For which lines; all when empty.</param>
/// <param name="Reason">Why.</param>
public sealed record Off(string Rule, IReadOnlyList<string> Lines, string Reason)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

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

    /// <summary>Its lines and sets.</summary>
    public required IReadOnlyList<Item> Items { get; init; }

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

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

    /// <summary>Breaths to notice between the sides.</summary>
    public int PauseBetween { get; init; }

    /// <summary>Breaths to notice after it.</summary>
    public int PauseAfter { get; init; }

    /// <summary>Its own breath, where it has one.</summary>
    public BreathChoice Breath { get; init; } = BreathChoice.None;

    /// <summary>Whether its dose and sides are to be left alone.</summary>
    public bool Locked { get; init; }

    /// <summary>The teacher's note.</summary>
    public string Note { get; init; } = "";

    /// <summary>Talk-in of the teacher's own, or null.</summary>
    public string? Talk { get; init; }

    /// <summary>Cues of the teacher's own, by phase from 1.</summary>
    public IReadOnlyDictionary<string, string> Say { get; init; } = new Dictionary<string, string>();

    /// <summary>Props and what stands in for them.</summary>
    public IReadOnlyList<LineProp> Props { get; init; } = [];
}

/// <summary>A prop used in a line.</summary>
/// <param name="Id">The prop.</param>
/// <param name="StandIn">What stands in for it, or null.</param>
public sealed record LineProp(string Id, string? StandIn)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}
