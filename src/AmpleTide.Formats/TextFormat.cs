using AmpleTide.Core.Classes;
using AmpleTide.Core.Notebook;

namespace AmpleTide.Formats;

/// <summary>A plan in plain words, a line each.</summary>
public static class TextFormat
{
    /// <summary>The format.</summary>
    public static readonly Format Format = new(
        "text",
        "Plain text",
        ".txt",
        "text/plain",
        "Group, place, conventions, breath, pauses, cues and notes stay behind.",
        score => Format.Utf8.GetBytes(new NotebookWriter(score.Catalogue).Write(score.Plan))
    )
    {
        Read = (content, with) => Plan(Decoded.Of(content), "Opened plan", with),
    };

    /// <summary>The plan in a text.</summary>
    /// <exception cref="TideFileException">It has too many lines.</exception>
    internal static ClassPlan Plan(string text, string title, ReadWith with)
    {
        var lines = NotebookReader.LinesOf(text);
        return lines > NotebookReader.MostLines
            ? throw new TideFileException([new("", $"has {lines} lines, {NotebookReader.MostLines} at most")])
            : new NotebookReader(with.Catalogue, with.Search).Read(text, title).Plan;
    }
}
