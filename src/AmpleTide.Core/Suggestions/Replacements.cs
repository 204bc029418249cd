using System.Collections.Concurrent;
using System.Numerics;
using System.Runtime.CompilerServices;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Suggestions;

/// <summary>What somebody does while the others do a move they leave out.</summary>
/// <param name="Form">What, where and how.</param>
/// <param name="Advice">Whether it is fine for them, or to be taken smaller.</param>
/// <param name="Because">Why this one, as the end of a sentence.</param>
/// <param name="Way">How long it takes to get there.</param>
public sealed record Replacement(MoveForm Form, Advice Advice, string Because, TimeSpan Way);

/// <summary>A moment of a class in which somebody needs something else.</summary>
/// <param name="Form">What the others do.</param>
/// <param name="Before">Where everybody comes from.</param>
/// <param name="Next">Where everybody is afterwards.</param>
/// <param name="Length">How long they do it.</param>
public sealed record Moment(MoveForm Form, Position Before, Position Next, TimeSpan Length)
{
    /// <summary>A move by itself, at its usual dose, begun and ended where it is taken.</summary>
    public static Moment Of(MoveForm form, MoveCatalogue catalogue) =>
        new(
            form,
            form.Position,
            form.Move.Out is { } end ? catalogue.Position(end)! : form.Position,
            Replacements.LengthOf(form, form.Move.Dose.Usual)
        );
}

/// <summary>
/// Finds what stands in for a move that somebody leaves out: for the same part of the body, in the same minutes, never left out for them,
/// and on ways that they can go. What was picked by hand comes first, by move and then by condition; then what shapes show. O(moves ×
/// positions) at worst, once for each move, person and length.
/// </summary>
public sealed class Replacements
{
    private static readonly ConditionalWeakTable<WayNetwork, Replacements> Made = [];

    private readonly MoveCatalogue catalogue;
    private readonly WayNetwork ways;

    private Replacements(WayNetwork ways)
    {
        (catalogue, this.ways) = (ways.Catalogue, ways);
        Adviser = new(catalogue);
    }

    /// <summary>The replacements on a network of ways and in its catalogue; made once.</summary>
    public static Replacements On(WayNetwork ways) => Made.GetValue(ways, w => new(w));

    /// <summary>Who judges for whom.</summary>
    public Adviser Adviser { get; }

    // What a worse candidate costs, in places of the list it stands in; common practice, no source.
    private const double OnlySmaller = 6;
    private const double ElsewherePerSecond = 0.12;
    private const double PropMissing = 3;
    private const double HandPicked = 0,
        ByCondition = 5,
        ByShape = 12;

    // A replacement may take so much longer than the line, and at least so many seconds.
    private const double Overtime = 1.15;
    private static readonly TimeSpan Grace = TimeSpan.FromSeconds(8);

    private readonly ConditionalWeakTable<MoveForm, ConcurrentDictionary<Key, IReadOnlyList<Replacement>>> known = [];

    private readonly record struct Key(string Person, string Before, string Next, int Tens, string Place);

    /// <summary>The best, or null where nothing suits.</summary>
    public Replacement? Best(Person person, Moment moment, ClassPlan plan) => All(person, moment, plan) is [var best, ..] ? best : null;

    /// <summary>The best few, best first, each move once.</summary>
    public IReadOnlyList<Replacement> All(Person person, Moment moment, ClassPlan plan)
    {
        var key = new Key(Said(person), moment.Before.Id, moment.Next.Id, (int)(moment.Length.TotalSeconds / 10), Said(plan));
        return known.GetOrCreateValue(moment.Form).GetOrAdd(key, _ => Find(person, moment, plan));
    }

    private const int Most = 3;

    private List<Replacement> Find(Person person, Moment moment, ClassPlan plan)
    {
        var barred = Adviser.Bars(person);
        var found = new Dictionary<string, (Replacement Found, double Cost)>();
        foreach (var (move, place, because) in Candidates(person, moment.Form))
        {
            if (move == moment.Form.Move || move.OptIn && moment.Form.Move.Id != move.Id)
                continue;
            foreach (var form in move.In.SelectMany(id => Ways(move, catalogue.Position(id)!)))
            {
                if (Judge(person, moment, form, plan, barred) is not { } judged)
                    continue;
                var cost =
                    place
                    + (judged.Advice == Advice.Smaller ? OnlySmaller : 0)
                    + (judged.Way.TotalSeconds * ElsewherePerSecond)
                    + (form.Props.All(p => AtHand(p, plan.Place)) ? 0 : PropMissing);
                if (!found.TryGetValue(move.Id, out var known) || cost < known.Cost)
                    found[move.Id] = (judged with { Because = because }, cost);
            }
        }
        return [.. found.Values.OrderBy(f => f.Cost).Take(Most).Select(f => f.Found)];
    }

    private IEnumerable<MoveForm> Ways(Move move, Position position) =>
        move.Options.ContainsKey("easier")
            ? [catalogue.Form(move, position, MoveForm.BaseOption), catalogue.Form(move, position, "easier")]
            : [catalogue.Form(move, position, MoveForm.BaseOption)];

