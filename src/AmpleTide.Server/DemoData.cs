using System.Text.Json;
using AmpleTide.Formats;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>The classes of the Sail Loft at Marram Quay, for a store that is empty. All invented.</summary>
internal static class DemoData
{
    /// <summary>Puts the demo classes into an empty store.</summary>
    public static void Seed(TideStore store, CatalogueSnapshot snapshot, TimeProvider clock)
    {
        if (store.Classes.IgnoreQueryFilters().Any())
            return;
        var folder = Path.Combine(AppContext.BaseDirectory, "demo");
        foreach (var file in Directory.EnumerateFiles(folder, "*.tide.json").OrderDescending(StringComparer.Ordinal))
        {
            using var document = JsonDocument.Parse(File.ReadAllBytes(file));
            store.Add(Shelf.Row(TideReader.Read(document.RootElement), snapshot, clock));
        }
        // All or none: a start that is cut off leaves the store empty, and the next one fills it.
        store.SaveChanges();
    }
}
