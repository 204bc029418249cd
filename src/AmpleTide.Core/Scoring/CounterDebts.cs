using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Scoring;

/// <summary>Something a strong move owes, and what takes it back.</summary>
/// <param name="Bend">What was bent.</param>
/// <param name="Forward">Whether rounded, bowed or gathered; else arched, taken or drawn back.</param>
/// <param name="Line">The line that bent it.</param>
/// <param name="Held">For how long.</param>
/// <param name="MetBy">The line that takes it back in time, or in which standing up or two plain breaths settle it, or null.</param>
/// <param name="Answered">Whether it is bent the other way, and not only settled.</param>
/// <param name="LateBy">The line that takes it back too late, or null.</param>
/// <param name="Late">How much later than its end that comes.</param>
public sealed record CounterDebt(
    Bend Bend,
    bool Forward,
    LineScore Line,
    TimeSpan Held,
    LineScore? MetBy,
    bool Answered,
    LineScore? LateBy,
    TimeSpan Late
);

/// <summary>
/// What a class owes to itself: runs of practice that stay on one side and are strong, and what answers them. Common practice, no source.
/// </summary>
public static class CounterDebts
{
    private static readonly Bend[] Owing = [Bend.Spine, Bend.Neck, Bend.Girdle];
    private static readonly TimeSpan InTime = TimeSpan.FromMinutes(2);

    // What comes later than this is no answer to what was so long ago; so no debt looks through the whole of a long class.
    private static readonly TimeSpan LookedFor = TimeSpan.FromMinutes(15);
    private static readonly TimeSpan ShortFold = TimeSpan.FromSeconds(45);
    private static readonly TimeSpan TwoBreaths = TimeSpan.FromSeconds(12);

    /// <summary>All debts of a class, in the order of time. Linear in the spans of practice.</summary>
    public static IReadOnlyList<CounterDebt> Of(Score score) =>
        [.. Owing.SelectMany(bend => new Bookkeeping(score.PracticeSpans, bend).Debts()).OrderBy(d => d.Line.Occurrences[0].Start)];

    /// <summary>Follows one bend through a class.</summary>
    private sealed class Bookkeeping(IReadOnlyList<PracticeSpan> spans, Bend bend)
    {
        private readonly List<CounterDebt> debts = [];

        // The second side owes the same once more; one answer is enough.
        private readonly HashSet<(LineScore Line, bool Forward)> owing = [];

        // What takes a bend back is asked for as long as it takes, and owes nothing itself.
        private readonly HashSet<LineScore> answering = [];
        private Run? run;

        public List<CounterDebt> Debts()
        {
            for (var i = 0; i < spans.Count; i++)
                if (spans[i].Line.Move! is { Kind: not MoveKind.Rest, Counters: not { Count: 0 } })
                    Follow(spans[i], i);
            Close(spans.Count);
            return debts;
        }

        private void Follow(PracticeSpan span, int at)
        {
            var (least, most) = span.Bending(bend);
            var swings = least <= -Counterpose.Noticeable && most >= Counterpose.Noticeable;
            var u = most >= -least ? most : least;
            var isAway = !swings && Math.Abs(u) >= Counterpose.Away;
            if (!isAway || (run is not null && u > 0 != run.Forward))
                Close(at);
            if (!isAway)
                return;
            run ??= new(u > 0);
            // Arms owe for what is held, not for what they swing through.
            if (Math.Abs(u) >= Counterpose.Strong && !(bend == Bend.Girdle && span.Phase == PracticeSpan.Flow))
                run.Add(span);
        }

        private void Close(int next)
        {
            if (run is { Line: { } line, IsStrong: true } && !answering.Contains(line) && owing.Add((line, run.Forward)))
            {
                var debt = Answer(run, line, next);
                debts.Add(debt);
                if (debt is { Answered: true, MetBy: { } by })
                    answering.Add(by);
            }
            run = null;
        }

        private CounterDebt Answer(Run owed, LineScore line, int next)
        {
            var neutral = TimeSpan.Zero;
            var neutralSettles = bend == Bend.Neck || (bend == Bend.Spine && owed.Forward && (owed.Held <= ShortFold || owed.IsSupported));
            for (var i = next; i < spans.Count && spans[i].At - owed.End <= LookedFor; i++)
            {
                var span = spans[i];
                var since = span.At - owed.End;
                var rests = span.Line.Move!.Kind == MoveKind.Rest;
                if (since > InTime && rests)
                    break;
                var (least, most) = span.Bending(bend);
                var isNeutral = Math.Max(most, -least) < Counterpose.Away;
                if (isNeutral)
                    neutral += span.Length;
                // A move that ends in the middle has taken itself back there.
                var endsNeutral = isNeutral && neutralSettles && span.Line == line;
                var answers =
                    Counterpose.TakesBack(least, most, owed.Forward) || (bend == Bend.Girdle && BackTakesBack(span, owed.Forward));
                if (
                    rests
                    || !(
                        answers
                        || (isNeutral && owed.Hung && StandsUpright(span))
                        || (neutralSettles && neutral >= TwoBreaths)
                        || endsNeutral
                    )
                )
                    continue;
                return since <= InTime
                    ? new(bend, owed.Forward, line, owed.Held, span.Line, answers, null, TimeSpan.Zero)
                    : new(bend, owed.Forward, line, owed.Held, null, false, span.Line, since);
            }
            return new(bend, owed.Forward, line, owed.Held, null, false, null, TimeSpan.Zero);
        }

        // A fold spreads the blades after a chest opener, an open back opens arms that were wound.
        private static bool BackTakesBack(PracticeSpan span, bool forward)
        {
            var (least, most) = span.Bending(Bend.Spine);
            return Counterpose.TakesBack(least, most, forward);
        }

        // Standing up settles a hang.
        private static bool StandsUpright(PracticeSpan span) =>
            span.Line.Position!.Family == Family.Standing && span.Line.Position.Facts.HeadHeight > UprightHead;

        private const double UprightHead = 0.8; // statures
    }

    /// <summary>Practice in a row that stays on one side.</summary>
    private sealed class Run(bool forward)
    {
        // From when on it owes, by how it is held.
        private static readonly TimeSpan LongPassive = TimeSpan.FromSeconds(20);
        private static readonly TimeSpan LongActive = TimeSpan.FromSeconds(10);
        private const int ManyRounds = 3;

        private TimeSpan passive;
        private TimeSpan supported;
        private TimeSpan active;
        private int rounds;

        public bool Forward { get; } = forward;

        /// <summary>The line that began to be strong.</summary>
        public LineScore? Line { get; private set; }

        public bool Hung { get; private set; }

        public TimeSpan End { get; private set; }

        public TimeSpan Held => passive + supported + active;

        public bool IsSupported => passive + active == TimeSpan.Zero;

        public bool IsStrong =>
            // What carries it lets go by itself.
            passive >= LongPassive
            || (Forward ? active >= LongPassive : active >= LongActive || rounds >= ManyRounds);

        public void Add(PracticeSpan span)
        {
            Line ??= span.Line;
            End = span.End;
            Hung |= span.Line.Position!.Demands.HasFlag(Demands.HeadDown) && span.Line.Position.Family == Family.Standing;
            if (span.Form is not { } phase)
            {
                // A flow is strong in about half of each round.
                active += span.Length / 2;
                rounds += span.Amount;
            }
            else if (phase.Phase.Work == Work.Supported)
                supported += span.Length;
            else if (phase.Phase.Work == Work.Passive)
                passive += span.Length;
            else
                active += span.Length;
        }
    }
}
