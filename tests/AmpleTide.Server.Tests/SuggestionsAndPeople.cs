using System.Net;
using System.Text.Json.Nodes;

namespace AmpleTide.Server.Tests;

/// <summary>What the house advises beside findings: what could be put in, what some people do instead, what to ask, conventions.</summary>
public class SuggestionsAndPeople(RunningServer server) : IClassFixture<RunningServer>
{
    private const string Plan = """
        { "title": "Advised", "minutes": 10, "group": { "size": 10, "conditions": { "wrist": 2, "knee": 0 } }, "theme": { "areas": ["low-back"] }, "sections": [ { "id": "s1", "items": [
          { "id": "l1", "move": "cat-cow" }, { "id": "l2", "move": "low-cobra", "rounds": 6 }, { "id": "l3", "move": "folded-rest-hold" } ] } ] }
        """;

    [Theory]
    [InlineData("counter", "takes back what Low cobra did")]
    [InlineData("preparation", "makes ready for Low cobra")]
    [InlineData("theme", "serves the theme")]
    [InlineData("rest", "is still")]
    public async Task What_could_follow_a_line_comes_best_first_with_its_reason(string need, string because)
    {
        var name = JsonNode.Parse(await server.Http.GetStringAsync("/api/moves/low-cobra"))!["summary"]!["name"]!.GetValue<string>();
        var found = (await Post("/api/insertions", $$"""{ "class": {{Plan}}, "after": "l2", "need": "{{need}}" }""")).AsArray();
        Assert.NotEmpty(found);
        Assert.All(
            found,
            f =>
                Assert.Contains(
                    because.Replace("Low cobra", name, StringComparison.Ordinal),
                    f!["because"]!.GetValue<string>(),
                    StringComparison.Ordinal
                )
        );
        Assert.Equal(found.Count, found.Select(f => f!["move"]!.GetValue<string>()).Distinct().Count());
    }

    [Theory]
    [InlineData("l2", "dessert", "/need")]
    [InlineData("l9", "counter", "/after")]
    public async Task What_is_not_there_is_refused_with_its_field(string after, string need, string pointer)
    {
        var answer = await server.Send(
            HttpMethod.Post,
            "/api/insertions",
            $$"""{ "class": {{Plan}}, "after": "{{after}}", "need": "{{need}}" }"""
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Equal(pointer, JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["errors"]![0]!["pointer"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_score_says_what_takes_what_back_who_does_what_and_what_to_ask()
    {
        var score = await Post("/api/score?events=false", Plan);
        var link = Assert.Single(score["links"]!.AsArray())!;
        Assert.Equal(("l2", "l3"), (link["from"]!.GetValue<string>(), link["to"]!.GetValue<string>()));
        var swap = score["swaps"]!.AsArray().First(s => s!["line"]!.GetValue<string>() == "l1")!;
        Assert.Equal(
            ("wrist", 2, "swap"),
            (swap["condition"]!.GetValue<string>(), swap["people"]!.GetValue<int>(), swap["advice"]!.GetValue<string>())
        );
        var ask = score["ask"]!.AsArray().Select(a => a!["condition"]!.GetValue<string>()).ToList();
        Assert.Contains("back-arches-badly", ask);
        // Asked and answered with nobody is not asked again.
        Assert.DoesNotContain("knee", ask);
    }

    [Fact]
    public async Task Conventions_and_rules_are_told()
    {
        var conventions = JsonNode.Parse(await server.Http.GetStringAsync("/api/conventions"))!;
        Assert.All(
            conventions["all"]!.AsArray(),
            c => Assert.True(c!["ways"]!.AsArray().Count >= 2 && c["why"]!.GetValue<string>().Length > 0)
        );
        var known = conventions["all"]!
            .AsArray()
            .ToDictionary(c => c!["id"]!.GetValue<string>(), c => c!["ways"]!.AsArray().Select(w => w!["id"]!.GetValue<string>()).ToList());
        foreach (var preset in conventions["presets"]!.AsArray())
        foreach (var (matter, way) in preset!["chosen"]!.AsObject())
            Assert.Contains(way!.GetValue<string>(), known[matter]);
        Assert.Contains(
            JsonNode.Parse(await server.Http.GetStringAsync("/api/rules"))!.AsArray(),
            r => r!["id"]!.GetValue<string>() == "second-side" && r["level"]!.GetValue<string>() == "serious"
        );
    }

    private async Task<JsonNode> Post(string path, string body)
    {
        var response = await server.Send(HttpMethod.Post, path, body);
        Assert.True(response.IsSuccessStatusCode, await response.Content.ReadAsStringAsync());
        return JsonNode.Parse(await response.Content.ReadAsStringAsync())!;
    }
}
