using System.Text.Json.Nodes;

namespace AmpleTide.Server.Tests;

/// <summary>Scores are written by hand for speed; they keep to the shape the description of the calls publishes.</summary>
public class PublishedShapes(RunningServer server) : IClassFixture<RunningServer>
{
    private static readonly JsonObject Schemas = JsonNode.Parse(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "openapi.json")))![
        "components"
    ]!["schemas"]!.AsObject();

    // Everything a score can hold: ways, a missing way, a set, props, an open state, findings with fixes.
    private const string Full = """
        { "title": "Full", "minutes": 3, "place": { "limits": ["no-kneeling"] }, "sections": [ { "id": "s1", "items": [
          { "id": "l1", "move": "neck-side-tilt", "position": "chair-edge", "breaths": 3, "sides": "right" },
          { "id": "t1", "set": { "rounds": ["right", "left"], "items": [ { "id": "l2", "move": "neck-side-tilt", "position": "standing" } ] } },
          { "id": "l3", "move": "cat-cow", "rounds": 3 },
          { "id": "y1", "talk": "Now the wrists", "seconds": 8 }, { "id": "w1", "wait": 5 },
          { "id": "l4", "move": "no-such-move" } ] } ] }
        """;

    [Fact]
    public async Task A_score_has_what_is_published_and_nothing_else() =>
        Same(await Post("/api/score", Full), Schemas["ScoreResponse"]!, "score");

    [Fact]
    public async Task So_has_the_answer_to_a_fix()
    {
        var answer = await Post("/api/apply", $$"""{ "class": {{Full}}, "finding": "unknown-move:l4", "fix": "fix-1" }""");
        Same(answer["before"]!, Schemas["ScoreResponse"]!, "before");
        Same(answer["after"]!, Schemas["ScoreResponse"]!, "after");
        Assert.Equal(Schemas["ApplyResponse"]!["properties"]!.AsObject().Select(p => p.Key), answer.AsObject().Select(p => p.Key));
    }

    [Theory]
    [InlineData(60_000)]
    [InlineData(600_000)]
    [InlineData(230_000)]
    public async Task So_has_a_fit(int targetMs)
    {
        var answer = await Post("/api/fit", $$"""{ "class": {{Full}}, "targetMs": {{targetMs}} }""");
        var schema = Schemas["FitResponse"]!["properties"]!.AsObject();
        foreach (var name in new[] { "changes", "nearest", "advice", "before", "after" })
            Same(answer[name]!, schema[name]!, name);
        Assert.Equal(schema.Select(p => p.Key), answer.AsObject().Select(p => p.Key));
    }

    [Fact]
    public async Task Every_kind_of_entry_was_there_to_be_compared()
    {
        var score = await Post("/api/score", Full);
        foreach (var list in new[] { "lines", "findings", "tide", "props", "events" })
            Assert.NotEmpty(score[list]!.AsArray());
        foreach (var list in new[] { "sides", "areas", "axes", "arc" })
            Assert.NotEmpty(score["ledgers"]![list]!.AsArray());
        Assert.Contains(score["lines"]!.AsArray(), l => l!["ways"] is not null);
        Assert.Contains(score["lines"]!.AsArray(), l => l!["wayMissing"] is not null);
    }

    private static void Same(JsonNode value, JsonNode schema, string at)
    {
        if (schema["$ref"] is { } named)
            schema = Schemas[named.GetValue<string>().Split('/')[^1]]!;
        if (schema["oneOf"] is JsonArray either)
            Same(value, either.First(e => e!["type"]?.ToString() != "null")!, at);
        else if (value is JsonArray list)
            for (var i = 0; i < list.Count; i++)
                Same(list[i]!, schema["items"]!, $"{at}/{i}");
        else if (value is JsonObject item)
            SameFields(item, schema["properties"]!.AsObject(), at);
        else
            Assert.True(schema["enum"] is not JsonArray words || words.Any(w => w!.ToString() == value.ToString()), $"{at} is {value}");
    }

    private static void SameFields(JsonObject item, JsonObject fields, string at)
    {
        foreach (var (name, value) in item)
            Same(value!, fields[name] ?? throw new Xunit.Sdk.XunitException($"{at}/{name} is not published"), $"{at}/{name}");
        foreach (var (name, field) in fields)
            Assert.True(item.ContainsKey(name) || MayLack(field!), $"{at}/{name} is missing");
    }

    private static bool MayLack(JsonNode field) =>
        field["oneOf"] is JsonArray either
            ? either.Any(e => e!["type"]?.ToString() == "null")
            : field["type"] is JsonArray types && types.Any(t => t!.ToString() == "null");

    private async Task<JsonNode> Post(string path, string body)
    {
        var response = await server.Send(HttpMethod.Post, path, body);
        Assert.True(response.IsSuccessStatusCode, await response.Content.ReadAsStringAsync());
        return JsonNode.Parse(await response.Content.ReadAsStringAsync())!;
    }
}
