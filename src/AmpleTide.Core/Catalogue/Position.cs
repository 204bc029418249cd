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

/// <summary>What a position or a way asks of the body; a place's limits rule them out.</summary>
[Flags]
public enum Demands
{
    /// <summary>Nothing in particular.</summary>
    None = 0,

    /// <summary>Weight on the knees or shins.</summary>
    Kneeling = 1,

    /// <summary>Getting down to the floor.</summary>
    Floor = 2,

    /// <summary>Lying flat, on the back or the front.</summary>
    LyingFlat = 4,

    /// <summary>The head below the heart.</summary>
    HeadDown = 8,

    /// <summary>Weight on the hands.</summary>
    HandLoad = 16,

    /// <summary>Standing.</summary>
    Standing = 32,
}

/// <summary>The words a class file uses for limits, and what each rules out.</summary>
public static class Limits
{
    private static readonly Dictionary<string, Demands> Words = new()
    {
        ["no-kneeling"] = Demands.Kneeling,
        ["no-floor"] = Demands.Floor,
        ["no-lying-flat"] = Demands.LyingFlat,
        ["no-head-down"] = Demands.HeadDown,
        ["no-hand-load"] = Demands.HandLoad,
        ["no-long-standing"] = Demands.Standing,
    };

    /// <summary>All words.</summary>
    public static IEnumerable<string> All => Words.Keys;

    /// <summary>What a limit rules out; nothing for an unknown word.</summary>
    public static Demands RuledOut(string limit) => Words.GetValueOrDefault(limit);

    /// <summary>What several limits rule out together. Long standing is a matter of minutes and rules out no position.</summary>
    public static Demands RuledOut(IEnumerable<string> limits) =>
        limits.Aggregate(Demands.None, (all, limit) => all | RuledOut(limit)) & ~Demands.Standing;

    /// <summary>The first limit word that rules out some of these demands, in plain words.</summary>
    public static string Saying(Demands demands) =>
        string.Join(" and ", Words.Where(w => demands.HasFlag(w.Value)).Select(w => w.Key.Replace('-', ' ')));
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
    /// <param name="facts">Its facts.</param>
    public static Demands DemandsOf(Family family, PelvisLevel level, Facts facts)
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
        var lies = facts.HeadHeight < flat && facts.PelvisHeight < (family == Family.Floor ? prone : flat);
        if (lies)
            demands |= Demands.LyingFlat;
        // Arms that lie on the floor carry nothing but themselves.
        if (facts.OnHands > someWeight && !lies && facts.HeadHeight > flat)
            demands |= Demands.HandLoad;
        if (facts.HeadAboveHeart < headDown && !lies && facts.PelvisHeight > facts.HeadHeight)
            demands |= Demands.HeadDown;
        return demands;
    }
}

/// <summary>A directed way from one position to another.</summary>
/// <param name="From">Where it begins.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Steps">What is said and done, each on a breath.</param>
/// <param name="Seconds">How long it takes a group, by pace.</param>
/// <param name="Demands">What it asks of the body beyond its two ends.</param>
/// <param name="Cautions">What to be told with it.</param>
public sealed record Way(
    Position From,
    Position To,
    IReadOnlyList<WayStep> Steps,
    PaceSeconds Seconds,
    Demands Demands,
    IReadOnlyList<string> Cautions
)
{
    /// <summary>
    /// The way of a convention it follows: <c>riseFromFold</c> → <c>roll-up</c>. Ways between the same positions differ in it.
    /// </summary>
    public IReadOnlyDictionary<string, string> School { get; init; } = new Dictionary<string, string>();

    /// <summary>All it asks: its own demands and those of where it ends.</summary>
    public Demands AllDemands => Demands | To.Demands;

    /// <summary>How many words its steps have.</summary>
    public int Words { get; } = Steps.Sum(s => Catalogue.Words.Count(s.Say));
}

/// <summary>One spoken step of a way.</summary>
/// <param name="Breath">The phase it is done on.</param>
/// <param name="Say">What is said.</param>
public sealed record WayStep(Breath Breath, string Say);

/// <summary>Seconds by the pace of the group.</summary>
public sealed record PaceSeconds(double Gentle, double Usual, double Brisk);

/// <summary>A thing used in class.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Plural">More than one of it.</param>
/// <param name="Note">What to look for.</param>
/// <param name="StandIns">What does the same where there is none.</param>
/// <param name="AlwaysThere">Whether a hall can be taken to have it: mat and wall.</param>
public sealed record Prop(string Id, string Name, string Plural, string Note, IReadOnlyList<string> StandIns, bool AlwaysThere);

/// <summary>A condition somebody in the group may have.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="LeaveOut">What to leave out or swap, in words.</param>
/// <param name="Offer">What to offer, in words.</param>
public sealed record Condition(string Id, string Name, string LeaveOut, string Offer);
