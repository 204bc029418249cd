using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Figures;

// Head, face and hands: what is small, and says what a pose does not.
public sealed partial class FigureDrawing
{
    private BodyPart NeckPart()
    {
        var (low, high) = (body.Chest.At(0, -0.020, 0), body[Segment.Head].At(0, 0.012, 0));
        var (middle, near) = Middle(low, high);
        return new(0, Tone.Skin, middle.X, middle.Y, near - 0.002) { Capsules = [CapsuleOf(low, 0.034, high, 0.030)] };
    }

    private BodyPart HeadPart()
    {
        var head = body[Segment.Head];
        var at = Project(head.At(0, HeadCentre, 0));
        var away = (view * (head.Turn * new Vector(0, 0, 1))).Z < -0.45;
        Capsule[] hair = [CapsuleOf(head.At(0, HeadCentre + 0.014, -0.004), 0.057, head.At(0, HeadCentre - 0.006, -0.014), 0.051)];
        Capsule[] face =
        [
            CapsuleOf(head.At(0, HeadCentre - 0.004, 0.013), 0.048, head.At(0, HeadCentre - 0.036, 0.020), 0.030),
            CapsuleOf(head.At(0, HeadCentre + 0.002, 0.054), 0.010, head.At(0, HeadCentre - 0.012, 0.062), 0.009),
        ];
        return away
            ? new(0, Tone.Skin, at.X, at.Y, at.Near) { Capsules = face, Details = [new(Tone.Hair, hair, [])] }
            : new(0, Tone.Hair, at.X, at.Y, at.Near) { Capsules = hair, Details = [new(Tone.Face, face, []), .. Features(head)] };
    }

    // Eyes and mouth: lines and dots on the front of the head, as far as they face the eye. In statures, by eye, no source.
    private IEnumerable<FigurePart> Features(Frame head)
    {
        const double eyeApart = 0.021,
            eyeHeight = 0.006,
            mouthHeight = -0.036;
        foreach (var side in new[] { -1, 1 })
        {
            if (!Faces(head, side * eyeApart * 12))
                continue;
            yield return new(Tone.Eye, [.. EyeLines().Select(line => OnFace(line, side, side * eyeApart, eyeHeight))], []);
        }
        if (Faces(head, 0))
            yield return new(Tone.Eye, [.. MouthLines().Select(line => OnFace(line, 1, 0, mouthHeight))], []);

        Capsule OnFace(Line line, int side, double x, double y)
        {
            // On a face as round as this.
            const double roundness = 0.052;
            Vector At(double across, double up)
            {
                var sideways = x + (side * across);
                return head.At(sideways, HeadCentre + y + up, Math.Sqrt(Square(roundness) - Square(sideways)));
            }
            return CapsuleOf(At(line.X1, line.Y1), line.Radius, At(line.X2, line.Y2), line.Radius);
        }
    }

    private bool Faces(Frame head, double sideways) => (view * (head.Turn * new Vector(sideways, 0, 1))).Z >= 0.25;

    /// <summary>A line of the face, x outwards from its middle.</summary>
    private readonly record struct Line(double X1, double Y1, double X2, double Y2, double Radius);

    private IEnumerable<Line> EyeLines() =>
        look.Face switch
        {
            Face.EyesShut or Face.MouthOpen => [new(-0.008, 0.001, 0, -0.003, 0.0022), new(0, -0.003, 0.008, 0.001, 0.0022)],
            Face.EyesWide => [new(0, 0.001, 0, 0.001, 0.0085), new(-0.008, 0.019, 0.008, 0.019, 0.0022)],
            Face.Squeezed => [new(-0.006, 0, 0.008, 0.007, 0.0024), new(-0.006, 0, 0.008, -0.007, 0.0024)],
            _ => [new(0, 0, 0, 0, 0.0065)],
        };

