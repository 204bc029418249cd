using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Store;

/// <summary>The store cannot be used; the message is one sentence for the person who started it.</summary>
public sealed class StoreException(string message, Exception? inner = null) : Exception(message, inner);

/// <summary>Opens the store: SQLite in WAL mode, every answered write on the disk.</summary>
public static class StoreSetup
{
    private const int NoSpace = 28; // ENOSPC

    // How long another program may hold the database before a start gives up, in seconds.
    private const int PatienceSeconds = 5;

    /// <summary>The database file in a data folder.</summary>
    public static string FileIn(string folder) => Path.Combine(folder, "ample-tide.db");

    /// <summary>Points EF Core at a database file.</summary>
    public static void Use(DbContextOptionsBuilder options, string file) =>
        options
            .UseSqlite($"Data Source={file};Default Timeout={PatienceSeconds}")
            .AddInterceptors(DurableWrites.Instance, new FileThere(file));

    /// <summary>Gets everything ready that opening a store needs; touches no file.</summary>
    public static void Warm()
    {
        var options = new DbContextOptionsBuilder<TideStore>().UseSqlite("Data Source=:memory:").Options;
        using var store = new TideStore(options);
        store.Database.OpenConnection();
        store.Database.GetMigrations();
        _ = store.Moves.AsNoTracking().OrderBy(m => m.Id).ToQueryString();
    }

    /// <summary>Creates the folder, checks the database, and brings it up to date.</summary>
    /// <param name="folder">The data folder.</param>
    /// <param name="first">A store that was made beforehand, to begin with where there is none yet; null where there is none.</param>
    /// <param name="tell">Is told what a start that takes long is waiting for.</param>
    /// <exception cref="StoreException">It cannot be opened or written, is damaged, or comes from a newer version.</exception>
    public static void Prepare(string folder, string? first, Action<string> tell)
    {
        var file = FileIn(folder);
        var migrating = false;
        try
        {
            Directory.CreateDirectory(folder);
            CheckWritable(folder);
            if (!File.Exists(file) && File.Exists(first))
                Begin(first, file);
            using var store = Open(folder);
            var known = store.Database.GetMigrations().ToList();
            var applied = Applied(store, file);
            if (applied.Except(known).LastOrDefault() is { } newer)
                throw new StoreException($"The database {file} was made by a newer version of Ample Tide ({newer}); it was left as it is.");
            var behind = known.Except(applied).Any();
            if (applied.Count > 0)
                Check(store, file, !behind);
            // Migrating compares whole models first, which takes a good part of a start; most starts have nothing to bring up to date.
            if (behind)
            {
                migrating = true;
                Migrate(store, folder, tell);
            }
            // A write that is taken back tells a read-only file or a full disk now, not at the first save.
            store.Database.ExecuteSqlRaw("PRAGMA journal_mode=WAL; BEGIN IMMEDIATE; CREATE TABLE probe (x); DROP TABLE probe; ROLLBACK;");
        }
        catch (SqliteException error)
        {
            throw new StoreException(
                $"The database {file} cannot be used: {Reason(error)}. "
                    + (migrating ? "It was being brought up to date; each step is done whole or not at all." : "It was left as it is."),
                error
            );
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            throw new StoreException($"The data folder {folder} cannot be used: {error.Message}", error);
        }
    }

    /// <summary>The own moves in a prepared store, by id.</summary>
    public static IReadOnlyList<OwnMove> MovesIn(string folder)
    {
        using var store = Open(folder);
        return [.. store.Moves.AsNoTracking().OrderBy(m => m.Id)];
    }

    /// <summary>What the teacher says to moves in all classes, in a prepared store.</summary>
    public static IReadOnlyList<OwnWords> WordsIn(string folder)
    {
        using var store = Open(folder);
        return [.. store.Words.AsNoTracking()];
    }

    /// <summary>What the teacher chose once for all classes, in a prepared store.</summary>
    public static IReadOnlyList<Preference> PreferencesIn(string folder)
    {
        using var store = Open(folder);
        return [.. store.Preferences.AsNoTracking()];
    }

