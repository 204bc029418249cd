using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace AmpleTide.Server.Tests;

/// <summary>A teacher's own moves: held to the rules of the catalogue, kept, used in classes, never over one of the catalogue's.</summary>
public class OwnMovesAreKept(RunningServer server) : IClassFixture<RunningServer>
{
    private static string Yaml(string id, string name = "Net mender's reach", string elevation = "120", string cue = "Lift both arms") =>
        $$"""
            - id: {{id}}
              name: {{name}}
              kind: hold
              in: [seated-cross, standing]
              dose: { breaths: [2, 3, 6] }
              talk:
                first: As if hanging a wet net.
              phases:
                - { breath: in, shape: { shoulder.plane: 20, shoulder.elevation: {{elevation}}, elbow: 10 }, cue: { long: "{{cue}}", short: "Arms lift" } }
                - { breath: stay, cue: { long: "Stay under the net", short: "Stay" } }
              options:
                easier: { cue: "Half as far", shape: { shoulder.elevation: 60 } }
              cautions: [Below shoulder height if a shoulder is sore]
            """;

    [Fact]
    public async Task A_move_is_made_listed_drawn_scored_changed_and_deleted()
    {
        Assert.Equal(HttpStatusCode.Created, (await Send(HttpMethod.Post, "/api/moves", Yaml("net-reach"))).StatusCode);
        Assert.Equal(HttpStatusCode.Conflict, (await Send(HttpMethod.Post, "/api/moves", Yaml("net-reach"))).StatusCode);
        var listed = (await Json("/api/moves")).AsArray().Single(m => m!["id"]!.GetValue<string>() == "net-reach")!;
        Assert.True(listed["own"]!.GetValue<bool>());
        Assert.Equal(2, (await Json("/api/moves/net-reach/frames?side=left"))["phases"]!.AsArray().Count);

        const string plan =
            """{ "title": "Own", "minutes": 1, "sections": [ { "items": [ { "id": "l1", "move": "net-reach", "breaths": 3 } ] } ] }""";
        var score = JsonNode.Parse(await (await server.Send(HttpMethod.Post, "/api/score", plan)).Content.ReadAsStringAsync())!;
        Assert.True(score["totalMs"]!.GetValue<int>() > 10_000);

        Assert.Equal(
            HttpStatusCode.OK,
            (await Send(HttpMethod.Put, "/api/moves/net-reach", Yaml("net-reach", "Long net reach"))).StatusCode
        );
        Assert.Equal("Long net reach", (await Json("/api/moves/net-reach"))["summary"]!["name"]!.GetValue<string>());
        Assert.Contains("Long net reach", (await Json("/api/moves/net-reach/text"))["yaml"]!.GetValue<string>(), StringComparison.Ordinal);

        Assert.Equal(HttpStatusCode.NoContent, (await server.Send(HttpMethod.Delete, "/api/moves/net-reach")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/moves/net-reach")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Send(HttpMethod.Delete, "/api/moves/net-reach")).StatusCode);
    }

    [Fact]
    public async Task A_move_that_a_newer_catalogue_cannot_read_is_kept_named_and_mended()
    {
        await Send(HttpMethod.Post, "/api/moves", Yaml("old-reach"));
        using (var store = server.Store())
        {
            store.Moves.Single(m => m.Id == "old-reach").Yaml = Yaml("old-reach")
                .Replace("elbow: 10", "ellbow: 10", StringComparison.Ordinal);
            await store.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        await server.Kill();
        await server.Start();

        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/moves/old-reach")).StatusCode);
        var toMend = Assert.Single((await Json("/api/moves-to-mend")).AsArray())!;
        Assert.Equal("old-reach", toMend["id"]!.GetValue<string>());
        Assert.Contains("ellbow", toMend["reason"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("ellbow", (await Json("/api/moves/old-reach/text"))["yaml"]!.GetValue<string>(), StringComparison.Ordinal);

        Assert.Equal(HttpStatusCode.OK, (await Send(HttpMethod.Put, "/api/moves/old-reach", Yaml("old-reach"))).StatusCode);
        Assert.Empty((await Json("/api/moves-to-mend")).AsArray());
        Assert.Equal(HttpStatusCode.OK, (await server.Http.GetAsync("/api/moves/old-reach")).StatusCode);
        await server.Send(HttpMethod.Delete, "/api/moves/old-reach");
    }

    [Fact]
    public async Task The_shelf_follows_when_a_move_changes()
    {
        await Send(HttpMethod.Post, "/api/moves", Yaml("kept-reach"));
        await server.Send(
            HttpMethod.Post,
            "/api/classes",
            """
            { "id": "with-reach", "title": "Reach", "minutes": 1, "sections": [ { "items": [ { "id": "l1",
              "move": "kept-reach" } ] } ] }
            """
        );
        async Task<(int Ms, int Serious)> OnTheShelf()
        {
            var entry = (await Json("/api/classes?size=200"))["items"]!
                .AsArray()
                .Single(c => c!["id"]!.GetValue<string>() == "with-reach")!;
            return (entry["totalMs"]!.GetValue<int>(), entry["serious"]!.GetValue<int>());
        }
        var before = await OnTheShelf();
        await Send(HttpMethod.Put, "/api/moves/kept-reach", Yaml("kept-reach").Replace("[2, 3, 6]", "[2, 5, 6]", StringComparison.Ordinal));
        var longer = await OnTheShelf();
        Assert.True(longer.Ms > before.Ms);
        await server.Send(HttpMethod.Delete, "/api/moves/kept-reach");
        Assert.Equal((0, 1), await OnTheShelf());
        await server.Send(HttpMethod.Delete, "/api/classes/with-reach");
    }

    [Fact]
    public async Task Of_many_who_make_the_same_move_at_once_one_does_and_the_others_are_told()
    {
        var answers = await Task.WhenAll(Enumerable.Range(0, 12).Select(_ => Send(HttpMethod.Post, "/api/moves", Yaml("at-once"))));
        Assert.Single(answers, a => a.StatusCode == HttpStatusCode.Created);
        Assert.All(answers, a => Assert.True(a.StatusCode is HttpStatusCode.Created or HttpStatusCode.Conflict, a.StatusCode.ToString()));
        await server.Send(HttpMethod.Delete, "/api/moves/at-once");
    }

    [Fact]
    public async Task Whoever_reads_while_moves_change_sees_one_catalogue()
    {
        const string plan =
            """{ "title": "Own", "minutes": 1, "sections": [ { "items": [ { "move": "coming-and-going" }, { "move": "tree" } ] } ] }""";
        // As often as it takes for enough reads to fall in between, however slow the machine.
        const int changes = 12,
            enough = 25;
        var reads = 0;
        var changing = Task.Run(async () =>
        {
            for (var i = 0; i < changes || Volatile.Read(ref reads) < enough; i++)
            {
                await Send(HttpMethod.Post, "/api/moves", Yaml("coming-and-going"));
                await server.Send(HttpMethod.Delete, "/api/moves/coming-and-going");
            }
        });
        while (!changing.IsCompleted)
        {
            var answers = await Task.WhenAll(
                server.Http.GetAsync("/api/moves/coming-and-going"),
                server.Http.GetAsync("/api/moves/coming-and-going/frames"),
                server.Http.GetAsync("/api/figures?of=coming-and-going@standing@base"),
                server.Http.GetAsync("/api/moves"),
                server.Send(HttpMethod.Post, "/api/score", plan)
            );
            Assert.All(
                answers,
                a =>
                    Assert.True(
                        a.StatusCode is HttpStatusCode.OK or HttpStatusCode.NotFound,
                        $"{a.StatusCode} for {a.RequestMessage!.RequestUri}"
                    )
            );
            Volatile.Write(ref reads, reads + answers.Length);
        }
        await changing;
        Assert.True(reads >= enough);
    }

    [Fact]
    public async Task Pictures_are_kept_until_a_move_changes()
    {
        await Send(HttpMethod.Post, "/api/moves", Yaml("seen-reach"));
        const string path = "/api/moves/seen-reach/frames";
        var first = await server.Http.GetAsync(path);
        var tag = first.Headers.ETag!.ToString();
        async Task<HttpResponseMessage> Again()
        {
            var request = new HttpRequestMessage(HttpMethod.Get, path);
            request.Headers.TryAddWithoutValidation("If-None-Match", tag);
            return await server.Http.SendAsync(request);
        }
        Assert.Equal(HttpStatusCode.NotModified, (await Again()).StatusCode);
        await Send(HttpMethod.Put, "/api/moves/seen-reach", Yaml("seen-reach", elevation: "40"));
        var changed = await Again();
        Assert.Equal(HttpStatusCode.OK, changed.StatusCode);
        Assert.NotEqual(await first.Content.ReadAsStringAsync(), await changed.Content.ReadAsStringAsync());
        await server.Send(HttpMethod.Delete, "/api/moves/seen-reach");
    }

    [Theory]
    [InlineData("tree", "120", 1, "'tree' is a move of the catalogue")]
    [InlineData("Net Reach", "120", 1, "lower-case letters")]
    [InlineData("a-reach", "900", 9, "900° is out of reach")]
    [InlineData("a-reach", "[", 9, "not valid YAML")]
    [InlineData("a-reach", "&a [ *a ]", 9, "anchors and references are not used")]
    public async Task What_cannot_be_is_told_with_its_line_and_nothing_is_kept(string id, string elevation, int line, string reason)
    {
        var before = await server.Http.GetStringAsync("/api/moves");
        foreach (var path in new[] { "/api/moves", "/api/moves/preview" })
        {
            var answer = await Send(HttpMethod.Post, path, Yaml(id, elevation: elevation));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
            var errors = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["errors"]!.AsArray();
            Assert.Contains(
                errors,
                e =>
                    e!["pointer"]!.GetValue<string>() == $"/yaml/{line}"
                    && e["detail"]!.GetValue<string>().Contains(reason, StringComparison.Ordinal)
            );
        }
        Assert.Equal(before, await server.Http.GetStringAsync("/api/moves"));
    }

    [Theory]
    [InlineData("")]
    [InlineData("just words")]
    [InlineData("- id: one\n- id: two\n")]
    [InlineData("- [1, 2]")]
    public async Task Texts_that_are_no_move_are_refused(string yaml) =>
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Send(HttpMethod.Post, "/api/moves", yaml)).StatusCode);

    [Fact]
    public async Task Two_megabytes_of_cues_are_too_large() =>
        Assert.Equal(
            HttpStatusCode.RequestEntityTooLarge,
            (await Send(HttpMethod.Post, "/api/moves", Yaml("big", cue: new string('x', 2_000_000)))).StatusCode
        );

    [Fact]
    public async Task A_script_in_a_cue_is_only_a_text()
    {
        Assert.Equal(
            HttpStatusCode.Created,
            (await Send(HttpMethod.Post, "/api/moves", Yaml("scripted", cue: "<script>alert(1)</script> lift"))).StatusCode
        );
        Assert.Equal("<script>alert(1)</script> lift", (await Json("/api/moves/scripted"))["phases"]![0]!["long"]!.GetValue<string>());
        await server.Send(HttpMethod.Delete, "/api/moves/scripted");
    }

    [Fact]
    public async Task A_move_under_another_address_is_refused()
    {
        await Send(HttpMethod.Post, "/api/moves", Yaml("here"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Send(HttpMethod.Put, "/api/moves/here", Yaml("there"))).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Put, "/api/moves/tree", Yaml("tree"))).StatusCode);
        await server.Send(HttpMethod.Delete, "/api/moves/here");
    }

    [Fact]
    public async Task A_kept_move_survives_the_kill()
    {
        var own = new RunningServer();
        await using var stopping = own;
        await own.Start("--no-demo");
        var body = JsonSerializer.Serialize(new { yaml = Yaml("lasting") });
        Assert.Equal(HttpStatusCode.Created, (await own.Send(HttpMethod.Post, "/api/moves", body)).StatusCode);
        await own.Kill();
        await own.Start("--no-demo");
        Assert.Equal(HttpStatusCode.OK, (await own.Http.GetAsync("/api/moves/lasting")).StatusCode);
    }

    [Fact]
    public async Task A_class_file_takes_own_moves_along_and_brings_them_in()
    {
        await Send(HttpMethod.Post, "/api/moves", Yaml("taken-along"));
        const string plan = """
            { "id": "along", "title": "Along", "minutes": 1, "sections": [ { "items": [ { "id": "l1", "move": "taken-along" }, {
              "id": "l2", "move": "tree" } ] } ] }
            """;
        await server.Send(HttpMethod.Post, "/api/classes", plan);
        var file = await server.Http.GetStringAsync("/api/classes/along/export?as=tide");
        var moves = JsonNode.Parse(file)!["moves"]!.AsArray();
        Assert.Equal(Yaml("taken-along"), Assert.Single(moves)!["yaml"]!.GetValue<string>());

        // Into a house that does not know the move: it is kept there, and the class has nothing missing.
        await using var other = new RunningServer();
        await other.Start("--no-demo");
        var brought = await other.Send(HttpMethod.Post, "/api/classes", file);
        Assert.Equal(HttpStatusCode.Created, brought.StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await other.Http.GetAsync("/api/moves/taken-along")).StatusCode);
        Assert.Equal(0, JsonNode.Parse(await other.Http.GetStringAsync("/api/classes"))!["items"]![0]!["serious"]!.GetValue<int>());
        Assert.Equal(
            moves.ToJsonString(),
            JsonNode.Parse(await other.Http.GetStringAsync("/api/classes/along/export?as=tide"))!["moves"]!.ToJsonString()
        );

        await server.Send(HttpMethod.Delete, "/api/classes/along");
        await server.Send(HttpMethod.Delete, "/api/moves/taken-along");
    }

