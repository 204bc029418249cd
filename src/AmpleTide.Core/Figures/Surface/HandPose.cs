using System.Numerics;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>How one finger is bent.</summary>
/// <param name="Fan">How far it is spread towards the thumb, as a slope.</param>
/// <param name="Knuckle">How far it bends at the knuckle towards the palm, in radians.</param>
/// <param name="Middle">At the middle joint.</param>
/// <param name="Tip">At the last joint.</param>
internal readonly record struct Finger(float Fan, float Knuckle, float Middle, float Tip)
{
    public static Finger Between(Finger a, Finger b, float t) =>
        new(
            float.Lerp(a.Fan, b.Fan, t),
            float.Lerp(a.Knuckle, b.Knuckle, t),
            float.Lerp(a.Middle, b.Middle, t),
            float.Lerp(a.Tip, b.Tip, t)
        );
}

/// <summary>
/// How a hand lies beyond what the skeleton says: turned on its wrist, each finger bent, the thumb somewhere. In the frame of the
/// hand, x towards the palm, y towards the wrist, z towards the thumb; so that it can be blended from one phase to the next.
/// </summary>
/// <param name="Turn">From the skeleton's hand to the drawn one.</param>
/// <param name="Shift">How far the wrist is moved, in statures.</param>
/// <param name="Fingers">The index finger first.</param>
/// <param name="ThumbMiddle">The thumb's joint.</param>
/// <param name="ThumbTip">The thumb's tip.</param>
internal sealed record HandPose(Quaternion Turn, Vector3 Shift, Finger[] Fingers, Vector3 ThumbMiddle, Vector3 ThumbTip)
{
    /// <summary>Part of the way to another pose.</summary>
    public HandPose Towards(HandPose end, float t) =>
        ReferenceEquals(this, end)
            ? this
            : new(
                Quaternion.Slerp(Turn, end.Turn, t),
                Vector3.Lerp(Shift, end.Shift, t),
                [.. Fingers.Zip(end.Fingers, (a, b) => Finger.Between(a, b, t))],
                Vector3.Lerp(ThumbMiddle, end.ThumbMiddle, t),
                Vector3.Lerp(ThumbTip, end.ThumbTip, t)
            );
}

/// <summary>A hand in the room: its frame turned as its pose says, with x towards the palm on either side.</summary>
internal readonly record struct HandFrame(Vector3 Wrist, Vector3 Palm, Vector3 Up, Vector3 Thumb)
{
    // The hand of the published lengths looks small on a picture this size; by eye, no source.
    public const float Scale = 1.14f;

    /// <summary>How far the middle of the palm lies from the wrist.</summary>
    public const float PalmLength = .048f;

    /// <summary>A point of the hand, in statures of an unscaled hand.</summary>
    public Vector3 At(float palm, float up, float thumb) => Wrist + (((Palm * palm) + (Up * up) + (Thumb * thumb)) * Scale);

    public Vector3 At(Vector3 place) => At(place.X, place.Y, place.Z);

    public HandFrame Turned(Quaternion by) =>
        new(Wrist, Vector3.Transform(Palm, by), Vector3.Transform(Up, by), Vector3.Transform(Thumb, by));

    /// <summary>The hand of a skeleton.</summary>
    public static HandFrame Of(Pose pose, int side)
    {
        var frame = pose.On(AmpleTide.Core.Body.Segment.RightHand, side);
        return new(frame.Origin, frame.X * -SurfaceNumbers.Outward(side), frame.Y, frame.Z);
    }

    /// <summary>The hand of a skeleton, turned and moved as a pose says.</summary>
    public HandFrame In(HandPose pose)
    {
        var (x, y, z) = (Local(pose, Vector3.UnitX), Local(pose, Vector3.UnitY), Local(pose, Vector3.UnitZ));
        return new(Wrist + (Palm * pose.Shift.X) + (Up * pose.Shift.Y) + (Thumb * pose.Shift.Z), x, y, z);
    }

    private Vector3 Local(HandPose pose, Vector3 axis)
    {
        var v = Vector3.Transform(axis, pose.Turn);
        return (Palm * v.X) + (Up * v.Y) + (Thumb * v.Z);
    }

    /// <summary>The turn and the move that lead from the skeleton's hand to this one.</summary>
    public (Quaternion Turn, Vector3 Shift) From(HandFrame skeleton)
    {
        Vector3 Into(Vector3 v) => new(Vector3.Dot(v, skeleton.Palm), Vector3.Dot(v, skeleton.Up), Vector3.Dot(v, skeleton.Thumb));
        var (x, y, z) = (Into(Palm), Into(Up), Into(Thumb));
        // A left hand's frame is a mirror image in itself, but the turn between two of them is a turn.
        var turn = Quaternion.CreateFromRotationMatrix(new(x.X, x.Y, x.Z, 0, y.X, y.Y, y.Z, 0, z.X, z.Y, z.Z, 0, 0, 0, 0, 1));
        return (Quaternion.Normalize(turn), Into(Wrist - skeleton.Wrist));
    }
}
