namespace AmpleTide.Core.Body;

/// <summary>
/// A shape as its author means it. So that hands reach and feet stay where they are, the solver turns a hip, sways a back or bends a wrist
/// by some degrees; nobody feels that as a stretch, unless weight rests on it.
/// </summary>
public static class Meant
{
    // From this share of the weight on, hands or feet bear it. Common practice, no source.
    private const double Bears = 0.05;

    private static readonly Axis[] Sways = [Axis.LowerSide, Axis.UpperSide, Axis.LowerRotation, Axis.UpperRotation];
    private static readonly Axis[] Hips = [Axis.RightHipAbduction, Axis.RightHipTurn];
    private static readonly Axis[] Wrists = [Axis.RightWrist, Axis.RightWristDeviation];
    private static readonly Axis[] Feet = [Axis.RightAnkle, Axis.RightAnkleIn, Axis.RightToe];

    /// <summary>The angles that count as a stretch.</summary>
    /// <param name="angles">The placed ones.</param>
    /// <param name="baseShape">Those of the position; they take the place of what nobody named.</param>
    /// <param name="told">The axes that were named.</param>
    /// <param name="onHands">The share of the weight on the hands.</param>
    /// <param name="onFeet">The share on the feet.</param>
    public static Angles Of(Angles angles, Angles baseShape, IReadOnlySet<Axis> told, double onHands, double onFeet)
    {
        IEnumerable<Axis> solved = [.. Sways, .. Both(Hips), .. onHands < Bears ? Both(Wrists) : [], .. onFeet < Bears ? Both(Feet) : []];
        return angles.With(solved.Where(axis => !told.Contains(axis)).ToDictionary(axis => axis, axis => baseShape[axis]));
    }

    private static IEnumerable<Axis> Both(Axis[] right) => right.Concat(right.Select(Axes.Mirror));
}
