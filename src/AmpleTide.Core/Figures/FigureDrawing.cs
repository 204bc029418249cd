using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Figures;

/// <summary>Draws a placed shape: limbs as tapered capsules, the trunk as slices along the curve of the spine, far parts first.</summary>
public sealed partial class FigureDrawing
{
    private const double Scale = 1000;

    private readonly Shape shape;
    private readonly Look look;
    private readonly Skeleton body;
    private readonly Rotation view;
    private readonly Vector centre;
    private readonly List<Slice> slices;

    private FigureDrawing(Shape shape, Viewpoint viewpoint, Vector? from, Look? look = null)
    {
        this.shape = shape;
        this.look = look ?? Look.Calm;
        body = shape.Skeleton();
        view = viewpoint.Turn;
        centre = from ?? CentreOf(shape);
        slices = [.. Slices()];
    }

    /// <summary>The spot on the floor that a picture of a shape is centred on.</summary>
    public static Vector CentreOf(Shape shape)
    {
        var body = shape.Skeleton();
        var feet = body[Segment.RightFoot].Origin.Towards(body[Segment.LeftFoot].Origin, 0.5);
        return feet.Towards(body[Segment.Head].Origin, 0.5).Towards(shape.Pelvis, 0.4) with { Y = 0 };
    }

    /// <summary>Draws a shape as seen from a viewpoint.</summary>
    /// <param name="shape">A placed shape.</param>
    /// <param name="viewpoint">From where it is seen.</param>
    /// <param name="centre">The spot the picture is centred on, or null for the middle of the body.</param>
    public static Figure Draw(Shape shape, Viewpoint viewpoint, Vector? centre = null)
    {
        var drawing = new FigureDrawing(shape, viewpoint, centre);
        List<FigurePart> parts = [drawing.Mat(), .. PropDrawing.Draw(shape.Contacts, drawing.body, drawing.Project), .. drawing.Body()];
        return new(parts, AllOf(parts));
    }

    /// <summary>The picture of a move: its pictured phase, with the one before it beside it where one moment does not tell the move.</summary>
    /// <param name="form">The move as it is taken.</param>
    public static Figure Picture(MoveForm form) =>
        form.Move.Drawn.Before is { } before ? TwoMoments(form, before, form.Move.Picture) : Picture(form, form.Move.Picture);

    /// <summary>
    /// The picture of a phase of a move: its end, with what stands by, arrows for what moves and signs for what no shape shows.
    /// </summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="phase">The phase (from 0) whose end is drawn.</param>
    public static Figure Picture(MoveForm form, int phase)
    {
        var drawing = Of(form, phase);
        List<FigurePart> parts = [.. drawing.Scene(form), .. drawing.Still(form, phase), .. MotionArrows.Into(form, phase, drawing.Project)];
        return new(parts, drawing.Seen(parts, form.Move.Drawn.CloseUp));
    }

    private static FigureDrawing Of(MoveForm form, int phase) =>
        new(form.Phases[phase].Shape, form.Move.View ?? form.Position.View, null, form.Phases[phase].Phase.Look);

    private IEnumerable<FigurePart> Still(MoveForm form, int phase, int[]? within = null) =>
        [.. Body(within), .. Straps(form.Move.Drawn), .. SignsOf(form.Move.Drawn, form.Move, phase)];

    /// <summary>One moment of a move in motion.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="phase">The phase (from 0) it belongs to.</param>
    /// <param name="shape">The shape at that moment, on the side that is done.</param>
    /// <param name="viewpoint">From where it is seen.</param>
    /// <param name="centre">The spot the picture is centred on.</param>
    /// <param name="mirrored">Whether the left side is done.</param>
    public static Figure Moment(MoveForm form, int phase, Shape shape, Viewpoint viewpoint, Vector centre, bool mirrored)
    {
        var drawing = new FigureDrawing(shape, viewpoint, centre, form.Phases[phase].Phase.Look);
        var drawn = mirrored ? form.Move.Drawn.Mirror() : form.Move.Drawn;
        List<FigurePart> parts = [.. drawing.Scene(form, mirrored), .. drawing.Body(), .. drawing.Straps(drawn), .. drawing.SignsOf(drawn, form.Move, phase)];
        return new(parts, drawing.Seen(parts, drawn.CloseUp));
    }

