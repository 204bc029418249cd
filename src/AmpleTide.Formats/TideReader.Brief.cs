using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Formats;

// What a class is for: its theme, its group and their place, and how they breathe.
public sealed partial class TideReader
{
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
}
