using System.Net;
using System.Text.Json.Nodes;
using AmpleTide.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Tests;

/// <summary>Starting where it cannot, and stopping without warning.</summary>
public class StartsAndStops
{
    [Fact]
    public async Task An_answered_save_survives_the_kill()
    {
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--no-demo");
        var tag = (await server.Send(HttpMethod.Post, "/api/classes", Class(0))).Headers.ETag!.ToString();
        for (var i = 1; i <= 5; i++)
        {
            var saved = await server.Send(HttpMethod.Put, "/api/classes/kept", Class(i), tag);
            Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
            tag = saved.Headers.ETag!.ToString();
            await server.Kill();
            await server.Start("--no-demo");
            var read = await server.Http.GetAsync("/api/classes/kept");
            Assert.Equal(tag, read.Headers.ETag!.ToString());
            Assert.Equal($"Save {i}", JsonNode.Parse(await read.Content.ReadAsStringAsync())!["title"]!.GetValue<string>());
        }
        Assert.Equal(1, JsonNode.Parse(await server.Http.GetStringAsync("/api/classes"))!["total"]!.GetValue<int>());
    }

    [Fact]
    public async Task A_full_disk_refuses_a_save_and_loses_nothing()
    {
        using var disk = SmallDisk.Mount();
        Assert.SkipWhen(disk is null, "This user may not mount a disk of a few megabytes.");
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--no-demo", "--data", disk.Path);
        var tag = (await server.Send(HttpMethod.Post, "/api/classes", Class(0))).Headers.ETag!.ToString();
        disk.Fill();

        var (refused, saves) = (default(HttpResponseMessage), 0);
        while (refused is null && saves < 500)
        {
            var answer = await server.Send(HttpMethod.Put, "/api/classes/kept", Class(saves + 1, new string('a', 4000)), tag);
            if (answer.IsSuccessStatusCode) (tag, saves) = (answer.Headers.ETag!.ToString(), saves + 1);
            else refused = answer;
        }
        Assert.Equal(HttpStatusCode.InsufficientStorage, refused?.StatusCode);
        Assert.Equal("The disk is full.", JsonNode.Parse(await refused!.Content.ReadAsStringAsync())!["title"]!.GetValue<string>());

        disk.MakeRoom();
        var read = await server.Http.GetAsync("/api/classes/kept");
        Assert.Equal(tag, read.Headers.ETag!.ToString());
        Assert.Equal($"Save {saves}", JsonNode.Parse(await read.Content.ReadAsStringAsync())!["title"]!.GetValue<string>());
        Assert.Equal(HttpStatusCode.OK, (await server.Send(HttpMethod.Put, "/api/classes/kept", Class(saves + 1), tag)).StatusCode);
        await server.Kill();
        await server.Start("--no-demo", "--data", disk.Path);
        Assert.Equal($"Save {saves + 1}", JsonNode.Parse(await server.Http.GetStringAsync("/api/classes/kept"))!["title"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_broken_catalogue_stops_the_start_with_file_line_and_reason()
    {
        using var folder = new TemporaryFolder();
        folder.Write("positions.yaml", "- id: stand\n  name: Standing\n  family: floating\n");
        var (code, error) = await RunningServer.Refused("--catalogue", folder.Path, "--data", folder.Path, "--port", "1");
        Assert.Equal(1, code);
        Assert.Contains("positions.yaml:3: stand: family: 'floating' is not one of standing, seated, floor, supine", error, StringComparison.Ordinal);
        Assert.False(File.Exists(System.IO.Path.Combine(folder.Path, "ample-tide.db")));
    }

    [Fact]
    public async Task A_file_that_is_no_database_is_left_as_it_is()
    {
        using var folder = new TemporaryFolder();
        folder.Write("ample-tide.db", "my shopping list, quite long enough to be taken for a page of something else");
        var (code, error) = await RunningServer.Refused("--data", folder.Path);
        Assert.Equal(1, code);
        Assert.Contains("is not a database or is damaged", error, StringComparison.Ordinal);
        Assert.DoesNotContain("\n", error, StringComparison.Ordinal);
        Assert.StartsWith("my shopping list", File.ReadAllText(System.IO.Path.Combine(folder.Path, "ample-tide.db")), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_database_of_a_newer_version_is_left_as_it_is()
    {
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start();
        await server.Kill();
        using (var connection = new SqliteConnection($"Data Source={System.IO.Path.Combine(server.Data, "ample-tide.db")};Pooling=False"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "INSERT INTO __EFMigrationsHistory VALUES ('20990101000000_Later', '99.0.0')";
            command.ExecuteNonQuery();
        }
        var (code, error) = await RunningServer.Refused("--data", server.Data);
        Assert.Equal(1, code);
        Assert.Contains("newer version of Ample Tide (20990101000000_Later)", error, StringComparison.Ordinal);
        Assert.DoesNotContain("\n", error, StringComparison.Ordinal);
        await server.Start("--no-demo", "--data", Directory.CreateTempSubdirectory("ample-tide-").FullName);
    }

    [Fact]
    public void The_migrations_make_what_the_model_says()
    {
        // A start migrates only what is pending, so that nothing else would notice a model that has gone on without a migration.
        using var folder = new TemporaryFolder();
        var options = new DbContextOptionsBuilder<TideStore>();
        StoreSetup.Use(options, StoreSetup.FileIn(folder.Path));
        using var store = new TideStore(options.Options);
        Assert.False(store.Database.HasPendingModelChanges());
    }

    [Fact]
    public async Task A_read_only_database_is_told_and_left_as_it_is()
    {
        using var folder = new TemporaryFolder();
        // A directory in the place of the file cannot be opened, whoever asks; permissions do not stop root.
        Directory.CreateDirectory(System.IO.Path.Combine(folder.Path, "ample-tide.db"));
        var (code, error) = await RunningServer.Refused("--data", folder.Path);
        Assert.Equal(1, code);
        Assert.Contains("cannot be used", error, StringComparison.Ordinal);
        Assert.DoesNotContain("\n", error, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("--port 99999", "--port is '99999'")]
    [InlineData("--port", "--port needs a value")]
    [InlineData("--harbour", "'--harbour' is not an option")]
    public async Task Wrong_options_are_told(string args, string said)
    {
        var (code, error) = await RunningServer.Refused(args.Split(' '));
        Assert.Equal(1, code);
        Assert.Contains(said, error, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_port_that_is_taken_is_told()
    {
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start();
        using var folder = new TemporaryFolder();
        var (code, error) = await RunningServer.Refused("--port", $"{server.Http.BaseAddress!.Port}", "--data", folder.Path);
        Assert.Equal(1, code);
        Assert.Contains("cannot be used", error, StringComparison.Ordinal);
    }

    private static string Class(int i, string padding = "") =>
        $$"""{ "id": "kept", "title": "Save {{i}}", "minutes": 3, "sections": [], "padding": "{{padding}}" }""";

    private sealed class TemporaryFolder : IDisposable
    {
        public string Path { get; } = Directory.CreateTempSubdirectory("ample-tide-").FullName;

        public void Write(string file, string text) => File.WriteAllText(System.IO.Path.Combine(Path, file), text);

        public void Dispose() => Directory.Delete(Path, true);
    }
}
