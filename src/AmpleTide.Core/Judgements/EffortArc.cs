using System.Globalization;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Effort rises to one peak and falls away. METs by the Compendium of Physical Activities (Ainsworth and others, 2011), from memory; where
/// a peak lies is common practice, no source.
/// </summary>
public static class EffortArc
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("arc", "Effort rises to a peak and falls away", Level.Notable, Judge);

    private const double FlatMets = 0.8;
    private const double Demanding = 2.8; // over gentle flows (2.5) there is something to come down from
    private const double EarliestPeak = 0.35;
    private const double LatestPeak = 0.90;
    private const double Ending = 0.85;
    private const double EndingShare = 0.75;
    private static readonly TimeSpan Window = TimeSpan.FromMinutes(1);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var (least, most) = (double.PositiveInfinity, double.NegativeInfinity);
        foreach (var line in score.Lines)
        {
            if (line.Move is null || line.Occurrences.Count == 0 || Arc.IsQuiet(line))
                continue;
            (least, most) = (Math.Min(least, line.Move.Effort), Math.Max(most, line.Move.Effort));
        }
        // Nothing moving, or nothing that rises and falls.
        if (most - least < FlatMets || most < Demanding)
            yield break;
        // The peak is the minute that asks most; several that ask alike are a plateau, and any of them may lie well.
        var minutes = Minutes(score).ToList();
        var top = minutes.Max(m => m.Mets);
        var peaks = minutes.Where(m => m.Mets >= top - 0.15).ToList();
        if (!peaks.Any(p => p.To >= EarliestPeak && p.From <= LatestPeak))
        {
            var peak = peaks.MaxBy(p => p.Mets)!;
            var where = peak.To < EarliestPeak ? "early" : "late";
            yield return Rule.Found(
                [peak.Line],
                $"{peak.Line.Move!.Name}, the most demanding, comes {where}: after {Clock.Share(peak.To)} of the class.",
                "Warm first, and leave time to come down again."
            );
        }
        var after = score
            .PracticeSpans.Where(t => t.At >= Ending * score.Total)
            .Select(t => t.Line)
            .FirstOrDefault(l => l.Move!.Effort > EndingShare * most && l.Move.Effort >= 2.6);
        if (after is not null)
        {
            yield return Rule.Found(
                [after],
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{after.Move!.Name} asks for {after.Move.Effort:0.0} METs near the end; the peak was {most:0.0}."
                ),
                "The last part of a class is for coming down."
            );
        }
    }

    private sealed record Minute(double From, double To, double Mets, LineScore Line);

    private static IEnumerable<Minute> Minutes(Score score)
    {
        var next = 0;
        for (var from = TimeSpan.Zero; from < score.Total; from += Window / 2)
        {
            while (next < score.PracticeSpans.Count && score.PracticeSpans[next].End <= from)
                next++;
            double mets = 0,
                ms = 0,
                best = 0;
            LineScore? line = null;
            for (var i = next; i < score.PracticeSpans.Count && score.PracticeSpans[i].At < from + Window; i++)
            {
                var t = score.PracticeSpans[i];
                var inside = (Earlier(t.End, from + Window) - WholeMilliseconds.Longer(t.At, from)).TotalMilliseconds;
                (mets, ms) = (mets + (t.Line.Move!.Effort * inside), ms + inside);
                if (t.Line.Move.Effort > best)
                    (best, line) = (t.Line.Move.Effort, t.Line);
            }
            if (line is not null && ms > 0)
                yield return new(from / score.Total, Earlier(score.Total, from + Window) / score.Total, mets / ms, line);
        }
    }

    private static TimeSpan Earlier(TimeSpan a, TimeSpan b) => a <= b ? a : b;
}
