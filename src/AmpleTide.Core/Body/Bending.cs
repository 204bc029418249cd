namespace AmpleTide.Core.Body;

/// <summary>What can bend one way and the other, and so can owe a counter.</summary>
public enum Bend
{
    /// <summary>Lower and upper spine together: rounded (+), arched (−).</summary>
    Spine,

    /// <summary>The neck: bowed (+), back (−).</summary>
    Neck,

    /// <summary>Shoulder blades and arms: gathered in front (+), drawn back (−).</summary>
    Girdle,
}

/// <summary>How far a shape bends each way, signed: 1 is the end of what is normal.</summary>
public readonly record struct Bending(double Spine, double Neck, double Girdle)
{
    // The thoraco-lumbar ranges as shared out in Axes; the spine counts as one.
    private static readonly (Range Lower, Range Upper) Ranges = (Axes.Normal(Axis.LowerFlexion), Axes.Normal(Axis.UpperFlexion));

    /// <summary>One of them.</summary>
    public double this[Bend bend] => bend switch { Bend.Spine => Spine, Bend.Neck => Neck, _ => Girdle };

    /// <summary>Reads the facts of a shape.</summary>
    public static Bending Of(Facts facts)
    {
        double Degrees(Axis axis, Range range) => facts.Loads[(int)axis] is var u && u >= 0 ? u * range.Most : -u * range.Least;
        var spine = Degrees(Axis.LowerFlexion, Ranges.Lower) + Degrees(Axis.UpperFlexion, Ranges.Upper);
        var whole = spine >= 0 ? Ranges.Lower.Most + Ranges.Upper.Most : -(Ranges.Lower.Least + Ranges.Upper.Least);
        var gathered = Either(facts, Area.UpperBack);
        var opened = Either(facts, Area.Chest);
        return new(spine / whole, facts.Loads[(int)Axis.NeckFlexion], gathered > opened ? gathered : -opened);
    }

    // Arms wound in front lengthen the upper back, arms drawn back the chest; a side alone counts half.
    private static double Either(Facts facts, Area area) => (facts.RightStretch[(int)area] + facts.LeftStretch[(int)area]) / 2;
}
