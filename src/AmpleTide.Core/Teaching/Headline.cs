using System.Text.RegularExpressions;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Teaching;

/// <summary>Words as they are read from two metres: few at a time, one piece after the other.</summary>
public static partial class Headline
{
    /// <summary>No piece has more words.</summary>
    public const int MostWords = Words.AtAGlance;

    /// <summary>
    /// A text in pieces of at most <see cref="MostWords"/> words: broken between clauses, clauses that are longer before a joining word.
    /// Joined by spaces the pieces are the text again.
    /// </summary>
    public static IReadOnlyList<string> Of(string text)
    {
        var pieces = new List<string>();
        foreach (var clause in Clauses().Split(text.Trim()).Where(c => c.Length > 0))
        {
            var short_ = Broken(clause);
            // Short clauses of one sentence stand together as long as they can be read at once.
            if (pieces.Count > 0 && !EndsASentence(pieces[^1]) && CountOf(pieces[^1]) + CountOf(short_[0]) <= MostWords)
            {
                pieces[^1] = $"{pieces[^1]} {short_[0]}";
                pieces.AddRange(short_.Skip(1));
            }
            else
                pieces.AddRange(short_);
        }
        return pieces;
    }

    // Into as few even pieces as are short enough; each break moves to a joining word where one is near.
    private static List<string> Broken(string clause)
    {
        var words = clause.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var pieces = new List<string>();
        for (var from = 0; from < words.Length; )
        {
            var left = words.Length - from;
            var count = left <= MostWords ? left : Break(words, from, left);
            pieces.Add(string.Join(' ', words, from, count));
            from += count;
        }
        return pieces;
    }

    private static int Break(string[] words, int from, int left)
    {
        var even = (int)Math.Ceiling(left / Math.Ceiling(left / (double)MostWords));
        return Enumerable
            .Range(1, MostWords)
            .OrderBy(n => (Joins().IsMatch(words[from + n]) ? 0 : MostWords / 2) + Math.Abs(n - even))
            .First();
    }

    private static int CountOf(string piece) => piece.Count(c => c == ' ') + 1;

    private static bool EndsASentence(string piece) => piece[^1] is '.' or '!' or '?' or ';' or ':';

    // After a mark, at a space.
    [GeneratedRegex(@"(?<=[,;:.!?])\s+")]
    private static partial Regex Clauses();

    [GeneratedRegex(
        "^(?:and|or|but|as|so|that|with|to|towards|into|onto|in|on|at|by|from|over|under|behind|between|until|while|where|then|one)$",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Joins();
}
