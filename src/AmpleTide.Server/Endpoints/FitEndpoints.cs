using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Fitting;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;

namespace AmpleTide.Server.Endpoints;

/// <summary>Fitting a class to the minute: a class in, the same with other doses out, nothing stored.</summary>
internal static class FitEndpoints
{
    public static void MapFit(this IEndpointRouteBuilder api) =>
        api.MapPost("/fit", Fit).Accepts<FitRequestBody>("application/json").Produces<FitResponse>().ProducesProblem(422);

    private static async Task<IResult> Fit(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var given = fields.Object("class");
        var (target, lengths, scale) = (
            fields.OptionalTime("targetMs"),
            fields.OptionalTimes("sections"),
            fields.OptionalWord("scale", "unset", "all")
        );
        fields.Check();
        var before = snapshot.Judge(TideReader.Read(given));
        var sections = new Dictionary<Section, TimeSpan>();
        foreach (var (id, length) in lengths)
        {
            if (before.Score.Plan.Sections.FirstOrDefault(s => s.Id == id) is { } section)
                sections[section] = length;
            else
                fields.Wrong($"sections/{id}", "the class has no such section");
        }
        fields.Check();
        var wanted = new FitRequest(before.Score)
        {
            Target = target ?? (sections.Count > 0 ? null : WholeMilliseconds.Of(before.Score.Plan.Minutes * 60)),
            Sections = sections,
            OnlyUnset = scale == "unset",
        };
        var result = scale is not null
            ? Fitter.Scale(wanted, request.HttpContext.RequestAborted)
            : Fitter.Fit(wanted, request.HttpContext.RequestAborted);
        // What goes out is what a class file would hold, and so it is read again.
        var edited = TideWriter.Write(result.Apply(before.Score.Plan));
        using var written = JsonDocument.Parse(edited);
        return TypedResults.Bytes(
            ScoreWriter.Bytes(edited, result, before, snapshot.Judge(TideReader.Read(written.RootElement))),
            ScoreWriter.ContentType
        );
    }
}
