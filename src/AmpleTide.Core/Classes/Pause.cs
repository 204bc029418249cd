using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>Time to notice: so many breaths, or so many seconds.</summary>
/// <param name="Unit"><see cref="Unit.Breaths"/> or <see cref="Unit.Seconds"/>.</param>
/// <param name="Amount">How many; 0 for no pause.</param>
public readonly record struct Pause(Unit Unit, int Amount)
{
    /// <summary>So many breaths.</summary>
    public static Pause OfBreaths(int amount) => new(Unit.Breaths, amount);

    /// <summary>So many seconds.</summary>
    public static Pause OfSeconds(int amount) => new(Unit.Seconds, amount);

    /// <summary>A pause that is longer: by so many breaths, or by about as many seconds.</summary>
    public Pause Longer(int breaths) => this with { Amount = Amount + (Unit == Unit.Seconds ? breaths * SecondsOfBreath : breaths) };

    private const int SecondsOfBreath = 7;
}
