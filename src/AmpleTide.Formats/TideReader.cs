using System.Text.Json;
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
