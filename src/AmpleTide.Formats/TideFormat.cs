using System.Text.Json;

namespace AmpleTide.Formats;

/// <summary>The class file itself: JSON, all of a class.</summary>
public static class TideFormat
{
    /// <summary>The format.</summary>
    public static readonly Format Format = new(
        "tide",
        "Class file",
        ".tide.json",
        "application/json",
        "",
        score => TideWriter.Write(score.Plan, indented: true)
    )
    {
        Read = (content, _) =>
        {
            try
            {
                using var document = CheckedJson.Parse(content);
                return TideReader.Read(document.RootElement);
            }
            catch (JsonException error)
            {
                throw new TideFileException([new("", $"is no JSON: {error.Message}")]);
            }
        },
    };
}
