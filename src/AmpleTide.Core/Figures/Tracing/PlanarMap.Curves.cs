using System.Numerics;

namespace AmpleTide.Core.Figures.Tracing;

// From the stairs of pixels to curves: smoothed across the nodes that a line goes through, then fitted.
internal sealed partial class PlanarMap
{
    // How often each point takes half of its neighbours, and how far across a node that looks.
    private const int Passes = 7,
        Across = 10;

    private void Smooth()
    {
        foreach (var chain in chains)
            chain.Points = Middles(chain);
        var smoothed = chains.ConvertAll(Smoothed);
        var nodes = new Dictionary<int, (Vector2 Sum, int Count)>();
        foreach (var (chain, (points, _, _)) in chains.Zip(smoothed))
        {
            if (chain.BeforeStart is not null)
                Note(chain.Corners[0], points[0]);
            if (chain.AfterEnd is not null)
                Note(chain.Corners[^1], points[^1]);
        }
        foreach (var (chain, (points, leaving, arriving)) in chains.Zip(smoothed))
        {
            chain.Points = points;
            if (!chain.IsLoop)
            {
                Meet(points, chain.Corners[0], fromStart: true);
                Meet(points, chain.Corners[^1], fromStart: false);
            }
            CurveFit.Add(points, leaving, arriving, chain.Curves);
        }

        void Note(int node, Vector2 at)
        {
            var (sum, count) = nodes.GetValueOrDefault(node);
            nodes[node] = (sum + at, count + 1);
        }

        // All lines that meet in a node end in one spot; the last steps lead there.
        void Meet(Vector2[] points, int node, bool fromStart)
        {
            const int steps = 5;
            if (!nodes.TryGetValue(node, out var meeting))
                return;
            var off = (meeting.Sum / meeting.Count) - (fromStart ? points[0] : points[^1]);
            var count = Math.Min(steps, points.Length);
            for (var k = 0; k < count; k++)
                points[fromStart ? k : points.Length - 1 - k] += off * (1 - (k / (float)count));
        }
    }

    private Vector2[] Middles(Chain chain)
    {
        var (corners, points) = (chain.Corners, new List<Vector2>(chain.Corners.Count + 1));
        if (!chain.IsLoop)
            points.Add(Place(corners[0]));
        for (var i = 0; i + 1 < corners.Count; i++)
            points.Add((Place(corners[i]) + Place(corners[i + 1])) / 2);
        points.Add(chain.IsLoop ? points[0] : Place(corners[^1]));
        return [.. points];
    }

    // With the ways it leaves and comes back, where it goes on beyond its ends.
    private static (Vector2[] Points, Vector2 Leaving, Vector2 Arriving) Smoothed(Chain chain)
    {
        const int look = 3;
        var own = chain.Points;
        var (before, after) = chain.IsLoop ? (AroundBefore(own), AroundAfter(own)) : (Beyond(chain.BeforeStart), Beyond(chain.AfterEnd));
        Vector2[] all = [.. before.Reverse(), .. own, .. after];
        var next = new Vector2[all.Length];
        for (var pass = 0; pass < Passes; pass++)
        {
            (next[0], next[^1]) = (all[0], all[^1]);
            for (var k = 1; k + 1 < all.Length; k++)
                next[k] = (all[k - 1] + (all[k] * 2) + all[k + 1]) / 4;
            (all, next) = (next, all);
        }
        var (first, last) = (before.Length, before.Length + own.Length - 1);
        var points = all[first..(last + 1)];
        if (chain.IsLoop)
            points[^1] = points[0];
        Vector2 At(int i) => all[Math.Clamp(i, 0, all.Length - 1)];
        return (
            points,
            before.Length > 0 ? (At(first + look) - At(first - look)).Unit() : default,
            after.Length > 0 ? (At(last - look) - At(last + look)).Unit() : default
        );
    }

    private static Vector2[] AroundBefore(Vector2[] loop)
    {
        var n = loop.Length - 1;
        return [.. Enumerable.Range(0, Across).Select(k => loop[(((n - 1 - k) % n) + n) % n])];
    }

    private static Vector2[] AroundAfter(Vector2[] loop)
    {
        var n = loop.Length - 1;
        return [.. Enumerable.Range(0, Across).Select(k => loop[(1 + k) % n])];
    }

    private static Vector2[] Beyond(End? end)
    {
        if (end is not { } on)
            return [];
        var points = on.Chain.Points;
        var count = Math.Min(Across, points.Length - 1);
        return [.. Enumerable.Range(0, count).Select(k => on.IsLast ? points[^(2 + k)] : points[k + 1])];
    }
}
