using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

// How much of a drawing is seen: all of it, or close up where what matters is small.
public sealed partial class FigureDrawing
{
    // Nobody fills the picture more than this, in thousandths of a stature, so that a sitting figure does not look like a giant.
    private const int LeastWidth = 560, LeastHeight = 300;

    private static readonly Dictionary<CloseUp, (string[] Around, int Margin)> CloseUps = new()
    {
        [CloseUp.Face] = (["crown", "chin", "breastbone"], 70),
        [CloseUp.Head] = (["crown", "chin", "heart", "right.shoulder", "left.shoulder"], 50),
        [CloseUp.Arms] = (["crown", "heart", "right.shoulder", "left.shoulder", "right.elbow", "left.elbow", "right.fingertips", "left.fingertips"], 40),
    };

    private int[] Seen(IReadOnlyList<FigurePart> parts, CloseUp? closeUp)
    {
        if (closeUp is not { } close) return AllOf(parts);
        var (around, margin) = CloseUps[close];
        var points = around.Select(name => Project(Landmark.Find(name)!.On(body))).ToList();
        return
        [
            Whole(points.Min(p => p.X)) - margin, Whole(points.Min(p => p.Y)) - margin,
            Whole(points.Max(p => p.X)) + margin, Whole(points.Max(p => p.Y)) + margin,
        ];
    }

    private static int[] AllOf(IReadOnlyList<FigurePart> parts)
    {
        int[] box = [int.MaxValue, int.MaxValue, int.MinValue, int.MinValue];
        void Take(int x, int y, int r) =>
            (box[0], box[1], box[2], box[3]) = (Math.Min(box[0], x - r), Math.Min(box[1], y - r), Math.Max(box[2], x + r), Math.Max(box[3], y + r));
        foreach (var part in parts)
        {
            foreach (var c in part.Capsules)
            {
                Take(c.X1, c.Y1, c.R1);
                Take(c.X2, c.Y2, c.R2);
            }
            foreach (var outline in part.Outlines)
                for (var i = 0; i < outline.Length; i += 2) Take(outline[i], outline[i + 1], 0);
        }
        var (wider, taller) = (Math.Max(0, LeastWidth - (box[2] - box[0])), Math.Max(0, LeastHeight - (box[3] - box[1])));
        return [box[0] - (wider / 2), box[1] - taller, box[2] + (wider - (wider / 2)), box[3]];
    }
}
