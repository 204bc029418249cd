using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Server.Answers;

// The shapes of scores as the OpenAPI document publishes them. ScoreWriter writes them; a test holds the two together.

/// <summary>A class laid out in time and judged.</summary>
public sealed record ScoreAnswer(
    int TotalMs, LineAnswer[] Lines, FindingAnswer[] Findings, LedgersAnswer Ledgers, int[][] Tide,
    OpenAnswer[] Open, PropAnswer[] Props, TimeAnswer Time, LinkAnswer[] Links, SwapAnswer[] Swaps, AskAnswer[] Ask, EventAnswer[]? Events);

/// <summary>A strong line and what takes it back: from the end of the one to the beginning of the other.</summary>
public sealed record LinkAnswer(string From, string To, int FromMs, int ToMs);

/// <summary>What somebody with a condition does in a line. Without an own move it is the easier option, or less of it.</summary>
public sealed record SwapAnswer(string Line, string Condition, int People, [property: WordsOf(typeof(Core.Conditions.Advice))] string Advice, string Because, string? Instead);

/// <summary>A condition to ask about tonight, and the lines that would change with it.</summary>
public sealed record AskAnswer(string Condition, string[] Lines);

/// <summary>How the time is spent, in milliseconds.</summary>
public sealed record TimeAnswer(int Talk, int Breath, int Ways, int Pauses);

/// <summary>A line as it came out. Without ways, without a missing way, and for sides it has no practice on, those fields are left out.</summary>
public sealed record LineAnswer(
    string Id, string? Position, [property: WordsOf(typeof(Unit))] string Unit, int Amount, string Sides, OccurrenceAnswer[] Occurrences, PracticeAnswer Practice,
    WayTakenAnswer[]? Ways, bool? WayMissing);

/// <summary>One time a line is taken.</summary>
public sealed record OccurrenceAnswer(int Round, [property: WordsOf(typeof(Side))] string Side, int StartMs, int Ms, int TalkMs);

/// <summary>Practice by side.</summary>
public sealed record PracticeAnswer(AmountAnswer? Right, AmountAnswer? Left, AmountAnswer? None);

/// <summary>Practice in its unit and in milliseconds.</summary>
public sealed record AmountAnswer(int Amount, int Ms);

/// <summary>A way before a line; {right} and {left} in its steps follow the side people roll to.</summary>
public sealed record WayTakenAnswer(string To, int AtMs, int Ms, string[] Steps, string[] Cautions);

/// <summary>Something found in the class.</summary>
public sealed record FindingAnswer(string Id, string Rule, [property: WordsOf(typeof(Level))] string Level, string[] Lines, string Text, string Why, FixAnswer[] Fixes);

/// <summary>What would mend a finding.</summary>
public sealed record FixAnswer(string Id, string Label);

/// <summary>Something that was opened.</summary>
public sealed record OpenAnswer(string What, int FromMs, int? ToMs, string Line);

/// <summary>A prop that is needed for a time.</summary>
public sealed record PropAnswer(string Prop, int FromMs, int ToMs, string Line);

/// <summary>One event.</summary>
public sealed record EventAnswer(
    int AtMs, int Ms, [property: WordsOf(typeof(EventKind))] string Kind, [property: WordsOf(typeof(Breath))] string Phase, int Step, string Line, string? Set, string Section, string Move,
    [property: WordsOf(typeof(Side))] string Side, int Round, int Of, string? Cue);

/// <summary>What the practice adds up to; the arc is when each line begins, and its effort.</summary>
public sealed record LedgersAnswer(
    SideAnswer[] Sides, AreaAnswer[] Areas, AxisAnswer[] Axes, MovementsAnswer Movements, double[][] Arc);

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

/// <summary>What a fix or an edit does: the class after it, the change (RFC 6902), and the score before and after.</summary>
public sealed record ApplyAnswer(JsonElement Class, JsonElement Patch, ScoreAnswer Before, ScoreAnswer After);

/// <summary>What could be put in after a line: <c>counter</c>, <c>preparation</c>, <c>theme</c> or <c>rest</c>.</summary>
public sealed record InsertionsRequest(JsonElement Class, string After, string Need);

/// <summary>A move that could be put in, where, and why.</summary>
public sealed record InsertionAnswer(string Move, string Name, string Position, int ExtraSeconds, string Because);
