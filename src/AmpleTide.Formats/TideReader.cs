using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Formats;

/// <summary>Reads class files. Every mistake is told with a pointer to its field; unknown fields are kept as they are.</summary>
public sealed partial class TideReader
{
    /// <summary>The version this reader knows.</summary>
    public const int Version = 1;

    private readonly JsonFields json = new();
    private readonly HashSet<string> ids = [];

    /// <summary>Reads a class.</summary>
    /// <param name="root">The file's root element.</param>
    /// <exception cref="TideFileException">Something is wrong, or the file is of a newer version.</exception>
    public static ClassPlan Read(JsonElement root)
    {
        var reader = new TideReader();
        var plan = reader.ReadPlan(root);
        if (reader.json.Problems.Count > 0)
            throw new TideFileException(reader.json.Problems);
        return plan;
    }

    private ClassPlan ReadPlan(JsonElement root)
    {
        string id = "",
            title = "",
            note = "",
            format = TideWriter.Format;
        string? startsIn = null;
        double minutes = 0,
            version = Version;
        var asleep = false;
        IReadOnlyList<string> tags = [];
        var theme = new Theme([], "");
        var (group, place, breath) = (new Group(), new Place(), BreathChoice.None);
        var tempo = 1.0;
        IReadOnlyDictionary<string, string> conventions = new Dictionary<string, string>();
        IReadOnlyList<Off> off = [];
        IReadOnlyList<Section>? sections = null;
        IReadOnlyList<EmbeddedMove> embedded = [];
        var carried = new List<KeyValuePair<string, object>>();
        var kept = json.Object(
            root,
            (name, value) =>
            {
                switch (name)
                {
                    case "format":
                        format = json.Text(value, 40);
                        break;
                    case "version":
                        version = json.Number(value, 1, 1_000_000, whole: true);
                        break;
                    case "id":
                        id = ReadId(value);
                        break;
                    case "title":
                        title = json.Text(value, 200);
                        break;
                    case "note":
                        note = json.Text(value, 10_000);
                        break;
                    case "tags":
                        tags = json.List(value, 50, v => json.Text(v, 60));
                        break;
                    case "theme":
                        theme = ReadTheme(value);
                        break;
                    case "minutes":
                        minutes = json.Number(value, 1, 600);
                        break;
                    case "startsIn":
                        startsIn = json.OptionalText(value, 60);
                        break;
                    case "endsIn":
                        asleep = json.Word(value, "awake", "asleep") == "asleep";
                        break;
                    case "group":
                        group = ReadGroup(value);
                        break;
                    case "place":
                        place = ReadPlace(value);
                        break;
                    case "conventions":
                        conventions = json.Map(value, v => json.Text(v, 60));
                        break;
                    case "breath":
                        breath = ReadBreath(value);
                        break;
                    case "tempo":
                        tempo = ReadTempo(value);
                        break;
                    case "off":
                        off = json.List(value, 200, ReadOff);
                        break;
                    case "sections":
                        sections = json.List(value, 60, ReadSection);
                        break;
                    case "moves":
                        embedded = json.List(value, 200, ReadEmbedded);
                        break;
                    case "madeWith" or "series":
                        carried.Add(new(name, value.Clone()));
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        if (format != TideWriter.Format)
            json.Wrong("format", $"is '{format}', '{TideWriter.Format}' is needed");
        if (version > Version)
            json.Wrong("version", $"is {version}; this program knows {Version} and leaves the file as it is");
        if (minutes == 0 && !json.HasProblemAt("minutes"))
            json.Wrong("minutes", "is missing");
        if (sections is null)
            json.Wrong("sections", "is missing");
        if (title.Length == 0 && !json.HasProblemAt("title"))
            json.Wrong("title", "is missing");
        return new()
        {
            Id = id,
            Title = title,
            Note = note,
            Tags = tags,
            Theme = theme,
            Minutes = minutes,
            StartsIn = startsIn,
            EndsAsleep = asleep,
            Group = group,
            Place = place,
            Conventions = conventions,
            Breath = breath,
            Tempo = tempo,
            Off = off,
            Sections = sections ?? [],
            Embedded = embedded,
            Carried = new(carried),
            UnknownFields = kept,
        };
    }

    // The class is addressed by it.
    private string ReadId(JsonElement value)
    {
        var id = json.Text(value, 80);
        if (id.Length > 0 && !Addressable().IsMatch(id))
            json.Wrong(null, "letters, digits, '.', '_' and '-' are needed, with a letter or digit first");
        return id;
    }

    [System.Text.RegularExpressions.GeneratedRegex("^[A-Za-z0-9][A-Za-z0-9._-]*$")]
    private static partial System.Text.RegularExpressions.Regex Addressable();

    private EmbeddedMove ReadEmbedded(JsonElement element)
    {
        var (id, yaml) = ("", "");
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "id":
                        id = json.Text(value, 60);
                        break;
                    case "yaml":
                        yaml = json.Text(value, 100_000);
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        if (yaml.Length == 0 && !json.HasProblemAt("yaml"))
            json.Wrong("yaml", "is missing");
        return new(id, yaml) { UnknownFields = kept };
    }

    private Theme ReadTheme(JsonElement element)
    {
        IReadOnlyList<Area> areas = [];
        var intention = "";
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "areas":
                        areas = json.List(value, Areas.Count, v => json.Named(v, Areas.Find, Areas.All));
                        break;
                    case "intention":
                        intention = json.Text(value, 500);
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        return new(areas, intention) { UnknownFields = kept };
    }

    private Group ReadGroup(JsonElement element)
    {
        var group = new Group();
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "size":
                        group = group with { Size = (int)json.Number(value, 0, 1000, whole: true) };
                        break;
                    case "pace":
                        group = group with { Pace = json.Enum<Pace>(value) };
                        break;
                    case "age":
                        group = group with { Older = json.Word(value, "mixed", "older") == "older" };
                        break;
                    case "newcomers":
                        group = group with { Newcomers = (int)json.Number(value, 0, 1000, whole: true) };
                        break;
                    case "conditions":
                        group = group with { Conditions = json.Map(value, v => (int)json.Number(v, 0, 1000, whole: true)) };
                        break;
                    case "people":
                        group = group with { People = json.List(value, MostPeople, ReadPerson) };
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        return group with { UnknownFields = kept };
    }

    private Place ReadPlace(JsonElement element)
    {
        var place = new Place();
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "families":
                        place = place with { Families = json.List(value, 4, v => json.Enum<Family>(v)) };
                        break;
                    case "limits":
                        place = place with { Limits = json.List(value, 20, v => json.Text(v, 60)) };
                        break;
                    case "surface":
                        place = place with { Surface = json.Word(value, "mat", "chair", "bed", "outdoors") };
                        break;
                    case "props":
                        place = place with { Props = json.Map(value, v => (int)json.Number(v, 0, 10_000, whole: true)) };
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        return place with { UnknownFields = kept };
    }

    private Off ReadOff(JsonElement element)
    {
        var (rule, reason) = ("", "");
        IReadOnlyList<string> concerned = [];
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "rule":
                        rule = json.Text(value, 60);
                        break;
                    case "lines":
                        concerned = json.List(value, 1000, v => json.Text(v, 80));
                        break;
                    case "reason":
                        reason = json.Text(value, 500);
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        if (reason.Length == 0)
            json.Wrong("reason", "is missing: a judgement is switched off with a reason");
        return new(rule, concerned, reason) { UnknownFields = kept };
    }

    private BreathChoice ReadBreath(JsonElement element)
    {
        if (element.ValueKind == JsonValueKind.Null)
            return BreathChoice.None;
        var choice = BreathChoice.None;
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "secondsPerCount":
                        choice = choice with { SecondsPerCount = json.Number(value, 0.2, 5) };
                        break;
                    case "moving":
                        choice = choice with { Moving = ReadCounts(value) };
                        break;
                    case "small":
                        choice = choice with { Small = ReadCounts(value) };
                        break;
                    case "effort":
                        choice = choice with { Effort = ReadCounts(value) };
                        break;
                    case "holding":
                        choice = choice with { Holding = ReadCounts(value) };
                        break;
                    case "resting":
                        choice = choice with { Resting = ReadCounts(value) };
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        return kept.Fields.Count == 0 ? choice : choice with { UnknownFields = kept };
    }

    private double ReadTempo(JsonElement element) => json.Number(element, Tempo.Least, Tempo.Most);

    private BreathCounts ReadCounts(JsonElement element)
    {
        var counts = json.List(element, 4, v => json.Number(v, 0, 60));
        if (counts.Count == 4 && counts[0] > 0 && counts[2] > 0)
            return new(counts[0], counts[1], counts[2], counts[3]);
        json.Wrong(null, "four counts are needed: in, held in, out, held out, with in and out over 0");
        return new(1, 0, 1, 0);
    }

    private Section ReadSection(JsonElement element)
    {
        var (id, name) = ("", "");
        var part = Part.Build;
        var breath = BreathChoice.None;
        var tempo = 1.0;
        IReadOnlyList<Item> items = [];
        var place = $"s{json.Index + 1}";
        var kept = json.Object(
            element,
            (field, value) =>
            {
                switch (field)
                {
                    case "id":
                        id = json.Text(value, 80);
                        break;
                    case "name":
                        name = json.Text(value, 200);
                        break;
                    case "part":
                        part = json.Enum<Part>(value);
                        break;
                    case "breath":
                        breath = ReadBreath(value);
                        break;
                    case "tempo":
                        tempo = ReadTempo(value);
                        break;
                    case "items":
                        items = json.List(value, MostItems, v => ReadItem(v, place, 0));
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        return new()
        {
            Id = Id(id, place),
            Name = name,
            Part = part,
            Breath = breath,
            Tempo = tempo,
            Items = items,
            UnknownFields = kept,
        };
    }
}
