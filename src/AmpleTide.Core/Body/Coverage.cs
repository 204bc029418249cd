namespace AmpleTide.Core.Body;

/// <summary>What a shape works on enough to be counted, as sets of bits: areas by side, axes by direction.</summary>
/// <param name="RightAreas">Bit i is area i, on the right.</param>
/// <param name="LeftAreas">Bit i is area i, on the left.</param>
/// <param name="Plus">Bit i is axis i in its positive direction.</param>
/// <param name="Minus">Bit i is axis i in its negative direction.</param>
public readonly record struct Coverage(uint RightAreas, uint LeftAreas, ulong Plus, ulong Minus)
{
    // From a quarter of what is normal on, an area counts as stretched and an axis as moved; common practice, no source.
    private const double Enough = 0.25;

    // What a plain position stretches already counts only when a move takes it so much further; common practice, no source.
    private const double Further = 0.15;

    /// <summary>Reads the facts of a shape.</summary>
    /// <param name="facts">The shape's.</param>
    /// <param name="plain">Those of the plain position it is taken in, or null.</param>
    public static Coverage Of(Facts facts, Facts? plain) =>
        new(
            (uint)Areas(facts.RightStretch, plain?.RightStretch),
            (uint)Areas(facts.LeftStretch, plain?.LeftStretch),
            Bits(facts.Loads, (u, _) => u >= Enough),
            Bits(facts.Loads, (u, _) => u <= -Enough)
        );

    /// <summary>What either works on.</summary>
    public Coverage And(Coverage other) =>
        new(RightAreas | other.RightAreas, LeftAreas | other.LeftAreas, Plus | other.Plus, Minus | other.Minus);

    /// <summary>The same but for some areas, given as bits.</summary>
    public Coverage Without(uint areas) => this with { RightAreas = RightAreas & ~areas, LeftAreas = LeftAreas & ~areas };

    private static ulong Areas(double[] stretch, double[]? plain) =>
        Bits(stretch, (s, area) => s >= Enough && (plain is null || plain[area] < Enough || s >= plain[area] + Further));

    private static ulong Bits(double[] values, Func<double, int, bool> counts)
    {
        ulong bits = 0;
        for (var i = 0; i < values.Length; i++)
            if (counts(values[i], i))
                bits |= 1UL << i;
        return bits;
    }
}
