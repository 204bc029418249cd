using System.Text.Json;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;
using AmpleTide.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>
/// What the store needs now and then, done beside the requests: a copy for each day, an empty bin, and figures of the shelf that were
/// worked out with another catalogue.
/// </summary>
internal sealed class Upkeep(StartOptions options, IServiceScopeFactory scopes, LiveCatalogue live, TimeProvider clock, ILogger<Upkeep> log)
    : BackgroundService
{
    private static readonly TimeSpan Often = TimeSpan.FromHours(1);
    private static readonly TimeSpan KeptInBin = TimeSpan.FromDays(30);
    private const int AtATime = 50;

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        // Whoever starts waits for the page, not for this.
        await Task.Yield();
        using var timer = new PeriodicTimer(Often, clock);
        do
        {
            await Try("The bin could not be emptied", () => EmptyBin(stoppingToken));
            await Try("Figures of the shelf could not be brought up to date", () => RefreshShelf(stoppingToken));
            await Try(
                "Today's copy of the database could not be written",
                () => Task.Run(() => Backups.Write(options.Data, DateOnly.FromDateTime(clock.GetLocalNow().DateTime)), stoppingToken)
            );
        } while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    private async Task Try(string failed, Func<Task> does)
    {
        try
        {
            await does();
        }
        catch (Exception error)
            when (error is SqliteException or DbUpdateException or StoreException or IOException or UnauthorizedAccessException)
        {
            log.LogWarning("{Failed}: {Reason}", failed, error.Message);
        }
    }

    // Deleted for good, with all their versions, are classes that have lain there long enough.
    private async Task EmptyBin(CancellationToken stopping)
    {
        using var scope = scopes.CreateScope();
        var before = (clock.GetUtcNow() - KeptInBin).ToUnixTimeMilliseconds();
        await scope
            .ServiceProvider.GetRequiredService<TideStore>()
            .Classes.IgnoreQueryFilters()
            .Where(c => c.DeletedAt < before)
            .ExecuteDeleteAsync(stopping);
    }

    private async Task RefreshShelf(CancellationToken stopping)
    {
        var last = "";
        while (true)
        {
            using var scope = scopes.CreateScope();
            var store = scope.ServiceProvider.GetRequiredService<TideStore>();
            var snapshot = live.Current;
            var stale = await store
                .Classes.IgnoreQueryFilters()
                .Where(c => c.FiguredWith != snapshot.Figures && string.Compare(c.Id, last) > 0)
                .OrderBy(c => c.Id)
                .Take(AtATime)
                .ToListAsync(stopping);
            if (stale.Count == 0)
                return;
            last = stale[^1].Id;
            Shelf.Renew(stale, snapshot);
            try
            {
                await store.SaveChangesAsync(stopping);
            }
            catch (DbUpdateConcurrencyException)
            {
                // Somebody saved one of them meanwhile, with figures of today; the others are taken up at the next turn.
            }
        }
    }
}
