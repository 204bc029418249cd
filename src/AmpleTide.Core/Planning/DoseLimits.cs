using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Planning;

/// <summary>Between which doses a line may be, in its own unit, and by how much it changes at a time.</summary>
/// <param name="Least">No less makes sense.</param>
/// <param name="Most">No more in one go.</param>
/// <param name="Step">What alternates stays even; seconds and beats are counted in fives and fours.</param>
public readonly record struct DoseLimits(int Least, int Most, int Step)
{
    private const int StepOfSeconds = 5;
    private const int StepOfBeats = 4;

    /// <summary>The limits of a move's range, where the line is given in the same unit or in another that takes as long.</summary>
    /// <param name="range">The move's range.</param>
    /// <param name="unit">The line's unit.</param>
    /// <param name="alternates">Whether each round changes the side.</param>
    /// <param name="ofRange">How long a unit of the range takes.</param>
    /// <param name="ofLine">How long a unit of the line takes.</param>
    public static DoseLimits Of(DoseRange range, Unit unit, bool alternates, TimeSpan ofRange, TimeSpan ofLine)
    {
        var step =
            unit == Unit.Seconds ? StepOfSeconds
            : unit == Unit.Beats ? StepOfBeats
            : alternates ? 2
            : 1;
        if (unit == range.Unit)
            return new(range.Least, range.Most, step);
        var ratio = ofLine > TimeSpan.Zero ? ofRange / ofLine : 1;
        var least = Math.Max(1, (int)Math.Round(range.Least * ratio));
        return new(least, Math.Max(least, (int)Math.Round(range.Most * ratio)), step);
    }

    /// <summary>The doses in between: multiples of the step, both ends among them where they are, and the one that is there now.</summary>
    public IEnumerable<int> With(int now)
    {
        var (least, most, step) = (Least, Most, Step);
        return Enumerable.Range(least, most - least + 1).Where(n => n % step == 0).DefaultIfEmpty(least).Append(now).Distinct().Order();
    }
}
