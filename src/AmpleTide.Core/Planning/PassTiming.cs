using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Planning;

/// <summary>
/// How long one pass of a line takes: going in, so many equal units, coming out. A unit is a breath of a hold, a second, a round of a flow,
/// a beat. It is rounded to whole milliseconds once, so that a line's time is linear in its dose.
/// </summary>
/// <param name="Into">The phases that go in, none in a flow.</param>
/// <param name="Unit">One unit of the dose.</param>
/// <param name="Within">Where in a round each phase ends, as shares from 0 to 1; empty in a hold.</param>
/// <param name="OutOf">The phases that come out, none in a flow.</param>
public sealed record PassTiming(IReadOnlyList<TimeSpan> Into, TimeSpan Unit, IReadOnlyList<double> Within, IReadOnlyList<TimeSpan> OutOf)
{
    // A round that takes next to no time is still one.
    private const double ShortestRound = 0.05;

    /// <summary>How long going in takes.</summary>
    public TimeSpan In { get; } = Into.Sum(t => t);

    /// <summary>Rounds that are taken for a dose: as many as it says, or as many as fit its seconds best.</summary>
    public int Rounds { get; private init; }

    /// <summary>The timing of a form at a breath and a tempo.</summary>
    public static PassTiming Of(MoveForm form, Unit unit, int amount, bool alternates, BreathPatterns breath, Tempo tempo)
    {
        if (unit == Catalogue.Unit.Beats)
            return new([], WholeMilliseconds.Of(form.Move.BeatSeconds * tempo.Rounds), [], []) { Rounds = amount };
        return IsHold(form, unit, alternates) ? Hold(form, unit, breath, tempo) : Flow(form, unit, amount, breath, tempo);
    }

    /// <summary>Whether a line is stayed in, rather than gone through in rounds.</summary>
    public static bool IsHold(MoveForm form, Unit unit, bool alternates) =>
        form.HasStay && !alternates && unit is Catalogue.Unit.Breaths or Catalogue.Unit.Seconds;

    private static PassTiming Hold(MoveForm form, Unit unit, BreathPatterns breath, Tempo tempo)
    {
        var stay = form.Phases[form.FirstStay].Phase;
        var one =
            unit == Catalogue.Unit.Seconds ? TimeSpan.FromSeconds(1)
            : form.Move.UnitSeconds is { } own ? WholeMilliseconds.Of(own * breath.SecondsPerCount * tempo.Stays)
            : WholeMilliseconds.Of(breath.Breath(stay.Pattern) * tempo.Stays);
        var (into, outOf) = (form.Phases[..form.FirstStay], form.Phases[(form.LastStay + 1)..]);
        var (goingIn, comingOut) =
            form.Move.IsStillness ? (Timing.Settling, Timing.Settling)
            : form.Move.LegsCarryAnew ? (Timing.InWithLegs, Timing.OutWithLegs)
            : (Timing.In, Timing.Out);
        return new(Shared(form, into, goingIn, breath, tempo), one, [], Shared(form, outOf, comingOut, breath, tempo));
    }

    // The phases share a time by their counts.
    private static TimeSpan[] Shared(MoveForm form, PhaseForm[] phases, double seconds, BreathPatterns breath, Tempo tempo)
    {
        var counts = phases.Select(p => Timing.PhaseSeconds(form, p.Phase, breath)).ToArray();
        var all = counts.Sum();
        var (ends, times, sum) = (TimeSpan.Zero, new TimeSpan[phases.Length], 0.0);
        for (var i = 0; i < phases.Length; i++)
        {
            sum += counts[i];
            var end = WholeMilliseconds.Of(seconds * tempo.Stays * (all > 0 ? sum / all : (i + 1.0) / phases.Length));
            (times[i], ends) = (end - ends, end);
        }
        return times;
    }

    private static PassTiming Flow(MoveForm form, Unit unit, int amount, BreathPatterns breath, Tempo tempo)
    {
        var seconds = Passed(form, breath);
        var all = seconds.Sum();
        var round = Math.Max(ShortestRound, (form.Move.UnitSeconds is { } own ? own * breath.SecondsPerCount : all) * tempo.Rounds);
        var within = new double[seconds.Length];
        var sum = 0.0;
        for (var i = 0; i < seconds.Length; i++)
            within[i] = all > 0 ? (sum += seconds[i]) / all : (i + 1.0) / seconds.Length;
        within[^1] = 1;
        return unit == Catalogue.Unit.Seconds
            ? new([], TimeSpan.FromSeconds(1), within, []) { Rounds = Math.Max(1, (int)Math.Round(amount / round)) }
            : new([], WholeMilliseconds.Of(round), within, []) { Rounds = amount };
    }

    // What is stayed in elsewhere is passed through in rounds, and letting go at the end belongs to the phase before.
    private static double[] Passed(MoveForm form, BreathPatterns breath)
    {
        var (phases, seconds) = (form.Phases, new double[form.Phases.Length]);
        var moves = Array.Exists(phases, p => !p.Phase.IsStay);
        var guided = Array.FindLastIndex(phases, p => p.Phase.Breath != Breath.Free);
        for (var i = 0; i < phases.Length; i++)
        {
            var phase = phases[i].Phase;
            var belongsBefore = (phase.IsStay && moves) || (guided >= 0 && i > guided);
            seconds[i] = belongsBefore ? 0 : Timing.PhaseSeconds(form, phase, breath);
        }
        // The phase that belongs to the one before is given half of its time.
        for (var i = 1; i < phases.Length; i++)
            if (seconds[i] == 0 && seconds[i - 1] > 0)
                seconds[i - 1] = seconds[i] = seconds[i - 1] / 2;
        return seconds;
    }

    /// <summary>When a phase of a round ends, from the beginning of the first round, where all rounds last so long together.</summary>
    public TimeSpan EndOf(int round, int phase, TimeSpan all)
    {
        var (from, to) = (all.Ms() * round / Rounds, all.Ms() * (round + 1) / Rounds);
        return TimeSpan.FromMilliseconds(from + (long)Math.Round((to - from) * Within[phase]));
    }

    /// <summary>Each phase as it is taken once: those that go in, one unit, those that come out; or the phases of a round.</summary>
    /// <param name="phases">How many phases the move has.</param>
    /// <param name="amount">The dose.</param>
    public IReadOnlyList<TimeSpan> Once(int phases, int amount)
    {
        if (Within.Count == 0)
            return [.. Into, .. Enumerable.Repeat(Unit, phases - Into.Count - OutOf.Count), .. OutOf];
        var ends = Enumerable.Range(0, phases).Select(i => EndOf(0, i, Unit.Times(amount))).ToList();
        return [.. ends.Select((end, i) => i > 0 ? end - ends[i - 1] : end)];
    }
}