    // The mat and the props: those the body rests on, those of the position that it has left for a while, and those that only stand by.
    private IEnumerable<FigurePart> Scene(MoveForm form, bool mirrored = false)
    {
        Shape Seen(Shape of) => mirrored ? of.Mirror() : of;
        yield return Mat();
        var rest = Seen(form.Position.Base);
        var left = rest.Contacts.Where(c => c.On != Support.Floor && !shape.Contacts.Any(now => now.On == c.On)).ToList();
        var pictured = Seen(form.Phases[form.Move.Picture].Shape).Skeleton();
        foreach (var part in PropDrawing.Draw(left, rest.Skeleton(), Project)) yield return part;
        foreach (var part in PropDrawing.Standing((mirrored ? form.Move.Drawn.Mirror() : form.Move.Drawn).Stands, pictured, Project)) yield return part;
        foreach (var part in PropDrawing.Draw(shape.Contacts, body, Project)) yield return part;
    }

    // A point of the room on the picture: x right, y down, and how near it is.
    private (double X, double Y, double Near) Project(Vector point)
    {
        var seen = view * (point - centre);
        return (seen.X, -seen.Y, seen.Z);
    }

    // All of it, or the limbs whose middle is within a box only.
    private IEnumerable<FigurePart> Body(int[]? within = null)
    {
        var parts = Limbs().Where(p => within is null || p.IsWithin(within)).Append(HeadPart()).Append(NeckPart()).ToList();
        var behind = parts.Where(p => !InFrontOfTrunk(p)).OrderBy(p => p.Near);
        var before = parts.Where(InFrontOfTrunk).OrderBy(p => p.Near);
        return Merge(Gathered([.. behind, TrunkPart(), .. before]));
    }

    // Parts of one limb move next to each other in the order of drawing where nothing that lies between covers, or is covered by, those
    // that move; parts that are together already stay together.
    private static List<BodyPart> Gathered(List<BodyPart> parts)
    {
        for (var end = 0; end < parts.Count; end++)
        {
            var limb = parts[end];
            var next = parts.FindIndex(end + 1, p => limb.Limb != 0 && p.Limb == limb.Limb && p.Tone == limb.Tone);
            if (next <= end + 1) continue;
            var between = parts.GetRange(end + 1, next - end - 1);
            var start = end;
            while (start > 0 && parts[start - 1].Limb == limb.Limb) start--;
            var together = parts.GetRange(start, end - start + 1);
            if (between.TrueForAll(p => !p.Overlaps(parts[next])))
            {
                parts.Insert(end + 1, parts[next]);
                parts.RemoveAt(next + 1);
            }
            else if (between.TrueForAll(p => !together.Exists(p.Overlaps)))
            {
                parts.InsertRange(next, together);
                parts.RemoveRange(start, together.Count);
                end = start - 1;
            }
        }
        return parts;
    }

    // Neighbouring parts of one limb become one outline, so that no halo cuts an elbow or a knee.
    private static IEnumerable<FigurePart> Merge(IReadOnlyList<BodyPart> parts)
    {
        for (var i = 0; i < parts.Count;)
        {
            var j = i + 1;
            while (j < parts.Count && parts[j].Limb == parts[i].Limb && parts[i].Limb != 0 && parts[j].Tone == parts[i].Tone) j++;
            var run = parts.Skip(i).Take(j - i).ToList();
            yield return new(run[0].Tone, [.. run.SelectMany(p => p.Capsules)], [.. run.SelectMany(p => p.Outlines)]);
            foreach (var extra in run.SelectMany(p => p.Details)) yield return extra;
            i = j;
        }
    }

    private sealed record BodyPart(int Limb, Tone Tone, double X, double Y, double Near)
    {
        public bool IsWithin(int[] box) =>
            Limb is not (RightLeg or LeftLeg) && X * Scale >= box[0] && X * Scale <= box[2] && Y * Scale >= box[1] && Y * Scale <= box[3];

        public IReadOnlyList<Capsule> Capsules { get; init; } = [];

        public IReadOnlyList<int[]> Outlines { get; init; } = [];

        public IReadOnlyList<FigurePart> Details { get; init; } = [];

        /// <summary>What it covers, for telling whether another part lies over it: its capsules, unless it says otherwise.</summary>
        public IReadOnlyList<Capsule>? Covers { get; init; }

        public bool Overlaps(BodyPart other) => (Covers ?? Capsules).Any(a => (other.Covers ?? other.Capsules).Any(b => Overlap(a, b)));

        // By the circles along both: close enough for the order of drawing.
        private static bool Overlap(Capsule a, Capsule b)
        {
            const int steps = 8;
            for (var i = 0; i <= steps; i++)
            {
                for (var j = 0; j <= steps; j++)
                {
                    var (s, t) = (i / (double)steps, j / (double)steps);
                    var x = a.X1 + ((a.X2 - a.X1) * s) - b.X1 - ((b.X2 - b.X1) * t);
                    var y = a.Y1 + ((a.Y2 - a.Y1) * s) - b.Y1 - ((b.Y2 - b.Y1) * t);
                    var r = a.R1 + ((a.R2 - a.R1) * s) + b.R1 + ((b.R2 - b.R1) * t) + Halo;
                    if ((x * x) + (y * y) < r * r) return true;
                }
            }
            return false;
        }

