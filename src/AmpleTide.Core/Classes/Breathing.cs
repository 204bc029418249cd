using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>The counts of one breath.</summary>
/// <param name="In">Counts breathing in.</param>
/// <param name="HeldIn">Counts held full.</param>
/// <param name="Out">Counts breathing out.</param>
/// <param name="HeldOut">Counts held empty.</param>
public readonly record struct BreathCounts(double In, double HeldIn, double Out, double HeldOut)
{
    /// <summary>All of it.</summary>
    public double Sum => In + HeldIn + Out + HeldOut;
}

/// <summary>What a class, a section or a line says of its breath; what it leaves out comes from the one around it.</summary>
public sealed record BreathChoice(
    double? SecondsPerCount,
    BreathCounts? Moving,
    BreathCounts? Small,
    BreathCounts? Effort,
    BreathCounts? Holding,
    BreathCounts? Resting
)
{
    /// <summary>Nothing of its own.</summary>
    public static readonly BreathChoice None = new(null, null, null, null, null, null);

    /// <summary>Unknown fields.</summary>
    public PreservedFields UnknownFields { get; init; } = PreservedFields.None;
}

/// <summary>The breath in force for a line.</summary>
public sealed record BreathPatterns(
    double SecondsPerCount,
    BreathCounts Moving,
    BreathCounts Small,
    BreathCounts Effort,
    BreathCounts Holding,
    BreathCounts Resting
)
{
    /// <summary>
    /// What a class breathes that says nothing: 9 s a moving round, 6 s a small one, 5.5 s in effort, 7 s in an easy hold, 10 s at rest.
    /// Common practice, no source.
    /// </summary>
    public static readonly BreathPatterns Usual = new(
        1,
        Moving: new(4, 0, 5, 0),
        Small: new(2.5, 0, 3.5, 0),
        Effort: new(2.5, 0, 3, 0),
        Holding: new(3, 0, 4, 0),
        Resting: new(4, 0, 6, 0)
    );

    /// <summary>The counts of a pattern.</summary>
    public BreathCounts this[Pattern pattern] =>
        pattern switch
        {
            Pattern.Moving => Moving,
            Pattern.Small => Small,
            Pattern.Effort => Effort,
            Pattern.Holding => Holding,
            _ => Resting,
        };

    /// <summary>These, but for what a section or line says.</summary>
    public BreathPatterns With(BreathChoice choice) =>
        ReferenceEquals(choice, BreathChoice.None)
            ? this
            : new(
                choice.SecondsPerCount ?? SecondsPerCount,
                choice.Moving ?? Moving,
                choice.Small ?? Small,
                choice.Effort ?? Effort,
                choice.Holding ?? Holding,
                choice.Resting ?? Resting
            );

    /// <summary>One breath of a pattern, in seconds.</summary>
    public double Breath(Pattern pattern) => this[pattern].Sum * SecondsPerCount;
}
