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

    /// <summary>The stock of props, by id. Absent means none, but for mat and wall; nobody has counted while it is empty.</summary>
    public IReadOnlyDictionary<string, int> Props { get; init; } = new Dictionary<string, int>();

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;

    /// <summary>What the limits rule out together.</summary>
    public Demands RuledOut { get; private init; }

    /// <summary>Whether a prop is here: counted, or a mat or a wall, which every room has.</summary>
    public bool HasAtHand(string prop) => prop is "mat" or "wall" || Props.GetValueOrDefault(prop) > 0;

    /// <summary>Whether a position can be taken here.</summary>
    public bool Allows(Position position) =>
        (Families.Count == 0 || Families.Contains(position.Family)) && (position.Demands & RuledOut) == 0;
}
