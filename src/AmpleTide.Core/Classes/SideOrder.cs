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
    private static readonly Pair[] Pairs =
    [
        Pair.Of("right", "left"),
        Pair.Of("cw", "ccw"),
        Pair.Of("back", "forward"),
        Pair.Of("in", "out"),
        Pair.Of("over", "under"),
    ];

    private static readonly SideOrder Alternating = new("alternate", [Side.Right], true);
    private static readonly SideOrder AlternatingLeft = new("alternate-left", [Side.Left], true);

    /// <summary>No sides.</summary>
    public static SideOrder Unsided { get; } = new("none", [Side.None], false);

    private static readonly Dictionary<string, SideOrder> ByWord = new[] { Unsided, Alternating, AlternatingLeft }
        .Concat(Pairs.SelectMany(p => p.All))
        .ToDictionary(o => o.Word);

    /// <summary>All words a file may use.</summary>
    public static IEnumerable<string> Words => ByWord.Keys;

    /// <summary>The order of a word, or null.</summary>
    public static SideOrder? Find(string word) => ByWord.GetValueOrDefault(word);

    /// <summary>The order a move takes when the line says nothing.</summary>
    /// <param name="move">The move.</param>
    /// <param name="first">The side that goes first.</param>
    public static SideOrder For(Move move, Side first) =>
        move.Sides switch
        {
            Sidedness.None => Unsided,
            Sidedness.Alternating => first == Side.Left ? AlternatingLeft : Alternating,
            _ => first == Side.Left ? PairOf(move).LeftRight : PairOf(move).RightLeft,
        };

    /// <summary>The order of a single side, in the words of a move.</summary>
    public static SideOrder Single(Move move, Side side) =>
        move.Sides switch
        {
            Sidedness.None => Unsided,
            Sidedness.Alternating => side == Side.Left ? AlternatingLeft : Alternating,
            _ => side == Side.Left ? PairOf(move).Left : PairOf(move).Right,
        };

    /// <summary>Both sides in this order's words, beginning as it begins.</summary>
    public SideOrder Completed() =>
        Pairs.FirstOrDefault(p => p.Right == this || p.Left == this) is { } pair
            ? Passes[0] == Side.Left
                ? pair.LeftRight
                : pair.RightLeft
            : this;

    /// <summary>Whether a single side of a pair is meant.</summary>
    public bool IsOneSide => Passes.Count == 1 && Passes[0] != Side.None && !Alternates;

    /// <summary>The same with the other side first.</summary>
    public SideOrder Swapped()
    {
        if (this == Unsided)
            return this;
        if (Alternates)
            return this == Alternating ? AlternatingLeft : Alternating;
        var pair = Pairs.First(p => p.All.Contains(this));
        if (IsOneSide)
            return this == pair.Right ? pair.Left : pair.Right;
        return this == pair.RightLeft ? pair.LeftRight : pair.RightLeft;
    }

    private static Pair PairOf(Move move) =>
        move.Sides switch
        {
            Sidedness.Crossing => Pairs[4],
            Sidedness.Circling => move.Circle switch
            {
                Circle.Clockwise => Pairs[1],
                Circle.Backwards => Pairs[2],
                _ => Pairs[3],
            },
            _ => Pairs[0],
        };

    /// <summary>The four orders that two words make.</summary>
    private sealed record Pair(SideOrder Right, SideOrder Left, SideOrder RightLeft, SideOrder LeftRight)
    {
        public SideOrder[] All => [Right, Left, RightLeft, LeftRight];

        public static Pair Of(string right, string left) =>
            new(
                new(right, [Side.Right], false),
                new(left, [Side.Left], false),
                new($"{right}-{left}", [Side.Right, Side.Left], false),
                new($"{left}-{right}", [Side.Left, Side.Right], false)
            );
    }
}
