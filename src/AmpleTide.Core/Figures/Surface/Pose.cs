using System.Numerics;
using AmpleTide.Core.Body;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>A frame in single precision: its origin and where its axes point. Scaled where the axes are not of length 1.</summary>
internal readonly record struct Axes3(Vector3 Origin, Vector3 X, Vector3 Y, Vector3 Z)
{
    public Vector3 At(float x, float y, float z) => Origin + (X * x) + (Y * y) + (Z * z);

    /// <summary>A point of the room in this frame, for a frame whose axes are of one length.</summary>
    public Vector3 Into(Vector3 point)
    {
        var (from, k) = (point - Origin, 1 / X.LengthSquared());
        return new Vector3(Vector3.Dot(from, X), Vector3.Dot(from, Y), Vector3.Dot(from, Z)) * k;
    }

    public Axes3 Turned(Quaternion by) => new(Origin, Vector3.Transform(X, by), Vector3.Transform(Y, by), Vector3.Transform(Z, by));

    public static Axes3 Of(Frame frame) =>
        new(
            frame.Origin.Single(),
            (frame.Turn * new Vector(1, 0, 0)).Single(),
            (frame.Turn * new Vector(0, 1, 0)).Single(),
            (frame.Turn * new Vector(0, 0, 1)).Single()
        );
}

/// <summary>A posed body in single precision.</summary>
internal sealed class Pose
{
    // The head and hands of the published lengths look small on a picture this size; by eye, no source.
    private const float HeadScale = 1.07f;

    private readonly Axes3[] frames = new Axes3[Skeleton.SegmentCount];

    public Pose(Shape shape)
    {
        Shape = shape;
        Skeleton = shape.Skeleton();
        for (var i = 0; i < frames.Length; i++)
            frames[i] = Axes3.Of(Skeleton[(Segment)i]);
        Chest = Axes3.Of(Skeleton.Chest);
        var head = this[Segment.Head];
        Head = new(head.At(0, HeadCentre * (1 - HeadScale), 0), head.X * HeadScale, head.Y * HeadScale, head.Z * HeadScale);
    }

    /// <summary>Above the head's hinge.</summary>
    public const float HeadCentre = (float)Segments.HeadCentre;

    public Shape Shape { get; }

    public Skeleton Skeleton { get; }

    /// <summary>The upper end of the thorax, as landmarks of the upper trunk take it.</summary>
    public Axes3 Chest { get; }

    /// <summary>The head, drawn a little larger than it is.</summary>
    public Axes3 Head { get; }

    public Axes3 this[Segment segment] => frames[(int)segment];

    /// <summary>A segment of the right side, on a side (0 right, 1 left).</summary>
    public Axes3 On(Segment right, int side) => this[right.OnSide(side)];
}

/// <summary>From the body's numbers to those of its surface.</summary>
internal static class SurfaceNumbers
{
    private const int PerSide = Segment.LeftUpperArm - Segment.RightUpperArm;

    public static Vector3 Single(this Vector v) => new((float)v.X, (float)v.Y, (float)v.Z);

    /// <summary>A segment of the right side, on a side (0 right, 1 left).</summary>
    public static Segment OnSide(this Segment right, int side) => right + (side * PerSide);

    /// <summary>0 for the trunk and the right side, 1 for the left.</summary>
    public static int SideOf(this Segment segment) => segment >= Segment.LeftUpperArm ? 1 : 0;

    /// <summary>The same segment on the right side.</summary>
    public static Segment OnTheRight(this Segment segment) => segment - (segment.SideOf() * PerSide);

    /// <summary>+1 where x grows outwards from the body on that side, −1 on the right.</summary>
    public static int Outward(int side) => side == 0 ? -1 : 1;
}
