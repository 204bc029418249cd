using System.Globalization;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// No breath is slower than people can follow. Adults at rest breathe 12 to 20 times a minute (nursing handbooks), slow paced breathing
/// is near 6 (Lehrer and Gevirtz, Frontiers in Psychology, 2014); both from memory.
/// </summary>
public static class BreathPace
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("breath-pace", "No breath is slower than people can follow", Level.Notable, Judge);

    private static readonly TimeSpan Slowest = TimeSpan.FromSeconds(60 / 4.0);
    private static readonly TimeSpan Slow = TimeSpan.FromSeconds(60 / 5.0);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var slow = score
            .Lines.Where(IsPaced(score.Plan))
            .Select(l => (Line: l, Breath: LongestBreath(l, score)))
            .Where(l => l.Breath > Slow)
            .ToList();
        if (slow.Count == 0)
            yield break;
        var worst = slow.MaxBy(l => l.Breath);
        var aMinute = (60 / worst.Breath.TotalSeconds).ToString("0.0", CultureInfo.InvariantCulture);
        var finding = Rule.Found(
            slow.Select(l => l.Line),
            $"{worst.Line.Move!.Name} asks for {aMinute} breaths a minute.",
            "Under five a minute people run out of air, and some hold it."
        );
        yield return (worst.Breath > Slowest ? finding : finding.As(Level.Hint)).Fix(
            "Breathe at the usual pace",
            plan => Quickened(plan, [.. slow.Select(l => l.Line)])
        );
    }

    // Where nobody counts, each breathes at their own pace, and a pattern only says how long that will take.
    private static Func<LineScore, bool> IsPaced(ClassPlan plan) =>
        line =>
            line.Form is { } form
            && (
                form.Move.Kind == MoveKind.Flow
                || form.Phases.Any(p => p.Phase.Counts is not null)
                || plan.Breath != BreathChoice.None
                || line.Section.Breath != BreathChoice.None
                || line.Line.Breath != BreathChoice.None
            );

    // The longest breath it asks for: an in and an out that follow each other, or a breath of a stay.
    private static TimeSpan LongestBreath(LineScore line, Score score)
    {
        if (line.Dose.Unit == Unit.Beats)
            return TimeSpan.Zero;
        var breath = Timing.BreathOf(score.Plan, score.Tempo).With(line.Section.Breath).With(line.Line.Breath);
        var (longest, round) = (TimeSpan.Zero, TimeSpan.Zero);
        foreach (var phase in line.Form!.Phases)
        {
            var time = Timing.PhaseTime(line.Form, phase.Phase, breath);
            if (phase.Phase.Breath == Breath.Free)
                continue;
            if (phase.Phase.IsStay)
                longest = WholeMilliseconds.Longer(longest, time);
            else if (phase.Phase.Breath == Breath.In && round > TimeSpan.Zero && EndsOut(line.Form, phase))
                round = time;
            else
                round += time;
            longest = WholeMilliseconds.Longer(longest, round);
            if (phase.Phase.IsStay)
                round = TimeSpan.Zero;
        }
        return longest;
    }

    // A new in-breath after an out-breath begins a new breath; a second sip does not.
    private static bool EndsOut(MoveForm form, PhaseForm phase)
    {
        var at = Array.IndexOf(form.Phases, phase);
        return at > 0 && form.Phases[at - 1].Phase.Breath is Breath.Out or Breath.HoldOut;
    }

    // The lines' own breath is given up first, then that of their sections, then the class's: no more than it takes, and nobody else's.
    private static IEnumerable<ClassPlan> Quickened(ClassPlan plan, IReadOnlyCollection<LineScore> slow)
    {
        var (lines, sections) = (slow.Select(l => l.Line.Id).ToHashSet(), slow.Select(l => l.Section.Id).ToHashSet());
        var edited = plan.ChangeLines(lines, l => l with { Breath = Quicker(l.Breath) });
        yield return edited;
        edited = edited with
        {
            Sections = [.. edited.Sections.Select(s => sections.Contains(s.Id) ? s with { Breath = Quicker(s.Breath) } : s)],
        };
        yield return edited;
        edited = edited with { Breath = Quicker(edited.Breath) };
        yield return edited;
        // A move that counts its own phases is slow only where the count itself is.
        yield return edited.ChangeLines(
            lines,
            l => l with { Breath = l.Breath with { SecondsPerCount = BreathPatterns.Usual.SecondsPerCount } }
        );
    }

    // Without the counts that are slow; the others stay.
    private static BreathChoice Quicker(BreathChoice own)
    {
        var seconds = own.SecondsPerCount is { } given && given <= BreathPatterns.Usual.SecondsPerCount ? own.SecondsPerCount : null;
        BreathCounts? Kept(BreathCounts? counts) =>
            counts is { } c && TimeSpan.FromSeconds(c.Sum * (seconds ?? BreathPatterns.Usual.SecondsPerCount)) <= Slow ? counts : null;
        return own with
        {
            SecondsPerCount = seconds,
            Moving = Kept(own.Moving),
            Effort = Kept(own.Effort),
            Holding = Kept(own.Holding),
            Resting = Kept(own.Resting),
        };
    }
}
