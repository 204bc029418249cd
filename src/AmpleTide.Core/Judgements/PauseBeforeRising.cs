using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>After five minutes of lying, people sit a while before they stand. Common practice, no source.</summary>
public static class PauseBeforeRising
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("pause-before-rising", "People sit before they stand up from lying", Level.Serious, Judge);

    private static readonly TimeSpan Long = TimeSpan.FromMinutes(5);
    private static readonly TimeSpan Sit = TimeSpan.FromSeconds(30);
    private static readonly TimeSpan SitLonger = TimeSpan.FromSeconds(60);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var group = score.Plan.Group;
        var needed = group.Older || group.GetsDizzy ? SitLonger : Sit;
        TimeSpan? lyingFrom = null;
        var (lying, sat) = (TimeSpan.Zero, TimeSpan.Zero);
        foreach (var span in Spans(score))
        {
            // On the front is lying too.
            if (span.Line.Position!.Lying || span.Line.Position.Demands.HasFlag(Demands.LyingFlat))
            {
                lyingFrom ??= span.At;
                (lying, sat) = (span.End - lyingFrom.Value, TimeSpan.Zero);
                continue;
            }
            var stands = span.Line.Position.Level == PelvisLevel.Standing;
            // The way itself is getting up; what counts is sitting or kneeling still.
            if (!stands)
                sat += span.Length;
            if (stands && lying >= Long && sat < needed)
            {
                var line = span.Line;
                yield return Rule.Found(
                        [line],
                        $"After {Clock.Of(lying)} of lying people sit {(int)sat.TotalSeconds} s before they stand.",
                        $"Sit {needed.TotalSeconds} s first; rising quickly makes people dizzy."
                    )
                    .Fix(
                        "Sit and notice first",
                        plan => Sitting(score, needed).Select(sitting => plan.InsertBefore(line.Set?.Id ?? line.Line.Id, sitting))
                    );
            }
            if (stands || sat >= needed)
                (lyingFrom, lying) = (null, TimeSpan.Zero);
        }
    }

    // Practice, and talk and waiting between: they are spent where the line before them ended.
    private static IEnumerable<PracticeSpan> Spans(Score score)
    {
        var between = score.Items.Where(i => i is BetweenScore).SelectMany(i => i.Occurrences).ToList();
        if (between.Count == 0)
            return score.PracticeSpans;
        var spans = score.PracticeSpans.ToList();
        return
        [
            .. spans
                .Concat(
                    from occurrence in between
                    let before = spans.LastOrDefault(s => s.At <= occurrence.Start)
                    where before.Line is not null
                    select before with
                    {
                        At = occurrence.Start,
                        Length = occurrence.Length,
                    }
                )
                .OrderBy(s => s.At),
        ];
    }

    // A breath of noticing, about; common practice, no source.
    private static readonly TimeSpan NoticingBreath = TimeSpan.FromSeconds(9);

    private static IEnumerable<Line> Sitting(Score score, TimeSpan time) =>
        from id in (string[])["noticing-pause", "natural-breath"]
        let move = score.Catalogue.Move(id)
        where move is not null
        from place in (string[])["seated-cross", "heel-sit", "chair-edge"]
        where move.In.Contains(place)
        select new Line
        {
            Id = id,
            Move = id,
            Position = place,
            Dose = new(move.Dose.Unit, Math.Min(move.Dose.Most, (int)(time / NoticingBreath) + 1)),
        };
}
