using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace AmpleTide.Store;

/// <summary>The store cannot be used; the message is one sentence for the person who started it. Its data was not touched.</summary>
public sealed class StoreException(string message, Exception? inner = null) : Exception(message, inner);

/// <summary>Opens the store: SQLite in WAL mode, every answered write on the disk.</summary>
public static class StoreSetup
{
    /// <summary>The database file in a data folder.</summary>
    public static string FileIn(string folder) => Path.Combine(folder, "ample-tide.db");

    /// <summary>Points EF Core at a database file.</summary>
    public static void Use(DbContextOptionsBuilder options, string file) =>
        options.UseSqlite($"Data Source={file}").AddInterceptors(DurableWrites.Instance);

    /// <summary>Creates the folder, checks the database, and brings it up to date.</summary>
    /// <exception cref="StoreException">It cannot be opened or written, or comes from a newer version.</exception>
    public static void Prepare(string folder)
    {
        var file = FileIn(folder);
        try
        {
            Directory.CreateDirectory(folder);
            using var store = Open(folder);
            var known = store.Database.GetMigrations().ToList();
            var applied = File.Exists(file) ? store.Database.GetAppliedMigrations().ToList() : [];
            if (applied.Except(known).LastOrDefault() is { } newer)
                throw new StoreException($"The database {file} was made by a newer version of Ample Tide ({newer}); it was left as it is.");
            // Migrating compares whole models first, which takes a good part of a start; most starts have nothing to bring up to date.
            if (known.Except(applied).Any()) store.Database.Migrate();
            // A write that is taken back tells a read-only file or a full disk apart now, not at the first save.
            store.Database.ExecuteSqlRaw("PRAGMA journal_mode=WAL; BEGIN IMMEDIATE; CREATE TABLE probe (x); DROP TABLE probe; ROLLBACK;");
        }
        catch (SqliteException error)
        {
            throw new StoreException($"The database {file} cannot be used: {Reason(error)}; it was left as it is.", error);
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

    private static TideStore Open(string folder)
    {
        var options = new DbContextOptionsBuilder<TideStore>();
        Use(options, FileIn(folder));
        return new(options.Options);
    }

    private static string Reason(SqliteException error) => error.SqliteErrorCode switch
    {
        5 or 6 => "another program holds it",
        8 => "it is read-only",
        13 => "the disk is full",
        14 => "it cannot be opened",
        11 or 26 => "it is not a database or is damaged",
        _ => error.Message.TrimEnd('.'),
    };

    /// <summary>A save that was answered survives the process being killed and the machine losing power.</summary>
    private sealed class DurableWrites : DbConnectionInterceptor
    {
        public static readonly DurableWrites Instance = new();

        public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData) => Set(connection);

        public override Task ConnectionOpenedAsync(DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
        {
            Set(connection);
            return Task.CompletedTask;
        }

        private static void Set(DbConnection connection)
        {
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA synchronous=FULL; PRAGMA busy_timeout=5000;";
            command.ExecuteNonQuery();
        }
    }
}
