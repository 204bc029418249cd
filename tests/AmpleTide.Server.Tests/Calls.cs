using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace AmpleTide.Server.Tests;

/// <summary>The calls of the API, as a client sees them.</summary>
public class Calls(RunningServer server) : IClassFixture<RunningServer>
{
    private const string Small = """
        { "title": "Small", "minutes": 3, "sections": [ { "id": "s1", "items": [ { "id": "l1", "move": "neck-side-tilt",
          "position": "seated-cross", "breaths": 3, "sides": "right" }, { "id": "l2", "move": "cat-cow", "rounds": 3 } ] } ] }
        """;

    [Fact]
    public async Task It_is_well() => Assert.Equal("ok", (await Json("/api/health"))["status"]!.GetValue<string>());

    [Theory]
    [InlineData("/api/moves", 40)]
    [InlineData("/api/positions", 14)]
    [InlineData("/api/props", 12)]
    [InlineData("/api/conditions", 20)]
    public async Task The_catalogue_is_listed(string path, int atLeast)
    {
        var list = (await Json(path)).AsArray();
        Assert.True(list.Count >= atLeast);
        Assert.All(list, item => Assert.Matches("^[a-z][a-z0-9-]*$", item!["id"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_figure_is_a_file_of_its_own_that_an_xml_reader_takes()
    {
        var answer = await server.Http.GetAsync("/api/moves/cat-cow/figure.svg?option=easier");
        Assert.Equal("image/svg+xml", answer.Content.Headers.ContentType!.MediaType);
        var svg = System.Xml.Linq.XDocument.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).Root!;
        Assert.Equal("http://www.w3.org/2000/svg", svg.Name.NamespaceName);
        Assert.Equal("Cat and cow", svg.Elements().First().Value);
        Assert.True(svg.Descendants().Count(e => e.Name.LocalName == "path") >= 10);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/moves/none/figure.svg")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/moves/cat-cow/figure.svg?position=prone")).StatusCode);
    }

