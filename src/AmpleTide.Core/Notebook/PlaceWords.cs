using System.Text.RegularExpressions;
using AmpleTide.Core.Catalogue;
using static AmpleTide.Core.Notebook.Patterns;

namespace AmpleTide.Core.Notebook;

/// <summary>Positions as teachers jot them down: where a move is taken, and where a way leads. Common practice, no source.</summary>
internal static class PlaceWords
{
    /// <summary>Words for a place, and the positions they can mean, likeliest first.</summary>
    private static readonly (Regex Words, string[] Positions)[] Places =
    [
        (Words(@"(?:on|in|at) (?:the |a |your )?chairs?|chair version|seated on (?:the |a )?chair"), ["chair-edge", "chair-back"]),
        (Words(@"(?:on |to )?(?:all fours|hands and knees|hands & knees|tabletop|table top)"), ["all-fours"]),
        (Words("(?:on |to )?(?:the |your )?(?:belly|front|stomach)|prone|face down"), ["prone", "sphinx"]),
        (
            Words("(?:lying )?on (?:the |your |our )?backs?|lying(?: down)?|supine|reclined|reclining"),
            ["supine-knees", "supine-long", "legs-on-chair", "propped"]
        ),
        (Words("on (?:the |your )?side|side-?lying"), ["side-lying"]),
        (Words("tall kneeling|kneeling up|kneeling|on (?:the |your )?knees"), ["tall-kneel", "heel-sit", "half-kneel"]),
        (Words("on (?:the |your )?heels"), ["heel-sit"]),
        (Words("cross-?legged|crosslegged|easy seat|easy pose"), ["seated-cross"]),
        (Words("in bed|on (?:the )?pillows"), ["propped"]),
        (
            Words("seated|sitting|sat"),
            ["seated-cross", "chair-edge", "heel-sit", "long-sit", "diamond-sit", "wide-sit", "side-sit", "chair-back"]
        ),
        (Words("standing|on (?:the |your )?feet"), ["standing", "wide-stance"]),
    ];

    private static readonly (Regex Words, string Position)[] Ways =
    [
        (
            Way("(?:sit|come|move|go|get)(?: down)?(?: back)? (?:on|in|to|onto) (?:the |a |your )?chairs?", "on (?:the |a )?chairs?"),
            "chair-edge"
        ),
        (
            Way(
                "(?:slowly )?(?:stand|stand up|come (?:up )?to stand(?:ing)?|rise|rise to stand(?:ing)?|roll up(?: slowly)?(?: to stand(?:ing)?)?|get up|up to stand(?:ing)?|to standing)"
            ),
            "standing"
        ),
        (
            Way(
                "(?:lie|lay|lie down|lay down|come to lying|come down to lying)(?: down)?(?: on (?:the |your )?backs?)?",
                "roll (?:down )?on(?:to|) (?:the |your )?backs?",
                "roll onto (?:the |your )?backs?",
                "onto (?:the |your )?backs?",
                "(?:come|go) (?:on)?to (?:the |your )?backs?"
            ),
            "supine-knees"
        ),
        (
            Way(
                "(?:lie|lay|come|roll|go)(?: down)? (?:on|onto|to) (?:the |your )?(?:belly|front|stomach)",
                "lower to (?:the |your )?(?:belly|front)"
            ),
            "prone"
        ),
        (
            Way(
                "(?:come|move|go|get|roll over|roll|back|walk)(?: back)?(?: (?:in)?to| onto| on) (?:all fours|hands and knees|hands & knees|tabletop|table top)",
                "(?:onto |to )?all fours"
            ),
            "all-fours"
        ),
        (Way("roll (?:over )?(?:on)?to (?:the |your |one |a )?(?:right |left )?side"), "side-lying"),
        (Way("(?:come|go|get)(?: up)? to (?:tall )?kneel(?:ing)?|kneel(?: up)?"), "tall-kneel"),
        (Way("sit (?:back )?on (?:the |your )?heels|(?:come|sit) back (?:on)?to (?:the |your )?heels"), "heel-sit"),
        (
            Way(
                "(?:come|roll|go|get|move)(?: back)?(?: up)?(?: down)? to (?:a )?(?:sit|seat|seated|sitting)(?: position)?",
                "sit(?: up| down)?(?: (?:on|to) (?:the |your )?(?:floor|mat))?",
                "sit cross-?\\s?legged",
                "easy seat",
                "(?:come )?(?:down )?to (?:the |your )?(?:mat|floor)"
            ),
            "seated-cross"
        ),
        (Way("(?:step|feet|jump|walk) (?:the |your )?(?:feet )?wide|wide stance"), "wide-stance"),
    ];

    /// <summary>Where a line that only goes somewhere leads, or null where it does more or less than that.</summary>
    public static string? WayTo(string text) => Ways.FirstOrDefault(w => w.Words.IsMatch(text)).Position;

    /// <summary>Which of a move's positions a line names, or null.</summary>
    /// <param name="text">The line, in lower case.</param>
    /// <param name="move">The move.</param>
    public static string? In(string text, Move move) =>
        Places
            .Where(p => p.Words.IsMatch(text))
            .Select(p => p.Positions.FirstOrDefault(move.In.Contains))
            .FirstOrDefault(p => p is not null);

    /// <summary>The words of a line without those that name a place; the same where there are none.</summary>
    public static string Without(string text)
    {
        foreach (var (words, _) in Places)
            if (words.Match(text) is { Success: true } match)
                return text[..match.Index] + " " + text[(match.Index + match.Length)..];
        return text;
    }

    private static Regex Words(string pattern) => Pattern($@"(?<![a-z])(?:{pattern})(?![a-z])");

    private static Regex Way(params string[] ways) =>
        Pattern($@"^\W*(?:and |then |slowly |gently )*(?:{string.Join('|', ways)})(?: slowly| gently)?\W*$");
}
