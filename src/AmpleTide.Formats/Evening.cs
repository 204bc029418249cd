using System.Globalization;
using System.Text.Json;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

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
