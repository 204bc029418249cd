using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

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

    /// <summary>The stock of props, by id. Absent means none, but for what the surface has; nobody has counted while it is empty.</summary>
    public IReadOnlyDictionary<string, int> Props { get; init; } = new Dictionary<string, int>();

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;

    /// <summary>What the limits rule out together.</summary>
    public Demands RuledOut { get; private init; }

    // Every room has a wall; out of doors there is none unless somebody says so. A chair class sits on chairs, and whoever lies in bed
    // has what lies on it.
    private static readonly Dictionary<string, string[]> Surfaces = new()
    {
        ["mat"] = ["mat", "wall"],
        ["chair"] = ["mat", "wall", "chair"],
        ["bed"] = ["mat", "wall", "cushion", "pillow", "blanket"],
        ["outdoors"] = ["mat"],
    };

    /// <summary>Whether a prop goes with what people are on, and needs no counting.</summary>
    public bool ComesWith(string prop) => Surfaces.GetValueOrDefault(Surface, Surfaces["mat"]).Contains(prop);

    /// <summary>Whether a prop is here: counted, or with the room.</summary>
    public bool HasAtHand(string prop) => ComesWith(prop) || Props.GetValueOrDefault(prop) > 0;

    /// <summary>Whether a position can be taken here.</summary>
    public bool Allows(Position position) =>
        (Families.Count == 0 || Families.Contains(position.Family)) && (position.Demands & RuledOut) == 0;
}
