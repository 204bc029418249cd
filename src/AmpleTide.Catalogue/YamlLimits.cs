using YamlDotNet.Core;
using YamlDotNet.Core.Events;

namespace AmpleTide.Catalogue;

/// <summary>
/// Looks through a text before it is loaded: loading goes as deep as the text does, and copies what is referred to as often as it is. A
/// catalogue needs neither depth nor references.
/// </summary>
internal static class YamlLimits
{
    private const int MostDepth = 20;
    private const int MostCharacters = 2_000_000;

    /// <summary>The first limit that a text breaks, or null. Linear in its length.</summary>
    public static (int Line, string Reason)? Broken(string text)
    {
        if (text.Length > MostCharacters) return (1, $"the text is longer than {MostCharacters} characters");
        if (Bracketed(text) is { } line) return (line, $"brackets lie more than {MostDepth} deep");
        var parser = new Parser(new StringReader(text));
        // Of each mapping that is open: whether the next thing in it is a key. A list has none.
        var open = new Stack<bool?>();
        try
        {
            while (parser.MoveNext())
            {
                if (parser.Current is AnchorAlias or NodeEvent { Anchor.IsEmpty: false }) return (Line(parser), "anchors and references are not used here");
                if (parser.Current is MappingStart or SequenceStart && open.TryPeek(out var isKey) && isKey == true) return (Line(parser), "a field has a name; a list or a map is none");
                if (parser.Current is MappingStart or SequenceStart or Scalar && open.TryPop(out var key)) open.Push(key is null ? null : !key);
                if (parser.Current is MappingStart) open.Push(true);
                if (parser.Current is SequenceStart) open.Push(null);
                if (parser.Current is MappingEnd or SequenceEnd) open.Pop();
                if (open.Count > MostDepth) return (Line(parser), $"lists and maps lie more than {MostDepth} deep");
            }
        }
        catch (Exception error) when (error is YamlException or InvalidOperationException)
        {
            // What is broken is told by whoever loads it.
        }
        return null;
    }

    private static int Line(Parser parser) => (int)parser.Current!.Start.Line;

    // The scanner itself slows down with the depth of brackets, so they are counted before it sees them. Brackets in words count too; no word
    // has so many.
    private static int? Bracketed(string text)
    {
        var (depth, line) = (0, 1);
        for (var i = 0; i < text.Length; i++)
        {
            var c = text[i];
            if (c == '\n') line++;
            // The next entry of the file.
            if (c == '-' && i > 0 && text[i - 1] == '\n') depth = 0;
            if (c is '[' or '{' && ++depth > MostDepth) return line;
            if (c is ']' or '}' && depth > 0) depth--;
        }
        return null;
    }
}
