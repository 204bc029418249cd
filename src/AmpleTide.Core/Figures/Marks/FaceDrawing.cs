using System.Numerics;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Raster;
using AmpleTide.Core.Figures.Surface;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>
/// Eyes, brows, nose and mouth, on the surface of the head, as far as they are seen. Measures in statures, by eye, no source.
/// </summary>
internal sealed class FaceDrawing(Pose pose, Expression face, Camera camera, Canvas canvas)
{
    private const float C = Pose.HeadCentre,
        EyeApart = .0185f,
        EyeHeight = .004f,
        HalfEye = .0085f,
        MouthHeight = -.033f,
        HalfMouth = .0125f;

    private readonly PathWriter lines = Writer(),
        dots = Writer(),
        nose = Writer(),
        brows = Writer(),
        mouth = Writer(),
        tongue = Writer();

    private static PathWriter Writer() => new(1, Vector2.Zero);

    public IEnumerable<FigurePath> Draw()
    {
        foreach (var side in new[] { -1f, 1f })
            Eye(side);
        Mouth();
        Tongue();
        Nose();
        return new[]
        {
            mouth.As(Tone.Mouth),
            tongue.As(Tone.Tongue),
            lines.As(Tone.Face),
            nose.As(Tone.Nose),
            brows.As(Tone.Brow),
            dots.As(Tone.Eye),
        }.OfType<FigurePath>();
    }

    private void Eye(float side)
    {
        var e = side * EyeApart;
        const float brow = .0180f,
            outerBrow = .0160f,
            high = .0195f;
        Line(
            brows,
            t =>
                Surface(
                    e + (t * .0095f),
                    EyeHeight + (t * side > 0 ? float.Lerp(high, outerBrow, t * side) : float.Lerp(high, brow, -t * side))
                )
        );
        if (face.Squeeze > .5f)
        {
            foreach (var slope in new[] { -1f, 1f })
                Line(lines, t => Surface(e + (t * .007f), EyeHeight + .0015f + (t * slope * .0035f * side)));
            return;
        }
        // The upper lid: an arch when open, sagging when shut.
        var lid = float.Lerp(-.0034f, .0052f, MathF.Min(face.Lids, 1.6f));
        Line(lines, t => Surface(e + (t * HalfEye), EyeHeight + .001f + (lid * (1 - (t * t)))));
        if (face.Lids > 1.2f)
            Line(lines, t => Surface(e + (t * HalfEye), EyeHeight + .001f - (.0045f * (1 - (t * t)))));
        var pupil = Surface(e, EyeHeight + .0012f);
        if (face.Lids > .4f && IsSeen(pupil))
        {
            var at = Place(pupil);
            dots.Add([at, at], close: false);
        }
    }

    private void Mouth()
    {
        if (face.Mouth < .15f)
        {
            var sag = face.Squeeze > .5f ? .001f : -.0045f;
            Line(lines, t => Surface(face.JawShift + (t * HalfMouth), MouthHeight + .0015f + (sag * (1 - (t * t)))));
            return;
        }
        const int points = 12;
        var (wide, tall) = (float.Lerp(.0085f, .0055f, face.Round), .0125f * face.Mouth);
        Span<Vector2> outline = stackalloc Vector2[points];
        for (var i = 0; i < points; i++)
        {
            var (sin, cos) = MathF.SinCos(i * 2 * MathF.PI / points);
            var at = Surface(face.JawShift + (wide * cos), MouthHeight - .002f + (tall * sin));
            if (!IsSeen(at))
                return;
            outline[i] = Place(at);
        }
        mouth.Add(outline, close: true);
    }

    // Down over the lower lip to the chin, round at its end.
    private void Tongue()
    {
        if (face.Tongue < .15f)
            return;
        const int points = 16;
        const float wide = .0062f,
            root = MouthHeight - .006f,
            tip = MouthHeight - .0275f;
        Span<Vector2> outline = stackalloc Vector2[points];
        for (var i = 0; i < points; i++)
        {
            var (sin, cos) = MathF.SinCos(i * 2 * MathF.PI / points);
            var at = Surface(wide * cos, sin > 0 ? root + (.004f * sin) : float.Lerp(root, tip, -sin * face.Tongue));
            if (!IsSeen(at))
                return;
            outline[i] = Place(at);
        }
        tongue.Add(outline, close: true);
    }

    // Its shadow side and the wing; where it would lie close to the mouth it reads as a moustache.
    private void Nose()
    {
        const float apart = .0125f;
        var head = pose.Head;
        if (face.Mouth < .15f && (Place(head.At(0, C - .0195f, .0585f)) - Place(Surface(0, MouthHeight - .003f))).Length() < apart * 1000)
            return;
        Line(nose, t => head.At(t * .0065f, C - .0150f - (.0050f * (1 - (t * t))), .0545f + (.0042f * (1 - (t * t)))));
    }

    // The front of the head at a place across and above its middle.
    private Vector3 Surface(float x, float y)
    {
        float Front(float z, float deep, float wide, float tall, float up)
        {
            float u = x / wide,
                v = (y - up) / tall;
            return z + (deep * MathF.Sqrt(MathF.Max(0, 1 - (u * u) - (v * v))));
        }
        // Face, forehead and jaw.
        var front = MathF.Max(
            Front(.031f, .015f, .020f, .0155f, -.046f),
            MathF.Max(Front(.010f, .041f, .0385f, .047f, -.012f), Front(-.007f, .0565f, .0475f, .0515f, .011f))
        );
        return pose.Head.At(x, C + y, front + .001f);
    }

    private bool IsSeen(Vector3 point)
    {
        const float slack = .006f;
        var at = camera.At(point);
        var (x, y) = ((int)MathF.Floor(at.X) - canvas.Left, (int)MathF.Floor(at.Y) - canvas.Top);
        if (x < 0 || y < 0 || x >= canvas.Width || y >= canvas.Height)
            return false;
        var i = (y * canvas.Width) + x;
        return canvas.Depth[i] <= at.Z + (slack * camera.Scale) && canvas.PartAt(i) is Part.Head or Part.Hair;
    }

    private Vector2 Place(Vector3 point)
    {
        var at = camera.At(point) * (1000 / camera.Scale);
        return new(at.X, at.Y);
    }

    // The longest seen stretch of a line, t from −1 to 1.
    private void Line(PathWriter to, Func<float, Vector3> at)
    {
        const int steps = 8,
            fewest = 3;
        Span<Vector2> run = stackalloc Vector2[steps + 1];
        var (count, best) = (0, (From: 0, Count: 0));
        for (var i = 0; i <= steps; i++)
        {
            var point = at(((2f * i) / steps) - 1);
            run[i] = Place(point);
            count = IsSeen(point) ? count + 1 : 0;
            if (count > best.Count)
                best = (i - count + 1, count);
        }
        if (best.Count < fewest)
            return;
        var curves = new List<Cubic>();
        CurveFit.Add(run.Slice(best.From, best.Count), default, default, curves);
        to.Add(curves, close: false);
    }
}
