namespace AmpleTide.Core.Figures;

/// <summary>An arrow along a path, in thousandths of a stature; paths run from the tip backwards.</summary>
internal static class Arrow
{
    // By eye, no source.
    private const double HeadLength = 40,
        HeadHalf = 22,
        Thick = 8,
        Thin = 3;

    /// <summary>How much of an arrow is its head, and how far the shaft reaches into it.</summary>
    private const double Neck = 0.8 * HeadLength;

    /// <summary>A shaft that swells towards its head; an even one with two heads where the way is gone both ways.</summary>
    public static FigurePart Along(IReadOnlyList<(double X, double Y)> path, bool bothWays = false)
    {
        List<int[]> heads = [Head(path)];
        path = Cut(path, Neck);
        if (bothWays)
        {
            path = [.. path.Reverse()];
            heads.Add(Head(path));
            path = Cut(path, Neck);
        }
        double Swollen(int i) => bothWays ? (Thick + Thin) / 2 : Thick - ((Thick - Thin) * i / path.Count);
        var shaft = path.Zip(path.Skip(1), (a, b) => (a, b))
            .Select(
                (p, i) => new Capsule(Whole(p.a.X), Whole(p.a.Y), Whole(Swollen(i)), Whole(p.b.X), Whole(p.b.Y), Whole(Swollen(i + 1)))
            );
        return new(Tone.Mark, [.. shaft], heads);
    }

    /// <summary>A straight arrow from one place to another.</summary>
    public static FigurePart Straight((double X, double Y) from, (double X, double Y) to) => Along([to, from]);

    /// <summary>A triangle at the beginning of a path, pointing out of it.</summary>
    public static int[] Head(IReadOnlyList<(double X, double Y)> path)
    {
        var (tip, root) = (path[0], Cut(path, Neck)[0]);
        var apart = Math.Max(1, Distance(tip, root));
        var (x, y) = ((tip.X - root.X) / apart, (tip.Y - root.Y) / apart);
        return
        [
            Whole(tip.X),
            Whole(tip.Y),
            Whole(tip.X - (x * HeadLength) - (y * HeadHalf)),
            Whole(tip.Y - (y * HeadLength) + (x * HeadHalf)),
            Whole(tip.X - (x * HeadLength) + (y * HeadHalf)),
            Whole(tip.Y - (y * HeadLength) - (x * HeadHalf)),
        ];
    }

    /// <summary>What is left of a path once a length at its beginning is taken off.</summary>
    public static List<(double X, double Y)> Cut(IReadOnlyList<(double X, double Y)> path, double off)
    {
        for (var i = 0; i + 1 < path.Count; i++)
        {
            var step = Distance(path[i], path[i + 1]);
            if (off < step)
            {
                if (off <= 0)
                    return [.. path.Skip(i)];
                var share = off / step;
                return
                [
                    (path[i].X + ((path[i + 1].X - path[i].X) * share), path[i].Y + ((path[i + 1].Y - path[i].Y) * share)),
                    .. path.Skip(i + 1),
                ];
            }
            off -= step;
        }
        return [.. path.Skip(path.Count - 2)];
    }

    /// <summary>How far apart two places are.</summary>
    public static double Distance((double X, double Y) a, (double X, double Y) b) =>
        Math.Sqrt(((a.X - b.X) * (a.X - b.X)) + ((a.Y - b.Y) * (a.Y - b.Y)));

    private static int Whole(double thousandths) => (int)Math.Round(thousandths);
}
