using System.Text.RegularExpressions;

namespace AmpleTide.Core.Notebook;

/// <summary>The patterns of the notebook's words, put together from parts.</summary>
internal static class Patterns
{
    // Lines are short, so that none runs long. The limit is for what nobody has thought of, and far enough away that a busy machine never
    // meets it.
    private static readonly TimeSpan Limit = TimeSpan.FromSeconds(10);

    /// <summary>A pattern, ready to be used again and again.</summary>
    public static Regex Pattern(string pattern) => new(pattern, RegexOptions.CultureInvariant, Limit);
}
