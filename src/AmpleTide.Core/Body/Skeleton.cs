using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Body;

/// <summary>The rigid parts of the body. The left ones follow the right ones in the same order.</summary>
public enum Segment
{
#pragma warning disable CS1591 // the names say it
    Pelvis,
    Lower,
    Upper,
    Neck,
    Head,
    RightUpperArm,
    RightForearm,
    RightHand,
    RightThigh,
    RightShank,
    RightFoot,
    RightToes,
    LeftUpperArm,
    LeftForearm,
    LeftHand,
    LeftThigh,
    LeftShank,
    LeftFoot,
    LeftToes,
#pragma warning restore CS1591
}

/// <summary>Where one segment begins and how it is turned.</summary>
public readonly record struct Frame(Vector Origin, Rotation Turn)
{
    /// <summary>A point given in the segment's own frame, in the room.</summary>
    public Vector At(double x, double y, double z) => Origin + (Turn * new Vector(x, y, z));
}

/// <summary>
/// Forward kinematics: from angles and the place of the pelvis to a frame for each segment. Limb frames begin at their upper
/// joint and run down their own −y; the spine's begin at their lower end and run up +y. Lengths in statures.
/// </summary>
public sealed class Skeleton
{
    /// <summary>How many segments there are.</summary>
    public const int SegmentCount = 19;

    private const int FirstRight = (int)Segment.RightUpperArm;
    private const int PerSide = 7;
    private readonly Frame[] frames = new Frame[SegmentCount];
    private Rotation chestTurn;

    /// <summary>A body in the given angles.</summary>
    /// <param name="angles">Degrees, in the order of <see cref="Axis"/>.</param>
    /// <param name="pelvis">The middle between the hip joints.</param>
    public Skeleton(ReadOnlySpan<double> angles, Vector pelvis) => Pose(angles, pelvis);

    /// <summary>Poses the same body anew, without allocating.</summary>
    /// <param name="angles">Degrees, in the order of <see cref="Axis"/>.</param>
    /// <param name="pelvis">The middle between the hip joints.</param>
    public void Pose(ReadOnlySpan<double> angles, Vector pelvis)
    {
        PoseTrunk(angles, pelvis);
        PoseLimbs(angles, Axes.FirstRight, FirstRight, -1);
        PoseLimbs(angles, Axes.FirstLeft, FirstRight + PerSide, 1);
    }

    /// <summary>The frame of a segment.</summary>
    public Frame this[Segment segment] => frames[(int)segment];

    private void PoseTrunk(ReadOnlySpan<double> a, Vector pelvis)
    {
        // Lean comes after pitch, so that whoever lies on the back rolls by it.
        var turn = Rotation.Y(-a[2]) * Rotation.Z(a[1]) * Rotation.X(a[0]);
        frames[0] = new(pelvis, turn);

        var from = pelvis + (turn * new Vector(0, Sacrum, 0));
        var lower = Part(Segment.Lower, turn, from, a[3], a[4], a[5], LowerSpine);
        var upper = Part(Segment.Upper, lower.Turn, lower.Origin, a[6], a[7], a[8], UpperSpine);
        chestTurn = upper.Turn;
        var neck = Part(Segment.Neck, upper.Turn, upper.Origin, a[9], a[10], a[11], Neck);
        frames[(int)Segment.Head] = neck;

        // Each part bends half at its lower and half at its upper end, so three parts read as one curve.
        // Stores the frame at the lower end (half bent) and returns the one at the upper end (fully bent).
        Frame Part(Segment part, Rotation below, Vector origin, double flexion, double side, double rotation, double length)
        {
            var half = below * Bend(flexion / 2, side / 2, rotation / 2);
            frames[(int)part] = new(origin, half);
            return new(origin + (half * new Vector(0, length, 0)), below * Bend(flexion, side, rotation));
        }
    }

    private static Rotation Bend(double flexion, double side, double rotation) =>
        Rotation.Y(-rotation) * Rotation.Z(side) * Rotation.X(flexion);

    private void PoseLimbs(ReadOnlySpan<double> a, int axis, int segment, int outward)
    {
        var arm = a.Slice(axis, Axes.PerArm);
        // The girdle hangs on the upper end of the upper spine; the neck's frame is half bent and would shrug with every nod.
        var chest = Chest;
        var collar = chest.Turn * Rotation.Y(-outward * arm[1]) * Rotation.Z(outward * arm[0]);
        var shoulder = chest.At(outward * CollarJoint, -ShoulderDrop, 0) + (collar * new Vector(outward * Collar, 0, 0));
        var (sin, cos) = Math.SinCos(arm[2] * Math.PI / 180);
        var upperArm = chest.Turn * Rotation.AboutHorizontal(-sin, outward * cos, arm[3]) * Rotation.Y(outward * arm[4]);
        frames[segment] = new(shoulder, upperArm);
        var forearm = upperArm * Rotation.X(-arm[5]) * Rotation.Y(-outward * arm[6]);
        var elbow = frames[segment].At(0, -UpperArm, 0);
        frames[segment + 1] = new(elbow, forearm);
        var hand = forearm * Rotation.Z(-outward * arm[7]) * Rotation.X(-arm[8]);
        frames[segment + 2] = new(frames[segment + 1].At(0, -Forearm, 0), hand);

        var leg = a.Slice(axis + Axes.PerArm, Axes.PerSide - Axes.PerArm);
        var pelvis = frames[0];
        var thigh = pelvis.Turn * Rotation.X(-leg[0]) * Rotation.Z(outward * leg[1]) * Rotation.Y(outward * leg[2]);
        frames[segment + 3] = new(pelvis.At(outward * HipJoint, 0, 0), thigh);
        var shank = thigh * Rotation.X(leg[3]);
        frames[segment + 4] = new(frames[segment + 3].At(0, -Thigh, 0), shank);
        var foot = shank * Rotation.X(-leg[4]) * Rotation.Z(-outward * leg[5]);
        frames[segment + 5] = new(frames[segment + 4].At(0, -Shank, 0), foot);
        frames[segment + 6] = new(frames[segment + 5].At(0, ToeRadius - FootHeight, Ball), foot * Rotation.X(-leg[6]));
    }

    /// <summary>The upper end of the upper spine, where the girdle hangs: the neck's origin, turned with the chest.</summary>
    public Frame Chest => new(frames[(int)Segment.Neck].Origin, chestTurn);
}
