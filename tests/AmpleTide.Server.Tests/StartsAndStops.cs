using System.Net;
using System.Text.Json.Nodes;
using AmpleTide.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

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
            if (answer.IsSuccessStatusCode)
                (tag, saves) = (answer.Headers.ETag!.ToString(), saves + 1);
            else
                refused = answer;
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
        Assert.Equal(
            $"Save {saves + 1}",
            JsonNode.Parse(await server.Http.GetStringAsync("/api/classes/kept"))!["title"]!.GetValue<string>()
        );
    }

    [Fact]
    public async Task A_broken_catalogue_stops_the_start_with_file_line_and_reason()
    {
        using var folder = new TemporaryFolder();
        folder.Write("positions.yaml", "- id: stand\n  name: Standing\n  family: floating\n");
        var (code, error) = await RunningServer.Refused("--catalogue", folder.Path, "--data", folder.Path, "--port", "1");
        Assert.Equal(1, code);
        Assert.Contains(
            "positions.yaml:3: stand: family: 'floating' is not one of standing, seated, floor, supine",
            error,
            StringComparison.Ordinal
        );
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
        Assert.StartsWith(
            "my shopping list",
            File.ReadAllText(System.IO.Path.Combine(folder.Path, "ample-tide.db")),
            StringComparison.Ordinal
        );
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
    public async Task A_data_folder_that_is_no_folder_is_told()
    {
        using var folder = new TemporaryFolder();
        Directory.CreateDirectory(System.IO.Path.Combine(folder.Path, "ample-tide.db"));
        var (code, error) = await RunningServer.Refused("--data", folder.Path);
        Assert.Equal(1, code);
        Assert.Contains("cannot be used", error, StringComparison.Ordinal);
        Assert.DoesNotContain("\n", error, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_read_only_database_is_told_and_left_as_it_is()
    {
        using var disk = SmallDisk.Mount();
        Assert.SkipWhen(disk is null, "This user may not mount a disk.");
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--no-demo", "--data", disk.Path);
        await server.Kill();
        disk.MakeReadOnly();
        var (code, error) = await RunningServer.Refused("--data", disk.Path);
        Assert.Equal(1, code);
        Assert.EndsWith("it is read-only. It was left as it is.", error, StringComparison.Ordinal);
        Assert.DoesNotContain("\n", error, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_database_that_another_program_holds_is_told_within_seconds()
    {
        using var folder = new TemporaryFolder();
        Broken(folder, "PRAGMA user_version = 0");
        using var holder = Open(folder);
        Execute(holder, "PRAGMA locking_mode=EXCLUSIVE; BEGIN EXCLUSIVE;");
        var clock = System.Diagnostics.Stopwatch.StartNew();
        var (code, error) = await RunningServer.Refused("--data", folder.Path);
        Assert.Equal(1, code);
        Assert.Contains("another program holds it", error, StringComparison.Ordinal);
        Assert.DoesNotContain("\n", error, StringComparison.Ordinal);
        Assert.True(clock.Elapsed < TimeSpan.FromSeconds(40), $"told after {clock.Elapsed}");
    }

    [Fact]
    public async Task A_table_that_is_missing_is_told()
    {
        using var folder = new TemporaryFolder();
        Broken(folder, "DROP TABLE versions");
        var (code, error) = await RunningServer.Refused("--data", folder.Path);
        Assert.Equal(1, code);
        Assert.Contains("has no table 'versions' any more; it was left as it is", error, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_damaged_database_is_told()
    {
        using var folder = new TemporaryFolder();
        Broken(folder, "PRAGMA wal_checkpoint(TRUNCATE)");
        using (var file = File.OpenWrite(System.IO.Path.Combine(folder.Path, "ample-tide.db")))
        {
            file.Seek(3 * 4096, SeekOrigin.Begin);
            file.Write(Enumerable.Repeat((byte)0xAB, 6 * 4096).ToArray());
        }
        var (code, error) = await RunningServer.Refused("--data", folder.Path);
        Assert.Equal(1, code);
        Assert.Contains("damaged", error, StringComparison.Ordinal);
        Assert.DoesNotContain("\n", error, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_start_that_was_killed_in_the_middle_of_the_first_migration_is_made_good_by_the_next()
    {
        using var folder = new TemporaryFolder();
        using (var connection = Open(folder))
            Execute(
                connection,
                "CREATE TABLE __EFMigrationsLock (Id INTEGER NOT NULL PRIMARY KEY, Timestamp TEXT NOT NULL); INSERT INTO "
                    + "__EFMigrationsLock VALUES (1, '2026-01-01 00:00:00');"
            );
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--data", folder.Path);
        Assert.Equal(HttpStatusCode.OK, (await server.Http.GetAsync("/api/health")).StatusCode);
    }

    [Fact]
    public async Task First_starts_that_are_killed_leave_nothing_that_stops_the_next()
    {
        using var folder = new TemporaryFolder();
        foreach (var after in (int[])[350, 500, 650, 800])
            await RunningServer.KilledAfter(TimeSpan.FromMilliseconds(after), "--data", folder.Path);
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--data", folder.Path);
        var total = JsonNode.Parse(await server.Http.GetStringAsync("/api/classes"))!["total"]!.GetValue<int>();
        Assert.Equal(Directory.GetFiles(System.IO.Path.Combine(AppContext.BaseDirectory, "demo")).Length, total);
    }

    [Fact]
    public async Task A_database_of_an_older_version_is_brought_up_to_date_with_what_it_holds()
    {
        using var folder = new TemporaryFolder();
        var options = new DbContextOptionsBuilder<TideStore>();
        StoreSetup.Use(options, StoreSetup.FileIn(folder.Path));
        using (var old = new TideStore(options.Options))
        {
            await old.GetService<IMigrator>().MigrateAsync("Versions", TestContext.Current.CancellationToken);
            await old.Database.ExecuteSqlRawAsync(
                """
                INSERT INTO classes (Id, Revision, Document, SavedAt, Title, Minutes, TotalMs, Areas, About, Tide, Serious,
                  Notable, Archived, Tags) VALUES ('old', 4, '{{}}', 1, 'Old', 5, 1, 'neck,low-back', '', '200,300', 0, 0, 0,
                  'dawn, net makers' || char(10) || 'a "quoted" \ one')
                """,
                TestContext.Current.CancellationToken
            );
        }
        StoreSetup.Prepare(folder.Path, null, _ => { });
        using var store = new TideStore(options.Options);
        var row = store.Classes.Single();
        Assert.Equal(["neck", "low-back"], row.Areas);
        Assert.Equal(["dawn, net makers", "a \"quoted\" \\ one"], row.Tags);
        Assert.Equal([200, 300], row.Tide);
        SqliteConnection.ClearAllPools();
    }

    public static TheoryData<string> EarlierSchemas()
    {
        var options = new DbContextOptionsBuilder<TideStore>().UseSqlite("Data Source=:memory:");
        using var store = new TideStore(options.Options);
        return [.. store.Database.GetMigrations().Select(m => m[(m.IndexOf('_', StringComparison.Ordinal) + 1)..]).SkipLast(1)];
    }

    [Theory]
    [MemberData(nameof(EarlierSchemas))]
    public async Task Every_earlier_schema_is_brought_up_to_date_with_what_it_holds(string schema)
    {
        using var folder = new TemporaryFolder();
        var options = new DbContextOptionsBuilder<TideStore>();
        StoreSetup.Use(options, StoreSetup.FileIn(folder.Path));
        using (var old = new TideStore(options.Options))
        {
            await old.GetService<IMigrator>().MigrateAsync(schema, TestContext.Current.CancellationToken);
            // What no earlier schema gives a default is filled in by its kind.
            var columns = old
                .Database.SqlQuery<string>(
                    $"""SELECT name || ' ' || type AS Value FROM pragma_table_info('classes') WHERE "notnull" = 1 AND dflt_value IS NULL"""
                )
                .AsEnumerable()
                .Select(c => c.Split(' '))
                .ToList();
            var values = columns.Select(c =>
                c[0] == "Id" ? "'old'"
                : c[1] == "INTEGER" ? "7"
                : "'{}'"
            );
            old.Database.OpenConnection();
            using var insert = old.Database.GetDbConnection().CreateCommand();
            insert.CommandText =
                $"INSERT INTO classes ({string.Join(", ", columns.Select(c => c[0]))}) VALUES ({string.Join(", ", values)})";
            await insert.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }
        StoreSetup.Prepare(folder.Path, null, _ => { });
        using var store = new TideStore(options.Options);
        Assert.Equal(7, store.Classes.IgnoreQueryFilters().Select(c => c.Revision).Single());
        Assert.Empty(store.Database.GetPendingMigrations());
        Assert.Empty(store.Log);
        Assert.Empty(store.Preferences);
        SqliteConnection.ClearAllPools();
    }

    [Fact]
    public void A_database_that_lost_a_table_is_left_as_it_is()
    {
        using var folder = new TemporaryFolder();
        StoreSetup.Prepare(folder.Path, null, _ => { });
        var options = new DbContextOptionsBuilder<TideStore>();
        StoreSetup.Use(options, StoreSetup.FileIn(folder.Path));
        using (var store = new TideStore(options.Options))
            store.Database.ExecuteSqlRaw("DROP TABLE log");
        var refused = Assert.Throws<StoreException>(() => StoreSetup.Prepare(folder.Path, null, _ => { }));
        Assert.Contains("no table 'log'", refused.Message, StringComparison.Ordinal);
        SqliteConnection.ClearAllPools();
    }

    [Fact]
    public async Task One_row_that_cannot_be_read_hides_none_of_the_others()
    {
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--no-demo");
        foreach (var id in new[] { "good", "bad", "fine" })
            await server.Send(HttpMethod.Post, "/api/classes", $$"""{ "id": "{{id}}", "title": "{{id}}", "minutes": 1, "sections": [] }""");
        using (var store = server.Store())
            await store.Database.ExecuteSqlRawAsync(
                "UPDATE classes SET Tide = '[1,' WHERE Id = 'bad'",
                TestContext.Current.CancellationToken
            );
        var shelf = JsonNode.Parse(await server.Http.GetStringAsync("/api/classes"))!;
        Assert.Equal(["fine", "good"], shelf["items"]!.AsArray().Select(c => c!["id"]!.GetValue<string>()).Order());
        Assert.Equal("bad", Assert.Single(shelf["unreadable"]!.AsArray())!["title"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_class_whose_length_is_worked_out_anew_says_once_how_long_it_was()
    {
        const string plan = """
            { "id": "kept", "title": "Kept", "minutes": 5, "sections": [ { "items": [ { "move": "cat-cow", "rounds": 6 } ] } ] }
            """;
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--no-demo");
        var tag = (await server.Send(HttpMethod.Post, "/api/classes", plan)).Headers.ETag!.ToString();
        await server.Kill();
        // As an older clock left it.
        using (var store = server.Store())
            await store.Database.ExecuteSqlRawAsync(
                "UPDATE classes SET TotalMs = 125000, FiguredWith = 'older'",
                TestContext.Current.CancellationToken
            );
        await server.Start("--no-demo");
        Assert.Equal("125000", await Was(server, until: true));
        Assert.Equal("125000", await Was(server, until: false));
        var read = await server.Http.GetAsync("/api/classes/kept");
        Assert.Equal(tag, read.Headers.ETag!.ToString());
        Assert.Equal(HttpStatusCode.NoContent, (await server.Send(HttpMethod.Post, "/api/classes/kept/told")).StatusCode);
        Assert.Null(await Was(server, until: false));
        Assert.Equal(HttpStatusCode.OK, (await server.Send(HttpMethod.Put, "/api/classes/kept", plan, tag)).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await server.Send(HttpMethod.Post, "/api/classes/nobody/told")).StatusCode);
    }

    // Lengths are worked out beside the requests; whoever waits for that asks again.
    private static async Task<string?> Was(RunningServer server, bool until)
    {
        for (var tries = until ? 100 : 1; tries > 0; tries--)
        {
            var read = await server.Http.GetAsync("/api/classes/kept");
            if (read.Headers.TryGetValues("Ample-Tide-Was", out var was))
                return was.Single();
            await Task.Delay(until ? 100 : 0);
        }
        return null;
    }

    [Fact]
    public async Task A_data_folder_that_was_taken_away_is_noticed_at_the_next_save()
    {
        var server = new RunningServer();
        await using var stopping = server;
        await server.Start("--no-demo");
        var tag = (await server.Send(HttpMethod.Post, "/api/classes", Class(0))).Headers.ETag!.ToString();
        var away = server.Data + "-away";
        Directory.Move(server.Data, away);
        var refused = await server.Send(HttpMethod.Put, "/api/classes/kept", Class(1), tag);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, refused.StatusCode);
        Assert.Contains("Nothing was saved", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, (await server.Http.GetAsync("/api/health")).StatusCode);
        Directory.Move(away, server.Data);
        Assert.Equal(HttpStatusCode.OK, (await server.Send(HttpMethod.Put, "/api/classes/kept", Class(1), tag)).StatusCode);
    }

    [Fact]
    public void A_copy_is_kept_of_each_of_the_last_seven_days()
    {
        using var folder = new TemporaryFolder();
        StoreSetup.Prepare(folder.Path, null, _ => { });
        for (var day = 1; day <= 9; day++)
            Backups.Write(folder.Path, new(2026, 3, day));
        Backups.Write(folder.Path, new(2026, 3, 9));
        var copies = Directory.GetFiles(Backups.FolderIn(folder.Path)).Select(System.IO.Path.GetFileName).Order();
        Assert.Equal(Enumerable.Range(3, 7).Select(day => $"ample-tide-2026-03-0{day}.db"), copies);
        using var copy = new SqliteConnection(
            $"Data Source={System.IO.Path.Combine(Backups.FolderIn(folder.Path), "ample-tide-2026-03-09.db")};Pooling=False"
        );
        copy.Open();
        using var command = copy.CreateCommand();
        command.CommandText = "PRAGMA quick_check";
        Assert.Equal("ok", command.ExecuteScalar());
        SqliteConnection.ClearAllPools();
    }

    private static SqliteConnection Open(TemporaryFolder folder)
    {
        var connection = new SqliteConnection($"Data Source={System.IO.Path.Combine(folder.Path, "ample-tide.db")};Pooling=False");
        connection.Open();
        return connection;
    }

    private static void Execute(SqliteConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    // A store as the server makes it, with something done to it.
    private static void Broken(TemporaryFolder folder, string sql)
    {
        StoreSetup.Prepare(folder.Path, null, _ => { });
        SqliteConnection.ClearAllPools();
        using var connection = Open(folder);
        Execute(connection, sql);
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
