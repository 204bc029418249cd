using System.Text.RegularExpressions;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>The words of cues and talk: counted for their time, and said for a side.</summary>
public static partial class Words
{
    /// <summary>How many words are taken in at a glance. Common practice, no source.</summary>
    public const int AtAGlance = 7;

    /// <summary>How many words a text has.</summary>
    public static int Count(string text)
    {
        var (count, inside) = (0, false);
        foreach (var c in text)
        {
            var letter = char.IsLetterOrDigit(c) || c is '{' or '}' or '\'' or '’';
            if (letter && !inside)
                count++;
            inside = letter || (inside && c == '-');
        }
        return count;
    }

    /// <summary>
    /// The text as said for a side: <c>{right}</c> and <c>{left}</c> swap, and so do the directions of circles,
    /// <c>{clockwise}</c>, <c>{back}</c> and <c>{in}</c>.
    /// </summary>
    /// <param name="text">As the author wrote it, for the right side.</param>
    /// <param name="side">The side that is being taught; none is said as the right.</param>
    /// <param name="mirrored">Whether right and left are those of somebody who faces the group and moves as its mirror.</param>
    public static string For(string text, Side side, bool mirrored = false) =>
        !text.Contains('{', StringComparison.Ordinal)
            ? text
            : Placeholder()
                .Replace(
                    text,
                    match =>
                    {
                        var word = match.Groups[1].Value;
                        var swaps = side == Side.Left != (mirrored && FlipsInMirror(word));
                        var said = swaps ? Swap(word) : word;
                        return match.Index == 0 ? char.ToUpperInvariant(said[0]) + said[1..] : said;
                    }
                );

    /// <summary>The placeholders authors may use.</summary>
    public static bool IsPlaceholder(string word) => Pairs.Any(p => p.Right == word || p.Left == word);

    /// <summary>Everything in braces in a text.</summary>
    public static IEnumerable<string> Placeholders(string text) => Placeholder().Matches(text).Select(m => m.Groups[1].Value);

    /// <summary>Whether a text names a side outright, where it should leave that to a placeholder.</summary>
    public static bool HasBareSide(string text) => BareSide().IsMatch(text);

    /// <summary>A text that names sides outright, with placeholders in their place.</summary>
    public static string WithPlaceholders(string text) => BareSide().Replace(text, match => $"{{{match.Value.ToLowerInvariant()}}}");

    private static readonly (string Right, string Left)[] Pairs =
    [
        ("right", "left"),
        ("clockwise", "the other way round"),
        ("backwards", "forwards"),
        ("inwards", "outwards"),
        ("meeting on the way up", "meeting on the way down"),
    ];

    // Whoever faces us goes the other way round; backwards and inwards stay what they are.
    private static bool FlipsInMirror(string word) => Pairs.Take(2).Any(p => p.Right == word || p.Left == word);

    private static string Swap(string word) =>
        Pairs.Where(p => p.Right == word).Select(p => p.Left).FirstOrDefault()
        ?? Pairs.Where(p => p.Left == word).Select(p => p.Right).FirstOrDefault()
        ?? word;

    [GeneratedRegex(@"\{([a-z ]+)\}")]
    private static partial Regex Placeholder();

    // "Right now", "right for you", "all right", "left over" name no side.
    [GeneratedRegex(
        @"(?<!\{)(?<!\b(?:all|is|feels) )\b(right|left)\b(?!\})(?! (?:now|away|for|here|there|after|before|over)\b)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex BareSide();
}
