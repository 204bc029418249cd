using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Logbook;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>The classes of the Sail Loft at Marram Quay and a term of its evenings, for a store that is empty. All invented.</summary>
internal static class DemoData
{
    /// <summary>Puts the demo classes and their evenings into an empty store.</summary>
    public static void Seed(TideStore store, CatalogueSnapshot snapshot, TimeProvider clock)
    {
        if (store.Classes.IgnoreQueryFilters().Any())
            return;
        var folder = Path.Combine(AppContext.BaseDirectory, "demo");
        var scores = new Dictionary<string, Score>();
        foreach (var file in Directory.EnumerateFiles(folder, "*.tide.json").OrderDescending(StringComparer.Ordinal))
        {
            using var document = JsonDocument.Parse(File.ReadAllBytes(file));
            var plan = TideReader.Read(document.RootElement);
            store.Add(Shelf.Row(plan, snapshot, clock));
            scores[plan.Id] = snapshot.Judge(plan).Score;
        }
        if (!store.Log.Any())
            foreach (var evening in Evenings(Path.Combine(folder, "log", "term.json")))
                if (scores.TryGetValue(evening.Class, out var score))
                    store.Add(LogRow.Of(evening.Taught(score)));
        // All or none: a start that is cut off leaves the store empty, and the next one fills it.
        store.SaveChanges();
    }

    private static List<DemoEvening> Evenings(string file) =>
        File.Exists(file) ? JsonSerializer.Deserialize(File.ReadAllBytes(file), StoredJson.Default.ListDemoEvening) ?? [] : [];
}

/// <summary>An evening of the demo: how fast it went, and what was noted.</summary>
/// <param name="Class">The class.</param>
/// <param name="At">When it began.</param>
/// <param name="Pace">How long it took against the plan.</param>
/// <param name="Easier">Hands that went up for easier.</param>
/// <param name="Same">For the same.</param>
/// <param name="Worse">For worse.</param>
/// <param name="Note">How it was.</param>
/// <param name="Next">What to think of.</param>
/// <param name="Short">Props that were short.</param>
/// <param name="Incident">What went wrong.</param>
public sealed record DemoEvening(
    string Class,
    DateTimeOffset At,
    double Pace,
    int Easier,
    int Same,
    int Worse,
    string Note,
    string Next,
    Dictionary<string, int>? Short = null,
    Incident? Incident = null
)
{
    // Line by line it goes a little faster or slower than the evening as a whole, always in the same way.
    private const int Spread = 7;

    /// <summary>The evening as the log keeps it.</summary>
    public Taught Taught(Score score)
    {
        var lines = score
            .Items.Select(
                (item, i) =>
                {
                    var wobble = 1 + ((((i * 5) + At.Day) % Spread) - (Spread / 2)) / 50.0;
                    var line = item as LineScore;
                    var amounts = line is null ? new(0, 0, 0) : new BySide(line.Right.Amount, line.Left.Amount, line.None.Amount);
                    return new TaughtLine(
                        item.Item.Id,
                        line?.Move?.Name ?? "Talk",
                        amounts,
                        amounts,
                        (int)item.Time.Ms(),
                        (int)(item.Time.Ms() * Pace * wobble),
                        line?.Move?.Id,
                        line?.Dose.Unit.ToString().ToLowerInvariant()
                    );
                }
            )
            .ToList();
        var (forecast, _) = Forecast.Of(score);
        return new()
        {
            Id = $"demo-{Class}-{At:yyyyMMdd}",
            Class = Class,
            Title = score.Plan.Title,
            At = At,
            PlannedMs = (int)score.Total.Ms(),
            RealMs = lines.Sum(l => l.RealMs),
            Likely = new((int)forecast.P10.Ms(), (int)forecast.P90.Ms()),
            Lines = lines,
            Left = new(Easier, Same, Worse),
            Short = [.. (Short ?? []).Select(s => new ShortProp(s.Key, s.Value))],
            Incidents = Incident is null ? [] : [Incident],
            Note = Note,
            Next = Next,
        };
    }
}
