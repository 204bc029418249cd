using System.Numerics;

namespace AmpleTide.Core.Figures.Tracing;

// The seams and lines that are drawn over the regions: found along whole curves, across the nodes where others meet them, so that a
// weak stretch between two sure ones is drawn and a lone weak one is not.
internal sealed partial class PlanarMap
{
    /// <summary>Which lines are looked for.</summary>
    /// <param name="May">The bit of what may be a line.</param>
    /// <param name="Sure">The bit of what certainly is.</param>
    /// <param name="Shortest">How many pixels a line has.</param>
    /// <param name="Gap">A gap up to this is closed.</param>
    /// <param name="LeastSure">How many of its pixels are sure, at least.</param>
    internal readonly record struct LineKind(byte May, byte Sure, int Shortest, int Gap, int LeastSure);

    /// <summary>The lines of a kind.</summary>
    public IEnumerable<List<Cubic>> Lines(LineKind kind)
    {
        var done = new HashSet<Chain>();
        foreach (var chain in chains)
        {
            if (done.Contains(chain))
                continue;
            var (points, cracks) = WholeCurve(Beginning(chain, done), done);
            foreach (var line in Lines(points, cracks, kind))
                yield return line;
        }
    }

    // The first chain of the curve that a chain is part of, and whether it is gone forwards.
    private static (Chain Chain, bool Forwards) Beginning(Chain chain, HashSet<Chain> done)
    {
        var (at, forwards) = (chain, true);
        for (var guard = 0; guard < 400; guard++)
        {
            if ((forwards ? at.BeforeStart : at.AfterEnd) is not { } before || before.Chain == chain || done.Contains(before.Chain))
                break;
            (at, forwards) = (before.Chain, before.IsLast);
        }
        return (at, forwards);
    }

    private static (List<Vector2> Points, List<byte> Cracks) WholeCurve((Chain Chain, bool Forwards) from, HashSet<Chain> done)
    {
        var (chain, forwards) = from;
        var (points, cracks) = (new List<Vector2>(), new List<byte>());
        while (done.Add(chain))
        {
            var (own, steps) = (chain.Points, chain.Cracks);
            for (var k = points.Count > 0 ? 1 : 0; k < own.Length; k++)
            {
                var at = forwards ? k : own.Length - 1 - k;
                points.Add(own[at]);
                // The middle of step k of an open chain is its point k + 1; nodes take their neighbour's.
                cracks.Add(steps[Math.Clamp(chain.IsLoop ? at : at - 1, 0, steps.Count - 1)]);
            }
            if ((forwards ? chain.AfterEnd : chain.BeforeStart) is not { } next)
                break;
            (chain, forwards) = (next.Chain, !next.IsLast);
        }
        return (points, cracks);
    }

    private static IEnumerable<List<Cubic>> Lines(List<Vector2> points, List<byte> cracks, LineKind kind)
    {
        const int fewest = 4;
        if (points.Count < fewest || !cracks.Exists(c => (c & kind.May) != 0))
            yield break;
        var drawn = cracks.ConvertAll(c => (c & kind.May) != 0);
        CloseGaps(drawn, kind.Gap);
        for (var from = 0; from < drawn.Count; from++)
        {
            if (!drawn[from])
                continue;
            var to = from;
            while (to + 1 < drawn.Count && drawn[to + 1])
                to++;
            var sure = 0;
            for (var k = from; k <= to; k++)
                sure += (cracks[k] & kind.Sure) != 0 ? 1 : 0;
            if (to - from + 1 >= kind.Shortest && sure > kind.LeastSure)
            {
                var (first, last) = (Math.Max(0, from - 1), Math.Min(points.Count - 1, to + 1));
                var line = new List<Cubic>();
                CurveFit.Add([.. points.GetRange(first, last - first + 1)], default, default, line);
                yield return line;
            }
            from = to;
        }
    }

    private static void CloseGaps(List<bool> drawn, int gap)
    {
        for (var k = 1; k < drawn.Count; k++)
        {
            if (drawn[k] || !drawn[k - 1])
                continue;
            var end = drawn.IndexOf(true, k);
            if (end < 0)
                return;
            if (end - k < gap)
                for (var q = k; q < end; q++)
                    drawn[q] = true;
            k = end;
        }
    }
}
