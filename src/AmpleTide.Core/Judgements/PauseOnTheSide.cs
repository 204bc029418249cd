using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>After long lying on the back people wait a breath or two on the side before they sit up. Common practice, no source.</summary>
public static class PauseOnTheSide
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("pause-on-the-side", "People wait on the side before they sit up", Level.Hint, Judge);

    private const string Side = "side-lying";
    private const string Wait = "wait-on-the-side";
    private static readonly TimeSpan Long = TimeSpan.FromMinutes(3);

    private static IEnumerable<Finding> Judge(Score score)
    {
        LineScore? before = null;
        var lying = TimeSpan.Zero;
        foreach (var line in score.Lines.Where(l => l.Form is not null))
        {
            if (
                before is not null
                && lying >= Long
                && !line.Position!.Lying
                && before.Position!.Id != Side
                && !WaitsBetween(score, before, line)
            )
            {
                var (last, up) = (before, line);
                var finding = Rule.Found(
                    [last, up],
                    $"After {Clock.Of(lying)} of lying still people go on to {up.Move!.Name} without a stop on the side.",
                    "Two breaths on the side let the blood pressure follow; some feel dizzy else."
                );
                yield return score.Catalogue.Move(Wait) is { } move
                && move.In.Contains(Side)
                && score.Catalogue.Position(Side) is { } side
                && score.Plan.Place.Allows(side)
                    ? finding.Fix(
                        $"Add {move.Name}",
                        plan =>
                            plan.InsertAfter(
                                last.Set?.Id ?? last.Line.Id,
                                new Line
                                {
                                    Id = Wait,
                                    Move = Wait,
                                    Position = Side,
                                }
                            )
                    )
                    : finding;
            }
            // Whoever moves lying down is awake; long stillness is what makes people dizzy.
            lying = line.Position!.Lying && Arc.IsQuiet(line) ? lying + line.Time : TimeSpan.Zero;
            before = line;
        }
    }

    // Silence that is written down before people sit up is a stop, wherever they lie.
    private static bool WaitsBetween(Score score, LineScore before, LineScore after) =>
        score.Items.SkipWhile(i => i != before).TakeWhile(i => i != after).Any(i => i.Item is Waiting);
}
