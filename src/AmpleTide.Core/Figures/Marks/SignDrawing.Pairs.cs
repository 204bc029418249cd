using System.Numerics;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>What goes on between two places.</summary>
internal sealed partial class SignDrawing
{
    /// <summary>Whether a sign goes from one place to the next one named.</summary>
    public static bool IsOfTwoPlaces(Sign sign) => sign is Sign.Compare or Sign.Ball or Sign.Together or Sign.Apart;

    /// <summary>Draws a sign of two places.</summary>
    public void Draw(Sign sign, SignPlace one, SignPlace other)
    {
        if (sign == Sign.Compare)
            Compared(one, other);
        else if (sign == Sign.Ball)
            Ball(one, other);
        else
            OpposedArrows(one, other, sign == Sign.Apart);
    }

    /// <summary>A beach ball between two places, outline and seams: it is only thought of.</summary>
    private void Ball(SignPlace one, SignPlace other)
    {
        const int steps = 36;
        const float halfWidth = 4,
            seam = .42f;
        var (middle, axis) = ((one.At + other.At) / 2, (one.At - other.At) / 2);
        var across = new Vector2(-axis.Y, axis.X);
        Oval(1);
        Oval(seam);

        void Oval(float wide) =>
            pen.Ribbon(
                [
                    .. Enumerable
                        .Range(0, steps + 1)
                        .Select(i => MathF.SinCos(i * 2 * MathF.PI / steps))
                        .Select(at => middle + (axis * at.Cos) + (across * (at.Sin * wide))),
                ],
                _ => halfWidth
            );
    }

    /// <summary>A ring round each of two places and two waves between them: they are compared. Smaller where they lie close.</summary>
    private void Compared(SignPlace one, SignPlace other)
    {
        const float roomForAll = 225,
            smallest = .5f;
        var size = one.Size * Math.Clamp((one.At - other.At).Length() / (roomForAll * one.Size), smallest, 1);
        Attention(one with { Size = size });
        Attention(other with { Size = size });
        Alike((one.At + other.At) / 2, size);
    }

    private void Alike(Vector2 middle, float size)
    {
        const float half = 30,
            apart = 11,
            high = 7,
            halfWidth = 5;
        const int steps = 14;
        foreach (var row in new[] { -1, 1 })
            pen.Ribbon(
                [
                    .. Enumerable
                        .Range(0, steps + 1)
                        .Select(i => (2f * i / steps) - 1)
                        .Select(t => middle + (new Vector2(t * half, (row * apart) - (high * MathF.Sin(t * MathF.PI))) * size)),
                ],
                _ => halfWidth * size
            );
    }

    /// <summary>Arrows on the line through two places, from outside to each or from each outwards.</summary>
    private void OpposedArrows(SignPlace one, SignPlace other, bool apart)
    {
        const float inner = 30,
            outer = 122;
        // Where both are seen as one point they press from right and left.
        var between = one.At - other.At;
        var way = between.Length() < 1 ? -Vector2.UnitX : between.Unit();
        Straight(one.At, way);
        Straight(other.At, -way);

        void Straight(Vector2 at, Vector2 outwards)
        {
            var (near, far) = (at + (outwards * inner), at + (outwards * outer));
            Arrow.Straight(pen, apart ? near : far, apart ? far : near, one.Size);
        }
    }
}
