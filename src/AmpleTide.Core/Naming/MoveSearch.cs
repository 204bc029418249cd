using AmpleTide.Core.Catalogue;
using Quickenshtein;

namespace AmpleTide.Core.Naming;

/// <summary>A move that was found, and by which of its names.</summary>
/// <param name="Move">Which.</param>
/// <param name="Name">The name that is likest to what was asked.</param>
/// <param name="Likeness">How like it is: 1 is the same.</param>
public sealed record Named(Move Move, string Name, double Likeness)
{
    /// <summary>Whether it is as good as said.</summary>
    public bool Sure => Likeness >= MoveSearch.Sure;
}

/// <summary>
/// Finds moves by any of their names, slips forgiven: other endings, words in another order, words that say nothing, two words in one. Rare
/// words tell more than common ones. O(names × words), with a few comparisons of letters each.
/// </summary>
public sealed class MoveSearch
{
    /// <summary>From here on a name is as good as said.</summary>
    public const double Sure = 0.86;

    // Below this a name is no answer.
    private const double Least = 0.42;

    // What a likeness of words is worth; common practice, no source.
    private const double Beginning = 0.86,
        SameStem = 0.8,
        Swapped = 0.85,
        PerSlip = 0.14,
        Joined = 0.97;

    // Of those that are alike a move's own name comes first, and before it what is written letter by letter.
    private const double OwnName = 0.004;
    private const double ToTheLetter = 0.008;

    private readonly List<Entry> entries = [];
    private readonly Dictionary<string, int> frequency = [];

    private sealed record Entry(Move Move, string Name, IReadOnlyList<string> Words, string Joined, double Bonus);

    /// <summary>Reads the names of all moves.</summary>
    public MoveSearch(IReadOnlyList<Move> moves)
    {
        foreach (var move in moves)
        {
            Add(move, move.Name, OwnName);
            foreach (var name in move.Names.Append(move.Id.Replace('-', ' ')))
                Add(move, name, 0);
            foreach (var name in move.Traditional?.Split(", ") ?? [])
                Add(move, name, 0);
        }
        foreach (var word in entries.SelectMany(e => e.Words.Distinct()))
            frequency[word] = frequency.GetValueOrDefault(word) + 1;
    }

    /// <summary>Moves by what they are called, best first; each once, by its likest name.</summary>
    public IReadOnlyList<Named> Find(string asked, int most = 20)
    {
        var (words, joined) = (NameWords.Of(asked), NameWords.Joined(asked));
        if (words.Count == 0)
            return [];
        return
        [
            .. entries
                .Select(e => new Named(
                    e.Move,
                    e.Name,
                    Likeness(words, joined, e) + (e.Name.Equals(asked.Trim(), StringComparison.OrdinalIgnoreCase) ? ToTheLetter : 0)
                ))
                .Where(n => n.Likeness >= Least)
                .GroupBy(n => n.Move)
                .Select(g => g.MaxBy(n => n.Likeness)!)
                .OrderByDescending(n => n.Likeness)
                .Take(most),
        ];
    }

    private void Add(Move move, string name, double bonus) =>
        entries.Add(new(move, name, NameWords.Of(name), NameWords.Joined(name), bonus));

    // How much of what was asked the name has, and how much of the name was asked, rare words counting more; or the letters as a whole.
    private double Likeness(IReadOnlyList<string> asked, string joined, Entry entry)
    {
        if (joined == entry.Joined)
            return 1 + entry.Bonus;
        var had = Covered(asked, entry.Words);
        var was = Covered(entry.Words, asked);
        var byWords = had + was > 0 ? 2 * had * was / (had + was) : 0;
        return Math.Max(byWords, Joined * ByLetters(joined, entry.Joined)) + entry.Bonus;
    }

    private double Covered(IReadOnlyList<string> words, IReadOnlyList<string> by)
    {
        var (sum, covered) = (0.0, 0.0);
        foreach (var word in words)
        {
            var weight = Weight(word);
            sum += weight;
            covered += weight * by.Max(other => Likeness(word, other));
        }
        return covered / sum;
    }

    private double Weight(string word) => Math.Log(1 + (entries.Count / (1.0 + frequency.GetValueOrDefault(word))));

    private static double Likeness(string one, string other)
    {
        if (one == other)
            return 1;
        var (shorter, longer) = one.Length <= other.Length ? (one, other) : (other, one);
        const int shortest = 3;
        if (shorter.Length < shortest)
            return 0;
        if (longer.StartsWith(shorter, StringComparison.Ordinal))
            return Beginning;
        if (SharedBeginning(one, other) >= Math.Max(4, longer.Length - 4))
            return SameStem;
        var slips = Levenshtein.GetDistance(one, other);
        if (slips == 2 && shorter.Length == longer.Length && one.Order().SequenceEqual(other.Order()))
            return Swapped;
        var forgiven =
            longer.Length < 4 ? 0
            : longer.Length < 7 ? 1
            : 2;
        return slips <= forgiven ? 1 - (PerSlip * slips) : 0;
    }

    private static double ByLetters(string one, string other)
    {
        var longer = Math.Max(one.Length, other.Length);
        const int mostSlips = 3;
        if (Math.Abs(one.Length - other.Length) > mostSlips || longer < 6)
            return 0;
        var slips = Levenshtein.GetDistance(one, other);
        return slips <= mostSlips ? 1 - ((double)slips / longer) : 0;
    }

    private static int SharedBeginning(string one, string other)
    {
        var n = 0;
        while (n < one.Length && n < other.Length && one[n] == other[n])
            n++;
        return n;
    }
}
