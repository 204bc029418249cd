using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

/// <summary>Draws a move in motion: each phase in steps, all from one place, so that nothing jumps between them.</summary>
public static class FigureFrames
{
    /// <summary>Frames a phase, its end included.</summary>
    public const int PerPhase = 10;

    /// <summary>The frames of a move, phase by phase; each begins where the one taken before it ends.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="viewpoint">From where it is seen, for the right side.</param>
    /// <param name="side">The side that is done; the left is seen from the mirrored place.</param>
    public static IReadOnlyList<IReadOnlyList<Figure>> Of(MoveForm form, Viewpoint viewpoint, Side side)
    {
        // Whoever goes backward in time does the same shapes.
        var mirrored = side == Side.Left && form.Move.Second == Second.Mirror;
        Shape Seen(Shape shape) => mirrored ? shape.Mirror() : shape;
        var view = mirrored ? viewpoint with { Around = -viewpoint.Around } : viewpoint;
        var from = Seen(BeginningOf(form));
        var centre = FigureDrawing.CentreOf(from);
        var phases = new IReadOnlyList<Figure>[form.Phases.Length];
        foreach (var phase in form.InOrder(side))
        {
            var (start, end, plane) = (from, Seen(form.Phases[phase].Shape), form.Phases[phase].Phase.ArmPlane);
            phases[phase] =
            [
                .. Enumerable
                    .Range(1, PerPhase)
                    .Select(i =>
                        FigureDrawing.Moment(form, phase, start.Blend(end, Eased(i / (double)PerPhase), plane), view, centre, mirrored)
                    ),
            ];
            from = end;
        }
        return phases;
    }

    /// <summary>The spot on the floor that the frames of a move are centred on, for the right side.</summary>
    public static Vector CentreOf(MoveForm form) => FigureDrawing.CentreOf(BeginningOf(form));

    // A flow goes on from where its last round ended.
    private static Shape BeginningOf(MoveForm form) => form.HasStay || form.Phases.Length == 1 ? form.Position.Base : form.Phases[^1].Shape;

    // Slow at both ends, as a breath is.
    private static double Eased(double t) => t * t * (3 - (2 * t));
}
