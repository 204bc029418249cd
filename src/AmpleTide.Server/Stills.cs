using System.IO.Compression;
using System.Text.Json;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;
using Microsoft.Extensions.Caching.Memory;

namespace AmpleTide.Server;

/// <summary>
/// The still pictures of moves. Those of cards are drawn when the house is built and ship beside the server; all others are
/// drawn when they are first asked for, and the ones asked for of late are kept.
/// </summary>
/// <param name="shipped">The catalogue, read at the start.</param>
/// <param name="file">Where the pictures of its cards lie; it need not be there.</param>
public sealed class Stills(MoveCatalogue shipped, string file) : IDisposable
{
    // Of some ten kilobytes each.
    private const int MostKept = 1500;

    private readonly Lazy<Dictionary<string, Figure>> cards = new(() => Read(file, shipped));
    private readonly MemoryCache drawn = new(new MemoryCacheOptions { SizeLimit = MostKept });

    /// <summary>Reads those of cards, so that no request waits for it.</summary>
    public void Load() => _ = cards.Value;

    /// <summary>The picture of a move.</summary>
    public Figure Of(MoveForm form, CatalogueSnapshot snapshot)
    {
        var key = $"{form.Move.Id}@{form.Position.Id}@{form.Option}";
        return form.Move.Own
            ? Drawn($"{snapshot.Edition} {key}", () => FigureDrawing.Picture(form))
            : cards.Value.GetValueOrDefault(key) ?? Drawn(key, () => FigureDrawing.Picture(form));
    }

    private Figure Drawn(string key, Func<Figure> draw) =>
        drawn.GetOrCreate(
            key,
            entry =>
            {
                entry.Size = 1;
                return draw();
            }
        )!;

    /// <summary>Draws the pictures of all cards into a file.</summary>
    public static void Write(string file, MoveCatalogue catalogue)
    {
        var figures = catalogue
            .Moves.Select(m => catalogue.Form(m, catalogue.Position(m.In[0])!, MoveForm.BaseOption))
            .AsParallel()
            .Select(f => (Key: $"{f.Move.Id}@{f.Position.Id}@{f.Option}", Figure: FigureDrawing.Picture(f)))
            .ToDictionary(f => f.Key, f => f.Figure);
        using var packed = new BrotliStream(File.Create(file), CompressionLevel.Optimal);
        JsonSerializer.Serialize(packed, new Kept(VersionOf(catalogue), figures));
    }

    // Of another catalogue or another way of drawing, or not to be read: drawn when they are asked for.
    private static Dictionary<string, Figure> Read(string file, MoveCatalogue catalogue)
    {
        try
        {
            if (File.Exists(file))
            {
                using var packed = new BrotliStream(File.OpenRead(file), CompressionMode.Decompress);
                if (JsonSerializer.Deserialize<Kept>(packed) is { } kept && kept.Version == VersionOf(catalogue))
                    return kept.Figures;
            }
        }
        catch (Exception error)
            when (error is IOException or JsonException or InvalidDataException or InvalidOperationException or UnauthorizedAccessException)
        {
            return [];
        }
        return [];
    }

    // The core has another id whenever its code is another.
    private static string VersionOf(MoveCatalogue catalogue) => $"{catalogue.Hash} {typeof(FigureDrawing).Module.ModuleVersionId}";

    /// <inheritdoc/>
    public void Dispose() => drawn.Dispose();

    private sealed record Kept(string Version, Dictionary<string, Figure> Figures);
}
