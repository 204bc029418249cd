using System.Globalization;
using System.Text.Json;
using System.Text.RegularExpressions;
using System.Xml;
using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

// People whose conditions are judged together.
public sealed partial class TideReader
{
    private const int MostPeople = 200;
    private const int MostComplaints = 41;
    private const int DaysOfWeek = 7;

    private Person ReadPerson(JsonElement element)
    {
        var person = new Person(1, []);
        var (side, since) = (Side.None, ((string?, int?))(null, null));
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "count":
                        person = person with { Count = (int)json.Number(value, 0, 1000, whole: true) };
                        break;
                    case "conditions":
                        person = person with { Complaints = json.List(value, MostComplaints, ReadComplaint) };
                        break;
                    case "side":
                        side = ReadSide(value);
                        break;
                    case "since":
                        since = ReadSince(value);
                        break;
                    case "name":
                        json.Wrong(null, "names are not kept; say how many, and what they have");
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        // What stands on the entry is meant for each of its conditions that says nothing itself.
        return person with
        {
            Complaints =
            [
                .. person.Complaints.Select(c =>
                    c with
                    {
                        Side = c.Side == Side.None ? side : c.Side,
                        Since = c.Since ?? since.Item1,
                        WeeksSince = c.WeeksSince ?? since.Item2,
                    }
                ),
            ],
            UnknownFields = kept,
        };
    }

    private Complaint ReadComplaint(JsonElement element)
    {
        if (element.ValueKind == JsonValueKind.String)
            return new(json.Text(element, 80));
        var complaint = new Complaint("");
        var kept = json.Object(
            element,
            (name, value) =>
            {
                switch (name)
                {
                    case "id":
                        complaint = complaint with { Condition = json.Text(value, 80) };
                        break;
                    case "side":
                        complaint = complaint with { Side = ReadSide(value) };
                        break;
                    case "since":
                        var (since, weeks) = ReadSince(value);
                        complaint = complaint with { Since = since, WeeksSince = weeks };
                        break;
                    default:
                        return false;
                }
                return true;
            }
        );
        if (complaint.Condition.Length == 0)
            json.Wrong("id", "is missing");
        return complaint with { UnknownFields = kept };
    }

    private Side ReadSide(JsonElement value) => json.Word(value, "right", "left") == "left" ? Side.Left : Side.Right;

    private (string? Since, int? Weeks) ReadSince(JsonElement value)
    {
        if (json.OptionalText(value, 20) is not { } text)
            return (null, null);
        if (WeeksOf(text) is { } weeks)
            return (text, weeks);
        json.Wrong(null, "a duration is needed, as in P6W or P3M (ISO 8601)");
        return (null, null);
    }

    // The framework reads all of ISO 8601's durations but weeks.
    private static int? WeeksOf(string text)
    {
        if (Weeks().Match(text) is { Success: true } weeks)
            return int.Parse(weeks.Groups[1].ValueSpan, CultureInfo.InvariantCulture);
        try
        {
            var length = XmlConvert.ToTimeSpan(text);
            return length < TimeSpan.Zero ? null : (int)(length.TotalDays / DaysOfWeek);
        }
        catch (Exception wrong) when (wrong is FormatException or OverflowException)
        {
            return null;
        }
    }

    [GeneratedRegex(@"^P(\d{1,4})W$")]
    private static partial Regex Weeks();
}
