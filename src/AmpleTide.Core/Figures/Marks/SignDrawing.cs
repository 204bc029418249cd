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

/// <summary>
/// Draws signs: what goes on at a place of the body that its shape does not show. Signs of breath and of two places are in parts of their
/// own. All measures by eye, no source.
/// </summary>
internal sealed partial class SignDrawing(MarkPen pen)
{
    /// <summary>Draws a sign of one place.</summary>
    /// <param name="sign">Which; what needs more than its place has a method of its own.</param>
    /// <param name="place">Where.</param>
    /// <param name="breath">How the phase breathes.</param>
    public void Draw(Sign sign, SignPlace place, Breath breath)
    {
        switch (sign)
        {
            case Sign.Attend:
                Attention(place);
                break;
            case Sign.Breath or Sign.Sips:
                Stream(place, breath);
                break;
            case Sign.Straw:
                Straw(place, breath);
                break;
            case Sign.Sound:
                Notes(place);
                break;
            case Sign.Whisper:
                Waves(place);
                break;
            case Sign.Shake:
                Bows(place);
                break;
            case Sign.Circle:
                Ring(place);
                break;
            case Sign.Tap:
                Taps(place);
                break;
            case Sign.Fast:
                Dashes(place);
                break;
            case Sign.Even or Sign.Longer:
                Bars(place, sign == Sign.Even ? 1 : 2);
                break;
            case Sign.ThreeTimes:
                ThreeTimes(place);
                break;
            case Sign.Outwards or Sign.Inwards:
                Arrows(place, sign == Sign.Outwards);
                break;
            default:
                throw new ArgumentOutOfRangeException(nameof(sign), sign, "needs more than a place");
        }
    }

    /// <summary>A dotted ring: the attention rests there.</summary>
    private void Attention(SignPlace place)
    {
        const int dots = 11;
        const float radius = 46,
            dot = 7;
        for (var i = 0; i < dots; i++)
            pen.Dot(place.Around(radius, i * 2 * MathF.PI / dots), dot * place.Size);
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
    private void Notes(SignPlace place)
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
    private void Waves(SignPlace place)
    {
        const float spread = .6f,
            nearest = 52,
            apart = 34,
            halfWidth = 5;
        const int bows = 3;
        var towards = MathF.Atan2(place.Out.Y, place.Out.X);
        for (var bow = 0; bow < bows; bow++)
            Bow(place, nearest + (apart * bow), towards, spread, halfWidth * place.Size);
    }

    /// <summary>Bows on both sides: it is shaken.</summary>
    private void Bows(SignPlace place)
    {
        const float spread = .62f,
            inner = 46,
            apart = 24,
            halfWidth = 4.5f;
        for (var bow = 0; bow < 4; bow++)
            Bow(place, inner + (apart * (bow % 2)), MathF.PI * (bow / 2), spread, halfWidth);
    }

    // A part of a ring round a place, as far to both sides of a direction.
    private void Bow(SignPlace place, float radius, float towards, float spread, float halfWidth)
    {
        const int steps = 8;
        pen.Ribbon(
            [.. Enumerable.Range(0, steps + 1).Select(i => place.Around(radius, towards + (spread * ((2f * i / steps) - 1))))],
            _ => halfWidth
        );
    }

    /// <summary>A ring with a head: it goes round.</summary>
    private void Ring(SignPlace place)
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

    /// <summary>An arrow to a place and back, and rays beside it where it lands: it is tapped.</summary>
    private void Taps(SignPlace place)
    {
        const float lands = 14,
            rebounds = 128,
            inner = 30,
            outer = 66,
            halfWidth = 5;
        ReadOnlySpan<float> rays = [-1.35f, -.72f, .72f, 1.35f];
        var towards = MathF.Atan2(place.Out.Y, place.Out.X);
        foreach (var ray in rays)
            pen.Ribbon([place.Around(inner, towards + ray), place.Around(outer, towards + ray)], t => halfWidth - (2 * t));
        Arrow.Along(pen, [place.Off(rebounds * place.Size), place.Off(lands * place.Size)], bothWays: true, size: .8f * place.Size);
    }

    /// <summary>Dashes outside a place, side by side: it goes fast.</summary>
    private void Dashes(SignPlace place)
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

    /// <summary>3×.</summary>
    private void ThreeTimes(SignPlace place)
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

    /// <summary>An arrow out of the body or into it; four of them where that is towards the eye.</summary>
    private void Arrows(SignPlace place, bool outwards)
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
}
