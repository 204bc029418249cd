using System.Net;
using System.Text.Json.Nodes;

namespace AmpleTide.Server.Tests;

/// <summary>Classes are kept: saved, found again, never overwritten unseen, never half done.</summary>
public class StoredClasses(RunningServer server) : IClassFixture<RunningServer>
{
    private static string Class(string id, int breaths = 3) =>
        $$"""
            { "id": "{{id}}", "title": "Kept {{id}}", "minutes": 3, "weather": "fog", "sections": [ { "id": "s1", "items": [ {
              "id": "l1", "move": "neck-side-tilt", "breaths": {{breaths}} } ] } ] }
            """;

    [Fact]
    public async Task The_demo_classes_are_on_the_shelf_of_a_fresh_store()
    {
        var shelf = await Json("/api/classes");
        var titles = shelf["items"]!.AsArray().Select(c => c!["title"]!.GetValue<string>()).ToList();
        Assert.Superset(new HashSet<string> { "Bench by the window", "Low water shoulders", "Knots undone" }, titles.ToHashSet());
        Assert.All(shelf["items"]!.AsArray(), c => Assert.Equal(97, c!["tide"]!.AsArray().Count));
    }

    [Fact]
    public async Task A_class_is_created_read_saved_exported_and_deleted()
    {
        var created = await server.Send(HttpMethod.Post, "/api/classes", Class("one"));
        Assert.Equal(HttpStatusCode.Created, created.StatusCode);
        Assert.Equal("/api/classes/one", created.Headers.Location!.ToString());
        Assert.Equal(HttpStatusCode.Conflict, (await server.Send(HttpMethod.Post, "/api/classes", Class("one"))).StatusCode);

        var read = await server.Http.GetAsync("/api/classes/one");
        Assert.Equal("fog", JsonNode.Parse(await read.Content.ReadAsStringAsync())!["weather"]!.GetValue<string>());
        var saved = await server.Send(HttpMethod.Put, "/api/classes/one", Class("one", 5), read.Headers.ETag!.ToString());
        Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        Assert.NotEqual(read.Headers.ETag, saved.Headers.ETag);

        var export = await server.Http.GetAsync("/api/classes/one/export?as=tide");
        Assert.Equal("kept-one.tide.json", export.Content.Headers.ContentDisposition!.FileName);
        Assert.Contains("\"breaths\": 5", await export.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await server.Http.GetAsync("/api/classes/one/export?as=stone")).StatusCode);

        Assert.Equal(HttpStatusCode.NoContent, (await server.Send(HttpMethod.Delete, "/api/classes/one")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/classes/one")).StatusCode);
    }

    [Fact]
    public async Task A_class_without_an_id_gets_one()
    {
        var created = await server.Send(HttpMethod.Post, "/api/classes", Class("").Replace("\"id\": \"\", ", "", StringComparison.Ordinal));
        Assert.Equal(HttpStatusCode.Created, created.StatusCode);
        Assert.True(Guid.TryParse(JsonNode.Parse(await created.Content.ReadAsStringAsync())!["id"]!.GetValue<string>(), out _));
    }

    [Fact]
    public async Task Whoever_saves_second_is_told_and_overwrites_nothing()
    {
        var first = (await server.Send(HttpMethod.Post, "/api/classes", Class("two"))).Headers.ETag!.ToString();
        Assert.Equal(
            HttpStatusCode.PreconditionRequired,
            (await server.Send(HttpMethod.Put, "/api/classes/two", Class("two", 4))).StatusCode
        );
        var saved = await server.Send(HttpMethod.Put, "/api/classes/two", Class("two", 4), first);
        var late = await server.Send(HttpMethod.Put, "/api/classes/two", Class("two", 5), first);
        Assert.Equal(HttpStatusCode.PreconditionFailed, late.StatusCode);
        Assert.Equal(saved.Headers.ETag!.ToString(), JsonNode.Parse(await late.Content.ReadAsStringAsync())!["etag"]!.GetValue<string>());
        Assert.Equal(4, (await Json("/api/classes/two"))["sections"]![0]!["items"]![0]!["breaths"]!.GetValue<int>());
    }

    [Fact]
    public async Task Of_twenty_saves_at_once_one_wins_and_the_others_are_told()
    {
        var tag = (await server.Send(HttpMethod.Post, "/api/classes", Class("crowd"))).Headers.ETag!.ToString();
        var answers = await Task.WhenAll(
            Enumerable.Range(1, 20).Select(i => server.Send(HttpMethod.Put, "/api/classes/crowd", Class("crowd", i), tag))
        );
        Assert.Single(answers, a => a.StatusCode == HttpStatusCode.OK);
        Assert.Equal(19, answers.Count(a => a.StatusCode == HttpStatusCode.PreconditionFailed));
    }

    [Fact]
    public async Task A_class_that_cannot_be_read_changes_nothing()
    {
        var tag = (await server.Send(HttpMethod.Post, "/api/classes", Class("three"))).Headers.ETag!.ToString();
        foreach (var wrong in new[] { Class("three", -3), Class("other"), "{", """{ "format": "ample-tide/class", "version": 9 }""" })
            Assert.InRange((int)(await server.Send(HttpMethod.Put, "/api/classes/three", wrong, tag)).StatusCode, 400, 422);
        var read = await server.Http.GetAsync("/api/classes/three");
        Assert.Equal(tag, read.Headers.ETag!.ToString());
    }

    [Fact]
    public async Task The_shelf_pages()
    {
        var (one, two) = (await Json("/api/classes?page=1&size=2"), await Json("/api/classes?page=2&size=2"));
        Assert.Equal(2, one["items"]!.AsArray().Count);
        Assert.Empty(
            one["items"]!
                .AsArray()
                .Select(c => c!["id"]!.GetValue<string>())
                .Intersect(two["items"]!.AsArray().Select(c => c!["id"]!.GetValue<string>()))
        );
    }

    private async Task<JsonNode> Json(string path) => JsonNode.Parse(await server.Http.GetStringAsync(path))!;
}
