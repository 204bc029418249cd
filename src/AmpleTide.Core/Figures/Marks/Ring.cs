using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>
/// A ring round the middle of a way that goes round, with a head the way it goes. Two moments of a circle do not say that it is one.
/// </summary>
/// <param name="Broad">How broad it is, of its diameter.</param>
/// <param name="Tall">How tall it is, of its diameter.</param>
/// <param name="Gap">How far it opens, in radians.</param>
/// <param name="Narrowest">Its least radius, in thousandths of a stature.</param>
/// <param name="Widest">Its largest radius, in thousandths: what goes round at the end of a whole arm may go far.</param>
/// <param name="Outside">How far outside the body its middle stands, in thousandths.</param>
internal sealed record Ring(float Broad, float Tall, float Gap, float Narrowest, float Widest, float Outside)
{
    private const int Steps = 32;

    // A circle goes round .79 of the square of its diameter; what goes round less than this share goes there and back. By eye, no source.
    private const float GoesRound = .2f;

    // A head that circles is seen along its level, and the ring opens in front; what a nose draws stands before the face.
    private static readonly Ring OfNose = new(.8f, 1, .35f, 84, 115, 90),
        OfHead = new(1, .42f, .45f, 96, 140, 0),
        OfHand = new(1, 1, .5f, 42, 240, 0),
        OfAnything = new(1, 1, .6f, 66, 120, 0);

    private static Ring Of(Landmark mark) =>
        mark switch
        {
            { Name: "nose" } => OfNose,
            { Segment: Segment.Head } => OfHead,
            { Segment: Segment.RightHand or Segment.LeftHand } => OfHand,
            _ => OfAnything,
        };

    /// <summary>Whether a way goes round.</summary>
    public static bool IsOf(Trail trail) => MathF.Abs(trail.Round) > GoesRound * trail.Travel * trail.Travel;

    /// <summary>
    /// Draws the half of a ring before a trunk that turns in place, or a piece of it with two heads before the breast, where the trunk
    /// turns a little to and fro. Seen from the front or from behind, what is near goes that way.
    /// </summary>
    public static void DrawTurn(Trail trail, MarkPen pen, bool toAndFro)
    {
        const float radius = 165,
            half = (MathF.PI / 2) - .15f,
            little = .6f;
        var (middle, reach) = toAndFro ? (MathF.Acos(Math.Clamp(trail.Outwards.X * trail.Sidewards, -1, 1)), little) : (MathF.PI / 2, half);
        var way = Enumerable.Range(0, Steps + 1).Select(At);
        Arrow.Along(pen, [.. trail.Turned < 0 ? way : way.Reverse()], toAndFro);

        // From the right end of its near half to the left, on the picture.
        Vector2 At(int step)
        {
            var (sin, cos) = MathF.SinCos(middle + (reach * ((2f * step / Steps) - 1)));
            return trail.Axis + (radius * new Vector2(OfHead.Broad * cos, OfHead.Tall * sin));
        }
    }

    /// <summary>Draws it.</summary>
    public static void Draw(Trail trail, MarkPen pen)
    {
        var ring = Of(trail.Mark);
        // The way ends where it is farthest from its beginning: across the circle.
        var middle = ((trail.Points[0] + trail.Points[^1]) / 2) + (trail.Outwards * (ring.Outside * trail.Sidewards));
        var radius = Math.Clamp(trail.Travel / 2, ring.Narrowest, ring.Widest);
        var open = ring == OfHead ? MathF.PI / 2 : MathF.Atan2(-trail.Outwards.Y, -trail.Outwards.X);
        var way = Enumerable.Range(0, Steps + 1).Select(At);
        Arrow.Along(pen, [.. trail.Round < 0 ? way.Reverse() : way]);

        Vector2 At(int step)
        {
            var angle = open + (ring.Gap / 2) + (step * ((2 * MathF.PI) - ring.Gap) / Steps);
            return middle + (radius * new Vector2(ring.Broad * MathF.Cos(angle), ring.Tall * MathF.Sin(angle)));
        }
    }
}
