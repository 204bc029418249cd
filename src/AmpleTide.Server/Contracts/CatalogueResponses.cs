using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;
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

/// <summary>A condition somebody may have.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="LeaveOut">What to leave out or swap, in words.</param>
/// <param name="Offer">What to offer, in words.</param>
/// <param name="Dose">Up to how much, for how long.</param>
/// <param name="HasSide">Whether it matters on which side it is.</param>
/// <param name="SettlesAfterWeeks">Weeks after which it is judged as settled, where it matters since when.</param>
public sealed record ConditionSummary(
    string Id,
    string Name,
    string LeaveOut,
    string Offer,
    string? Dose,
    bool HasSide,
    int? SettlesAfterWeeks
)
{
    /// <summary>Sums a condition up.</summary>
    public static ConditionSummary Of(Condition c) => new(c.Id, c.Name, c.LeaveOut, c.Offer, c.Dose, c.HasSide, c.SettlesAfterWeeks);
}

/// <summary>What is advised about a move as it is taken for somebody with a condition; see <see cref="LineConditionResponse"/>.</summary>
public sealed record ConditionResponse(
    string Id,
    string Name,
    Advice Movement,
    Advice Here,
    Advice Advice,
    Source From,
    string Because,
    string How,
    AnotherWayResponse? To,
    string Offer,
    string? Dose,
    IReadOnlyList<InsteadResponse> Instead,
    string? Meanwhile
)
{
    /// <summary>All conditions that say more than <i>fine</i>, the gravest first.</summary>
    public static IReadOnlyList<ConditionResponse> Of(MoveForm form, CatalogueSnapshot snapshot)
    {
        var replacements = Replacements.On(snapshot.Ways);
        return
        [
            .. from condition in snapshot.Catalogue.Conditions
            let advised = replacements.Adviser.For(Person.With(condition.Id), form, new())
            where advised.Advice > Advice.Fine
            orderby advised.Advice descending
            select Of(condition, advised, replacements, snapshot),
        ];
    }

    private static ConditionResponse Of(Condition condition, Advised advised, Replacements replacements, CatalogueSnapshot snapshot)
    {
        var leaves = advised.Advice == Advice.LeaveOut;
        var instead = leaves ? replacements.All(advised.Person, Moment.Of(advised.Form, snapshot.Catalogue), ClassPlan.Anywhere) : [];
        return new(
            condition.Id,
            condition.Name,
            advised.Movement,
            advised.Here,
            advised.Advice,
            advised.From,
            advised.Because,
            advised.How,
            advised.To is { } to ? AnotherWayResponse.Of(to) : null,
            condition.Offer,
            condition.Dose,
            [.. instead.Select(i => new InsteadResponse(i.Form.Move.Id, i.Form.Position.Id, i.Form.Option, Said(i.Advice), i.Because))],
            leaves && instead.Count == 0 ? Replacements.Meanwhile(advised.Form) : null
        );
    }

    private static string Said(Advice advice) => JsonNamingPolicy.KebabCaseLower.ConvertName(advice.ToString());
}

/// <summary>Why something is judged more mildly than shapes and kind would have it: the author's reason.</summary>
public sealed record MilderResponse(string What, string Because);

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

/// <summary>A move in motion.</summary>
/// <param name="Phases">The frames of each phase.</param>
/// <param name="Order">The phases in the order they are taken: backward in time for the second direction of some circles.</param>
/// <param name="Ms">How long each turn takes at the usual breath.</param>
/// <param name="Box">The frame around all of them: least x, least y, most x, most y.</param>
/// <param name="Mirrors">Whether the left side is the mirrored picture, so that it need not be asked for.</param>
public sealed record FramesResponse(
    IReadOnlyList<IReadOnlyList<Figure>> Phases,
    IReadOnlyList<int> Order,
    IReadOnlyList<long> Ms,
    int[] Box,
    bool Mirrors
)
{
    /// <summary>The frames of a move, done to a side.</summary>
    public static FramesResponse Of(MoveForm form, Viewpoint view, Side side)
    {
        var phases = FigureFrames.Of(form, view, side);
        return new(
            phases,
            form.InOrder(side),
            [.. Timing.UsualTimes(form).Select(t => t.Ms())],
            phases[0][0].Box,
            form.Move.Second != Second.Reverse
        );
    }
}

/// <summary>A move as its file writes it.</summary>
public sealed record MoveTextResponse(string Yaml);

