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
    // What a line takes beside its practice: talk, and the way to it.
    private static readonly TimeSpan Around = TimeSpan.FromSeconds(30);

    /// <summary>A move by itself, at its usual dose, begun and ended where it is taken.</summary>
    public static Moment Of(MoveForm form, MoveCatalogue catalogue) =>
        new(
            form,
            form.Position,
            form.Move.Out is { } end ? catalogue.Position(end)! : form.Position,
            Replacements.LengthOf(form, form.Move.Dose.Usual) + Around
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
    private const double ByCondition = 5;

    // What shapes alone suggest is soft.
    private const double MostEffort = 2.5;

    // A replacement may take so much longer than the line, and so many seconds more.
    private const double Overtime = 1.15;
    private static readonly TimeSpan Grace = TimeSpan.FromSeconds(10);

    private readonly ConditionalWeakTable<MoveForm, ConcurrentDictionary<Key, IReadOnlyList<Replacement>>> known = [];

    private readonly record struct Key(int Alike, Position Before, Position Next, int Tens);

    /// <summary>The best few, best first, each move once.</summary>
    public IReadOnlyList<Replacement> All(Person person, Moment moment, ClassPlan plan) => All(person, moment, plan, Alike(person, plan));

    /// <summary>The same, where it is known who is alike; see <see cref="Alike(Person, ClassPlan)"/>.</summary>
    internal IReadOnlyList<Replacement> All(Person person, Moment moment, ClassPlan plan, int alike)
    {
        var key = new Key(alike, moment.Before, moment.Next, (int)(moment.Length.TotalSeconds / 10));
        return known.GetOrCreateValue(moment.Form).GetOrAdd(key, _ => Find(person, moment, plan));
    }

    private readonly ConcurrentDictionary<string, int> numbers = new();
    private int last;

    /// <summary>One number for all who have the same, in places and groups that are the same as far as it matters here.</summary>
    internal int Alike(Person person, ClassPlan plan) =>
        numbers.GetOrAdd($"{Said(person)}|{Said(plan)}", _ => Interlocked.Increment(ref last));

    private const int Most = 3;

    private List<Replacement> Find(Person person, Moment moment, ClassPlan plan)
    {
        var barred = Adviser.Bars(person);
        var picked = Best(person, moment, plan, barred, Picked(person, moment.Form));
        return picked.Count > 0 ? picked : Best(person, moment, plan, barred, Alike(moment.Form));
    }

    private List<Replacement> Best(
        Person person,
        Moment moment,
        ClassPlan plan,
        Demands barred,
        IEnumerable<(Move Move, double Place, string Because)> candidates
    )
    {
        var found = new Dictionary<string, (Replacement Found, double Cost)>();
        foreach (var (move, place, because) in candidates.Where(c => c.Move != moment.Form.Move && !c.Move.OptIn))
        foreach (var position in move.In)
        {
            if (
                Judge(person, moment, catalogue.Form(move, catalogue.Position(position)!, MoveForm.BaseOption), plan, barred)
                is not { } judged
            )
                continue;
            var cost =
                place
                + (judged.Advice == Advice.Smaller ? OnlySmaller : 0)
                + (judged.Way.TotalSeconds * ElsewherePerSecond)
                + (judged.Form.Props.All(p => MayBeAtHand(p, plan.Place)) ? 0 : PropMissing);
            if (!found.TryGetValue(move.Id, out var known) || cost < known.Cost)
                found[move.Id] = (judged with { Because = because }, cost);
        }
        return [.. found.Values.OrderBy(f => f.Cost).Take(Most).Select(f => f.Found)];
    }

    private Replacement? Judge(Person person, Moment moment, MoveForm form, ClassPlan plan, Demands barred)
    {
        var word = Adviser.Word(person, form);
        if (word == Advice.LeaveOut || !plan.Place.Allows(form.Position))
            return null;
        if (Reach(moment, form, plan, barred) is not { } there || Return(moment, form, plan, barred) is not { } back)
            return null;
        TimeSpan Time(Route route) => route.Ways.Sum(w => Timing.WayTime(w, plan.Group.Pace, plan.Group.Older));
        // Resting may be as short as there is time for.
        var whole = form.Move.Kind == MoveKind.Rest ? TimeSpan.Zero : LengthOf(form, form.Move.Dose.Least);
        var going = Time(there);
        if (going + whole > moment.Length * Overtime + Grace)
            return null;
        // What is to be taken smaller is taken easier, where that makes it fine.
        var easier =
            word == Advice.Smaller && form.Move.Options.ContainsKey(MoveForm.EasierOption)
                ? catalogue.Form(form.Move, form.Position, MoveForm.EasierOption)
                : form;
        return new(Adviser.Word(person, easier) < word ? easier : form, word, "", going + Time(back));
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

    // By hand for the move, then by hand for the condition.
    private IEnumerable<(Move Move, double Place, string Because)> Picked(Person person, MoveForm form)
    {
        var place = 0.0;
        foreach (var id in form.Move.Instead)
            if (catalogue.Move(id) is { } picked)
                yield return (picked, place++, "it is picked for this move");
        var purpose = Purposes.Of(form);
        place = ByCondition;
        foreach (var condition in catalogue.Conditions.Where(c => person.Complaints.Any(p => p.Condition == c.Id)))
        foreach (var id in condition.Suits.GetValueOrDefault(purpose, []))
            if (catalogue.Move(id) is { } suits)
                yield return (suits, place++, $"it is for the same, and suits: {condition.Name.ToLowerInvariant()}");
    }

    private IEnumerable<(Move Move, double Place, string Because)> Alike(MoveForm form) =>
        from other in catalogue.Moves
        where !other.Own && other.Effort <= Math.Max(MostEffort, form.Move.Effort)
        let like = Likeness(catalogue.Form(other, catalogue.Position(other.In[0])!, MoveForm.BaseOption), form)
        where like > 0
        select (other, -2 * like, "it eases the same");

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

    /// <summary>Where nobody has counted the props, whatever a move needs may be there.</summary>
    private static bool MayBeAtHand(string prop, Place place) => place.Props.Count == 0 || place.HasAtHand(prop);

    private static string Said(Person person) => string.Join(',', person.Complaints.Select(c => $"{c.Condition}{c.Side}{c.WeeksSince}"));

    private static string Said(ClassPlan plan)
    {
        var (families, atHand) = (string.Join(',', plan.Place.Families), plan.Place.Props.Where(p => p.Value > 0).Select(p => p.Key));
        return $"{families}|{plan.Place.RuledOut}|{plan.Group.Pace}{plan.Group.Older}|{string.Join(',', atHand)}";
    }

    /// <summary>How long an amount of a move takes a usual group, on both sides where it has them.</summary>
    public static TimeSpan LengthOf(MoveForm form, int amount)
    {
        var alternates = form.Move.Sides == Sidedness.Alternating;
        var pass = PassTiming.Of(form, new(form.Move.Dose.Unit, amount), alternates, BreathPatterns.Usual, Tempo.Of(new()));
        var once = pass.In + pass.Unit.Times(amount) + pass.OutOf.Sum(t => t);
        return form.Move.Sides is Sidedness.None or Sidedness.Alternating ? once : once.Times(2);
    }
}
