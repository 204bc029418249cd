using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Server.Answers;

/// <summary>A class laid out in time and judged.</summary>
public sealed record ScoreAnswer(
    int TotalMs, LineAnswer[] Lines, FindingAnswer[] Findings, LedgersAnswer Ledgers, int[][] Tide,
    OpenAnswer[] Open, PropAnswer[] Props, TimeAnswer Time, EventAnswer[]? Events)
{
    /// <summary>The answer for a score and what was found in it.</summary>
    public static ScoreAnswer Of(Score score, IReadOnlyList<Finding> findings) => new(
        score.TotalMs,
        [.. score.Lines.Select(LineAnswer.Of)],
        [.. findings.Select(FindingAnswer.Of)],
        LedgersAnswer.Of(score),
        [.. score.Tide.Select(p => new[] { p.Ms, p.Height })],
        [.. score.Open.Select(o => new OpenAnswer(o.What, o.FromMs, o.ToMs, o.Line.Line.Id))],
        [.. score.Props.Select(p => new PropAnswer(p.Prop, p.FromMs, p.ToMs, p.Line.Line.Id))],
        new(score.MsByKind[0], score.MsByKind[1] + score.MsByKind[2], score.MsByKind[3], score.MsByKind[4]),
        score.Events is null ? null : [.. score.Events.Select(EventAnswer.From)]);
}

/// <summary>How the time is spent, in milliseconds.</summary>
public sealed record TimeAnswer(int Talk, int Breath, int Ways, int Pauses);

/// <summary>A line as it came out. Without ways, without a missing way, and for sides it has no practice on, those fields are left out.</summary>
public sealed record LineAnswer(
    string Id, string? Position, [property: WordsOf(typeof(Unit))] string Unit, int Amount, string Sides, OccurrenceAnswer[] Occurrences, PracticeAnswer Practice,
    WayTakenAnswer[]? Ways, bool? WayMissing)
{
    /// <summary>The answer for a line.</summary>
    public static LineAnswer Of(LineScore line) => new(
        line.Line.Id, line.Position?.Id, Word.Of(line.Dose.Unit), line.Dose.Amount, SidesOf(line),
        [.. line.Occurrences.Select(o => new OccurrenceAnswer(o.Round, Word.Of(o.Side), o.StartMs, o.Ms, o.TalkMs))],
        new(AmountAnswer.Of(line.Right), AmountAnswer.Of(line.Left), AmountAnswer.Of(line.None)),
        line.Ways.Count == 0 ? null : [.. line.Ways.Select(w => new WayTakenAnswer(w.Way.To.Id, w.AtMs, w.Ms, [.. w.Way.Steps.Select(s => s.Say)], [.. w.Way.Cautions]))],
        line.NoWayFrom is null ? null : true);

    private static string SidesOf(LineScore line) => line.Move is null || line.Move.Sides == Sidedness.None ? "none" : line.Line.Sides?.Word ?? "";
}

/// <summary>One time a line is taken.</summary>
public sealed record OccurrenceAnswer(int Round, [property: WordsOf(typeof(Side))] string Side, int StartMs, int Ms, int TalkMs);

/// <summary>Practice by side.</summary>
public sealed record PracticeAnswer(AmountAnswer? Right, AmountAnswer? Left, AmountAnswer? None);

/// <summary>Practice in its unit and in milliseconds.</summary>
public sealed record AmountAnswer(int Amount, int Ms)
{
    /// <summary>The answer for some practice; none for nothing.</summary>
    public static AmountAnswer? Of(Practice practice) => practice.Ms == 0 ? null : new(practice.Amount, practice.Ms);
}

/// <summary>A way before a line; {right} and {left} in its steps follow the side people roll to.</summary>
public sealed record WayTakenAnswer(string To, int AtMs, int Ms, string[] Steps, string[] Cautions);

/// <summary>Something found in the class.</summary>
public sealed record FindingAnswer(string Id, string Rule, [property: WordsOf(typeof(Level))] string Level, string[] Lines, string Text, string Why, FixAnswer[] Fixes)
{
    /// <summary>The answer for a finding.</summary>
    public static FindingAnswer Of(Finding finding) => new(
        finding.Id, finding.Rule, Word.Of(finding.Level), [.. finding.Lines], finding.Text, finding.Why, [.. finding.Fixes.Select(f => new FixAnswer(f.Id, f.Label))]);
}

