using AmpleTide.Core.Body;
using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Figures;

// Arms, legs and trunk.
public sealed partial class FigureDrawing
{
    private const int RightArm = 1,
        RightLeg = 2;

    private IEnumerable<BodyPart> Limbs()
    {
        foreach (var (offset, tone) in new[] { (0, Tone.Right), (7, Tone.Left) })
        {
            var (arm, leg) = (RightArm + offset, RightLeg + offset);
            Frame Of(Segment right) => body[right + offset];
            yield return Part(arm, tone, Of(Segment.RightUpperArm).Origin, 0.029, Of(Segment.RightForearm).Origin, 0.023) with
            {
                Piece = Piece.UpperArm,
            };
            yield return Part(arm, tone, Of(Segment.RightForearm).Origin, 0.023, Of(Segment.RightHand).Origin, 0.0165) with
            {
                Piece = Piece.LowerArm,
            };
            yield return HandPart(arm + 100, Of(Segment.RightHand), offset == 0 ? -1 : 1) with
            {
                Piece = Piece.LowerArm,
            };
            yield return Part(leg, tone, Of(Segment.RightThigh).Origin, 0.050, Of(Segment.RightShank).Origin, 0.036) with
            {
                Piece = Piece.Thigh,
            };
            yield return Part(leg, tone, Of(Segment.RightShank).Origin, 0.036, Of(Segment.RightFoot).Origin, 0.022) with
            {
                Piece = Piece.LowerLeg,
            };
            yield return FootPart(leg, tone, Of(Segment.RightFoot), Of(Segment.RightToes)) with
            {
                Piece = Piece.LowerLeg,
            };
        }
    }

    private BodyPart Part(int limb, Tone tone, Vector a, double ra, Vector b, double rb)
    {
        var (middle, near) = Middle(a, b);
        return new(limb, tone, middle.X, middle.Y, near) { Capsules = [CapsuleOf(a, ra, b, rb)] };
    }

    private BodyPart FootPart(int limb, Tone tone, Frame foot, Frame toes)
    {
        var (heel, ball, tip) = (foot.At(0, -0.020, -0.020), foot.At(0, -0.024, Ball - 0.008), toes.At(0, 0, Toe - 0.012));
        var (middle, near) = Middle(heel, ball);
        return new(limb, tone, middle.X, middle.Y, near)
        {
            Capsules =
            [
                CapsuleOf(foot.Origin, 0.022, heel, 0.019),
                CapsuleOf(foot.At(0, -0.002, 0.008), 0.022, ball, 0.016),
                CapsuleOf(heel, 0.019, ball, 0.015),
                CapsuleOf(ball, 0.015, tip, 0.011),
            ],
        };
    }

    private BodyPart TrunkPart()
    {
        var outlines = slices.Zip(slices.Skip(1), (a, b) => FigureHull.Of([.. a.Rim, .. b.Rim])).ToList();
        var shoulders = CapsuleOf(body[Segment.RightUpperArm].Origin, 0.031, body[Segment.LeftUpperArm].Origin, 0.031);
        var hips = CapsuleOf(body[Segment.RightThigh].Origin, 0.051, body[Segment.LeftThigh].Origin, 0.051);
        return new(0, Tone.Trunk, 0, 0, 0)
        {
            Capsules = [shoulders, hips],
            Outlines = outlines,
            Covers =
            [
                .. slices.Zip(slices.Skip(1), (a, b) => new Capsule(Whole(a.X), Whole(a.Y), Broad, Whole(b.X), Whole(b.Y), Broad)),
                shoulders,
                hips,
            ],
        };
    }

    // Half the trunk's breadth at its widest, in thousandths.
    private const int Broad = 94;

    /// <summary>A cross-section of the trunk as seen: its middle and its rim.</summary>
    private sealed record Slice(double X, double Y, double Near, IReadOnlyList<(double X, double Y)> Rim);

    // Half width and half depth of the trunk from the seat up, in statures: by eye, no source.
    private IEnumerable<Slice> Slices()
    {
        var pelvis = body[Segment.Pelvis];
        var lower = body[Segment.Lower];
        var upper = body[Segment.Upper];
        var chest = body.Chest;
        yield return SliceOf(pelvis.At(0, -0.038, -0.004), pelvis.Turn, 0.068, 0.048);
        yield return SliceOf(pelvis.At(0, 0.000, -0.004), pelvis.Turn, 0.092, 0.060);
        yield return SliceOf(pelvis.At(0, 0.030, 0), pelvis.Turn, 0.088, 0.058);
        yield return SliceOf(lower.At(0, LowerSpine * 0.45, 0.004), lower.Turn, 0.073, 0.054);
        yield return SliceOf(lower.At(0, LowerSpine * 0.85, 0.004), lower.Turn, 0.074, 0.054);
        yield return SliceOf(upper.At(0, UpperSpine * 0.30, 0.004), upper.Turn, 0.083, 0.058);
        yield return SliceOf(upper.At(0, UpperSpine * 0.62, 0.004), upper.Turn, 0.094, 0.060);
        yield return SliceOf(chest.At(0, -0.028, 0), chest.Turn, 0.094, 0.050);
        yield return SliceOf(chest.At(0, -0.002, -0.002), chest.Turn, 0.056, 0.034);
    }

    private Slice SliceOf(Vector middle, Rotation turn, double halfWidth, double halfDepth)
    {
        const int corners = 14;
        var rim = Enumerable
            .Range(0, corners)
            .Select(i =>
            {
                var (sin, cos) = Math.SinCos(i * 2 * Math.PI / corners);
                var p = Project(middle + (turn * new Vector(cos * halfWidth, 0, sin * halfDepth)));
                return (p.X, p.Y);
            });
        var at = Project(middle);
        return new(at.X, at.Y, at.Near, [.. rim]);
    }
}
