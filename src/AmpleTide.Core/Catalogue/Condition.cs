namespace AmpleTide.Core.Catalogue;

/// <summary>A condition somebody in the group may have.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="LeaveOut">What to leave out or swap, in words.</param>
/// <param name="Offer">What to offer, in words.</param>
public sealed record Condition(string Id, string Name, string LeaveOut, string Offer)
{
    /// <summary>Up to how much, for how long.</summary>
    public string? Dose { get; init; }

    /// <summary>Whether it matters on which side it is.</summary>
    public bool HasSide { get; init; }

    /// <summary>Weeks after which it is judged as settled, where it matters since when; not known is the careful case.</summary>
    public int? SettlesAfterWeeks { get; init; }

    /// <summary>What a way may not ask of somebody with it.</summary>
    public Demands Bars { get; init; }

    /// <summary>Moves that suit somebody with it, by what they are for, best first.</summary>
    public IReadOnlyDictionary<Purpose, IReadOnlyList<string>> Suits { get; init; } = new Dictionary<Purpose, IReadOnlyList<string>>();
}

/// <summary>What a move is for, in the rough: what stands in for it should be for the same.</summary>
public enum Purpose
{
#pragma warning disable CS1591 // the names say it
    Neck,
    Shoulders,
    Spine,
    Hips,
    Legs,
    Rest,
    Breath,
#pragma warning restore CS1591
}
