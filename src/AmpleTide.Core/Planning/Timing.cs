using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Planning;

/// <summary>
/// How long things take when they are taught: the one place of these constants. Seconds; common practice, aggregated over taught classes,
/// no published source.
/// </summary>
public static class Timing
{
    /// <summary>Another one whenever the same class comes out at another length.</summary>
    public const int Version = 2;

    /// <summary>Words a minute in instruction.</summary>
    public const int InstructionWords = 150;

    /// <summary>Words a minute in guided stillness.</summary>
    public const int StillnessWords = 120;

    /// <summary>A repeat of a known chain needs this share of the talk.</summary>
    public const double KnownChain = 0.75;

    /// <summary>Going into a hold with head, arms or trunk, and coming out of it.</summary>
    public const double In = 4,
        Out = 4;

    /// <summary>The same where the legs carry anew: a stance, a balance, a leg that is folded up.</summary>
    public const double InWithLegs = 12,
        OutWithLegs = 8;

    /// <summary>Into and out of a stillness: the hands come together, the eyes open.</summary>
    public const double Settling = 2;

    /// <summary>A spoken count: "count to ten" is twelve seconds.</summary>
    public const double SpokenCount = 1.2;

    private const double OlderWays = 2.0;

    // Long ways over the floor are taught in less than their steps one by one would take.
    private const double LongFloorWay = 16;
    private const double OfLongFloorWay = 0.75;

    /// <summary>A way: the longer of its time and its spoken steps.</summary>
    public static TimeSpan WayTime(Way way, Pace pace, bool older, double factor = 1)
    {
        var seconds = pace switch
        {
            Pace.Gentle => way.Seconds.Gentle,
            Pace.Brisk => way.Seconds.Brisk,
            _ => way.Seconds.Usual,
        };
        if (way.Seconds.Usual >= LongFloorWay && (OnTheFloor(way.From) || OnTheFloor(way.To)))
            seconds *= OfLongFloorWay;
        return WholeMilliseconds.Longer(
            WholeMilliseconds.Of(seconds * (older ? OlderWays : 1) * factor),
            WholeMilliseconds.Of(way.Words * 60.0 / InstructionWords * factor)
        );
    }

    private static bool OnTheFloor(Position position) => position.Family is Family.Floor or Family.Supine;

    /// <summary>The time talk takes.</summary>
    public static TimeSpan TalkTime(int words, bool stillness, Tempo tempo) =>
        WholeMilliseconds.Of(words * 60.0 / (stillness ? StillnessWords : InstructionWords) * tempo.Talk);

    /// <summary>The breath of a class: its own, or the usual one at the tempo of the group.</summary>
    public static BreathPatterns BreathOf(ClassPlan plan, Tempo tempo) =>
        (BreathPatterns.Usual with { SecondsPerCount = tempo.SecondsPerCount }).With(plan.Breath);

    /// <summary>A phase by itself: its own counts, or its share of the breath.</summary>
    public static double PhaseSeconds(MoveForm form, Phase phase, BreathPatterns breath)
    {
        if (phase.Counts is { } own)
            return own * breath.SecondsPerCount;
        var pattern = breath[form.IsSmall && phase.Pattern == Pattern.Moving ? Pattern.Small : phase.Pattern];
        var counts = phase.Breath switch
        {
            Breath.In => pattern.In,
            Breath.Out => pattern.Out,
            Breath.HoldIn => pattern.HeldIn,
            Breath.HoldOut => pattern.HeldOut,
            Breath.Stay => pattern.Sum,
            _ => pattern.Sum / 2,
        };
        return counts * phase.Share * breath.SecondsPerCount;
    }

    /// <summary>A phase by itself, in whole milliseconds.</summary>
    public static TimeSpan PhaseTime(MoveForm form, Phase phase, BreathPatterns breath) =>
        WholeMilliseconds.Of(PhaseSeconds(form, phase, breath));

    /// <summary>The phases of a form at the usual breath and dose: going in, a breath or a round, coming out.</summary>
    public static IReadOnlyList<TimeSpan> UsualTimes(MoveForm form)
    {
        var dose = new Dose(form.Move.Dose.Unit, form.Move.Dose.Usual);
        return dose.Unit == Unit.Beats
            ? [.. form.Phases.Select(_ => WholeMilliseconds.Of(form.Move.BeatSeconds / form.Move.PhasesOfBeat))]
            : PassTiming
                .Of(form, dose, form.Move.Sides == Sidedness.Alternating, BreathPatterns.Usual, Tempo.Of(new()))
                .Once(form.Phases.Length, dose.Amount);
    }
}