/// <summary>A move that is being written, as it would look.</summary>
/// <param name="Bodies">The body at the end of each phase.</param>
/// <param name="Stage">From where it is seen.</param>
/// <param name="Picture">What stands for it on cards and lines.</param>
public sealed record PreviewResponse(
    string Id,
    string Name,
    IReadOnlyList<PhaseSummary> Phases,
    FramesResponse Frames,
    IReadOnlyList<BodyResponse> Bodies,
    StageResponse Stage,
    Figure Picture
)
{
    /// <summary>A move that is being written, in the first of its positions.</summary>
    public static PreviewResponse Of(MoveForm form)
    {
        var (move, view) = (form.Move, form.View);
        // All of the body, whatever the move comes close to: it is there to be dragged.
        var frames = FramesResponse.Of(form with { Move = move with { Drawn = move.Drawn with { CloseUp = null } } }, view, Side.Right);
        var stage = StageResponse.Of(form.Position, view, FigureFrames.CentreOf(form));
        return new(
            move.Id,
            move.Name,
            [.. move.Phases.Select(p => new PhaseSummary(p.Breath, p.Cue.Long))],
            frames,
            [.. form.Phases.Select(p => BodyResponse.Of(p.Shape.Angles, p.Shape.Pelvis, stage))],
            stage,
            FigureDrawing.Picture(form)
        );
    }
}

/// <summary>From where and around which spot bodies are drawn, so that one that is dragged stays in its picture.</summary>
public sealed record StageResponse(string Position, double[] View, double[] Centre)
{
    /// <summary>The stage of a move.</summary>
    public static StageResponse Of(Position position, Viewpoint view, Vector centre) =>
        new(position.Id, [view.Around, view.Above], [centre.X, centre.Y, centre.Z]);
}

/// <summary>
/// A body: all angles in the order of <c>/api/body</c>, in degrees, its pelvis in statures, and what can be taken hold of, in the
/// picture.
/// </summary>
public sealed record BodyResponse(double[] Angles, double[] Pelvis, IReadOnlyList<HandleResponse> Handles)
{
    /// <summary>A body on a stage.</summary>
    public static BodyResponse Of(Angles angles, Vector pelvis, StageResponse stage)
    {
        var body = new Skeleton(angles.AsSpan(), pelvis);
        var (turn, centre) = (
            new Viewpoint(stage.View[0], stage.View[1]).Turn,
            new Vector(stage.Centre[0], stage.Centre[1], stage.Centre[2])
        );
        return new(
            [.. angles.AsSpan().ToArray().Select(a => Math.Round(a, 2))],
            [pelvis.X, pelvis.Y, pelvis.Z],
            [
                .. Handle.All.Select(handle =>
                {
                    var seen = turn * (handle.Mark.On(body) - centre);
                    return new HandleResponse(handle.Name, (int)Math.Round(seen.X * 1000), (int)Math.Round(-seen.Y * 1000));
                }),
            ]
        );
    }
}

/// <summary>Something on a figure that can be taken hold of: where it is, in thousandths of a stature, y down.</summary>
public sealed record HandleResponse(string Name, int X, int Y);

/// <summary>The body after a handle was dragged.</summary>
public sealed record SolvedResponse(BodyResponse Body, Figure Figure);

/// <summary>An axis as authors name it, with its normal range in degrees.</summary>
public sealed record BodyAxisResponse(string Name, double Least, double Most);

/// <summary>The body map: a person from the front and from the back.</summary>
public sealed record BodyMapResponse(FaceResponse Front, FaceResponse Back);

/// <summary>One face of the body map.</summary>
public sealed record FaceResponse(Figure Body, IReadOnlyList<MappedAreaResponse> Areas)
{
    /// <summary>A face as it travels.</summary>
    public static FaceResponse Of(BodyFace face) =>
        new(
            face.Body,
            [.. face.Areas.Select(a => new MappedAreaResponse(a.Area.Name(), a.Side == Side.Right ? "right" : "left", a.X, a.Y, a.Steps))]
        );
}

/// <summary>An area of the map on one side of the body: where its path begins, and how it goes on.</summary>
public sealed record MappedAreaResponse(string Area, string Side, int X, int Y, string Steps);

/// <summary>The pictures that were asked for, by key.</summary>
public sealed record FiguresResponse(IReadOnlyDictionary<string, Figure> Figures);

/// <summary>The conventions of classes, and sets of them under a name.</summary>
public sealed record ConventionsResponse(IReadOnlyList<Convention> All, IReadOnlyList<ConventionPreset> Presets);

/// <summary>A rule of judgement.</summary>
public sealed record RuleResponse(string Id, string Title, Core.Judgements.Level Level);

/// <summary>A sign by itself.</summary>
public sealed record SignResponse(Sign Sign, Figure Figure);

/// <summary>What pictures show beside the body: the arrow of what moves, and the signs.</summary>
public sealed record SignsResponse(Figure Arrow, IReadOnlyList<SignResponse> Signs)
{
    /// <summary>All of them.</summary>
    public static readonly SignsResponse All = new(SignKey.Arrow, [.. SignKey.Signs.Select(s => new SignResponse(s.Sign, s.Figure))]);
}
