namespace AmpleTide.Core.Figures;

/// <summary>The convex hull of points on the picture.</summary>
internal static class FigureHull
{
    /// <summary>Andrew's monotone chain, in O(n log n).</summary>
    /// <returns>x and y in turn, in thousandths of a stature.</returns>
    public static int[] Of(IEnumerable<(double X, double Y)> points)
    {
        var sorted = points.Order().ToList();
        var hull = Half(sorted);
        hull.AddRange(Half(Enumerable.Reverse(sorted)));
        return [.. hull.SelectMany(p => new[] { (int)Math.Round(p.X * 1000), (int)Math.Round(p.Y * 1000) })];
    }

    private static List<(double X, double Y)> Half(IEnumerable<(double X, double Y)> run)
    {
        var chain = new List<(double X, double Y)>();
        foreach (var p in run)
        {
            while (chain.Count > 1 && Turns(chain[^2], chain[^1], p) <= 0)
                chain.RemoveAt(chain.Count - 1);
            chain.Add(p);
        }
        chain.RemoveAt(chain.Count - 1);
        return chain;
    }

    private static double Turns((double X, double Y) a, (double X, double Y) b, (double X, double Y) c) =>
        ((b.X - a.X) * (c.Y - a.Y)) - ((b.Y - a.Y) * (c.X - a.X));
}
