using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Scoring;

/// <summary>
/// How long something is likely to take when it is taught: a planned time is a middle, not a promise. Spreads are of the logarithm of time,
/// over taught classes; common practice, no published source.
/// </summary>
/// <param name="P10">Nine in ten take longer.</param>
/// <param name="P50">The middle: what is planned.</param>
/// <param name="P90">Nine in ten are over by then.</param>
public readonly record struct Forecast(TimeSpan P10, TimeSpan P50, TimeSpan P90)
{
    private const double OfTeacher = 0.16;
    private const double OfMove = 0.42;
    private const double OfSmall = 0.58;
    private const double OfBreathing = 0.40;
    private const double OfStillness = 0.5;
    private const double OfRhythm = 0.5;
    private const double OfUnwritten = 0.6;

    // The tenth and the ninetieth percentile of a normal distribution lie so many spreads from its middle.
    private const double Tenth = 1.28;

    /// <summary>The forecast of a class, and of the end of each of its sections. Linear in the lines.</summary>
    public static (Forecast Class, IReadOnlyList<(Section Section, Forecast End)> Sections) Of(Score score)
    {
        var (time, variance) = (TimeSpan.Zero, 0.0);
        var next = 0;
        var ends = new List<(Section, Forecast)>();
        foreach (var section in score.Plan.Sections)
        {
            for (; next < score.Items.Count && score.Items[next].Section == section; next++)
            {
                var item = score.Items[next];
                time += item.Time;
                variance += Math.Pow(Spread(item) * item.Time.TotalSeconds, 2);
            }
            ends.Add((section, Around(time, variance)));
        }
        return (Around(score.Total, variance), ends);
    }

    /// <summary>The spread of an item's time, of its logarithm. Talk and waiting are as free as stillness.</summary>
    public static double Spread(ItemScore item) => item is LineScore line ? SpreadOf(line) : OfStillness;

    private static double SpreadOf(LineScore line) =>
        line.Line.Dose is null ? OfUnwritten
        : line.Form is { IsSmall: true } && line.Move!.Kind == MoveKind.Flow ? OfSmall
        : line.Move?.Kind switch
        {
            MoveKind.Breathing => OfBreathing,
            MoveKind.CheckIn or MoveKind.Rest => OfStillness,
            MoveKind.Rhythm => OfRhythm,
            _ => OfMove,
        };

    private static Forecast Around(TimeSpan time, double variance)
    {
        if (time == TimeSpan.Zero)
            return default;
        var seconds = time.TotalSeconds;
        var spread = Math.Sqrt((OfTeacher * OfTeacher) + (variance / (seconds * seconds)));
        return new(
            WholeMilliseconds.Of(seconds * Math.Exp(-Tenth * spread)),
            time,
            WholeMilliseconds.Of(seconds * Math.Exp(Tenth * spread))
        );
    }
}
