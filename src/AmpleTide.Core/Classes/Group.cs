namespace AmpleTide.Core.Classes;

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
    public bool GetsDizzy => Dizzy.Any(Has);

    private bool Has(string condition) =>
        Conditions.GetValueOrDefault(condition) > 0 || People.Any(p => p.Count > 0 && p.Complaints.Any(c => c.Condition == condition));

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

    /// <summary>People whose conditions are judged together; they are not counted again in <see cref="Conditions"/>.</summary>
    public IReadOnlyList<Person> People { get; init; } = [];

    /// <summary>
    /// Everybody who has something: the people as they are told, and those of whom only a count is known, each condition by itself. Who
    /// stands among <see cref="People"/> is taken off the counts.
    /// </summary>
    public IReadOnlyList<Person> WithConditions
    {
        get
        {
            int Told(string condition) => People.Where(p => p.Complaints.Any(c => c.Condition == condition)).Sum(p => p.Count);
            return
            [
                .. People.Where(p => p.Count > 0 && p.Complaints.Count > 0),
                .. Conditions.Where(c => c.Value > Told(c.Key)).Select(c => Person.With(c.Key, c.Value - Told(c.Key))),
            ];
        }
    }

    /// <summary>Whether a condition was asked about: it has a count, be it 0, or somebody is told to have it.</summary>
    public bool Asked(string condition) =>
        Conditions.ContainsKey(condition) || People.Any(p => p.Complaints.Any(c => c.Condition == condition));

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}
