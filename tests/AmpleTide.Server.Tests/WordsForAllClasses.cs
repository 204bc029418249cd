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

    [Theory]
    [InlineData("""{ "cues": { "9": "x" } }""", "/cues/9")]
    [InlineData("""{ "first": "to the {starboard}" }""", "/first")]
    [InlineData("""{ "first": 3 }""", "/first")]
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
