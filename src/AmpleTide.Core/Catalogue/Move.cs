using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>What kind of thing a move is.</summary>
public enum MoveKind
{
#pragma warning disable CS1591 // the words of the trade
    Hold,
    Flow,
    Rhythm,
    Breathing,
    Balance,
    CheckIn,
    Rest,
#pragma warning restore CS1591
}

/// <summary>An easier or deeper form of a move.</summary>
/// <param name="Cue">How it is offered.</param>
/// <param name="Change">How the shape differs.</param>
/// <param name="Phases">The phases (from 0) it applies to, or null for those that leave the base shape.</param>
/// <param name="Face">What the face does in those phases, or null for what it does anyway.</param>
/// <param name="Hands">What the hands do in those phases, or null for what they do anyway.</param>
/// <param name="Signs">What goes on where in those phases, or null for the same as without it.</param>
/// <param name="Strap">What a strap runs along, or null for the same as without it.</param>
public sealed record MoveOption(
    string Cue,
    ShapeChange Change,
    IReadOnlyList<int>? Phases,
    Face? Face = null,
    Hands? Hands = null,
    IReadOnlyList<(Sign Sign, Landmark At)>? Signs = null,
    IReadOnlyList<Landmark>? Strap = null
)
{
    /// <summary>What it asks otherwise with this option, as its author says.</summary>
    public IReadOnlyDictionary<Strain, AuthorsGrade> Asks { get; init; } = new Dictionary<Strain, AuthorsGrade>();

    /// <summary>The props that are needed with this option: what it rests on as well, and a strap only while there is one.</summary>
    public IEnumerable<string> Over(IEnumerable<string> props) =>
        (Strap is null ? props : props.Except(["strap"]))
            .Concat(Strap is { Count: > 0 } ? ["strap"] : [])
            .Union(Change.Contacts.Values.Where(v => v is not ("none" or "stay" or "floor")).Select(v => Support.Find(v)!.Prop));

    /// <summary>A phase with this option's face, hands and signs; eyes that stay open are not closed by it.</summary>
    public Phase Over(Phase phase) =>
        phase with
        {
            Look = new(Face ?? phase.Look.Face, Hands ?? phase.Look.Hands),
            Signs = Signs ?? phase.Signs,
            Opens = Face is null or Catalogue.Face.EyesShut ? phase.Opens : [.. phase.Opens.Where(what => what != "eyes")],
        };

    /// <summary>
    /// What every picture shows beside the body: this option's strap, and no signs where it has its own: those are its phases'.
    /// </summary>
    public Drawn Over(Drawn drawn) => drawn with { Signs = Signs is null ? drawn.Signs : [], Strap = Strap ?? drawn.Strap };
}

/// <summary>Talk-in before the first and the second side.</summary>
public sealed record Talk(string First, string Second)
{
    /// <summary>How many words the first side is given.</summary>
    public int FirstWords { get; } = Words.Count(First);

    /// <summary>How many words the second side is given.</summary>
    public int SecondWords { get; } = Words.Count(Second);
}

/// <summary>Something to watch for while others do a move.</summary>
/// <param name="See">What is seen.</param>
/// <param name="Say">What is said then.</param>
public sealed record WatchFor(string See, string Say);

/// <summary>A move: a way of easing something, with its phases, sides, dose and words.</summary>
public sealed record Move
{
    /// <summary>Its id, lower case with hyphens.</summary>
    public required string Id { get; init; }

    /// <summary>Its usual name.</summary>
    public required string Name
    {
        get;
        init => (field, NameWords) = (value, Words.Count(value));
    }

    /// <summary>The move under another name, the one it had kept among what people call it besides.</summary>
    public Move Called(string name) => name == Name ? this : this with { Name = name, Names = [Name, .. Names.Where(n => n != name)] };

    /// <summary>How many words its name has.</summary>
    public int NameWords { get; private init; }

    /// <summary>Its traditional name, or null.</summary>
    public string? Traditional { get; init; }

    /// <summary>What people call it besides.</summary>
    public IReadOnlyList<string> Names { get; init; } = [];

    /// <summary>What kind of thing it is.</summary>
    public required MoveKind Kind { get; init; }

    /// <summary>The positions it can be taken in, preferred first.</summary>
    public required IReadOnlyList<string> In { get; init; }

    /// <summary>The position it ends in, or null for the one it began in.</summary>
    public string? Out { get; init; }

    /// <summary>How it has sides.</summary>
    public required Sidedness Sides { get; init; }

    /// <summary>What <i>right</i> names: "the way the head leans".</summary>
    public string? RightNames { get; init; }

    /// <summary>What the directions are called, for circling moves.</summary>
    public Circle Circle { get; init; }

    /// <summary>How the second side comes out of the first.</summary>
    public Second Second { get; init; }

    /// <summary>Its dose.</summary>
    public required DoseRange Dose { get; init; }

    /// <summary>Seconds a round or a breath of it takes at a usual tempo, where its breath does not tell; null for most.</summary>
    public double? UnitSeconds { get; init; }

    /// <summary>Whether it is said and done at once, such as opening the eyes: a cue and one breath, and nothing to stay in.</summary>
    public bool IsCue => Kind == MoveKind.CheckIn && UnitSeconds is not null;

