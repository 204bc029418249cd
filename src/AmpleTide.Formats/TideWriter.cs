using System.Text.Encodings.Web;
using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

/// <summary>Writes class files: known fields in one order, then what was kept. What says nothing is left out.</summary>
public static class TideWriter
{
    /// <summary>How a class file calls itself.</summary>
    public const string Format = "ample-tide/class";

    private static readonly JsonWriterOptions Options = new() { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };
    private static readonly JsonWriterOptions Indented = Options with { Indented = true, NewLine = "\n" };

    /// <summary>Writes a class as UTF-8.</summary>
    public static byte[] Write(ClassPlan plan, bool indented = false)
    {
        using var bytes = new MemoryStream();
        using (var json = new Utf8JsonWriter(bytes, indented ? Indented : Options))
            Write(json, plan);
        return bytes.ToArray();
    }

    private static void Write(Utf8JsonWriter json, ClassPlan plan)
    {
        json.WriteStartObject();
        json.WriteString("format", Format);
        json.WriteNumber("version", TideReader.Version);
        json.WriteString("id", plan.Id);
        json.WriteString("title", plan.Title);
        if (plan.Note.Length > 0)
            json.WriteString("note", plan.Note);
        if (plan.Tags.Count > 0)
            Texts(json, "tags", plan.Tags);
        json.WriteStartObject("theme");
        Texts(json, "areas", plan.Theme.Areas.Select(a => a.Name()));
        json.WriteString("intention", plan.Theme.Intention);
        Rest(json, plan.Theme.UnknownFields);
        json.WriteNumber("minutes", plan.Minutes);
        if (plan.StartsIn is { } start)
            json.WriteString("startsIn", start);
        json.WriteString("endsIn", plan.EndsAsleep ? "asleep" : "awake");
        WriteGroup(json, plan.Group);
        WritePlace(json, plan.Place);
        if (plan.Conventions.Count > 0)
            Map(json, "conventions", plan.Conventions, json.WriteStringValue);
        WriteBreath(json, plan.Breath);
        WriteTempo(json, plan.Tempo);
        if (plan.Off.Count > 0)
            List(json, "off", plan.Off, off => WriteOff(json, off));
        if (plan.Embedded.Count > 0)
            List(json, "moves", plan.Embedded, move => WriteEmbedded(json, move));
        List(json, "sections", plan.Sections, section => WriteSection(json, section));
        Rest(json, new([.. plan.Carried.Fields, .. plan.UnknownFields.Fields]));
    }

    private static void WriteEmbedded(Utf8JsonWriter json, EmbeddedMove move)
    {
        json.WriteStartObject();
        json.WriteString("id", move.Id);
        json.WriteString("yaml", move.Yaml);
        Rest(json, move.UnknownFields);
    }

    private static void WriteGroup(Utf8JsonWriter json, Group group)
    {
        json.WriteStartObject("group");
        json.WriteNumber("size", group.Size);
        json.WriteString("pace", Lower(group.Pace));
        json.WriteString("age", group.Older ? "older" : "mixed");
        json.WriteNumber("newcomers", group.Newcomers);
        if (group.Conditions.Count > 0)
            Map(json, "conditions", group.Conditions, json.WriteNumberValue);
        if (group.People.Count > 0)
        {
            json.WriteStartArray("people");
            foreach (var person in group.People)
                WritePerson(json, person);
            json.WriteEndArray();
        }
        Rest(json, group.UnknownFields);
    }

    private static void WritePerson(Utf8JsonWriter json, Person person)
    {
        json.WriteStartObject();
        json.WriteNumber("count", person.Count);
        json.WriteStartArray("conditions");
        foreach (var complaint in person.Complaints)
        {
            if (complaint is { Side: Side.None, Since: null } && complaint.UnknownFields.Fields.Count == 0)
            {
                json.WriteStringValue(complaint.Condition);
                continue;
            }
            json.WriteStartObject();
            json.WriteString("id", complaint.Condition);
            if (complaint.Side != Side.None)
                json.WriteString("side", Lower(complaint.Side));
            if (complaint.Since is { } since)
                json.WriteString("since", since);
            Rest(json, complaint.UnknownFields);
        }
        json.WriteEndArray();
        Rest(json, person.UnknownFields);
    }

    private static void WritePlace(Utf8JsonWriter json, Place place)
    {
        json.WriteStartObject("place");
        if (place.Families.Count > 0)
            Texts(json, "families", place.Families.Select(f => Lower(f)));
        if (place.Limits.Count > 0)
            Texts(json, "limits", place.Limits);
        json.WriteString("surface", place.Surface);
        if (place.Props.Count > 0)
            Map(json, "props", place.Props, json.WriteNumberValue);
        Rest(json, place.UnknownFields);
    }

    private static void WriteOff(Utf8JsonWriter json, Off off)
    {
        json.WriteStartObject();
        json.WriteString("rule", off.Rule);
        Texts(json, "lines", off.Lines);
        json.WriteString("reason", off.Reason);
        Rest(json, off.UnknownFields);
    }

    private static void WriteBreath(Utf8JsonWriter json, BreathChoice breath)
    {
        if (breath == BreathChoice.None)
            return;
        json.WriteStartObject("breath");
        if (breath.SecondsPerCount is { } seconds)
            json.WriteNumber("secondsPerCount", seconds);
        Counts("moving", breath.Moving);
        Counts("small", breath.Small);
        Counts("effort", breath.Effort);
        Counts("holding", breath.Holding);
        Counts("resting", breath.Resting);
        Rest(json, breath.UnknownFields);

        void Counts(string name, BreathCounts? counts)
        {
            if (counts is { } c)
                List(json, name, [c.In, c.HeldIn, c.Out, c.HeldOut], json.WriteNumberValue);
        }
    }

