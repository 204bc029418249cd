using System.Buffers;
using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Server.Contracts;

/// <summary>
/// Writes a score and its findings as <see cref="ScoreResponse"/> says, straight from the core: scores are asked for at every key the
/// teacher presses, and a copy of everything in between costs as much as computing it.
/// </summary>
internal static partial class ScoreWriter
{
    private static readonly JsonWriterOptions Trusted = new() { SkipValidation = true };

    /// <summary>What an answer is.</summary>
    public const string ContentType = "application/json; charset=utf-8";

    /// <summary>The answer, as it goes out.</summary>
    public static byte[] Bytes(Judged judged)
    {
        var buffer = new ArrayBufferWriter<byte>(16 * 1024);
        using (var json = new Utf8JsonWriter(buffer, Trusted))
            Write(json, judged.Score, judged.Findings);
        return buffer.WrittenSpan.ToArray();
    }

    /// <summary>What a fix does, as it goes out: the class after it, and the score before and after.</summary>
    /// <param name="edited">The class file, as JSON.</param>
    /// <param name="before">The class before.</param>
    /// <param name="after">The class after.</param>
    public static byte[] Bytes(ReadOnlySpan<byte> edited, Judged before, Judged after)
    {
        var buffer = new ArrayBufferWriter<byte>(64 * 1024);
        using (var json = new Utf8JsonWriter(buffer, Trusted))
        {
            json.WriteStartObject();
            json.WritePropertyName(Field.Class);
            json.WriteRawValue(edited);
            json.WritePropertyName(Field.Before);
            Write(json, before.Score, before.Findings);
            json.WritePropertyName(Field.After);
            Write(json, after.Score, after.Findings);
            json.WriteEndObject();
        }
        return buffer.WrittenSpan.ToArray();
    }

    /// <summary>The answer, as an object where the writer is.</summary>
    public static void Write(Utf8JsonWriter json, Score score, IReadOnlyList<Finding> findings)
    {
        json.WriteStartObject();
        json.WriteNumber(Field.TotalMs, score.Total.Ms());
        json.WriteStartArray(Field.Lines);
        var swaps = People.SwapsOf(score).ToLookup(s => s.Line);
        foreach (var item in score.Items)
            WriteItem(json, item, swaps);
        json.WriteEndArray();
        json.WriteStartArray(Field.Findings);
        foreach (var finding in findings)
            WriteFinding(json, finding);
        json.WriteEndArray();
        WriteLedgers(json, score);
        json.WriteStartArray(Field.Tide);
        foreach (var (at, height) in score.Tide)
            WritePair(json, at, height);
        json.WriteEndArray();
        WriteOpen(json, score.Open);
        WriteProps(json, score.Props);
        WriteTime(json, score.TimeByKind);
        WriteForecast(json, score);
        WriteLinks(json, score);
        WriteAsk(json, score);
        if (score.Events is { } events)
        {
            WriteTalks(json, score.Talks);
            WriteEvents(json, events);
        }
        json.WriteEndObject();
    }

