using System.Globalization;
using System.IO.Compression;
using System.Text.Json;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Store;

/// <summary>
/// All of the house in one file: a zip with the store, copied while it is in use, and the classes, moves and evenings as open
/// files beside it, so
/// that nobody needs this program to read them.
/// </summary>
public static class BackupFile
{
    private const string Format = "ample-tide/backup";
    private const int Version = 1;
    private const string Head = "backup.json";
    private const string Database = "ample-tide.db";

    // Far more than ten thousand classes take; a zip that claims more is no backup.
    private const long MostBytes = 2L * 1024 * 1024 * 1024;
    private const int MostEntries = 100_000;

    private sealed record HeadOf(string Format, int Version, string Schema, DateTimeOffset MadeAt);

    /// <summary>Writes a backup. The store stays in use; what is written to it meanwhile is in it whole or not at all.</summary>
    /// <param name="data">The data folder.</param>
    /// <param name="file">Where the backup goes; what lies there is replaced when the new one is whole.</param>
    /// <param name="now">The time it is marked with.</param>
    /// <exception cref="StoreException">There is no store, or the file cannot be written.</exception>
    public static void Write(string data, string file, DateTimeOffset now)
    {
        if (!File.Exists(StoreSetup.FileIn(data)))
            throw new StoreException($"There is no database in {data}, so there is nothing to back up.");
        var (copy, beside) = (Path.Combine(data, $"backup-{Guid.NewGuid():N}.db"), file + ".part");
        try
        {
            Copy(StoreSetup.FileIn(data), copy);
            using (var zip = ZipFile.Open(Fresh(beside), ZipArchiveMode.Create))
            {
                using var store = StoreSetup.OpenFile(copy);
                var schema = store.Database.GetAppliedMigrations().LastOrDefault() ?? "";
                Text(zip, Head, JsonSerializer.Serialize(new HeadOf(Format, Version, schema, now)));
                foreach (var row in store.Classes.AsNoTracking().Select(c => new { c.Id, c.Document }))
                    Text(zip, $"classes/{Safe(row.Id)}.tide.json", row.Document);
                foreach (var row in store.Moves.AsNoTracking())
                    Text(zip, $"moves/{Safe(row.Id)}.yaml", row.Yaml);
                foreach (var row in store.Log.AsNoTracking().Select(e => new { e.Id, e.Document }))
                    Text(zip, $"log/{Safe(row.Id)}.json", row.Document);
                zip.CreateEntryFromFile(copy, Database, CompressionLevel.Fastest);
            }
            File.Move(beside, file, true);
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            throw new StoreException($"The backup {file} cannot be written: {error.Message}", error);
        }
        finally
        {
            File.Delete(copy);
            File.Delete(beside);
        }
    }

    /// <summary>
    /// Puts a backup in the place of what is stored. It is checked and brought up to date first; what was stored lies in the
    /// folder of the daily
    /// copies afterwards. Until the last step nothing is changed, and that step is done whole or not at all.
    /// </summary>
    /// <param name="data">The data folder.</param>
    /// <param name="file">The backup.</param>
    /// <param name="now">The time the old store is named after.</param>
    /// <returns>Where the old store lies, or null where there was none.</returns>
    /// <exception cref="StoreException">It is no backup, is damaged, or comes from a newer version.</exception>
    public static string? Restore(string data, string file, DateTimeOffset now)
    {
        Directory.CreateDirectory(data);
        var folder = Directory.CreateDirectory(Path.Combine(data, $"restoring-{Guid.NewGuid():N}")).FullName;
        try
        {
            Unpack(file, folder);
            BringUpToDate(folder, file);
            SqliteConnection.ClearAllPools();
            var live = StoreSetup.FileIn(data);
            string? old = null;
            if (File.Exists(live))
            {
                old = Path.Combine(
                    Directory.CreateDirectory(Backups.FolderIn(data)).FullName,
                    $"before-restore-{now.ToString("yyyy-MM-dd-HHmmss", CultureInfo.InvariantCulture)}.db"
                );
                Copy(live, old);
            }
            // SQLite writes all pages as one transaction of the store that is there, whoever has it open.
            Copy(StoreSetup.FileIn(folder), live);
            return old;
        }
        catch (SqliteException error)
        {
            throw new StoreException($"The backup {file} cannot be restored: {StoreSetup.Reason(error)}. Nothing was changed.", error);
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            Directory.Delete(folder, true);
        }
    }

    private static void BringUpToDate(string folder, string file)
    {
        try
        {
            StoreSetup.Prepare(folder, null, _ => { });
        }
        catch (StoreException error)
        {
            var reason = error.Message.Replace(StoreSetup.FileIn(folder), "in it", StringComparison.Ordinal);
            throw new StoreException($"{file} cannot be restored. {reason} Nothing was changed.", error);
        }
    }

    private static void Unpack(string file, string folder)
    {
        try
        {
            using var zip = ZipFile.OpenRead(file);
            if (zip.Entries.Count > MostEntries || zip.Entries.Sum(e => Math.Max(0, e.Length)) > MostBytes)
                throw new StoreException($"{file} holds more than a backup can. Nothing was changed.");
            // Only two entries are read, by name, and never to a place that the zip names.
            var head = zip.GetEntry(Head) ?? throw NoBackup(file);
            using (var stream = head.Open())
            {
                var told = JsonSerializer.Deserialize<HeadOf>(stream) ?? throw NoBackup(file);
                if (told.Format != Format)
                    throw NoBackup(file);
                if (told.Version > Version)
                    throw new StoreException($"{file} was made by a newer version of Ample Tide. Nothing was changed.");
            }
            var entry = zip.GetEntry(Database) ?? throw NoBackup(file);
            using var source = entry.Open();
            using var target = File.Create(StoreSetup.FileIn(folder));
            CopyBounded(source, target, file);
        }
        catch (Exception error) when (error is InvalidDataException or JsonException or IOException)
        {
            throw new StoreException($"{file} is no backup, or is damaged: {error.Message} Nothing was changed.", error);
        }
    }

    // What a zip says of its sizes may be wrong.
    private static void CopyBounded(Stream source, Stream target, string file)
    {
        var buffer = new byte[81_920];
        long all = 0;
        for (int read; (read = source.Read(buffer)) > 0; )
        {
            if ((all += read) > MostBytes)
                throw new StoreException($"{file} holds more than a backup can. Nothing was changed.");
            target.Write(buffer, 0, read);
        }
    }

    private static StoreException NoBackup(string file) => new($"{file} is no backup of Ample Tide. Nothing was changed.");

    private static void Text(ZipArchive zip, string name, string text)
    {
        using var writer = new StreamWriter(zip.CreateEntry(name, CompressionLevel.Fastest).Open());
        writer.Write(text);
    }

    private static void Copy(string from, string to)
    {
        using var source = new SqliteConnection($"Data Source={from};Pooling=False");
        using var target = new SqliteConnection($"Data Source={to};Pooling=False;Default Timeout=30");
        source.Open();
        target.Open();
        source.BackupDatabase(target);
    }

    private static string Fresh(string file)
    {
        File.Delete(file);
        return file;
    }

    // An id is letters, digits and hyphens as a rule; whatever else it has does not become a path.
    private static string Safe(string id) => string.Concat(id.Select(c => char.IsLetterOrDigit(c) || c is '-' or '_' ? c : '_'));
}
