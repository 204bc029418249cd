using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Server.Contracts;

// The shapes of scores as the OpenAPI document publishes them. ScoreWriter writes them; a test holds the two together.

/// <summary>A class laid out in time and judged.</summary>
public sealed record ScoreResponse(
    int TotalMs,
    LineResponse[] Lines,
    FindingResponse[] Findings,
    LedgersResponse Ledgers,
    int[][] Tide,
    OpenResponse[] Open,
    PropResponse[] Props,
    TimeResponse Time,
    ForecastResponse Forecast,
    LinkResponse[] Links,
    AskResponse[] Ask,
    TalkResponse[]? Talks,
    EventResponse[]? Events
);

/// <summary>Something that is said, in a layer of its own: no two at once, and heard while people move.</summary>
public sealed record TalkResponse(int FromMs, int ForMs, string Line, [property: WordsOf(typeof(Side))] string Side, string Text);

/// <summary>A strong line and what takes it back: from the end of the one to the beginning of the other.</summary>
public sealed record LinkResponse(string From, string To, int FromMs, int ToMs);

/// <summary>What somebody does otherwise in a line; all they have is judged together.</summary>
/// <param name="Id">The condition that weighs most.</param>
/// <param name="With">All they have.</param>
/// <param name="People">How many are like this.</param>
/// <param name="Movement">What is advised about the movement by itself.</param>
/// <param name="Here">What this position adds.</param>
/// <param name="Advice">Both together.</param>
/// <param name="From">What that rests on: the author's word, the shapes, or the kind of move.</param>
/// <param name="Because">The reason, as the end of a sentence.</param>
/// <param name="How">How it is made smaller.</param>
/// <param name="Only">The side it is for, where the other is done as everybody does it.</param>
/// <param name="To">The other way, where there is one.</param>
/// <param name="Instead">What stands in where it is left out, best first.</param>
/// <param name="Meanwhile">What they do where nothing stands in, as the end of a sentence.</param>
public sealed record LineConditionResponse(
    string Id,
    string[] With,
    int People,
    [property: WordsOf(typeof(Advice))] string Movement,
    [property: WordsOf(typeof(Advice))] string Here,
    [property: WordsOf(typeof(Advice))] string Advice,
    [property: WordsOf(typeof(Core.Conditions.Source))] string From,
    string Because,
    string How,
    [property: WordsOf(typeof(Side))] string? Only,
    AnotherWayResponse? To,
    InsteadResponse[] Instead,
    string? Meanwhile
);

/// <summary>A position and an option of the same move, and what is said to it where it is not the base.</summary>
public sealed record AnotherWayResponse(string Position, string Option, string? Cue)
{
    /// <summary>The answer for a form.</summary>
    public static AnotherWayResponse Of(MoveForm to) =>
        new(to.Position.Id, to.Option, to.Move.Options.TryGetValue(to.Option, out var option) ? option.Cue : null);
}

/// <summary>A move that stands in: where, how, whether it is fine or to be taken smaller, and why this one.</summary>
public sealed record InsteadResponse(
    string Move,
    string Position,
    string Option,
    [property: WordsOf(typeof(Advice))] string Advice,
    string Why
);

/// <summary>A condition to ask about tonight, and the lines that would change with it.</summary>
public sealed record AskResponse(string Condition, string[] Lines);

/// <summary>How long the class is likely to take: eight of ten end between p10 and p90; and when each section is likely to end.</summary>
public sealed record ForecastResponse(int P10Ms, int P50Ms, int P90Ms, SectionForecastResponse[] Sections);

/// <summary>When a section is likely to end, in milliseconds from the beginning of the class.</summary>
public sealed record SectionForecastResponse(string Id, int P10Ms, int P50Ms, int P90Ms);

/// <summary>How the time is spent, in milliseconds; the lead is talk that takes time of its own.</summary>
public sealed record TimeResponse(int Lead, int Breath, int Ways, int Pauses);

/// <summary>All of a line's time, sides and rounds of sets together: fixed plus dose times unit. Doses lie from least to most.</summary>
public sealed record LineTimeResponse(int FixedMs, int UnitMs, int Least, int Most, int Step);

/// <summary>What of a class takes time without a move.</summary>
public enum ItemKind
{
    /// <summary>Talk without a move.</summary>
    Talk,

    /// <summary>Waiting.</summary>
    Wait,
}

/// <summary>
/// A line, or talk or waiting between lines, as it came out: the kind is left out for lines. Without ways, without
/// a missing way, and for sides it has no practice on, those fields are left out.
/// </summary>
public sealed record LineResponse(
    string Id,
    [property: WordsOf(typeof(ItemKind))] string? Kind,
    string? Position,
    [property: WordsOf(typeof(Unit))] string Unit,
    int Amount,
    string Sides,
    LineTimeResponse? Time,
    OccurrenceResponse[] Occurrences,
    PracticeResponse Practice,
    WayTakenResponse[]? Ways,
    bool? WayMissing,
    LineConditionResponse[]? Conditions
);

