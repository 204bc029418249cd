using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Planning;

/// <summary>A move that goes well before or after another.</summary>
/// <param name="Move">Which.</param>
/// <param name="Position">Where it is taken: the nearest of its positions.</param>
/// <param name="Because">What it does, as the end of a sentence.</param>
/// <param name="Seconds">The way there, for a usual group.</param>
public sealed record Companion(Move Move, Position Position, string Because, int Seconds);

/// <summary>
/// Counters and preparations of a move, found by what its shapes do: a counter does the opposite, a preparation the same at middle
/// range. Bends to a side and turns are answered by the second side.
/// </summary>
public sealed class Companions(MoveCatalogue catalogue, WayNetwork ways)
{
    // A preparation does at most so much of it, as a share of what is normal. Common practice, no source.
    private const double MostPreparation = 0.5;
    private const double Lopsided = 0.25;
    private const int Most = 4;

    // Half a minute on the way costs as much as a whole range answered.
    private const double SecondsPerRange = 30;

    /// <summary>Two opposites: what is said of each, and how much of it a shape does, as a share of what is normal.</summary>
    private sealed record Opposites(string One, Func<Facts, double> OfOne, string Other, Func<Facts, double> OfOther);

    private static readonly Opposites[] All =
    [
        new("rounds the low back", p => Plus(p, Axis.LowerFlexion), "arches the low back", p => Minus(p, Axis.LowerFlexion)),
        new("spreads the upper back", p => Math.Max(Plus(p, Axis.UpperFlexion), Of(p, Area.UpperBack)), "opens the chest", p => Of(p, Area.Chest)),
        new("bows the head", p => Plus(p, Axis.NeckFlexion), "lifts the gaze", p => Minus(p, Axis.NeckFlexion)),
        new("loads the wrists", p => p.OnHands, "moves the free wrists", p => p.OnHands > 0.05 ? 0 : Math.Max(Plus(p, Axis.RightWrist), Minus(p, Axis.RightWrist))),
        new("stretches the backs of the legs", p => Of(p, Area.Hamstrings), "opens the hip fronts", p => Of(p, Area.HipFront)),
    ];

    private static readonly ClassPlan Anybody = new() { Id = "", Title = "", Minutes = 1, Sections = [] };

    private readonly Dictionary<string, Doing> doing = catalogue.Moves.ToDictionary(
        m => m.Id, m => Doing.Of(catalogue.Form(m, catalogue.Position(m.In[0])!, MoveForm.BaseOption)));

    /// <summary>Moves that take back what this one does, nearest first.</summary>
    public IReadOnlyList<Companion> Counters(Move move) => Find(move, opposite: true);

    /// <summary>Moves that make ready for it.</summary>
    public IReadOnlyList<Companion> Preparations(Move move) => Find(move, opposite: false);

    private List<Companion> Find(Move move, bool opposite)
    {
        var own = doing[move.Id].Most;
        // What a move does and takes back itself (cat and cow) asks for nothing.
        var asked = Enumerable.Range(0, own.Length).Where(i => own[i] >= CounterDebts.Strong && own[i ^ 1] < own[i] - Lopsided).Select(i => (Strength: own[i], Want: opposite ? i ^ 1 : i, Against: opposite ? i : i ^ 1)).ToList();
        if (asked.Count == 0) return [];
        var here = catalogue.Position(move.Out ?? move.In[0])!;
        var found = from other in catalogue.Moves
                    where other != move && !other.OptIn && other.Effort <= Math.Max(move.Effort, 2.5)
                        && other.Kind is not (MoveKind.Rest or MoveKind.CheckIn or MoveKind.Breathing or MoveKind.Balance)
                    let does = doing[other.Id]
                    let answered = asked.Where(a => does.Gained[a.Want] >= CounterDebts.Answer && (opposite || does.Most[a.Want] <= MostPreparation) && does.Most[a.Against] < CounterDebts.Strong).ToList()
                    where answered.Count > 0
                    let nearest = Nearest(other, here, opposite)
                    where nearest.Position is not null
                    let worth = answered.Sum(a => Math.Min(does.Gained[a.Want], a.Strength)) - (nearest.Seconds / SecondsPerRange)
                    orderby worth descending
                    select new Companion(other, nearest.Position!, Said(answered.MaxBy(a => does.Gained[a.Want]).Want), nearest.Seconds);
        return [.. found.Take(Most)];
    }

    private (Position? Position, int Seconds) Nearest(Move other, Position here, bool after)
    {
        (Position? Position, int Seconds) nearest = (null, int.MaxValue);
        foreach (var position in catalogue.PositionsOf(other))
        {
            var route = after ? ways.Cheapest(here.Id, position.Id, Anybody) : ways.Cheapest(position.Id, here.Id, Anybody);
            if (route is null) continue;
            var seconds = route.Ways.Sum(w => Timing.WayMs(w, Pace.Usual, false)) / 1000;
            if (seconds < nearest.Seconds) nearest = (position, seconds);
        }
        return nearest;
    }

    private static string Said(int index) => index % 2 == 0 ? All[index / 2].One : All[index / 2].Other;

    /// <summary>What a move does of each thing, opposites side by side: the most in any phase, and how much that is more than a plain position does already.</summary>
    private sealed record Doing(double[] Most, double[] Gained)
    {
        public static Doing Of(MoveForm form)
        {
            var measures = All.SelectMany(o => new[] { o.OfOne, o.OfOther }).ToList();
            double[] most = [.. measures.Select(measure => form.Phases.Max(p => measure(p.Facts)))];
            return new(most, [.. measures.Select((measure, i) => most[i] - (form.Position.Plain ? measure(form.Position.Facts) : 0))]);
        }
    }

    private static double Plus(Facts facts, Axis axis) => Either(facts, axis, 1);

    private static double Minus(Facts facts, Axis axis) => Either(facts, axis, -1);

    private static double Either(Facts facts, Axis axis, int sign) =>
        Math.Max(0, Math.Max(sign * facts.Loads[(int)axis], sign * facts.Loads[(int)Axes.Mirror(axis)]));

    private static double Of(Facts facts, Area area) => Math.Max(facts.RightStretch[(int)area], facts.LeftStretch[(int)area]);
}
