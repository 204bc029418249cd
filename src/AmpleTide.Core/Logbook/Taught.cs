namespace AmpleTide.Core.Logbook;

/// <summary>
/// One evening: what was planned and what really happened. No names of people; hands are counted. Written by hand, minutes and a few words
/// are enough.
/// </summary>
public sealed record Taught
{
    /// <summary>No evening is longer, in milliseconds.</summary>
    public const int LongestMs = 24 * 60 * 60 * 1000;

    private const int LongestName = 200;
    private const int LongestText = 4000;
    private const int MostEntries = 2000;
    private const int MostHands = 1000;

    // What is left out is null to whoever reads JSON, whatever a property says it begins with: hence the getters below.

    /// <summary>Its id; left out, it is given one.</summary>
    public string? Id { get; init; }

    /// <summary>The class it was, or null where that is on no shelf.</summary>
    public string? Class { get; init; }

    /// <summary>What the class was called.</summary>
    public required string Title { get; init; }

    /// <summary>When it began, with the zone's offset.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>How long it was planned to last, in milliseconds; null where nothing was planned.</summary>
    public int? PlannedMs { get; init; }

    /// <summary>How long it lasted, in milliseconds.</summary>
    public required int RealMs { get; init; }

    /// <summary>Between which lengths eight of ten classes like it were to end, in milliseconds, or null.</summary>
    public Likely? Likely { get; init; }

    /// <summary>Line by line.</summary>
    public IReadOnlyList<TaughtLine> Lines
    {
        get => field ?? [];
        init;
    }

    /// <summary>What was changed while teaching.</summary>
    public IReadOnlyList<TaughtChange> Changes
    {
        get => field ?? [];
        init;
    }

    /// <summary>How people left, or null where nobody asked.</summary>
    public Hands? Left { get; init; }

    /// <summary>Props of which there were too few.</summary>
    public IReadOnlyList<ShortProp> Short
    {
        get => field ?? [];
        init;
    }

    /// <summary>What went wrong.</summary>
    public IReadOnlyList<Incident> Incidents
    {
        get => field ?? [];
        init;
    }

    /// <summary>How it was.</summary>
    public string Note
    {
        get => field ?? "";
        init;
    }

    /// <summary>What to think of next time.</summary>
    public string Next
    {
        get => field ?? "";
        init;
    }

    /// <summary>Everything that is wrong with it: which field, and what is needed.</summary>
    public IEnumerable<(string Field, string Detail)> Wrong()
    {
        if (Title.Trim().Length is 0 or > LongestName)
            yield return ("title", $"1 to {LongestName} characters are needed");
        foreach (var (field, ms) in (IEnumerable<(string, int?)>)[("realMs", RealMs), ("plannedMs", PlannedMs)])
            if (ms is < 0 or > LongestMs)
                yield return (field, $"milliseconds from 0 to {LongestMs} are needed");
        foreach (var (field, text) in (IEnumerable<(string, string)>)[("note", Note), ("next", Next)])
            if (text.Length > LongestText)
                yield return (field, $"has {text.Length} characters, {LongestText} at most");
        foreach (
            var (field, count) in (IEnumerable<(string, int)>)
                [("lines", Lines.Count), ("changes", Changes.Count), ("short", Short.Count), ("incidents", Incidents.Count)]
        )
            if (count > MostEntries)
                yield return (field, $"has {count} entries, {MostEntries} at most");
        if (Left is { } left && new[] { left.Easier, left.Same, left.Worse }.Any(n => n is < 0 or > MostHands))
            yield return ("left", $"hands from 0 to {MostHands} are needed");
        foreach (var (i, incident) in Incidents.Index())
            if (incident.What.Trim().Length == 0)
                yield return ($"incidents/{i}/what", "what happened is needed");
        foreach (var (i, prop) in Short.Index())
            if (prop.Count is < 1 or > MostHands)
                yield return ($"short/{i}/count", $"1 to {MostHands} are needed");
    }
}

/// <summary>Between which lengths eight of ten classes like it were to end.</summary>
/// <param name="FromMs">The shorter, in milliseconds.</param>
/// <param name="ToMs">The longer, in milliseconds.</param>
public sealed record Likely(int FromMs, int ToMs);

/// <summary>A line as it was planned and as it was taught.</summary>
/// <param name="Line">The line's id.</param>
/// <param name="Name">What it was called.</param>
/// <param name="Planned">How much was planned by side.</param>
/// <param name="Done">How much was done by side.</param>
/// <param name="PlannedMs">Its time as planned, in milliseconds.</param>
/// <param name="RealMs">Its time as taught, in milliseconds.</param>
/// <param name="Move">Its move, or null for talk and waiting.</param>
/// <param name="Unit">What it is counted in, or null.</param>
public sealed record TaughtLine(
    string Line,
    string Name,
    BySide Planned,
    BySide Done,
    int PlannedMs,
    int RealMs,
    string? Move = null,
    string? Unit = null
);

/// <summary>Amounts by side, in the line's unit.</summary>
public sealed record BySide(int Right, int Left, int None);

/// <summary>A change that was made while teaching.</summary>
/// <param name="AtMs">When, in milliseconds since the class began.</param>
/// <param name="What">What was done: more, fewer, skip, finish, pause.</param>
/// <param name="Text">In words.</param>
/// <param name="Line">The line it was made in, or null.</param>
public sealed record TaughtChange(int AtMs, string What, string Text, string? Line = null);

/// <summary>How people left: hands that were counted.</summary>
public sealed record Hands(int Easier, int Same, int Worse);

/// <summary>A prop, and how many were missing.</summary>
public sealed record ShortProp(string Prop, int Count);

/// <summary>Something that went wrong. Nobody is named.</summary>
/// <param name="What">What happened.</param>
/// <param name="Done">What was done about it.</param>
/// <param name="Move">In which move, or null.</param>
public sealed record Incident(string What, string Done, string? Move = null);
