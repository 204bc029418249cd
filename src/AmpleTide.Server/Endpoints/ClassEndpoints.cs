using System.Globalization;
using System.Text;
using System.Text.Json;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Net.Http.Headers;

namespace AmpleTide.Server.Endpoints;

/// <summary>Stored classes, each with an ETag; a save says which revision it changes.</summary>
internal static class ClassEndpoints
{
    /// <summary>How many milliseconds a class lasted before its length was worked out anew; sent until the teacher has been told.</summary>
    public const string WasHeader = "Ample-Tide-Was";

    public static void MapClasses(this IEndpointRouteBuilder api)
    {
        api.MapPost("/classes", Create)
            .Accepts<JsonElement>("application/json")
            .Produces<JsonElement>(201)
            .ProducesProblem(409)
            .ProducesProblem(422);
        api.MapGet("/classes/{id}", Get).Produces<JsonElement>().ProducesProblem(404);
        api.MapPut("/classes/{id}", Save)
            .Accepts<JsonElement>("application/json")
            .Produces<JsonElement>()
            .ProducesProblem(404)
            .ProducesProblem(412)
            .ProducesProblem(422)
            .ProducesProblem(428);
        api.MapDelete("/classes/{id}", Delete).Produces(204).ProducesProblem(404).ProducesProblem(412);
        api.MapPost("/classes/{id}/told", Told).Produces(204).ProducesProblem(404);
    }

    private static async Task<IResult> Create(HttpRequest request, TideStore store, OwnMoves own, TimeProvider clock)
    {
        var plan = await Plan(request);
        if (plan.Id.Length == 0)
            plan = plan with { Id = Guid.CreateVersion7(clock.GetUtcNow()).ToString() };
        var before = await store.Classes.IgnoreQueryFilters().FirstOrDefaultAsync(c => c.Id == plan.Id);
        if (before is { DeletedAt: null })
            throw IsThere(plan.Id);
        StoredClass? row = null;
        await own.Adopt(
            store,
            plan.Embedded,
            async snapshot =>
            {
                row = Shelf.Row(plan with { Embedded = [] }, snapshot, clock);
                if (before is null)
                {
                    row.Revision = FirstRevision(clock);
                    store.Add(row);
                }
                else
                {
                    // One of that id lies in the bin: it comes back with all its versions, and this is the newest.
                    row = await Overwrite(store, before, row);
                }
                return await Store(store, request, () => IsThere(plan.Id));
            },
            request.HttpContext.RequestAborted
        );
        request.HttpContext.Response.Headers.Location = $"/api/classes/{plan.Id}";
        return Document(request.HttpContext, row!, StatusCodes.Status201Created);
    }

    private static async Task<IResult> Get(string id, HttpContext context, TideStore store)
    {
        var row = await store
            .Classes.AsNoTracking()
            .Where(c => c.Id == id)
            .Select(c => new
            {
                c.Document,
                c.Revision,
                c.WasMs,
            })
            .FirstOrDefaultAsync();
        if (row is null)
            return Problems.NoClass(id);
        if (row.WasMs is { } was)
            context.Response.Headers[WasHeader] = was.ToString(CultureInfo.InvariantCulture);
        var tag = Tag(row.Revision);
        return context.Request.GetTypedHeaders().IfNoneMatch.Any(t => t.Compare(tag, false))
            ? TypedResults.StatusCode(StatusCodes.Status304NotModified)
            : Document(context, row.Document, tag, StatusCodes.Status200OK);
    }

    // The teacher has seen that the class has another length now. It is the same class, so its revision stays.
    private static async Task<IResult> Told(string id, TideStore store) =>
        await store.Classes.Where(c => c.Id == id).ExecuteUpdateAsync(c => c.SetProperty(x => x.WasMs, (int?)null)) > 0
            ? TypedResults.NoContent()
            : Problems.NoClass(id);

