namespace AmpleTide.Core.Body;

/// <summary>What can go one way (+) and the opposite way (−), so that going far one way asks for the other.</summary>
public enum Bend
{
    /// <summary>Lower and upper spine together: rounded (+), arched (−).</summary>
    Spine,

    /// <summary>The neck: bowed (+), back (−).</summary>
    Neck,

    /// <summary>Shoulder blades and arms: gathered in front (+), drawn back (−).</summary>
    Girdle,

    /// <summary>The wrists: weight on the hands (+), moved free of weight (−).</summary>
    Wrists,

    /// <summary>The legs: backs of the legs lengthened (+), hip fronts opened (−).</summary>
    Legs,
}

/// <summary>How far a shape goes each way, signed: 1 is the end of what is normal, or all of the weight.</summary>
public readonly record struct Bending(double Spine, double Neck, double Girdle, double Wrists, double Legs)
{
    // The thoraco-lumbar ranges as shared out in Axes; the spine counts as one.
    private static readonly (Range Lower, Range Upper) Ranges = (Axes.Normal(Axis.LowerFlexion), Axes.Normal(Axis.UpperFlexion));

    // Hands that carry this much of the weight or less are free to move. Common practice, no source.
    private const double FreeHands = 0.05;

    /// <summary>One of them.</summary>
    public double this[Bend bend] =>
        bend switch
        {
            Bend.Spine => Spine,
            Bend.Neck => Neck,
            Bend.Girdle => Girdle,
            Bend.Wrists => Wrists,
            _ => Legs,
        };

    /// <summary>Reads the facts of a shape.</summary>
    public static Bending Of(Facts facts)
    {
        double Degrees(Axis axis, Range range) => facts.Loads[(int)axis] is var u && u >= 0 ? u * range.Most : -u * range.Least;
        var spine = Degrees(Axis.LowerFlexion, Ranges.Lower) + Degrees(Axis.UpperFlexion, Ranges.Upper);
        var whole = spine >= 0 ? Ranges.Lower.Most + Ranges.Upper.Most : -(Ranges.Lower.Least + Ranges.Upper.Least);
        var wrists = facts.OnHands > FreeHands ? facts.OnHands : -facts.Stretch(Area.WristsHands);
        var (backs, fronts) = (facts.Stretch(Area.Hamstrings), facts.Stretch(Area.HipFront));
        return new(spine / whole, facts.Loads[(int)Axis.NeckFlexion], facts.Girdle, wrists, backs > fronts ? backs : -fronts);
    }
}

/// <summary>The least and the most a move goes of each <see cref="Bend"/> over all its phases.</summary>
public readonly record struct BendRange(Bending Least, Bending Most)
{
    /// <summary>How far it goes one way.</summary>
    public double Towards(Bend bend, bool forward) => forward ? Most[bend] : -Least[bend];
}
