using System.IO.Compression;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace AmpleTide.Server.Tests;

/// <summary>All of the house in one file: made while classes are saved, checked before it takes the place of anything.</summary>
public class BackupAndRestore(RunningServer server) : IClassFixture<RunningServer>
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static string Class(string id, int n) =>
        $$"""{ "id": "{{id}}", "title": "Class {{n}}", "minutes": 10, "sections": [ { "items": [ { "move": "cat-cow" } ] } ] }""";

    [Fact]
    public async Task A_backup_under_write_load_restores_to_a_whole_store()
    {
        using var saving = CancellationTokenSource.CreateLinkedTokenSource(Stop);
        var load = Task.Run(
            async () =>
            {
                for (var i = 0; !saving.IsCancellationRequested; i++)
                    await server.Send(HttpMethod.Post, "/api/classes", Class($"load-{i}", i));
            },
            Stop
        );
        await Task.WhenAll(Enumerable.Range(0, 20).Select(i => server.Send(HttpMethod.Post, "/api/classes", Class($"before-{i}", i))));
        var backup = await server.Http.GetByteArrayAsync("/api/backup", Stop);
        await saving.CancelAsync();
        await load;

        using (var zip = new ZipArchive(new MemoryStream(backup)))
        {
            Assert.NotNull(zip.GetEntry("backup.json"));
            Assert.True(zip.Entries.Count(e => e.FullName.StartsWith("classes/", StringComparison.Ordinal)) >= 20);
        }
        var there = await Ids();
        await server.Send(HttpMethod.Delete, "/api/classes/before-0");
        Assert.Equal(HttpStatusCode.NoContent, (await Restore(backup)).StatusCode);
        var back = await Ids();
        Assert.Contains("before-0", back);
        Assert.Subset(there.ToHashSet(), back.ToHashSet());
        Assert.NotEmpty(Directory.GetFiles(Path.Combine(server.Data, "backups"), "before-restore-*.db"));

        await server.Kill();
        await server.Start();
        Assert.Equal(back.Order(), (await Ids()).Order());
    }

    [Fact]
    public async Task What_is_no_backup_is_refused_and_changes_nothing()
    {
        var before = await Ids();
        var whole = await server.Http.GetByteArrayAsync("/api/backup", Stop);
        foreach (
            var bad in (byte[][])
                [
                    [],
                    Encoding.UTF8.GetBytes("no zip"),
                    whole[..(whole.Length / 2)],
                    Zip(("a.txt", "x")),
                    Newer(),
                    NewerSchema(whole),
                    Damaged(whole),
                ]
        )
        {
            var answer = await Restore(bad);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
            Assert.Contains("Nothing was changed", await answer.Content.ReadAsStringAsync(Stop), StringComparison.Ordinal);
        }
        Assert.Equal(before.Order(), (await Ids()).Order());
        Assert.Empty(Directory.GetDirectories(server.Data, "restoring-*"));
    }

    private static byte[] Newer() =>
        Zip(("backup.json", """{ "Format": "ample-tide/backup", "Version": 99, "Schema": "x", "MadeAt": "2030-01-01T00:00:00Z" }"""));

    // A store that a later version has migrated.
    private static byte[] NewerSchema(byte[] whole) =>
        Changed(
            whole,
            file =>
            {
                using var connection = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={file};Pooling=False");
                connection.Open();
                using var command = connection.CreateCommand();
                command.CommandText = "INSERT INTO __EFMigrationsHistory VALUES ('99990101000000_Later', '99.0')";
                command.ExecuteNonQuery();
            }
        );

    private static byte[] Damaged(byte[] whole) =>
        Changed(whole, file => File.WriteAllBytes(file, [.. File.ReadAllBytes(file).Take(5000), 1, 2, 3]));

    private static byte[] Changed(byte[] whole, Action<string> change)
    {
        var file = Path.GetTempFileName();
        using var bytes = new MemoryStream();
        bytes.Write(whole);
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Update, true))
        {
            var entry = zip.GetEntry("ample-tide.db")!;
            entry.ExtractToFile(file, true);
            change(file);
            entry.Delete();
            zip.CreateEntryFromFile(file, "ample-tide.db");
        }
        File.Delete(file);
        return bytes.ToArray();
    }

    private static byte[] Zip(params (string Name, string Text)[] entries)
    {
        using var bytes = new MemoryStream();
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Create, true))
            foreach (var (name, text) in entries)
            {
                using var writer = new StreamWriter(zip.CreateEntry(name).Open());
                writer.Write(text);
            }
        return bytes.ToArray();
    }

    private async Task<HttpResponseMessage> Restore(byte[] backup)
    {
        using var content = new ByteArrayContent(backup);
        return await server.Http.PostAsync("/api/restore", content, Stop);
    }

    private async Task<IReadOnlyList<string>> Ids()
    {
        var ids = new List<string>();
        for (var page = 1; ; page++)
        {
            var shelf = (await server.Http.GetFromJsonAsync<JsonNode>($"/api/classes?size=200&page={page}", Stop))!;
            ids.AddRange(shelf["items"]!.AsArray().Select(c => c!["id"]!.GetValue<string>()));
            if (ids.Count >= shelf["total"]!.GetValue<int>())
                return ids;
        }
    }
}
