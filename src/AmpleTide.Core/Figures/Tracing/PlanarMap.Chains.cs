using System.Numerics;

namespace AmpleTide.Core.Figures.Tracing;

// The graph of lines: corners of pixels as nodes where other than two lines meet, chains between them.
internal sealed partial class PlanarMap
{
    // Right, down, left, up; a corner has the pixel of its own numbers to its lower right.
    private static readonly int[] StepX = [1, 0, -1, 0],
        StepY = [0, 1, 0, -1];

    // For each corner a bit for each way that a line leaves it, numbered as above, and for each that has been followed.
    private byte[] ways = [],
        traced = [];

    private int Row => width + 1;

    private void FindChains()
    {
        var corners = FindWays();
        foreach (var corner in corners)
            if (IsNode(corner))
                for (var way = 0; way < 4; way++)
                    Follow(corner, way);
        foreach (var corner in corners)
            if (!IsNode(corner))
                for (var way = 0; way < 4; way++)
                    Follow(corner, way);
    }

    private bool IsNode(int corner) => BitOperations.PopCount(ways[corner]) != 2;

    // Writes the ways of all corners; returns those that have any.
    private List<int> FindWays()
    {
        const byte goesRight = 1 << 0,
            goesDown = 1 << 1,
            goesLeft = 1 << 2,
            goesUp = 1 << 3;
        var size = Row * (height + 1);
        if (ways.Length < size)
            (ways, traced) = (new byte[size], new byte[size]);
        Array.Clear(ways, 0, size);
        Array.Clear(traced, 0, size);
        var corners = new List<int>(4096);
        Scan(across, 1, goesDown, Row + 1, goesUp);
        Scan(down, Row, goesRight, Row + 1, goesLeft);
        return corners;

        void Scan(byte[] cracks, int from, byte onFrom, int to, byte backFrom)
        {
            for (var y = 0; y < height; y++)
            {
                var row = cracks.AsSpan(y * width, width);
                for (var x = 0; x < width; x++)
                {
                    var skip = row[x..].IndexOfAnyExcept((byte)0);
                    if (skip < 0)
                        break;
                    x += skip;
                    var corner = (y * Row) + x;
                    Meet(corner + from, onFrom);
                    Meet(corner + to, backFrom);
                }
            }
        }

        void Meet(int corner, byte way)
        {
            if (ways[corner] == 0)
                corners.Add(corner);
            ways[corner] |= way;
        }
    }

    // What the step that leaves a corner this way runs between.
    private byte Crack(int x, int y, int way) =>
        way switch
        {
            0 => down[((y - 1) * width) + x],
            1 => across[(y * width) + x - 1],
            2 => down[((y - 1) * width) + x - 1],
            _ => across[((y - 1) * width) + x - 1],
        };

    private (int Left, int Right) RegionsAt(int x, int y, int way)
    {
        int At(int column, int row) => regions.At((row * width) + column);
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
        if (((ways[corner] & ~traced[corner]) >> way & 1) == 0)
            return;
        var (left, right) = RegionsAt(x, y, way);
        var chain = new Chain
        {
            Left = left,
            Right = right,
            IsLoop = !IsNode(corner),
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
            if (IsNode(at) || at == corner)
                break;
            // The one that it did not come by.
            way = BitOperations.TrailingZeroCount(ways[at] & ~(1 << (way ^ 2)));
        }
        chains.Add(chain);
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
