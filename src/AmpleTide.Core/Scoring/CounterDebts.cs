using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Scoring;

/// <summary>Something a strong move owes, and what takes it back.</summary>
/// <param name="Bend">What was bent.</param>
/// <param name="Forward">Whether rounded, bowed or gathered; else arched, taken or drawn back.</param>
/// <param name="Line">The line that bent it.</param>
/// <param name="HeldMs">For how long.</param>
/// <param name="MetBy">The line that takes it back in time, or in which standing up or two plain breaths settle it, or null.</param>
/// <param name="Answered">Whether it is bent the other way, and not only settled.</param>
/// <param name="LateBy">The line that takes it back too late, or null.</param>
/// <param name="LateMs">How much later than its end that comes.</param>
public sealed record CounterDebt(Bend Bend, bool Forward, LineScore Line, int HeldMs, LineScore? MetBy, bool Answered, LineScore? LateBy, int LateMs);

/// <summary>
/// What a class owes to itself: runs that stay on one side and are strong, and what answers them. Common practice, no source.
/// </summary>
public static class CounterDebts
{
    /// <summary>Bent so far, in units of what is normal, a shape is strong: a hanging fold (0.58) is.</summary>
    public const double Strong = 0.55;

    private const double Away = 0.25;

    /// <summary>Bent so far the other way, it is taken back.</summary>
    public const double Answer = 0.2;

    private const int PassiveMs = 20_000;
    private const int SupportedMs = 60_000;
    private const int ActiveMs = 10_000;
    private const int ActiveRounds = 3;
    private const int InTimeMs = 120_000;
    private const int ShortFoldMs = 45_000;
    private const int TwoBreathsMs = 12_000;

    /// <summary>All debts of a class, in the order of time. Linear in the takings, but for the answers that are looked for.</summary>
    public static IReadOnlyList<CounterDebt> Of(Score score)
    {
        var debts = new List<CounterDebt>();
        foreach (var bend in (Bend[])[Bend.Spine, Bend.Neck, Bend.Girdle]) Walk(score, bend, debts);
        return [.. debts.OrderBy(d => d.Line.Occurrences[0].StartMs)];
    }

    private static void Walk(Score score, Bend bend, List<CounterDebt> debts)
    {
        var run = new Run();
        for (var i = 0; i < score.Taken.Count; i++)
        {
            var taking = score.Taken[i];
            if (taking.Line.Move!.Kind is MoveKind.Rest) continue;
            var (least, most) = Range(taking, bend);
            var swings = least <= -Answer && most >= Answer;
            var u = most >= -least ? most : least;
            if (swings || Math.Abs(u) < Away || (run.Line is not null && u > 0 != run.Forward)) Close(score, bend, run, i, debts);
            if (swings || Math.Abs(u) < Away) continue;
            if (run.Line is null) run.Begin(taking.Line, u > 0);
            // Arms owe for what is held, not for what they swing through.
            if (Math.Abs(u) >= Strong && !(bend == Bend.Girdle && taking.Phase == Taking.Flow)) run.Add(taking);
        }
        Close(score, bend, run, score.Taken.Count, debts);
    }

    private static (double Least, double Most) Range(Taking taking, Bend bend) => taking.Form is { } phase
        ? (phase.Bending[bend], phase.Bending[bend])
        : (taking.Line.Form!.Bends.Least[bend], taking.Line.Form.Bends.Most[bend]);

    private static void Close(Score score, Bend bend, Run run, int next, List<CounterDebt> debts)
    {
        // The second side owes the same once more; one answer is enough.
        if (run.Line is { } line && run.IsStrong && !debts.Exists(d => d.Line == line && d.Bend == bend && d.Forward == run.Forward)) debts.Add(Debt(score, bend, run, line, next));
        run.Clear();
    }

    private static CounterDebt Debt(Score score, Bend bend, Run run, LineScore line, int next)
    {
        var (neutralMs, metBy, answered, lateBy, lateMs) = (0, (LineScore?)null, false, (LineScore?)null, 0);
        var neutralSettles = bend == Bend.Neck || (bend == Bend.Spine && run.Forward && (run.HeldMs <= ShortFoldMs || run.IsSupported));
        for (var i = next; i < score.Taken.Count; i++)
        {
            var taking = score.Taken[i];
            var since = taking.AtMs - run.EndMs;
            var (least, most) = Range(taking, bend);
            var answers = run.Forward ? least <= -Answer : most >= Answer;
            if (Math.Max(most, -least) < Away) neutralMs += taking.Ms;
            // Standing up settles a hang.
            var stands = run.Hung && taking.Line.Position!.Family == Family.Standing && taking.Line.Position.Facts.HeadHeight > 0.8 && Math.Max(most, -least) < Away;
            var rest = taking.Line.Move!.Kind == MoveKind.Rest;
            if (!rest && (answers || stands || (neutralSettles && neutralMs >= TwoBreathsMs)))
            {
                if (since <= InTimeMs) (metBy, answered) = (taking.Line, answers);
                else (lateBy, lateMs) = (taking.Line, since);
                break;
            }
            if (since > InTimeMs && rest) break;
        }
        return new(bend, run.Forward, line, run.HeldMs, metBy, answered, lateBy, lateMs);
    }

    /// <summary>Practice in a row that stays on one side.</summary>
    private sealed class Run
    {
        private int passiveMs;
        private int supportedMs;
        private int activeMs;
        private int activeRounds;

        public LineScore? Line { get; private set; }

        public bool Forward { get; private set; }

        public bool Hung { get; private set; }

        public int EndMs { get; private set; }

        public int HeldMs => passiveMs + supportedMs + activeMs;

        public bool IsSupported => passiveMs == 0 && activeMs == 0;

        public bool IsStrong => passiveMs >= PassiveMs || passiveMs + supportedMs >= SupportedMs
            || (!Forward && (activeMs >= ActiveMs || activeRounds >= ActiveRounds)) || (Forward && activeMs >= PassiveMs);

        public void Begin(LineScore line, bool forward) => (Line, Forward) = (line, forward);

        public void Add(Taking taking)
        {
            if (HeldMs == 0) Line = taking.Line;
            EndMs = taking.EndMs;
            Hung |= taking.Line.Position!.Demands.HasFlag(Demands.HeadDown) && taking.Line.Position.Family == Family.Standing;
            if (taking.Form is not { } phase)
            {
                // A flow is strong in about half of each round.
                activeMs += taking.Ms / 2;
                activeRounds += taking.Amount;
            }
            else if (phase.Phase.Work == Work.Supported) supportedMs += taking.Ms;
            else if (phase.Phase.Work == Work.Passive) passiveMs += taking.Ms;
            else activeMs += taking.Ms;
        }

        public void Clear() => (Line, passiveMs, supportedMs, activeMs, activeRounds, Hung) = (null, 0, 0, 0, 0, false);
    }
}
