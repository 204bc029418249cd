using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Conditions;

/// <summary>What is advised to somebody about a move as it is taken: all they have is judged together.</summary>
/// <param name="Person">Who.</param>
/// <param name="Form">The move as it is taken.</param>
/// <param name="Advice">What is advised.</param>
/// <param name="Movement">To the movement by itself.</param>
/// <param name="Here">To what this position adds.</param>
/// <param name="Verdicts">What each of their conditions says, the gravest first; none that is fine.</param>
/// <param name="To">The option or position of this move that is another way, or null.</param>
public sealed record Advised(
    Person Person,
    MoveForm Form,
    Advice Advice,
    Advice Movement,
    Advice Here,
    IReadOnlyList<Verdict> Verdicts,
    MoveForm? To
)
{
    /// <summary>How it is made smaller, here or on the other way; empty where nothing has to be smaller there.</summary>
    public string How { get; init; } = "";

    /// <summary>Why: the reason of the gravest.</summary>
    public string Because => Verdicts.Count > 0 ? Verdicts[0].Because : "";

    /// <summary>The side it is for, where the other is done as everybody does it; none for both.</summary>
    public Side Only => Verdicts.Count > 0 && Verdicts.All(v => v.Only == Verdicts[0].Only) ? Verdicts[0].Only : Side.None;

    /// <summary>What the gravest rests on.</summary>
    public Source From => Verdicts.Count > 0 ? Verdicts[0].From : Source.Shape;
}

/// <summary>Judges moves for people.</summary>
public sealed class Adviser(MoveCatalogue catalogue)
{
    private readonly Dictionary<string, Condition> conditions = catalogue.Conditions.ToDictionary(c => c.Id);

    private readonly ConditionalWeakTable<MoveForm, ConcurrentDictionary<int, Advised>> known = [];

    /// <summary>The same as <see cref="For(Person, MoveForm, Place)"/>, judged once for all who have the same in such a place.</summary>
    /// <param name="person">Who.</param>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="place">Where.</param>
    /// <param name="alike">The number of those who have the same in such a place.</param>
    internal Advised For(Person person, MoveForm form, Place place, int alike)
    {
        var advised = known.GetOrCreateValue(form).GetOrAdd(alike, _ => For(person, form, place));
        return ReferenceEquals(advised.Person, person) || advised.Advice == Advice.Fine ? advised : advised with { Person = person };
    }

    /// <summary>What is advised to somebody.</summary>
    /// <param name="person">Who.</param>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="place">Where, as far as it rules positions out.</param>
    public Advised For(Person person, MoveForm form, Place place)
    {
        var verdicts = VerdictsOf(person, form);
        var (movement, here) = (Gravest(verdicts, v => v.Movement), Gravest(verdicts, v => v.Here));
        var advice = movement > here ? movement : here;
        // A position that somebody cannot take is changed before the move is made smaller.
        var needed = advice == Advice.LeaveOut || verdicts.Exists(IsOfThePlace);
        var to = needed ? AnotherWay(person, form, advice, place) : null;
        return new(
            person,
            form,
            to is null ? advice : Advice.AnotherWay,
            movement == Advice.LeaveOut && to is not null ? Advice.AnotherWay : movement,
            here,
            verdicts,
            to
        )
        {
            How = to is null ? HowOf(person, form, advice, verdicts) : HowThere(VerdictsOf(person, to)),
        };
    }

    private static bool IsOfThePlace(Verdict verdict) => verdict.Here > verdict.Movement;

    // The easier option where that makes it fine, else what each condition says.
    private string HowOf(Person person, MoveForm form, Advice advice, List<Verdict> verdicts) =>
        advice == Advice.Smaller && EasierCue(person, form) is { } cue
            ? $"the easier option, {char.ToLowerInvariant(cue[0])}{cue[1..]}"
            : HowThere(verdicts);

    private static string HowThere(List<Verdict> verdicts) =>
        string.Join("; ", verdicts.Select(v => v.How).Where(h => h.Length > 0).Distinct());

    private string? EasierCue(Person person, MoveForm form) =>
        form.Option == MoveForm.BaseOption
        && form.Move.Options.TryGetValue(MoveForm.EasierOption, out var easier)
        && Word(person, catalogue.Form(form.Move, form.Position, MoveForm.EasierOption)) == Advice.Fine
            ? easier.Cue
            : null;

    /// <summary>The gravest word of all somebody has: fine, smaller or leave out.</summary>
    public Advice Word(Person person, MoveForm form)
    {
        var word = Advice.Fine;
        foreach (var complaint in person.Complaints)
        {
            var one = Verdicts.Of(form, complaint, IsSettled(complaint)).Advice;
            if (one > word)
                word = one;
        }
        return word;
    }

    /// <summary>What ways may not ask of somebody.</summary>
    public Demands Bars(Person person) =>
        person.Complaints.Aggregate(
            Demands.None,
            (all, complaint) => conditions.TryGetValue(complaint.Condition, out var known) ? all | known.Bars : all
        );

    private List<Verdict> VerdictsOf(Person person, MoveForm form) =>
        [
            .. person
                .Complaints.Select(c => Verdicts.Of(form, c, IsSettled(c)))
                .Where(v => v.Advice > Advice.Fine)
                .OrderByDescending(v => v.Advice),
        ];

    private bool IsSettled(Complaint complaint) =>
        complaint.WeeksSince is { } weeks
        && conditions.TryGetValue(complaint.Condition, out var condition)
        && weeks >= condition.SettlesAfterWeeks;

    private static Advice Gravest(List<Verdict> verdicts, Func<Verdict, Advice> of) =>
        verdicts.Select(of).DefaultIfEmpty(Advice.Fine).Max();

    // In the same position first, then in the others as the author prefers them; what is fine before what is only smaller, and that only
    // where the place is no trouble.
    private MoveForm? AnotherWay(Person person, MoveForm form, Advice advice, Place place)
    {
        MoveForm? smaller = null;
        foreach (var other in form.Forms.OrderBy(f => f.Position == form.Position ? 0 : 1).ThenBy(Order))
        {
            if (other == form || other.Option == "deeper" || !place.Allows(other.Position))
                continue;
            var verdicts = VerdictsOf(person, other);
            if (verdicts.Count == 0)
                return other;
            if (verdicts[0].Advice < Advice.LeaveOut && (advice == Advice.LeaveOut || !verdicts.Exists(IsOfThePlace)))
                smaller ??= other;
        }
        return smaller;

        static int Order(MoveForm f) =>
            (f.Move.In.TakeWhile(id => id != f.Position.Id).Count() * 2) + (f.Option == MoveForm.BaseOption ? 0 : 1);
    }
}
