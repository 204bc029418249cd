using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Suggestions;

/// <summary>A move that goes well before or after another.</summary>
/// <param name="Move">Which.</param>
/// <param name="Position">Where it is taken: the nearest of its positions.</param>
/// <param name="Because">What it does, as the end of a sentence.</param>
/// <param name="Way">How long the way there takes a usual group.</param>
public sealed record Companion(Move Move, Position Position, string Because, TimeSpan Way);

/// <summary>
/// Counters and preparations of a move wherever it is taken, found by what its shapes do (see <see cref="Counterpose"/>). Bends to a side
/// and turns are answered by the second side.
/// </summary>
public sealed class Companions(MoveCatalogue catalogue, WayNetwork ways)
{
    private const int Most = 4;

    // Who does a bend and takes it back itself within this, as a share of what is normal, owes nothing. Common practice, no source.
    private const double Lopsided = 0.25;

    // Half a minute on the way costs as much as a whole range answered.
    private static readonly TimeSpan WayPerRange = TimeSpan.FromSeconds(30);

    /// <summary>Moves that take back what this one does, nearest first.</summary>
    public IReadOnlyList<Companion> Counters(Move move) => Find(move, Counterpose.TakesBack, takesBack: true);

    /// <summary>Moves that make ready for it, nearest first.</summary>
    public IReadOnlyList<Companion> Preparations(Move move) => Find(move, Counterpose.Prepares, takesBack: false);

    private List<Companion> Find(Move move, Func<MoveForm, Bend, bool, double> how, bool takesBack)
    {
        var strong = StrongBends(FirstForm(move));
        if (strong.Count == 0)
            return [];
        var here = catalogue.Position(move.Out ?? move.In[0])!;
        var found =
            from other in catalogue.Moves
            where other != move && !other.OptIn && other.Effort <= Math.Max(move.Effort, 2.5)
            let form = FirstForm(other)
            let best = strong.Select(s => (s.Bend, s.Forward, Worth: how(form, s.Bend, s.Forward))).MaxBy(s => s.Worth)
            where best.Worth > 0
            let nearest = Nearest(other, here, takesBack)
            where nearest.Position is not null
            orderby strong.Sum(s => how(form, s.Bend, s.Forward)) - (nearest.Way / WayPerRange) descending
            select new Companion(other, nearest.Position!, Counterpose.Said(best.Bend, best.Forward != takesBack), nearest.Way);
        return [.. found.Take(Most)];
    }

    private MoveForm FirstForm(Move move) => catalogue.Form(move, catalogue.Position(move.In[0])!, MoveForm.BaseOption);

    private static List<(Bend Bend, bool Forward)> StrongBends(MoveForm form) =>
        [
            .. from bend in Enum.GetValues<Bend>()
            from forward in (bool[])[true, false]
            let far = form.Bends.Towards(bend, forward)
            where far >= Counterpose.Strong && form.Bends.Towards(bend, !forward) < far - Lopsided
            select (bend, forward),
        ];

    private (Position? Position, TimeSpan Way) Nearest(Move other, Position here, bool after)
    {
        (Position? Position, TimeSpan Way) nearest = (null, TimeSpan.MaxValue);
        foreach (var position in catalogue.PositionsOf(other))
        {
            var route = after
                ? ways.Cheapest(here.Id, position.Id, ClassPlan.Anywhere)
                : ways.Cheapest(position.Id, here.Id, ClassPlan.Anywhere);
            if (route?.Ways.Sum(w => Timing.WayTime(w, Pace.Usual, false)) is { } way && way < nearest.Way)
                nearest = (position, way);
        }
        return nearest;
    }
}
