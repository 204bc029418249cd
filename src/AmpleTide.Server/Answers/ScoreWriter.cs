using System.Buffers;
using System.Text.Json;
using System.Text.Json.Nodes;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Server.Answers;

/// <summary>
/// Writes a score and its findings as <see cref="ScoreAnswer"/> says, straight from the core: scores are asked for at every key the
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
        using (var json = new Utf8JsonWriter(buffer, Trusted)) Write(json, judged.Score, judged.Findings);
        return buffer.WrittenSpan.ToArray();
    }

    /// <summary>What an edit does, written to a response: the class after it, the change, and the score before and after.</summary>
    public static async Task Answer(HttpResponse response, JsonNode changed, JsonArray patch, Judged before, Judged after)
    {
        await using var json = Begin(response);
        json.WriteStartObject();
        json.WritePropertyName(Field.Class);
        changed.WriteTo(json);
        json.WritePropertyName(Field.Patch);
        patch.WriteTo(json);
        json.WritePropertyName(Field.Before);
        Write(json, before.Score, before.Findings);
        json.WritePropertyName(Field.After);
        Write(json, after.Score, after.Findings);
        json.WriteEndObject();
    }

    private static Utf8JsonWriter Begin(HttpResponse response)
    {
        response.ContentType = ContentType;
        return new(response.BodyWriter, Trusted);
    }

    /// <summary>The answer, as an object where the writer is.</summary>
    public static void Write(Utf8JsonWriter json, Score score, IReadOnlyList<Finding> findings)
    {
        json.WriteStartObject();
        json.WriteNumber(Field.TotalMs, score.TotalMs);
        json.WriteStartArray(Field.Lines);
        foreach (var line in score.Lines) WriteLine(json, line);
        json.WriteEndArray();
        json.WriteStartArray(Field.Findings);
        foreach (var finding in findings) WriteFinding(json, finding);
        json.WriteEndArray();
        WriteLedgers(json, score);
        json.WriteStartArray(Field.Tide);
        foreach (var (ms, height) in score.Tide) WritePair(json, ms, height);
        json.WriteEndArray();
        WriteOpen(json, score.Open);
        WriteProps(json, score.Props);
        WriteTime(json, score.MsByKind);
        WriteLinks(json, score);
        WritePeople(json, score);
        if (score.Events is { } events) WriteEvents(json, events);
        json.WriteEndObject();
    }

    private static void WriteLinks(Utf8JsonWriter json, Score score)
    {
        json.WriteStartArray(Field.Links);
        foreach (var debt in score.Debts)
        {
            if (debt.MetBy is not { } met || !debt.Answered || met == debt.Line) continue;
            json.WriteStartObject();
            json.WriteString(Field.From, debt.Line.Line.Id);
            json.WriteString(Field.To, met.Line.Id);
            json.WriteNumber(Field.FromMs, debt.Line.Occurrences[0].StartMs);
            json.WriteNumber(Field.ToMs, met.Occurrences[0].StartMs);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WritePeople(Utf8JsonWriter json, Score score)
    {
        json.WriteStartArray(Field.Swaps);
        foreach (var swap in People.SwapsOf(score))
        {
            json.WriteStartObject();
            json.WriteString(Field.Line, swap.Line.Line.Id);
            json.WriteString(Field.Condition, swap.Caution.Condition);
            json.WriteNumber(Field.People, swap.People);
            json.WriteString(Field.Advice, Word.Encoded(swap.Caution.Advice));
            json.WriteString(Field.Because, swap.Caution.Because);
            if (swap.Instead is { } instead) json.WriteString(Field.Instead, instead.Move.Name);
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartArray(Field.Ask);
        foreach (var asked in People.ToAsk(score))
        {
            json.WriteStartObject();
            json.WriteString(Field.Condition, asked.Condition.Id);
            json.WriteStartArray(Field.Lines);
            foreach (var line in asked.Lines) json.WriteStringValue(line.Line.Id);
            json.WriteEndArray();
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteLine(Utf8JsonWriter json, LineScore line)
    {
        json.WriteStartObject();
        json.WriteString(Field.Id, line.Line.Id);
        if (line.Position is { } position) json.WriteString(Field.Position, position.Id);
        json.WriteString(Field.Unit, Word.Encoded(line.Dose.Unit));
        json.WriteNumber(Field.Amount, line.Dose.Amount);
        json.WriteString(Field.Sides, line.Move is null || line.Move.Sides == Sidedness.None ? "none" : line.Line.Sides?.Word ?? "");
        json.WriteStartArray(Field.Occurrences);
        foreach (var taken in line.Occurrences)
        {
            json.WriteStartObject();
            json.WriteNumber(Field.Round, taken.Round);
            json.WriteString(Field.Side, Word.Encoded(taken.Side));
            json.WriteNumber(Field.StartMs, taken.StartMs);
            json.WriteNumber(Field.Ms, taken.Ms);
            json.WriteNumber(Field.TalkMs, taken.TalkMs);
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartObject(Field.Practice);
        WritePractice(json, Field.Right, line.Right);
        WritePractice(json, Field.Left, line.Left);
        WritePractice(json, Field.None, line.None);
        json.WriteEndObject();
        if (line.Ways.Count > 0) WriteWays(json, line.Ways);
        if (line.NoWayFrom is not null) json.WriteBoolean(Field.WayMissing, true);
        json.WriteEndObject();
    }

    private static void WritePractice(Utf8JsonWriter json, JsonEncodedText name, Practice practice)
    {
        if (practice.Ms == 0) return;
        json.WriteStartObject(name);
        json.WriteNumber(Field.Amount, practice.Amount);
        json.WriteNumber(Field.Ms, practice.Ms);
        json.WriteEndObject();
    }

    private static void WriteWays(Utf8JsonWriter json, List<WayTaken> ways)
    {
        json.WriteStartArray(Field.Ways);
        foreach (var way in ways)
        {
            json.WriteStartObject();
            json.WriteString(Field.To, way.Way.To.Id);
            json.WriteNumber(Field.AtMs, way.AtMs);
            json.WriteNumber(Field.Ms, way.Ms);
            json.WriteStartArray(Field.Steps);
            foreach (var step in way.Way.Steps) json.WriteStringValue(step.Say);
            json.WriteEndArray();
            WriteTexts(json, Field.Cautions, way.Way.Cautions);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteTexts(Utf8JsonWriter json, JsonEncodedText name, IReadOnlyList<string> texts)
    {
        json.WriteStartArray(name);
        foreach (var text in texts) json.WriteStringValue(text);
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

    private static readonly (Area Area, JsonEncodedText Name)[] AllAreas = [.. Enum.GetValues<Area>().Select(a => (a, JsonEncodedText.Encode(a.Name())))];
    private static readonly (Axis Axis, JsonEncodedText Name)[] AllAxes = [.. Enum.GetValues<Axis>().Select(a => (a, JsonEncodedText.Encode(Axes.Name(a))))];

    private static void WriteLedgers(Utf8JsonWriter json, Score score)
    {
        var ledgers = score.Ledgers;
        json.WriteStartObject(Field.Ledgers);
        json.WriteStartArray(Field.Sides);
        foreach (var (move, right, left) in score.MsBySide())
        {
            json.WriteStartObject();
            json.WriteString(Field.What, move.Name);
            json.WriteNumber(Field.Right, right);
            json.WriteNumber(Field.Left, left);
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartArray(Field.Areas);
        foreach (var (area, name) in AllAreas)
        {
            if (ledgers.AreaMs(area) == 0) continue;
            json.WriteStartObject();
            json.WriteString(Field.Area, name);
            json.WriteNumber(Field.Ms, ledgers.AreaMs(area));
            json.WriteNumber(Field.RightMs, ledgers.AreaMs(area, Side.Right));
            json.WriteNumber(Field.LeftMs, ledgers.AreaMs(area, Side.Left));
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartArray(Field.Axes);
        foreach (var (axis, name) in AllAxes)
        {
            if (ledgers.PlusMs(axis) + ledgers.MinusMs(axis) == 0) continue;
            json.WriteStartObject();
            json.WriteString(Field.Axis, name);
            json.WriteNumber(Field.PlusMs, ledgers.PlusMs(axis));
            json.WriteNumber(Field.MinusMs, ledgers.MinusMs(axis));
            json.WriteEndObject();
        }
        json.WriteEndArray();
        json.WriteStartObject(Field.Movements);
        json.WriteNumber(Field.FlexionMs, ledgers.FlexionMs);
        json.WriteNumber(Field.ExtensionMs, ledgers.ExtensionMs);
        json.WriteNumber(Field.SideBendMs, ledgers.SideBendMs);
        json.WriteNumber(Field.RotationMs, ledgers.RotationMs);
        json.WriteEndObject();
        json.WriteStartArray(Field.Arc);
        foreach (var line in score.Lines)
        {
            if (line.Move is not { } move) continue;
            foreach (var taken in line.Occurrences) WritePair(json, taken.StartMs, move.Effort);
        }
        json.WriteEndArray();
        json.WriteEndObject();
    }

    private static void WritePair(Utf8JsonWriter json, int ms, int value)
    {
        json.WriteStartArray();
        json.WriteNumberValue(ms);
        json.WriteNumberValue(value);
        json.WriteEndArray();
    }

    private static void WritePair(Utf8JsonWriter json, int ms, double value)
    {
        json.WriteStartArray();
        json.WriteNumberValue(ms);
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
            json.WriteNumber(Field.FromMs, state.FromMs);
            if (state.ToMs is { } to) json.WriteNumber(Field.ToMs, to);
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
            json.WriteNumber(Field.FromMs, need.FromMs);
            json.WriteNumber(Field.ToMs, need.ToMs);
            json.WriteString(Field.Line, need.Line.Line.Id);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteTime(Utf8JsonWriter json, IReadOnlyList<int> msByKind)
    {
        json.WriteStartObject(Field.Time);
        json.WriteNumber(Field.Talk, msByKind[(int)EventKind.Talk]);
        json.WriteNumber(Field.Breath, msByKind[(int)EventKind.Breath] + msByKind[(int)EventKind.Beat]);
        json.WriteNumber(Field.Ways, msByKind[(int)EventKind.Way]);
        json.WriteNumber(Field.Pauses, msByKind[(int)EventKind.Pause]);
        json.WriteEndObject();
    }

    private static void WriteEvents(Utf8JsonWriter json, IReadOnlyList<ScoreEvent> events)
    {
        json.WriteStartArray(Field.Events);
        foreach (var e in events)
        {
            json.WriteStartObject();
            json.WriteNumber(Field.AtMs, e.AtMs);
            json.WriteNumber(Field.Ms, e.Ms);
            json.WriteString(Field.Kind, Word.Encoded(e.Kind));
            json.WriteString(Field.Phase, Word.Encoded(e.Breath));
            json.WriteNumber(Field.Step, e.Phase);
            json.WriteString(Field.Line, e.Line.Line.Id);
            if (e.Line.Set is { } set) json.WriteString(Field.Set, set.Id);
            json.WriteString(Field.Section, e.Line.Section.Id);
            json.WriteString(Field.Move, e.Line.Line.Move);
            json.WriteString(Field.Side, Word.Encoded(e.Side));
            json.WriteNumber(Field.Round, e.Round);
            json.WriteNumber(Field.Of, e.Of);
            if (e.Cue is { } cue) json.WriteString(Field.Cue, cue);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }
}
