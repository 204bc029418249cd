using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Planning;

/// <summary>
/// How long talk and ways take a group. The one table by which pace, age and newcomers act; common practice, no source, but where said.
/// </summary>
public static class Timing
{
    /// <summary>Words a minute in instruction.</summary>
    public const int InstructionWords = 150;

    /// <summary>Words a minute in guided stillness.</summary>
    public const int StillnessWords = 120;

    /// <summary>A repeat of a known chain needs this share of the talk.</summary>
    public const double KnownChain = 0.75;

    private const double OlderWays = 2.0;
    private const double OlderTalk = 1.1;
    private const double NewcomerTalk = 1.15;
    private const double ManyNewcomers = 0.25;

    private static readonly double[] TalkByPace = [1.1, 1.0, 0.9];

    // A moving round is 11 s gentle, 9 s usual, 5.5 s brisk.
    private static readonly double[] BreathByPace = [11 / 9.0, 1.0, 5.5 / 9];

    /// <summary>A way: the longer of its time and its spoken steps.</summary>
    public static TimeSpan WayTime(Way way, Pace pace, bool older)
    {
        var seconds = pace switch
        {
            Pace.Gentle => way.Seconds.Gentle,
            Pace.Brisk => way.Seconds.Brisk,
            _ => way.Seconds.Usual,
        };
        return WholeMilliseconds.Longer(
            WholeMilliseconds.Of(seconds * (older ? OlderWays : 1)),
            WholeMilliseconds.Of(way.Words * 60.0 / InstructionWords)
        );
    }

    /// <summary>The time talk takes.</summary>
    public static TimeSpan TalkTime(int words, bool stillness, Group group)
    {
        var factor =
            TalkByPace[(int)group.Pace]
            * (group.Older ? OlderTalk : 1)
            * (group.Size > 0 && group.Newcomers >= group.Size * ManyNewcomers ? NewcomerTalk : 1);
        return WholeMilliseconds.Of(words * 60.0 / (stillness ? StillnessWords : InstructionWords) * factor);
    }

    /// <summary>The breath of a class: its own, or the usual one at the pace of the group.</summary>
    public static BreathPatterns BreathOf(ClassPlan plan)
    {
        var usual = BreathPatterns.Usual;
        return (usual with { SecondsPerCount = usual.SecondsPerCount * BreathByPace[(int)plan.Group.Pace] }).With(plan.Breath);
    }

    /// <summary>A phase: its own counts, or its share of the breath.</summary>
    public static TimeSpan PhaseTime(Phase phase, BreathPatterns breath)
    {
        if (phase.Counts is { } own)
            return WholeMilliseconds.Of(own * breath.SecondsPerCount);
        var pattern = breath[phase.Pattern];
        var counts = phase.Breath switch
        {
            Breath.In => pattern.In,
            Breath.Out => pattern.Out,
            Breath.HoldIn => pattern.HeldIn,
            Breath.HoldOut => pattern.HeldOut,
            Breath.Stay => pattern.Sum,
            _ => pattern.Sum / 2,
        };
        return WholeMilliseconds.Of(counts * phase.Share * breath.SecondsPerCount);
    }

    /// <summary>One round of a move.</summary>
    public static TimeSpan RoundTime(MoveForm form, BreathPatterns breath) => form.Phases.Sum(p => PhaseTime(p.Phase, breath));

    /// <summary>A phase of a move at the usual breath, or a beat of a rhythm.</summary>
    public static TimeSpan UsualTime(Move move, Phase phase) =>
        move.Dose.Unit == Unit.Beats ? WholeMilliseconds.Of(move.BeatSeconds) : PhaseTime(phase, BreathPatterns.Usual);
}
