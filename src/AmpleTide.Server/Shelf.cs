using System.Globalization;
using System.Text;
using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;
using AmpleTide.Store;

namespace AmpleTide.Server;

/// <summary>What the shelf shows of a class.</summary>
internal static class Shelf
{
    private const int Steps = 96;

    /// <summary>A class as it is stored.</summary>
    public static StoredClass Row(ClassPlan plan, House house, TimeProvider clock)
    {
        var (score, findings) = house.Judge(plan);
        return new()
        {
            Id = plan.Id,
            Document = Encoding.UTF8.GetString(TideWriter.Write(plan)),
            SavedAt = clock.GetUtcNow().ToUnixTimeMilliseconds(),
            Title = plan.Title,
            Minutes = plan.Minutes,
            TotalMs = score.TotalMs,
            Areas = string.Join(',', plan.Theme.Areas.Select(a => a.Name())),
            Tags = string.Join('\n', plan.Tags),
            About = About(plan),
            Tide = string.Join(',', Even(score).Select(h => h.ToString(CultureInfo.InvariantCulture))),
            Serious = findings.Count(f => f.Level == Level.Serious),
            Notable = findings.Count(f => f.Level == Level.Notable),
        };
    }

    /// <summary>The stored tide line as numbers.</summary>
    public static int[] TideOf(string stored) =>
        [.. stored.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(h => int.Parse(h, CultureInfo.InvariantCulture))];

    private static string About(ClassPlan plan)
    {
        var place = plan.Place.Surface switch { "chair" => "on chairs", "bed" => "in bed", "outdoors" => "outdoors", _ => "" };
        string[] parts =
        [
            plan.Group.Size > 0 ? $"{plan.Group.Size} people" : "", place, plan.EndsAsleep ? "ends asleep" : "",
        ];
        return string.Join(" · ", parts.Where(p => p.Length > 0));
    }

    // The height at even steps of time, between the points of the tide line.
    private static IEnumerable<int> Even(Score score)
    {
        if (score.Tide.Count == 0) yield break;
        var next = 0;
        for (var i = 0; i <= Steps; i++)
        {
            var ms = (long)score.TotalMs * i / Steps;
            while (next < score.Tide.Count - 1 && score.Tide[next].Ms < ms) next++;
            var (b, a) = (score.Tide[next], score.Tide[Math.Max(0, next - 1)]);
            yield return b.Ms == a.Ms ? b.Height : (int)(a.Height + ((b.Height - a.Height) * (ms - a.Ms) / (b.Ms - a.Ms)));
        }
    }
}