        // The outline around each part, in thousandths of a stature.
        private const double Halo = 8;
    }

    private bool InFrontOfTrunk(BodyPart part)
    {
        var nearest = slices.MinBy(s => Square(s.X - part.X) + Square(s.Y - part.Y))!;
        return part.Near > nearest.Near;
    }

    private static double Square(double x) => x * x;

    private const int RightArm = 1, RightLeg = 2, LeftLeg = 9;

    private IEnumerable<BodyPart> Limbs()
    {
        foreach (var (offset, tone) in new[] { (0, Tone.Right), (7, Tone.Left) })
        {
            var (arm, leg) = (RightArm + offset, RightLeg + offset);
            Frame Of(Segment right) => body[right + offset];
            yield return Part(arm, tone, Of(Segment.RightUpperArm).Origin, 0.029, Of(Segment.RightForearm).Origin, 0.023);
            yield return Part(arm, tone, Of(Segment.RightForearm).Origin, 0.023, Of(Segment.RightHand).Origin, 0.0165);
            yield return HandPart(arm + 100, Of(Segment.RightHand), offset == 0 ? -1 : 1);
            yield return Part(leg, tone, Of(Segment.RightThigh).Origin, 0.050, Of(Segment.RightShank).Origin, 0.036);
            yield return Part(leg, tone, Of(Segment.RightShank).Origin, 0.036, Of(Segment.RightFoot).Origin, 0.022);
            yield return FootPart(leg, tone, Of(Segment.RightFoot), Of(Segment.RightToes));
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
            Capsules = [CapsuleOf(foot.Origin, 0.022, heel, 0.019), CapsuleOf(foot.At(0, -0.002, 0.008), 0.022, ball, 0.016), CapsuleOf(heel, 0.019, ball, 0.015), CapsuleOf(ball, 0.015, tip, 0.011)],
        };
    }

    private BodyPart TrunkPart()
    {
        var outlines = slices.Zip(slices.Skip(1), (a, b) => FigureHull.Of([.. a.Rim, .. b.Rim])).ToList();
        var shoulders = CapsuleOf(body[Segment.RightUpperArm].Origin, 0.031, body[Segment.LeftUpperArm].Origin, 0.031);
        var hips = CapsuleOf(body[Segment.RightThigh].Origin, 0.051, body[Segment.LeftThigh].Origin, 0.051);
        return new(0, Tone.Trunk, 0, 0, 0)
        {
            Capsules = [shoulders, hips], Outlines = outlines,
            Covers = [.. slices.Zip(slices.Skip(1), (a, b) => new Capsule(Whole(a.X), Whole(a.Y), Broad, Whole(b.X), Whole(b.Y), Broad)), shoulders, hips],
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
        var rim = Enumerable.Range(0, corners).Select(i =>
        {
            var (sin, cos) = Math.SinCos(i * 2 * Math.PI / corners);
            var p = Project(middle + (turn * new Vector(cos * halfWidth, 0, sin * halfDepth)));
            return (p.X, p.Y);
        });
        var at = Project(middle);
        return new(at.X, at.Y, at.Near, [.. rim]);
    }

    private FigurePart Mat()
    {
        var points = shape.Contacts.Select(c => c.Mark.On(body)).ToList();
        const double margin = 0.10;
        var (left, right) = (points.Min(p => p.X) - margin, points.Max(p => p.X) + margin);
        var (back, front) = (points.Min(p => p.Z) - margin, points.Max(p => p.Z) + margin);
        var corners = new[] { new Vector(left, 0, back), new(right, 0, back), new(right, 0, front), new(left, 0, front) };
        return new(Tone.Mat, [], [[.. corners.SelectMany(c => Rounded(Project(c)))]]);
    }

    private static int[] Rounded((double X, double Y, double Near) p) => [Whole(p.X), Whole(p.Y)];

    private ((double X, double Y) At, double Near) Middle(Vector a, Vector b)
    {
        var p = Project(a.Towards(b, 0.5));
        return ((p.X, p.Y), p.Near);
    }

    private Capsule CapsuleOf(Vector a, double ra, Vector b, double rb)
    {
        var (p, q) = (Project(a), Project(b));
        return new(Whole(p.X), Whole(p.Y), Whole(ra), Whole(q.X), Whole(q.Y), Whole(rb));
    }

    private static int Whole(double statures) => (int)Math.Round(statures * Scale);
}
