namespace AmpleTide.Core.Body;

/// <summary>How a body gets from one shape to the next, where it is not by the shortest way.</summary>
/// <param name="ArmPlane">The plane the arms pass through half-way, in degrees, or null.</param>
/// <param name="Detour">Degrees more of some angles half-way: a foot lifts over the other knee, an elbow over the other arm.</param>
public sealed record Passage(double? ArmPlane, IReadOnlyDictionary<Axis, double> Detour)
{
    /// <summary>Each angle by its shortest way.</summary>
    public static readonly Passage Plain = new(null, new Dictionary<Axis, double>());
}
