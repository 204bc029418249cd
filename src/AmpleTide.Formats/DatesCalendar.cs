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
