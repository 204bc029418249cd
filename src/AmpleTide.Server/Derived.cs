using AmpleTide.Catalogue;
using AmpleTide.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server;

/// <summary>
/// What is worked out when the house is built and ships beside the server, so that no start waits for it: placed shapes, the pictures of
/// cards, and a store as a first start would make it, with the demo and without. Whatever is missing or of another version is worked out
/// at the start, pictures when they are asked for.
/// </summary>
internal static class Derived
{
    /// <summary>The placed shapes.</summary>
    public static string Shapes => Beside("shapes.bin");

    /// <summary>The pictures of cards.</summary>
    public static string Stills => Beside("stills.json.br");

    /// <summary>A store as a first start would make it.</summary>
    public static string FirstStore(bool demo) => Beside(demo ? "first-store-demo.db" : "first-store.db");

    /// <summary>Works all of it out.</summary>
    /// <param name="catalogueFolder">Where the catalogue lies.</param>
    public static void Write(string catalogueFolder)
    {
        var shapes = ShapeCache.Open(Shapes);
        var live = new LiveCatalogue(CatalogueReader.ReadFolder(catalogueFolder, shapes), catalogueFolder);
        shapes.Save(Shapes);
        Server.Stills.Write(Stills, live.Current.Catalogue);
        foreach (var demo in (bool[])[false, true])
            WriteStore(FirstStore(demo), demo ? live.Current : null);
    }

    private static void WriteStore(string file, CatalogueSnapshot? demo)
    {
        var folder = Directory.CreateTempSubdirectory("ample-tide-");
        try
        {
            StoreSetup.Prepare(folder.FullName, null, Console.Error.WriteLine);
            var options = new DbContextOptionsBuilder<TideStore>();
            StoreSetup.Use(options, StoreSetup.FileIn(folder.FullName));
            using (var store = new TideStore(options.Options))
            {
                if (demo is not null)
                    DemoData.Seed(store, demo, TimeProvider.System);
                // All of it in one file.
                store.Database.ExecuteSqlRaw("PRAGMA journal_mode=DELETE");
            }
            SqliteConnection.ClearAllPools();
            File.Copy(StoreSetup.FileIn(folder.FullName), file, true);
        }
        finally
        {
            folder.Delete(true);
        }
    }

    private static string Beside(string name) => Path.Combine(AppContext.BaseDirectory, name);
}