    [Fact]
    public async Task A_practice_at_home_suggests_itself_or_is_chosen()
    {
        const string given = """
            { "title": "Small", "minutes": 9, "sections": [ { "items": [
              { "id": "a", "move": "neck-side-tilt" }, { "id": "b", "move": "cat-cow" },
              { "id": "c", "move": "seated-twist" }, { "id": "d", "move": "tree" } ] } ] }
            """;
        var suggested = await Post("/api/home-practice", $$"""{ "class": {{given}} }""", HttpStatusCode.OK);
        Assert.Equal(["a", "b", "c"], suggested["lines"]!.AsArray().Select(l => l!.GetValue<string>()));
        Assert.True(suggested["ms"]!.GetValue<int>() > 60_000);
        var chosen = await Post("/api/home-practice", $$"""{ "class": {{given}}, "lines": ["d", "a", "gone"] }""", HttpStatusCode.OK);
        Assert.Equal(["a", "d"], chosen["lines"]!.AsArray().Select(l => l!.GetValue<string>()));
        var refused = await server.Send(HttpMethod.Post, "/api/home-practice", $$"""{ "class": {{given}}, "lines": [1,2,3,4,5,6,7] }""");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.Contains("/lines", await refused.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_picture_comes_for_each_position_of_a_move()
    {
        List<string> wanted = ["neck-side-tilt@seated-cross@base", "neck-side-tilt@standing@base"];
        var figures = (await Json($"/api/figures?of={string.Join(',', wanted)}"))["figures"]!;
        foreach (var key in wanted)
            Assert.All(figures[key]!["paths"]!.AsArray(), path => Assert.NotNull(path!["tone"]));
        Assert.NotEqual(figures[wanted[0]]!.ToJsonString(), figures[wanted[1]]!.ToJsonString());
    }

    [Fact]
    public async Task The_left_side_of_a_mirrored_move_need_not_be_asked_for()
    {
        Assert.True((await Json("/api/moves/warrior-two/frames"))["mirrors"]!.GetValue<bool>());
        Assert.False((await Json("/api/moves/shoulder-rolls/frames"))["mirrors"]!.GetValue<bool>());
    }

    [Fact]
    public async Task Signs_are_drawn_by_themselves()
    {
        var key = await Json("/api/signs");
        Assert.Single(key["arrow"]!["paths"]!.AsArray());
        Assert.Contains("three-times", key["signs"]!.AsArray().Select(s => (string?)s!["sign"]));
        Assert.All(key["signs"]!.AsArray(), s => Assert.Single(s!["figure"]!["paths"]!.AsArray()));
    }

    [Fact]
    public async Task The_body_map_has_every_area_on_both_sides()
    {
        var map = await Json("/api/body/map");
        List<JsonNode?> areas = [.. map["front"]!["areas"]!.AsArray(), .. map["back"]!["areas"]!.AsArray()];
        Assert.Equal(Core.Body.Areas.All.Order(), areas.Select(a => a!["area"]!.GetValue<string>()).Distinct().Order());
    }

    [Theory]
    [InlineData("")]
    [InlineData("?side=left&option=easier")]
    [InlineData("?position=chair-edge")]
    public async Task A_move_comes_in_motion(string query)
    {
        var frames = await Json("/api/moves/neck-side-tilt/frames" + query);
        Assert.Equal(3, frames["phases"]!.AsArray().Count);
        Assert.All(frames["phases"]!.AsArray(), phase => Assert.Equal(10, phase!.AsArray().Count));
        Assert.Equal(4, frames["box"]!.AsArray().Count);
    }

    [Fact]
    public async Task The_second_way_round_comes_backward_in_time_and_in_step()
    {
        var (there, back) = (await Json("/api/moves/shoulder-rolls/frames"), await Json("/api/moves/shoulder-rolls/frames?side=left"));
        Assert.Equal([0, 1, 2, 3], there["order"]!.AsArray().Select(i => i!.GetValue<int>()));
        Assert.Equal([2, 1, 0, 3], back["order"]!.AsArray().Select(i => i!.GetValue<int>()));
        // Half of four and of five seconds, as the usual breath has them.
        Assert.Equal([1250, 1250, 1750, 1750], back["ms"]!.AsArray().Select(ms => ms!.GetValue<int>()));
        // Both ways end a phase in the same shape and come to it from elsewhere.
        Assert.Equal(there["phases"]![1]![9]!.ToJsonString(), back["phases"]![1]![9]!.ToJsonString());
        Assert.NotEqual(there["phases"]![1]![4]!.ToJsonString(), back["phases"]![1]![4]!.ToJsonString());
    }

    [Fact]
    public async Task A_move_tells_who_needs_something_else_and_what_goes_with_it()
    {
        var move = await Json("/api/moves/locust");
        Assert.Contains(
            move["conditions"]!.AsArray(),
            c => c!["id"]!.GetValue<string>() == "pregnancy-late" && c["advice"]!.GetValue<string>() == "leave-out"
        );
        Assert.All(move["conditions"]!.AsArray(), c => Assert.NotEmpty(c!["offer"]!.GetValue<string>()));
        Assert.Contains(move["counters"]!.AsArray(), c => c!["move"]!.GetValue<string>() == "folded-rest-hold");
        Assert.Contains(move["waysOut"]!.AsArray(), w => w!["to"]!.GetValue<string>() == "all-fours");
    }

    [Fact]
    public async Task A_way_answers_with_steps_and_time()
    {
        var path = await Json("/api/ways?from=seated-cross&to=all-fours");
        Assert.Equal(12_000, path["ms"]!.GetValue<int>());
        Assert.Equal(2, path["ways"]![0]!["steps"]!.AsArray().Count);
    }

    [Fact]
    public async Task Figures_come_many_at_once_and_are_kept_while_they_are_the_same()
    {
        const string path = "/api/figures?of=cat-cow@all-fours@base,tree@standing@easier";
        var response = await server.Http.GetAsync(path);
        var again = new HttpRequestMessage(HttpMethod.Get, path);
        again.Headers.IfNoneMatch.Add(response.Headers.ETag!);
        Assert.Equal(HttpStatusCode.NotModified, (await server.Http.SendAsync(again)).StatusCode);
        Assert.Equal(2, JsonNode.Parse(await response.Content.ReadAsStringAsync())!["figures"]!.AsObject().Count);
    }

    [Theory]
    [InlineData("/api/moves/moon-walk")]
    [InlineData("/api/ways?from=seated-cross&to=moon")]
    [InlineData("/api/moves/moon/frames")]
    [InlineData("/api/moves/neck-side-tilt/frames?position=plank")]
    [InlineData("/api/figures?of=cat-cow@prone@base")]
    [InlineData("/api/figures?of=nothing")]
    [InlineData("/api/classes/nobody")]
    [InlineData("/api/nothing")]
    public async Task What_is_not_there_is_a_problem(string path)
    {
        var response = await server.Http.GetAsync(path);
        Assert.Equal(HttpStatusCode.NotFound, response.StatusCode);
        Assert.Equal("application/problem+json", response.Content.Headers.ContentType!.MediaType);
    }

    [Fact]
    public async Task The_same_class_scores_to_the_same_bytes()
    {
        var (a, b) = (await Score(Small), await Score(Small));
        Assert.Equal(a, b);
        var score = JsonNode.Parse(a)!;
        var now = 0;
        foreach (var e in score["events"]!.AsArray())
        {
            Assert.Equal(now, e!["atMs"]!.GetValue<int>());
            now += e["ms"]!.GetValue<int>();
        }
        Assert.Equal(score["totalMs"]!.GetValue<int>(), now);
        Assert.Equal("seated-cross", score["lines"]![0]!["position"]!.GetValue<string>());
        Assert.Equal("all-fours", score["lines"]![1]!["ways"]![0]!["to"]!.GetValue<string>());
    }

    [Fact]
    public async Task Without_events_there_are_none() => Assert.Null(JsonNode.Parse(await Score(Small, "?events=false"))!["events"]);

    [Fact]
    public async Task A_fix_is_computed_when_asked_for_and_the_whole_class_comes_back()
    {
        var finding = JsonNode.Parse(await Score(Small))!["findings"]!
            .AsArray()
            .First(f => f!["rule"]!.GetValue<string>() == "second-side")!;
        var answer = await Post(
            "/api/apply",
            $$"""{ "class": {{Small}}, "finding": "{{finding["id"]}}", "fix": "{{finding["fixes"]![0]!["id"]}}" }""",
            HttpStatusCode.OK
        );
        Assert.Equal("right-left", answer["class"]!["sections"]![0]!["items"]![0]!["sides"]!.GetValue<string>());
        Assert.DoesNotContain(answer["after"]!["findings"]!.AsArray(), f => f!["rule"]!.GetValue<string>() == "second-side");
    }

    // What lies outside the sections comes back too: the group's pace, the class's breath, a convention.
    [Theory]
    [InlineData(
        "way-rushed",
        "fix-1",
        "\"group\": { \"pace\": \"brisk\", \"age\": \"older\" }",
        "{ \"move\": \"mountain\" }, { \"move\": \"cat-cow\" }"
    )]
    [InlineData("breath-pace", "fix-1", "\"breath\": { \"moving\": [8, 0, 10, 0] }", "{ \"move\": \"cat-cow\" }")]
    [InlineData("convention", "fix-2", "\"weather\": \"fog\"", "{ \"move\": \"full-neck-circles\" }")]
    public async Task The_class_that_comes_back_scores_to_what_the_preview_showed(string rule, string fix, string head, string items)
    {
        var plan = $$"""{ "title": "Whole", "minutes": 5, {{head}}, "sections": [ { "items": [ {{items}} ] } ] }""";
        var finding = JsonNode.Parse(await Score(plan))!["findings"]!.AsArray().First(f => f!["rule"]!.GetValue<string>() == rule)!;
        var answer = await Post(
            "/api/apply",
            $$"""{ "class": {{plan}}, "finding": "{{finding["id"]}}", "fix": "{{fix}}" }""",
            HttpStatusCode.OK
        );
        var again = JsonNode.Parse(await Score(answer["class"]!.ToJsonString(), "?events=false"))!;
        Assert.DoesNotContain(again["findings"]!.AsArray(), f => f!["id"]!.GetValue<string>() == finding["id"]!.GetValue<string>());
        Assert.True(JsonNode.DeepEquals(again, answer["after"]));
        if (head.Contains("weather", StringComparison.Ordinal))
            Assert.Equal("fog", answer["class"]!["weather"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_fix_that_finds_nothing_says_why()
    {
        const string plan = """
            { "title": "Locked", "minutes": 5, "sections": [ { "items": [ { "move": "neck-side-tilt", "sides": "right",
              "locked": true } ] } ] }
            """;
        var problem = await Post(
            "/api/apply",
            $$"""{ "class": {{plan}}, "finding": "second-side:s1.i1", "fix": "fix-1" }""",
            HttpStatusCode.UnprocessableEntity
        );
        Assert.Equal("Ear to shoulder is locked; unlock it first.", problem["errors"]![0]!["detail"]!.GetValue<string>());
    }

    private const string Long = """
        { "title": "Long", "minutes": 5, "sections": [ { "id": "s1", "items": [ { "id": "a", "move": "cat-cow", "rounds": 6 },
          { "id": "b", "move": "thread-the-needle", "breaths": 3 } ] }, { "id": "s2", "items": [ { "id": "c", "move": "folded-rest-hold",
          "breaths": 4 } ] } ] }
        """;

    [Fact]
    public async Task A_class_is_fitted_to_its_minutes_and_scores_to_what_was_promised()
    {
        var fit = await Post("/api/fit", $$"""{ "class": {{Long}}, "targetMs": 250000 }""", HttpStatusCode.OK);
        Assert.True(fit["fits"]!.GetValue<bool>() && fit["optimal"]!.GetValue<bool>());
        Assert.InRange(fit["reachedMs"]!.GetValue<int>(), 240_000, 260_000);
        var again = JsonNode.Parse(await Score(fit["class"]!.ToJsonString(), "?events=false"))!;
        Assert.Equal(fit["reachedMs"]!.GetValue<int>(), again["totalMs"]!.GetValue<int>());
        Assert.True(JsonNode.DeepEquals(again, fit["after"]));
        Assert.NotEmpty(fit["changes"]!.AsArray());
    }

    [Fact]
    public async Task A_section_is_given_time()
    {
        var fit = await Post("/api/fit", $$"""{ "class": {{Long}}, "sections": { "s2": 80000 } }""", HttpStatusCode.OK);
        Assert.Equal(["c"], fit["changes"]!.AsArray().Select(c => c!["line"]!.GetValue<string>()));
    }

    [Fact]
    public async Task What_cannot_be_fitted_comes_back_as_it_was_with_the_nearest()
    {
        var fit = await Post("/api/fit", $$"""{ "class": {{Long}}, "targetMs": 30000 }""", HttpStatusCode.OK);
        Assert.False(fit["fits"]!.GetValue<bool>());
        Assert.Empty(fit["changes"]!.AsArray());
        Assert.True(JsonNode.DeepEquals(fit["before"], fit["after"]));
        Assert.True(fit["nearest"]!["above"]!.GetValue<int>() > 30_000);
        Assert.NotEmpty(fit["advice"]!.AsArray());
    }

    [Theory]
    [InlineData("\"targetMs\": -5", "/targetMs")]
    [InlineData("\"targetMs\": \"long\"", "/targetMs")]
    [InlineData("\"sections\": { \"s9\": 5000 }", "/sections/s9")]
    [InlineData("\"sections\": { \"s1\": 0 }", "/sections/s1")]
    [InlineData("\"scale\": 3", "/scale")]
    [InlineData("\"scale\": \"some\"", "/scale")]
    public async Task A_fit_that_makes_no_sense_is_told_with_its_field(string wanted, string pointer)
    {
        var problem = await Post("/api/fit", $$"""{ "class": {{Long}}, {{wanted}} }""", HttpStatusCode.UnprocessableEntity);
        Assert.Contains(problem["errors"]!.AsArray(), e => e!["pointer"]!.GetValue<string>() == pointer);
    }

    [Theory]
    [InlineData("""{ "finding": "x", "fix": "y" }""", "/class")]
    [InlineData("""{ "class": {}, "fix": "y" }""", "/finding")]
    [InlineData("""{ "class": {"title": "x", "minutes": 1, "sections": []}, "finding": "x", "fix": "y" }""", "/finding")]
    [InlineData("""[]""", "/class")]
    public async Task A_fix_that_is_not_there_is_told(string body, string pointer)
    {
        var problem = await Post("/api/apply", body, HttpStatusCode.UnprocessableEntity);
        Assert.Contains(problem["errors"]!.AsArray(), e => e!["pointer"]!.GetValue<string>() == pointer);
    }

    [Theory]
    [InlineData("", 400)]
    [InlineData("{", 400)]
    [InlineData("null", 422)]
    [InlineData("{ \"title\": \"x\" }", 422)]
    [InlineData(
        "{ \"title\": \"x\", \"minutes\": 5, \"sections\": [ { \"items\": [ { \"move\": \"cat-cow\", \"breaths\": -3 } ] } ] }",
        422
    )]
    [InlineData("{ \"title\": \"x\", \"minutes\": 1e400, \"sections\": [] }", 422)]
    public async Task Bad_input_is_never_a_500(string body, int status)
    {
        foreach (var path in new[] { "/api/score", "/api/classes" })
        {
            var response = await server.Send(HttpMethod.Post, path, body);
            Assert.Equal(status, (int)response.StatusCode);
            Assert.Equal("application/problem+json", response.Content.Headers.ContentType!.MediaType);
        }
    }

    [Theory]
    [InlineData("\uFEFF{0}", HttpStatusCode.OK)]
    [InlineData(" {0} ", HttpStatusCode.OK)]
    [InlineData("{0}{0}", HttpStatusCode.BadRequest)]
    [InlineData("", HttpStatusCode.BadRequest)]
    public async Task What_surrounds_a_class_does_not_change_it(string body, HttpStatusCode expected)
    {
        const string plan = """{ "title": "Bare", "minutes": 1, "sections": [] }""";
        Assert.Equal(
            expected,
            (await server.Send(HttpMethod.Post, "/api/score", body.Replace("{0}", plan, StringComparison.Ordinal))).StatusCode
        );
    }

    [Fact]
    public async Task Too_deep_and_too_large_are_refused()
    {
        var deep = string.Concat(Enumerable.Repeat("[", 10_000));
        Assert.Equal(HttpStatusCode.BadRequest, (await server.Send(HttpMethod.Post, "/api/score", deep)).StatusCode);
        var large = "{ \"title\": \"" + new string('x', 1_100_000) + "\" }";
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, (await server.Send(HttpMethod.Post, "/api/score", large)).StatusCode);
    }

    [Theory]
    [InlineData("{ \"title\": \"\\ud83d\", \"minutes\": 1, \"sections\": [] }")] // half of a character
    [InlineData("{ \"\\udc00\": 1, \"title\": \"x\", \"minutes\": 1, \"sections\": [] }")]
    [InlineData("{ \"title\": \"x\", \"title\": \"y\", \"minutes\": 1, \"sections\": [] }")] // which of the two?
    public async Task Text_that_is_none_is_refused(string body)
    {
        foreach (var path in new[] { "/api/score", "/api/classes", "/api/apply", "/api/moves/preview" })
            Assert.Equal(HttpStatusCode.BadRequest, (await server.Send(HttpMethod.Post, path, body)).StatusCode);
    }

    [Fact]
    public async Task Bytes_that_are_no_text_are_refused()
    {
        using var content = new ByteArrayContent([.. "{ \"title\": \""u8, 0xC3, 0x28, .. "\", \"minutes\": 1, \"sections\": [] }"u8]);
        content.Headers.ContentType = new("application/json");
        Assert.Equal(HttpStatusCode.BadRequest, (await server.Http.PostAsync("/api/score", content)).StatusCode);
    }

    [Fact]
    public async Task Sets_in_sets_without_end_are_refused_at_once()
    {
        var items = """{ "move": "cat-cow" }""";
        for (var depth = 0; depth < 3; depth++)
            items = $$"""{ "set": { "rounds": 20, "items": [ {{items}} ] } }""";
        foreach (var path in new[] { "/api/score", "/api/classes" })
        {
            var problem = await Post(
                path,
                $$"""{ "title": "Deep", "minutes": 5, "sections": [ { "items": [ {{items}} ] } ] }""",
                HttpStatusCode.UnprocessableEntity
            );
            Assert.Contains("8000 times; 2000 at most", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_class_of_more_than_six_hours_is_refused()
    {
        var lines = string.Join(", ", Enumerable.Repeat("""{ "move": "final-rest", "seconds": 3600 }""", 7));
        var problem = await Post(
            "/api/score",
            $$"""{ "title": "Long", "minutes": 600, "sections": [ { "items": [ {{lines}} ] } ] }""",
            HttpStatusCode.UnprocessableEntity
        );
        Assert.Contains("6 hours", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("HEAD", "/api/health", HttpStatusCode.OK)]
    [InlineData("HEAD", "/api/moves/cat-cow", HttpStatusCode.OK)]
    [InlineData("HEAD", "/api/moves/moon-walk", HttpStatusCode.NotFound)]
    [InlineData("DELETE", "/api/score", HttpStatusCode.MethodNotAllowed)]
    [InlineData("GET", "/api/apply", HttpStatusCode.MethodNotAllowed)]
    public async Task Methods_are_answered_as_they_should_be(string method, string path, HttpStatusCode status) =>
        Assert.Equal(status, (await server.Send(new(method), path)).StatusCode);

    [Fact]
    public async Task A_wrong_type_is_told()
    {
        using var content = new StringContent(Small, System.Text.Encoding.UTF8, "text/plain");
        var response = await server.Http.PostAsync("/api/score", content);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, response.StatusCode);
        Assert.Equal("application/problem+json", response.Content.Headers.ContentType!.MediaType);
    }

    [Theory]
    [InlineData("localhost", HttpStatusCode.OK)]
    [InlineData("127.0.0.1", HttpStatusCode.OK)]
    [InlineData("harbour.example", HttpStatusCode.BadRequest)]
    public async Task Only_names_of_this_machine_are_answered(string host, HttpStatusCode status)
    {
        var request = new HttpRequestMessage(HttpMethod.Get, "/api/health");
        request.Headers.Host = $"{host}:{server.Http.BaseAddress!.Port}";
        Assert.Equal(status, (await server.Http.SendAsync(request)).StatusCode);
    }

    [Fact]
    public async Task Answers_are_compressed_where_that_is_understood()
    {
        var request = new HttpRequestMessage(HttpMethod.Get, "/api/moves");
        request.Headers.AcceptEncoding.ParseAdd("br");
        var response = await server.Http.SendAsync(request);
        Assert.Equal(["br"], response.Content.Headers.ContentEncoding);
    }

    [Fact]
    public async Task The_schema_and_the_description_of_the_calls_are_served()
    {
        Assert.Equal("urn:ample-tide:class:1", (await Json("/api/schema/class"))["$id"]!.GetValue<string>());
        var served = await Json("/api/openapi.json");
        var kept = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(AppContext.BaseDirectory, "openapi.json")));
        Assert.True(
            JsonNode.DeepEquals(served, kept),
            "app/openapi.json is not what the server serves; fetch it anew and run 'npm run types' in app/"
        );
    }

    [Fact]
    public async Task Answers_say_that_nothing_comes_from_elsewhere()
    {
        var response = await server.Http.GetAsync("/api/health");
        Assert.Contains("default-src 'self'", response.Headers.GetValues("Content-Security-Policy").Single(), StringComparison.Ordinal);
    }

    private async Task<JsonNode> Json(string path) => (await server.Http.GetFromJsonAsync<JsonNode>(path))!;

    private async Task<string> Score(string body, string query = "")
    {
        var response = await server.Send(HttpMethod.Post, "/api/score" + query, body);
        Assert.Equal(HttpStatusCode.OK, response.StatusCode);
        return await response.Content.ReadAsStringAsync();
    }

    private async Task<JsonNode> Post(string path, string body, HttpStatusCode status)
    {
        var response = await server.Send(HttpMethod.Post, path, body);
        Assert.Equal(status, response.StatusCode);
        return JsonNode.Parse(await response.Content.ReadAsStringAsync())!;
    }
}