    private IEnumerable<Line> MouthLines() =>
        look.Face switch
        {
            Face.MouthOpen => [new(-0.003, 0.004, -0.003, -0.008, 0.008), new(0.003, 0.004, 0.003, -0.008, 0.008)],
            Face.LipsRound => [new(0, 0, 0, 0, 0.0065)],
            Face.Squeezed =>
            [
                new(-0.010, -0.003, -0.003, 0.003, 0.0024),
                new(-0.003, 0.003, 0.003, -0.003, 0.0024),
                new(0.003, -0.003, 0.010, 0.003, 0.0024),
            ],
            _ => [new(-0.010, 0.001, 0, -0.002, 0.002), new(0, -0.002, 0.010, 0.001, 0.002)],
        };

    private BodyPart HandPart(int limb, Frame hand, int outward)
    {
        var (wrist, palm) = (hand.At(0, -0.006, 0), hand.At(0, -0.040, 0.002));
        var (middle, near) = Middle(wrist, hand.At(-outward * 0.004, -0.092, 0));
        return new(limb, Tone.Skin, middle.X, middle.Y, near)
        {
            Capsules = [CapsuleOf(wrist, 0.0145, palm, 0.0175), .. Fingers(hand, outward)],
        };
    }

    private IEnumerable<Capsule> Fingers(Frame hand, int outward) =>
        look.Hands switch
        {
            Hands.Spread =>
            [
                .. from finger in new[] { -1.5, -0.5, 0.5, 1.5 }
                select CapsuleOf(
                    hand.At(0, -0.046, finger * 0.009),
                    0.0085,
                    hand.At(0, -0.098 + (Math.Abs(finger) * 0.007), finger * 0.026),
                    0.006
                ),
                CapsuleOf(hand.At(0, -0.022, 0.012), 0.010, hand.At(-outward * 0.006, -0.044, 0.056), 0.007),
            ],
            Hands.Hooked =>
            [
                CapsuleOf(hand.At(0, -0.040, 0.002), 0.0175, hand.At(-outward * 0.002, -0.074, 0), 0.0125),
                CapsuleOf(hand.At(-outward * 0.002, -0.074, 0), 0.0115, hand.At(-outward * 0.030, -0.066, 0), 0.009),
                CapsuleOf(hand.At(0, -0.015, 0.006), 0.010, hand.At(-outward * 0.006, -0.052, 0.022), 0.007),
            ],
            // The index finger and the thumb close a ring; the others stay wide.
            Hands.Pinched =>
            [
                .. from finger in new[] { -1.5, -0.5, 0.5 }
                select CapsuleOf(
                    hand.At(0, -0.046, finger * 0.009),
                    0.0085,
                    hand.At(0, -0.098 + (Math.Abs(finger) * 0.007), finger * 0.026),
                    0.006
                ),
                CapsuleOf(hand.At(0, -0.046, 0.014), 0.0085, hand.At(-outward * 0.016, -0.080, 0.034), 0.007),
                CapsuleOf(hand.At(-outward * 0.016, -0.080, 0.034), 0.007, hand.At(-outward * 0.030, -0.066, 0.058), 0.006),
                CapsuleOf(hand.At(0, -0.018, 0.012), 0.010, hand.At(-outward * 0.022, -0.036, 0.052), 0.008),
                CapsuleOf(hand.At(-outward * 0.022, -0.036, 0.052), 0.008, hand.At(-outward * 0.032, -0.064, 0.060), 0.006),
            ],
            Hands.Fists => [CapsuleOf(hand.At(0, -0.034, 0.010), 0.024, hand.At(0, -0.046, -0.004), 0.024)],
            _ =>
            [
                CapsuleOf(hand.At(0, -0.040, 0.002), 0.0175, hand.At(-outward * 0.004, -0.092, 0), 0.009),
                CapsuleOf(hand.At(0, -0.015, 0.006), 0.010, hand.At(-outward * 0.006, -0.052, 0.022), 0.007),
            ],
        };
}
