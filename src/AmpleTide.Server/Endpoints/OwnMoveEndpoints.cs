using AmpleTide.Catalogue;
using AmpleTide.Core.Catalogue;
using AmpleTide.Formats;
using AmpleTide.Server.Answers;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>Moves a teacher makes: written as catalogue files write moves, held to the same rules, looked at before they are kept.</summary>
internal static class OwnMoveEndpoints
{
    public static void MapOwnMoves(this IEndpointRouteBuilder api)
    {
        api.MapGet("/moves-to-mend", (OwnMoves own) => TypedResults.Ok(own.ToMend()));
        api.MapGet("/moves/{id}/text", Text).Produces<MoveTextAnswer>().ProducesProblem(404);
        api.MapPost("/moves/preview", Preview).Accepts<MoveTextAnswer>("application/json").Produces<PreviewAnswer>().ProducesProblem(422);
        api.MapPost("/moves", Create).Accepts<MoveTextAnswer>("application/json").Produces<MoveTextAnswer>(201).ProducesProblem(409).ProducesProblem(422);
        api.MapPut("/moves/{id}", Save).Accepts<MoveTextAnswer>("application/json").Produces<MoveTextAnswer>().ProducesProblem(404).ProducesProblem(422);
        api.MapDelete("/moves/{id}", Delete).Produces(204).ProducesProblem(404);
    }

    private static async Task<IResult> Text(string id, House house, TideStore store)
    {
        var own = await store.Moves.AsNoTracking().FirstOrDefaultAsync(m => m.Id == id);
        return (own?.Yaml ?? CatalogueReader.TextOf(house.Folder, id)) is { } yaml ? TypedResults.Ok(new MoveTextAnswer(yaml)) : Missing(id);
    }

    private static async Task<IResult> Preview(HttpRequest request, House house)
    {
        var (_, forms) = await Read(request, house);
        return TypedResults.Ok(PreviewAnswer.Of(forms[0]));
    }

    private static async Task<IResult> Create(HttpRequest request, House house, OwnMoves own, TideStore store, TimeProvider clock)
    {
        var (yaml, forms) = await Read(request, house);
        var id = forms[0].Move.Id;
        if (await store.Moves.AnyAsync(m => m.Id == id))
            return TypedResults.Problem(title: "The move is there already.", statusCode: 409, detail: $"You have a move with the id '{id}'; give this one another.");
        store.Add(new OwnMove { Id = id, Yaml = yaml, SavedAt = clock.GetUtcNow().ToUnixTimeMilliseconds() });
        await store.SaveChangesAsync();
        own.Put(forms);
        return TypedResults.Created($"/api/moves/{id}", new MoveTextAnswer(yaml));
    }

    private static async Task<IResult> Save(string id, HttpRequest request, House house, OwnMoves own, TideStore store, TimeProvider clock)
    {
        var row = await store.Moves.FirstOrDefaultAsync(m => m.Id == id);
        if (row is null) return Missing(id);
        var (yaml, forms) = await Read(request, house);
        if (forms[0].Move.Id != id) return Problems.Unusable([new("/yaml", $"the id is '{forms[0].Move.Id}', but the address says '{id}'")], "The move cannot be kept.");
        (row.Yaml, row.SavedAt) = (yaml, clock.GetUtcNow().ToUnixTimeMilliseconds());
        await store.SaveChangesAsync();
        own.Put(forms);
        return TypedResults.Ok(new MoveTextAnswer(yaml));
    }

    private static async Task<IResult> Delete(string id, OwnMoves own, TideStore store)
    {
        var row = await store.Moves.FirstOrDefaultAsync(m => m.Id == id);
        if (row is null) return Missing(id);
        store.Remove(row);
        await store.SaveChangesAsync();
        own.Remove(id);
        return TypedResults.NoContent();
    }

    private static async Task<(string Yaml, MoveForm[] Forms)> Read(HttpRequest request, House house)
    {
        using var body = await Reading.Json(request);
        var fields = new RequestFields(body.RootElement);
        var yaml = fields.Text("yaml");
        fields.Check();
        try
        {
            return (yaml, CatalogueReader.ReadOwn(yaml, house.Catalogue));
        }
        catch (CatalogueException wrong)
        {
            throw new UnusableException("The move cannot be kept.", [.. wrong.Problems.Select(p => new Problem($"/yaml/{p.Line}", p.Reason))]);
        }
    }

    private static ProblemHttpResult Missing(string id) => Problems.NotFound($"There is no move of yours called '{id}'.");
}
