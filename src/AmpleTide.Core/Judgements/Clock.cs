using System.Globalization;

namespace AmpleTide.Core.Judgements;

/// <summary>Times as findings say them.</summary>
public static class Clock
{
    /// <summary>Minutes and seconds, to the nearest second, as the interface shows them.</summary>
    public static string Of(TimeSpan time)
    {
        var seconds = (int)Math.Round(time.TotalSeconds, MidpointRounding.AwayFromZero);
        return string.Create(CultureInfo.InvariantCulture, $"{seconds / 60}:{seconds % 60:00}");
    }

    /// <summary>A share in per cent.</summary>
    public static string Share(double share) => string.Create(CultureInfo.InvariantCulture, $"{Math.Round(share * 100)} %");
}
