using System.Collections.Concurrent;
using AmpleTide.Core.Catalogue;
using Quickenshtein;

namespace AmpleTide.Core.Naming;

/// <summary>A move that was found, and by which of its names.</summary>
/// <param name="Move">Which.</param>
/// <param name="Name">The name that is likest to what was asked.</param>
/// <param name="Likeness">How like it is: 1 is the same.</param>
/// <param name="IsWhole">Whether every word that was asked for is in the name, slips forgiven.</param>
public sealed record Named(Move Move, string Name, double Likeness, bool IsWhole)
{
    /// <summary>Whether it is as good as said.</summary>
    public bool Sure => Likeness >= MoveSearch.Sure && IsWhole;
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
        Joined = 0.97,
        OtherOrder = 0.975;

    // Of those that are alike a move's own name comes first, and before it what is written letter by letter.
    private const double OwnName = 0.004;
    private const double ToTheLetter = 0.008;

    // Nobody calls a move by more words.
    private const int MostWords = 12;
    private const int MostKept = 4000;

    private readonly List<Entry> entries = [];
    private readonly List<string> vocabulary = [];
    private readonly Dictionary<string, int> places = [];
    private readonly List<double> weights = [];

    // How like a word is to each of the vocabulary: asked for again and again while somebody types.
    private readonly ConcurrentDictionary<string, double[]> likenesses = [];

    /// <summary>A name: its words by their place in the vocabulary.</summary>
    private sealed record Entry(Move Move, string Name, int[] Words, string Joined, double Bonus);

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
        var frequency = new int[vocabulary.Count];
        foreach (var word in entries.SelectMany(e => e.Words.Distinct()))
            frequency[word]++;
        weights.AddRange(frequency.Select(Weight));
    }

    /// <summary>Moves by what they are called, best first; each once, by its likest name.</summary>
    public IReadOnlyList<Named> Find(string asked, int most = 20)
    {
        var (words, joined) = (NameWords.Of(asked), NameWords.Joined(asked));
        if (words.Count is 0 or > MostWords)
            return [];
        var query = new Query(joined, [.. words.Select(LikenessesOf)], [.. words.Select(WeightOf)]);
        return
        [
            .. entries
                .Select(e => new Named(
                    e.Move,
                    e.Name,
                    Likeness(query, e) + (e.Name.Equals(asked.Trim(), StringComparison.OrdinalIgnoreCase) ? ToTheLetter : 0),
                    IsWhole(query, e)
                ))
                .Where(n => n.Likeness >= Least)
                .GroupBy(n => n.Move)
                .Select(g => g.MaxBy(n => n.Likeness)!)
                .OrderByDescending(n => n.Likeness)
                .Take(most),
        ];
    }

    /// <summary>Moves by the first letters of one of their names: "CC", "DFD".</summary>
    public IReadOnlyList<Named> ByInitials(string letters) =>
        [
            .. entries
                .Where(e => InitialsOf(e.Name, all: true) == letters || InitialsOf(e.Name, all: false) == letters)
                .Select(e => new Named(e.Move, e.Name, Least, false))
                .DistinctBy(n => n.Move),
        ];

    private static string InitialsOf(string name, bool all) =>
        string.Concat(
                name.Split([' ', '-'], StringSplitOptions.RemoveEmptyEntries)
                    .Where(w => all || w is not ("and" or "the" or "pose"))
                    .Select(w => w[0])
            )
            .ToUpperInvariant();

    private void Add(Move move, string name, double bonus) =>
        entries.Add(new(move, name, [.. NameWords.Of(name).Select(PlaceOf)], NameWords.Joined(name), bonus));

    private int PlaceOf(string word)
    {
        if (!places.TryGetValue(word, out var place))
        {
            places[word] = place = vocabulary.Count;
            vocabulary.Add(word);
        }
        return place;
    }

    /// <summary>What is asked: as one word, and of each word how like it is to those of the vocabulary, and its weight.</summary>
    private sealed record Query(string Joined, double[][] Likenesses, double[] Weights);

    private double[] LikenessesOf(string word)
    {
        if (likenesses.Count > MostKept)
            likenesses.Clear();
        return likenesses.GetOrAdd(word, w => [.. vocabulary.Select(other => Likeness(w, other))]);
    }

    private double WeightOf(string word) => places.TryGetValue(word, out var place) ? weights[place] : Weight(0);

    private double Weight(int frequency) => Math.Log(1 + (entries.Count / (1.0 + frequency)));

    // How much of what was asked the name has, and how much of the name was asked, rare words counting more; or the letters as a whole.
    private double Likeness(Query query, Entry entry)
    {
        if (query.Joined == entry.Joined)
            return 1 + entry.Bonus;
        var (had, was) = (Had(query, entry), Was(query, entry));
        var byWords = had + was > 0 ? OtherOrder * 2 * had * was / (had + was) : 0;
        return Math.Max(byWords, Joined * ByLetters(query.Joined, entry.Joined)) + entry.Bonus;
    }

    private static double Had(Query query, Entry entry)
    {
        var (sum, covered) = (0.0, 0.0);
        for (var i = 0; i < query.Likenesses.Length; i++)
        {
            sum += query.Weights[i];
            covered += query.Weights[i] * Best(query.Likenesses[i], entry);
        }
        return covered / sum;
    }

    private double Was(Query query, Entry entry)
    {
        var (sum, covered) = (0.0, 0.0);
        foreach (var word in entry.Words)
        {
            sum += weights[word];
            covered += weights[word] * query.Likenesses.Max(l => l[word]);
        }
        return covered / sum;
    }

    private static double Best(double[] likenesses, Entry entry)
    {
        var best = 0.0;
        foreach (var word in entry.Words)
            best = Math.Max(best, likenesses[word]);
        return best;
    }

    private static bool IsWhole(Query query, Entry entry) =>
        query.Joined == entry.Joined
        || Array.TrueForAll(query.Likenesses, l => Best(l, entry) > 0)
        || ByLetters(query.Joined, entry.Joined) >= Sure;

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
