using System.Numerics;
using AmpleTide.Core.Body;
using static AmpleTide.Core.Figures.Surface.SurfaceNumbers;
using Girth = AmpleTide.Core.Figures.Surface.Solids.Girth;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>The flesh of a posed body: trunk, head, arms, legs and feet. All measures in statures, by eye, no source.</summary>
internal static class BodySurface
{
    private static readonly Girth[] UpperArm =
    [
        new(0, .0305f),
        new(.16f, .0315f, .001f),
        new(.45f, .0275f, 0, .003f),
        new(.75f, .0235f, 0, .001f),
        new(1, .0205f),
    ];

    private static readonly Girth[] Forearm =
    [
        new(0, .0205f),
        new(.24f, .0235f, 0, .001f),
        new(.55f, .0195f),
        new(.85f, .0150f),
        new(1, .0142f),
    ];

    private static readonly Girth[] Thigh =
    [
        new(0, .0500f, 0, -.002f),
        new(.18f, .0520f, .001f),
        new(.5f, .0455f, 0, .004f),
        new(.82f, .0365f, 0, .002f),
        new(1, .0345f),
    ];

    private static readonly Girth[] Shank =
    [
        new(0, .0340f, 0, .001f),
        new(.12f, .0310f, 0, -.002f),
        new(.32f, .0335f, 0, -.008f),
        new(.6f, .0255f, 0, -.004f),
        new(.88f, .0190f),
        new(1, .0195f),
    ];

    public static void Add(Solids to, Pose pose, Expression face)
    {
        Trunk(to, pose);
        HeadAndNeck(to, pose, face.JawShift);
        for (var side = 0; side < 2; side++)
        {
            var outward = Outward(side);
            to.Limb(Part.RightUpperArm.On(side), pose.On(Segment.RightUpperArm, side), Segments.UpperArm, outward, UpperArm);
            to.Limb(Part.RightForearm.On(side), pose.On(Segment.RightForearm, side), Segments.Forearm, outward, Forearm);
            to.Limb(Part.RightThigh.On(side), pose.On(Segment.RightThigh, side), Segments.Thigh, outward, Thigh);
            to.Limb(Part.RightShank.On(side), pose.On(Segment.RightShank, side), Segments.Shank, outward, Shank);
            Foot(to, pose, side);
        }
    }

    // An oval cut through the trunk: half its width and half its depth.
    private readonly record struct Cut(Axes3 Frame, Vector3 Middle, float Width, float Depth);

    private static void Trunk(Solids to, Pose pose)
    {
        var (hips, low, up, chest) = (pose[Segment.Pelvis], pose[Segment.Lower], pose[Segment.Upper], pose.Chest);
        Sweep(
            to,
            [
                new(hips, hips.At(0, -.030f, -.006f), .070f, .046f),
                new(hips, hips.At(0, 0, -.005f), .092f, .059f),
                new(hips, hips.At(0, .030f, -.001f), .086f, .057f),
                new(low, low.At(0, .056f, .004f), .070f, .051f),
                new(low, low.At(0, .100f, .004f), .072f, .051f),
                new(up, up.At(0, .040f, .004f), .081f, .056f),
                new(up, up.At(0, .092f, .003f), .089f, .058f),
                new(chest, chest.At(0, -.034f, 0), .086f, .047f),
                new(chest, chest.At(0, -.010f, -.003f), .056f, .034f),
                new(chest, chest.At(0, .006f, -.004f), .034f, .028f),
            ]
        );
        for (var side = 0; side < 2; side++)
        {
            // The slope of the shoulders and the seat.
            var (neck, shoulder) = (chest.At(0, .006f, -.006f), pose.On(Segment.RightUpperArm, side).Origin);
            to.Tube(Part.Trunk, [neck, Vector3.Lerp(neck, shoulder, .5f), Vector3.Lerp(neck, shoulder, .93f)], [.026f, .0275f, .0275f]);
            to.Ball(Part.Trunk, hips.At(Outward(side) * .043f, -.006f, -.012f), .0525f);
        }
    }

    private static void Sweep(Solids to, ReadOnlySpan<Cut> cuts)
    {
        const float step = .008f,
            thick = .024f;
        for (var i = 0; i + 1 < cuts.Length; i++)
        {
            var (a, b) = (cuts[i], cuts[i + 1]);
            var steps = Math.Max(2, (int)MathF.Ceiling((b.Middle - a.Middle).Length() / step));
            for (var k = i == 0 ? 0 : 1; k <= steps; k++)
            {
                var t = k / (float)steps;
                var y = Vector3.Normalize(Vector3.Lerp(a.Frame.Y, b.Frame.Y, t));
                var across = Vector3.Lerp(a.Frame.X, b.Frame.X, t);
                var x = Vector3.Normalize(across - (y * Vector3.Dot(across, y)));
                to.Add(
                    new(
                        Vector3.Lerp(a.Middle, b.Middle, t),
                        x * float.Lerp(a.Width, b.Width, t),
                        y * thick,
                        Vector3.Cross(x, y) * float.Lerp(a.Depth, b.Depth, t),
                        Part.Trunk,
                        y
                    )
                );
            }
        }
    }

