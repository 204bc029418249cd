using System.Globalization;
using Microsoft.Data.Sqlite;

namespace AmpleTide.Store;

/// <summary>A copy of the store for each of the last seven days on which it was used.</summary>
public static class Backups
{
    private const int Kept = 7;
    private const string Pattern = "ample-tide-????-??-??.db";

    /// <summary>The folder of the copies in a data folder.</summary>
    public static string FolderIn(string data) => Path.Combine(data, "backups");

    /// <summary>
    /// Writes today's copy, unless it is there, and removes those that are older than the last seven. The store stays in use.
    /// </summary>
    /// <param name="data">The data folder.</param>
    /// <param name="today">The day the copy is named after.</param>
    public static void Write(string data, DateOnly today)
    {
        var folder = Directory.CreateDirectory(FolderIn(data)).FullName;
        var file = Path.Combine(folder, $"ample-tide-{today.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)}.db");
        if (!File.Exists(file))
            Copy(StoreSetup.FileIn(data), file);
        foreach (var old in Directory.EnumerateFiles(folder, Pattern).OrderDescending(StringComparer.Ordinal).Skip(Kept))
            File.Delete(old);
    }

    // Written beside and then renamed: what bears the name of a day is whole.
    private static void Copy(string from, string to)
    {
        var beside = to + ".part";
        File.Delete(beside);
        using (var source = new SqliteConnection($"Data Source={from};Mode=ReadOnly;Pooling=False"))
        using (var target = new SqliteConnection($"Data Source={beside};Pooling=False"))
        {
            source.Open();
            target.Open();
            source.BackupDatabase(target);
        }
        File.Move(beside, to);
    }
}
