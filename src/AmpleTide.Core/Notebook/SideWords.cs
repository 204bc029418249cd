using System.Text.RegularExpressions;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using static AmpleTide.Core.Notebook.Patterns;

namespace AmpleTide.Core.Notebook;

/// <summary>Sides as teachers jot them down, and what is left of the words without them.</summary>
/// <param name="Rest">The words without them.</param>
/// <param name="First">The side or direction that is named first, as right or left; none where nothing is said.</param>
/// <param name="Both">Whether both are done.</param>
/// <param name="Alternates">Whether they take turns.</param>
/// <param name="Kind">Whose words they are: those of circles and crossings fit these alone; null where they fit all.</param>
internal sealed record SideWords(string Rest, Side First, bool Both, bool Alternates, int? Kind = null)
{
    // The first word of a pair is what the catalogue calls right.
    private static readonly (string Right, string Left)[] Directions =
    [
        ("right on top|right over left|right over", "left on top|left over right|left over"),
        ("clockwise|cw", "the other way round|the other way|counter-?clockwise|anti-?clockwise|ccw|acw"),
        ("backwards?|bwd|back", "forwards?|forward|fwd|fw"),
        ("inwards?|in", "outwards?|out"),
        (@"right side|right leg|right arm|right|rt|r", @"left side|left leg|left arm|left|lt|l"),
    ];

    private const string Join = @"\s*(?:\+|/|&|,|;|-|–|then|and then|and|or)\s*";

    private static readonly (Regex RightLeft, Regex LeftRight, Regex Right, Regex Left)[] Patterns =
    [
        .. Directions.Select(d =>
            (
                Pattern($@"(?<![a-z'])(?:{d.Right}){Join}(?:{d.Left})(?![a-z'])"),
                Pattern($@"(?<![a-z'])(?:{d.Left}){Join}(?:{d.Right})(?![a-z'])"),
                Pattern($@"(?<![a-z'])(?:{d.Right})(?: only)?(?![a-z'])"),
                Pattern($@"(?<![a-z'])(?:{d.Left})(?: only)?(?![a-z'])")
            )
        ),
    ];

    private static readonly Regex TakeTurns = Pattern(
        @"\b(?:alternating(?: from the (?<from>right|left))?|alternately|alternate sides|alt\.?)(?![a-z])"
    );

    private static readonly Regex BothSides = Pattern(
        @"\b(?:(?:both|either|two) (?:sides|ways|directions|legs|arms|feet|hands)|(?:and|then) (?:the )?(?:other|second) (?:side|way)|other side too|both)\b"
    );

    /// <summary>Nothing is said of sides.</summary>
    public static SideWords Unsaid(string text) => new(text, Side.None, false, false);

    /// <summary>Finds the sides in a line.</summary>
    /// <param name="text">The line, in lower case.</param>
    /// <param name="directions">Whether words of circles count: "back", "in" and "out" are parts of names, too.</param>
    public static SideWords In(string text, bool directions)
    {
        if (TakeTurns.Match(text) is { Success: true } turns)
            return new(Without(text, turns), turns.Groups["from"].Value == "left" ? Side.Left : Side.Right, true, true);
        // Sides last: "right on top" is no side. Without directions, only sides and what says nothing else.
        foreach (var (i, (rightLeft, leftRight, _, _)) in Patterns.Index())
        {
            if (rightLeft.Match(text) is { Success: true } first)
                return new(Without(text, first), Side.Right, true, false, KindAt(i));
            if (leftRight.Match(text) is { Success: true } other)
                return new(Without(text, other), Side.Left, true, false, KindAt(i));
        }
        if (BothSides.Match(text) is { Success: true } both)
            return new(Without(text, both), Side.None, true, false);
        foreach (var (i, (_, _, right, left)) in Patterns.Index().Skip(directions ? 0 : Patterns.Length - 1))
        {
            var (r, l) = (right.Match(text), left.Match(text));
            if (r.Success && l.Success)
                return new(
                    Without(Without(text, r.Index > l.Index ? r : l), r.Index > l.Index ? l : r),
                    r.Index < l.Index ? Side.Right : Side.Left,
                    true,
                    false,
                    KindAt(i)
                );
            if (r.Success || l.Success)
                return new(Without(text, r.Success ? r : l), r.Success ? Side.Right : Side.Left, false, false, KindAt(i));
        }
        return Unsaid(text);
    }

    /// <summary>Whether the words are ones that are said of a move.</summary>
    public bool Fit(Move move) =>
        Kind is null
        || Kind
            == move.Sides switch
            {
                Sidedness.Crossing => 0,
                Sidedness.Circling => 1 + (int)move.Circle,
                _ => -1,
            };

    // Right and left, the last pair, are said of everything.
    private static int? KindAt(int pattern) => pattern == Patterns.Length - 1 ? null : pattern;

    /// <summary>The order for a move; null where nothing is said, or it has no sides.</summary>
    public SideOrder? For(Move move)
    {
        if (move.Sides == Sidedness.None || (First == Side.None && !Both) || !Fit(move))
            return null;
        var first = First == Side.None ? Side.Right : First;
        return Both || move.Sides == Sidedness.Alternating ? SideOrder.For(move, first) : SideOrder.Single(move, first);
    }

    /// <summary>The sides to the letter, whether the move has any or not.</summary>
    public SideOrder? Exactly(Move move) =>
        For(move)
        ?? (
            First == Side.None || Kind is not null
                ? null
                : SideOrder.Find(
                    (First, Both) switch
                    {
                        (Side.Right, true) => "right-left",
                        (Side.Left, true) => "left-right",
                        (Side.Left, false) => "left",
                        _ => "right",
                    }
                )
        );

    private static string Without(string text, Match match) => text[..match.Index] + " " + text[(match.Index + match.Length)..];
}
