using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Server.Contracts;

/// <summary>A dose: its unit, and how much is least, usual and most.</summary>
public sealed record DoseResponse(Unit Unit, int Least, int Usual, int Most);

/// <summary>A move in a list.</summary>
public sealed record MoveSummary(
    string Id,
    string Name,
    string? Traditional,
    IReadOnlyList<string> Names,
    MoveKind Kind,
    IReadOnlyList<string> Positions,
    Sidedness Sides,
    Circle Circle,
    Second Second,
    string? RightNames,
    DoseResponse Dose,
    IReadOnlyList<string> Areas,
    IReadOnlyList<string> Uses,
    IReadOnlyList<string> Options,
    string? Easier,
    IReadOnlyList<string> Props,
    IReadOnlyList<string> Helpful,
    double Effort,
    IReadOnlyList<PhaseSummary> Phases,
    IReadOnlyList<string> NotFor,
    bool OptIn,
    bool Own
)
{
    /// <summary>By which of its names it was found, where it was searched for.</summary>
    public string? FoundBy { get; init; }

    /// <summary>What it is good for, where it was searched for by that: "for the neck, before sleep".</summary>
    public string? FoundFor { get; init; }

    /// <summary>In which position it is good for that.</summary>
    public string? FoundIn { get; init; }

    /// <summary>Whether that name is as good as what was asked.</summary>
    public bool? Sure { get; init; }

    /// <summary>Sums a move up.</summary>
    public static MoveSummary Of(Move move, MoveCatalogue catalogue) =>
        new(
            move.Id,
            move.Name,
            move.Traditional,
            move.Names,
            move.Kind,
            move.In,
            move.Sides,
            move.Circle,
            move.Second,
            move.RightNames,
            new(move.Dose.Unit, move.Dose.Least, move.Dose.Usual, move.Dose.Most),
            [.. catalogue.Form(move, catalogue.Position(move.In[0])!, MoveForm.BaseOption).Easing.Strongest.Select(a => a.Name())],
            UsesOf(move, catalogue),
            [.. move.Options.Keys],
            move.Options.TryGetValue(MoveForm.EasierOption, out var easier) ? easier.Cue : null,
            move.Props,
            move.Helpful,
            move.Effort,
            [.. move.Phases.Select(p => new PhaseSummary(p.Breath, p.Cue.Short))],
            [
                .. Verdicts
                    .Of(catalogue.Form(move, catalogue.Position(move.In[0])!, MoveForm.BaseOption))
                    .Where(v => v.Movement == Advice.LeaveOut)
                    .Select(v => v.Condition),
            ],
            move.OptIn,
            move.Own
        );

    // Of any of its positions.
    private static IReadOnlyList<string> UsesOf(Move move, MoveCatalogue catalogue)
    {
        var forms = catalogue.PositionsOf(move).Select(p => catalogue.Form(move, p, MoveForm.BaseOption)).ToList();
        return [.. catalogue.Uses.Where(u => forms.Exists(u.Has)).Select(u => u.Name)];
    }
}

/// <summary>A phase in a list: its breath and its short cue, with {right} and {left} still in it.</summary>
public sealed record PhaseSummary(Breath Breath, string Cue);

/// <summary>A phase of a move with its pictures, one a position.</summary>
public sealed record PhaseResponse(
    Breath Breath,
    Pattern Pattern,
    Work Work,
    string Long,
    string Short,
    string? Last,
    IReadOnlyList<string> Then,
    IReadOnlyList<string> Opens,
    IReadOnlyList<string> Closes
);

/// <summary>Something to watch for, and what to say then; with {right} and {left} still in them.</summary>
public sealed record WatchResponse(string See, string Say)
{
    /// <summary>The answer for all of a move's.</summary>
    public static IReadOnlyList<WatchResponse> Of(Move move) => [.. move.Watch.Select(w => new WatchResponse(w.See, w.Say))];
}

/// <summary>The activity of the 2011 Compendium of Physical Activities that a move's effort is taken from.</summary>
public sealed record ActivityResponse(string Code, string Name, double Mets);

/// <summary>An option of a move.</summary>
public sealed record OptionResponse(string Name, string Cue);

/// <summary>A move that goes well before or after another: why, and how long the way takes in seconds.</summary>
public sealed record CompanionResponse(string Move, string Name, string Position, string Because, int Seconds)
{
    /// <summary>The answer for a companion.</summary>
    public static CompanionResponse Of(Companion companion) =>
        new(companion.Move.Id, companion.Move.Name, companion.Position.Id, companion.Because, (int)companion.Way.TotalSeconds);
}

