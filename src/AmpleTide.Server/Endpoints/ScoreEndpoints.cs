using System.Text.Json;
using AmpleTide.Core.Suggestions;
using AmpleTide.Fitting;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AmpleTide.Server.Endpoints;

/// <summary>Scores and fixes: a class in, an answer out, nothing stored.</summary>
internal static class ScoreEndpoints
{
    private const int MostInsertions = 12;

    public static void MapScore(this IEndpointRouteBuilder api)
    {
        api.MapPost("/score", Score).Accepts<JsonElement>("application/json").Produces<ScoreResponse>().ProducesProblem(422);
        api.MapPost("/apply", Apply).Accepts<ApplyRequest>("application/json").Produces<ApplyResponse>().ProducesProblem(422);
        api.MapPost("/insertions", Insertions)
            .Accepts<InsertionsRequest>("application/json")
            .Produces<IReadOnlyList<InsertionResponse>>()
            .ProducesProblem(422);
    }

    private static async Task<FileContentHttpResult> Score(HttpRequest request, CatalogueSnapshot snapshot, bool events = true)
    {
        using var body = await RequestBody.Json(request);
        return TypedResults.Bytes(ScoreWriter.Bytes(snapshot.Judge(TideReader.Read(body.RootElement), events)), ScoreWriter.ContentType);
    }

    private static async Task<IResult> Apply(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var (given, findingId, fixId) = (fields.Object("class"), fields.Text("finding"), fields.Text("fix"));
        fields.Check();
        var before = snapshot.Judge(TideReader.Read(given));
        var finding =
            before.Findings.FirstOrDefault(f => f.Id == findingId)
            ?? throw new UnusableException("There is nothing to fix.", [new("/finding", $"the class has no finding '{findingId}'")]);
        var fix =
            finding.Fixes.FirstOrDefault(f => f.Id == fixId)
            ?? throw new UnusableException("There is nothing to fix.", [new("/fix", $"the finding has no fix '{fixId}'")]);
        var result = fix.Apply(before.Score, finding, new(Fitter.ToLength, request.HttpContext.RequestAborted));
        if (result.Plan is not { } plan)
            throw new UnusableException($"“{fix.Label}” does not work here.", [new("/fix", result.Refusal!)]);
        // What goes out is what a class file would hold, and so it is read again: the class that comes back can always be saved.
        var edited = TideWriter.Write(plan);
        using var written = JsonDocument.Parse(edited);
        return TypedResults.Bytes(
            ScoreWriter.Bytes(edited, before, snapshot.Judge(TideReader.Read(written.RootElement))),
            ScoreWriter.ContentType
        );
    }

    // What could be put in after a line, best first, each with the reason.
    private static async Task<IResult> Insertions(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var (given, after, need) = (fields.Object("class"), fields.Text("after"), fields.Text("need"));
        if (!Needs.Words.Contains(need))
            fields.Wrong("need", $"is not one of {string.Join(", ", Needs.Words)}");
        fields.Check();
        var score = snapshot.Judge(TideReader.Read(given)).Score;
        var line = score.Lines.FirstOrDefault(l => l.Line.Id == after);
        if (line?.Form is null)
            fields.Wrong("after", $"the class has no such line in '{after}'");
        fields.Check();
        var found = Needs.Of(score, line!, need) is { } wanted ? Core.Suggestions.Insertions.After(score, line!, wanted) : [];
        return TypedResults.Ok<IReadOnlyList<InsertionResponse>>([
            .. found
                .Take(MostInsertions)
                .Select(i => new InsertionResponse(
                    i.Form.Move.Id,
                    i.Form.Move.Name,
                    i.Form.Position.Id,
                    (int)i.Extra.TotalSeconds,
                    i.Because
                )),
        ]);
    }
}
