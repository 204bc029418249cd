using System.Text.Json;
using System.Text.Unicode;

namespace AmpleTide.Formats;

/// <summary>JSON from outside, read within limits, so that no text of it fails when it is taken.</summary>
public static class CheckedJson
{
    // Deep enough for sets four deep with room for unknown fields; deeper is an attack or a mistake. Of two fields of one name nobody could
    // tell which is meant.
    private static readonly JsonDocumentOptions Options = new() { MaxDepth = 40, AllowDuplicateProperties = false };

    /// <summary>Reads JSON. The document is the caller's to dispose.</summary>
    /// <exception cref="JsonException">It is no JSON, or its text is no text.</exception>
    public static JsonDocument Parse(ReadOnlyMemory<byte> bytes)
    {
        // Some editors put a byte order mark before a text.
        if (bytes.Span.StartsWith("\uFEFF"u8))
            bytes = bytes[3..];
        if (!Utf8.IsValid(bytes.Span))
            throw new JsonException("The text is not valid UTF-8.");
        if (bytes.Span.IndexOf("\\ud"u8) >= 0 || bytes.Span.IndexOf("\\uD"u8) >= 0)
            CheckSurrogates(bytes.Span);
        return JsonDocument.Parse(bytes, Options);
    }

    // Half of a character that is written as two escapes is found only when its text is taken.
    private static void CheckSurrogates(ReadOnlySpan<byte> bytes)
    {
        var reader = new Utf8JsonReader(bytes, new JsonReaderOptions { MaxDepth = Options.MaxDepth });
        try
        {
            while (reader.Read())
                if (reader.TokenType is JsonTokenType.String or JsonTokenType.PropertyName && reader.ValueIsEscaped)
                    reader.GetString();
        }
        catch (InvalidOperationException)
        {
            throw new JsonException("The text has half of a character in it (a lone surrogate).", null, null, reader.BytesConsumed);
        }
    }
}