/// <summary>A move, whole; the ways are those into and out of each of its positions.</summary>
public sealed record MoveResponse(
    MoveSummary Summary,
    string TalkFirst,
    string TalkSecond,
    IReadOnlyList<PhaseResponse> Phases,
    string? Felt,
    IReadOnlyList<WatchResponse> Watch,
    ActivityResponse? Like,
    IReadOnlyList<OptionResponse> Options,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<ConditionResponse> Conditions,
    IReadOnlyList<MilderResponse> Milder,
    bool ComputedOnly,
    IReadOnlyList<CompanionResponse> Preparations,
    IReadOnlyList<CompanionResponse> Counters,
    CompanionResponse? OnAChair,
    IReadOnlyList<WayResponse> WaysIn,
    IReadOnlyList<WayResponse> WaysOut
)
{
    /// <summary>All of a move.</summary>
    /// <param name="move">The move.</param>
    /// <param name="taken">As it is taken: what is advised about it hangs on position and option.</param>
    /// <param name="snapshot">The catalogue.</param>
    public static MoveResponse Of(Move move, MoveForm taken, CatalogueSnapshot snapshot)
    {
        var catalogue = snapshot.Catalogue;
        var phases = move.Phases.Select(phase => new PhaseResponse(
            phase.Breath,
            phase.Pattern,
            phase.Work,
            phase.Cue.Long,
            phase.Cue.Short,
            phase.Cue.Last,
            phase.Cue.Then,
            phase.Opens,
            phase.Closes
        ));
        return new(
            MoveSummary.Of(move, catalogue),
            move.Talk.First,
            move.Talk.Second,
            [.. phases],
            Core.Catalogue.Felt.In(taken),
            WatchResponse.Of(move),
            move.Like is { } like ? new(like.Code, like.Name, like.Mets) : null,
            [.. move.Options.Select(o => new OptionResponse(o.Key, o.Value.Cue))],
            [.. move.Cautions.Select(c => c.Say)],
            ConditionResponse.Of(taken, snapshot),
            [
                .. move
                    .Asks.Where(a => a.Value.Because is not null)
                    .Select(a => new MilderResponse(a.Key.Said(Grade.Some), a.Value.Because!))
                    .Concat(move.Cautions.Where(c => c.Because is not null).Select(c => new MilderResponse(c.Say, c.Because!))),
            ],
            move.Own,
            [.. snapshot.Companions.Preparations(move).Select(CompanionResponse.Of)],
            [.. snapshot.Companions.Counters(move).Select(CompanionResponse.Of)],
            snapshot.Companions.OnAChair(move) is { } onAChair ? CompanionResponse.Of(onAChair) : null,
            Ways(w => move.In.Contains(w.To.Id)),
            Ways(w => move.Out is { } end ? w.From.Id == end : move.In.Contains(w.From.Id))
        );

        List<WayResponse> Ways(Func<Way, bool> which) =>
            [
                .. catalogue
                    .Ways.Where(which)
                    .Where(Conventions.IsUsual)
                    .Select(w => WayResponse.Of(w, Timing.WayTime(w, Pace.Usual, false)))
                    .OrderBy(w => w.Ms),
            ];
    }
}

/// <summary>A position.</summary>
public sealed record PositionResponse(
    string Id,
    string Name,
    Family Family,
    PelvisLevel Level,
    IReadOnlyList<string> Props,
    IReadOnlyList<string> Demands,
    double Height
)
{
    /// <summary>A position.</summary>
    public static PositionResponse Of(Position position) =>
        new(
            position.Id,
            position.Name,
            position.Family,
            position.Level,
            position.Props,
            [
                .. Enum.GetValues<Core.Catalogue.Demands>()
                    .Where(d => d != Core.Catalogue.Demands.None && position.Demands.HasFlag(d))
                    .Select(d => Catalogue.Entry.Hyphenated(d.ToString())),
            ],
            position.Facts.Tide / 1000.0
        );
}

/// <summary>One step of a way.</summary>
public sealed record StepResponse(Breath Breath, string Say);

/// <summary>A way from one position to another.</summary>
public sealed record WayResponse(string From, string To, IReadOnlyList<StepResponse> Steps, long Ms, IReadOnlyList<string> Cautions)
{
    /// <summary>A way as a usual group takes it.</summary>
    public static WayResponse Of(Way way, TimeSpan time) =>
        new(way.From.Id, way.To.Id, [.. way.Steps.Select(s => new StepResponse(s.Breath, s.Say))], time.Ms(), way.Cautions);
}

/// <summary>The ways between two positions, and how long they take together.</summary>
public sealed record PathResponse(IReadOnlyList<WayResponse> Ways, long Ms);

/// <summary>A move as its file writes it.</summary>
public sealed record MoveTextResponse(string Yaml);

/// <summary>The conventions of classes, and sets of them under a name.</summary>
public sealed record ConventionsResponse(IReadOnlyList<Convention> All, IReadOnlyList<ConventionPreset> Presets);

/// <summary>A rule of judgement.</summary>
public sealed record RuleResponse(string Id, string Title, Core.Judgements.Level Level);