    [Theory]
    [InlineData("tree", "/moves/0/yaml", "a move of the catalogue")]
    [InlineData("mine-already", "/moves/0/id", "another move called 'mine-already'")]
    [InlineData("Not An Id", "/moves/0/yaml", "lower-case")]
    public async Task A_class_whose_own_move_cannot_be_kept_is_refused_whole(string id, string pointer, string reason)
    {
        await Send(HttpMethod.Post, "/api/moves", Yaml("mine-already"));
        var moves = new[] { new { id, yaml = Yaml(id, "Another") } };
        var plan = JsonSerializer.Serialize(
            new
            {
                id = "refused",
                title = "Refused",
                minutes = 1,
                moves,
                sections = Array.Empty<object>(),
            }
        );
        var answer = await server.Send(HttpMethod.Post, "/api/classes", plan);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var error = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["errors"]![0]!;
        Assert.Equal(pointer, error["pointer"]!.GetValue<string>());
        Assert.Contains(reason, error["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/classes/refused")).StatusCode);
        Assert.Equal("Net mender's reach", (await Json("/api/moves/mine-already"))["summary"]!["name"]!.GetValue<string>());
        await server.Send(HttpMethod.Delete, "/api/moves/mine-already");
    }

    [Fact]
    public async Task A_dragged_hand_is_answered_with_angles_and_a_figure()
    {
        var preview = JsonNode.Parse(
            await (await Send(HttpMethod.Post, "/api/moves/preview", Yaml("dragged"))).Content.ReadAsStringAsync()
        )!;
        var body = preview["bodies"]![0]!;
        var hand = body["handles"]!.AsArray().Single(h => h!["name"]!.GetValue<string>() == "right.hand")!;
        var (x, y) = (hand["x"]!.GetValue<int>() + 60, hand["y"]!.GetValue<int>() + 90);
        var asked = preview["stage"]!.DeepClone().AsObject();
        (asked["angles"], asked["pelvis"], asked["handle"], asked["to"]) = (
            body["angles"]!.DeepClone(),
            body["pelvis"]!.DeepClone(),
            "right.hand",
            new JsonArray(x, y)
        );
        var solved = JsonNode.Parse(
            await (await server.Send(HttpMethod.Post, "/api/body/solve", asked.ToJsonString())).Content.ReadAsStringAsync()
        )!;
        var now = solved["body"]!["handles"]!.AsArray().Single(h => h!["name"]!.GetValue<string>() == "right.hand")!;
        Assert.InRange(now["x"]!.GetValue<int>(), x - 6, x + 6);
        Assert.InRange(now["y"]!.GetValue<int>(), y - 6, y + 6);
        Assert.NotEmpty(solved["figure"]!["paths"]!.AsArray());
    }

    [Theory]
    [InlineData("handle", "\"tail\"")]
    [InlineData("position", "\"hovering\"")]
    [InlineData("angles", "[1, 2]")]
    [InlineData("to", "[1e300, 0]")]
    [InlineData("view", "\"front\"")]
    public async Task A_drag_that_cannot_be_is_refused_with_its_field(string field, string value)
    {
        var good = new JsonObject
        {
            ["position"] = "standing",
            ["handle"] = "head",
            ["view"] = new JsonArray(0, 0),
            ["centre"] = new JsonArray(0, 0, 0),
            ["pelvis"] = new JsonArray(0, 0.5, 0),
            ["to"] = new JsonArray(0, -900),
            ["angles"] = new JsonArray([.. Enumerable.Repeat(0, 44).Select(a => JsonValue.Create(a))]),
        };
        Assert.Equal(HttpStatusCode.OK, (await server.Send(HttpMethod.Post, "/api/body/solve", good.ToJsonString())).StatusCode);
        good[field] = JsonNode.Parse(value);
        var answer = await server.Send(HttpMethod.Post, "/api/body/solve", good.ToJsonString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Equal("/" + field, JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["errors"]![0]!["pointer"]!.GetValue<string>());
    }

    private Task<HttpResponseMessage> Send(HttpMethod method, string path, string yaml) =>
        server.Send(method, path, JsonSerializer.Serialize(new { yaml }));

    private async Task<JsonNode> Json(string path) => JsonNode.Parse(await server.Http.GetStringAsync(path))!;
}
