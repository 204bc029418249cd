using AmpleTide.Catalogue;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>
/// Moves a teacher makes: written as catalogue files write moves, held to the same rules, looked at before they are kept.
/// </summary>
internal static class OwnMoveEndpoints
{
    public static void MapOwnMoves(this IEndpointRouteBuilder api)
    {
        api.MapGet("/moves-to-mend", (OwnMoves own) => TypedResults.Ok(own.ToMend));
        api.MapGet("/moves/{id}/text", Text).Produces<MoveTextResponse>().ProducesProblem(404);
        api.MapPost("/moves/preview", Preview)
            .Accepts<MoveTextResponse>("application/json")
            .Produces<PreviewResponse>()
            .ProducesProblem(422);
        api.MapPost("/moves", Create)
            .Accepts<MoveTextResponse>("application/json")
            .Produces<MoveTextResponse>(201)
            .ProducesProblem(409)
            .ProducesProblem(422);
        api.MapPut("/moves/{id}", Save)
            .Accepts<MoveTextResponse>("application/json")
            .Produces<MoveTextResponse>()
            .ProducesProblem(404)
            .ProducesProblem(422);
        api.MapDelete("/moves/{id}", Delete).Produces(204).ProducesProblem(404);
    }

    private static async Task<IResult> Text(string id, LiveCatalogue live, TideStore store)
    {
        var own = await store.Moves.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id);
        return (own?.Yaml ?? CatalogueReader.TextOf(live.Folder, id)) is { } yaml
            ? TypedResults.Ok(new MoveTextResponse(yaml))
            : Missing(id);
    }

    private static async Task<Ok<PreviewResponse>> Preview(HttpRequest request, CatalogueSnapshot snapshot) =>
        TypedResults.Ok(PreviewResponse.Of((await Read(request, snapshot)).Forms[0]));

    private static async Task<Created<MoveTextResponse>> Create(
        HttpRequest request,
        CatalogueSnapshot snapshot,
        OwnMoves own,
        TideStore store
    )
    {
        var move = await Read(request, snapshot);
        await own.Create(store, move, request.HttpContext.RequestAborted);
        return TypedResults.Created($"/api/moves/{move.Id}", new MoveTextResponse(move.Yaml));
    }

    private static async Task<IResult> Save(string id, HttpRequest request, CatalogueSnapshot snapshot, OwnMoves own, TideStore store)
    {
        if (!await store.Moves.AnyAsync(m => m.Id == id))
            return Missing(id);
        var move = await Read(request, snapshot);
        if (move.Id != id)
            return Problems.Unusable([new("/yaml", $"the id is '{move.Id}', but the address says '{id}'")], "The move cannot be kept.");
        return await own.Save(store, move, request.HttpContext.RequestAborted)
            ? TypedResults.Ok(new MoveTextResponse(move.Yaml))
            : Missing(id);
    }

    private static async Task<IResult> Delete(string id, HttpRequest request, OwnMoves own, TideStore store) =>
        await own.Delete(store, id, request.HttpContext.RequestAborted) ? TypedResults.NoContent() : Missing(id);

    private static async Task<OwnMoveForms> Read(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var yaml = fields.Text("yaml");
        fields.Check();
        try
        {
            return new(yaml, CatalogueReader.ReadOwn(yaml, snapshot.Catalogue));
        }
        catch (CatalogueException wrong)
        {
            throw new UnusableException(
                "The move cannot be kept.",
                [.. wrong.Problems.Select(p => new Problem($"/yaml/{p.Line}", p.Reason))]
            );
        }
    }

    private static ProblemHttpResult Missing(string id) => Problems.NotFound($"There is no move of yours called '{id}'.");
}
