using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>
/// Keeps what a class was before. Saves of one sitting are one version, which the next save of that sitting writes over; after a pause, or
/// once a version has a name, the next save begins a new one.
/// </summary>
internal static class Versions
{
    /// <summary>After so long without a save a new sitting begins.</summary>
    public static readonly TimeSpan Sitting = TimeSpan.FromMinutes(10);

    /// <summary>Notes a save of a class, to be stored with it.</summary>
    /// <param name="store">The store.</param>
    /// <param name="before">The class as it was; a first version of it is made where there is none.</param>
    /// <param name="saved">The class as it is saved now.</param>
    public static async Task Note(TideStore store, StoredClass before, StoredClass saved)
    {
        var last = await Last(store, saved.Id);
        if (last is null)
            store.Add(last = Of(before, 1));
        if (last.Document == saved.Document)
            return;
        var goesOn =
            last.Name.Length == 0
            && saved.SavedAt - last.SavedAt < Sitting.TotalMilliseconds
            && store.Entry(last).State != EntityState.Added;
        if (goesOn)
            (last.Document, last.SavedAt, last.TotalMs) = (saved.Document, saved.SavedAt, saved.TotalMs);
        else
            store.Add(Of(saved, last.Number + 1));
    }

    /// <summary>Gives the class as it is now a name to find it by.</summary>
    public static async Task<ClassVersion> Name(TideStore store, StoredClass row, string name)
    {
        var last = await Last(store, row.Id);
        if (last is null || last.Document != row.Document)
            store.Add(last = Of(row, (last?.Number ?? 0) + 1));
        last.Name = name;
        await store.SaveChangesAsync();
        return last;
    }

    private static Task<ClassVersion?> Last(TideStore store, string id) =>
        store.Versions.Where(v => v.ClassId == id).OrderByDescending(v => v.Number).FirstOrDefaultAsync();

    private static ClassVersion Of(StoredClass row, int number) =>
        new()
        {
            ClassId = row.Id,
            Number = number,
            Document = row.Document,
            SavedAt = row.SavedAt,
            TotalMs = row.TotalMs,
        };
}
