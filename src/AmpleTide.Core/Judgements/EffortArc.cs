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
    private const double Alike = 0.15;
    private static readonly TimeSpan LongEnough = TimeSpan.FromSeconds(20);

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
        // The peak is what asks most for long enough to be one; several that ask alike are a plateau, and any of them may lie well.
        var efforts = Efforts(score).ToList();
        var top = efforts.Count == 0 ? 0 : efforts.Max(e => e.Mets);
        var peaks = efforts.Where(e => e.Mets >= top - Alike).ToList();
        // How early it comes is told of the time people move in: a long rest makes no peak early.
        var moving = Arc.RestBegins(score) / score.Total;
        if (peaks.Count > 0 && !peaks.Any(p => p.To >= EarliestPeak * moving && p.From <= LatestPeak))
        {
            var peak = peaks.MaxBy(p => p.Mets)!;
            var where = peak.To < EarliestPeak * moving ? "early" : "late";
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

    private sealed record Effort(double From, double To, double Mets, LineScore Line);

    // Each time a line is taken that goes on for a while.
    private static IEnumerable<Effort> Efforts(Score score) =>
        from line in score.Lines
        where line.Move is not null && line.Practised >= LongEnough
        from taken in line.Occurrences
        select new Effort(taken.Start / score.Total, taken.End / score.Total, line.Move!.Effort, line);
}
