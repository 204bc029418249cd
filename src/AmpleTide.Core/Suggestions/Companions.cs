using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Suggestions;

/// <summary>A move that goes well before or after another.</summary>
/// <param name="Move">Which.</param>
/// <param name="Position">Where it is taken: the nearest of its positions.</param>
/// <param name="Because">What it does, as the end of a sentence.</param>
/// <param name="Way">How long the way there takes a usual group.</param>
public sealed record Companion(Move Move, Position Position, string Because, TimeSpan Way);

/// <summary>
/// Counters and preparations of a move wherever it is taken. A move is asked as a class of its own, at its usual dose: what would be found
/// missing there is what it owes and what it wants. So a move page says nothing that the check of a class does not.
/// </summary>
public sealed class Companions(MoveCatalogue catalogue, WayNetwork ways)
{
    private const int Most = 4;
    private const double SoftEffort = 2.5; // METs

    // Hands that bear this much in work, for this long, are moved free of weight afterwards. Common practice, no source.
    private const double OnPalms = 0.3;
    private const double Work = 3; // METs
    private static readonly TimeSpan LongOnPalms = TimeSpan.FromSeconds(10);

    // Half a minute on the way costs as much as a whole range answered.
    private static readonly TimeSpan WayPerRange = TimeSpan.FromSeconds(30);

    /// <summary>Moves that take back what this one owes: those its author picked, else the nearest; none where it owes nothing.</summary>
    public IReadOnlyList<Companion> Counters(Move move) =>
        move.Counters is { } picked
            ? [.. picked.Select(catalogue.Move).OfType<Move>().Select(m => Picked(m, move)).OfType<Companion>()]
            : [.. Find(move, Owed(move), after: true).Take(Most)];

    /// <summary>Moves that make ready for it, nearest first; none where it needs none.</summary>
    public IReadOnlyList<Companion> Preparations(Move move) =>
        Unprepared.In(AsClass(move), 0) is { } unprepared ? [.. Find(move, [unprepared.Need], after: false).Take(Most)] : [];

    /// <summary>
    /// What is done on a chair in its place: itself where it can be, else what its author picked, else what eases most of the same there.
    /// </summary>
    public Companion? OnAChair(Move move)
    {
        var eased = FirstForm(move).Easing.AreaBits;
        var onChairs =
            from other in catalogue.Moves
            where !other.OptIn
            let seat = catalogue.PositionsOf(other).FirstOrDefault(p => p.Level == PelvisLevel.Seat)
            where seat is not null
            let areas = catalogue.Form(other, seat, MoveForm.BaseOption).Easing.AreaBits
            let alike = other == move || other.Id == move.OnAChair ? int.MaxValue
            : (areas & eased) == 0 && !move.Instead.Contains(other.Id) ? 0
            : (AreaAlike * BitOperations.PopCount(areas & eased))
                - BitOperations.PopCount(areas & ~eased)
                + (other.Kind == move.Kind ? KindAlike : 0)
                + (move.Instead.Contains(other.Id) ? PickedByHand : 0)
            where alike > 0
            orderby alike descending
            select new Companion(other, seat, "is done on a chair", TimeSpan.Zero);
        return onChairs.FirstOrDefault();
    }

    // What counts how much when something is looked for that does the same. Common practice, no source.
    private const int AreaAlike = 4;
    private const int KindAlike = 2;
    private const int PickedByHand = 3;

    private List<Need> Owed(Move move)
    {
        if (move.Kind is MoveKind.Breathing or MoveKind.CheckIn or MoveKind.Rest)
            return [];
        var score = AsClass(move);
        // A head that was bowed only has to be level again.
        var owed = score.Debts.Where(d => d.MetBy is null && d.Bend != Bend.Neck).Select(Needs.Answering).ToList();
        var line = score.Lines[0];
        if (
            move.Effort >= Work
            && line.Practised >= LongOnPalms
            && line.Form!.Phases.All(p => p.Facts.OnHands >= OnPalms && StandsOnPalms(p.Shape))
        )
            owed.Add(
                new(
                    Counterpose.Said(Bend.Wrists, false),
                    form => Counterpose.TakesBack(form, Bend.Wrists, true) * (IsForWrists(form) ? 1 : 0)
                )
            );
        return owed;
    }

    // Wrists that come along with the arms are not yet moved freely.
    private static bool IsForWrists(MoveForm form) => form.Easing.Strongest is [Area.WristsHands] or [Area.WristsHands, _];

    private static bool StandsOnPalms(Shape shape) =>
        shape.Contacts.Any(c => c.Mark.Segment is Segment.RightHand or Segment.LeftHand)
        && !shape.Contacts.Any(c => c.Mark.Segment is Segment.RightForearm or Segment.LeftForearm);

    private Score AsClass(Move move)
    {
        var section = new Section
        {
            Id = "s1",
            Name = "",
            Items =
            [
                new Line
                {
                    Id = "l1",
                    Move = move.Id,
                    Position = move.In[0],
                },
            ],
        };
        var plan = ClassPlan.Anywhere with { StartsIn = move.In[0], Sections = [section] };
        return ClassCompiler.Compile(plan, catalogue, ways, withEvents: false);
    }

    private Companion? Picked(Move other, Move move) =>
        Nearest(other, EndOf(move), after: true) is { Position: { } position } nearest
            ? new(other, position, $"comes after {move.Name.ToLowerInvariant()}", nearest.Way)
            : null;

    private MoveForm FirstForm(Move move) => catalogue.Form(move, catalogue.Position(move.In[0])!, MoveForm.BaseOption);

    private Position EndOf(Move move) => catalogue.Position(move.Out ?? move.In[0])!;

    private IEnumerable<Companion> Find(Move move, List<Need> needs, bool after)
    {
        if (needs.Count == 0)
            return [];
        var here = after ? EndOf(move) : catalogue.Position(move.In[0])!;
        return from other in catalogue.Moves
            where other != move && !other.OptIn && other.Effort <= Math.Max(move.Effort, SoftEffort)
            where other.Kind is MoveKind.Hold or MoveKind.Flow
            let form = FirstForm(other)
            let best = needs.Select(n => (n.Does, Met: n.Met(form))).MaxBy(n => n.Met)
            where best.Met > 0
            let nearest = Nearest(other, here, after)
            where nearest.Position is not null
            orderby needs.Sum(n => n.Met(form)) - (nearest.Way / WayPerRange) descending
            select new Companion(other, nearest.Position!, best.Does, nearest.Way);
    }

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
