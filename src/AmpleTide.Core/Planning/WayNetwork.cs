using System.Collections.Concurrent;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Planning;

/// <summary>A chain of ways from one position to another.</summary>
/// <param name="Ways">In order; none when the positions are the same.</param>
/// <param name="Cost">Milliseconds and weighted demands, see <see cref="WayNetwork.CostOf"/>.</param>
public sealed record Route(IReadOnlyList<Way> Ways, long Cost)
{
    /// <summary>Staying where one is.</summary>
    public static readonly Route Stay = new([], 0);
}

/// <summary>The ways between positions, and the cheapest chain of them for a group in a place.</summary>
public sealed class WayNetwork(MoveCatalogue catalogue)
{
    // What a demand costs beside the time, in milliseconds: a way that asks less of knees, hands and head is taken when it is
    // not much longer. Common practice, no source.
    private const int DemandCost = 4000;

    /// <summary>The catalogue whose positions it joins.</summary>
    public MoveCatalogue Catalogue => catalogue;

    private readonly ConcurrentDictionary<(string From, Going Going), Dictionary<string, Route>> trees = new();

    /// <summary>The cheapest chain of ways.</summary>
    /// <param name="from">The position we are in.</param>
    /// <param name="to">The position we want.</param>
    /// <param name="plan">Group and place, whose limits rule ways out.</param>
    /// <returns>Null when there is none.</returns>
    public Route? Cheapest(string from, string to, ClassPlan plan) =>
        from == to ? Route.Stay : TreeFrom(from, Going.Of(plan)).GetValueOrDefault(to);

    /// <summary>The cheapest chain of ways for somebody who cannot do all that the others can.</summary>
    /// <param name="from">The position they are in.</param>
    /// <param name="to">The position they want.</param>
    /// <param name="plan">Group and place, whose limits rule ways out.</param>
    /// <param name="barred">What the ways may not ask of them besides.</param>
    /// <returns>Null when there is none.</returns>
    public Route? Cheapest(string from, string to, ClassPlan plan, Demands barred)
    {
        if (from == to)
            return Route.Stay;
        var going = Going.Of(plan);
        return TreeFrom(from, going with { RuledOut = going.RuledOut | barred }).GetValueOrDefault(to);
    }

    /// <summary>How a group goes about, prepared once a class.</summary>
    public Func<Position, Position, Route?> For(ClassPlan plan)
    {
        var going = Going.Of(plan);
        return (from, to) => ReferenceEquals(from, to) ? Route.Stay : TreeFrom(from.Id, going).GetValueOrDefault(to.Id);
    }

    /// <summary>What a way costs a group: its time in milliseconds, and something for each demand.</summary>
    public static long CostOf(Way way, Pace pace, bool older)
    {
        var demands = System.Numerics.BitOperations.PopCount((uint)(way.AllDemands & ~(Demands.Standing | Demands.Floor)));
        return Timing.WayTime(way, pace, older).Ms() + (demands * DemandCost);
    }

    private Dictionary<string, Route> TreeFrom(string from, Going going) => trees.GetOrAdd((from, going), Grow);

    // Dijkstra; positions are few, so the nearest open one is found by looking. O(positions² + ways).
    private Dictionary<string, Route> Grow((string From, Going Going) key)
    {
        var (from, going) = key;
        var reached = new Dictionary<string, Route>();
        var open = new Dictionary<string, Route> { [from] = Route.Stay };
        while (open.Count > 0)
        {
            var (at, path) = open.MinBy(o => o.Value.Cost);
            open.Remove(at);
            reached[at] = path;
            foreach (var way in catalogue.Ways.Where(w => w.From.Id == at && going.Allows(w) && !reached.ContainsKey(w.To.Id)))
            {
                var cost = path.Cost + CostOf(way, going.Pace, going.Older);
                if (!open.TryGetValue(way.To.Id, out var known) || cost < known.Cost)
                    open[way.To.Id] = new([.. path.Ways, way], cost);
            }
        }
        return reached;
    }

    /// <summary>What decides which ways a group can take.</summary>
    private readonly record struct Going(Pace Pace, bool Older, Demands RuledOut, int Families, bool RollsUp)
    {
        public static Going Of(ClassPlan plan) =>
            new(
                plan.Group.Pace,
                plan.Group.Older,
                Limits.RuledOut(plan.Place.Limits),
                plan.Place.Families.Count == 0 ? -1 : plan.Place.Families.Aggregate(0, (all, f) => all | (1 << (int)f)),
                plan.RollsUp
            );

        public bool Allows(Way way) =>
            (way.AllDemands & RuledOut) == 0
            && (Families & (1 << (int)way.To.Family)) != 0
            && (!way.School.TryGetValue("riseFromFold", out var rise) || rise == "roll-up" == RollsUp);
    }
}
