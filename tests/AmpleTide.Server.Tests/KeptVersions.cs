using System.Net;
using System.Text.Json.Nodes;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Tests;

/// <summary>What a class was before can be found again; what was deleted can be taken out of the bin.</summary>
public class KeptVersions(RunningServer server) : IClassFixture<RunningServer>
{
    private static string Class(string id, int breaths, string tags = "[]") =>
        $$"""
            { "id": "{{id}}", "title": "Kept {{id}}", "minutes": 3, "tags": {{tags}}, "sections": [ { "id": "s1", "items": [ {
              "id": "l1", "move": "neck-side-tilt", "breaths": {{breaths}} } ] } ] }
            """;

    [Fact]
    public async Task Saves_of_one_sitting_are_one_version_beside_the_one_before()
    {
        await Save("sitting", 3, 4, 5);
        var versions = await List("sitting");
        Assert.Equal([2, 1], versions.Select(v => v!["number"]!.GetValue<int>()));
        Assert.Equal(5, await Breaths("sitting", 2));
        Assert.Equal(3, await Breaths("sitting", 1));
    }

    [Fact]
    public async Task A_version_with_a_name_stays_as_it_is()
    {
        var tag = await Save("named", 3, 4);
        var named = await server.Send(HttpMethod.Post, "/api/classes/named/versions", """{ "name": "as taught in March" }""");
        Assert.Equal(2, JsonNode.Parse(await named.Content.ReadAsStringAsync())!["number"]!.GetValue<int>());
        await server.Send(HttpMethod.Put, "/api/classes/named", Class("named", 9), tag);
        var versions = await List("named");
        Assert.Equal(["", "as taught in March", ""], versions.Select(v => v!["name"]!.GetValue<string>()));
        Assert.Equal("9 4 3", await History("named"));
    }

    [Fact]
    public async Task A_save_after_a_pause_begins_a_new_version()
    {
        var tag = await Save("paused", 3, 4);
        using (var store = server.Store())
            await store
                .Versions.Where(v => v.ClassId == "paused")
                .ExecuteUpdateAsync(set => set.SetProperty(v => v.SavedAt, v => v.SavedAt - (11 * 60_000)));
        await server.Send(HttpMethod.Put, "/api/classes/paused", Class("paused", 8), tag);
        Assert.Equal("8 4 3", await History("paused"));
    }

    [Fact]
    public async Task A_save_that_is_refused_leaves_no_version()
    {
        await Save("refused", 3, 4);
        Assert.Equal(
            HttpStatusCode.PreconditionFailed,
            (await server.Send(HttpMethod.Put, "/api/classes/refused", Class("refused", 7), "\"1\"")).StatusCode
        );
        Assert.Equal(4, await Breaths("refused", (await List("refused")).Count));
    }

