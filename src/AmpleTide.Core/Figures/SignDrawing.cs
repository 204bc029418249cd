using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

/// <summary>A place on the body as seen, in thousandths of a stature, and the way out of the body from there (of length 1).</summary>
/// <param name="X">To the right.</param>
/// <param name="Y">Down.</param>
/// <param name="OutX">Outwards, to the right.</param>
/// <param name="OutY">Outwards, down.</param>
/// <param name="FacesTheEye">Whether outwards is towards the eye rather than along the picture.</param>
/// <param name="Size">How large rings, bows and rays are: less where the picture is close.</param>
internal readonly record struct SignPlace(double X, double Y, double OutX, double OutY, bool FacesTheEye, double Size)
{
    /// <summary>A place so far outwards and so far beside that.</summary>
    public (double X, double Y) Off(double outwards, double beside = 0) =>
        (X + (OutX * outwards) - (OutY * beside), Y + (OutY * outwards) + (OutX * beside));
}

/// <summary>Draws signs: what goes on at a place of the body that its shape does not show. All measures by eye, no source.</summary>
internal static class SignDrawing
{
    /// <summary>A dotted ring: the attention rests there.</summary>
    public static IEnumerable<FigurePart> Dotted(SignPlace place)
    {
        const int dots = 11;
        const double radius = 46;
        const double dot = 7;
        var ring =
            from i in Enumerable.Range(0, dots)
            let at = Around(place, radius, i * 2 * Math.PI / dots)
            select Dot(at, Whole(dot * place.Size));
        yield return new(Tone.Mark, [.. ring], []);
    }

    /// <summary>
    /// A stream of air: towards the body on the in-breath, away from it on the out-breath, both ways when breath only comes and goes.
    /// </summary>
    public static IEnumerable<FigurePart> Stream(SignPlace place, Breath breath)
    {
        const double apart = 26;
        return breath switch
        {
            Breath.In => [Wave(place, FarOfBreath, NearOfBreath, 0)],
            Breath.Out => [Wave(place, NearOfBreath, FarOfBreath, 0)],
            _ => [Wave(place, FarOfBreath, NearOfBreath, -apart), Wave(place, NearOfBreath, FarOfBreath, apart)],
        };
    }

    private const double NearOfBreath = 26,
        FarOfBreath = 150;

    /// <summary>Heads of arrows in a row: so many sips of breath have come in.</summary>
    public static IEnumerable<FigurePart> Sips(SignPlace place, int sips)
    {
        const double sip = 44;
        return Enumerable
            .Range(0, sips)
            .Select(i => new FigurePart(
                Tone.Mark,
                [],
                [Arrow.Head([place.Off(NearOfBreath + (i * sip)), place.Off(FarOfBreath + (i * sip))])]
            ));
    }

    // An arrow that waves as air does; straight where its head is.
    private static FigurePart Wave(SignPlace place, double from, double to, double beside)
    {
        const int steps = 24;
        const double height = 9,
            waves = 2;
        return Arrow.Along([
            .. Enumerable
                .Range(0, steps + 1)
                .Select(i =>
                {
                    var along = i / (double)steps;
                    return place.Off(to + ((from - to) * along), beside + (height * along * Math.Sin(along * waves * 2 * Math.PI)));
                }),
        ]);
    }

    /// <summary>Two notes: a sound.</summary>
    public static IEnumerable<FigurePart> Notes(SignPlace place)
    {
        yield return Note(place.Off(104), 1);
        yield return Note(place.Off(164, 34), 0.8);
    }

    private static FigurePart Note((double X, double Y) at, double size)
    {
        Capsule Line(double x1, double y1, double x2, double y2, double r) =>
            new(
                Whole(at.X + (x1 * size)),
                Whole(at.Y + (y1 * size)),
                Whole(r * size),
                Whole(at.X + (x2 * size)),
                Whole(at.Y + (y2 * size)),
                Whole(r * size)
            );
        return new(Tone.Mark, [Line(-7, 4, 7, -3, 14), Line(17, -4, 17, -66, 4), Line(17, -66, 38, -44, 5)], []);
    }

    /// <summary>Bows on both sides: it is shaken.</summary>
    public static IEnumerable<FigurePart> Bows(SignPlace place)
    {
        const double spread = 0.62;
        const int steps = 6,
            halfWidth = 4;
        const double inner = 46,
            apart = 24;
        var bows =
            from bow in Enumerable.Range(0, 4)
            let radius = inner + (apart * (bow % 2))
            let middle = Math.PI * (bow / 2)
            from step in Enumerable.Range(0, steps)
            let a = Around(place, radius, middle + (spread * ((2.0 * step / steps) - 1)))
            let b = Around(place, radius, middle + (spread * ((2.0 * (step + 1) / steps) - 1)))
            select new Capsule(Whole(a.X), Whole(a.Y), halfWidth, Whole(b.X), Whole(b.Y), halfWidth);
        yield return new(Tone.Mark, [.. bows], []);
    }

    /// <summary>A ring with a head: it goes round.</summary>
    public static FigurePart Ring(SignPlace place)
    {
        const int steps = 24;
        const double radius = 64,
            gap = 1.1,
            start = -Math.PI / 2;
        return Arrow.Along([
            .. Enumerable.Range(0, steps + 1).Select(i => Around(place, radius, start - (i * ((2 * Math.PI) - gap) / steps))),
        ]);
    }

    /// <summary>Rays: it is tapped.</summary>
    public static IEnumerable<FigurePart> Rays(SignPlace place)
    {
        const int rays = 9,
            halfWidth = 5;
        const double inner = 30,
            outer = 58;
        var all =
            from i in Enumerable.Range(0, rays)
            let angle = (i + 0.25) * 2 * Math.PI / rays
            let a = Around(place, inner, angle)
            let b = Around(place, outer, angle)
            select new Capsule(Whole(a.X), Whole(a.Y), halfWidth, Whole(b.X), Whole(b.Y), halfWidth - 2);
        yield return new(Tone.Mark, [.. all], []);
    }

    /// <summary>An arrow out of the body or into it; four of them where that is towards the eye.</summary>
    public static IEnumerable<FigurePart> Arrows(SignPlace place, bool outwards)
    {
        const double inner = 20,
            outer = 112;
        var ends = place.FacesTheEye
            ? Enumerable
                .Range(0, 4)
                .Select(i => (Near: Around(place, inner, (i + 0.5) * Math.PI / 2), Far: Around(place, inner + 62, (i + 0.5) * Math.PI / 2)))
            : [(place.Off(inner), place.Off(outer))];
        return ends.Select(e => outwards ? Arrow.Straight(e.Near, e.Far) : Arrow.Straight(e.Far, e.Near));
    }

    private static (double X, double Y) Around(SignPlace place, double radius, double angle) =>
        (place.X + (radius * place.Size * Math.Cos(angle)), place.Y + (radius * place.Size * Math.Sin(angle)));

    private static Capsule Dot((double X, double Y) at, int radius) =>
        new(Whole(at.X), Whole(at.Y), radius, Whole(at.X), Whole(at.Y), radius);

    private static int Whole(double thousandths) => (int)Math.Round(thousandths);
}
