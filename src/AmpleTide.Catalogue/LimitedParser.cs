using YamlDotNet.Core;
using YamlDotNet.Core.Events;

namespace AmpleTide.Catalogue;

/// <summary>
/// Parses a text no further than a catalogue goes: loading goes as deep as the text does, and copies what is referred to as often as it
/// is. A catalogue needs neither depth nor references.
/// </summary>
/// <param name="text">The text.</param>
internal sealed class LimitedParser(string text) : IParser
{
    private const int MostDepth = 20;
    private const int MostCharacters = 2_000_000;

    private readonly Parser parser = new(new StringReader(text));

    // Of each mapping that is open: whether the next thing in it is a key. A list has none.
    private readonly Stack<bool?> open = new();

    /// <inheritdoc/>
    public ParsingEvent? Current => parser.Current;

    /// <summary>What a text breaks before it is looked into, or null. Linear in its length.</summary>
    public static (int Line, string Reason)? Refused(string text)
    {
        if (text.Length > MostCharacters)
            return (1, $"the text is longer than {MostCharacters} characters");
        return TooManyBrackets(text) is { } line ? (line, $"brackets lie more than {MostDepth} deep") : null;
    }

    /// <inheritdoc/>
    /// <exception cref="LimitException">The text goes further than a catalogue may.</exception>
    public bool MoveNext()
    {
        if (!parser.MoveNext())
            return false;
        switch (parser.Current)
        {
            case AnchorAlias or NodeEvent { Anchor.IsEmpty: false }:
                throw Broken("anchors and references are not used here");
            case MappingEnd or SequenceEnd:
                open.Pop();
                break;
            case NodeEvent node:
                if (node is not Scalar && open.TryPeek(out var isKey) && isKey == true)
                    throw Broken("a field has a name; a list or a map is none");
                if (open.TryPop(out var key))
                    open.Push(key is null ? null : !key);
                if (node is MappingStart)
                    open.Push(true);
                if (node is SequenceStart)
                    open.Push(null);
                if (open.Count > MostDepth)
                    throw Broken($"lists and maps lie more than {MostDepth} deep");
                break;
        }
        return true;
    }

    private LimitException Broken(string reason) => new((int)parser.Current!.Start.Line, reason);

    // The scanner itself slows down with the depth of brackets, so they are counted before it sees them. Brackets in words count too;
    // no word has so many.
    private static int? TooManyBrackets(string text)
    {
        var (depth, line) = (0, 1);
        for (var i = 0; i < text.Length; i++)
        {
            var c = text[i];
            if (c == '\n')
                line++;
            // The next entry of the file.
            if (c == '-' && i > 0 && text[i - 1] == '\n')
                depth = 0;
            if (c is '[' or '{' && ++depth > MostDepth)
                return line;
            if (c is ']' or '}' && depth > 0)
                depth--;
        }
        return null;
    }
}

/// <summary>A text goes further than a catalogue may.</summary>
internal sealed class LimitException(int line, string reason) : Exception(reason)
{
    public int Line { get; } = line;
}
