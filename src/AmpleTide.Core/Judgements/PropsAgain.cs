using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>What takes a room to move is not sent away and fetched again.</summary>
public static class PropsAgain
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("props-again", "A prop is fetched once", Level.Hint, Judge);

    // Chairs and bolsters go to the wall; what lies beside the mat is within reach, and only a long while later is it looked for.
    private static readonly string[] Big = ["chair", "bolster"];
    private static readonly TimeSpan LongAfter = TimeSpan.FromMinutes(5);
    private static readonly TimeSpan Soon = TimeSpan.FromMinutes(1);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var needs in score.Props.Where(n => IsFetched(score, n.Prop)).GroupBy(n => n.Prop))
        {
            var before = needs.First();
            foreach (var need in needs.Skip(1))
            {
                if (need.From - before.To > (Big.Contains(needs.Key) ? Soon : LongAfter))
                    yield return Rule.Found(
                        [before.Line, need.Line],
                        $"The {score.Catalogue.Prop(needs.Key)!.Name.ToLowerInvariant()} goes away and is needed again "
                            + $"{Clock.Of(need.From - before.To)} later.",
                        Big.Contains(needs.Key)
                            ? "Moving it takes a room about 40 seconds each time."
                            : "By then it lies somewhere; keep it within reach, or take both moves together."
                    );
                before = need;
            }
        }
    }

    // What people sit on between their moves stays where it is.
    private static bool IsFetched(Score score, string prop) =>
        score.Catalogue.Prop(prop) is { AlwaysThere: false } && prop is not ("cushion" or "pillow");
}
