using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Server.Contracts;

// What a line is in the answer: its time, when it is taken, its practice by side, the ways to it.
internal static partial class ScoreWriter
{
    private static void WriteItem(Utf8JsonWriter json, ItemScore item, ILookup<LineScore, PersonSwap> swaps)
    {
        if (item is LineScore line)
            WriteLine(json, line, swaps[line]);
        else
            WriteBetween(json, item);
    }

    // Talk or waiting: its time hangs on no dose.
    private static void WriteBetween(Utf8JsonWriter json, ItemScore item)
    {
        json.WriteStartObject();
        json.WriteString(Field.Id, item.Item.Id);
        json.WriteString(Field.Kind, Word.Encoded(item.Item is Spoken ? ItemKind.Talk : ItemKind.Wait));
        json.WriteString(Field.Unit, Word.Encoded(Unit.Seconds));
        json.WriteNumber(Field.Amount, 0);
        json.WriteString(Field.Sides, "none");
        json.WriteStartObject(Field.Time);
        json.WriteNumber(Field.FixedMs, item.Time.Ms());
        json.WriteNumber(Field.UnitMs, 0);
        json.WriteNumber(Field.Least, 0);
        json.WriteNumber(Field.Most, 0);
        json.WriteNumber(Field.Step, 1);
        json.WriteEndObject();
        WriteOccurrences(json, item);
        json.WriteStartObject(Field.Practice);
        json.WriteEndObject();
        json.WriteEndObject();
    }

    private static void WriteLine(Utf8JsonWriter json, LineScore line, IEnumerable<PersonSwap> swaps)
    {
        json.WriteStartObject();
        json.WriteString(Field.Id, line.Line.Id);
        if (line.Position is { } position)
            json.WriteString(Field.Position, position.Id);
        json.WriteString(Field.Unit, Word.Encoded(line.Dose.Unit));
        json.WriteNumber(Field.Amount, line.Dose.Amount);
        json.WriteString(Field.Sides, line.Move is null || line.Move.Sides == Sidedness.None ? "none" : line.Line.Sides?.Word ?? "");
        if (line.Move is not null)
            WriteLineTime(json, line);
        WriteOccurrences(json, line);
        json.WriteStartObject(Field.Practice);
        WritePractice(json, Field.Right, line.Right);
        WritePractice(json, Field.Left, line.Left);
        WritePractice(json, Field.None, line.None);
        json.WriteEndObject();
        if (line.Ways.Count > 0)
            WriteWays(json, line.Ways);
        if (line.NoWayFrom is not null)
            json.WriteBoolean(Field.WayMissing, true);
        if (swaps.Any())
            WriteConditions(json, swaps);
        json.WriteEndObject();
    }

    private static void WriteOccurrences(Utf8JsonWriter json, ItemScore item)
    {
        json.WriteStartArray(Field.Occurrences);
        foreach (var taken in item.Occurrences)
        {
            json.WriteStartObject();
            json.WriteNumber(Field.Round, taken.Round);
            json.WriteString(Field.Side, Word.Encoded(taken.Side));
            json.WriteNumber(Field.StartMs, taken.Start.Ms());
            json.WriteNumber(Field.Ms, taken.Length.Ms());
            json.WriteNumber(Field.LeadMs, taken.Lead.Ms());
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    // So that any other dose can be told without asking again: fixed + dose × unit.
    private static void WriteLineTime(Utf8JsonWriter json, LineScore line)
    {
        json.WriteStartObject(Field.Time);
        json.WriteNumber(Field.FixedMs, line.FixedTime.Ms());
        json.WriteNumber(Field.UnitMs, line.UnitTime.Ms());
        json.WriteNumber(Field.Least, line.Limits.Least);
        json.WriteNumber(Field.Most, line.Limits.Most);
        json.WriteNumber(Field.Step, line.Limits.Step);
        json.WriteEndObject();
    }

    private static void WritePractice(Utf8JsonWriter json, JsonEncodedText name, Practice practice)
    {
        if (practice.Length == TimeSpan.Zero)
            return;
        json.WriteStartObject(name);
        json.WriteNumber(Field.Amount, practice.Amount);
        json.WriteNumber(Field.Ms, practice.Length.Ms());
        json.WriteEndObject();
    }

    private static void WriteWays(Utf8JsonWriter json, List<WayTaken> ways)
    {
        json.WriteStartArray(Field.Ways);
        foreach (var way in ways)
        {
            json.WriteStartObject();
            json.WriteString(Field.To, way.Way.To.Id);
            json.WriteNumber(Field.AtMs, way.At.Ms());
            json.WriteNumber(Field.Ms, way.Length.Ms());
            json.WriteStartArray(Field.Steps);
            foreach (var step in way.Way.Steps)
                json.WriteStringValue(step.Say);
            json.WriteEndArray();
            WriteTexts(json, Field.Cautions, way.Way.Cautions);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteTexts(Utf8JsonWriter json, JsonEncodedText name, IReadOnlyList<string> texts)
    {
        json.WriteStartArray(name);
        foreach (var text in texts)
            json.WriteStringValue(text);
        json.WriteEndArray();
    }
}
