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

    /// <summary>How the teacher says moves in all classes.</summary>
    public Speech Speech { get; set; } = Speech.Plain;

    /// <summary>The catalogue with these moves of the teacher's own, and no others, in the teacher's words.</summary>
    public CatalogueSnapshot With(IReadOnlyCollection<OwnMoveForms> own) => With(own, Speech);

    /// <summary>The same in other words.</summary>
    public CatalogueSnapshot With(IReadOnlyCollection<OwnMoveForms> own, Speech speech)
    {
        var edition =
            own.Count == 0 ? shipped.Hash : $"{shipped.Hash}-{HashOf(own.OrderBy(o => o.Id, StringComparer.Ordinal).Select(o => o.Yaml))}";
        var catalogue = own.Count == 0 ? shipped : shipped.With([.. own.Select(o => o.Forms)]);
        return speech is { Words.Count: 0, Names: NameKind.Everyday }
            ? new(catalogue, edition)
            : new(
                catalogue.SaidWith(speech),
                $"{edition}-{HashOf(speech.Words.OrderBy(w => w.Key, StringComparer.Ordinal).Select(Told).Append(speech.Names.ToString()))}"
            );
    }

    /// <summary>Lets the requests that begin from now on compute with another snapshot.</summary>
    public void Publish(CatalogueSnapshot snapshot) => current = snapshot;

    private static string Told(KeyValuePair<string, TeacherWords> words) =>
        string.Join(
            '\0',
            new[]
            {
                words.Key,
                words.Value.Opener,
                words.Value.First,
                words.Value.Second,
                words.Value.Permission,
                words.Value.Closer,
                words.Value.Nickname,
            }.Concat(words.Value.Cues.OrderBy(c => c.Key, StringComparer.Ordinal).SelectMany(c => new[] { c.Key, c.Value }))
        );

    private static string HashOf(IEnumerable<string> texts) =>
        Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(string.Join('\0', texts))))[..16];
}

/// <summary>A move of the teacher's own: its text, and the move in each position and option.</summary>
public sealed record OwnMoveForms(string Yaml, MoveForm[] Forms)
{
    /// <summary>Its id.</summary>
    public string Id => Forms[0].Move.Id;
}
