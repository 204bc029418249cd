using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>Where deleted classes lie for a while.</summary>
internal static class Bin
{
    private static readonly TimeSpan Kept = TimeSpan.FromDays(30);

    /// <summary>Deletes for good, with all their versions, the classes that have lain there long enough.</summary>
    public static void Empty(TideStore store, TimeProvider clock)
    {
        var before = (clock.GetUtcNow() - Kept).ToUnixTimeMilliseconds();
        store.Classes.IgnoreQueryFilters().Where(c => c.DeletedAt < before).ExecuteDelete();
    }
}
