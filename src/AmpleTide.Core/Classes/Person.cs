using AmpleTide.Core.Body;

namespace AmpleTide.Core.Classes;

/// <summary>A condition somebody has.</summary>
/// <param name="Condition">Its id.</param>
public sealed record Complaint(string Condition)
{
    /// <summary>On which side it is; none when it has no side, or nobody knows.</summary>
    public Side Side { get; init; }

    /// <summary>Since when on the date of the class, as an ISO 8601 duration; null when nobody knows, which is the careful case.</summary>
    public string? Since { get; init; }

    /// <summary>The same in whole weeks.</summary>
    public int? WeeksSince { get; init; }

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

/// <summary>Somebody who comes, or several alike: what they have is judged together. No names, ever.</summary>
/// <param name="Count">How many are like this.</param>
/// <param name="Complaints">What they have, at least one.</param>
public sealed record Person(int Count, IReadOnlyList<Complaint> Complaints)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;

    /// <summary>Somebody of whom only one condition is known.</summary>
    public static Person With(string condition, int count = 1) => new(count, [new(condition)]);
}
