using System.Numerics;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>The flesh of a hand: palm, four fingers of three joints each, thumb. Measures in statures, by eye, no source.</summary>
internal static class HandSurface
{
    private const float RootRadius = .0069f * HandFrame.Scale,
        TipRadius = .0052f * HandFrame.Scale;

    private static readonly float[] FingerLengths = [.047f, .051f, .047f, .038f];
    private static readonly float[] Phalanges = [.44f, .31f, .25f];

    private static readonly (float Up, float Wide, float Thick)[] PalmCuts =
    [
        (.004f, .0125f, .0120f),
        (-.014f, .0150f, .0110f),
        (-.034f, .0200f, .0105f),
        (-.050f, .0205f, .0090f),
    ];

    public static void Add(Solids to, HandFrame hand, HandPose pose, int side)
    {
        hand = hand.In(pose);
        Palm(to, hand, Part.RightPalm.On(side));
        Span<Vector3> joints = stackalloc Vector3[4];
        for (var i = 0; i < 4; i++)
        {
            Joints(hand, i, pose.Fingers[i], joints);
            AboveFloor(joints, TipRadius);
            to.Tube(Part.RightFinger.On(side) + i, joints, [RootRadius, RootRadius * .96f, TipRadius * 1.08f, TipRadius]);
        }
        Span<Vector3> thumb = [hand.At(.003f, -.012f, .0125f), hand.At(pose.ThumbMiddle), hand.At(pose.ThumbTip)];
        AboveFloor(thumb, TipRadius);
        to.Tube(Part.RightThumb.On(side), thumb, [.0095f * HandFrame.Scale, .0078f * HandFrame.Scale, .0058f * HandFrame.Scale]);
    }

    /// <summary>Where the joints of a finger are: its knuckle first, its tip last.</summary>
    public static void Joints(HandFrame hand, int finger, Finger bent, Span<Vector3> joints)
    {
        var along = Vector3.Normalize(-hand.Up + (hand.Thumb * bent.Fan));
        joints[0] = hand.At(0, -.050f, RootOf(finger));
        var angle = 0f;
        ReadOnlySpan<float> bends = [bent.Knuckle, bent.Middle, bent.Tip];
        for (var j = 0; j < 3; j++)
        {
            angle += bends[j];
            var length = FingerLengths[finger] * HandFrame.Scale * Phalanges[j];
            joints[j + 1] = joints[j] + (((along * MathF.Cos(angle)) + (hand.Palm * MathF.Sin(angle))) * length);
        }
    }

    /// <summary>How thick a finger is towards its end.</summary>
    public static float Thickness => TipRadius;

    // The index finger is on the thumb's side.
    private static float RootOf(int finger) => (1.5f - finger) * .0104f;

    private static void Palm(Solids to, HandFrame hand, Part part)
    {
        const int steps = 4;
        const float slice = .008f * HandFrame.Scale;
        for (var i = 0; i + 1 < PalmCuts.Length; i++)
        for (var k = 0; k <= steps; k++)
        {
            var (a, b, t) = (PalmCuts[i], PalmCuts[i + 1], k / (float)steps);
            var middle = hand.At(0, float.Lerp(a.Up, b.Up, t), 0);
            var thick = float.Lerp(a.Thick, b.Thick, t) * HandFrame.Scale;
            middle.Y = MathF.Max(middle.Y, thick * .8f);
            to.Add(new(middle, hand.Palm * thick, hand.Up * slice, hand.Thumb * (float.Lerp(a.Wide, b.Wide, t) * HandFrame.Scale), part));
        }
    }

    // What would go through the floor lies on it.
    private static void AboveFloor(Span<Vector3> joints, float radius)
    {
        foreach (ref var joint in joints)
            joint.Y = MathF.Max(joint.Y, radius);
    }
}
