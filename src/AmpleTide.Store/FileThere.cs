using Microsoft.EntityFrameworkCore.Diagnostics;

namespace AmpleTide.Store;

/// <summary>
/// Refuses a save once the database file has been taken away: SQLite would go on writing to a file that nobody can open again, and the save
/// would be answered and lost.
/// </summary>
internal sealed class FileThere(string file) : SaveChangesInterceptor
{
    public override InterceptionResult<int> SavingChanges(DbContextEventData eventData, InterceptionResult<int> result)
    {
        Check();
        return result;
    }

    public override ValueTask<InterceptionResult<int>> SavingChangesAsync(
        DbContextEventData eventData,
        InterceptionResult<int> result,
        CancellationToken cancellationToken = default
    )
    {
        Check();
        return new(result);
    }

    private void Check()
    {
        if (!File.Exists(file))
            throw new StoreException($"The database {file} is no longer there. Nothing was saved; put its folder back, or start again.");
    }
}
