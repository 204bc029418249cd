using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Figures;

/// <summary>Several moments of a move in one picture, with an arrow from each to the next.</summary>
internal static class Moments
{
    // A flow between two shapes that lie farther apart than this, in statures, is shown by both; by eye, no source.
    private const double FarApart = .035;

    // Several in a frame are smaller, and drawn more coarsely by this power of their number, so that no picture takes long to draw or to
    // send; by eye, no source.
    private const float Coarser = 1.15f;

    private static readonly Landmark[] Telling =
    [
        .. from name in new[]
        {
            "crown",
            "belly",
            "right.fingertips",
            "left.fingertips",
            "right.knee",
            "left.knee",
            "right.elbow",
            "left.elbow",
            "right.heel",
            "left.heel",
        }
        select Landmark.Find(name)!,
    ];

    /// <summary>What a move's picture shows, in turn.</summary>
    public static IReadOnlyList<Pictured> Of(MoveForm form)
    {
        var last = new Pictured(form.Move.Picture, false);
        if (form.Drawn.Earlier.Count > 0)
            return [.. form.Drawn.Earlier, last];
        var tells =
            form.Move.Kind != MoveKind.Flow
            || form.Phases.Length != 2
            || form.HasStay
            || form.Drawn.CloseUp is not null
            || form.Move.Sides == Sidedness.Circling
            || Enumerable.Range(0, form.Phases.Length).All(phase => SignTells(form, phase));
        if (tells)
            return [last];
        var (one, other) = (form.Phases[0].Shape.Skeleton(), form.Phases[1].Shape.Skeleton());
        return Telling.Max(mark => (mark.On(one) - mark.On(other)).Length) > FarApart ? [new(1 - form.Move.Picture, false), last] : [last];
    }

    // What goes round, turns or is shaken has no two ends: its sign says more than a second picture.
    private static bool SignTells(MoveForm form, int phase) =>
        Signs.All(form, phase).Any(s => s.Sign is Sign.Circle or Sign.Turn or Sign.Shake);

    /// <summary>Draws them in rows on one floor, as many in a row as leave them largest.</summary>
    public static Figure Draw(MoveForm form, IReadOnlyList<Pictured> shown)
    {
        var mat = Mat.Under(shown.Select(s => new Pose(form.Phases[s.Phase].Shape)));
        var company = new Company(
            FigureDrawing.Fine / MathF.Pow(shown.Count, Coarser),
            shown.Max(s => FigureDrawing.BottomOf(form, s.Phase))
        );
        // What is drawn mirrored is drawn from the mirrored viewpoint, so that all are seen from one.
        var otherwise = form with
        {
            Move = form.Move with { View = form.View with { Around = -form.View.Around } },
        };
        var moments = shown.Select((s, i) => s.OnTheOtherSide ? Moment(otherwise, i).Mirrored() : Moment(form, i)).ToList();
        // The more in a row the better, where it makes them no smaller: what is come close to goes on below its frame.
        return Enumerable
            .Range(1, moments.Count)
            .Reverse()
            .Where(inRow => Missing(moments.Count, inRow) <= 1)
            .Select(inRow => InRows(moments, inRow))
            .Select(picture => picture with { Box = Framing.Round(picture.Box, onFloor: form.Drawn.CloseUp is null) })
            .MinBy(picture => picture.Box[3] - picture.Box[1])!;

        // How many the last row has fewer than the others: of three the third may stand alone below.
        static int Missing(int count, int inRow) => (inRow - (count % inRow)) % inRow;

        Figure Moment(MoveForm seen, int i) =>
            FigureDrawing.Moment(seen, shown[i].Phase, i == 0 ? null : Since(shown[i - 1], shown[i]), mat, company);

        // From one side to the other the way goes through the phase before.
        int Since(Pictured before, Pictured now) =>
            before.OnTheOtherSide == now.OnTheOtherSide ? before.Phase : (now.Phase + form.Phases.Length - 1) % form.Phases.Length;
    }

    // The arrow between them: how long it is, and how much room it has at both ends. Shares of the frame's height, by eye, no source.
    private const double Long = .10,
        Room = .025;

    private static Figure InRows(List<Figure> moments, int inRow)
    {
        var height = moments.Max(m => m.Box[3] - m.Box[1]);
        var (length, room) = ((int)(Long * height) + 30, (int)(Room * height) + 6);
        var pen = new MarkPen();
        var size = Math.Max(.7f, height / 700f);
        Figure? all = null;
        foreach (var row in moments.Chunk(inRow))
        {
            var line = row[0];
            foreach (var moment in row.Skip(1))
            {
                var next = moment.Moved(line.Box[2] + length + (2 * room) - moment.Box[0], 0);
                var down = Middle(Figure.Both(line.Box, next.Box), 1);
                Arrow.Straight(pen, new(line.Box[2] + room, down), new(next.Box[0] - room, down), size);
                line = line.Beside(next);
            }
            if (all is null)
            {
                all = line;
                continue;
            }
            // Below the row before, which its arrow leads down from.
            line = line.Moved(Middle(all.Box, 0) - Middle(line.Box, 0), all.Box[3] + length + room - line.Box[1]);
            var across = Middle(all.Box, 0);
            Arrow.Straight(pen, new(across, all.Box[3] + (room / 2)), new(across, line.Box[1] - (room / 2)), size);
            all = all.Beside(line);
        }
        return all! with { Paths = [.. all!.Paths, pen.Path!] };
    }

    private static int Middle(int[] box, int axis) => (box[axis] + box[axis + 2]) / 2;
}
