using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

// What lies in a section besides its lines: sets, talk and waiting.
public sealed partial class TideReader
{
    private const int MostItems = 1000;
    private const int MostDepth = 4;
    private const int MostSeconds = 3600;

    private int items;

    private Item ReadItem(JsonElement element, string parent, int depth)
    {
        if (++items == MostItems + 1)
            json.Wrong(null, $"a class has at most {MostItems} lines");
        var place = $"{parent}.i{json.Index + 1}";
        if (depth >= MostDepth)
            json.Wrong(null, $"sets lie at most {MostDepth} deep");
        else if (Has("set"))
            return ReadSet(element, place, depth);
        if (Has("move"))
            return ReadLine(element, place);
        if (Has("wait"))
            return ReadWaiting(element, place);
        return Has("talk") || Has("seconds") ? ReadSpoken(element, place) : ReadLine(element, place);

        bool Has(string name) => element.ValueKind == JsonValueKind.Object && element.TryGetProperty(name, out _);
    }

    private Spoken ReadSpoken(JsonElement element, string place)
    {
        var (id, words) = ("", "");
        int? seconds = null;
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "id":
                        id = json.Text(value, 80);
                        break;
                    case "talk":
                        words = json.OptionalText(value, 4000) ?? "";
                        break;
                    case "seconds":
                        seconds = value.ValueKind == JsonValueKind.Null ? null : ReadSeconds(value);
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
            Words = words,
            Seconds = seconds,
            UnknownFields = kept,
        };
    }

    private Waiting ReadWaiting(JsonElement element, string place)
    {
        var (id, note, seconds) = ("", "", 1);
        var what = WaitFor.Silence;
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "id":
                        id = json.Text(value, 80);
                        break;
                    case "wait":
                        seconds = ReadSeconds(value);
                        break;
                    case "what":
                        what = json.Enum<WaitFor>(value);
                        break;
                    case "note":
                        note = json.Text(value, 2000);
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
            Seconds = seconds,
            What = what,
            Note = note,
            UnknownFields = kept,
        };
    }

    private int ReadSeconds(JsonElement value) => (int)json.Number(value, 1, MostSeconds, whole: true);

    private Set ReadSet(JsonElement element, string place, int depth)
    {
        var id = "";
        var set = new Set
        {
            Id = place,
            Rounds = [Side.None],
            Items = [],
        };
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "id":
                        id = json.Text(value, 80);
                        break;
                    case "set":
                        set = ReadInside(set, value, place, depth);
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        return set with { Id = Id(id, place), UnknownFields = kept };
    }

    private Set ReadInside(Set set, JsonElement element, string place, int depth)
    {
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "name":
                        set = set with { Name = json.Text(value, 200) };
                        break;
                    case "rounds":
                        set = set with { Rounds = ReadRounds(value) };
                        break;
                    case "pauseBetween":
                        set = set with { PauseBetween = ReadPause(value) };
                        break;
                    case "items":
                        set = set with { Items = json.List(value, MostItems, v => ReadItem(v, place, depth + 1)) };
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        if (set.Items.Count == 0)
            json.Wrong("items", "a set holds at least one line");
        return set with { UnknownSetFields = kept };
    }

    private IReadOnlyList<Side> ReadRounds(JsonElement element)
    {
        const int most = 20;
        if (element.ValueKind == JsonValueKind.Number)
            return [.. Enumerable.Repeat(Side.None, (int)json.Number(element, 1, most, whole: true))];
        var rounds = json.List(element, most, v => json.Word(v, "right", "left") == "left" ? Side.Left : Side.Right);
        if (rounds.Count == 0)
            json.Wrong(null, "a number, or a list of right and left, is needed");
        return rounds.Count == 0 ? [Side.None] : rounds;
    }

    // Breaths, or an object that says seconds.
    private Pause ReadPause(JsonElement value)
    {
        if (value.ValueKind != JsonValueKind.Object)
            return Pause.OfBreaths((int)json.Number(value, 0, 30, whole: true));
        var seconds = 0;
        var kept = json.Object(
            value,
            (name, amount) =>
            {
                if (name != "seconds")
                    return false;
                seconds = (int)json.Number(amount, 0, 600, whole: true);
                return true;
            }
        );
        foreach (var (name, _) in kept.Fields)
            json.Wrong(name, "a pause has seconds and nothing else");
        return seconds == 0 ? default : Pause.OfSeconds(seconds);
    }

    // Where an id is missing it comes from the place, never from chance, so that reading twice gives the same class.
    private string Id(string written, string place)
    {
        var id = written.Length > 0 ? written : place;
        if (!ids.Add(id))
            json.Wrong("id", $"'{id}' is there twice");
        return id;
    }
}
