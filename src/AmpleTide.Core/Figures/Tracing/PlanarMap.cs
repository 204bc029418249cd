using System.Numerics;

namespace AmpleTide.Core.Figures.Tracing;

/// <summary>
/// An image as curves: regions, and the lines between them. A line between two regions is fitted once and shared by both, so that
/// no gap shows between them; where lines meet, the two that go on straightest are one curve. Used again and again.
/// </summary>
internal sealed partial class PlanarMap
{
    private const int LeastPixels = 14;

    private readonly Regions regions = new();
    private readonly List<Chain> chains = [];
    private int width,
        height;
    private byte[] across = [],
        down = [];

    /// <summary>A line between two nodes, or a loop without one.</summary>
    private sealed class Chain
    {
        /// <summary>Corners of pixels it runs along, numbered by row.</summary>
        public List<int> Corners { get; } = [];

        /// <summary>What each step of it runs between.</summary>
        public List<byte> Cracks { get; } = [];

        /// <summary>The regions on its left and its right.</summary>
        public int Left { get; init; }

        public int Right { get; init; }

        public bool IsLoop { get; init; }

        /// <summary>The chain end it goes on to at its start and at its end.</summary>
        public End? BeforeStart { get; set; }

        public End? AfterEnd { get; set; }

        /// <summary>Its smoothed points: its nodes, and the middles of its steps.</summary>
        public Vector2[] Points { get; set; } = [];

        public List<Cubic> Curves { get; } = [];
    }

    /// <summary>One end of a chain.</summary>
    private readonly record struct End(Chain Chain, bool IsLast);

    /// <summary>Finds regions and lines.</summary>
    /// <param name="wide">Pixels across.</param>
    /// <param name="tall">Pixels down.</param>
    /// <param name="image">The colour of each pixel, 0 for none; its outermost pixels are empty.</param>
    /// <param name="toTheRight">What lies between a pixel and the one to its right.</param>
    /// <param name="below">What lies between a pixel and the one below.</param>
    public void Trace(int wide, int tall, int[] image, byte[] toTheRight, byte[] below)
    {
        (width, height, across, down) = (wide, tall, toTheRight, below);
        chains.Clear();
        regions.Find(width, height, image, across, down);
        regions.Absorb(LeastPixels, width, height, across, down);
        FindChains();
        Pair();
        Smooth();
    }

    /// <summary>The outlines of all regions, by colour.</summary>
    public Dictionary<int, List<List<Cubic>>> Outlines()
    {
        var sides = new List<(int Region, Chain Chain, bool Backwards)>(chains.Count * 2);
        foreach (var chain in chains)
            if (chain.Left != chain.Right)
            {
                sides.Add((chain.Left, chain, false));
                sides.Add((chain.Right, chain, true));
            }
        var outlines = new Dictionary<int, List<List<Cubic>>>();
        foreach (var region in sides.Where(s => regions.Colours[s.Region] != 0).GroupBy(s => s.Region).OrderBy(g => g.Key))
        {
            var colour = regions.Colours[region.Key];
            if (!outlines.TryGetValue(colour, out var loops))
                outlines[colour] = loops = [];
            loops.AddRange(Loops([.. region.Select(s => (s.Chain, s.Backwards))]));
        }
        return outlines;
    }

    private static IEnumerable<List<Cubic>> Loops(List<(Chain Chain, bool Backwards)> open)
    {
        static int From((Chain Chain, bool Backwards) side) => side.Backwards ? side.Chain.Corners[^1] : side.Chain.Corners[0];
        static int To((Chain Chain, bool Backwards) side) => side.Backwards ? side.Chain.Corners[0] : side.Chain.Corners[^1];
        while (open.Count > 0)
        {
            var side = open[^1];
            open.RemoveAt(open.Count - 1);
            var (start, loop) = (From(side), new List<Cubic>());
            while (true)
            {
                AddTo(loop, side);
                var next = To(side) == start ? -1 : open.FindIndex(o => From(o) == To(side));
                if (next < 0)
                    break;
                side = open[next];
                open.RemoveAt(next);
            }
            yield return loop;
        }

        static void AddTo(List<Cubic> loop, (Chain Chain, bool Backwards) side)
        {
            if (!side.Backwards)
                loop.AddRange(side.Chain.Curves);
            else
                for (var i = side.Chain.Curves.Count - 1; i >= 0; i--)
                    loop.Add(side.Chain.Curves[i].Reversed);
        }
    }
}
