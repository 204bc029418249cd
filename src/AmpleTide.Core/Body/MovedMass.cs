namespace AmpleTide.Core.Body;

/// <summary>
/// How much of the body a change of shape moves, and how far: for each axis the angle it turns, times the share of the body beyond it,
/// times how far the middle of that lies from the axis. Shares and distances as in <see cref="Skeleton"/>, rounded; an axis that turns
/// a limb about itself moves a third.
/// </summary>
public static class MovedMass
{
    private static readonly double[] Moments = [.. Enum.GetValues<Axis>().Select(a => MomentOf(a.ToString()))];

    /// <summary>Moved mass, in shares of the body times metres, of going from one shape to another.</summary>
    public static double Between(Shape from, Shape to)
    {
        var sum = 0.0;
        for (var axis = 0; axis < Moments.Length; axis++)
            sum += Math.Abs(to.Angles[(Axis)axis] - from.Angles[(Axis)axis]) * Math.PI / 180 * Moments[axis];
        return sum;
    }

    // The share of the body beyond the joint, and the distance of its middle in metres.
    private static double MomentOf(string axis)
    {
        var name = axis.Replace("Right", "", StringComparison.Ordinal).Replace("Left", "", StringComparison.Ordinal);
        var turns = name.EndsWith("Turn", StringComparison.Ordinal) || name.EndsWith("Rotation", StringComparison.Ordinal);
        var (share, metres) = name switch
        {
            "NeckRotation" => (0.08, 0.08 * 3),
            _ when name.StartsWith("Neck", StringComparison.Ordinal) => (0.08, 0.14),
            _ when name.StartsWith("Upper", StringComparison.Ordinal) => (0.30, 0.18),
            _ when name.StartsWith("Lower", StringComparison.Ordinal) => (0.45, 0.28),
            _ when name.StartsWith("Pelvis", StringComparison.Ordinal) => (0.58, 0.33),
            _ when name.StartsWith("Girdle", StringComparison.Ordinal) => (0.06, 0.15),
            _ when name.StartsWith("Shoulder", StringComparison.Ordinal) => (0.05, 0.30),
            "Elbow" => (0.022, 0.17),
            "Forearm" => (0.022, 0.17 / 3),
            _ when name.StartsWith("Wrist", StringComparison.Ordinal) => (0.006, 0.09),
            _ when name.StartsWith("Hip", StringComparison.Ordinal) => (0.161, 0.40),
            "Knee" => (0.061, 0.22),
            _ when name.StartsWith("Ankle", StringComparison.Ordinal) => (0.0145, 0.08),
            _ => (0, 0),
        };
        return share * metres / (turns ? 3 : 1);
    }
}
