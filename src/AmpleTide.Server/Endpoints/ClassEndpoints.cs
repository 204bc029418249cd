using System.Globalization;
using System.Text;
using System.Text.Json;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;
using AmpleTide.Server.Answers;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Net.Http.Headers;

namespace AmpleTide.Server.Endpoints;

/// <summary>Stored classes, each with an ETag; a save says which revision it changes.</summary>
internal static class ClassEndpoints
{
    private const int MostOnAPage = 200;

    // SQLITE_CONSTRAINT: of two saves at once both noted a version of the same number.
    private const int ConstraintFailed = 19;

    public static void MapClasses(this IEndpointRouteBuilder api)
    {
        api.MapGet("/classes", List);
        api.MapPost("/classes", Create).Accepts<JsonElement>("application/json");
        api.MapGet("/classes/{id}", Get).Produces<JsonElement>();
        api.MapPut("/classes/{id}", Save).Accepts<JsonElement>("application/json");
        api.MapDelete("/classes/{id}", Delete);
        api.MapPost("/classes/{id}/restore", Restore).Produces(204).ProducesProblem(404);
        api.MapPut("/classes/{id}/archived", Archive).Accepts<ArchivedRequest>("application/json").Produces(204).ProducesProblem(404).ProducesProblem(422);
        api.MapGet("/classes/{id}/export", Export);
    }

    private static async Task<Ok<ShelfAnswer>> List(TideStore store, int page = 1, int size = 50)
    {
        (page, size) = (Math.Max(1, page), Math.Clamp(size, 1, MostOnAPage));
        var rows = await store.Classes.AsNoTracking().OrderByDescending(c => c.SavedAt).ThenBy(c => c.Id).Skip((page - 1) * size).Take(size)
            .Select(c => new { c.Id, c.Title, c.Minutes, c.TotalMs, c.Areas, c.About, c.Tide, c.Serious, c.Notable, c.SavedAt, c.Tags, c.Archived }).ToListAsync();
        var items = rows.Select(c => new ShelfEntry(
            c.Id, c.Title, c.Minutes, c.TotalMs, c.Areas.Split(',', StringSplitOptions.RemoveEmptyEntries), c.About, Shelf.TideOf(c.Tide),
            c.Serious, c.Notable, DateTimeOffset.FromUnixTimeMilliseconds(c.SavedAt),
            c.Tags.Split('\n', StringSplitOptions.RemoveEmptyEntries), c.Archived));
        return TypedResults.Ok(new ShelfAnswer([.. items], await store.Classes.CountAsync()));
    }

    private static async Task<IResult> Create(HttpRequest request, TideStore store, OwnMoves own, TimeProvider clock)
    {
        var plan = await Reading.Class(request);
        if (plan.Id.Length == 0) plan = plan with { Id = Guid.CreateVersion7(clock.GetUtcNow()).ToString() };
        if (await store.Classes.AnyAsync(c => c.Id == plan.Id))
            return TypedResults.Problem(title: "The class is there already.", statusCode: 409, detail: $"A class with the id '{plan.Id}' is stored; save it with PUT.");
        var adopted = own.Adopt(plan.Embedded, store, clock.GetUtcNow().ToUnixTimeMilliseconds());
        var row = Shelf.Row(plan with { Embedded = [] }, adopted.House, clock);
        await using var both = await store.Database.BeginTransactionAsync();
        // One of that id in the bin gives way.
        await store.Classes.IgnoreQueryFilters().Where(c => c.Id == plan.Id && c.DeletedAt != null).ExecuteDeleteAsync();
        store.Add(row);
        await store.SaveChangesAsync();
        await both.CommitAsync();
        adopted.TakeIn();
        request.HttpContext.Response.Headers.Location = $"/api/classes/{Uri.EscapeDataString(plan.Id)}";
        return Document(request.HttpContext, row, StatusCodes.Status201Created);
    }

    private static async Task<IResult> Get(string id, HttpContext context, TideStore store)
    {
        var row = await store.Classes.AsNoTracking().FirstOrDefaultAsync(c => c.Id == id);
        if (row is null) return Problems.NoClass(id);
        return context.Request.GetTypedHeaders().IfNoneMatch.Any(t => t.Compare(Tag(row), false))
            ? TypedResults.StatusCode(StatusCodes.Status304NotModified)
            : Document(context, row, StatusCodes.Status200OK);
    }

