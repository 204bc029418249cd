namespace AmpleTide.Core.Catalogue;

/// <summary>What a dose counts.</summary>
public enum Unit
{
    /// <summary>Stay breaths, or breaths of a breathing move.</summary>
    Breaths,

    /// <summary>Times through the phases.</summary>
    Rounds,

    /// <summary>Beats of a fast rhythm.</summary>
    Beats,

    /// <summary>Seconds by the clock.</summary>
    Seconds,
}

/// <summary>How much of a move: an amount in a unit, per side or direction (all changes together when alternating).</summary>
public readonly record struct Dose(Unit Unit, int Amount);

/// <summary>The dose a move is usually given.</summary>
/// <param name="Unit">What it counts.</param>
/// <param name="Least">No less makes sense.</param>
/// <param name="Usual">What is taken when nothing is said.</param>
/// <param name="Most">No more in one go.</param>
public sealed record DoseRange(Unit Unit, int Least, int Usual, int Most);
