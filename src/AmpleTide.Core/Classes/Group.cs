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