    private static async Task<IResult> Save(string id, HttpRequest request, TideStore store, OwnMoves own, TimeProvider clock)
    {
        var plan = await Reading.Class(request);
        if (plan.Id.Length == 0) plan = plan with { Id = id };
        if (plan.Id != id) return Problems.Unusable([new("/id", $"is '{plan.Id}', but the address says '{id}'")]);
        var row = await store.Classes.FirstOrDefaultAsync(c => c.Id == id);
        if (row is null) return Problems.NoClass(id);
        if (Refused(request, row) is { } refused) return refused;
        var adopted = own.Adopt(plan.Embedded, store, clock.GetUtcNow().ToUnixTimeMilliseconds());
        var fresh = Shelf.Row(plan with { Embedded = [] }, adopted.House, clock);
        (fresh.Revision, fresh.Archived) = (row.Revision + 1, row.Archived);
        await Versions.Note(store, row, fresh);
        store.Entry(row).CurrentValues.SetValues(fresh);
        if (await Store(store, request.HttpContext, row) is { } changed) return changed;
        adopted.TakeIn();
        return Document(request.HttpContext, row, StatusCodes.Status200OK);
    }

    private static async Task<IResult> Delete(string id, HttpRequest request, TideStore store, TimeProvider clock)
    {
        var row = await store.Classes.FirstOrDefaultAsync(c => c.Id == id);
        if (row is null) return Problems.NoClass(id);
        if (request.GetTypedHeaders().IfMatch.Count > 0 && Refused(request, row) is { } refused) return refused;
        row.DeletedAt = clock.GetUtcNow().ToUnixTimeMilliseconds();
        row.Revision++;
        return await Store(store, request.HttpContext, row) ?? TypedResults.NoContent();
    }

    // Takes a class out of the bin.
    private static async Task<IResult> Restore(string id, TideStore store)
    {
        var taken = await store.Classes.IgnoreQueryFilters().Where(c => c.Id == id && c.DeletedAt != null)
            .ExecuteUpdateAsync(set => set.SetProperty(c => c.DeletedAt, (long?)null));
        return taken == 0 ? Problems.NotFound($"There is no class '{id}' in the bin.") : TypedResults.NoContent();
    }

    // Behind the shelf or on it; the class itself is not changed.
    private static async Task<IResult> Archive(string id, HttpRequest request, TideStore store)
    {
        using var body = await Reading.Json(request);
        var fields = new RequestFields(body.RootElement);
        var archived = fields.Flag("archived");
        fields.Check();
        var changed = await store.Classes.Where(c => c.Id == id).ExecuteUpdateAsync(set => set.SetProperty(c => c.Archived, archived));
        return changed == 0 ? Problems.NoClass(id) : TypedResults.NoContent();
    }

    private static async Task<IResult> Export(string id, TideStore store, string @as = "tide")
    {
        if (@as != "tide") return Problems.Unusable([new("/as", $"'{@as}' is not one of tide")], "The class cannot be exported like that.");
        var row = await store.Classes.AsNoTracking().FirstOrDefaultAsync(c => c.Id == id);
        if (row is null) return Problems.NoClass(id);
        using var document = JsonDocument.Parse(row.Document);
        var name = string.Concat(row.Title.Select(c => char.IsLetterOrDigit(c) ? char.ToLowerInvariant(c) : '-')).Trim('-');
        var plan = TideReader.Read(document.RootElement);
        return TypedResults.File(TideWriter.Write(plan with { Embedded = OwnMoves.UsedBy(plan, store) }, indented: true), "application/json", $"{name}.tide.json");
    }

    // Null when it was stored.
    private static async Task<IResult?> Store(TideStore store, HttpContext context, StoredClass row)
    {
        try
        {
            await store.SaveChangesAsync(context.RequestAborted);
            return null;
        }
        catch (DbUpdateException error) when (error is DbUpdateConcurrencyException || error.InnerException is SqliteException { SqliteErrorCode: ConstraintFailed })
        {
            return Changed(row);
        }
    }

    private static ProblemHttpResult? Refused(HttpRequest request, StoredClass row)
    {
        var wanted = request.GetTypedHeaders().IfMatch;
        if (wanted.Count == 0)
            return TypedResults.Problem(title: "Which revision?", statusCode: StatusCodes.Status428PreconditionRequired, detail: "Send If-Match with the ETag of the class you changed.");
        return wanted.Any(t => t == EntityTagHeaderValue.Any || t.Compare(Tag(row), true)) ? null : Changed(row);
    }

    private static ProblemHttpResult Changed(StoredClass row) => TypedResults.Problem(
        title: "The class was changed elsewhere.", statusCode: StatusCodes.Status412PreconditionFailed,
        detail: "Another tab or device saved it first. Nothing was overwritten.", extensions: [new("etag", Tag(row).ToString())]);

    private static EntityTagHeaderValue Tag(StoredClass row) => new($"\"{row.Revision.ToString(CultureInfo.InvariantCulture)}\"");

    private static ContentHttpResult Document(HttpContext context, StoredClass row, int status)
    {
        context.Response.Headers.ETag = Tag(row).ToString();
        return TypedResults.Text(row.Document, "application/json", Encoding.UTF8, status);
    }
}