    /// <summary>Whether the legs carry anew in it, a stance or a balance, so that going in and coming out take longer.</summary>
    public bool LegsCarryAnew { get; init; }

    /// <summary>Seconds a beat takes, for rhythms.</summary>
    public double BeatSeconds { get; init; } = 1;

    /// <summary>How many phases a beat goes through: one, or a whole turn where circles are counted.</summary>
    public int PhasesOfBeat => Sides == Sidedness.Circling ? Phases.Count : 1;

    /// <summary>What is said before the first and the second side.</summary>
    public required Talk Talk { get; init; }

    /// <summary>What is said before where a class takes another way of a matter: matter → way → talk.</summary>
    public IReadOnlyDictionary<string, IReadOnlyDictionary<string, Talk>> TalkBy { get; init; } =
        new Dictionary<string, IReadOnlyDictionary<string, Talk>>();

    /// <summary>What is said before, as a class has chosen.</summary>
    /// <param name="taken">The way a class takes in a matter.</param>
    public Talk TalkFor(Func<string, string> taken)
    {
        foreach (var (matter, ways) in TalkBy)
            if (ways.TryGetValue(taken(matter), out var talk))
                return talk;
        return Talk;
    }

    /// <summary>Its phases.</summary>
    public required IReadOnlyList<Phase> Phases { get; init; }

    /// <summary>Its options: <c>easier</c>, <c>deeper</c>.</summary>
    public required IReadOnlyDictionary<string, MoveOption> Options { get; init; }

    /// <summary>Its cautions.</summary>
    public required IReadOnlyList<Caution> Cautions { get; init; }

    /// <summary>What it asks that its shapes do not show, or show wrongly, as its author says.</summary>
    public IReadOnlyDictionary<Strain, AuthorsGrade> Asks { get; init; } = new Dictionary<Strain, AuthorsGrade>();

    /// <summary>Moves that stand in for it, picked by hand, best first.</summary>
    public IReadOnlyList<string> Instead { get; init; } = [];

    /// <summary>Props it needs.</summary>
    public IReadOnlyList<string> Props { get; init; } = [];

    /// <summary>Props that help.</summary>
    public IReadOnlyList<string> Helpful { get; init; } = [];

    /// <summary>Areas its shapes cannot show: jaw, breath.</summary>
    public IReadOnlyList<Area> AlsoEases
    {
        get;
        init => (field, AlsoEasedBits) = (value, value.Aggregate(0u, (bits, area) => bits | (1u << (int)area)));
    } = [];

    /// <summary>The same as bits.</summary>
    public uint AlsoEasedBits { get; private init; }

    /// <summary>Areas its shapes seem to show and that it does not ease: legs that lie long in a seat, arms that only rest.</summary>
    public IReadOnlyList<Area> EasesNot { get; init; } = [];

    /// <summary>
    /// The areas that count only where the author names them, as bits: what is breathed or noticed happens in some shape, and is not about
    /// it.
    /// </summary>
    public uint AreasByNameOnly =>
        Kind is MoveKind.Breathing or MoveKind.CheckIn ? ~0u : EasesNot.Aggregate(0u, (bits, area) => bits | (1u << (int)area));

    /// <summary>Moves that take it back, picked by hand, best first; none where it owes nothing; null where its shapes tell.</summary>
    public IReadOnlyList<string>? Counters { get; init; }

    /// <summary>The move that is done on a chair in its place, picked by hand; null where what it eases tells.</summary>
    public string? OnAChair { get; init; }

    /// <summary>The way of a convention it follows: <c>neckCircle</c> → <c>full</c>.</summary>
    public IReadOnlyDictionary<string, string> School { get; init; } = new Dictionary<string, string>();

    /// <summary>The option that a way of a convention takes: matter → way → option.</summary>
    public IReadOnlyDictionary<string, IReadOnlyDictionary<string, string>> OptionBy { get; init; } =
        new Dictionary<string, IReadOnlyDictionary<string, string>>();

    /// <summary>Where it is felt, as the end of "Felt in …", in its author's words; null where its areas tell.</summary>
    public string? Felt { get; init; }

    /// <summary>Why a hand that touches, or a face that is come close to, is not seen in its picture; null where it is.</summary>
    public string? Hidden { get; init; }

    /// <summary>What goes wrong easily, and what is said then.</summary>
    public IReadOnlyList<WatchFor> Watch { get; init; } = [];

    /// <summary>Whether it is only offered when asked for.</summary>
    public bool OptIn { get; init; }

    /// <summary>Whether a teacher here made it.</summary>
    public bool Own { get; init; }

    /// <summary>Effort in METs: that of the activity it is like, or placed between those by eye.</summary>
    public required double Effort { get; init; }

    /// <summary>The activity of the compendium it is like, or null where its effort is placed by eye.</summary>
    public Activity? Like { get; init; }

    /// <summary>From where it is best seen, or null for the position's own view.</summary>
    public Viewpoint? View { get; init; }

    /// <summary>What its picture shows beside the body.</summary>
    public Drawn Drawn { get; init; } = Drawn.Nothing;

    /// <summary>The phase (from 0) whose end is its picture.</summary>
    public required int Picture { get; init; }

    /// <summary>Guided stillness is spoken more slowly than instruction.</summary>
    public bool IsStillness => Kind is MoveKind.Rest or MoveKind.CheckIn;
}
