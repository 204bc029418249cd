using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>A class as its teacher plans it: everything the class file holds, and nothing computed.</summary>
public sealed record ClassPlan
{
    /// <summary>Anybody, anywhere: what is asked of moves and ways apart from any class.</summary>
    public static readonly ClassPlan Anywhere = new()
    {
        Id = "",
        Title = "",
        Minutes = 1,
        Sections = [],
    };

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

    /// <summary>A factor on the time of everything that is not written in seconds: 2 takes twice as long.</summary>
    public double Tempo { get; init; } = 1;

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

    /// <summary>
    /// The side people roll to: left for whoever is pregnant (a condition beats a convention), else as the conventions say.
    /// </summary>
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
    public IEnumerable<Line> Lines => Sections.SelectMany(s => s.Items).SelectMany(i => i.AllLines());
}
