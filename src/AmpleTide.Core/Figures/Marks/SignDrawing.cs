using System.Numerics;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>A place on the body as seen, in thousandths of a stature, and the way out of the body from there (of length 1).</summary>
/// <param name="At">The place.</param>
/// <param name="Out">Outwards.</param>
/// <param name="FacesTheEye">Whether outwards is towards the eye rather than along the picture.</param>
/// <param name="Size">How large rings, bows and rays are: less where the picture is close.</param>
internal readonly record struct SignPlace(Vector2 At, Vector2 Out, bool FacesTheEye, float Size)
{
    /// <summary>A place so far outwards and so far beside that.</summary>
    public Vector2 Off(float outwards, float beside = 0) => At + (Out * outwards) + (new Vector2(-Out.Y, Out.X) * beside);

    /// <summary>A place on a ring round it.</summary>
    public Vector2 Around(float radius, float angle) => At + (new Vector2(MathF.Cos(angle), MathF.Sin(angle)) * (radius * Size));
}

/// <summary>Draws signs: what goes on at a place of the body that its shape does not show. All measures by eye, no source.</summary>
internal sealed class SignDrawing(MarkPen pen)
{
    private const float NearOfBreath = 26,
        FarOfBreath = 150;

    /// <summary>A dotted ring: the attention rests there.</summary>
    public void Attention(SignPlace place)
    {
        const int dots = 11;
        const float radius = 46,
            dot = 7;
        for (var i = 0; i < dots; i++)
            pen.Dot(place.Around(radius, i * 2 * MathF.PI / dots), dot * place.Size);
    }

    /// <summary>
    /// A stream of air: towards the body on the in-breath, away from it on the out-breath, both ways when breath only comes and goes.
    /// </summary>
    public void Stream(SignPlace place, Breath breath)
    {
        const float apart = 26;
        if (breath is Breath.In)
            Wave(place, FarOfBreath, NearOfBreath, 0);
        else if (breath is Breath.Out)
            Wave(place, NearOfBreath, FarOfBreath, 0);
        else if (breath is Breath.HoldIn or Breath.HoldOut)
            Rest(place);
        else
        {
            Wave(place, FarOfBreath, NearOfBreath, -apart);
            Wave(place, NearOfBreath, FarOfBreath, apart);
        }
    }

    // Two upright bars: no breath moves.
    private void Rest(SignPlace place)
    {
        const float half = 26,
            apart = 15,
            halfWidth = 8;
        var at = place.Off((NearOfBreath + FarOfBreath) / 2);
        foreach (var side in new[] { -apart, apart })
            pen.Ribbon(
                [at + (new Vector2(side, -half) * place.Size), at + (new Vector2(side, half) * place.Size)],
                _ => halfWidth * place.Size
            );
    }

    /// <summary>Heads of arrows in a row: so many sips of breath have come in.</summary>
    public void Sips(SignPlace place, int sips)
    {
        const float sip = 46;
        for (var i = 0; i < sips; i++)
            Arrow.Head(pen, place.Off(NearOfBreath + (i * sip)), -place.Out);
    }

    // An arrow that waves as air does; straight where its head is.
    private void Wave(SignPlace place, float from, float to, float beside)
    {
        const int steps = 24;
        const float height = 9,
            waves = 2;
        Vector2 At(int i)
        {
            var along = i / (float)steps;
            return place.Off(float.Lerp(from, to, along), beside + (height * (1 - along) * MathF.Sin((1 - along) * waves * 2 * MathF.PI)));
        }
        Arrow.Along(pen, [.. Enumerable.Range(0, steps + 1).Select(At)], size: .9f);
    }

    /// <summary>A dotted line with a head: so the eyes look.</summary>
    public void Gaze(Vector2 eyes, Vector2 watched)
    {
        const float apart = 20,
            dot = 5,
            begins = 44,
            ends = 20;
        var (length, way) = ((watched - eyes).Length(), Tracing.Directions.Unit(watched - eyes));
        for (var at = begins; at < length - ends - apart; at += apart)
            pen.Dot(eyes + (way * at), dot);
        Arrow.Head(pen, eyes + (way * MathF.Max(begins + ends, length - ends)), way, .7f);
    }