    private Replacement? Judge(Person person, Moment moment, MoveForm form, ClassPlan plan, Demands barred)
    {
        if (!plan.Place.Allows(form.Position))
            return null;
        var word = Adviser.Word(person, form);
        if (word == Advice.LeaveOut || form.Option != MoveForm.BaseOption && word > Advice.Fine)
            return null;
        if (Reach(moment, form, plan, barred) is not { } there || Return(moment, form, plan, barred) is not { } back)
            return null;
        TimeSpan Time(Route route) => route.Ways.Sum(w => Timing.WayTime(w, plan.Group.Pace, plan.Group.Older));
        var (going, whole) = (Time(there), LengthOf(form, form.Move.Dose.Least));
        var room = moment.Length * Overtime > moment.Length + Grace ? moment.Length * Overtime : moment.Length + Grace;
        return going + whole <= room ? new(form, word, "", going + Time(back)) : null;
    }

    // Who cannot be in the position of the line comes from where everybody was before, or from the nearest place on the way there that they
    // can be in.
    private Route? Reach(Moment moment, MoveForm form, ClassPlan plan, Demands barred)
    {
        var from = Open([moment.Form.Position, moment.Before], barred);
        for (var beside = new HashSet<Position> { moment.Form.Position }; from.Count == 0; from = Open(beside, barred))
        {
            var count = beside.Count;
            beside.UnionWith([.. catalogue.Ways.Where(w => beside.Contains(w.To)).Select(w => w.From)]);
            if (beside.Count == count)
                return null;
        }
        return from.Select(f => ways.Cheapest(f.Id, form.Position.Id, plan, barred)).OfType<Route>().MinBy(r => r.Cost);
    }

    // Where the others go next may be barred to them as well; then they stay where they are.
    private Route? Return(Moment moment, MoveForm form, ClassPlan plan, Demands barred) =>
        (moment.Next.Demands & barred) != 0
            ? Route.Stay
            : ways.Cheapest(form.Move.Out is { } end ? end : form.Position.Id, moment.Next.Id, plan, barred);

    private static List<Position> Open(IEnumerable<Position> positions, Demands barred) =>
        [.. positions.Where(p => (p.Demands & barred) == 0)];

    // In the order of how much it was meant for this: by hand for the move, by hand for the condition, then what is like it.
    private IEnumerable<(Move Move, double Place, string Because)> Candidates(Person person, MoveForm form)
    {
        var place = HandPicked;
        foreach (var id in form.Move.Instead)
            if (catalogue.Move(id) is { } picked)
                yield return (picked, place++, "it is picked for this move");
        var purpose = Purposes.Of(form);
        place = ByCondition;
        foreach (var condition in catalogue.Conditions.Where(c => person.Complaints.Any(p => p.Condition == c.Id)))
            foreach (var id in condition.Suits.GetValueOrDefault(purpose, []))
                if (catalogue.Move(id) is { } suits)
                    yield return (suits, place++, $"it is for the same and suits: {condition.Name.ToLowerInvariant()}");
        foreach (var other in catalogue.Moves.Where(m => !m.OptIn && !m.Own))
        {
            var like = Likeness(catalogue.Form(other, catalogue.Position(other.In[0])!, MoveForm.BaseOption), form);
            if (like > 0)
                yield return (other, ByShape - (2 * like), "it eases the same");
        }
    }

    private static double Likeness(MoveForm other, MoveForm form)
    {
        if (Purposes.Of(other) != Purposes.Of(form) || Still(other) != Still(form))
            return 0;
        var common = BitOperations.PopCount(other.Easing.AreaBits & form.Easing.AreaBits);
        return common == 0 && form.Easing.AreaBits != 0 ? 0.25 : Math.Min(3, common) + (other.Move.Kind == form.Move.Kind ? 0.5 : 0.25);
    }

    /// <summary>What somebody does for whom nothing stands in, as the end of a sentence.</summary>
    public static string Meanwhile(MoveForm form) =>
        form.Position switch
        {
            { Family: Family.Standing } => "stand with a hand on the wall and breathe on",
            { Family: Family.Seated } => "sit back and breathe on",
            _ => "rest on the side and breathe on",
        };

    private static bool Still(MoveForm form) => form.Move.Kind is MoveKind.Rest;

    private static bool AtHand(string prop, Place place) => prop is "mat" or "wall" || place.Props.Count == 0 || place.Props.GetValueOrDefault(prop) > 0;

    private static string Said(Person person) =>
        string.Join(',', person.Complaints.Select(c => $"{c.Condition}{c.Side}{c.WeeksSince}"));

    private static string Said(ClassPlan plan) =>
        $"{string.Join(',', plan.Place.Families)}|{plan.Place.RuledOut}|{plan.Group.Pace}{plan.Group.Older}|{string.Join(',', plan.Place.Props.Where(p => p.Value > 0).Select(p => p.Key))}";

    /// <summary>How long an amount of a move takes a usual group, on both sides where it has them.</summary>
    public static TimeSpan LengthOf(MoveForm form, int amount)
    {
        var alternates = form.Move.Sides == Sidedness.Alternating;
        var pass = PassTiming.Of(form, new(form.Move.Dose.Unit, amount), alternates, BreathPatterns.Usual, Tempo.Of(new()));
        var once = pass.In + pass.Unit.Times(amount) + pass.OutOf.Sum(t => t);
        return form.Move.Sides is Sidedness.None or Sidedness.Alternating ? once : once.Times(2);
    }
}
