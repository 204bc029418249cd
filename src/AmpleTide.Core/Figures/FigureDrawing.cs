using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Raster;
using AmpleTide.Core.Figures.Surface;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Figures;

/// <summary>How one of several moments fits to the others.</summary>
/// <param name="Fine">Pixels to a stature.</param>
/// <param name="Bottom">Where trunks are cut off below, in thousandths; null where none is.</param>
internal sealed record Company(float Fine, int? Bottom);

/// <summary>Pictures of shapes and of moves.</summary>
public static class FigureDrawing
{
    // How finely it is drawn, in pixels to a stature.
    internal const float Fine = 520;

    // A close picture is drawn finer, so that its frame has as many pixels as that of a whole body.
    private const float FrameOfFine = 840,
        Finest = 1100;

    // How far a close picture goes on beyond its frame, as a share of its height: frames on pages are not all four by three.
    private const double Beyond = .2;

    // In thousandths of a stature, by eye.
    private const int Edge = 12,
        ShinBeside = 60;

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
        var figure = Renderer.Draw(Scene.Of(shape, Look.Calm), viewpoint, (centre ?? CentreOf(shape)).Single(), Fine);
        return figure with { Box = Framing.Round(figure.Box, onFloor: true) };
    }

    /// <summary>The picture of a move: its pictured phase, after others where one moment does not tell the move.</summary>
    /// <param name="form">The move as it is taken.</param>
    public static Figure Picture(MoveForm form) =>
        Moments.Of(form) is { Count: > 1 } phases ? Moments.Draw(form, phases) : Picture(form, form.Move.Picture);

    /// <summary>
    /// The picture of a phase of a move: its end, with what stands by, arrows for what moves and signs for what no shape shows.
    /// </summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="phase">The phase (from 0) whose end is drawn.</param>
    public static Figure Picture(MoveForm form, int phase)
    {
        var picture = Moment(form, phase, null, Scene.Of(form, phase).Mat);
        return picture with { Box = Framing.Round(picture.Box, CloseUpOf(form, phase) is null) };
    }

    /// <summary>One moment of a still picture; its box holds what is in it.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="phase">The phase whose end it is.</param>
    /// <param name="since">The phase pictured before it, if any.</param>
    /// <param name="mat">The mat under all moments.</param>
    /// <param name="beside">
    /// How it fits to others that stand beside it, or null: what is cut off is then cut close, and the first has no arrows yet.
    /// </param>
    internal static Figure Moment(MoveForm form, int phase, int? since, Mat? mat, Company? beside = null)
    {
        var shape = form.Phases[phase].Shape;
        var see = Sight(form.View, CentreOf(shape));
        var closeUp = CloseUpOf(form, phase);
        var scene = Scene.Of(form, phase) with { Mat = mat };
        var body = closeUp is { } near
            ? Close(scene, near, form.View, CentreOf(shape), beside)
            : Renderer.Draw(scene, form.View, CentreOf(shape).Single(), beside?.Fine ?? Fine);
        var pen = new MarkPen();
        new MotionArrows(form, see).Draw(phase, since, beside is not null, pen);
        new Signs(form, phase, see).Draw(pen);
        return new([.. body.Paths, .. pen.Path is { } marks ? [marks] : Array.Empty<FigurePath>()], Figure.Both(body.Box, pen.Box));
    }

    /// <summary>How far down a moment is come close to, in thousandths; null where it is seen whole.</summary>
    internal static int? BottomOf(MoveForm form, int phase)
    {
        var shape = form.Phases[phase].Shape;
        return CloseUpOf(form, phase) is { } near ? Framing.Close(near, shape.Skeleton(), Sight(form.View, CentreOf(shape)))[3] : null;
    }

    private static Figure Close(Scene scene, CloseUp closeUp, Viewpoint view, Vector centre, Company? beside)
    {
        var box = Framing.Close(closeUp, scene.Pose.Skeleton, Sight(view, centre));
        // Beside others a trunk is cut off where theirs are, and feet not far above the ankles.
        if (beside is not null && closeUp.IsBust())
            box[3] = beside.Bottom ?? box[3];
        if (beside is not null && closeUp == CloseUp.Feet)
            box[1] -= ShinBeside;
        var seen = scene with
        {
            // Whoever lies, lies on something; a mat beside a trunk that stands would be in the way.
            Mat = closeUp switch
            {
                CloseUp.Feet => Mat.UnderFeet(scene.Pose),
                _ when closeUp.IsBust() && Lies(scene.Pose.Skeleton) => scene.Mat,
                _ => null,
            },
            // Of what stands about only what the feet are on; of what lies under the head all.
            Props = closeUp == CloseUp.Feet ? [.. scene.Props.Select(p => (UnderFeet(p.Contacts), p.Body))] : scene.Props,
            // Hands and feet stand for themselves; a trunk cut off beside them would be in the way.
            Seen = closeUp switch
            {
                CloseUp.Hands => part => part.IsHand() || part.OnTheRight() is Part.RightForearm,
                CloseUp.Hand => part => !part.IsLeft() && (part.IsHand() || part is Part.RightForearm),
                CloseUp.Foot => FootAndHandsAtIt(scene.Pose.Skeleton),
                CloseUp.Feet => part => part.IsFoot() || part.OnTheRight() is Part.RightShank || part.IsProp(),
                _ => part => part.IsBody() || part.IsSoft() || part is Part.Strap or Part.Wall,
            },
        };
        var frame = Framing.Round(box, onFloor: false);
        var scale = MathF.Min(Finest, (beside?.Fine ?? Fine) * FrameOfFine / (frame[3] - frame[1]));
        // Beside others it ends close to what matters; alone it goes on as far as a page may show.
        var beyond = (int)((frame[3] - frame[1]) * Beyond);
        int[] within = beside is null
            ? [frame[0] - beyond, frame[1] - beyond, frame[2] + beyond, frame[3] + Edge]
            : [box[0] - Edge, closeUp is CloseUp.Feet or CloseUp.Lap ? box[1] : frame[1] - beyond, box[2] + Edge, frame[3] + Edge];
        return Renderer.Draw(seen, view, centre.Single(), scale, within) with { Box = box };
    }

    private static Func<Part, bool> FootAndHandsAtIt(Skeleton body)
    {
        var (right, left) = (Framing.IsAtTheFoot(body, "right"), Framing.IsAtTheFoot(body, "left"));
        return part =>
            part is Part.RightFoot or Part.RightToes or Part.RightShank
            || ((part.IsHand() || part.OnTheRight() is Part.RightForearm) && (part.IsLeft() ? left : right));
    }

    private static IReadOnlyList<Contact> UnderFeet(IReadOnlyList<Contact> contacts) =>
        [.. contacts.Where(c => c.Mark.Segment.OnTheRight() == Segment.RightFoot)];

    // Whoever bends over the floor hides what would be come close to, unless the author has seen it so.
    private static CloseUp? CloseUpOf(MoveForm form, int phase) =>
        form.Drawn.CloseUp?.IsBust() == true && BendsOver(form.Phases[phase].Shape) && !(form.IsAsSeen && BendsOver(form.Position.Base))
            ? null
            : form.Drawn.CloseUp;

    // The head is near the floor and no higher than the seat; who kneels on all fours carries it.
    private static bool Lies(Skeleton body)
    {
        const double nearFloor = 0.15,
            level = 0.4;
        return Math.Abs((body.Chest.Turn * new Vector(0, 1, 0)).Y) < level && body[Segment.Head].Origin.Y < nearFloor;
    }

    private static bool BendsOver(Shape shape) => (shape.Skeleton().Chest.Turn * new Vector(0, 0, 1)).Y < -0.5;

    /// <summary>Where a point of the room is seen, in thousandths.</summary>
    internal static Func<Vector, Vector2> Sight(Viewpoint view, Vector centre)
    {
        var camera = new Camera(view, centre.Single(), 1000);
        return point =>
        {
            var at = camera.At(point.Single());
            return new(at.X, at.Y);
        };
    }
}
