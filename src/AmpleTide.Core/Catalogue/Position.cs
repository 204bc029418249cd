using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>The four families of positions.</summary>
public enum Family
{
    /// <summary>On the feet.</summary>
    Standing,

    /// <summary>On a chair, or on the floor with the trunk upright.</summary>
    Seated,

    /// <summary>Kneeling, all fours, prone, folded over the knees, hips high.</summary>
    Floor,

    /// <summary>On the back or the side, propped or flat.</summary>
    Supine,
}

/// <summary>How high the pelvis is kept; going from one to another is a change of level.</summary>
public enum PelvisLevel
{
    /// <summary>On or near the floor.</summary>
    Floor,

    /// <summary>On a chair or a bed's edge.</summary>
    Seat,

    /// <summary>On the feet.</summary>
    Standing,
}

/// <summary>From where a figure is seen.</summary>
/// <param name="Around">Degrees the viewer has walked round: 0 in front, 90 at the body's right, 180 behind.</param>
/// <param name="Above">Degrees the viewer looks down.</param>
public readonly record struct Viewpoint(double Around, double Above)
{
    /// <summary>Turns the room into the picture: x right, y up, z towards the viewer.</summary>
    public Rotation Turn => Rotation.X(Above) * Rotation.Y(Around);
}

/// <summary>A named base shape that moves are taken in.</summary>
public sealed record Position
{
    /// <summary>Its id, lower case with hyphens.</summary>
    public required string Id { get; init; }

    /// <summary>Its usual name.</summary>
    public required string Name { get; init; }

    /// <summary>Its family.</summary>
    public required Family Family { get; init; }

    /// <summary>How high the pelvis is.</summary>
    public required PelvisLevel Level { get; init; }

    /// <summary>The placed base shape.</summary>
    public required Shape Base { get; init; }

    /// <summary>What can be read off the base shape.</summary>
    public required Facts Facts { get; init; }

    /// <summary>The range of each axis here: normal, but for what the position itself needs.</summary>
    public required IReadOnlyList<Body.Range> Allowed { get; init; }

    /// <summary>The best view of it.</summary>
    public required Viewpoint View { get; init; }

    /// <summary>Props without which it cannot be taken.</summary>
    public required IReadOnlyList<string> Props { get; init; }

    /// <summary>Props that make it kinder.</summary>
    public IReadOnlyList<string> Helpful { get; init; } = [];

    /// <summary>What it asks of the body, read off the shape.</summary>
    public required Demands Demands { get; init; }

    /// <summary>Whether it is a plain seat, stand or lie: what it stretches by itself is not what its moves are for.</summary>
    public bool Plain { get; init; }

    /// <summary>Whether the legs are crossed in it.</summary>
    public bool LegsCrossed { get; init; }

    /// <summary>Whether people lie in it.</summary>
    public bool Lying => Family == Family.Supine;

    /// <summary>Reads what a base shape asks of the body.</summary>
    /// <param name="family">Its family.</param>
    /// <param name="level">Its level.</param>
    /// <param name="shape">The placed base shape.</param>
    /// <param name="facts">Its facts.</param>
    public static Demands DemandsOf(Family family, PelvisLevel level, Shape shape, Facts facts)
    {
        // Shares and heights from which a demand counts; common practice, no source.
        const double someWeight = 0.12,
            headDown = -0.02,
            flat = 0.13,
            prone = 0.07;
        var demands = Demands.None;
        if (level == PelvisLevel.Floor)
            demands |= Demands.Floor;
        if (family == Family.Standing)
            demands |= Demands.Standing;
        if (facts.OnKnees > someWeight && family == Family.Floor && facts.PelvisHeight > 0.08)
            demands |= Demands.Kneeling;
        // On the back the pelvis may be propped up; it is lying flat all the same.
        var low = family == Family.Supine || facts.PelvisHeight < (family == Family.Floor ? prone : flat);
        var lies = facts.HeadHeight < flat && low;
        // On the side the chest faces neither up nor down; on the forearms it faces down, with the head up.
        var facesUp = (shape.Skeleton().Chest.Turn * new Vector(0, 0, 1)).Y;
        var onTheFront = family == Family.Floor && facts.PelvisHeight < prone && facesUp < -0.5;
        if (lies && Math.Abs(facesUp) > 0.5 || onTheFront)
            demands |= Demands.LyingFlat;
        // Arms that lie on the floor carry nothing but themselves.
        if (facts.OnHands > someWeight && !lies && facts.HeadHeight > flat)
            demands |= Demands.HandLoad;
        if (facts.HeadAboveHeart < headDown && !lies && facts.PelvisHeight > facts.HeadHeight)
            demands |= Demands.HeadDown;
        return demands;
    }
}
