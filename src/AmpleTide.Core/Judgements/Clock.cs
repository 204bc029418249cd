using System.Globalization;

namespace AmpleTide.Core.Judgements;

/// <summary>Times as findings say them.</summary>
internal static class Clock
{
    /// <summary>Minutes and seconds.</summary>
    public static string Of(int ms) => string.Create(CultureInfo.InvariantCulture, $"{ms / 60_000}:{ms / 1000 % 60:00}");

    /// <summary>A share in per cent.</summary>
    public static string Share(double share) => string.Create(CultureInfo.InvariantCulture, $"{Math.Round(share * 100)} %");
}
