using System.Globalization;
using System.Text.Json;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace AmpleTide.Formats;

/// <summary>The evening a class is taught, for a calendar: iCalendar (RFC 5545), by Ical.Net.</summary>
public static class DatesCalendar
{
    /// <summary>The format.</summary>
    public static readonly Format Format = new(
        "ics",
        "Date, iCalendar",
        ".ics",
        "text/calendar",
        "It is written only: when the class is and what it is about.",
        score => Of([score])
    );

    /// <summary>A calendar of classes.</summary>
    /// <exception cref="TideFileException">One of them has no date.</exception>
    public static byte[] Of(IEnumerable<Score> classes)
    {
        var calendar = new Ical.Net.Calendar { ProductId = "-//Ample Tide//EN" };
        foreach (var score in classes)
            calendar.Events.Add(Event(score));
        return Format.Utf8.GetBytes(new CalendarSerializer().SerializeToString(calendar) ?? "");
    }

    private static CalendarEvent Event(Score score)
    {
        var plan = score.Plan;
        var evening =
            Evening.Of(plan) ?? throw new TideFileException([new("/series/date", "the class has no date; give it one in its brief")]);
        var start = evening.Start is { } at
            ? new CalDateTime(evening.Date.ToDateTime(at, DateTimeKind.Unspecified), evening.Zone)
            : new CalDateTime(evening.Date.Year, evening.Date.Month, evening.Date.Day);
        return new()
        {
            Uid = $"{(plan.Id.Length > 0 ? plan.Id : plan.Title)}@ample-tide.example",
            Summary = plan.Title,
            Description = plan.Theme.Intention.Length > 0 ? plan.Theme.Intention : null,
            DtStamp = new CalDateTime(DateTime.SpecifyKind(evening.Date.ToDateTime(TimeOnly.MinValue), DateTimeKind.Utc)),
            Start = start,
            Duration = evening.Start is null
                ? Duration.FromDays(1)
                : Duration.FromTimeSpanExact(TimeSpan.FromMinutes(Math.Ceiling(plan.Minutes))),
        };
    }
}

/// <summary>When a class is taught, as its file says.</summary>
/// <param name="Date">The day.</param>
/// <param name="Start">When it begins, or null for some time of the day.</param>
/// <param name="Zone">The zone (IANA), or null for the time where one is.</param>
public sealed record Evening(DateOnly Date, TimeOnly? Start, string? Zone)
{
    /// <summary>The evening of a class, or null where it has none.</summary>
    public static Evening? Of(ClassPlan plan)
    {
        if (plan.Carried.Fields.FirstOrDefault(f => f.Key == "series").Value is not JsonElement { ValueKind: JsonValueKind.Object } series)
            return null;
        if (!DateOnly.TryParseExact(Text(series, "date"), "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date))
            return null;
        var start = TimeOnly.TryParseExact(Text(series, "start"), "HH:mm", CultureInfo.InvariantCulture, DateTimeStyles.None, out var at)
            ? at
            : (TimeOnly?)null;
        var zone = Text(series, "zone");
        return new(date, start, zone is not null && TimeZoneInfo.TryFindSystemTimeZoneById(zone, out _) ? zone : null);
    }

    private static string? Text(JsonElement series, string name) =>
        series.TryGetProperty(name, out var value) && value.ValueKind == JsonValueKind.String ? value.GetString() : null;
}
