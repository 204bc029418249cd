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
        Read = (content, with) => Decoded.Plan(Decoded.Of(content), "Opened plan", with),
    };
}
