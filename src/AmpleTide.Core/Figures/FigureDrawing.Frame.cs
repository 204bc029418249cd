using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

// How much of a drawing is seen: all of it, or close up where what matters is small.
public sealed partial class FigureDrawing
{
    // Moments with an arrow from each to the next: side by side on one floor or one below the other, whichever leaves them larger.
    private static Figure Moments(MoveForm form, IReadOnlyList<int> phases)
    {
        var moments = phases.Select(phase => Half(form, phase)).ToList();
        var beside = InTurn(moments, Beside);
        // A bust goes on below its frame.
        if (form.Drawn.CloseUp?.IsBust() == true)
            return beside;
        var under = InTurn(moments, Under);
        return Larger(beside.Box, under.Box) ? beside : under;

        static Figure InTurn(List<Figure> moments, Func<Figure, Figure, (Figure Then, FigurePart Arrow)> next)
        {
            var (last, all) = (moments[0], moments[0]);
            foreach (var moment in moments.Skip(1))
            {
                var (then, arrow) = next(last, moment);
                (last, all) = (then, new([.. all.Parts, .. then.Parts, arrow], Both(all.Box, then.Box)));
            }
            return all;
        }

        static (Figure, FigurePart) Beside(Figure before, Figure after)
        {
            const int apart = 190,
                room = 35;
            var then = after.Moved(before.Box[2] + apart - after.Box[0], 0);
            var down = Middle(Both(before.Box, then.Box), 1);
            return (then, Arrow.Straight((before.Box[2] + room, down), (then.Box[0] - room, down)));
        }

        static (Figure, FigurePart) Under(Figure before, Figure after)
        {
            const int apart = 130,
                room = 15;
            var then = after.Moved(Middle(before.Box, 0) - Middle(after.Box, 0), before.Box[3] + apart - after.Box[1]);
            var across = Middle(Both(before.Box, then.Box), 0);
            return (then, Arrow.Straight((across, before.Box[3] + room), (across, then.Box[1] - room)));
        }

        static int Middle(int[] box, int axis) => (box[axis] + box[axis + 2]) / 2;

        // In a frame four wide and three high, as pictures have on cards and lines.
        static bool Larger(int[] box, int[] than) => Shrunk(box) < Shrunk(than);
        static double Shrunk(int[] box) => Math.Max((box[2] - box[0]) / 4.0, (box[3] - box[1]) / 3.0);
    }

    private IEnumerable<FigurePart> UnderTheFeet() =>
        PropDrawing.Draw([.. shape.Contacts.Where(c => c.Mark.Segment is Segment.RightFoot or Segment.LeftFoot)], body, Project);

    // Close up, a bust, hands or feet: what is left out would reach into the neighbour.
    private static Figure Half(MoveForm form, int phase)
    {
        var drawing = Of(form, phase);
        if (drawing.Shown(form.Drawn.CloseUp) is not { } closeUp)
        {
            List<FigurePart> whole = [.. drawing.Scene(form), .. drawing.Still(form, phase)];
            return new(whole, AllOf(whole));
        }
        var seen = drawing.Near(closeUp);
        List<FigurePart> bust = [.. drawing.Still(form, phase, closeUp)];
        if (closeUp == CloseUp.Hands)
            return new(bust, seen);
        if (closeUp == CloseUp.Feet)
            return new([drawing.Mat(seen), .. drawing.Standing(form), .. drawing.UnderTheFeet(), .. bust], seen);
        var all = AllOf(bust);
        return new(bust, [all[0], seen[1], all[2], seen[3]]);
    }

    // Nobody fills the picture more than this, in thousandths of a stature, so that a sitting figure does not look like a giant.
    private const int LeastWidth = 560,
        LeastHeight = 300;

    private static readonly Dictionary<CloseUp, (string[] Around, int Margin)> Frames = new()
    {
        [CloseUp.Face] = (["crown", "chin", "breastbone"], 70),
        [CloseUp.Head] = (["crown", "chin", "heart", "right.shoulder", "left.shoulder"], 50),
        [CloseUp.Arms] = (
            ["crown", "heart", "right.shoulder", "left.shoulder", "right.elbow", "left.elbow", "right.fingertips", "left.fingertips"],
            40
        ),
        [CloseUp.Hands] = (["right.wrist", "left.wrist", "right.fingertips", "left.fingertips"], 40),
        [CloseUp.Feet] = (["right.knee", "left.knee", "right.heel", "left.heel", "right.toe-tip", "left.toe-tip"], 45),
    };

    private int[] Seen(IReadOnlyList<FigurePart> parts, CloseUp? closeUp) =>
        Shown(closeUp) is { } close ? WithSigns(Near(close), parts) : Roomy(AllOf(parts));

    // Signs are seen whole, however close.
    private static int[] WithSigns(int[] box, IReadOnlyList<FigurePart> parts)
    {
        var signs = parts.Where(p => p.Tone == Tone.Mark).ToList();
        return signs.Count == 0 ? box : Both(box, AllOf(signs));
    }

    private static int[] Both(int[] a, int[] b) => [Math.Min(a[0], b[0]), Math.Min(a[1], b[1]), Math.Max(a[2], b[2]), Math.Max(a[3], b[3])];

    // Whoever bends over the floor hides what would be come close to.
    private CloseUp? Shown(CloseUp? closeUp) =>
        closeUp?.IsBust() == true && (body.Chest.Turn * new Vector(0, 0, 1)).Y < -0.5 ? null : closeUp;

    private int[] Near(CloseUp closeUp)
    {
        var (around, margin) = Frames[closeUp];
        var points = around.Select(name => Project(Landmark.Find(name)!.On(body))).ToList();
        return
        [
            Whole(points.Min(p => p.X)) - margin,
            Whole(points.Min(p => p.Y)) - margin,
            Whole(points.Max(p => p.X)) + margin,
            Whole(points.Max(p => p.Y)) + margin,
        ];
    }

    private static int[] AllOf(IReadOnlyList<FigurePart> parts)
    {
        int[] box = [int.MaxValue, int.MaxValue, int.MinValue, int.MinValue];
        void Take(int x, int y, int r) =>
            (box[0], box[1], box[2], box[3]) = (
                Math.Min(box[0], x - r),
                Math.Min(box[1], y - r),
                Math.Max(box[2], x + r),
                Math.Max(box[3], y + r)
            );
        foreach (var part in parts)
        {
            foreach (var c in part.Capsules)
            {
                Take(c.X1, c.Y1, c.R1);
                Take(c.X2, c.Y2, c.R2);
            }
            foreach (var outline in part.Outlines)
                for (var i = 0; i < outline.Length; i += 2)
                    Take(outline[i], outline[i + 1], 0);
        }
        return box;
    }

    private static int[] Roomy(int[] box)
    {
        var (wider, taller) = (Math.Max(0, LeastWidth - (box[2] - box[0])), Math.Max(0, LeastHeight - (box[3] - box[1])));
        return [box[0] - (wider / 2), box[1] - taller, box[2] + (wider - (wider / 2)), box[3]];
    }
}