    /// <summary>Two notes: a sound.</summary>
    public void Notes(SignPlace place)
    {
        Note(place.Off(104), 1);
        Note(place.Off(164, 34), .8f);
    }

    private void Note(Vector2 at, float size)
    {
        void Line(float x1, float y1, float x2, float y2, float r) =>
            pen.Ribbon([at + (new Vector2(x1, y1) * size), at + (new Vector2(x2, y2) * size)], _ => r * size);
        Line(-7, 4, 7, -3, 14);
        Line(17, -4, 17, -66, 4);
        Line(17, -66, 38, -44, 5);
    }

    /// <summary>Bows that widen away from a place: a whisper.</summary>
    public void Waves(SignPlace place)
    {
        const float spread = .6f,
            nearest = 52,
            apart = 34,
            halfWidth = 5;
        const int bows = 3,
            steps = 8;
        var towards = MathF.Atan2(place.Out.Y, place.Out.X);
        for (var bow = 0; bow < bows; bow++)
            pen.Ribbon(
                [
                    .. Enumerable
                        .Range(0, steps + 1)
                        .Select(i => place.Around(nearest + (apart * bow), towards + (spread * ((2f * i / steps) - 1)))),
                ],
                _ => halfWidth * place.Size
            );
    }

    /// <summary>Bows on both sides: it is shaken.</summary>
    public void Bows(SignPlace place)
    {
        const float spread = .62f,
            inner = 46,
            apart = 24,
            halfWidth = 4.5f;
        const int steps = 8;
        for (var bow = 0; bow < 4; bow++)
        {
            var (radius, middle) = (inner + (apart * (bow % 2)), MathF.PI * (bow / 2));
            pen.Ribbon(
                [.. Enumerable.Range(0, steps + 1).Select(i => place.Around(radius, middle + (spread * ((2f * i / steps) - 1))))],
                _ => halfWidth
            );
        }
    }

    /// <summary>A ring with a head: it goes round.</summary>
    public void Ring(SignPlace place)
    {
        const int steps = 28;
        const float radius = 64,
            gap = 1.1f,
            start = -MathF.PI / 2;
        Arrow.Along(
            pen,
            [.. Enumerable.Range(0, steps + 1).Select(i => place.Around(radius, start - ((steps - i) * ((2 * MathF.PI) - gap) / steps)))],
            size: place.Size
        );
    }

    /// <summary>An arrow with two heads round a limb, open behind: it turns about its length.</summary>
    /// <param name="place">Where on the limb.</param>
    /// <param name="along">Which way the limb is seen to lie, of length 1.</param>
    public void Turn(SignPlace place, Vector2 along)
    {
        const int steps = 20;
        const float across = 84,
            deep = 40,
            open = .6f;
        var side = new Vector2(-along.Y, along.X);
        Vector2 At(int i)
        {
            var (sin, cos) = MathF.SinCos(open + (i * ((2 * MathF.PI) - (2 * open)) / steps) - (MathF.PI / 2));
            return place.At + (((side * (cos * across)) + (along * (sin * deep))) * place.Size);
        }
        Arrow.Along(pen, [.. Enumerable.Range(0, steps + 1).Select(At)], bothWays: true, size: place.Size);
    }

    /// <summary>A straw from the lips, and the air that leaves it: both only thought of.</summary>
    public void Straw(SignPlace place, Breath breath)
    {
        const float near = 8,
            far = 128,
            half = 9,
            halfWidth = 4;
        foreach (var beside in new[] { -half, half })
            pen.Ribbon([place.Off(near, beside), place.Off(far, beside)], _ => halfWidth);
        if (breath is Breath.Out)
            Wave(place, far + NearOfBreath, far + FarOfBreath, 0);
    }

    /// <summary>A beach ball between two places, outline and seams: it is only thought of.</summary>
    public void Ball(SignPlace one, SignPlace other)
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

