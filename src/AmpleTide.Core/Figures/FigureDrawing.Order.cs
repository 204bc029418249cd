using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

// Which part is drawn after which: far ones first, limbs whole.
public sealed partial class FigureDrawing
{
    // All of it, or the bust, the hands or the feet that are come close to: what lies out of the frame would reach into a neighbour.
    private IEnumerable<FigurePart> Body(CloseUp? closeUp = null)
    {
        if (closeUp is CloseUp.Hands or CloseUp.Feet)
            return Merge(
                Gathered([
                    .. Limbs().Where(p => p.Piece == (closeUp == CloseUp.Hands ? Piece.LowerArm : Piece.LowerLeg)).OrderBy(p => p.Near),
                ])
            );
        var box = closeUp is { } close ? Near(close) : null;
        var parts = Limbs()
            .Where(p => box is null || (p.Piece is Piece.UpperArm or Piece.LowerArm && p.IsWithin(box)))
            .Append(HeadPart())
            .Append(NeckPart())
            .ToList();
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
            if (next <= end + 1)
                continue;
            var between = parts.GetRange(end + 1, next - end - 1);
            var start = end;
            while (start > 0 && parts[start - 1].Limb == limb.Limb)
                start--;
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
        for (var i = 0; i < parts.Count; )
        {
            var j = i + 1;
            while (j < parts.Count && parts[j].Limb == parts[i].Limb && parts[i].Limb != 0 && parts[j].Tone == parts[i].Tone)
                j++;
            var run = parts.Skip(i).Take(j - i).ToList();
            yield return new(run[0].Tone, [.. run.SelectMany(p => p.Capsules)], [.. run.SelectMany(p => p.Outlines)]);
            foreach (var extra in run.SelectMany(p => p.Details))
                yield return extra;
            i = j;
        }
    }

    private enum Piece
    {
        Trunk,
        UpperArm,
        LowerArm,
        Thigh,
        LowerLeg,
    }

    private sealed record BodyPart(int Limb, Tone Tone, double X, double Y, double Near)
    {
        public Piece Piece { get; init; }

        public bool IsWithin(int[] box) => X * Scale >= box[0] && X * Scale <= box[2] && Y * Scale >= box[1] && Y * Scale <= box[3];

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
                    if ((x * x) + (y * y) < r * r)
                        return true;
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
}
