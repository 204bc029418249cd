using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using Quickenshtein;

namespace AmpleTide.Core.Naming;

/// <summary>A move that was found by what it is good for.</summary>
/// <param name="Move">Which.</param>
/// <param name="Position">In which position it is.</param>
/// <param name="For">What for: "for the neck, before sleep".</param>
public sealed record Useful(Move Move, Position Position, string For);

/// <summary>
/// Finds moves by area, occasion, position and prop, in any mixture: "stiff neck at my desk". What it does not understand it does not
/// guess: then nothing is found. O(moves × positions).
/// </summary>
public sealed class UseSearch
{
    // Words that ask, complain or thank, and tell nothing of the move.
    private static readonly HashSet<string> Asking =
    [
        .. (
            "ache achy after are before best do during ease everyone feel from gentle good help i idea is me move movement my need open "
            + "release relief relieve some something sore stiff tense tension that tight when which"
        )
            .Split(' ')
            .SelectMany(NameWords.Of),
    ];

    // A slip is forgiven in words that are long enough not to turn into others.
    private const int LongEnoughForASlip = 6;

    private readonly MoveCatalogue catalogue;
    private readonly ILookup<string, Wish> wishes;
    private readonly int longestPhrase;

    /// <summary>Something moves can be looked for by; how well a form has it, or null.</summary>
    private sealed record Wish(string Name, Func<MoveForm, int?> Rank);

    /// <summary>Reads what a catalogue's moves can be looked for by.</summary>
    public UseSearch(MoveCatalogue catalogue)
    {
        this.catalogue = catalogue;
        var all = WishesOf(catalogue).Select(w => (Words: NameWords.Of(w.Phrase), w.Wish)).ToList();
        longestPhrase = all.Select(w => w.Words.Count).DefaultIfEmpty().Max();
        wishes = all.ToLookup(w => string.Join(' ', w.Words), w => w.Wish);
    }

    /// <summary>The moves that are good for all that is asked for, the best first; none where a word is not understood.</summary>
    public IReadOnlyList<Useful> Find(string asked, int most = 40)
    {
        var wanted = Understood(NameWords.Of(asked));
        if (wanted is null or { Count: 0 })
            return [];
        return
        [
            .. catalogue
                .Moves.Where(m => !m.OptIn && !m.IsCue)
                .Select(m => BestOf(m, wanted))
                .OfType<(Useful Found, int Rank)>()
                .OrderBy(f => f.Rank)
                .Take(most)
                .Select(f => f.Found),
        ];
    }

    private static IEnumerable<(string Phrase, Wish Wish)> WishesOf(MoveCatalogue catalogue)
    {
        foreach (var use in catalogue.Uses)
        foreach (var phrase in use.Words.Append(use.Name))
            yield return (phrase, new(use.Name, use.Rank));
        foreach (var family in Enum.GetValues<Family>())
            yield return (family.ToString(), new(family.ToString().ToLowerInvariant(), f => f.Position.Family == family ? 0 : null));
        foreach (var position in catalogue.Positions)
            yield return (position.Name, new(position.Name.ToLowerInvariant(), f => f.Position.Id == position.Id ? 0 : null));
        foreach (var prop in catalogue.Props)
        foreach (var name in (string[])[prop.Name, prop.Plural])
            yield return (
                name,
                new(
                    $"with a {prop.Name}",
                    f =>
                        f.Position.Props.Concat(f.Move.Props).Contains(prop.Id) ? 0
                        : f.Move.Helpful.Contains(prop.Id) ? 1
                        : null
                )
            );
    }

    // What each run of words asks for, the longest first; null where a word says nothing that is known.
    private List<List<Wish>>? Understood(IReadOnlyList<string> words)
    {
        var understood = new List<List<Wish>>();
        for (var i = 0; i < words.Count; )
        {
            var taken = Math.Min(longestPhrase, words.Count - i);
            List<Wish> meant = [];
            while (taken > 0 && (meant = Meant(string.Join(' ', words.Skip(i).Take(taken)))).Count == 0)
                taken--;
            if (taken == 0 && !Asking.Contains(words[i]))
                return null;
            if (taken > 0)
                understood.Add(meant);
            i += Math.Max(1, taken);
        }
        return understood;
    }

    private List<Wish> Meant(string phrase)
    {
        if (wishes.Contains(phrase))
            return [.. wishes[phrase]];
        return phrase.Length < LongEnoughForASlip
            ? []
            : [.. wishes.Where(w => Levenshtein.GetDistance(w.Key, phrase) <= 1).SelectMany(w => w)];
    }

    // In the position that suits it best; one of the meanings of each wish is enough.
    private (Useful, int)? BestOf(Move move, List<List<Wish>> wanted)
    {
        (Useful, int Rank)? best = null;
        foreach (var position in catalogue.PositionsOf(move))
        {
            var form = catalogue.Form(move, position, MoveForm.BaseOption);
            var met = wanted.ConvertAll(w => Met(w, form));
            if (met.Exists(m => m.Rank is null))
                continue;
            var rank = met.Sum(m => m.Rank!.Value);
            if (best is null || rank < best.Value.Rank)
                best = (new(move, position, string.Join(", ", met.Select(m => m.Name))), rank);
        }
        return best;
    }

    private static (string Name, int? Rank) Met(List<Wish> wish, MoveForm form) =>
        wish.Select(meant => (meant.Name, Rank: meant.Rank(form))).Where(m => m.Rank is not null).OrderBy(m => m.Rank).FirstOrDefault();
}
