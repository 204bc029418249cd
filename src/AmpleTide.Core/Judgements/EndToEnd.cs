using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>No deepest bend straight into the deepest the other way: a breath in the middle lies between.</summary>
public static class EndToEnd
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("end-to-end", "There is a middle between two ends", Level.Notable, Judge);

    private const double End = 0.7;
    private static readonly TimeSpan AtOnce = TimeSpan.FromSeconds(4); // common practice, no source

    private static IEnumerable<Finding> Judge(Score score)
    {
        var told = new HashSet<(LineScore, LineScore)>();
        for (var i = 1; i < score.PracticeSpans.Count; i++)
        {
            var (before, after) = (score.PracticeSpans[i - 1], score.PracticeSpans[i]);
            if (before.Line == after.Line || after.At - before.End > AtOnce || before.Line.Move?.Kind == MoveKind.Rest)
                continue;
            var (from, to) = (Last(before).Bending.Spine, First(after).Bending.Spine);
            if (!((from >= End && to <= -End) || (from <= -End && to >= End)))
                continue;
            if (!told.Add((before.Line, after.Line)))
                continue;
            yield return Rule.Found(
                    [before.Line, after.Line],
                    $"{before.Line.Move!.Name} goes straight into {after.Line.Move!.Name}, from one end of the back to the other.",
                    "Small before big: the middle first, for a breath."
                )
                .Fix(
                    "Pause a breath between",
                    plan => plan.ChangeLine(before.Line.Line.Id, l => l with { PauseAfter = l.PauseAfter.Longer(1) })
                );
        }
    }

    private static PhaseForm Last(PracticeSpan span) => span.Form ?? span.Line.Form!.Phases[^1];

    private static PhaseForm First(PracticeSpan span) => span.Form ?? span.Line.Form!.Phases[0];
}
