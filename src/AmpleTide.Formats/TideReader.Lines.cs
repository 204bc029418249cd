using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

// A line: a move, how much of it, to which sides, and what is said.
public sealed partial class TideReader
{
    private Line ReadLine(JsonElement element, string place)
    {
        string id = "",
            move = "",
            option = MoveForm.BaseOption,
            note = "";
        string? position = null,
            talk = null;
        Dose? dose = null;
        SideOrder? sides = null;
        Pause pauseBetween = default,
            pauseAfter = default;
        var (locked, goesOn, perEnd) = (false, false, 0);
        Eyes? eyes = null;
        var breath = BreathChoice.None;
        var tempo = 1.0;
        IReadOnlyDictionary<string, string> say = NothingSaid;
        IReadOnlyList<LineProp> props = [];
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
                    case "goesOn":
                        goesOn = json.Flag(value);
                        break;
                    case "perEnd":
                        perEnd = (int)json.Number(value, 0, 10, whole: true);
                        break;
                    case "eyes":
                        eyes = value.ValueKind == JsonValueKind.Null ? null : json.Enum<Eyes>(value);
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
            Id = Id(id, place),
            Move = move,
            Position = position,
            Dose = dose,
            Sides = sides,
            Option = option,
            GoesOn = goesOn,
            PerEnd = perEnd,
            Eyes = eyes,
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
}
