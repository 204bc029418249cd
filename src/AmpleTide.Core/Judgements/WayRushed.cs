using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Whoever gets dizzy, is older or comes for the first time is not sent up and down at a brisk pace. Common practice, no source.
/// </summary>
public static class WayRushed
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("way-rushed", "Nobody is hurried up or down", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var group = score.Plan.Group;
        if (group.Pace != Pace.Brisk || Whom(group) is not { } whom)
            yield break;
        var hurried = score.Lines.Where(l => l.Ways.Exists(w => w.Way.From.Level != w.Way.To.Level)).ToList();
        if (hurried.Count == 0)
            yield break;
        yield return Rule.Found(
                hurried,
                $"{hurried.Count} {(hurried.Count == 1 ? "way" : "ways")} up or down at a brisk pace, with {whom} in the room.",
                "Rising or sinking quickly makes people dizzy, and the last one down has no time to settle."
            )
            .Fix("Take ways at the usual pace", plan => plan with { Group = plan.Group with { Pace = Pace.Usual } });
    }

    private static string? Whom(Group group) =>
        group.Older ? "older people"
        : group.GetsDizzy ? "people who get dizzy"
        : group.Newcomers > 0 ? "newcomers"
        : null;
}