/// <summary>One time a line is taken.</summary>
public sealed record OccurrenceResponse(int Round, [property: WordsOf(typeof(Side))] string Side, int StartMs, int Ms, int LeadMs);

/// <summary>Practice by side.</summary>
public sealed record PracticeResponse(AmountResponse? Right, AmountResponse? Left, AmountResponse? None);

/// <summary>Practice in its unit and in milliseconds.</summary>
public sealed record AmountResponse(int Amount, int Ms);

/// <summary>A way before a line; {right} and {left} in its steps follow the side people roll to.</summary>
public sealed record WayTakenResponse(string To, int AtMs, int Ms, string[] Steps, string[] Cautions);

/// <summary>Something found in the class.</summary>
public sealed record FindingResponse(
    string Id,
    string Rule,
    [property: WordsOf(typeof(Level))] string Level,
    string[] Lines,
    string Text,
    string Why,
    FixResponse[] Fixes
);

/// <summary>What would mend a finding.</summary>
public sealed record FixResponse(string Id, string Label);

/// <summary>Something that was opened.</summary>
public sealed record OpenResponse(string What, int FromMs, int? ToMs, string Line);

/// <summary>A prop that is needed for a time.</summary>
public sealed record PropResponse(string Prop, int FromMs, int ToMs, string Line);

/// <summary>One event.</summary>
public sealed record EventResponse(
    int AtMs,
    int Ms,
    [property: WordsOf(typeof(EventKind))] string Kind,
    [property: WordsOf(typeof(Breath))] string Phase,
    int Step,
    string Line,
    string? Set,
    string Section,
    string? Move,
    [property: WordsOf(typeof(Side))] string Side,
    int Round,
    int Of,
    string? Cue
);

/// <summary>What the practice adds up to; the arc is when each line begins, and its effort.</summary>
public sealed record LedgersResponse(
    SideResponse[] Sides,
    AreaResponse[] Areas,
    AxisResponse[] Axes,
    MovementsResponse Movements,
    double[][] Arc
);

/// <summary>A move's practice by side, in milliseconds.</summary>
public sealed record SideResponse(string What, int Right, int Left);

/// <summary>An area's practice in milliseconds.</summary>
public sealed record AreaResponse(string Area, int Ms, int RightMs, int LeftMs);

/// <summary>An axis' time away from its base, by direction.</summary>
public sealed record AxisResponse(string Axis, int PlusMs, int MinusMs);

/// <summary>The natural movements of the spine, in milliseconds.</summary>
public sealed record MovementsResponse(int FlexionMs, int ExtensionMs, int SideBendMs, int RotationMs);

/// <summary>A fix to be tried: the class, and which fix of which finding.</summary>
public sealed record ApplyRequest(JsonElement Class, string Finding, string Fix);

/// <summary>What a fix does: the whole class after it, and the score before and after.</summary>
public sealed record ApplyResponse(JsonElement Class, ScoreResponse Before, ScoreResponse After);

/// <summary>
/// A class to be fitted: to so many milliseconds, or some of its sections to theirs; without either, to its wanted minutes. Scaling changes
/// doses alike: those the teacher has not set (<c>unset</c>), or <c>all</c>.
/// </summary>
public sealed record FitRequestBody(
    JsonElement Class,
    long? TargetMs = null,
    Dictionary<string, long>? Sections = null,
    string? Scale = null
);

/// <summary>
/// What came of a fit: the class with it and the doses that change, within ten seconds of what was asked. Where nothing fits, the class as
/// it is, the nearest lengths either way, and what would help. The bound is by how many milliseconds doses have to change at least.
/// </summary>
public sealed record FitResponse(
    JsonElement Class,
    bool Fits,
    FitChangeResponse[] Changes,
    int ReachedMs,
    bool Optimal,
    int BoundMs,
    FitNearestResponse Nearest,
    FitAdviceResponse[] Advice,
    ScoreResponse Before,
    ScoreResponse After
);

/// <summary>A dose that changes.</summary>
public sealed record FitChangeResponse(string Line, int From, int To, [property: WordsOf(typeof(Unit))] string Unit);

/// <summary>The longest that stays under what was asked, the shortest that is over it; left out where there is none.</summary>
public sealed record FitNearestResponse(int? Below, int? Above);

/// <summary>What would help: take a line out, put a move in after it, unlock it.</summary>
public sealed record FitAdviceResponse(
    [property: WordsOf(typeof(Fitting.FitAdviceKind))] string Kind,
    string Text,
    string Line,
    string? Move,
    int Ms,
    bool Enough
);

/// <summary>What could be put in after a line: <c>counter</c>, <c>preparation</c>, <c>theme</c> or <c>rest</c>.</summary>
public sealed record InsertionsRequest(JsonElement Class, string After, string Need);

/// <summary>A move that could be put in, where, and why.</summary>
public sealed record InsertionResponse(string Move, string Name, string Position, int ExtraSeconds, string Because);
