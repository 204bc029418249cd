using System.Text;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;

namespace AmpleTide.Server.Endpoints;

/// <summary>The catalogue: moves, positions, ways, props, conditions and figures.</summary>
internal static class CatalogueEndpoints
{
    private const int MostFigures = 500;

    public static void MapCatalogue(this IEndpointRouteBuilder api)
    {
        api.MapGet("/moves", Moves).Produces<IReadOnlyList<MoveSummary>>().ProducesProblem(422);
        api.MapGet("/moves/{id}", Move).Produces<MoveResponse>().ProducesProblem(404);
        api.MapGet("/moves/{id}/figure.svg", Svg)
            .Produces<string>(200, "image/svg+xml")
            .ProducesProblem(404)
            .AddEndpointFilter(KeptByEdition);
        api.MapGet("/moves/{id}/frames", Frames).AddEndpointFilter(KeptByEdition);
        api.MapGet(
            "/positions",
            (CatalogueSnapshot snapshot) =>
                TypedResults.Ok((IReadOnlyList<PositionResponse>)[.. snapshot.Catalogue.Positions.Select(PositionResponse.Of)])
        );
        api.MapGet("/ways", Ways);
        api.MapGet("/props", (CatalogueSnapshot snapshot) => TypedResults.Ok(snapshot.Catalogue.Props));
        api.MapGet(
            "/conditions",
            (CatalogueSnapshot snapshot) =>
                TypedResults.Ok((IReadOnlyList<ConditionSummary>)[.. snapshot.Catalogue.Conditions.Select(ConditionSummary.Of)])
        );
        api.MapGet("/conventions", () => TypedResults.Ok(new ConventionsResponse(Conventions.All, Conventions.Presets)));
        api.MapGet(
            "/rules",
            () => TypedResults.Ok((IReadOnlyList<RuleResponse>)[.. Judgement.Rules.Select(r => new RuleResponse(r.Id, r.Title, r.Level))])
        );
        api.MapGet("/figures", Figures).AddEndpointFilter(KeptByEdition);
        api.MapGet("/signs", () => TypedResults.Ok(SignsResponse.All));
    }

    // Pictures are large and change only with the catalogue and the teacher's own moves: who has them asks whether they are still the same.
    private static async ValueTask<object?> KeptByEdition(EndpointFilterInvocationContext call, EndpointFilterDelegate next)
    {
        var tag = new EntityTagHeaderValue($"\"{call.HttpContext.RequestServices.GetRequiredService<CatalogueSnapshot>().Edition}\"");
        var (request, response) = (call.HttpContext.Request.GetTypedHeaders(), call.HttpContext.Response);
        (response.Headers.ETag, response.Headers.CacheControl) = (tag.ToString(), "no-cache");
        return request.IfNoneMatch.Any(t => t.Compare(tag, false))
            ? TypedResults.StatusCode(StatusCodes.Status304NotModified)
            : await next(call);
    }

    private const int LongestName = 200;

    private static IResult Moves(string? q, MoveResponses moves, CatalogueSnapshot snapshot) =>
        q is null ? moves.All(snapshot)
        : q.Length > LongestName
            ? Problems.Unusable([new("/q", $"has {q.Length} characters, {LongestName} at most")], "That is no name of a move.")
        : TypedResults.Ok(MoveResponses.Found(snapshot, q));

    private static IResult Move(string id, string? position, string? option, CatalogueSnapshot snapshot, MoveResponses moves) =>
        Taken(id, position, option, snapshot, out var wrong) is { } taken ? moves.Of(snapshot, taken) : wrong!;

    // A picture by itself, to be kept, printed or put on a handout.
    private static IResult Svg(string id, string? position, string? option, CatalogueSnapshot snapshot, Stills stills) =>
        Taken(id, position, option, snapshot, out var wrong) is { } taken
            ? TypedResults.Text(SvgFigure.Document(stills.Of(taken, snapshot), taken.Move.Name), "image/svg+xml", Encoding.UTF8)
            : wrong!;

    // The move as it is asked for; null, and what is wrong, where it is not so.
    private static MoveForm? Taken(string id, string? position, string? option, CatalogueSnapshot snapshot, out ProblemHttpResult? wrong)
    {
        wrong =
            snapshot.Catalogue.Move(id) is not { } known ? Problems.NotFound($"There is no move '{id}'.")
            : position is not null && !known.In.Contains(position)
                ? Problems.NotFound($"position: {known.Name} is not taken in '{position}'; it is in {string.Join(", ", known.In)}.")
            : option is not (null or MoveForm.BaseOption) && !known.Options.ContainsKey(option)
                ? Problems.NotFound($"option: {known.Name} has no option '{option}'; it has {string.Join(", ", known.Options.Keys)}.")
            : null;
        if (wrong is not null)
            return null;
        var move = snapshot.Catalogue.Move(id)!;
        return snapshot.Catalogue.Form(move, snapshot.Catalogue.Position(position ?? move.In[0])!, option ?? MoveForm.BaseOption);
    }

    private static Results<Ok<FramesResponse>, ProblemHttpResult> Frames(
        string id,
        string? position,
        string? option,
        string? side,
        CatalogueSnapshot snapshot
    )
    {
        if (Taken(id, position, option, snapshot, out var wrong) is not { } form)
            return wrong!;
        return TypedResults.Ok(FramesResponse.Of(form, form.View, side == "left" ? Side.Left : Side.Right));
    }

    private static Results<Ok<PathResponse>, ProblemHttpResult> Ways(string from, string to, CatalogueSnapshot snapshot)
    {
        foreach (var id in new[] { from, to })
            if (snapshot.Catalogue.Position(id) is null)
                return Problems.NotFound($"There is no position '{id}'.");
        var anybody = new ClassPlan
        {
            Id = "",
            Title = "",
            Minutes = 1,
            Sections = [],
        };
        if (snapshot.Ways.Cheapest(from, to, anybody) is not { } path)
            return Problems.NotFound($"There is no way from '{from}' to '{to}'.");
        var ways = path.Ways.Select(w => WayResponse.Of(w, Timing.WayTime(w, Pace.Usual, false))).ToList();
        return TypedResults.Ok(new PathResponse(ways, ways.Sum(w => w.Ms)));
    }

    // The pictures of lines, by move@position@option: one request for all that a screen lacks.
    private static Results<Ok<FiguresResponse>, ProblemHttpResult> Figures(string of, CatalogueSnapshot snapshot, Stills stills)
    {
        var figures = new Dictionary<string, Figure>();
        foreach (var key in of.Split(',', StringSplitOptions.RemoveEmptyEntries).Take(MostFigures))
        {
            var parts = key.Split('@');
            if (parts.Length != 3 || snapshot.Catalogue.Move(parts[0]) is not { } move)
                return Problems.NotFound($"There is no move for '{key}'.");
            if (!move.In.Contains(parts[1]) || snapshot.Catalogue.Position(parts[1]) is not { } position)
                return Problems.NotFound($"'{key}' names no position of the move.");
            var form = snapshot.Catalogue.Form(move, position, parts[2]);
            figures[key] = stills.Of(form, snapshot);
        }
        return TypedResults.Ok(new FiguresResponse(figures));
    }
}
