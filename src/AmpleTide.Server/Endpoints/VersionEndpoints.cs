using System.Text;
using System.Text.Json;
using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>What a class was before. A version is brought back by saving its document again.</summary>
internal static class VersionEndpoints
{
    private const int LongestName = 120;

    public static void MapVersions(this IEndpointRouteBuilder api)
    {
        api.MapGet("/classes/{id}/versions", List).Produces<IReadOnlyList<VersionEntry>>().ProducesProblem(404);
        api.MapGet("/classes/{id}/versions/{number:int}", Get).Produces<JsonElement>().ProducesProblem(404);
        api.MapPost("/classes/{id}/versions", Name)
            .Accepts<VersionName>("application/json")
            .Produces<VersionEntry>()
            .ProducesProblem(404)
            .ProducesProblem(422);
    }

    private static async Task<IResult> List(string id, TideStore store)
    {
        if (!await store.Classes.AnyAsync(c => c.Id == id))
            return Problems.NoClass(id);
        var rows = await store
            .Versions.AsNoTracking()
            .Where(v => v.ClassId == id)
            .OrderByDescending(v => v.Number)
            .Select(v => new
            {
                v.Number,
                v.SavedAt,
                v.Name,
                v.TotalMs,
            })
            .ToListAsync();
        return TypedResults.Ok<IReadOnlyList<VersionEntry>>([
            .. rows.Select(v => new VersionEntry(v.Number, DateTimeOffset.FromUnixTimeMilliseconds(v.SavedAt), v.Name, v.TotalMs)),
        ]);
    }

    private static async Task<IResult> Get(string id, int number, TideStore store)
    {
        if (!await store.Classes.AnyAsync(c => c.Id == id))
            return Problems.NoClass(id);
        var version = await store.Versions.AsNoTracking().FirstOrDefaultAsync(v => v.ClassId == id && v.Number == number);
        return version is null
            ? Problems.NotFound($"The class '{id}' has no version {number}.")
            : TypedResults.Text(version.Document, "application/json", Encoding.UTF8);
    }

    private static async Task<IResult> Name(string id, HttpRequest request, TideStore store)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var name = fields.Text("name").Trim();
        if (name.Length > LongestName)
            fields.Wrong("name", $"has {name.Length} characters, {LongestName} at most");
        fields.Check();
        var row = await store.Classes.FirstOrDefaultAsync(c => c.Id == id);
        if (row is null)
            return Problems.NoClass(id);
        var named = await Versions.Name(store, row, name);
        return TypedResults.Ok(
            new VersionEntry(named.Number, DateTimeOffset.FromUnixTimeMilliseconds(named.SavedAt), named.Name, named.TotalMs)
        );
    }
}