    /// <summary>Why SQLite refused, in words.</summary>
    public static string Reason(SqliteException error) =>
        error.SqliteErrorCode switch
        {
            5 or 6 => "another program holds it",
            8 => "it is read-only",
            13 => "the disk is full",
            14 => "it cannot be opened",
            11 or 26 => "it is not a database or is damaged",
            _ => error.Message.TrimEnd('.'),
        };

    // A lock file that ends with its process says who migrates. EF Core's own lock is a row, which a process that was killed leaves behind,
    // and for which the next start would wait for ever.
    private static void Migrate(TideStore store, string folder, Action<string> tell)
    {
        using var mine = LockFile(Path.Combine(folder, "migrating.lock"), tell);
        store.Database.ExecuteSqlRaw("DROP TABLE IF EXISTS __EFMigrationsLock");
        store.Database.Migrate();
    }

    // SQLite cannot even read a database in WAL mode where it may not write, and says so in many ways.
    private static void CheckWritable(string folder)
    {
        var probe = Path.Combine(folder, $"probe-{Environment.ProcessId}");
        try
        {
            File.Create(probe, 1, FileOptions.DeleteOnClose).Dispose();
        }
        catch (Exception error)
            when (error is IOException or UnauthorizedAccessException && Directory.EnumerateFileSystemEntries(folder).Any())
        {
            var reason = error.HResult == NoSpace ? "the disk is full" : "it is read-only";
            throw new StoreException($"The data folder {folder} cannot be used: {reason}. It was left as it is.", error);
        }
    }

    // Copied beside and then renamed: a start that is cut off leaves either none or all of it.
    private static void Begin(string first, string file)
    {
        var beside = $"{file}.{Environment.ProcessId}";
        File.Copy(first, beside, true);
        using (var copy = new FileStream(beside, FileMode.Open, FileAccess.Read))
            RandomAccess.FlushToDisk(copy.SafeFileHandle);
        File.Move(beside, file, false);
    }

    // EF Core takes a database that cannot be opened for one that is not there; so it is opened first.
    private static List<string> Applied(TideStore store, string file)
    {
        if (!File.Exists(file))
            return [];
        store.Database.OpenConnection();
        var history = store
            .Database.SqlQuery<int>($"SELECT COUNT(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsHistory'")
            .Single();
        return history == 0 ? [] : [.. store.Database.GetAppliedMigrations()];
    }

    private static FileStream LockFile(string path, Action<string> tell)
    {
        for (var tries = 0; ; tries++)
        {
            try
            {
                return new(path, FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None, 1, FileOptions.DeleteOnClose);
            }
            catch (IOException) when (tries < PatienceSeconds * 10)
            {
                if (tries == 10)
                    tell("Another start is bringing the database up to date; waiting for it.");
                Thread.Sleep(100);
            }
        }
    }

    private static void Check(TideStore store, string file, bool upToDate)
    {
        // A database of an earlier version lacks the tables that came later.
        var tables = upToDate ? store.Model.GetEntityTypes().Select(e => e.GetTableName()!) : ["classes"];
        foreach (var table in tables)
        {
            if (
                store
                    .Database.SqlQuery<int>($"SELECT COUNT(*) AS Value FROM sqlite_master WHERE type = 'table' AND name = {table}")
                    .Single() == 0
            )
                throw new StoreException(
                    $"The database {file} has no table '{table}' any more; it was left as it is. Daily copies lie in the folder "
                        + "'backups' beside it."
                );
        }
        var damage = store.Database.SqlQueryRaw<string>("PRAGMA quick_check(1)").AsEnumerable().First();
        if (damage != "ok")
            throw new StoreException(
                $"The database {file} is damaged ({damage.ReplaceLineEndings(" ")}); it was left as it is. "
                    + "Daily copies lie in the folder 'backups' beside it."
            );
    }

    private static TideStore Open(string folder) => OpenFile(FileIn(folder));

    /// <summary>Opens a database file.</summary>
    internal static TideStore OpenFile(string file)
    {
        var options = new DbContextOptionsBuilder<TideStore>();
        Use(options, file);
        return new(options.Options);
    }
}
