using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// What half the group or more cannot do is not for this group; and what must never be done with a condition that is there goes for
/// everybody. A single person's condition is a swap for that person, see <see cref="People"/>. From memory and common practice, no
/// source; a clinician's word comes first.
/// </summary>
public static class ForTheGroup
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("condition", "The class suits who comes", Level.Serious, Judge);

    private const double Half = 0.5;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var group = score.Plan.Group;
        foreach (var swaps in People.SwapsOf(score).Where(s => s.Advised.Advice == Advice.LeaveOut).GroupBy(s => s.Line))
        {
            var (line, form, without) = (swaps.Key, swaps.Key.Form!, swaps.ToList());
            var count = Math.Min(group.Size, without.Sum(s => s.Advised.Person.Count));
            if (GoesForEverybody(form))
                yield return WithFixes(
                    Rule.Found(
                        [line],
                        $"{form.Move.Name} is not done with {Who(score, without[0])} in the room: {without[0].Advised.Because}.",
                        "This one goes for everybody; a clinician's word and local rules come first."
                    ),
                    score,
                    line
                );
            else if (group.Size > 0 && count >= Half * group.Size)
                yield return WithFixes(
                    Rule.Found(
                            [line],
                            $"{count} of {group.Size} cannot do {form.Move.Name}: {without[0].Advised.Because}.",
                            "What half the group leaves out is better taken another way by all."
                        )
                        .As(Level.Notable),
                    score,
                    line
                );
            else if (without.Find(s => s.Instead.Count == 0) is { } none)
                yield return WithFixes(
                    Rule.Found(
                            [line],
                            $"{form.Move.Name} is left out with {Who(score, none)}, and nothing stands in: they {Replacements.Meanwhile(form)}.",
                            $"It is left out because {none.Advised.Because}. A move that all can take spares them the waiting."
                        )
                        .As(Level.Notable),
                    score,
                    line
                );
        }
    }

    // Plough, full neck circles, strained holding of the breath.
    private static bool GoesForEverybody(MoveForm form) =>
        form.Move.OptIn || form.Phases.Any(p => p.Phase.Breath is Breath.HoldIn or Breath.HoldOut && p.Phase.Counts is > 4);

    private static Finding WithFixes(Finding finding, Score score, LineScore line) =>
        (Swaps.ForEverybody(score, line).Any() ? WithSwap(finding, score, line) : finding).Fix(
            "Leave it out",
            plan => plan.RemovingWithPairs(line.Line.Id)
        );

    private static Finding WithSwap(Finding finding, Score score, LineScore line) =>
        finding.Fix(
            "Swap it for everybody",
            plan => Swaps.ForEverybody(score, line).Select(s => plan.ChangeLine(line.Line.Id, l => Swaps.Put(l, s)))
        );

    private static string Who(Score score, PersonSwap swap) =>
        string.Join(
            " and ",
            swap.Advised.Person.Complaints.Select(c =>
                score.Catalogue.Conditions.FirstOrDefault(known => known.Id == c.Condition)?.Name.ToLowerInvariant() ?? c.Condition
            )
        );
}
