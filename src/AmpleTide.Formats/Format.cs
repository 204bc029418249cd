using System.Text;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Naming;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Formats;

/// <summary>A way to write a class to a file, and for some to read one.</summary>
/// <param name="Id">As an export asks for it.</param>
/// <param name="Name">As a person reads it.</param>
/// <param name="Extension">What its files end in, with the dot.</param>
/// <param name="MediaType">Its media type (RFC 6838).</param>
/// <param name="LeavesOut">What it does not carry, as a sentence; nothing where it carries all.</param>
/// <param name="Write">Writes a class that was compiled with its events.</param>
public sealed record Format(string Id, string Name, string Extension, string MediaType, string LeavesOut, Func<Score, byte[]> Write)
{
    /// <summary>UTF-8 without a mark at the beginning, which no reader needs.</summary>
    internal static readonly Encoding Utf8 = new UTF8Encoding(false);

    /// <summary>Reads a class; null for formats that are only written.</summary>
    public Func<byte[], ReadWith, ClassPlan>? Read { get; init; }
}

/// <summary>What formats need to read: moves by id, and by what people call them.</summary>
/// <param name="Catalogue">The moves and positions.</param>
/// <param name="Search">Finds moves by name.</param>
public sealed record ReadWith(MoveCatalogue Catalogue, MoveSearch Search);

/// <summary>All formats of a class.</summary>
public static class ClassFormats
{
    /// <summary>The formats, as a menu shows them.</summary>
    public static IReadOnlyList<Format> All { get; } =
    [
        TideFormat.Format,
        TextFormat.Format,
        MarkdownFormat.Format,
        LinesCsv.Format,
        EventsCsv.Format,
        CuesVtt.Format,
        DatesCalendar.Format,
        TideSvg.Format,
    ];

    /// <summary>The format of an id, or null.</summary>
    public static Format? Find(string id) => All.FirstOrDefault(f => f.Id == id);

    /// <summary>The format that a file's name tells and that can be read, or null.</summary>
    public static Format? Of(string fileName) =>
        All.Where(f => f.Read is not null && fileName.EndsWith(f.Extension, StringComparison.OrdinalIgnoreCase))
            .MaxBy(f => f.Extension.Length);
}