    private static void WriteForecast(Utf8JsonWriter json, Score score)
    {
        var (ofClass, sections) = Forecast.Of(score);
        json.WriteStartObject(Field.Forecast);
        WriteBand(json, ofClass);
        json.WriteStartArray(Field.Sections);
        foreach (var (section, end) in sections)
        {
            json.WriteStartObject();
            json.WriteString(Field.Id, section.Id);
            WriteBand(json, end);
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteEndObject();
    }

    private static void WriteBand(Utf8JsonWriter json, Forecast forecast)
    {
        json.WriteNumber(Field.P10Ms, forecast.P10.Ms());
        json.WriteNumber(Field.P50Ms, forecast.P50.Ms());
        json.WriteNumber(Field.P90Ms, forecast.P90.Ms());
    }

    private static void WriteLinks(Utf8JsonWriter json, Score score)
    {
        json.WriteStartArray(Field.Links);
        foreach (var debt in score.Debts)
        {
            if (debt.MetBy is not { } met || !debt.Answered || met == debt.Line)
                continue;
            json.WriteStartObject();
            json.WriteString(Field.From, debt.Line.Line.Id);
            json.WriteString(Field.To, met.Line.Id);
            json.WriteNumber(Field.FromMs, debt.Line.Occurrences[0].Start.Ms());
            json.WriteNumber(Field.ToMs, met.Occurrences[0].Start.Ms());
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteFinding(Utf8JsonWriter json, Finding finding)
    {
        json.WriteStartObject();
        json.WriteString(Field.Id, finding.Id);
        json.WriteString(Field.Rule, finding.Rule);
        json.WriteString(Field.Level, Word.Encoded(finding.Level));
        WriteTexts(json, Field.Lines, finding.Lines);
        json.WriteString(Field.Text, finding.Text);
        json.WriteString(Field.Why, finding.Why);
        json.WriteStartArray(Field.Fixes);
        foreach (var fix in finding.Fixes)
        {
            json.WriteStartObject();
            json.WriteString(Field.Id, fix.Id);
            json.WriteString(Field.Label, fix.Label);
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteEndObject();
    }

    private static readonly (Area Area, JsonEncodedText Name)[] AllAreas =
    [
        .. Enum.GetValues<Area>().Select(a => (a, JsonEncodedText.Encode(a.Name()))),
    ];
    private static readonly (Axis Axis, JsonEncodedText Name)[] AllAxes =
    [
        .. Enum.GetValues<Axis>().Select(a => (a, JsonEncodedText.Encode(Axes.Name(a)))),
    ];

    private static void WriteLedgers(Utf8JsonWriter json, Score score)
    {
        var ledgers = score.Ledgers;
        json.WriteStartObject(Field.Ledgers);
        json.WriteStartArray(Field.Sides);
        foreach (var (move, right, left) in score.TimeBySide())
        {
            json.WriteStartObject();
            json.WriteString(Field.What, move.Name);
            json.WriteNumber(Field.Right, right.Ms());
            json.WriteNumber(Field.Left, left.Ms());
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartArray(Field.Areas);
        foreach (var (area, name) in AllAreas)
        {
            if (ledgers.AreaTime(area) == TimeSpan.Zero)
                continue;
            json.WriteStartObject();
            json.WriteString(Field.Area, name);
            json.WriteNumber(Field.Ms, ledgers.AreaTime(area).Ms());
            json.WriteNumber(Field.RightMs, ledgers.AreaTime(area, Side.Right).Ms());
            json.WriteNumber(Field.LeftMs, ledgers.AreaTime(area, Side.Left).Ms());
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartArray(Field.Axes);
        foreach (var (axis, name) in AllAxes)
        {
            if (ledgers.PlusTime(axis) + ledgers.MinusTime(axis) == TimeSpan.Zero)
                continue;
            json.WriteStartObject();
            json.WriteString(Field.Axis, name);
            json.WriteNumber(Field.PlusMs, ledgers.PlusTime(axis).Ms());
            json.WriteNumber(Field.MinusMs, ledgers.MinusTime(axis).Ms());
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartObject(Field.Movements);
        json.WriteNumber(Field.FlexionMs, ledgers.Flexion.Ms());
        json.WriteNumber(Field.ExtensionMs, ledgers.Extension.Ms());
        json.WriteNumber(Field.SideBendMs, ledgers.SideBend.Ms());
        json.WriteNumber(Field.RotationMs, ledgers.Rotation.Ms());
        json.WriteEndObject();
        json.WriteStartArray(Field.Arc);
        foreach (var line in score.Lines)
        {
            if (line.Move is not { } move)
                continue;
            foreach (var taken in line.Occurrences)
                WritePair(json, taken.Start, move.Effort);
        }
        json.WriteEndArray();
        json.WriteEndObject();
    }

    private static void WritePair(Utf8JsonWriter json, TimeSpan at, int value)
    {
        json.WriteStartArray();
        json.WriteNumberValue(at.Ms());
        json.WriteNumberValue(value);
        json.WriteEndArray();
    }

    private static void WritePair(Utf8JsonWriter json, TimeSpan at, double value)
    {
        json.WriteStartArray();
        json.WriteNumberValue(at.Ms());
        json.WriteNumberValue(value);
        json.WriteEndArray();
    }

    private static void WriteOpen(Utf8JsonWriter json, IReadOnlyList<OpenState> open)
    {
        json.WriteStartArray(Field.Open);
        foreach (var state in open)
        {
            json.WriteStartObject();
            json.WriteString(Field.What, state.What);
            json.WriteNumber(Field.FromMs, state.From.Ms());
            if (state.To is { } to)
                json.WriteNumber(Field.ToMs, to.Ms());
            json.WriteString(Field.Line, state.Line.Line.Id);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteProps(Utf8JsonWriter json, IReadOnlyList<PropNeed> props)
    {
        json.WriteStartArray(Field.Props);
        foreach (var need in props)
        {
            json.WriteStartObject();
            json.WriteString(Field.Prop, need.Prop);
            json.WriteNumber(Field.FromMs, need.From.Ms());
            json.WriteNumber(Field.ToMs, need.To.Ms());
            json.WriteString(Field.Line, need.Line.Line.Id);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteTime(Utf8JsonWriter json, IReadOnlyList<TimeSpan> time)
    {
        json.WriteStartObject(Field.Time);
        json.WriteNumber(Field.Lead, time[(int)EventKind.Lead].Ms());
        json.WriteNumber(Field.Breath, time[(int)EventKind.Breath].Ms() + time[(int)EventKind.Beat].Ms());
        json.WriteNumber(Field.Ways, time[(int)EventKind.Way].Ms());
        json.WriteNumber(Field.Pauses, time[(int)EventKind.Pause].Ms());
        json.WriteEndObject();
    }

    private static void WriteTalks(Utf8JsonWriter json, IReadOnlyList<TalkSpan> talks)
    {
        json.WriteStartArray(Field.Talks);
        foreach (var talk in talks)
        {
            json.WriteStartObject();
            json.WriteNumber(Field.FromMs, talk.At.Ms());
            json.WriteNumber(Field.ForMs, talk.Length.Ms());
            json.WriteString(Field.Line, talk.Item.Item.Id);
            json.WriteString(Field.Side, Word.Encoded(talk.Side));
            json.WriteString(Field.Text, talk.Said);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteEvents(Utf8JsonWriter json, IReadOnlyList<ScoreEvent> events)
    {
        json.WriteStartArray(Field.Events);
        foreach (var e in events)
        {
            json.WriteStartObject();
            json.WriteNumber(Field.AtMs, e.At.Ms());
            json.WriteNumber(Field.Ms, e.Length.Ms());
            json.WriteString(Field.Kind, Word.Encoded(e.Kind));
            json.WriteString(Field.Phase, Word.Encoded(e.Breath));
            json.WriteNumber(Field.Step, e.Phase);
            json.WriteString(Field.Line, e.Item.Item.Id);
            if (e.Item.Set is { } set)
                json.WriteString(Field.Set, set.Id);
            json.WriteString(Field.Section, e.Item.Section.Id);
            if (e.Item is LineScore { Line.Move: var move })
                json.WriteString(Field.Move, move);
            json.WriteString(Field.Side, Word.Encoded(e.Side));
            json.WriteNumber(Field.Round, e.Round);
            json.WriteNumber(Field.Of, e.Of);
            if (e.Cue is { } cue)
                json.WriteString(Field.Cue, cue);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }
}
