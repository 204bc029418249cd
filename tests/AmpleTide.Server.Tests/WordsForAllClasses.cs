using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace AmpleTide.Server.Tests;

/// <summary>What a teacher says to a move in all classes: heard, timed, reset, and there again after a start.</summary>
public class WordsForAllClasses(RunningServer server) : IClassFixture<RunningServer>
{
    private const string Class = """
        { "title": "Said", "minutes": 5, "sections": [ { "items": [ { "id": "l1", "move": "neck-side-tilt", "position": "seated-cross" } ] } ] }
        """;

    [Fact]
    public async Task They_are_said_and_take_their_time_until_they_are_reset()
    {
        var before = await Score();
        var words = """
            { "opener": "Now the neck", "first": "Sit on both bones", "permission": "Less is plenty", "closer": "Notice",
              "cues": { "1": "Sink towards the {right}" } }
            """;
        Assert.Equal(HttpStatusCode.OK, (await server.Send(HttpMethod.Put, "/api/words/neck-side-tilt", words)).StatusCode);
        var said = await Score();
        Assert.Contains("Now the neck. Sit on both bones. Less is plenty.", said.ToJsonString(), StringComparison.Ordinal);
        Assert.Contains("Sink towards the right", said.ToJsonString(), StringComparison.Ordinal);
        Assert.Contains("Notice.", said.ToJsonString(), StringComparison.Ordinal);
        Assert.NotEqual(before["totalMs"]!.GetValue<int>(), said["totalMs"]!.GetValue<int>());

        await server.Kill();
        await server.Start();
        Assert.Equal(said["totalMs"]!.GetValue<int>(), (await Score())["totalMs"]!.GetValue<int>());

        Assert.Equal(HttpStatusCode.NoContent, (await server.Send(HttpMethod.Delete, "/api/words/neck-side-tilt")).StatusCode);
        Assert.Equal(before.ToJsonString(), (await Score()).ToJsonString());
    }

    [Fact]
    public async Task A_nickname_and_the_kind_of_names_are_shown_everywhere_and_outlive_a_start()
    {
        Assert.Equal("everyday", await Names());
        await server.Send(HttpMethod.Put, "/api/words/cat-cow", """{ "nickname": "Harbour cat" }""");
        Assert.Equal(
            HttpStatusCode.OK,
            (await server.Send(HttpMethod.Put, "/api/preferences", """{ "names": "traditional" }""")).StatusCode
        );
        await server.Kill();
        await server.Start();
        Assert.Equal("traditional", await Names());
        Assert.Equal("Harbour cat", await NameOf("cat-cow"));
        Assert.Equal("Balasana", await NameOf("folded-rest-hold"));
        Assert.Equal("cat-cow", await First("harbour cat"));
        Assert.Equal("folded-rest-hold", await First("child's pose"));

        await server.Send(HttpMethod.Delete, "/api/words/cat-cow");
        await server.Send(HttpMethod.Put, "/api/preferences", """{ "names": "everyday" }""");
        Assert.NotEqual("Balasana", await NameOf("folded-rest-hold"));
        Assert.NotEqual("Harbour cat", await NameOf("cat-cow"));
    }

    [Theory]
    [InlineData("{ \"names\": \"runic\" }")]
    [InlineData("{ \"names\": 3 }")]
    [InlineData("[]")]
    public async Task A_kind_of_names_that_is_none_is_refused(string chosen)
    {
        var answer = await server.Send(HttpMethod.Put, "/api/preferences", chosen);
        Assert.InRange((int)answer.StatusCode, 400, 422);
        Assert.Equal("everyday", await Names());
    }

    [Theory]
    [InlineData("desk", "at a desk")]
    [InlineData("before sleep", "before sleep")]
    [InlineData("tight hamstrings", "for the backs of the legs")]
    public async Task Moves_are_found_by_what_they_are_good_for_and_never_as_if_sure(string asked, string use)
    {
        var found = (await server.Http.GetFromJsonAsync<JsonArray>($"/api/moves?q={asked}", TestContext.Current.CancellationToken))!;
        var useful = found.Where(m => m!["foundFor"]?.GetValue<string>() == use).ToList();
        Assert.NotEmpty(useful);
        Assert.All(useful, m => Assert.False(m!["sure"]!.GetValue<bool>()));
        Assert.Equal(found.Count, found.DistinctBy(m => m!["id"]!.GetValue<string>()).Count());
    }

    private async Task<string> Names() => (await Json("/api/preferences"))["names"]!.GetValue<string>();

    private async Task<string> NameOf(string move) => (await Json($"/api/moves/{move}"))["summary"]!["name"]!.GetValue<string>();

    private async Task<string> First(string asked) => (await Json($"/api/moves?q={asked}"))[0]!["id"]!.GetValue<string>();

    private async Task<JsonNode> Json(string path) =>
        (await server.Http.GetFromJsonAsync<JsonNode>(path, TestContext.Current.CancellationToken))!;

    [Theory]
    [InlineData("""{ "cues": { "9": "x" } }""", "/cues/9")]
    [InlineData("""{ "first": "to the {starboard}" }""", "/first")]
    [InlineData("""{ "first": 3 }""", "/first")]
    [InlineData("""{ "nickname": "The one that takes a whole breath to say and then some more of the next" }""", "/nickname")]
    public async Task What_cannot_be_said_is_told_by_its_field(string words, string pointer)
    {
        var answer = await server.Send(HttpMethod.Put, "/api/words/neck-side-tilt", words);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(pointer, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    private async Task<JsonNode> Score() =>
        (
            await (await server.Send(HttpMethod.Post, "/api/score?events=true", Class)).Content.ReadFromJsonAsync<JsonNode>(
                TestContext.Current.CancellationToken
            )
        )!;
}
