using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Surface;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Figures;

/// <summary>Draws a move in motion: each phase in steps, all from one place on one mat, so that nothing jumps between them.</summary>
public static class FigureFrames
{
    /// <summary>Frames a phase, its end included.</summary>
    public const int PerPhase = 10;

    // Pixels to a stature: a moving figure is looked at less closely.
    private const float Fine = 300;

    /// <summary>
    /// The frames of a move on the right side, phase by phase; each begins where the one taken before it ends. All have one box. The left
    /// side of a move that is mirrored is the mirrored picture with its hues exchanged.
    /// </summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="viewpoint">From where it is seen.</param>
    /// <param name="side">The side that is done, for moves whose second side goes back the way the first came.</param>
    public static IReadOnlyList<IReadOnlyList<Figure>> Of(MoveForm form, Viewpoint viewpoint, Side side = Side.Right)
    {
        var start = BeginningOf(form);
        var centre = FigureDrawing.CentreOf(start);
        var see = FigureDrawing.Sight(viewpoint, centre);
        var from = new PhaseEnd(start, form.HasStay || form.Phases.Length == 1 ? Look.Calm : form.Phases[^1].Phase.Look);
        var mat = Mat.Under(form.Phases.Select(p => new Pose(p.Shape)).Prepend(from.Pose));
        var phases = new IReadOnlyList<Figure>[form.Phases.Length];
        foreach (var phase in form.InOrder(side))
        {
            var end = new PhaseEnd(form.Phases[phase].Shape, form.Phases[phase].Phase.Look);
            var pen = new MarkPen();
            new Signs(form, phase, see).Draw(pen);
            phases[phase] =
            [
                .. Enumerable
                    .Range(1, PerPhase)
                    .Select(i => from.Towards(end, Eased(i / (double)PerPhase), form.Phases[phase].Phase.Passage))
                    .Select(scene => Renderer.Draw(scene.With(form) with { Mat = mat }, viewpoint, centre.Single(), Fine))
                    .Select(f => pen.Path is { } marks ? new Figure([.. f.Paths, marks], Figure.Both(f.Box, pen.Box)) : f),
            ];
            from = end;
        }
        var all = phases.SelectMany(p => p).Select(f => f.Box).Aggregate((a, b) => Figure.Both(a, b));
        var box = form.Drawn.CloseUp is { } near
            ? Framing.Round(CloseBox(form, near, see), onFloor: false)
            : Framing.Round(all, onFloor: true);
        return [.. phases.Select(p => (IReadOnlyList<Figure>)[.. p.Select(f => f with { Box = box })])];
    }

    private static int[] CloseBox(MoveForm form, CloseUp near, Func<Vector, Vector2> see) =>
        form.Phases.Select(p => Framing.Close(near, p.Shape.Skeleton(), see)).Aggregate((a, b) => Figure.Both(a, b));

    /// <summary>The spot on the floor that the frames of a move are centred on, for the right side.</summary>
    public static Vector CentreOf(MoveForm form) => FigureDrawing.CentreOf(BeginningOf(form));

    // A flow goes on from where its last round ended.
    private static Shape BeginningOf(MoveForm form) => form.HasStay || form.Phases.Length == 1 ? form.Position.Base : form.Phases[^1].Shape;

    // Slow at both ends, as a breath is.
    private static double Eased(double t) => t * t * (3 - (2 * t));

    /// <summary>The end of a phase, with how its hands lie and its face looks.</summary>
    private sealed class PhaseEnd(Shape shape, Look look)
    {
        private readonly HandPose[] hands = HandPosing.Both(new(shape), look);

        public Pose Pose { get; } = new(shape);

        /// <summary>Part of the way to another: hands and face go along with the body.</summary>
        public Scene Towards(PhaseEnd end, double t, Passage passage)
        {
            var on = Pose.Shape.Blend(end.Pose.Shape, t, passage);
            var pose = new Pose(on);
            return new()
            {
                Pose = pose,
                Hands = [hands[0].Towards(end.hands[0], (float)t), hands[1].Towards(end.hands[1], (float)t)],
                Face = Expression.Of(look.Face).Towards(Expression.Of(end.Look.Face), (float)t),
                Props = [(on.Contacts, pose.Skeleton)],
            };
        }

        private Look Look => look;
    }
}
