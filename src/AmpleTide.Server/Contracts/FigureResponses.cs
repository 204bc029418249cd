using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Planning;

namespace AmpleTide.Server.Contracts;

/// <summary>A move in motion.</summary>
/// <param name="Phases">The frames of each phase.</param>
/// <param name="Order">The phases in the order they are taken: backward in time for the second direction of some circles.</param>
/// <param name="Ms">How long each turn takes at the usual breath.</param>
/// <param name="Box">The frame around all of them: least x, least y, most x, most y.</param>
/// <param name="Mirrors">Whether the left side is the mirrored picture, so that it need not be asked for.</param>
public sealed record FramesResponse(
    IReadOnlyList<IReadOnlyList<Figure>> Phases,
    IReadOnlyList<int> Order,
    IReadOnlyList<long> Ms,
    int[] Box,
    bool Mirrors
)
{
    /// <summary>The frames of a move, done to a side.</summary>
    public static FramesResponse Of(MoveForm form, Viewpoint view, Side side)
    {
        var phases = FigureFrames.Of(form, view, side);
        return new(
            phases,
            form.InOrder(side),
            [.. Timing.UsualTimes(form).Select(t => t.Ms())],
            phases[0][0].Box,
            form.Move.Second != Second.Reverse
        );
    }
}

/// <summary>A move that is being written, as it would look.</summary>
/// <param name="Bodies">The body at the end of each phase.</param>
/// <param name="Stage">From where it is seen.</param>
/// <param name="Picture">What stands for it on cards and lines.</param>
public sealed record PreviewResponse(
    string Id,
    string Name,
    IReadOnlyList<PhaseSummary> Phases,
    FramesResponse Frames,
    IReadOnlyList<BodyResponse> Bodies,
    StageResponse Stage,
    Figure Picture
)
{
    /// <summary>A move that is being written, in the first of its positions.</summary>
    public static PreviewResponse Of(MoveForm form)
    {
        var (move, view) = (form.Move, form.View);
        // All of the body, whatever the move comes close to: it is there to be dragged.
        var frames = FramesResponse.Of(form with { Move = move with { Drawn = move.Drawn with { CloseUp = null } } }, view, Side.Right);
        var stage = StageResponse.Of(form.Position, view, FigureFrames.CentreOf(form));
        return new(
            move.Id,
            move.Name,
            [.. move.Phases.Select(p => new PhaseSummary(p.Breath, p.Cue.Long))],
            frames,
            [.. form.Phases.Select(p => BodyResponse.Of(p.Shape.Angles, p.Shape.Pelvis, stage))],
            stage,
            FigureDrawing.Picture(form)
        );
    }
}

/// <summary>From where and around which spot bodies are drawn, so that one that is dragged stays in its picture.</summary>
public sealed record StageResponse(string Position, double[] View, double[] Centre)
{
    /// <summary>The stage of a move.</summary>
    public static StageResponse Of(Position position, Viewpoint view, Vector centre) =>
        new(position.Id, [view.Around, view.Above], [centre.X, centre.Y, centre.Z]);
}

/// <summary>
/// A body: all angles in the order of <c>/api/body</c>, in degrees, its pelvis in statures, and what can be taken hold of, in the
/// picture.
/// </summary>
public sealed record BodyResponse(double[] Angles, double[] Pelvis, IReadOnlyList<HandleResponse> Handles)
{
    /// <summary>A body on a stage.</summary>
    public static BodyResponse Of(Angles angles, Vector pelvis, StageResponse stage)
    {
        var body = new Skeleton(angles.AsSpan(), pelvis);
        var (turn, centre) = (
            new Viewpoint(stage.View[0], stage.View[1]).Turn,
            new Vector(stage.Centre[0], stage.Centre[1], stage.Centre[2])
        );
        return new(
            [.. angles.AsSpan().ToArray().Select(a => Math.Round(a, 2))],
            [pelvis.X, pelvis.Y, pelvis.Z],
            [
                .. Handle.All.Select(handle =>
                {
                    var seen = turn * (handle.Mark.On(body) - centre);
                    return new HandleResponse(handle.Name, (int)Math.Round(seen.X * 1000), (int)Math.Round(-seen.Y * 1000));
                }),
            ]
        );
    }
}

/// <summary>Something on a figure that can be taken hold of: where it is, in thousandths of a stature, y down.</summary>
public sealed record HandleResponse(string Name, int X, int Y);

/// <summary>The body after a handle was dragged.</summary>
public sealed record SolvedResponse(BodyResponse Body, Figure Figure);

/// <summary>An axis as authors name it, with its normal range in degrees.</summary>
public sealed record BodyAxisResponse(string Name, double Least, double Most);

/// <summary>The body map: a person from the front and from the back.</summary>
public sealed record BodyMapResponse(FaceResponse Front, FaceResponse Back);

/// <summary>One face of the body map.</summary>
public sealed record FaceResponse(Figure Body, IReadOnlyList<MappedAreaResponse> Areas)
{
    /// <summary>A face as it travels.</summary>
    public static FaceResponse Of(BodyFace face) =>
        new(
            face.Body,
            [.. face.Areas.Select(a => new MappedAreaResponse(a.Area.Name(), a.Side == Side.Right ? "right" : "left", a.X, a.Y, a.Steps))]
        );
}

/// <summary>An area of the map on one side of the body: where its path begins, and how it goes on.</summary>
public sealed record MappedAreaResponse(string Area, string Side, int X, int Y, string Steps);

/// <summary>The pictures that were asked for, by key.</summary>
public sealed record FiguresResponse(IReadOnlyDictionary<string, Figure> Figures);

/// <summary>A sign by itself.</summary>
public sealed record SignResponse(Sign Sign, Figure Figure);

/// <summary>What pictures show beside the body: the arrow of what moves, and the signs.</summary>
public sealed record SignsResponse(Figure Arrow, IReadOnlyList<SignResponse> Signs)
{
    /// <summary>All of them.</summary>
    public static readonly SignsResponse All = new(SignKey.Arrow, [.. SignKey.Signs.Select(s => new SignResponse(s.Sign, s.Figure))]);
}