/// <summary>What would mend a finding.</summary>
public sealed record FixAnswer(string Id, string Label);

/// <summary>Something that was opened.</summary>
public sealed record OpenAnswer(string What, int FromMs, int? ToMs, string Line);

/// <summary>A prop that is needed for a time.</summary>
public sealed record PropAnswer(string Prop, int FromMs, int ToMs, string Line);

/// <summary>One event.</summary>
public sealed record EventAnswer(
    int AtMs, int Ms, [property: WordsOf(typeof(EventKind))] string Kind, [property: WordsOf(typeof(Breath))] string Phase, string Line, string? Set, string Section, string Move,
    [property: WordsOf(typeof(Side))] string Side, int Round, int Of, string? Cue)
{
    /// <summary>The answer for an event.</summary>
    public static EventAnswer From(ScoreEvent e) => new(
        e.AtMs, e.Ms, Word.Of(e.Kind), Word.Of(e.Breath), e.Line.Line.Id, e.Line.Set?.Id, e.Line.Section.Id, e.Line.Line.Move, Word.Of(e.Side), e.Round, e.Of, e.Cue);
}

/// <summary>What the practice adds up to.</summary>
public sealed record LedgersAnswer(
    SideAnswer[] Sides, AreaAnswer[] Areas, AxisAnswer[] Axes, MovementsAnswer Movements, double[][] Arc)
{
    private static readonly Area[] AllAreas = Enum.GetValues<Area>();
    private static readonly Axis[] AllAxes = Enum.GetValues<Axis>();

    /// <summary>The answer for a score's ledgers.</summary>
    public static LedgersAnswer Of(Score score)
    {
        var ledgers = score.Ledgers;
        return new(
            [.. score.Lines.Where(l => l.Move is not null && l.Right.Ms + l.Left.Ms > 0).GroupBy(l => l.Move!.Name).Select(g => new SideAnswer(g.Key, g.Sum(l => l.Right.Ms), g.Sum(l => l.Left.Ms)))],
            [.. AllAreas.Where(a => ledgers.AreaMs(a) > 0).Select(a => new AreaAnswer(a.Name(), ledgers.AreaMs(a), ledgers.AreaMs(a, Side.Right), ledgers.AreaMs(a, Side.Left)))],
            [.. AllAxes.Where(a => ledgers.PlusMs(a) + ledgers.MinusMs(a) > 0).Select(a => new AxisAnswer(Core.Body.Axes.Name(a), ledgers.PlusMs(a), ledgers.MinusMs(a)))],
            new(ledgers.FlexionMs, ledgers.ExtensionMs, ledgers.SideBendMs, ledgers.RotationMs),
            [.. score.Lines.Where(l => l.Move is not null).SelectMany(l => l.Occurrences.Select(o => new[] { o.StartMs, l.Move!.Effort }))]);
    }
}

/// <summary>A move's practice by side, in milliseconds.</summary>
public sealed record SideAnswer(string What, int Right, int Left);

/// <summary>An area's practice in milliseconds.</summary>
public sealed record AreaAnswer(string Area, int Ms, int RightMs, int LeftMs);

/// <summary>An axis' time away from its base, by direction.</summary>
public sealed record AxisAnswer(string Axis, int PlusMs, int MinusMs);

/// <summary>The natural movements of the spine, in milliseconds.</summary>
public sealed record MovementsAnswer(int FlexionMs, int ExtensionMs, int SideBendMs, int RotationMs);

/// <summary>A fix to be tried: the class, and which fix of which finding.</summary>
public sealed record ApplyRequest(JsonElement Class, string Finding, string Fix);

/// <summary>An edit that needs judgement: <c>mirror</c> or <c>equalise</c>, and the lines or sets it is for.</summary>
public sealed record EditRequest(JsonElement Class, string Edit, string[] Items);

/// <summary>What a fix or an edit does: the class after it, the change, and the score before and after.</summary>
public sealed record ApplyAnswer(JsonElement Class, JsonElement Patch, ScoreAnswer Before, ScoreAnswer After);
