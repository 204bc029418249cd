using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Teaching;

/// <summary>Which passes are the second side of which: what one side did, the other does for as long.</summary>
internal static class SecondSides
{
    /// <summary>For each pass the one whose dose it follows, or null.</summary>
    /// <param name="passes">The passes, in the order of time.</param>
    public static IReadOnlyList<int?> Of(IReadOnlyList<Taken> passes)
    {
        var follows = new int?[passes.Count];
        // First sides that wait for their other, oldest first, by what is done.
        var open = new Dictionary<(Move, string, Unit), List<int>>();
        for (var i = 0; i < passes.Count; i++)
        {
            var (item, side) = (passes[i].Item, passes[i].Occurrence.Side);
            // What changes the side with each round does both in one pass.
            if (item is not LineScore { Move: { } move, Alternates: false } line || side == Side.None)
                continue;
            var waiting = open.GetOrAdd((move, line.Line.Option, line.Dose.Unit));
            var first = waiting.FindIndex(w => passes[w].Occurrence.Side != side);
            if (first < 0)
                waiting.Add(i);
            else
            {
                follows[i] = waiting[first];
                waiting.RemoveAt(first);
            }
        }
        return follows;
    }

    private static List<int> GetOrAdd(this Dictionary<(Move, string, Unit), List<int>> open, (Move, string, Unit) key) =>
        open.TryGetValue(key, out var list) ? list : open[key] = [];
}
