using System.Text.Json;
using System.Text.Json.Nodes;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Counsel;
using AmpleTide.Formats;
using AmpleTide.Server.Answers;

namespace AmpleTide.Server.Endpoints;

/// <summary>Scores and fixes: a class in, an answer out, nothing stored.</summary>
internal static class ScoreEndpoints
{
    public static void MapScore(this IEndpointRouteBuilder api)
    {
        api.MapPost("/score", Score).Accepts<JsonElement>("application/json").Produces<ScoreAnswer>();
        api.MapPost("/apply", Apply).Accepts<ApplyRequest>("application/json").Produces<ApplyAnswer>().ProducesProblem(422);
        api.MapPost("/insertions", Insertions).Accepts<InsertionsRequest>("application/json").Produces<IReadOnlyList<InsertionAnswer>>().ProducesProblem(422);
        api.MapPost("/edit", Edit).Accepts<EditRequest>("application/json").Produces<ApplyAnswer>().ProducesProblem(422);
    }

    private static async Task Score(HttpContext http, House house, RecentScores recent, bool events = true)
    {
        var answer = await Reading.Whole(http.Request, body => recent.Of(house, events, body));
        http.Response.ContentType = ScoreWriter.ContentType;
        http.Response.ContentLength = answer.Length;
        await http.Response.BodyWriter.WriteAsync(answer);
    }

    private static async Task Apply(HttpContext http, House house)
    {
        using var body = await Reading.Json(http.Request);
        var fields = new RequestFields(body.RootElement);
        var (given, findingId, fixId) = (fields.Object("class"), fields.Text("finding"), fields.Text("fix"));
        fields.Check();
        var plan = TideReader.Read(given);
        var before = house.Judge(plan);
        var finding = before.Findings.FirstOrDefault(f => f.Id == findingId)
            ?? throw new UnusableException("There is nothing to fix.", [new("/finding", $"the class has no finding '{findingId}'")]);
        var fix = finding.Fixes.FirstOrDefault(f => f.Id == fixId)
            ?? throw new UnusableException("There is nothing to fix.", [new("/fix", $"the finding has no fix '{fixId}'")]);
        await Answer(http.Response, given, before, fix.Edit(plan), house);
    }

    private const int MostInsertions = 12;

    // What could be put in after a line, best first, each with the reason.
    private static async Task<IResult> Insertions(HttpRequest request, House house)
    {
        using var body = await Reading.Json(request);
        var fields = new RequestFields(body.RootElement);
        var (given, after, need) = (fields.Object("class"), fields.Text("after"), fields.Text("need"));
        if (!Needs.Words.Contains(need)) fields.Wrong("need", $"is not one of {string.Join(", ", Needs.Words)}");
        fields.Check();
        var score = house.Judge(TideReader.Read(given)).Score;
        var line = score.Lines.FirstOrDefault(l => l.Line.Id == after);
        if (line?.Form is null) fields.Wrong("after", $"the class has no such line in '{after}'");
        fields.Check();
        var found = Needs.Of(score, line!, need) is { } wanted ? Core.Counsel.Insertions.After(score, line!, wanted) : [];
        return TypedResults.Ok<IReadOnlyList<InsertionAnswer>>([.. found.Take(MostInsertions).Select(i =>
            new InsertionAnswer(i.Form.Move.Id, i.Form.Move.Name, i.Form.Position.Id, i.ExtraSeconds, i.Because))]);
    }

    // Edits that need to know yoga; plain ones are the front end's own.
    private static readonly Dictionary<string, Func<ClassPlan, IReadOnlyCollection<string>, MoveCatalogue, ClassPlan>> Edits = new()
    {
        ["mirror"] = Core.Classes.Edits.Mirror,
        ["equalise"] = Core.Classes.Edits.Equalise,
    };

    private static async Task Edit(HttpContext http, House house)
    {
        using var body = await Reading.Json(http.Request);
        var fields = new RequestFields(body.RootElement);
        var (given, name, items) = (fields.Object("class"), fields.Text("edit"), fields.Texts("items"));
        fields.Check();
        if (!Edits.TryGetValue(name, out var edit))
            throw new UnusableException("There is no such edit.", [new("/edit", $"'{name}' is not one of {string.Join(", ", Edits.Keys)}")]);
        var plan = TideReader.Read(given);
        for (var i = 0; i < items.Count; i++)
            if (!plan.Has(items[i])) fields.Wrong($"items/{i}", $"the class has no line or set '{items[i]}'");
        fields.Check();
        await Answer(http.Response, given, house.Judge(plan), edit(plan, items, house.Catalogue), house);
    }

    private static Task Answer(HttpResponse response, JsonElement given, Judged before, ClassPlan edited, House house)
    {
        var (changed, patch) = Change(given, before.Score.Plan, edited);
        return ScoreWriter.Answer(response, changed, patch, before, house.Judge(edited));
    }

    // Fixes change lines within sections; a section that changed is replaced whole (RFC 6902), all else stays as it was sent.
    private static (JsonNode Class, JsonArray Patch) Change(JsonElement given, ClassPlan before, ClassPlan after)
    {
        var changed = JsonObject.Create(given)!.DeepClone();
        var written = JsonNode.Parse(TideWriter.Write(after))!["sections"]!.AsArray();
        var patch = new JsonArray();
        for (var i = 0; i < after.Sections.Count; i++)
        {
            if (ReferenceEquals(before.Sections[i], after.Sections[i]) || Same(before, after, i)) continue;
            changed["sections"]![i] = written[i]!.DeepClone();
            patch.Add(new JsonObject { ["op"] = "replace", ["path"] = $"/sections/{i}", ["value"] = written[i]!.DeepClone() });
        }
        return (changed, patch);
    }

    private static bool Same(ClassPlan before, ClassPlan after, int section) =>
        TideWriter.Write(before with { Sections = [before.Sections[section]] }).AsSpan()
            .SequenceEqual(TideWriter.Write(before with { Sections = [after.Sections[section]] }));
}
