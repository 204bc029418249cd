using System.Text.Json;
using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>The shelf: what is on it, what is archived, and what lies in the bin.</summary>
internal static class ShelfEndpoints
{
    private const int MostOnAPage = 200;
    private const int MostPages = 100_000;

    public static void MapShelf(this IEndpointRouteBuilder api)
    {
        api.MapGet("/classes", List);
        api.MapGet("/bin", Deleted);
        api.MapPost("/classes/{id}/restore", Restore).Produces(204).ProducesProblem(404);
        api.MapPut("/classes/{id}/archived", Archive)
            .Accepts<ArchivedRequest>("application/json")
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(422);
    }

    private static async Task<Ok<ShelfResponse>> List(TideStore store, int page = 1, int size = 50)
    {
        (page, size) = (Math.Clamp(page, 1, MostPages), Math.Clamp(size, 1, MostOnAPage));
        var rows = store.Classes.AsNoTracking().OrderByDescending(c => c.SavedAt).ThenBy(c => c.Id).Skip((page - 1) * size).Take(size);
        var (entries, unreadable) = (new List<ShelfEntry>(), new List<UnreadableClass>());
        try
        {
            entries.AddRange(await Entries(store, rows).ToListAsync());
        }
        catch (Exception error) when (IsBadRow(error))
        {
            // One row that cannot be read hides none of the others.
            foreach (var row in await rows.Select(c => new { c.Id, c.Title }).ToListAsync())
            {
                try
                {
                    entries.Add(await Entries(store, store.Classes.AsNoTracking().Where(c => c.Id == row.Id)).SingleAsync());
                }
                catch (Exception bad) when (IsBadRow(bad))
                {
                    unreadable.Add(new(row.Id, row.Title));
                }
            }
        }
        return TypedResults.Ok(new ShelfResponse(entries, await store.Classes.CountAsync(), unreadable));
    }

    private static IQueryable<ShelfEntry> Entries(TideStore store, IQueryable<StoredClass> rows) =>
        rows.Select(c => new ShelfEntry(
            c.Id,
            c.Title,
            c.Minutes,
            c.TotalMs,
            c.Areas,
            c.About,
            c.Tide,
            c.Serious,
            c.Notable,
            DateTimeOffset.FromUnixTimeMilliseconds(c.SavedAt),
            c.Tags,
            c.Archived,
            LastTaught(store.Log.Where(e => e.ClassId == c.Id).Max(e => (long?)e.TaughtAt))
        ));

    private static DateTimeOffset? LastTaught(long? at) => at is { } ms ? DateTimeOffset.FromUnixTimeMilliseconds(ms) : null;

    private static bool IsBadRow(Exception error) =>
        error is JsonException or InvalidOperationException or InvalidCastException or FormatException or ArgumentOutOfRangeException;

    // What was deleted last comes first; it stays for thirty days.
    private static async Task<Ok<IReadOnlyList<BinEntry>>> Deleted(TideStore store)
    {
        var rows = await store
            .Classes.IgnoreQueryFilters()
            .AsNoTracking()
            .Where(c => c.DeletedAt != null)
            .OrderByDescending(c => c.DeletedAt)
            .Take(MostOnAPage)
            .Select(c => new
            {
                c.Id,
                c.Title,
                c.Minutes,
                c.DeletedAt,
            })
            .ToListAsync();
        return TypedResults.Ok<IReadOnlyList<BinEntry>>([
            .. rows.Select(c => new BinEntry(c.Id, c.Title, c.Minutes, DateTimeOffset.FromUnixTimeMilliseconds(c.DeletedAt!.Value))),
        ]);
    }

    // Takes a class out of the bin.
    private static async Task<IResult> Restore(string id, TideStore store)
    {
        var taken = await store
            .Classes.IgnoreQueryFilters()
            .Where(c => c.Id == id && c.DeletedAt != null)
            .ExecuteUpdateAsync(set => set.SetProperty(c => c.DeletedAt, (long?)null).SetProperty(c => c.Revision, c => c.Revision + 1));
        return taken == 0 ? Problems.NotFound($"There is no class '{id}' in the bin.") : TypedResults.NoContent();
    }

    // Archived or on the shelf; the class itself is not changed.
    private static async Task<IResult> Archive(string id, HttpRequest request, TideStore store)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var archived = fields.Flag("archived");
        fields.Check();
        var changed = await store.Classes.Where(c => c.Id == id).ExecuteUpdateAsync(set => set.SetProperty(c => c.Archived, archived));
        return changed == 0 ? Problems.NoClass(id) : TypedResults.NoContent();
    }
}
