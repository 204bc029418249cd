using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Server.Answers;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;

namespace AmpleTide.Server.Endpoints;

/// <summary>The catalogue: moves, positions, ways, props, conditions and figures.</summary>
internal static class CatalogueEndpoints
{
    private const int MostFigures = 500;

    public static void MapCatalogue(this IEndpointRouteBuilder api)
    {
        api.MapGet("/moves", (WrittenMoves moves) => moves.All()).Produces<IReadOnlyList<MoveSummary>>();
        api.MapGet("/moves/{id}", Move).Produces<MoveAnswer>().ProducesProblem(404);
        api.MapGet("/moves/{id}/frames", Frames).AddEndpointFilter(KeptByEdition);
        api.MapGet("/positions", (House house) => TypedResults.Ok((IReadOnlyList<PositionAnswer>)[.. house.Catalogue.Positions.Select(PositionAnswer.Of)]));
        api.MapGet("/ways", Ways);
        api.MapGet("/props", (House house) => TypedResults.Ok(house.Catalogue.Props));
        api.MapGet("/conditions", (House house) => TypedResults.Ok(house.Catalogue.Conditions));
        api.MapGet("/conventions", () => TypedResults.Ok(new ConventionsAnswer(Conventions.All, Conventions.Presets)));
        api.MapGet("/rules", () => TypedResults.Ok((IReadOnlyList<RuleAnswer>)[.. Judgement.Rules.Select(r => new RuleAnswer(r.Id, r.Title, r.Level))]));
        api.MapGet("/figures", Figures).AddEndpointFilter(KeptByEdition);
    }

    // Pictures are large and change only with the catalogue and the teacher's own moves: who has them asks whether they are still the same.
    private static async ValueTask<object?> KeptByEdition(EndpointFilterInvocationContext call, EndpointFilterDelegate next)
    {
        var tag = new EntityTagHeaderValue($"\"{call.HttpContext.RequestServices.GetRequiredService<House>().Edition}\"");
        var (request, response) = (call.HttpContext.Request.GetTypedHeaders(), call.HttpContext.Response);
        (response.Headers.ETag, response.Headers.CacheControl) = (tag.ToString(), "no-cache");
        return request.IfNoneMatch.Any(t => t.Compare(tag, false)) ? TypedResults.StatusCode(StatusCodes.Status304NotModified) : await next(call);
    }

    private static IResult Move(string id, House house, WrittenMoves moves) =>
        house.Catalogue.Move(id) is { } move ? moves.Of(move) : Problems.NotFound($"There is no move '{id}'.");

    private static Results<Ok<FramesAnswer>, ProblemHttpResult> Frames(string id, string? position, string? option, string? side, House house)
    {
        if (house.Catalogue.Move(id) is not { } move) return Problems.NotFound($"There is no move '{id}'.");
        var at = position ?? move.In[0];
        if (!move.In.Contains(at)) return Problems.NotFound($"{move.Name} is not taken in '{at}'.");
        var place = house.Catalogue.Position(at)!;
        var form = house.Catalogue.Form(move, place, option ?? MoveForm.BaseOption);
        return TypedResults.Ok(FramesAnswer.Of(form, form.View, side == "left" ? Side.Left : Side.Right));
    }

    private static Results<Ok<PathAnswer>, ProblemHttpResult> Ways(string from, string to, House house)
    {
        foreach (var id in new[] { from, to })
            if (house.Catalogue.Position(id) is null) return Problems.NotFound($"There is no position '{id}'.");
        var anybody = new ClassPlan { Id = "", Title = "", Minutes = 1, Sections = [] };
        if (house.Ways.Cheapest(from, to, anybody) is not { } path) return Problems.NotFound($"There is no way from '{from}' to '{to}'.");
        var ways = path.Ways.Select(w => WayAnswer.Of(w, Timing.WayMs(w, Pace.Usual, false))).ToList();
        return TypedResults.Ok(new PathAnswer(ways, ways.Sum(w => w.Ms)));
    }

    // The pictures of lines, by move@position@option: one request for all that a screen lacks.
    private static Results<Ok<FiguresAnswer>, ProblemHttpResult> Figures(string of, House house)
    {
        var figures = new Dictionary<string, Figure>();
        foreach (var key in of.Split(',', StringSplitOptions.RemoveEmptyEntries).Take(MostFigures))
        {
            var parts = key.Split('@');
            if (parts.Length != 3 || house.Catalogue.Move(parts[0]) is not { } move) return Problems.NotFound($"There is no move for '{key}'.");
            if (!move.In.Contains(parts[1]) || house.Catalogue.Position(parts[1]) is not { } position) return Problems.NotFound($"'{key}' names no position of the move.");
            var form = house.Catalogue.Form(move, position, parts[2]);
            figures[key] = FigureDrawing.Picture(form);
        }
        return TypedResults.Ok(new FiguresAnswer(figures));
    }
}
