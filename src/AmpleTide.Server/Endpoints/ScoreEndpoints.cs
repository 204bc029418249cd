using System.Text.Json;
using System.Text.Json.Nodes;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;
using AmpleTide.Server.Answers;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AmpleTide.Server.Endpoints;

/// <summary>Scores and fixes: a class in, an answer out, nothing stored.</summary>
internal static class ScoreEndpoints
{
    public static void MapScore(this IEndpointRouteBuilder api)
    {
        api.MapPost("/score", Score).Accepts<JsonElement>("application/json").Produces<ScoreAnswer>();
        api.MapPost("/apply", Apply).Accepts<ApplyRequest>("application/json");
        api.MapPost("/edit", Edit).Accepts<EditRequest>("application/json");
    }

    private static async Task<IResult> Score(HttpRequest request, House house, bool events = true)
    {
        var plan = await Reading.Class(request);
        var (score, findings) = house.Judge(plan, events);
        return ScoreJson.Answer(ScoreAnswer.Of(score, findings));
    }

    private static async Task<Results<Ok<ApplyAnswer>, ProblemHttpResult>> Apply(HttpRequest request, House house)
    {
        using var body = await Reading.Json(request);
        var problems = new List<Problem>();
        var given = Field(body.RootElement, "class", JsonValueKind.Object, problems);
        var findingId = Field(body.RootElement, "finding", JsonValueKind.String, problems);
        var fixId = Field(body.RootElement, "fix", JsonValueKind.String, problems);
        if (problems.Count > 0) return Problems.Unusable(problems, "The request cannot be read.");

        var plan = TideReader.Read(given);
        var (_, findings) = house.Judge(plan);
        if (findings.FirstOrDefault(f => f.Id == findingId.GetString()) is not { } finding)
            return Problems.Unusable([new("/finding", $"the class has no finding '{findingId.GetString()}'")], "There is nothing to fix.");
        if (finding.Fixes.FirstOrDefault(f => f.Id == fixId.GetString()) is not { } fix)
            return Problems.Unusable([new("/fix", $"the finding has no fix '{fixId.GetString()}'")], "There is nothing to fix.");

        return TypedResults.Ok(Answer(given, plan, fix.Edit(plan), house));
    }

    // Edits that need to know yoga; plain ones are the front end's own.
    private static readonly Dictionary<string, Func<ClassPlan, IReadOnlyCollection<string>, MoveCatalogue, ClassPlan>> Edits = new()
    {
        ["mirror"] = Core.Classes.Edits.Mirror,
        ["equalise"] = Core.Classes.Edits.Equalise,
    };

    private static async Task<Results<Ok<ApplyAnswer>, ProblemHttpResult>> Edit(HttpRequest request, House house)
    {
        using var body = await Reading.Json(request);
        var problems = new List<Problem>();
        var given = Field(body.RootElement, "class", JsonValueKind.Object, problems);
        var name = Field(body.RootElement, "edit", JsonValueKind.String, problems);
        var items = Field(body.RootElement, "items", JsonValueKind.Array, problems);
        if (problems.Count > 0) return Problems.Unusable(problems, "The request cannot be read.");
        if (!Edits.TryGetValue(name.GetString()!, out var edit))
            return Problems.Unusable([new("/edit", $"'{name.GetString()}' is not one of {string.Join(", ", Edits.Keys)}")], "There is no such edit.");
        var plan = TideReader.Read(given);
        var ids = items.EnumerateArray().Select(i => i.ValueKind == JsonValueKind.String ? i.GetString()! : "").ToList();
        for (var i = 0; i < ids.Count; i++)
            if (!plan.Has(ids[i])) problems.Add(new($"/items/{i}", $"the class has no line or set '{ids[i]}'"));
        return problems.Count > 0 ? Problems.Unusable(problems, "There is nothing to edit.") : TypedResults.Ok(Answer(given, plan, edit(plan, ids, house.Catalogue), house));
    }

    private static ApplyAnswer Answer(JsonElement given, ClassPlan plan, ClassPlan edited, House house)
    {
        var (before, found) = house.Judge(plan);
        var (after, left) = house.Judge(edited);
        var (changed, patch) = Change(given, plan, edited);
        return new(changed, patch, ScoreAnswer.Of(before, found), ScoreAnswer.Of(after, left));
    }

    private static JsonElement Field(JsonElement root, string name, JsonValueKind kind, List<Problem> problems)
    {
        if (root.ValueKind == JsonValueKind.Object && root.TryGetProperty(name, out var field) && field.ValueKind == kind) return field;
        problems.Add(new("/" + name, $"{(kind == JsonValueKind.Object ? "an object" : kind == JsonValueKind.Array ? "a list" : "a text")} is needed"));
        return default;
    }

    // Fixes change lines within sections; a section that changed is replaced whole (RFC 6902), all else stays as it was sent.
    private static (JsonElement Class, JsonElement Patch) Change(JsonElement given, ClassPlan before, ClassPlan after)
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
        return (JsonSerializer.SerializeToElement(changed), JsonSerializer.SerializeToElement(patch));
    }

    private static bool Same(ClassPlan before, ClassPlan after, int section) =>
        TideWriter.Write(before with { Sections = [before.Sections[section]] }).AsSpan()
            .SequenceEqual(TideWriter.Write(before with { Sections = [after.Sections[section]] }));
}
