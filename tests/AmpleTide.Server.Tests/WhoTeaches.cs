using System.Net;
using System.Text;

namespace AmpleTide.Server.Tests;

/// <summary>One tab or browser teaches a class at a time.</summary>
public class WhoTeaches(RunningServer server) : IClassFixture<RunningServer>
{
    [Fact]
    public async Task A_class_is_taught_by_one_until_another_takes_it_over()
    {
        Assert.Equal(HttpStatusCode.OK, await Says("over", "one"));
        Assert.Equal(HttpStatusCode.Conflict, await Says("over", "two"));
        Assert.Equal(HttpStatusCode.OK, await Says("over", "one"));
        Assert.Equal(HttpStatusCode.OK, await Says("over", "two", takesOver: true));
        Assert.Equal(HttpStatusCode.Conflict, await Says("over", "one"));
    }

    [Fact]
    public async Task Whoever_leaves_lets_it_go_and_nobody_else_can()
    {
        Assert.Equal(HttpStatusCode.OK, await Says("let-go", "one"));
        await Leaves("let-go", "two");
        Assert.Equal(HttpStatusCode.Conflict, await Says("let-go", "three"));
        await Leaves("let-go", "one");
        Assert.Equal(HttpStatusCode.OK, await Says("let-go", "three"));
    }

    [Fact]
    public async Task What_a_tab_said_before_it_left_does_not_hold_the_class_when_it_is_heard_late()
    {
        await Leaves("late", "gone");
        Assert.Equal(HttpStatusCode.OK, await Says("late", "gone"));
        Assert.Equal(HttpStatusCode.OK, await Says("late", "next"));
        Assert.Equal(HttpStatusCode.OK, await Says("another", "gone"));
        Assert.Equal(HttpStatusCode.Conflict, await Says("another", "next"));
    }

    private async Task<HttpStatusCode> Says(string id, string session, bool takesOver = false)
    {
        var said = $$"""{ "session": "{{session}}", "takeOver": {{(takesOver ? "true" : "false")}}, "state": { "taps": [] } }""";
        using var body = new StringContent(said, Encoding.UTF8, "application/json");
        using var answer = await server.Http.PutAsync($"/api/teaching/{id}", body);
        return answer.StatusCode;
    }

    private async Task Leaves(string id, string session)
    {
        using var answer = await server.Http.DeleteAsync($"/api/teaching/{id}?session={session}");
        Assert.Equal(HttpStatusCode.NoContent, answer.StatusCode);
    }
}
