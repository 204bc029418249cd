using System.Globalization;
using System.Text;

namespace AmpleTide.Core.Naming;

/// <summary>
/// The words of a name as they are compared: lower case, no accents, no plural, numbers as digits, nothing that says nothing.
/// </summary>
internal static class NameWords
{
    // Words that people add or leave out as they please.
    private static readonly HashSet<string> Filler =
    [
        "a",
        "an",
        "and",
        "asana",
        "at",
        "exercise",
        "for",
        "in",
        "it",
        "of",
        "on",
        "pose",
        "posture",
        "stretch",
        "the",
        "to",
        "with",
        "your",
    ];

    private static readonly Dictionary<string, string> Numbers = new()
    {
        ["one"] = "1",
        ["i"] = "1",
        ["first"] = "1",
        ["two"] = "2",
        ["ii"] = "2",
        ["second"] = "2",
        ["three"] = "3",
        ["iii"] = "3",
        ["four"] = "4",
        ["five"] = "5",
    };

    /// <summary>The words that tell; where all say nothing, they are kept.</summary>
    public static IReadOnlyList<string> Of(string text)
    {
        var all = Split(text).Select(Plain).ToList();
        var telling = all.Where(w => !Filler.Contains(w)).ToList();
        return telling.Count > 0 ? telling : all;
    }

    /// <summary>All letters and digits in one, for names that some write in one word and some in two.</summary>
    public static string Joined(string text) => string.Concat(Of(text));

    private static IEnumerable<string> Split(string text)
    {
        var word = new StringBuilder();
        foreach (var c in text.Normalize(NormalizationForm.FormD))
        {
            if (char.IsLetterOrDigit(c))
                word.Append(char.ToLowerInvariant(c));
            // An apostrophe or an accent does not end a word.
            else if (c is not ('\'' or '’') && CharUnicodeInfo.GetUnicodeCategory(c) != UnicodeCategory.NonSpacingMark && word.Length > 0)
            {
                yield return word.ToString();
                word.Clear();
            }
        }
        if (word.Length > 0)
            yield return word.ToString();
    }

    private static string Plain(string word)
    {
        if (Numbers.TryGetValue(word, out var digit))
            return digit;
        const int shortest = 4;
        if (word.Length < shortest || word.EndsWith("ss", StringComparison.Ordinal) || word.EndsWith("us", StringComparison.Ordinal))
            return word;
        foreach (var ending in (string[])["ches", "shes", "xes"])
            if (word.EndsWith(ending, StringComparison.Ordinal))
                return word[..^2];
        return word.EndsWith('s') ? word[..^1] : word;
    }
}
