using System.Globalization;
using System.Text.RegularExpressions;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Naming;
using static AmpleTide.Core.Notebook.Patterns;

namespace AmpleTide.Core.Notebook;

/// <summary>A dose as teachers jot it down, and what is left of the words without it.</summary>
/// <param name="Rest">The words without it.</param>
/// <param name="Amount">How much, or null where nothing is said.</param>
/// <param name="Unit">Of what, or null where only a number stands there.</param>
/// <param name="EachSide">Whether it is said for each side.</param>
/// <param name="Vague">Whether it is said without a number: "a few".</param>
/// <param name="IsUsual">Whether it stands in brackets: what is usual, told along.</param>
internal sealed record DoseWords(string Rest, int? Amount, Unit? Unit, bool EachSide, bool Vague, bool IsUsual)
{
    private const int SecondsAMinute = 60;

    private static readonly string Number = $@"(?<![a-z\d.])(?<n>\d+[.,]\d+|{NumberWords.Pattern}|an?)";

    private static readonly (Unit? Unit, int Factor, Regex Words)[] Patterns =
    [
        (Catalogue.Unit.Seconds, SecondsAMinute, Pattern(Number + @"\s*(?:-\s*)?(?:minutes?|mins?|m|'|’|′)(?![a-z'])")),
        (Catalogue.Unit.Seconds, 1, Pattern(Number + @"\s*(?:-\s*)?(?:seconds?|secs?|s|""|″|'')(?![a-z])")),
        (
            Catalogue.Unit.Breaths,
            1,
            Pattern(Number + @"\s*(?:more |slow |deep |full |long |even |easy |quiet |big )*(?:breaths?|brs?|brths?)\b(?! at each end)")
        ),
        (Catalogue.Unit.Breaths, 1, Pattern(@"\bhold(?:\s+for)?\s+" + Number + @"\b(?!\s*[a-z])")),
        (Catalogue.Unit.Rounds, 1, Pattern(Number + @"\s*(?:more |slow |full )*(?:rounds?|rds?|reps?|repetitions?|times)\b")),
        (Catalogue.Unit.Rounds, 1, Pattern(@"(?<![a-z])[x×]\s*(?<n>\d+)\b")),
        (Catalogue.Unit.Rounds, 1, Pattern(@"\b(?<n>\d+)\s*[x×](?![a-z])")),
        (Catalogue.Unit.Beats, 1, Pattern(Number + @"\s*(?:beats?|taps?|counts?|steps?|pulses?)\b")),
        (null, 1, Pattern(@"\b(?<n>\d+)(?=\s*(?:(?:on )?(?:each|per|every|a)\s+(?:side|way|direction|leg|arm|foot|hand)|e/?s\b|ea\b))")),
        (null, 1, Pattern(@"\b(?<n>\d+)(?=\s*(?:right|left|rt|lt|r|l|fwd|forwards?|backwards?|back|in|out|cw|ccw)\b)")),
        (null, 1, Pattern(@"(?<![-–/\d])\b(?<n>\d+)\s*$")),
        (null, 1, Pattern(@"^\s*(?<n>\d+)\s+(?=[a-z])")),
    ];

    private static readonly Regex Each = Pattern(
        @"\b(?:(?:on )?(?:each|per|every|either)\s+(?:side|way|direction|leg|arm|foot|hand)s?|a side|e/s|es|each)\b"
    );

    private static readonly Regex Few = Pattern(
        @"\b(?:a )?(?:few|couple(?: of)?|some|several|more)\s+(?:breaths?|brs?|rounds?|times|more)\b"
    );

    /// <summary>Finds the dose in a line.</summary>
    /// <param name="text">The line, in lower case.</param>
    /// <param name="bare">Whether a number without a unit may be the dose; names have numbers, too.</param>
    public static DoseWords In(string text, bool bare)
    {
        var each = Each.IsMatch(text);
        foreach (var (unit, factor, words) in Patterns)
        {
            if (unit is null && !bare)
                continue;
            if (words.Match(text) is not { Success: true } match)
                continue;
            var rest = Without(text, match);
            var bracketed = Bracketed(text, match);
            // The same dose said for each side on its own: "right 5 br, left 5 br".
            if (words.Match(rest) is { Success: true } again && again.Groups["n"].Value == match.Groups["n"].Value)
                (rest, each) = (Without(rest, again), true);
            if (Value(match.Groups["n"].Value) is not { } value)
                continue;
            return new(Each.Replace(rest, " "), (int)Math.Round(value * factor), unit, each, false, bracketed);
        }
        return Few.IsMatch(text)
            ? new(Each.Replace(Few.Replace(text, " "), " "), null, null, each, true, false)
            : new(Each.Replace(text, " "), null, null, each, false, false);
    }

    private static string Without(string text, Match match) => text[..match.Index] + " " + text[(match.Index + match.Length)..];

    private static bool Bracketed(string text, Match match) =>
        match.Index > 0
        && text[match.Index - 1] == '('
        && match.Index + match.Length < text.Length
        && text[match.Index + match.Length] == ')';

    private static double? Value(string number)
    {
        if (double.TryParse(number.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value))
            return value is > 0 and < 10_000 ? value : null;
        return number is "a" or "an" ? 1 : NumberWords.Value(number);
    }
}
