namespace AmpleTide.Core.Body;

/// <summary>The areas of the body a class can be about.</summary>
public enum Area
{
#pragma warning disable CS1591 // the names say it
    Jaw,
    Neck,
    Shoulders,
    UpperBack,
    Chest,
    Arms,
    WristsHands,
    SideBody,
    MidBack,
    LowBack,
    HipFront,
    OuterHip,
    InnerThigh,
    Hamstrings,
    Thighs,
    Calves,
    Feet,
    Breath,
#pragma warning restore CS1591
}

/// <summary>Names of areas as files write them.</summary>
public static class Areas
{
    private static readonly string[] Names =
    [
        "jaw",
        "neck",
        "shoulders",
        "upper-back",
        "chest",
        "arms",
        "wrists-hands",
        "side-body",
        "mid-back",
        "low-back",
        "hip-front",
        "outer-hip",
        "inner-thigh",
        "hamstrings",
        "thighs",
        "calves",
        "feet",
        "breath",
    ];

    /// <summary>How many areas there are.</summary>
    public static int Count => Names.Length;

    /// <summary>The name as files write it.</summary>
    public static string Name(this Area area) => Names[(int)area];

    /// <summary>The name as a person says it.</summary>
    public static string Said(this Area area) => area == Area.WristsHands ? "wrists and hands" : area.Name().Replace('-', ' ');

    /// <summary>All names, in order.</summary>
    public static IReadOnlyList<string> All => Names;

    /// <summary>The area of a name, or null.</summary>
    public static Area? Find(string name) => Array.IndexOf(Names, name) is >= 0 and var i ? (Area)i : null;
}
