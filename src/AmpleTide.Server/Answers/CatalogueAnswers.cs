using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;

namespace AmpleTide.Server.Answers;

/// <summary>A dose: its unit, and how much is least, usual and most.</summary>
public sealed record DoseAnswer(Unit Unit, int Least, int Usual, int Most);

/// <summary>A move in a list.</summary>
public sealed record MoveSummary(
    string Id, string Name, string? Traditional, MoveKind Kind, IReadOnlyList<string> Positions, Sidedness Sides, Circle Circle, string? RightNames,
    DoseAnswer Dose, IReadOnlyList<string> Areas, IReadOnlyList<string> Options, IReadOnlyList<string> Props, double Effort,
    IReadOnlyList<PhaseSummary> Phases)
{
    /// <summary>Sums a move up.</summary>
    public static MoveSummary Of(Move move, MoveCatalogue catalogue) => new(
        move.Id, move.Name, move.Traditional, move.Kind, move.In, move.Sides, move.Circle, move.RightNames,
        new(move.Dose.Unit, move.Dose.Least, move.Dose.Usual, move.Dose.Most), AreasOf(move, catalogue), [.. move.Options.Keys], move.Props, move.Effort,
        [.. move.Phases.Select(p => new PhaseSummary(p.Breath, p.Cue.Short))]);

    // The areas its shapes lengthen, the strongest first, and those no shape shows.
    private static List<string> AreasOf(Move move, MoveCatalogue catalogue)
    {
        const double worthNaming = 0.35;
        var forms = catalogue.Form(move, catalogue.Position(move.In[0])!, MoveForm.BaseOption);
        var strongest = Enum.GetValues<Area>()
            .Select(a => (Area: a, Stretch: forms.Phases.Max(p => Math.Max(p.Facts.RightStretch[(int)a], p.Facts.LeftStretch[(int)a]))))
            .Where(a => a.Stretch >= worthNaming).OrderByDescending(a => a.Stretch).Select(a => a.Area);
        return [.. move.AlsoEases.Concat(strongest).Distinct().Select(a => a.Name())];
    }
}

/// <summary>A phase in a list: its breath and its short cue, with {right} and {left} still in it.</summary>
public sealed record PhaseSummary(Breath Breath, string Cue);

/// <summary>A phase of a move with its pictures, one a position.</summary>
public sealed record PhaseAnswer(
    Breath Breath, Pattern Pattern, Work Work, string Long, string Short, string? Last,
    IReadOnlyList<string> Opens, IReadOnlyList<string> Closes, IReadOnlyDictionary<string, Figure> Figures);

/// <summary>An option of a move.</summary>
public sealed record OptionAnswer(string Name, string Cue);

/// <summary>A move, whole.</summary>
public sealed record MoveAnswer(
    MoveSummary Summary, string TalkFirst, string TalkSecond, IReadOnlyList<PhaseAnswer> Phases, IReadOnlyList<OptionAnswer> Options,
    IReadOnlyList<string> Cautions, IReadOnlyList<string> Helpful, bool OptIn)
{
    /// <summary>All of a move, phases drawn in each of its positions.</summary>
    public static MoveAnswer Of(Move move, MoveCatalogue catalogue)
    {
        var forms = move.In.Select(id => catalogue.Form(move, catalogue.Position(id)!, MoveForm.BaseOption)).ToList();
        var phases = move.Phases.Select((phase, i) => new PhaseAnswer(
            phase.Breath, phase.Pattern, phase.Work, phase.Cue.Long, phase.Cue.Short, phase.Cue.Last, phase.Opens, phase.Closes,
            forms.ToDictionary(f => f.Position.Id, f => FigureDrawing.Draw(f.Phases[i].Shape, move.View ?? f.Position.View))));
        return new(
            MoveSummary.Of(move, catalogue), move.Talk.First, move.Talk.Second, [.. phases],
            [.. move.Options.Select(o => new OptionAnswer(o.Key, o.Value.Cue))], move.Cautions, move.Helpful, move.OptIn);
    }
}

/// <summary>A position.</summary>
public sealed record PositionAnswer(
    string Id, string Name, Family Family, PelvisLevel Level, IReadOnlyList<string> Props, IReadOnlyList<string> Demands, double Height, Figure Figure)
{
    /// <summary>A position and its picture.</summary>
    public static PositionAnswer Of(Position position) => new(
        position.Id, position.Name, position.Family, position.Level, position.Props,
        [.. Enum.GetValues<Core.Catalogue.Demands>().Where(d => d != Core.Catalogue.Demands.None && position.Demands.HasFlag(d)).Select(d => Catalogue.Entry.Hyphenated(d.ToString()))],
        Math.Round(position.Facts.Tide, 3), FigureDrawing.Draw(position.Base, position.View));
}

/// <summary>One step of a way.</summary>
public sealed record StepAnswer(Breath Breath, string Say);

/// <summary>A way from one position to another.</summary>
public sealed record WayAnswer(string From, string To, IReadOnlyList<StepAnswer> Steps, int Ms, IReadOnlyList<string> Cautions)
{
    /// <summary>A way as a usual group takes it.</summary>
    public static WayAnswer Of(Way way, int ms) => new(
        way.From.Id, way.To.Id, [.. way.Steps.Select(s => new StepAnswer(s.Breath, s.Say))], ms, way.Cautions);
}

/// <summary>The ways between two positions, and how long they take together.</summary>
public sealed record PathAnswer(IReadOnlyList<WayAnswer> Ways, int Ms);

/// <summary>The pictures that were asked for, by key.</summary>
public sealed record FiguresAnswer(IReadOnlyDictionary<string, Figure> Figures);
