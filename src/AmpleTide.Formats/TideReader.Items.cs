using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

// What lies in a section: lines and sets of lines.
public sealed partial class TideReader
{
    private const int MostLines = 1000;
    private const int MostDepth = 4;

    private int lines;

    private Item ReadItem(JsonElement element, string parent, int depth)
    {
        if (depth >= MostDepth)
            json.Wrong(null, $"sets lie at most {MostDepth} deep");
        else if (element.ValueKind == JsonValueKind.Object && element.TryGetProperty("set"u8, out _))
            return ReadSet(element, $"{parent}.i{json.Index + 1}", depth);
        return ReadLine(element, parent);
    }

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
                        set = set with { Items = json.List(value, MostLines, v => ReadItem(v, place, depth + 1)) };
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

    private int ReadPause(JsonElement value) => (int)json.Number(value, 0, 30, whole: true);

    private Line ReadLine(JsonElement element, string parent)
    {
        if (++lines == MostLines + 1)
            json.Wrong(null, $"a class has at most {MostLines} lines");
        string id = "",
            move = "",
            option = MoveForm.BaseOption,
            note = "";
        string? position = null,
            talk = null;
        Dose? dose = null;
        SideOrder? sides = null;
        int pauseBetween = 0,
            pauseAfter = 0;
        var locked = false;
        var breath = BreathChoice.None;
        var tempo = 1.0;
        IReadOnlyDictionary<string, string> say = NothingSaid;
        IReadOnlyList<LineProp> props = [];
        var index = json.Index;
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "id":
                        id = json.Text(value, 80);
                        break;
                    case "move":
                        move = json.Text(value, 80);
                        break;
                    case "position":
                        position = json.OptionalText(value, 60);
                        break;
                    case "breaths":
                        ReadDose(Unit.Breaths, value, 200);
                        break;
                    case "rounds":
                        ReadDose(Unit.Rounds, value, 200);
                        break;
                    case "beats":
                        ReadDose(Unit.Beats, value, 500);
                        break;
                    case "seconds":
                        ReadDose(Unit.Seconds, value, 3600);
                        break;
                    case "sides":
                        sides = value.ValueKind == JsonValueKind.Null ? null : json.Named(value, SideOrder.Find, SideOrder.Words);
                        break;
                    case "option":
                        option = json.Text(value, 40);
                        break;
                    case "pauseBetween":
                        pauseBetween = ReadPause(value);
                        break;
                    case "pauseAfter":
                        pauseAfter = ReadPause(value);
                        break;
                    case "breath":
                        breath = ReadBreath(value);
                        break;
                    case "tempo":
                        tempo = ReadTempo(value);
                        break;
                    case "locked":
                        locked = json.Flag(value);
                        break;
                    case "note":
                        note = json.Text(value, 2000);
                        break;
                    case "talk":
                        talk = json.OptionalText(value, 2000);
                        break;
                    case "say":
                        say = json.Map(value, v => json.Text(v, 600));
                        break;
                    case "props":
                        props = json.List(value, 20, ReadProp);
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        if (move.Length == 0 && !json.HasProblemAt("move"))
            json.Wrong("move", "is missing");
        return new()
        {
            Id = id.Length > 0 ? Id(id, "") : Id("", $"{parent}.i{index + 1}"),
            Move = move,
            Position = position,
            Dose = dose,
            Sides = sides,
            Option = option,
            PauseBetween = pauseBetween,
            PauseAfter = pauseAfter,
            Breath = breath,
            Tempo = tempo,
            Locked = locked,
            Note = note,
            Talk = talk,
            Say = say,
            Props = props,
            UnknownFields = kept,
        };

        void ReadDose(Unit unit, JsonElement value, int most)
        {
            if (value.ValueKind == JsonValueKind.Null)
                return;
            if (dose is { } other)
                json.Wrong(null, $"a line has one dose; {Name(other.Unit)} is there already");
            dose = new(unit, (int)json.Number(value, 1, most, whole: true));
        }
    }

    private static readonly Dictionary<string, string> NothingSaid = [];

    private static string Name(Unit unit) => unit.ToString().ToLowerInvariant();

    private LineProp ReadProp(JsonElement element)
    {
        var id = "";
        string? standIn = null;
        var kept = json.Object(
            element,
            (name, value) =>
            {
                if (name == "id")
                    id = json.Text(value, 60);
                else if (name == "standIn")
                    standIn = json.OptionalText(value, 60);
                else
                    return false;
                return true;
            }
        );
        return new(id, standIn) { UnknownFields = kept };
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
