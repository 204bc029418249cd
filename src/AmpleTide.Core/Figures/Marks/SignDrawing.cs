using System.Numerics;
using AmpleTide.Core.Catalogue;

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
        else
        {
            Wave(place, FarOfBreath, NearOfBreath, -apart);
            Wave(place, NearOfBreath, FarOfBreath, apart);
        }
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
            [.. Enumerable.Range(0, steps + 1).Select(i => place.Around(radius, start - ((steps - i) * ((2 * MathF.PI) - gap) / steps)))]
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

    /// <summary>An arrow out of the body or into it; four of them where that is towards the eye.</summary>
    public void Arrows(SignPlace place, bool outwards)
    {
        const float inner = 20,
            outer = 112,
            across = 62;
        void Straight(Vector2 near, Vector2 far) => Arrow.Straight(pen, outwards ? near : far, outwards ? far : near);
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