    /// <summary>Rays: it is tapped.</summary>
    public void Rays(SignPlace place)
    {
        const int rays = 9;
        const float inner = 30,
            outer = 58,
            halfWidth = 5;
        for (var i = 0; i < rays; i++)
        {
            var angle = (i + .25f) * 2 * MathF.PI / rays;
            pen.Ribbon([place.Around(inner, angle), place.Around(outer, angle)], t => halfWidth - (2 * t));
        }
    }

    /// <summary>Dashes outside a place, side by side: it goes fast.</summary>
    public void Dashes(SignPlace place)
    {
        const float near = 88,
            apart = 22,
            halfWidth = 4.5f;
        ReadOnlySpan<(float Beside, float Length)> dashes = [(-1, 52), (0, 84), (1, 52)];
        foreach (var (beside, length) in dashes)
            pen.Ribbon(
                [place.Off(near * place.Size, beside * apart), place.Off((near + length) * place.Size, beside * apart)],
                t => halfWidth * (1 - (.6f * t))
            );
    }

    /// <summary>Two bars, the upper one for the in-breath, the lower one for the out-breath.</summary>
    /// <param name="place">Beside which.</param>
    /// <param name="times">How much longer the lower one is.</param>
    public void Bars(SignPlace place, float times)
    {
        const float length = 64,
            apart = 34,
            halfWidth = 9,
            off = 210;
        var towards = place.Out.X < 0 ? -1 : 1;
        var from = place.At + (new Vector2(towards * off, -20) * place.Size);
        foreach (var (row, long_) in new[] { (0, length), (1, length * times) })
        {
            var start = from + (new Vector2(0, row * apart) * place.Size);
            pen.Ribbon([start, start + (new Vector2(towards * long_, 0) * place.Size)], _ => halfWidth * place.Size);
        }
    }

    /// <summary>3×.</summary>
    public void ThreeTimes(SignPlace place)
    {
        const float halfWidth = 6.5f,
            off = 200;
        var at = place.At + (new Vector2(place.Out.X < 0 ? -off : off, -70) * place.Size);
        Vector2 On(float x, float y) => at + (new Vector2(x, y) * place.Size);
        void Line(params Vector2[] points) => pen.Ribbon(points, _ => halfWidth * place.Size);
        Line([.. Bow(-26, 20)]);
        Line([.. Bow(26, 23)]);
        Line(On(52, 4), On(92, 48));
        Line(On(92, 4), On(52, 48));

        // A half of the figure three, open to the left.
        IEnumerable<Vector2> Bow(float middle, float radius)
        {
            const int steps = 10;
            for (var i = 0; i <= steps; i++)
            {
                var angle = float.Lerp(-2.3f, 2.3f, i / (float)steps);
                // The upper bow ends in the waist, the lower one begins there.
                if ((middle < 0 && angle > 1.6f) || (middle > 0 && angle < -1.6f))
                    continue;
                yield return On(radius * MathF.Cos(angle), middle + (26 * MathF.Sin(angle)));
            }
        }
    }

    /// <summary>A ring round each of two places and two waves between them: they are compared. Smaller where they lie close.</summary>
    public void Compared(SignPlace one, SignPlace other)
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

    /// <summary>An arrow out of the body or into it; four of them where that is towards the eye.</summary>
    public void Arrows(SignPlace place, bool outwards)
    {
        const float inner = 20,
            outer = 112,
            across = 62;
        void Straight(Vector2 near, Vector2 far) => Arrow.Straight(pen, outwards ? near : far, outwards ? far : near, place.Size);
        if (!place.FacesTheEye)
            Straight(place.Off(inner), place.Off(outer));
        else
            for (var i = 0; i < 4; i++)
            {
                var angle = (i + .5f) * MathF.PI / 2;
                Straight(place.Around(inner, angle), place.Around(inner + across, angle));
            }
    }

    /// <summary>Arrows on the line through two places, from outside to each or from each outwards.</summary>
    public void OpposedArrows(SignPlace one, SignPlace other, bool apart)
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
