namespace AmpleTide.Core.Body;

/// <summary>
/// What can be read off a placed shape. Lengths in statures, loads as fractions of range, weights as shares of the whole.
/// </summary>
/// <param name="PelvisHeight">The pelvis above the floor.</param>
/// <param name="HeadHeight">The middle of the head above the floor.</param>
/// <param name="HeadAboveHeart">The head above the heart; negative when it hangs below.</param>
/// <param name="OnHands">The share of the weight on hands and forearms.</param>
/// <param name="OnKnees">The share on knees and shins.</param>
/// <param name="OnFeet">The share on the feet.</param>
/// <param name="OnHead">The share on head and neck.</param>
/// <param name="OffBase">How far the centre of mass lies outside what carries it.</param>
/// <param name="Loads">Signed, in the order of <see cref="Axis"/>.</param>
/// <param name="Girdle">Arms wound and blades spread in front (+), arms and blades drawn back (−); a side alone counts half.</param>
/// <param name="RightStretch">By <see cref="Area"/>, the right side's muscles.</param>
/// <param name="LeftStretch">By <see cref="Area"/>, the left side's.</param>
public sealed record Facts(
    double PelvisHeight,
    double HeadHeight,
    double HeadAboveHeart,
    double OnHands,
    double OnKnees,
    double OnFeet,
    double OnHead,
    double OffBase,
    double[] Loads,
    double Girdle,
    double[] RightStretch,
    double[] LeftStretch
)
{
    /// <summary>
    /// The height of the tide line in thousandths of a stature: the mean of pelvis and head, so that a chair class is not flat.
    /// </summary>
    public int Tide { get; } = (int)Math.Round((PelvisHeight + HeadHeight) / 2 * 1000);

    /// <summary>How far an area is lengthened, on the side that is lengthened more.</summary>
    public double Stretch(Area area) => Math.Max(RightStretch[(int)area], LeftStretch[(int)area]);

    /// <summary>Reads a shape.</summary>
    /// <param name="shape">A placed shape.</param>
    /// <param name="baseShape">The base shape of the position it is taken in.</param>
    /// <param name="told">The axes its author has named; null for a shape that is an author's throughout.</param>
    public static Facts Of(Shape shape, Angles baseShape, IReadOnlySet<Axis>? told = null)
    {
        var body = shape.Skeleton();
        var head = body[Segment.Head].At(0, Segments.HeadCentre, 0);
        // Taken in the middle of the chest, so that somebody lying flat has head and heart on one level.
        var heart = body.Chest.At(0, -0.062, 0);
        var shares = Balance.Shares(body, shape.Contacts);
        double On(params Segment[] parts) => shape.Contacts.Select((c, i) => parts.Contains(c.Mark.Segment) ? shares[i] : 0).Sum();
        var (outX, outZ) = Balance.Outside(body, shape.Contacts);
        var loads = Load.All(shape.Angles, baseShape);
        var onHands = On(Segment.RightHand, Segment.LeftHand, Segment.RightForearm, Segment.LeftForearm);
        var onFeet = On(Segment.RightFoot, Segment.LeftFoot, Segment.RightToes, Segment.LeftToes);
        var meant = told is null ? shape.Angles : Meant.Of(shape.Angles, baseShape, told, onHands, onFeet);
        var lengthening = told is null ? loads : Load.All(meant, baseShape);
        return new(
            shape.Pelvis.Y,
            head.Y,
            head.Y - heart.Y,
            onHands,
            On(Segment.RightShank, Segment.LeftShank),
            onFeet,
            On(Segment.Head, Segment.Neck),
            Math.Sqrt((outX * outX) + (outZ * outZ)),
            loads,
            Body.Stretch.Girdle(meant, lengthening),
            Body.Stretch.Of(meant, lengthening, Side.Right),
            Body.Stretch.Of(meant, lengthening, Side.Left)
        );
    }

    /// <summary>The same facts of the mirrored shape.</summary>
    public Facts Mirror()
    {
        var mirrored = new double[Axes.Count];
        for (var i = 0; i < mirrored.Length; i++)
            mirrored[(int)Axes.Mirror((Axis)i)] = Axes.FlipsInMirror((Axis)i) ? -Loads[i] : Loads[i];
        return this with { Loads = mirrored, RightStretch = LeftStretch, LeftStretch = RightStretch };
    }
}
