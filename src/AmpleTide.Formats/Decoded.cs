using System.Text;

namespace AmpleTide.Formats;

/// <summary>Text of a file: UTF-8, or UTF-16 with its mark, as spreadsheets write it.</summary>
internal static class Decoded
{
    /// <summary>The text; what is no text of either kind is told.</summary>
    /// <exception cref="TideFileException">It is no text.</exception>
    public static string Of(byte[] content)
    {
        try
        {
            using var reader = new StreamReader(
                new MemoryStream(content),
                new UTF8Encoding(false, true),
                detectEncodingFromByteOrderMarks: true
            );
            var text = reader.ReadToEnd();
            return text.Contains('\0') ? throw NoText() : text;
        }
        catch (DecoderFallbackException)
        {
            throw NoText();
        }
    }

    private static TideFileException NoText() => new([new("", "is no text in UTF-8")]);
}
