using System.Text.Json;
using AmpleTide.Core.Logbook;
using AmpleTide.Core.Notebook;
using AmpleTide.Formats;
using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>What goes in and out: classes in open formats, plans in plain words, the log as a table.</summary>
internal static class FormatEndpoints
{
    private const int LongestTitle = 200;

    public static void MapFormats(this IEndpointRouteBuilder api)
    {
        api.MapGet("/formats", () => TypedResults.Ok((IReadOnlyList<FormatResponse>)[.. ClassFormats.All.Select(FormatResponse.Of)]));
        api.MapGet("/classes/{id}/export", Export).ProducesProblem(404).ProducesProblem(422);
        api.MapGet("/log/export", ExportLog);
        api.MapPost("/read-text", ReadText).Accepts<ReadTextRequest>("application/json").Produces<ReadTextResponse>().ProducesProblem(422);
        api.MapPost("/open", Open).Accepts<IFormFile>("application/octet-stream").Produces<OpenedResponse>().ProducesProblem(422);
    }

    // What people have leaves the house only where it is asked for.
    private static async Task<IResult> Export(
        string id,
        TideStore store,
        CatalogueSnapshot snapshot,
        string @as = "tide",
        bool people = false
    )
    {
        if (ClassFormats.Find(@as) is not { } format)
            return Problems.Unusable(
                [new("/as", $"'{@as}' is not one of {string.Join(", ", ClassFormats.All.Select(f => f.Id))}")],
                "The class cannot be exported like that."
            );
        var row = await store.Classes.AsNoTracking().Where(c => c.Id == id).Select(c => new { c.Document, c.Title }).FirstOrDefaultAsync();
        if (row is null)
            return Problems.NoClass(id);
        using var document = JsonDocument.Parse(row.Document);
        var plan = TideReader.Read(document.RootElement);
        if (!people)
            plan = plan with { Group = plan.Group with { People = [] } };
        plan = plan with { Embedded = OwnMoves.UsedBy(plan, store) };
        return TypedResults.File(
            format.Write(snapshot.Judge(plan, withEvents: true).Score),
            format.MediaType,
            FileName(row.Title, id) + format.Extension
        );
    }

    private static async Task<FileContentHttpResult> ExportLog(TideStore store)
    {
        var documents = await store.Log.AsNoTracking().OrderBy(e => e.TaughtAt).Select(e => e.Document).ToListAsync();
        var evenings = documents.Select(d => JsonSerializer.Deserialize(d, StoredJson.Checked.Taught)).OfType<Taught>();
        return TypedResults.File(LogCsv.Write(evenings), "text/csv", "log.csv");
    }

    private static async Task<IResult> ReadText(HttpRequest request, CatalogueSnapshot snapshot)
    {
        using var body = await RequestBody.Json(request);
        var fields = new RequestFields(body.RootElement);
        var (text, title) = (fields.Text("text"), fields.OptionalText("title", LongestTitle) ?? "Pasted plan");
        var lines = NotebookReader.LinesOf(text);
        if (lines > NotebookReader.MostLines)
            fields.Wrong("text", $"has {lines} lines, {NotebookReader.MostLines} at most");
        fields.Check();
        return TypedResults.Ok(ReadTextResponse.Of(new NotebookReader(snapshot.Catalogue, snapshot.Search).Read(text, title)));
    }

    // A file of any format that can be read, told by its name; nothing is stored.
    private static async Task<IResult> Open(HttpRequest request, CatalogueSnapshot snapshot, string name = "")
    {
        if (ClassFormats.Of(name) is not { Read: { } read } format)
            return Problems.Unusable(
                [
                    new(
                        "/name",
                        $"'{name}' ends in none of {string.Join(", ", ClassFormats.All.Where(f => f.Read is not null).Select(f => f.Extension))}"
                    ),
                ],
                "The file cannot be opened."
            );
        using var bytes = new MemoryStream();
        await request.Body.CopyToAsync(bytes, request.HttpContext.RequestAborted);
        var plan = read(bytes.ToArray(), new(snapshot.Catalogue, snapshot.Search));
        // What goes out is what a class file would hold, and so it is read again.
        var written = TideWriter.Write(plan);
        using var document = JsonDocument.Parse(written);
        TideReader.Read(document.RootElement);
        return TypedResults.Ok(new OpenedResponse(format.Id, document.RootElement.Clone()));
    }

    // Letters and digits of the title, with hyphens between; a title that has none is told by the class's id.
    private static string FileName(string title, string id)
    {
        var words = string.Concat(title.Select(c => char.IsLetterOrDigit(c) ? char.ToLowerInvariant(c) : '-'))
            .Split('-', StringSplitOptions.RemoveEmptyEntries);
        return words.Length > 0 ? string.Join('-', words) : id;
    }
}
