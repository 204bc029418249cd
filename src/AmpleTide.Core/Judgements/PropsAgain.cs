using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>What takes a room to move is not sent away and fetched again.</summary>
public static class PropsAgain
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("props-again", "Big props are moved once", Level.Hint, Judge);

    // What lies beside the mat is within reach and does not count; chairs and bolsters go to the wall.
    private static readonly string[] Big = ["chair", "bolster"];
    private static readonly TimeSpan Soon = TimeSpan.FromMinutes(1);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var needs in score.Props.Where(n => Big.Contains(n.Prop)).GroupBy(n => n.Prop))
        {
            var before = needs.First();
            foreach (var need in needs.Skip(1))
            {
                if (need.From - before.To > Soon)
                    yield return Rule.Found(
                        [before.Line, need.Line],
                        $"The {score.Catalogue.Prop(needs.Key)!.Name.ToLowerInvariant()} goes away and is needed again "
                            + $"{Clock.Of(need.From - before.To)} later.",
                        "Moving it takes a room about 40 seconds each time."
                    );
                before = need;
            }
        }
    }
}