    private static void WriteTempo(Utf8JsonWriter json, double tempo)
    {
        if (tempo != 1)
            json.WriteNumber("tempo", tempo);
    }

    private static void WriteSection(Utf8JsonWriter json, Section section)
    {
        json.WriteStartObject();
        json.WriteString("id", section.Id);
        json.WriteString("name", section.Name);
        json.WriteString("part", Lower(section.Part));
        WriteBreath(json, section.Breath);
        WriteTempo(json, section.Tempo);
        List(json, "items", section.Items, item => WriteItem(json, item));
        Rest(json, section.UnknownFields);
    }

    private static void WriteItem(Utf8JsonWriter json, Item item)
    {
        switch (item)
        {
            case Set set:
                WriteSet(json, set);
                break;
            case Spoken spoken:
                WriteSpoken(json, spoken);
                break;
            case Waiting waiting:
                WriteWaiting(json, waiting);
                break;
            default:
                WriteLine(json, (Line)item);
                break;
        }
    }

    private static void WriteSpoken(Utf8JsonWriter json, Spoken spoken)
    {
        json.WriteStartObject();
        json.WriteString("id", spoken.Id);
        json.WriteString("talk", spoken.Words);
        if (spoken.Seconds is { } seconds)
            json.WriteNumber("seconds", seconds);
        Rest(json, spoken.UnknownFields);
    }

    private static void WriteWaiting(Utf8JsonWriter json, Waiting waiting)
    {
        json.WriteStartObject();
        json.WriteString("id", waiting.Id);
        json.WriteNumber("wait", waiting.Seconds);
        json.WriteString("what", Lower(waiting.What));
        if (waiting.Note.Length > 0)
            json.WriteString("note", waiting.Note);
        Rest(json, waiting.UnknownFields);
    }

    private static void WritePause(Utf8JsonWriter json, string name, Pause pause)
    {
        if (pause.Amount == 0)
            return;
        if (pause.Unit == Unit.Seconds)
        {
            json.WriteStartObject(name);
            json.WriteNumber("seconds", pause.Amount);
            json.WriteEndObject();
        }
        else
            json.WriteNumber(name, pause.Amount);
    }

    private static void WriteSet(Utf8JsonWriter json, Set set)
    {
        json.WriteStartObject();
        json.WriteString("id", set.Id);
        json.WriteStartObject("set");
        json.WriteString("name", set.Name);
        if (set.Rounds[0] == Side.None)
            json.WriteNumber("rounds", set.Rounds.Count);
        else
            Texts(json, "rounds", set.Rounds.Select(r => Lower(r)));
        WritePause(json, "pauseBetween", set.PauseBetween);
        List(json, "items", set.Items, item => WriteItem(json, item));
        Rest(json, set.UnknownSetFields);
        Rest(json, set.UnknownFields);
    }

    private static void WriteLine(Utf8JsonWriter json, Line line)
    {
        json.WriteStartObject();
        json.WriteString("id", line.Id);
        json.WriteString("move", line.Move);
        if (line.Position is { } position)
            json.WriteString("position", position);
        if (line.Dose is { } dose)
            json.WriteNumber(Lower(dose.Unit), dose.Amount);
        if (line.Sides is { } sides)
            json.WriteString("sides", sides.Word);
        if (line.Option != MoveForm.BaseOption)
            json.WriteString("option", line.Option);
        if (line.GoesOn)
            json.WriteBoolean("goesOn", true);
        if (line.PerEnd > 0)
            json.WriteNumber("perEnd", line.PerEnd);
        if (line.Eyes is { } eyes)
            json.WriteString("eyes", Lower(eyes));
        WritePause(json, "pauseBetween", line.PauseBetween);
        WritePause(json, "pauseAfter", line.PauseAfter);
        WriteBreath(json, line.Breath);
        WriteTempo(json, line.Tempo);
        if (line.Locked)
            json.WriteBoolean("locked", true);
        if (line.Note.Length > 0)
            json.WriteString("note", line.Note);
        if (line.Talk is { } talk)
            json.WriteString("talk", talk);
        if (line.Say.Count > 0)
            Map(json, "say", line.Say, json.WriteStringValue);
        if (line.Props.Count > 0)
            List(json, "props", line.Props, prop => WriteProp(json, prop));
        Rest(json, line.UnknownFields);
    }

    private static void WriteProp(Utf8JsonWriter json, LineProp prop)
    {
        json.WriteStartObject();
        json.WriteString("id", prop.Id);
        if (prop.StandIn is { } standIn)
            json.WriteString("standIn", standIn);
        Rest(json, prop.UnknownFields);
    }

    // The unknown fields, and the end of the object they belong to.
    private static void Rest(Utf8JsonWriter json, PreservedFields kept)
    {
        foreach (var (name, value) in kept.Fields)
        {
            json.WritePropertyName(name);
            ((JsonElement)value).WriteTo(json);
        }
        json.WriteEndObject();
    }

    private static void Texts(Utf8JsonWriter json, string name, IEnumerable<string> texts) =>
        List(json, name, texts, json.WriteStringValue);

    private static void List<T>(Utf8JsonWriter json, string name, IEnumerable<T> values, Action<T> write)
    {
        json.WriteStartArray(name);
        foreach (var value in values)
            write(value);
        json.WriteEndArray();
    }

    private static void Map<T>(Utf8JsonWriter json, string name, IReadOnlyDictionary<string, T> values, Action<T> write)
    {
        json.WriteStartObject(name);
        foreach (var (key, value) in values)
        {
            json.WritePropertyName(key);
            write(value);
        }
        json.WriteEndObject();
    }

    private static string Lower<T>(T word)
        where T : struct, Enum => word.ToString().ToLowerInvariant();
}
