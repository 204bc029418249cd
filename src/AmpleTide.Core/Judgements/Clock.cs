using System.Globalization;

namespace AmpleTide.Core.Judgements;

/// <summary>Times as findings say them.</summary>
internal static class Clock
{
    /// <summary>Minutes and seconds.</summary>
    public static string Of(TimeSpan time) => string.Create(CultureInfo.InvariantCulture, $"{(int)time.TotalMinutes}:{time.Seconds:00}");

    /// <summary>A share in per cent.</summary>
    public static string Share(double share) => string.Create(CultureInfo.InvariantCulture, $"{Math.Round(share * 100)} %");
}