    private static async Task<IResult> Save(string id, HttpRequest request, TideStore store, OwnMoves own, TimeProvider clock)
    {
        var plan = await Plan(request);
        if (plan.Id.Length == 0)
            plan = plan with { Id = id };
        if (plan.Id != id)
            return Problems.Unusable([new("/id", $"is '{plan.Id}', but the address says '{id}'")]);
        var row = await store.Classes.FirstOrDefaultAsync(c => c.Id == id);
        if (row is null)
            return Problems.NoClass(id);
        CheckRevision(request, row, required: true);
        await own.Adopt(
            store,
            plan.Embedded,
            async snapshot =>
            {
                await Overwrite(store, row, Shelf.Row(plan with { Embedded = [] }, snapshot, clock));
                return await Store(store, request, () => Changed(row));
            },
            request.HttpContext.RequestAborted
        );
        return Document(request.HttpContext, row, StatusCodes.Status200OK);
    }

    private static async Task<NoContent> Delete(string id, HttpRequest request, TideStore store, TimeProvider clock)
    {
        var row = await store.Classes.FirstOrDefaultAsync(c => c.Id == id) ?? throw new MissingException($"There is no class '{id}'.");
        CheckRevision(request, row, required: false);
        row.DeletedAt = clock.GetUtcNow().ToUnixTimeMilliseconds();
        row.Revision++;
        await Store(store, request, () => Changed(row));
        return TypedResults.NoContent();
    }

    private static async Task<ClassPlan> Plan(HttpRequest request)
    {
        using var body = await RequestBody.Json(request);
        return TideReader.Read(body.RootElement);
    }

    // Seconds since the year began in which the first class was stored; see StoredClass.Revision.
    private static long FirstRevision(TimeProvider clock) =>
        clock.GetUtcNow().ToUnixTimeSeconds() - new DateTimeOffset(2026, 1, 1, 0, 0, 0, TimeSpan.Zero).ToUnixTimeSeconds();

    private static async Task<StoredClass> Overwrite(TideStore store, StoredClass row, StoredClass fresh)
    {
        (fresh.Revision, fresh.Archived) = (row.Revision + 1, row.Archived);
        await Versions.Note(store, row, fresh);
        store.Entry(row).CurrentValues.SetValues(fresh);
        (row.Areas, row.Tags, row.Tide) = (fresh.Areas, fresh.Tags, fresh.Tide);
        return row;
    }

    private static async Task<bool> Store(TideStore store, HttpRequest request, Func<Exception> conflict)
    {
        try
        {
            await store.SaveChangesAsync(request.HttpContext.RequestAborted);
            return true;
        }
        catch (DbUpdateException error)
            when (error is DbUpdateConcurrencyException
                || error.InnerException is SqliteException { SqliteErrorCode: Problems.ConstraintFailed }
            )
        {
            throw conflict();
        }
    }

    private static void CheckRevision(HttpRequest request, StoredClass row, bool required)
    {
        var wanted = request.GetTypedHeaders().IfMatch;
        if (wanted.Count == 0 && !required)
            return;
        if (wanted.Count == 0)
            throw new ConflictException(
                "Which revision?",
                "Send If-Match with the ETag of the class you changed.",
                StatusCodes.Status428PreconditionRequired
            );
        if (!wanted.Any(t => t == EntityTagHeaderValue.Any || t.Compare(Tag(row.Revision), true)))
            throw Changed(row);
    }

    private static ConflictException Changed(StoredClass row) =>
        new(
            "The class was changed elsewhere.",
            "Another tab or device saved it first. Nothing was overwritten.",
            StatusCodes.Status412PreconditionFailed,
            Tag(row.Revision).ToString()
        );

    private static ConflictException IsThere(string id) =>
        new("The class is there already.", $"A class with the id '{id}' is stored; save it with PUT.");

    private static EntityTagHeaderValue Tag(long revision) => new($"\"{revision.ToString(CultureInfo.InvariantCulture)}\"");

    private static ContentHttpResult Document(HttpContext context, StoredClass row, int status) =>
        Document(context, row.Document, Tag(row.Revision), status);

    private static ContentHttpResult Document(HttpContext context, string document, EntityTagHeaderValue tag, int status)
    {
        context.Response.Headers.ETag = tag.ToString();
        return TypedResults.Text(document, "application/json", Encoding.UTF8, status);
    }
}
