using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Server.Contracts;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AmpleTide.Server.Endpoints;

/// <summary>The body itself: its axes, and what follows when a hand, foot, knee, elbow or head of a figure is dragged.</summary>
internal static class BodyEndpoints
{
    public static void MapBody(this IEndpointRouteBuilder api)
    {
        api.MapGet("/body", Axes);
        api.MapGet("/body/map", () => TypedResults.Ok(new BodyMapResponse(FaceResponse.Of(BodyMap.Front), FaceResponse.Of(BodyMap.Back))));
        api.MapPost("/body/solve", Solve).Accepts<SolveRequest>("application/json").Produces<SolvedResponse>().ProducesProblem(422);
    }

    /// <summary>A body, from where it is seen, and where one of its handles is wanted in the picture.</summary>
    public sealed record SolveRequest(
        string Position,
        double[] View,
        double[] Centre,
        double[] Angles,
        double[] Pelvis,
        string Handle,
        double[] To
    );

    private static Ok<IReadOnlyList<BodyAxisResponse>> Axes() =>
        TypedResults.Ok<IReadOnlyList<BodyAxisResponse>>([
            .. Enum.GetValues<Axis>()
                .Select(a => new BodyAxisResponse(Core.Body.Axes.Name(a), Core.Body.Axes.Normal(a).Least, Core.Body.Axes.Normal(a).Most)),
        ]);

    private static async Task<IResult> Solve(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var position = snapshot.Catalogue.Position(fields.Text("position"));
        if (position is null)
            fields.Wrong("position", "there is no such position");
        var handleName = fields.Text("handle");
        var handle = Handle.All.FirstOrDefault(h => h.Name == handleName);
        if (handle is null)
            fields.Wrong("handle", $"is not one of {string.Join(", ", Handle.All.Select(h => h.Name))}");
        var (view, centre, pelvis, to) = (
            fields.Numbers("view", 2),
            fields.Numbers("centre", 3),
            fields.Numbers("pelvis", 3),
            fields.Numbers("to", 2)
        );
        var angles = fields.Numbers("angles", Core.Body.Axes.Count);
        fields.Check();
        var stage = new StageResponse(position!.Id, view, centre);
        var at = new Vector(pelvis[0], pelvis[1], pelvis[2]);
        var from = new Vector(centre[0], centre[1], centre[2]);
        var viewpoint = new Viewpoint(view[0], view[1]);
        var middle = viewpoint.Turn * from;
        var solved = Reach.Towards(
            Angles.From(angles),
            at,
            handle!,
            viewpoint.Turn,
            (to[0] / 1000) + middle.X,
            middle.Y - (to[1] / 1000),
            position.Allowed
        );
        var figure = FigureDrawing.Draw(new(solved, at, position.Base.Contacts, []), viewpoint, from);
        return TypedResults.Ok(new SolvedResponse(BodyResponse.Of(solved, at, stage), figure));
    }
}