    private static void HeadAndNeck(Solids to, Pose pose, float jaw)
    {
        var head = pose.Head;
        const float c = Pose.HeadCentre;
        to.Tube(
            Part.Neck,
            [pose.Chest.At(0, -.004f, -.003f), head.At(0, .004f, -.003f), head.At(0, .026f, -.004f)],
            [.031f, .0275f, .0285f]
        );
        // Skull, face, jaw, nose.
        to.Oval(Part.Head, head, head.At(0, c + .010f, -.006f), .0475f, .0510f, .0555f);
        to.Oval(Part.Head, head, head.At(0, c - .012f, .010f), .0385f, .047f, .041f);
        to.Tube(
            Part.Head,
            [head.At(jaw - .016f, c - .040f, .022f), head.At(jaw, c - .047f, .031f), head.At(jaw + .016f, c - .040f, .022f)],
            [.0175f, .0150f, .0175f]
        );
        to.Tube(Part.Head, [head.At(0, c + .010f, .047f), head.At(0, c - .011f, .0570f)], [.0058f, .0076f]);
        to.Oval(Part.Hair, head, head.At(0, c + .0105f, -.0135f), .0490f, .0515f, .0530f);
        for (var side = 0; side < 2; side++)
            to.Oval(Part.Ear, head, head.At(Outward(side) * .0465f, c - .006f, -.004f), .0065f, .0165f, .0115f);
    }

    private static void Foot(Solids to, Pose pose, int side)
    {
        var (foot, toes, outward) = (pose.On(Segment.RightFoot, side), pose.On(Segment.RightToes, side), Outward(side));
        var part = Part.RightFoot.On(side);
        to.Tube(part, [foot.Origin, foot.At(0, -.018f, -.020f)], [.0200f, .0205f]);
        // Heel, arch and instep: flat ovals from the heel to the ball, along z.
        ReadOnlySpan<(float Z, float Y, float Width, float Height)> cuts =
        [
            (-.024f, -.0205f, .0185f, .0185f),
            (-.002f, -.018f, .0195f, .0205f),
            (.022f, -.017f, .0200f, .0200f),
            (.046f, -.0225f, .0235f, .0160f),
            (.070f, -.0260f, .0260f, .0125f),
        ];
        const int steps = 4;
        const float thick = .016f;
        for (var i = 0; i + 1 < cuts.Length; i++)
        for (var k = 0; k <= steps; k++)
        {
            var (a, b, t) = (cuts[i], cuts[i + 1], k / (float)steps);
            to.Oval(
                part,
                foot,
                foot.At(outward * .003f * t, float.Lerp(a.Y, b.Y, t), float.Lerp(a.Z, b.Z, t)),
                float.Lerp(a.Width, b.Width, t),
                float.Lerp(a.Height, b.Height, t),
                thick
            );
        }
        // Five toes, the great one inside: those that are lifted fan, those that grip curl beyond what the skeleton bends, the middle
        // joint up and the tip down to the floor again.
        const float fans = 1.1f,
            curls = 14;
        var lift = MathF.Asin(Math.Clamp(Vector3.Dot(toes.Z, foot.Y), -1, 1));
        var (fan, curl) = (1 + (MathF.Max(0, lift) * fans), MathF.Max(0, -lift) * curls);
        var begin = (toes.Z * MathF.Cos(curl / 2)) + (toes.Y * MathF.Sin(curl / 2));
        var end = (toes.Z * MathF.Cos(curl / 2)) - (toes.Y * MathF.Sin(curl / 2));
        for (var k = 0; k < 5; k++)
        {
            var great = k == 0;
            var x = outward * (-.0170f + (k * .0094f));
            var length = (great ? .029f : .030f - (k * .0042f)) / 2;
            var middle = toes.At(x * (1 + fan) / 2, great ? -.001f : -.002f, 0) + (begin * length);
            to.Tube(
                Part.RightToes.On(side),
                [toes.At(x * .92f, -.0005f, -.004f), middle, middle + (end * length) + (toes.X * (x * (fan - 1) / 2))],
                [great ? .0115f : .0105f, great ? .0106f : .0090f - (k * .0002f), great ? .0098f : .0074f - (k * .0003f)]
            );
        }
    }

    /// <summary>Whether a point of the head lies under hair.</summary>
    /// <param name="at">In the head's frame, from its hinge.</param>
    public static bool IsHair(Vector3 at)
    {
        const float forehead = .030f,
            nape = -.040f,
            parting = .02f;
        var back = Math.Clamp((.020f - at.Z) / .034f, 0, 1);
        back = back * back * (3 - (2 * back));
        var peak = MathF.Abs(at.X) < parting ? .004f * (1 - (MathF.Abs(at.X) / parting)) * (1 - back) : 0;
        return at.Y - Pose.HeadCentre > float.Lerp(forehead, nape, back) + peak;
    }

    /// <summary>
    /// Whether a point of the trunk is bare above the neckline: low in front, high behind, so that a chest is told from a back.
    /// </summary>
    /// <param name="at">In the chest's frame.</param>
    public static bool IsAboveNeckline(Vector3 at)
    {
        var deep = at.Z > -.006f ? .046f : .018f;
        var (x, y) = (at.X / .044f, (at.Y - .016f) / deep);
        return (x * x) + (y * y) < 1;
    }

    /// <summary>Whether a point of a thigh is still under the shirt: a clean line across the hip joint.</summary>
    /// <param name="at">In the thigh's frame.</param>
    public static bool IsAboveHipLine(Vector3 at) => at.Y > -.006f;
}
