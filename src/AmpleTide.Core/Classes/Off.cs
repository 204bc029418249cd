namespace AmpleTide.Core.Classes;

/// <summary>A judgement switched off.</summary>
/// <param name="Rule">Which.</param>
/// <param name="Lines">For which lines; all when empty.</param>
/// <param name="Reason">Why.</param>
public sealed record Off(string Rule, IReadOnlyList<string> Lines, string Reason)
{
    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}
