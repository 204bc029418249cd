namespace AmpleTide.Core.Catalogue;

/// <summary>What a position or a way asks of the body; a place's limits rule them out.</summary>
[Flags]
public enum Demands
{
    /// <summary>Nothing in particular.</summary>
    None = 0,

    /// <summary>Weight on the knees or shins.</summary>
    Kneeling = 1,

    /// <summary>Getting down to the floor.</summary>
    Floor = 2,

    /// <summary>Lying flat, on the back or the front.</summary>
    LyingFlat = 4,

    /// <summary>The head below the heart.</summary>
    HeadDown = 8,

    /// <summary>Weight on the hands.</summary>
    HandLoad = 16,

    /// <summary>Standing.</summary>
    Standing = 32,
}

/// <summary>The words a class file uses for limits, and what each rules out.</summary>
public static class Limits
{
    private static readonly Dictionary<string, Demands> Words = new()
    {
        ["no-kneeling"] = Demands.Kneeling,
        ["no-floor"] = Demands.Floor,
        ["no-lying-flat"] = Demands.LyingFlat,
        ["no-head-down"] = Demands.HeadDown,
        ["no-hand-load"] = Demands.HandLoad,
        ["no-long-standing"] = Demands.Standing,
    };

    /// <summary>All words.</summary>
    public static IEnumerable<string> All => Words.Keys;

    /// <summary>What a limit rules out; nothing for an unknown word.</summary>
    public static Demands RuledOut(string limit) => Words.GetValueOrDefault(limit);

    /// <summary>What several limits rule out together. Long standing is a matter of minutes and rules out no position.</summary>
    public static Demands RuledOut(IEnumerable<string> limits) =>
        limits.Aggregate(Demands.None, (all, limit) => all | RuledOut(limit)) & ~Demands.Standing;

    /// <summary>The first limit word that rules out some of these demands, in plain words.</summary>
    public static string Saying(Demands demands) =>
        string.Join(" and ", Words.Where(w => demands.HasFlag(w.Value)).Select(w => w.Key.Replace('-', ' ')));
}
