using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Scoring;

/// <summary>The arc of a class: how effort rises and falls, and where the rest begins.</summary>
public static class Arc
{
    /// <summary>When the final rest begins: with the first quiet line from which on all is quiet, or at the end.</summary>
    public static TimeSpan RestBegins(Score score) => Rest(score) is { Count: > 0 } rest ? rest[0].Occurrences[0].Start : score.Total;

    /// <summary>
    /// The lines of the final rest: lying, propped or seated still, those of the rest section, and what wakes after them.
    /// </summary>
    public static IReadOnlyList<LineScore> Rest(Score score)
    {
        var done = score.Lines.Where(l => l.Occurrences.Count > 0).ToList();
        // Where the class has no section for it, the rest is the last rest, or the stillness it ends with.
        var first = done.FindIndex(l => l.Section.Part == Part.Rest && IsQuiet(l));
        if (first < 0)
            first = done.FindLastIndex(l => l.Move!.Kind == MoveKind.Rest);
        if (first < 0)
            first = done.FindLastIndex(l => !IsQuiet(l) && !l.Move!.IsCue) + 1;
        while (
            first > 0
            && first < done.Count
            && done[first].Section.Part is Part.Rest or Part.Close
            && done[first - 1].Section.Part == Part.Rest
            && IsQuiet(done[first - 1])
        )
            first--;
        return first == 0 ? [] : done.GetRange(first, done.Count - first);
    }

    /// <summary>How long the rest itself is: its quiet lines.</summary>
    public static TimeSpan RestTime(Score score) => Rest(score).Where(IsQuiet).Sum(l => l.Practised);

    /// <summary>Whether a line is still: rest, noticing, breathing without effort.</summary>
    public static bool IsQuiet(LineScore line) =>
        line.Move switch
        {
            { Kind: MoveKind.Rest } => true,
            // What is said and done at once, such as opening the eyes, is no stillness.
            { Kind: MoveKind.CheckIn } => !line.Move.IsCue,
            { Kind: MoveKind.Breathing, Effort: <= 1.5 } => true,
            _ => false,
        };
}
