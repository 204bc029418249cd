using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

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

    /// <summary>The picture of a move: its pictured phase, after others where one moment does not tell the move.</summary>
    /// <param name="form">The move as it is taken.</param>
    public static Figure Picture(MoveForm form) =>
        form.Drawn.Earlier is { Count: > 0 } earlier ? Moments(form, [.. earlier, form.Move.Picture]) : Picture(form, form.Move.Picture);

    /// <summary>
    /// The picture of a phase of a move: its end, with what stands by, arrows for what moves and signs for what no shape shows.
    /// </summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="phase">The phase (from 0) whose end is drawn.</param>
    public static Figure Picture(MoveForm form, int phase)
    {
        var drawing = Of(form, phase);
        var closeUp = form.Drawn.CloseUp;
        // Hands and feet stand for themselves; a trunk cut off beside them would be in the way.
        IEnumerable<FigurePart> seen =
            closeUp?.IsBust() == false ? Half(form, phase).Parts : [.. drawing.Scene(form), .. drawing.Still(form, phase)];
        List<FigurePart> parts = [.. seen, .. MotionArrows.Into(form, phase, drawing.Project)];
        return new(parts, drawing.Seen(parts, closeUp));
    }

    private static FigureDrawing Of(MoveForm form, int phase) =>
        new(form.Phases[phase].Shape, form.View, null, form.Phases[phase].Phase.Look);

    private IEnumerable<FigurePart> Still(MoveForm form, int phase, CloseUp? closeUp = null) =>
        [.. Body(closeUp), .. Straps(form.Drawn), .. SignsOf(form.Drawn, form.Move, phase)];

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
        var drawn = mirrored ? form.Drawn.Mirror() : form.Drawn;
        List<FigurePart> parts =
        [
            .. drawing.Scene(form, mirrored),
            .. drawing.Body(),
            .. drawing.Straps(drawn),
            .. drawing.SignsOf(drawn, form.Move, phase),
        ];
        return new(parts, drawing.Seen(parts, drawn.CloseUp));
    }

    // The mat and the props: those the body rests on, those of the position that it has left for a while, and those that only stand by.
    private IEnumerable<FigurePart> Scene(MoveForm form, bool mirrored = false)
    {
        Shape Seen(Shape of) => mirrored ? of.Mirror() : of;
        yield return Mat();
        var rest = Seen(form.Position.Base);
        var left = rest.Contacts.Where(c => c.On != Support.Floor && !shape.Contacts.Any(now => now.On == c.On)).ToList();
        foreach (var part in PropDrawing.Draw(left, rest.Skeleton(), Project))
            yield return part;
        foreach (var part in Standing(form, mirrored))
            yield return part;
        foreach (var part in PropDrawing.Draw(shape.Contacts, body, Project))
            yield return part;
    }

    // What only stands by, where the pictured phase puts it.
    private IEnumerable<FigurePart> Standing(MoveForm form, bool mirrored = false)
    {
        var pictured = form.Phases[form.Move.Picture].Shape;
        var (drawn, shape) = mirrored ? (form.Drawn.Mirror(), pictured.Mirror()) : (form.Drawn, pictured);
        return PropDrawing.Standing(drawn.Stands, shape.Skeleton(), Project);
    }

    // A point of the room on the picture: x right, y down, and how near it is.
    private (double X, double Y, double Near) Project(Vector point)
    {
        var seen = view * (point - centre);
        return (seen.X, -seen.Y, seen.Z);
    }

    private static double Square(double x) => x * x;

    private bool IsWithin(int[]? box, Vector point)
    {
        if (box is null)
            return true;
        var (x, y, _) = Project(point);
        return Whole(x) >= box[0] && Whole(x) <= box[2] && Whole(y) >= box[1] && Whole(y) <= box[3];
    }

    private FigurePart Mat(int[]? within = null)
    {
        var points = shape.Contacts.Select(c => c.Mark.On(body)).Where(p => IsWithin(within, p)).ToList();
        const double margin = 0.10;
        var (left, right) = (points.Min(p => p.X) - margin, points.Max(p => p.X) + margin);
        var (back, front) = (points.Min(p => p.Z) - margin, points.Max(p => p.Z) + margin);
        var corners = new[] { new Vector(left, 0, back), new(right, 0, back), new(right, 0, front), new(left, 0, front) };
        return new(
            Tone.Mat,
            [],
            [
                [.. corners.SelectMany(c => Rounded(Project(c)))],
            ]
        );
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
