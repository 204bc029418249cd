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
        if (!group.Conditions.Any(c => c.Value > 0))
            yield break;
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form)
                continue;
            var against = ConditionRules
                .For(form)
                .Where(c => c.Advice >= Advice.Swap && group.Conditions.GetValueOrDefault(c.Condition) > 0)
                .ToList();
            if (against.Count == 0)
                continue;
            var people = Math.Min(group.Size, against.Sum(c => group.Conditions[c.Condition]));
            var never = against.Find(c => c.Advice == Advice.LeaveOut && GoesForEverybody(form));
            if (never is not null)
                yield return WithFixes(
                    Rule.Found(
                        [line],
                        $"{form.Move.Name} is not done with {NameOf(score, never)} in the room: {never.Because}.",
                        "This one goes for everybody; a clinician's word and local rules come first."
                    ),
                    score,
                    line
                );
            else if (group.Size > 0 && people >= Half * group.Size)
                yield return WithFixes(
                    Rule.Found(
                            [line],
                            $"{people} of {group.Size} cannot do {form.Move.Name}: {against[0].Because}.",
                            "What half the group leaves out is better taken another way by all."
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

    private static string NameOf(Score score, Caution caution) =>
        score.Catalogue.Conditions.First(c => c.Id == caution.Condition).Name.ToLowerInvariant();
}
