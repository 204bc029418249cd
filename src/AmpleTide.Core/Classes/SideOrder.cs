using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>
/// Which sides a line is done on, in which order, under the words of its kind: right and left, clockwise and the other way, over and
/// under. The first word of a pair is the right, as <see cref="Side.Right"/>.
/// </summary>
/// <param name="Word">As the file writes it.</param>
/// <param name="Passes">The sides in order; one pass of <see cref="Side.None"/> for no sides.</param>
/// <param name="Alternates">Whether each round changes the side; the pass says with which it begins.</param>
public sealed record SideOrder(string Word, IReadOnlyList<Side> Passes, bool Alternates)
{
    private static readonly (string Right, string Left)[] Pairs =
        [("right", "left"), ("cw", "ccw"), ("back", "forward"), ("in", "out"), ("over", "under")];

    private static readonly Dictionary<string, SideOrder> ByWord = All().ToDictionary(o => o.Word);

    /// <summary>All words a file may use.</summary>
    public static IEnumerable<string> Words => ByWord.Keys;

    /// <summary>The order of a word, or null.</summary>
    public static SideOrder? Find(string word) => ByWord.GetValueOrDefault(word);

    /// <summary>The order of a word that is known to exist.</summary>
    public static SideOrder Of(string word) => ByWord[word];

    /// <summary>The order a move takes when the line says nothing.</summary>
    /// <param name="move">The move.</param>
    /// <param name="first">The side that goes first.</param>
    public static SideOrder For(Move move, Side first) => move.Sides switch
    {
        Sidedness.None => Of("none"),
        Sidedness.Alternating => Of(first == Side.Left ? "alternate-left" : "alternate"),
        _ => Both(PairOf(move), first),
    };

    /// <summary>The order of a single side, in the words of a move.</summary>
    public static SideOrder Single(Move move, Side side) => move.Sides switch
    {
        Sidedness.None => Of("none"),
        Sidedness.Alternating => Of(side == Side.Left ? "alternate-left" : "alternate"),
        _ => Of(side == Side.Left ? PairOf(move).Left : PairOf(move).Right),
    };

    /// <summary>Both sides in this order's words, beginning as it begins.</summary>
    public SideOrder Completed()
    {
        var pair = Pairs.FirstOrDefault(p => p.Right == Word || p.Left == Word);
        return pair.Right is null ? this : Both(pair, Passes[0]);
    }

    /// <summary>Whether a single side of a pair is meant.</summary>
    public bool IsOneSide => Passes.Count == 1 && Passes[0] != Side.None && !Alternates;

    /// <summary>The same with the other side first.</summary>
    public SideOrder Swapped() => Word switch
    {
        "none" => this,
        "alternate" => Of("alternate-left"),
        "alternate-left" => Of("alternate"),
        _ when IsOneSide => Of(Pairs.Select(p => p.Right == Word ? p.Left : p.Left == Word ? p.Right : null).First(w => w is not null)!),
        _ => Of(string.Join('-', Word.Split('-').Reverse())),
    };

    private static (string Right, string Left) PairOf(Move move) => move.Sides switch
    {
        Sidedness.Crossing => Pairs[4],
        Sidedness.Circling => move.Circle switch { Circle.Clockwise => Pairs[1], Circle.Backwards => Pairs[2], _ => Pairs[3] },
        _ => Pairs[0],
    };

    private static SideOrder Both((string Right, string Left) pair, Side first) =>
        Of(first == Side.Left ? $"{pair.Left}-{pair.Right}" : $"{pair.Right}-{pair.Left}");

    private static IEnumerable<SideOrder> All()
    {
        yield return new("none", [Side.None], false);
        yield return new("alternate", [Side.Right], true);
        yield return new("alternate-left", [Side.Left], true);
        foreach (var (right, left) in Pairs)
        {
            yield return new(right, [Side.Right], false);
            yield return new(left, [Side.Left], false);
            yield return new($"{right}-{left}", [Side.Right, Side.Left], false);
            yield return new($"{left}-{right}", [Side.Left, Side.Right], false);
        }
    }
}
