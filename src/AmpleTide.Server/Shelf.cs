using System.Text;
using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>What the shelf shows of a class: stored beside its document, so that listing reads no document.</summary>
internal static class Shelf
{
    private const int Steps = 96;

    /// <summary>A class as it is stored.</summary>
    public static StoredClass Row(ClassPlan plan, CatalogueSnapshot snapshot, TimeProvider clock)
    {
        var row = new StoredClass
        {
            Id = plan.Id,
            Document = Encoding.UTF8.GetString(TideWriter.Write(plan)),
            SavedAt = clock.GetUtcNow().ToUnixTimeMilliseconds(),
            Title = plan.Title,
            Minutes = plan.Minutes,
            Areas = [.. plan.Theme.Areas.Select(a => a.Name())],
            Tags = [.. plan.Tags],
            About = About(plan),
        };
        Figure(row, plan, snapshot);
        return row;
    }

    /// <summary>
    /// Works out anew what the shelf shows of the classes that use a move; they are stored with the next save of the store.
    /// </summary>
    public static async Task RefreshClassesWith(TideStore store, string move, CatalogueSnapshot snapshot, CancellationToken cancellation)
    {
        var written = $"\"move\":{JsonSerializer.Serialize(move)}";
        Refresh(await store.Classes.IgnoreQueryFilters().Where(c => c.Document.Contains(written)).ToListAsync(cancellation), snapshot);
    }

    /// <summary>Works out anew what the shelf shows of all classes; they are stored with the next save of the store.</summary>
    public static async Task RefreshAll(TideStore store, CatalogueSnapshot snapshot, CancellationToken cancellation) =>
        Refresh(await store.Classes.IgnoreQueryFilters().ToListAsync(cancellation), snapshot);

    /// <summary>Works out anew what the shelf shows of classes after the house's catalogue or clock has changed.</summary>
    public static void Renew(IReadOnlyList<StoredClass> rows, CatalogueSnapshot snapshot)
    {
        var before = rows.Select(r => r.TotalMs).ToList();
        Refresh(rows, snapshot);
        foreach (var (row, was) in rows.Zip(before))
            // Of two changes nobody has been told of, the teacher remembers the first length.
            if (Math.Abs(row.TotalMs - was) >= Noticed.TotalMilliseconds)
                row.WasMs ??= was;
    }

    // A clock shows whole seconds.
    private static readonly TimeSpan Noticed = TimeSpan.FromSeconds(1);

    private static void Refresh(IEnumerable<StoredClass> rows, CatalogueSnapshot snapshot)
    {
        foreach (var row in rows)
        {
            try
            {
                using var document = JsonDocument.Parse(row.Document);
                Figure(row, TideReader.Read(document.RootElement), snapshot);
            }
            catch (Exception error) when (error is JsonException or TideFileException or ClassTooLongException)
            {
                // A class that cannot be read stays as it is; it says so when it is opened.
                row.FiguredWith = snapshot.Figures;
            }
        }
    }

    private static void Figure(StoredClass row, ClassPlan plan, CatalogueSnapshot snapshot)
    {
        var (score, findings) = snapshot.Judge(plan);
        row.TotalMs = (int)score.Total.Ms();
        row.Tide = [.. Even(score)];
        row.FiguredWith = snapshot.Figures;
        row.Serious = findings.Count(f => f.Level == Level.Serious);
        row.Notable = findings.Count(f => f.Level == Level.Notable);
    }

    private static string About(ClassPlan plan)
    {
        var place = plan.Place.Surface switch
        {
            "chair" => "on chairs",
            "bed" => "in bed",
            "outdoors" => "outdoors",
            _ => "",
        };
        string[] parts = [plan.Group.Size > 0 ? $"{plan.Group.Size} people" : "", place, plan.EndsAsleep ? "ends asleep" : ""];
        return string.Join(" · ", parts.Where(p => p.Length > 0));
    }

    // The height at even steps of time, between the points of the tide line.
    private static IEnumerable<int> Even(Score score)
    {
        if (score.Tide.Count == 0)
            yield break;
        var next = 0;
        for (var i = 0; i <= Steps; i++)
        {
            var at = score.Total * i / Steps;
            while (next < score.Tide.Count - 1 && score.Tide[next].At < at)
                next++;
            var (b, a) = (score.Tide[next], score.Tide[Math.Max(0, next - 1)]);
            yield return b.At == a.At ? b.Height : (int)(a.Height + ((b.Height - a.Height) * ((at - a.At) / (b.At - a.At))));
        }
    }
}
