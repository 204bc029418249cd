using System.Security.Cryptography;
using System.Text;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Server;

/// <summary>The catalogue as it is now: the one that was read at the start, with the teacher's own moves beside it.</summary>
/// <param name="shipped">The catalogue, read at the start.</param>
/// <param name="folder">Where it was read from.</param>
public sealed class LiveCatalogue(MoveCatalogue shipped, string folder = "")
{
    private volatile CatalogueSnapshot current = new(shipped, shipped.Hash);

    /// <summary>What a request that begins now computes with.</summary>
    public CatalogueSnapshot Current => current;

    /// <summary>Where the catalogue was read from.</summary>
    public string Folder { get; } = folder;

    /// <summary>The catalogue with these moves of the teacher's own, and no others.</summary>
    public CatalogueSnapshot With(IReadOnlyCollection<OwnMoveForms> own) =>
        own.Count == 0 ? new(shipped, shipped.Hash) : new(shipped.With([.. own.Select(o => o.Forms)]), $"{shipped.Hash}-{HashOf(own)}");

    /// <summary>Lets the requests that begin from now on compute with another snapshot.</summary>
    public void Publish(CatalogueSnapshot snapshot) => current = snapshot;

    private static string HashOf(IEnumerable<OwnMoveForms> own)
    {
        var all = string.Join('\0', own.OrderBy(o => o.Id, StringComparer.Ordinal).Select(o => o.Yaml));
        return Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(all)))[..16];
    }
}

/// <summary>A move of the teacher's own: its text, and the move in each position and option.</summary>
public sealed record OwnMoveForms(string Yaml, MoveForm[] Forms)
{
    /// <summary>Its id.</summary>
    public string Id => Forms[0].Move.Id;
}
