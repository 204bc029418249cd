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
        var swap = Assert.Single(score["lines"]![0]!["conditions"]!.AsArray())!;
        Assert.Equal(
            ("wrist", 2, "smaller", "shape"),
            (
                swap["id"]!.GetValue<string>(),
                swap["people"]!.GetValue<int>(),
                swap["advice"]!.GetValue<string>(),
                swap["from"]!.GetValue<string>()
            )
        );
        Assert.Equal("sore wrists: on fists, or the forearms on a chair seat", swap["how"]!.GetValue<string>());
        var ask = score["ask"]!.AsArray().Select(a => a!["condition"]!.GetValue<string>()).ToList();
        Assert.Contains("back-arches-badly", ask);
        // Asked and answered with nobody is not asked again.
        Assert.DoesNotContain("knee", ask);
    }

    [Fact]
    public async Task People_are_judged_by_all_they_have_and_given_something_else()
    {
        var score = await Post(
            "/api/score?events=false",
            """
            { "title": "Together", "minutes": 5, "startsIn": "all-fours", "group": { "size": 8, "people": [
              { "conditions": ["wrist", { "id": "shoulder", "side": "right" }] } ] },
              "sections": [ { "items": [ { "move": "plank-hold" } ] } ] }
            """
        );
        var swap = Assert.Single(score["lines"]![0]!["conditions"]!.AsArray())!;
        Assert.Equal(["wrist", "shoulder"], swap["with"]!.AsArray().Select(w => w!.GetValue<string>()));
        Assert.Equal("leave-out", swap["advice"]!.GetValue<string>());
        Assert.All(swap["instead"]!.AsArray(), i => Assert.NotEmpty(i!["why"]!.GetValue<string>()));
        Assert.NotEmpty(swap["instead"]!.AsArray());
    }

    [Fact]
    public async Task A_move_is_advised_about_as_it_is_taken()
    {
        async Task<JsonNode?> Knee(string query)
        {
            var move = JsonNode.Parse(await server.Http.GetStringAsync("/api/moves/neck-side-tilt" + query))!;
            return move["conditions"]!.AsArray().FirstOrDefault(c => c!["id"]!.GetValue<string>() == "knee");
        }
        Assert.Null(await Knee("?position=chair-edge"));
        var kneeling = (await Knee("?position=heel-sit"))!;
        Assert.Equal("fine", kneeling["movement"]!.GetValue<string>());
        Assert.Equal("leave-out", kneeling["here"]!.GetValue<string>());
        Assert.Equal("another-way", kneeling["advice"]!.GetValue<string>());
        Assert.Equal("chair-edge", kneeling["to"]!["position"]!.GetValue<string>());
        var wrong = await server.Send(HttpMethod.Get, "/api/moves/neck-side-tilt?position=plank");
        Assert.Equal(HttpStatusCode.NotFound, wrong.StatusCode);
        Assert.Contains("position", await wrong.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("downwrd dog", "inverted-v-hold", true)]
    [InlineData("the child's pose", "folded-rest-hold", true)]
    [InlineData("headstand", "", false)]
    public async Task A_move_is_found_by_what_people_call_it(string asked, string move, bool sure)
    {
        var found = JsonNode.Parse(await server.Http.GetStringAsync($"/api/moves?q={Uri.EscapeDataString(asked)}"))!.AsArray();
        Assert.Equal(sure, found.Count > 0 && found[0]!["sure"]!.GetValue<bool>());
        if (sure)
            Assert.Equal(move, found[0]!["id"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_name_longer_than_any_is_refused()
    {
        var answer = await server.Send(HttpMethod.Get, "/api/moves?q=" + new string('a', 201));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("/q", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_people_have_leaves_the_house_only_when_it_is_asked_for()
    {
        var made = await server.Send(
            HttpMethod.Post,
            "/api/classes",
            """
            { "title": "Leaving", "minutes": 5, "group": { "people": [ { "count": 2, "conditions": ["wrist"], "since": "P6W", "x-mark": 1 } ] },
              "sections": [ { "items": [ { "move": "mountain" } ] } ] }
            """
        );
        var export = $"{made.Headers.Location}/export?as=tide";
        Assert.Null(JsonNode.Parse(await server.Http.GetStringAsync(export))!["group"]!["people"]);
        var person = JsonNode.Parse(await server.Http.GetStringAsync(export + "&people=true"))!["group"]!["people"]![0]!;
        Assert.Equal(2, person["count"]!.GetValue<int>());
        Assert.Equal("P6W", person["conditions"]![0]!["since"]!.GetValue<string>());
        Assert.Equal(1, person["x-mark"]!.GetValue<int>());
    }

    [Theory]
    [InlineData("""{ "name": "Nobody", "conditions": ["wrist"] }""", "/group/people/0/name", "names are not kept")]
    [InlineData("""{ "conditions": [{ "id": "wrist", "since": "six weeks" }] }""", "/group/people/0/conditions/0/since", "P6W")]
    [InlineData("""{ "conditions": [{ "side": "right" }] }""", "/group/people/0/conditions/0/id", "missing")]
    [InlineData("""{ "conditions": ["wrist"], "side": "up" }""", "/group/people/0/side", "right, left")]
    public async Task What_is_wrong_about_a_person_is_told_by_field(string person, string pointer, string detail)
    {
        var answer = await server.Send(
            HttpMethod.Post,
            "/api/score",
            $$"""{ "title": "T", "minutes": 5, "group": { "people": [{{person}}] }, "sections": [] }"""
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var error = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["errors"]![0]!;
        Assert.Equal(pointer, error["pointer"]!.GetValue<string>());
        Assert.Contains(detail, error["detail"]!.GetValue<string>(), StringComparison.Ordinal);
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
