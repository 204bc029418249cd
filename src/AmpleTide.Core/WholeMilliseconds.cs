namespace AmpleTide.Core;

/// <summary>
/// Every time and length of time in a class is a <see cref="TimeSpan"/> of whole milliseconds, so that sums are exact and a class gives
/// the same score on every machine.
/// </summary>
public static class WholeMilliseconds
{
    /// <summary>A length of time, rounded to whole milliseconds.</summary>
    /// <param name="seconds">Seconds.</param>
    /// <exception cref="OverflowException">It is longer than a <see cref="TimeSpan"/> can be.</exception>
    public static TimeSpan Of(double seconds) => TimeSpan.FromMilliseconds(checked((long)Math.Round(seconds * 1000)));

    /// <summary>The milliseconds of a length of time, as files and the interface write them.</summary>
    public static long Ms(this TimeSpan time) => time.Ticks / TimeSpan.TicksPerMillisecond;

    /// <summary>A length of time so many times over; exact, and checked.</summary>
    public static TimeSpan Times(this TimeSpan time, long times) => new(checked(time.Ticks * times));

    /// <summary>The sum of lengths of time.</summary>
    public static TimeSpan Sum<T>(this IEnumerable<T> items, Func<T, TimeSpan> time)
    {
        var sum = TimeSpan.Zero;
        foreach (var item in items)
            sum += time(item);
        return sum;
    }

    /// <summary>The longer of two lengths of time.</summary>
    public static TimeSpan Longer(TimeSpan a, TimeSpan b) => a >= b ? a : b;
}
