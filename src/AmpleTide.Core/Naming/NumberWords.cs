using System.Globalization;

namespace AmpleTide.Core.Naming;

/// <summary>Small numbers as they are written in words.</summary>
public static class NumberWords
{
    private static readonly string[] Ones =
    [
        "zero",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen",
    ];

    private static readonly string[] Tens = ["", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"];

    /// <summary>A pattern of all numbers that <see cref="Value"/> understands.</summary>
    public static string Pattern { get; } =
        $@"(?:\d+|(?:{string.Join('|', Tens.Skip(2))})(?:[- ](?:{string.Join('|', Ones.Skip(1).Take(9))}))?|{string.Join('|', Ones.Skip(1).Reverse())})";

    /// <summary>What a number in digits or words comes to, or null where it is none.</summary>
    public static int? Value(string text)
    {
        var word = text.Trim().ToLowerInvariant();
        if (int.TryParse(word, NumberStyles.None, CultureInfo.InvariantCulture, out var value))
            return value;
        if (Array.IndexOf(Ones, word) is >= 0 and var one)
            return one;
        var parts = word.Split('-', ' ');
        if (parts.Length > 2 || Array.IndexOf(Tens, parts[0]) is not (>= 2 and var ten))
            return null;
        return parts.Length == 1 ? ten * 10
            : Array.IndexOf(Ones, parts[1]) is >= 1 and <= 9 and var more ? (ten * 10) + more
            : null;
    }

    /// <summary>A number as the text before had one: in digits, or in words up to ninety-nine.</summary>
    public static string Like(string before, int value)
    {
        if (char.IsDigit(before.Trim()[0]) || value is < 1 or > 99)
            return value.ToString(CultureInfo.InvariantCulture);
        var word =
            value < 20 ? Ones[value]
            : value % 10 == 0 ? Tens[value / 10]
            : $"{Tens[value / 10]}-{Ones[value % 10]}";
        return char.IsUpper(before.Trim()[0]) ? char.ToUpperInvariant(word[0]) + word[1..] : word;
    }
}
