using AmpleTide.Core;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Fitting;

/// <summary>One way to end a class earlier or later.</summary>
/// <param name="From">The first line (from 0) that may change: those before it are taken as planned.</param>
/// <param name="To">The first line that does change: from each line up to this one on, it holds as it stands.</param>
/// <param name="Total">How long the class is with it.</param>
/// <param name="Changes">The doses that change.</param>
public sealed record Rung(int From, int To, TimeSpan Total, IReadOnlyList<DoseChange> Changes);

/// <summary>
/// Fits for every place a class may have got to, made before it is taught: shorter and longer by steps, as far as doses allow,
/// so that whoever
/// teaches can finish on time at once and without a server.
/// </summary>
public static class Ladder
{
    /// <summary>Between the lengths that are made for all of a class.</summary>
    public static readonly TimeSpan Step = TimeSpan.FromMinutes(2);

    /// <summary>Between the lengths that are made for what lies within <see cref="Near"/>.</summary>
    public static readonly TimeSpan NearStep = TimeSpan.FromSeconds(20);

    /// <summary>How much of a class counts as its end.</summary>
    public static readonly TimeSpan Near = TimeSpan.FromMinutes(10);

    /// <summary>
    /// By how much a class is made shorter and longer, the least change first. There is a rung or more for each, or none.
    /// </summary>
    public static IReadOnlyList<TimeSpan> Changes(Score score)
    {
        var whole = Reach.From(score, 0);
        return
        [
            .. Enumerable
                .Range(-Multiple(whole.Less), Multiple(whole.Less) + Multiple(whole.More) + 1)
                .Where(n => n != 0)
                .OrderBy(Math.Abs)
                .Select(n => NearStep.Times(n))
                .Where(change => Reach.From(score, FirstFor(score, change)).Holds(change)),
        ];
    }

    /// <summary>
    /// The rungs of one change, by where they hold from. A fit that leaves the next lines as they are is the best one from each of them on,
    /// too: a new one is made where it changes a line that is over.
    /// </summary>
    /// <param name="score">The class.</param>
    /// <param name="change">By how much it ends later; less than zero for earlier.</param>
    /// <param name="cancellation">Ends the work.</param>
    public static IEnumerable<Rung> At(Score score, TimeSpan change, CancellationToken cancellation = default)
    {
        var from = FirstFor(score, change);
        while (from < score.Lines.Count && Reach.From(score, from).Holds(change))
        {
            var fit = Fitter.Fit(new(score) { Target = score.Total + change, From = from }, cancellation);
            if (fit.Changes is not { Count: > 0 } changes)
                yield break;
            var first = changes.Min(c => IndexOf(score, c.Line));
            yield return new(from, first, fit.Reached, changes);
            from = first + 1;
        }
    }

    // Fine steps are made for the end of a class only.
    private static int FirstFor(Score score, TimeSpan change) =>
        change.Ticks % Step.Ticks == 0
            ? 0
            : score
                .Lines.Index()
                .Where(l => l.Item.Occurrences.Count > 0 && score.Total - l.Item.Occurrences[0].Start <= Near)
                .Select(l => l.Index)
                .DefaultIfEmpty(score.Lines.Count)
                .First();

    private static int Multiple(TimeSpan time) => (int)(time.Ticks / NearStep.Ticks);

    private static int IndexOf(Score score, LineScore line) => score.Lines.Index().First(l => ReferenceEquals(l.Item, line)).Index;

    /// <summary>By how much all that is left of a class could be shorter or longer, each dose by itself.</summary>
    private readonly record struct Reach(TimeSpan Less, TimeSpan More)
    {
        public static Reach From(Score score, int first)
        {
            var left = score.Lines.Skip(first).Where(l => l.Form is not null && !l.Line.Locked).ToList();
            return new(
                left.Sum(l => l.UnitTime.Times(Math.Max(0, l.Dose.Amount - l.Limits.Least))),
                left.Sum(l => l.UnitTime.Times(Math.Max(0, l.Limits.Most - l.Dose.Amount)))
            );
        }

        public bool Holds(TimeSpan change) =>
            change < TimeSpan.Zero ? -change <= Less + FitProblem.Tolerance : change <= More + FitProblem.Tolerance;
    }
}
