using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Scoring;

/// <summary>Gathers the height of the body through time and thins it to what can be seen.</summary>
internal sealed class TideLine
{
    /// <summary>No line has more points than this.</summary>
    public const int MostPoints = 400;

    private readonly List<(TimeSpan At, int Height)> points = [];

    /// <summary>The body keeps its height until now.</summary>
    public void Keep(TimeSpan now)
    {
        if (points.Count > 0)
            Reach(now, points[^1].Height);
    }

    /// <summary>The line. Where there are too many points, each stretch of time keeps its lowest and its highest.</summary>
    public IReadOnlyList<(TimeSpan At, int Height)> Thinned()
    {
        if (points.Count <= MostPoints)
            return points;
        var buckets = MostPoints / 2;
        var thinned = new List<(TimeSpan, int)>(MostPoints);
        for (var b = 0; b < buckets; b++)
        {
            var (from, to) = ((int)((long)points.Count * b / buckets), (int)((long)points.Count * (b + 1) / buckets));
            var (low, high) = (from, from);
            for (var i = from + 1; i < to; i++)
            {
                if (points[i].Height < points[low].Height)
                    low = i;
                if (points[i].Height > points[high].Height)
                    high = i;
            }
            // The very last point stays, so that the line ends with the class.
            if (b == buckets - 1)
                (low, high) = (Math.Min(low, high), points.Count - 1);
            thinned.Add(points[Math.Min(low, high)]);
            if (low != high)
                thinned.Add(points[Math.Max(low, high)]);
        }
        return thinned;
    }

    /// <summary>The body is at a height, in thousandths of a stature.</summary>
    public void Reach(TimeSpan at, int height)
    {
        // A third point of the same height in a row says nothing.
        if (points.Count > 1 && points[^1].Height == height && points[^2].Height == height)
            points[^1] = (at, height);
        else if (points.Count == 0 || points[^1] != (at, height))
            points.Add((at, height));
    }
}
