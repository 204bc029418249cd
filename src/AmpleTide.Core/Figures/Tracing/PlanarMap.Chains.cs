using System.Numerics;

namespace AmpleTide.Core.Figures.Tracing;

// The graph of lines: corners of pixels as nodes where other than two lines meet, chains between them.
internal sealed partial class PlanarMap
{
    // Right, down, left, up; a corner has the pixel of its own numbers to its lower right.
    private static readonly int[] StepX = [1, 0, -1, 0],
        StepY = [0, 1, 0, -1];

    private byte[] degrees = [],
        traced = [];

    private int Row => width + 1;

    private void FindChains()
    {
        var corners = CountLines();
        foreach (var corner in corners)
            if (degrees[corner] != 2)
                for (var way = 0; way < 4; way++)
                    Follow(corner, way);
        foreach (var corner in corners)
            if (degrees[corner] == 2)
                for (var way = 0; way < 4; way++)
                    Follow(corner, way);
    }

    // How many lines meet in each corner; those where any do.
    private List<int> CountLines()
    {
        var size = Row * (height + 1);
        if (degrees.Length < size)
            (degrees, traced) = (new byte[size], new byte[size]);
        Array.Clear(degrees, 0, size);
        Array.Clear(traced, 0, size);
        var corners = new List<int>(4096);
        Scan(across, 1, Row + 1);
        Scan(down, Row, Row + 1);
        return corners;

        void Scan(byte[] cracks, int from, int to)
        {
            var all = cracks.AsSpan(0, width * height);
            for (var at = 0; at < all.Length; at++)
            {
                var skip = all[at..].IndexOfAnyExcept((byte)0);
                if (skip < 0)
                    break;
                at += skip;
                var corner = (at / width * Row) + (at % width);
                Meet(corner + from);
                Meet(corner + to);
            }
        }

        void Meet(int corner)
        {
            if (degrees[corner]++ == 0)
                corners.Add(corner);
        }
    }

    // What a step from a corner runs between.
    private byte Crack(int x, int y, int way) =>
        way switch
        {
            0 => x < width && y > 0 && y < height ? down[((y - 1) * width) + x] : (byte)0,
            1 => y < height && x > 0 && x < width ? across[(y * width) + x - 1] : (byte)0,
            2 => Crack(x - 1, y, 0),
            _ => Crack(x, y - 1, 1),
        };

    private (int Left, int Right) RegionsAt(int x, int y, int way)
    {
        int At(int column, int row) => regions.Of[(row * width) + column];
        return way switch
        {
            0 => (At(x, y - 1), At(x, y)),
            1 => (At(x, y), At(x - 1, y)),
            2 => (At(x - 1, y), At(x - 1, y - 1)),
            _ => (At(x - 1, y - 1), At(x, y - 1)),
        };
    }

    private void Follow(int corner, int way)
    {
        var (x, y) = (corner % Row, corner / Row);
        if (Crack(x, y, way) == 0 || (traced[corner] >> way & 1) != 0)
            return;
        var (left, right) = RegionsAt(x, y, way);
        var chain = new Chain
        {
            Left = left,
            Right = right,
            IsLoop = degrees[corner] == 2,
        };
        chain.Corners.Add(corner);
        var at = corner;
        while (true)
        {
            traced[at] |= (byte)(1 << way);
            chain.Cracks.Add(Crack(x, y, way));
            (x, y) = (x + StepX[way], y + StepY[way]);
            at = (y * Row) + x;
            traced[at] |= (byte)(1 << (way ^ 2));
            chain.Corners.Add(at);
            if (degrees[at] != 2 || at == corner)
                break;
            way = OnFrom(x, y, way);
        }
        chains.Add(chain);
    }

    private int OnFrom(int x, int y, int came)
    {
        for (var way = 0; way < 4; way++)
            if (way != (came ^ 2) && Crack(x, y, way) != 0)
                return way;
        return came;
    }

    private Vector2 Place(int corner) => new(corner % Row, corner / Row);

    // At each node the two chains that go on straightest are one curve.
    private void Pair()
    {
        const int look = 7;
        var nodes = new Dictionary<int, List<(End End, Vector2 Way)>>();
        foreach (var chain in chains)
        {
            if (chain.IsLoop)
                continue;
            var (corners, reach) = (chain.Corners, Math.Min(look, chain.Corners.Count - 1));
            Meet(corners[0], new(chain, false), corners[reach]);
            Meet(corners[^1], new(chain, true), corners[^(1 + reach)]);
        }
        foreach (var node in nodes.Values)
            PairStraightest(node);

        void Meet(int node, End end, int towards)
        {
            if (!nodes.TryGetValue(node, out var ends))
                nodes[node] = ends = [];
            ends.Add((end, (Place(towards) - Place(node)).Unit()));
        }
    }

    private static void PairStraightest(List<(End End, Vector2 Way)> ends)
    {
        const float straight = -.72f;
        while (true)
        {
            var (best, first, second) = (straight, -1, -1);
            for (var i = 0; i < ends.Count; i++)
            for (var j = i + 1; j < ends.Count; j++)
                if (Vector2.Dot(ends[i].Way, ends[j].Way) is var dot && dot < best)
                    (best, first, second) = (dot, i, j);
            if (first < 0)
                return;
            Join(ends[first].End, ends[second].End);
            Join(ends[second].End, ends[first].End);
            ends.RemoveAt(second);
            ends.RemoveAt(first);
        }

        static void Join(End end, End to)
        {
            if (end.IsLast)
                end.Chain.AfterEnd = to;
            else
                end.Chain.BeforeStart = to;
        }
    }
}
