namespace AmpleTide.Core.Catalogue;

/// <summary>A directed way from one position to another.</summary>
/// <param name="From">Where it begins.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Steps">What is said and done, each on a breath.</param>
/// <param name="Seconds">How long it takes a group, by pace.</param>
/// <param name="Demands">What it asks of the body beyond its two ends.</param>
/// <param name="Cautions">What to be told with it.</param>
public sealed record Way(
    Position From,
    Position To,
    IReadOnlyList<WayStep> Steps,
    PaceSeconds Seconds,
    Demands Demands,
    IReadOnlyList<string> Cautions
)
{
    /// <summary>
    /// The way of a convention it follows: <c>riseFromFold</c> → <c>roll-up</c>. Ways between the same positions differ in it.
    /// </summary>
    public IReadOnlyDictionary<string, string> School { get; init; } = new Dictionary<string, string>();

    /// <summary>All it asks: its own demands and those of where it ends.</summary>
    public Demands AllDemands => Demands | To.Demands;

    /// <summary>How many words its steps have.</summary>
    public int Words { get; } = Steps.Sum(s => Catalogue.Words.Count(s.Say));
}

/// <summary>One spoken step of a way.</summary>
/// <param name="Breath">The phase it is done on.</param>
/// <param name="Say">What is said.</param>
public sealed record WayStep(Breath Breath, string Say);

/// <summary>Seconds by the pace of the group.</summary>
public sealed record PaceSeconds(double Gentle, double Usual, double Brisk);
