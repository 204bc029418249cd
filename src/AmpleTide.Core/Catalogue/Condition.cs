namespace AmpleTide.Core.Catalogue;

/// <summary>A condition somebody in the group may have.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="LeaveOut">What to leave out or swap, in words.</param>
/// <param name="Offer">What to offer, in words.</param>
public sealed record Condition(string Id, string Name, string LeaveOut, string Offer);
