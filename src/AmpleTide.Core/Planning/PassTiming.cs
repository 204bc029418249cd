using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Planning;

/// <summary>
/// How long one pass of a line takes: going in, so many equal units, coming out. A unit is a breath of a hold, a second, a round of a flow,
/// a beat. It is rounded to whole milliseconds once, so that a line's time is linear in its dose.
/// </summary>
/// <param name="Into">The phases that go in, none in a flow.</param>
/// <param name="Unit">One unit of the dose.</param>
/// <param name="Within">What a round consists of, in order; empty in a hold.</param>
/// <param name="OutOf">The phases that come out, none in a flow.</param>
public sealed record PassTiming(IReadOnlyList<TimeSpan> Into, TimeSpan Unit, IReadOnlyList<RoundPart> Within, IReadOnlyList<TimeSpan> OutOf)
{
    // A round that takes next to no time is still one.
    private const double ShortestRound = 0.05;

    /// <summary>How long going in takes.</summary>
    public TimeSpan In => Into.Sum(t => t);

    /// <summary>Rounds that are taken for a dose: as many as it says, or as many as fit its seconds best.</summary>
    public int Rounds { get; private init; }

    /// <summary>The timing of a form at a breath and a tempo.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="dose">How much of it.</param>
    /// <param name="alternates">Whether each round changes the side.</param>
    /// <param name="breath">The breath in force.</param>
    /// <param name="tempo">The tempo in force.</param>
    /// <param name="perEnd">Breaths that are stayed at each end of a round.</param>
    public static PassTiming Of(MoveForm form, Dose dose, bool alternates, BreathPatterns breath, Tempo tempo, int perEnd = 0)
    {
        if (IsHold(form, dose.Unit, alternates))
            return Hold(form, dose.Unit, breath, tempo);
        if (dose.Unit == Catalogue.Unit.Beats)
            return new([], WholeMilliseconds.Of(form.Move.BeatSeconds * tempo.Rounds), [], []) { Rounds = dose.Amount };
        return Flow(form, dose, breath, tempo, perEnd);
    }

    /// <summary>Whether a line is stayed in, rather than gone through in rounds.</summary>
    public static bool IsHold(MoveForm form, Unit unit, bool alternates) =>
        form.HasStay && !alternates && unit is not Catalogue.Unit.Rounds;

    /// <summary>The same for a line that begins in the shape before it.</summary>
    public PassTiming WithoutGoingIn() => this with { Into = [.. Into.Select(_ => TimeSpan.Zero)] };

    private static PassTiming Hold(MoveForm form, Unit unit, BreathPatterns breath, Tempo tempo)
    {
        var stay = form.Phases[form.FirstStay].Phase;
        var one =
            unit == Catalogue.Unit.Seconds ? TimeSpan.FromSeconds(1)
            : unit == Catalogue.Unit.Beats ? WholeMilliseconds.Of(Timing.SpokenCount * tempo.Stays)
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

    private static PassTiming Flow(MoveForm form, Dose dose, BreathPatterns breath, Tempo tempo, int perEnd)
    {
        var seconds = Passed(form, breath);
        var all = seconds.Sum();
        var moving = Math.Max(ShortestRound, (form.Move.UnitSeconds is { } own ? own * breath.SecondsPerCount : all) * tempo.Rounds);
        var stay = perEnd * breath.Breath(Pattern.Holding) * tempo.Stays;
        var (parts, sum) = (new List<(int Phase, bool Stays, double End)>(), 0.0);
        for (var i = 0; i < seconds.Length; i++)
        {
            parts.Add((i, false, sum += all > 0 ? seconds[i] / all * moving : moving / seconds.Length));
            if (perEnd > 0 && IsEnd(form, i))
                parts.Add((i, true, sum += stay));
        }
        IReadOnlyList<RoundPart> within =
        [
            .. parts.Select((p, i) => new RoundPart(p.Phase, p.Stays, i == parts.Count - 1 ? 1 : p.End / sum)),
        ];
        return dose.Unit == Catalogue.Unit.Seconds
            ? new([], TimeSpan.FromSeconds(1), within, []) { Rounds = Math.Max(1, (int)Math.Round(dose.Amount / sum)) }
            : new([], WholeMilliseconds.Of(sum), within, []) { Rounds = dose.Amount };
    }

    // Where the breath turns; letting go belongs to the breath before it.
    private static bool IsEnd(MoveForm form, int phase)
    {
        var phases = form.Phases;
        Breath Guided(int i)
        {
            while (i > 0 && phases[i].Phase.Breath == Breath.Free)
                i--;
            return phases[i].Phase.Breath;
        }
        return phase == phases.Length - 1 || Guided(phase) != Guided(phase + 1);
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

    /// <summary>When a part of a round ends, from the beginning of the first round, where all rounds last so long together.</summary>
    public TimeSpan EndOf(int round, int part, TimeSpan all)
    {
        var (from, to) = (all.Ms() * round / Rounds, all.Ms() * (round + 1) / Rounds);
        return TimeSpan.FromMilliseconds(from + (long)Math.Round((to - from) * Within[part].End));
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

/// <summary>A part of a round: going through a phase, or staying where it ends.</summary>
/// <param name="Phase">The phase, from 0.</param>
/// <param name="Stays">Whether its end is stayed in.</param>
/// <param name="End">Where in the round it ends, from 0 to 1.</param>
public readonly record struct RoundPart(int Phase, bool Stays, double End);
