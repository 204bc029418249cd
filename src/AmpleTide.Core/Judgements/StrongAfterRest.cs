using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Nothing strong once the rest has begun.</summary>
public static class StrongAfterRest
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("strong-after-rest", "Nothing strong after the rest", Level.Notable, Judge);

    private const double Strong = 2.6; // METs: over mild stretching and gentle flows

    private static IEnumerable<Finding> Judge(Score score)
    {
        var rest = Arc.Rest(score);
        foreach (var line in rest.Where(l => l.Move!.Effort > Strong))
        {
            var before = score.Lines[Math.Max(0, IndexOf(score, rest[0]) - 1)];
            yield return Rule.Found(
                    [line],
                    $"{line.Move!.Name} comes after the rest began.",
                    "Whoever has come to rest is not taken out of it again."
                )
                .Fix(
                    "Move it before the rest",
                    plan => [plan.Move(line.Line.Id, before.Set?.Id ?? before.Line.Id), plan.Remove(line.Line.Id)]
                );
        }
    }

    private static int IndexOf(Score score, LineScore line)
    {
        for (var i = 0; i < score.Lines.Count; i++)
            if (score.Lines[i] == line)
                return i;
        return 0;
    }
}