    [Theory]
    [InlineData("""{ "name": 3 }""", "/name")]
    [InlineData("[]", "/name")]
    public async Task A_name_that_is_none_is_refused_with_its_field(string body, string field)
    {
        await Save("nameless", 3);
        var answer = await server.Send(HttpMethod.Post, "/api/classes/nameless/versions", body);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(field, await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        await server.Send(HttpMethod.Delete, "/api/classes/nameless");
    }

    [Fact]
    public async Task What_is_not_there_is_told()
    {
        foreach (var path in new[] { "/api/classes/none/versions", "/api/classes/none/versions/1" })
            Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync(path)).StatusCode);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await server.Send(HttpMethod.Put, "/api/classes/none/archived", """{ "archived": true }""")).StatusCode
        );
        Assert.Equal(HttpStatusCode.NotFound, (await server.Send(HttpMethod.Post, "/api/classes/none/restore", "")).StatusCode);
    }

    [Fact]
    public async Task A_deleted_class_comes_back_with_its_versions()
    {
        await Save("binned", 3, 4);
        await server.Send(HttpMethod.Delete, "/api/classes/binned");
        Assert.DoesNotContain("binned", await Shelf(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/classes/binned")).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await server.Send(HttpMethod.Post, "/api/classes/binned/restore", "")).StatusCode);
        Assert.Contains("binned", await Shelf(), StringComparison.Ordinal);
        Assert.Equal(2, (await List("binned")).Count);
    }

    [Fact]
    public async Task A_class_made_under_the_id_of_one_in_the_bin_keeps_its_versions_and_none_of_its_tags()
    {
        var stale = await Save("again", 3, 4);
        var before = (await List("again")).Count;
        await server.Send(HttpMethod.Delete, "/api/classes/again");
        Assert.Equal(HttpStatusCode.NotFound, (await server.Http.GetAsync("/api/classes/again/versions/1")).StatusCode);
        Assert.Contains(
            JsonNode.Parse(await server.Http.GetStringAsync("/api/bin"))!.AsArray(),
            c => c!["id"]!.GetValue<string>() == "again"
        );
        Assert.Equal(HttpStatusCode.Created, (await server.Send(HttpMethod.Post, "/api/classes", Class("again", 6))).StatusCode);
        Assert.True((await List("again")).Count >= before);
        Assert.DoesNotContain(
            JsonNode.Parse(await server.Http.GetStringAsync("/api/bin"))!.AsArray(),
            c => c!["id"]!.GetValue<string>() == "again"
        );
        // A tab that still has the deleted class does not save over the new one.
        Assert.Equal(
            HttpStatusCode.PreconditionFailed,
            (await server.Send(HttpMethod.Put, "/api/classes/again", Class("again", 7), stale)).StatusCode
        );
    }

    [Fact]
    public async Task A_class_made_anew_after_it_was_deleted_for_good_has_none_of_the_old_tags()
    {
        await server.Send(HttpMethod.Post, "/api/classes", Class("anew", 3));
        string stale;
        using (var store = server.Store())
        {
            // As long ago as the bin keeps it.
            var row = store.Classes.Single(c => c.Id == "anew");
            stale = $"\"{row.Revision - (long)TimeSpan.FromDays(30).TotalSeconds}\"";
            store.Classes.Remove(row);
            await store.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        await server.Send(HttpMethod.Post, "/api/classes", Class("anew", 4));
        Assert.Equal(
            HttpStatusCode.PreconditionFailed,
            (await server.Send(HttpMethod.Put, "/api/classes/anew", Class("anew", 5), stale)).StatusCode
        );
    }

    [Fact]
    public async Task A_save_after_it_was_deleted_elsewhere_is_told()
    {
        var tag = await Save("gone", 3);
        await server.Send(HttpMethod.Delete, "/api/classes/gone");
        Assert.Equal(HttpStatusCode.NotFound, (await server.Send(HttpMethod.Put, "/api/classes/gone", Class("gone", 4), tag)).StatusCode);
    }

    [Fact]
    public async Task Tags_and_the_place_behind_the_shelf_are_listed_and_kept_by_a_save()
    {
        var created = await server.Send(HttpMethod.Post, "/api/classes", Class("tagged", 3, """["dawn", "net makers, old"]"""));
        await server.Send(HttpMethod.Put, "/api/classes/tagged/archived", """{ "archived": true }""");
        await server.Send(HttpMethod.Put, "/api/classes/tagged", Class("tagged", 4, """["dusk"]"""), created.Headers.ETag!.ToString());
        var entry = JsonNode.Parse(await Shelf())!["items"]!.AsArray().Single(c => c!["id"]!.GetValue<string>() == "tagged")!;
        Assert.True(entry["archived"]!.GetValue<bool>());
        Assert.Equal(["dusk"], entry["tags"]!.AsArray().Select(t => t!.GetValue<string>()));
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await server.Send(HttpMethod.Put, "/api/classes/tagged/archived", """{ "archived": "no" }""")).StatusCode
        );
    }

    [Fact]
    public async Task The_bin_is_emptied_after_a_month_with_all_versions()
    {
        await Save("old", 3, 4);
        await server.Send(HttpMethod.Delete, "/api/classes/old");
        await Save("young", 3, 4);
        await server.Send(HttpMethod.Delete, "/api/classes/young");
        using var store = server.Store();
        await store
            .Classes.IgnoreQueryFilters()
            .Where(c => c.Id == "old")
            .ExecuteUpdateAsync(set => set.SetProperty(c => c.DeletedAt, c => c.DeletedAt - (31L * 24 * 3600 * 1000)));
        await server.Kill();
        // Beside the requests the bin is emptied first and the day's copy written last, under another name until it is whole.
        var copies = Directory.CreateDirectory(Backups.FolderIn(server.Data)).FullName;
        foreach (var copy in Directory.GetFiles(copies))
            File.Delete(copy);
        using var watcher = new FileSystemWatcher(copies) { EnableRaisingEvents = true };
        var copied = new TaskCompletionSource();
        watcher.Renamed += (_, _) => copied.TrySetResult();
        await server.Start();
        await copied.Task.WaitAsync(TimeSpan.FromSeconds(30), TestContext.Current.CancellationToken);
        Assert.Equal(
            ["young"],
            await store.Classes.IgnoreQueryFilters().Where(c => c.Id == "old" || c.Id == "young").Select(c => c.Id).ToListAsync()
        );
        Assert.False(await store.Versions.AnyAsync(v => v.ClassId == "old"));
    }

    // Creates a class and saves it so often; the tag of the last save.
    private async Task<string> Save(string id, params int[] breaths)
    {
        var tag = (await server.Send(HttpMethod.Post, "/api/classes", Class(id, breaths[0]))).Headers.ETag!.ToString();
        foreach (var amount in breaths.Skip(1))
            tag = (await server.Send(HttpMethod.Put, $"/api/classes/{id}", Class(id, amount), tag)).Headers.ETag!.ToString();
        return tag;
    }

    private async Task<JsonArray> List(string id) =>
        JsonNode.Parse(await server.Http.GetStringAsync($"/api/classes/{id}/versions"))!.AsArray();

    private async Task<int> Breaths(string id, int version) =>
        JsonNode.Parse(await server.Http.GetStringAsync($"/api/classes/{id}/versions/{version}"))!["sections"]![0]!["items"]![0]![
            "breaths"
        ]!.GetValue<int>();

    // The breaths of its line in each version, last first.
    private async Task<string> History(string id)
    {
        var breaths = new List<int>();
        foreach (var version in await List(id))
            breaths.Add(await Breaths(id, version!["number"]!.GetValue<int>()));
        return string.Join(' ', breaths);
    }

    private Task<string> Shelf() => server.Http.GetStringAsync("/api/classes?size=200");
}
