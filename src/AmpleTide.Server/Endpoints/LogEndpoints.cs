using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using AmpleTide.Core.Logbook;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>The log: what was taught, and when a move was last.</summary>
internal static partial class LogEndpoints
{
    private const int MostOnAPage = 200;
    private const int MostPages = 100_000;
    private const int LongestId = 80;

    public static void MapLog(this IEndpointRouteBuilder api)
    {
        api.MapGet("/log", List).Produces<LogResponse>();
        api.MapGet("/log/moves", LastByMove).Produces<IReadOnlyDictionary<string, DateTimeOffset>>();
        api.MapGet("/log/{id}", Get).Produces<Taught>().ProducesProblem(404);
        api.MapPost("/log", Create).Accepts<Taught>("application/json").Produces<Taught>(201).ProducesProblem(422);
        api.MapPut("/log/{id}", Save).Accepts<Taught>("application/json").Produces<Taught>().ProducesProblem(422);
        api.MapDelete("/log/{id}", Delete).Produces(204).ProducesProblem(404);
    }

    // Last taught first; of one class, or of all.
    private static async Task<IResult> List(TideStore store, string? @class = null, int page = 1, int size = 50)
    {
        (page, size) = (Math.Clamp(page, 1, MostPages), Math.Clamp(size, 1, MostOnAPage));
        var rows = store.Log.AsNoTracking().Where(e => @class == null || e.ClassId == @class);
        var documents = await rows.OrderByDescending(e => e.TaughtAt)
            .ThenBy(e => e.Id)
            .Skip((page - 1) * size)
            .Take(size)
            .Select(e => e.Document)
            .ToListAsync();
        return TypedResults.Ok(new LogResponse([.. documents.Select(d => JsonElement.Parse(d))], await rows.CountAsync()));
    }

    // When each move was last taught. A term is some hundred evenings, so they are gone through.
    private static async Task<IResult> LastByMove(TideStore store)
    {
        var rows = await store.Log.AsNoTracking().OrderBy(e => e.TaughtAt).Select(e => new { e.TaughtAt, e.Moves }).ToListAsync();
        var last = new Dictionary<string, DateTimeOffset>();
        foreach (var row in rows)
        foreach (var move in row.Moves)
            last[move] = DateTimeOffset.FromUnixTimeMilliseconds(row.TaughtAt);
        return TypedResults.Ok<IReadOnlyDictionary<string, DateTimeOffset>>(last);
    }

    private static async Task<Results<ContentHttpResult, ProblemHttpResult>> Get(string id, TideStore store) =>
        await store.Log.AsNoTracking().Where(e => e.Id == id).Select(e => e.Document).FirstOrDefaultAsync() is { } document
            ? Document(document, StatusCodes.Status200OK)
            : NoEntry(id);

    private static async Task<IResult> Create(HttpRequest request, TideStore store, TimeProvider clock)
    {
        var taught = await Read(request);
        var id = taught.Id ?? Guid.CreateVersion7(clock.GetUtcNow()).ToString();
        request.HttpContext.Response.Headers.Location = $"/api/log/{id}";
        return await Keep(store, taught with { Id = id }, StatusCodes.Status201Created);
    }

    // A tab that was cut off sends its entry again: the same id is the same evening.
    private static async Task<IResult> Save(string id, HttpRequest request, TideStore store)
    {
        var taught = await Read(request);
        return taught.Id is { } other && other != id
            ? Problems.Unusable([new("/id", $"is '{other}', but the address says '{id}'")], Title)
            : await Keep(store, taught with { Id = id }, StatusCodes.Status200OK);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Delete(string id, TideStore store) =>
        await store.Log.Where(e => e.Id == id).ExecuteDeleteAsync() > 0 ? TypedResults.NoContent() : NoEntry(id);

    private const string Title = "The entry cannot be kept.";

    private static async Task<Taught> Read(HttpRequest request)
    {
        using var body = await RequestBody.Json(request);
        Taught taught;
        try
        {
            taught =
                body.RootElement.Deserialize(StoredJson.Checked.Taught)
                ?? throw new UnusableException(Title, [new("", "an object is needed")]);
        }
        catch (JsonException error)
        {
            throw new UnusableException(Title, [.. Mistakes(error)]);
        }
        var problems = taught.Wrong().Select(w => new Problem($"/{w.Field}", w.Detail)).ToList();
        if (taught.Id is { Length: 0 or > LongestId })
            problems.Add(new("/id", $"1 to {LongestId} characters are needed"));
        return problems.Count > 0 ? throw new UnusableException(Title, problems) : taught;
    }

    // What is missing is named in the message only.
    private static IEnumerable<Problem> Mistakes(JsonException error)
    {
        var missing = MissingNames().Match(error.Message);
        if (!missing.Success)
            return [new(Pointer(error.Path), "is of another kind than the log has there")];
        return missing.Groups[1].Captures.Select(name => new Problem($"{Pointer(error.Path)}/{name.Value}", "is missing"));
    }

    [GeneratedRegex(@"missing required properties including: (?:'(\w+)',? ?)+")]
    private static partial Regex MissingNames();

    // "$.lines[0].planned" as a JSON pointer.
    private static string Pointer(string? path) =>
        (path ?? "")
            .TrimStart('$')
            .Replace("[", "/", StringComparison.Ordinal)
            .Replace("]", "", StringComparison.Ordinal)
            .Replace('.', '/');

    private static async Task<IResult> Keep(TideStore store, Taught taught, int status)
    {
        var row = await store.Log.FirstOrDefaultAsync(e => e.Id == taught.Id);
        if (row is null)
            store.Add(row = LogRow.Of(taught));
        else
            LogRow.Fill(row, taught);
        await store.SaveChangesAsync();
        return Document(row.Document, status);
    }

    private static ContentHttpResult Document(string document, int status) =>
        TypedResults.Text(document, "application/json", Encoding.UTF8, status);

    private static ProblemHttpResult NoEntry(string id) => Problems.NotFound($"The log has no entry '{id}'.");
}
