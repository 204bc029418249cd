using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>Nothing strong unprepared: what is held near its end, or loaded by hand or body, has moved at middle range before.</summary>
public static class Preparation
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("preparation", "Nothing strong comes unprepared", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        for (var i = 0; i < score.Lines.Count; i++)
        {
            var line = score.Lines[i];
            if (Unprepared.In(score, i) is not { } unprepared)
                continue;
            var finding = Rule.Found(
                [line],
                $"{line.Move!.Name} comes before anything moved the {unprepared.Name}.",
                "Middle range first, then the end of it."
            );
            if (i > 0)
                finding = finding.FixByInserting("Put in a preparation", score, score.Lines[i - 1], unprepared.Need);
            yield return line.Move!.Effort >= 3 ? finding : finding.As(Level.Hint);
        }
    }
}
