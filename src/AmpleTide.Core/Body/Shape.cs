namespace AmpleTide.Core.Body;

/// <summary>Something the body rests on or leans against.</summary>
/// <param name="Name">As authors write it.</param>
/// <param name="Height">How high its upper face lies above the floor, in statures; for the wall it says nothing.</param>
/// <param name="Prop">The prop it is a part or a position of.</param>
public sealed record Support(string Name, double Height, string Prop)
{
    private Support(string name, double height)
        : this(name, height, name) { }

    /// <summary>Whether it holds sideways, at any height.</summary>
    public bool IsWall => Prop == "wall";

    /// <summary>The floor or the mat on it.</summary>
    public static readonly Support Floor = new("floor", 0);

    /// <summary>A wall: holds a hand or a back at any height.</summary>
    public static readonly Support Wall = new("wall", 0);

    // Heights for a stature of 1.70 m: chair seat 44 cm, thighs level; cushion 8 cm pressed down; block lying flat 8 cm; bolster 15 cm;
    // pillow 6 cm; the bolster raised at its head on pillows is as high under the middle of the back; the top of a chair's back 87 cm;
    // table 72 cm; a towel rolled up 5 cm, lain on; a ball 6.5 cm.
    // Common practice, no source.
    private static readonly Dictionary<string, Support> ByName = new[]
    {
        Floor,
        Wall,
        new("chair", 0.259),
        new("cushion", 0.047),
        new("block", 0.050),
        new("block-tall", 0.130, "block"),
        new("chair-top", 0.510, "chair"),
        new("chair-side", 0.259, "chair"),
        new("side-wall", 0, "wall"),
        new("table", 0.424),
        new("towel", 0.029),
        new("ball", 0.038),
        new("bolster", 0.088),
        new("bolster-raised", 0.088, "bolster"),
        new("pillow", 0.035),
        new("blanket", 0.018),
    }.ToDictionary(s => s.Name);

    /// <summary>The support of a name.</summary>
    /// <returns>Null when there is none of that name.</returns>
    public static Support? Find(string name) => ByName.GetValueOrDefault(name);

    /// <summary>All names.</summary>
    public static IEnumerable<string> Names => ByName.Keys;
}

/// <summary>A landmark that rests on a support, and where, once that is settled.</summary>
/// <param name="Mark">The point of the body.</param>
/// <param name="On">What it rests on.</param>
/// <param name="Planted">The spot it keeps, or null while it may still slide.</param>
public sealed record Contact(Landmark Mark, Support On, Vector? Planted = null);

/// <summary>Two landmarks of the body that lie on each other: a hand on a thigh, clasped hands.</summary>
/// <param name="Mark">What lies.</param>
/// <param name="On">What it lies on.</param>
/// <param name="Grip">How a hand lies there.</param>
public sealed record Touch(Landmark Mark, Landmark On, Grip Grip = Grip.Rest)
{
    /// <summary>Right and left swapped.</summary>
    public Touch Mirror() => new(Mark.Mirror(), On.Mirror(), Grip);
}

/// <summary>How a hand lies on what it touches.</summary>
public enum Grip
{
    /// <summary>It lies there, the fingers together.</summary>
    Rest,

    /// <summary>Fingers laced with those of the other hand.</summary>
    Clasp,

    /// <summary>Palm on palm, fingers along each other.</summary>
    Press,

    /// <summary>Fingers and thumb close round it.</summary>
    Hold,
}

/// <summary>The contacts and touches that authors write in a word.</summary>
public static class Contacts
{
    private static readonly Dictionary<string, string[]> SidedMarks = new()
    {
        ["foot"] = ["heel", "ball"],
        ["ball"] = ["ball"],
        ["heel"] = ["heel-back"],
        ["toes"] = ["toe-tip", "ball"],
        ["instep"] = ["instep"],
        ["shin"] = ["kneecap", "instep"],
        ["knee"] = ["kneecap"],
        ["outer-leg"] = ["outer-knee", "outer-ankle"],
        ["outer-ankle"] = ["outer-ankle"],
        ["palm"] = ["palm-heel", "hand", "fingertips"],
        ["fingertips"] = ["fingertips"],
        ["fist"] = ["knuckles"],
        ["arm"] = ["shoulder", "elbow", "hand-back"],
        ["hand-back"] = ["hand-back"],
        ["forearm"] = ["elbow", "under-forearm"],
        ["elbow"] = ["elbow"],
        ["seat"] = ["seat"],
        ["leg"] = ["calf", "heel-back"],
        ["calf"] = ["calf"],
        ["flank"] = ["shoulder", "hip"],
        ["hip"] = ["hip"],
        ["shoulder"] = ["shoulder"],
        ["shoulder-top"] = ["shoulder-top"],
        ["ear"] = ["ear"],
        ["temple"] = ["temple"],
        ["blade"] = ["blade"],
        ["ribs"] = ["ribs"],
    };

    private static readonly Dictionary<string, string> Plurals = new()
    {
        ["feet"] = "foot",
        ["balls"] = "ball",
        ["heels"] = "heel",
        ["shins"] = "shin",
        ["knees"] = "knee",
        ["insteps"] = "instep",
        ["outer-legs"] = "outer-leg",
        ["outer-ankles"] = "outer-ankle",
        ["palms"] = "palm",
        ["forearms"] = "forearm",
        ["elbows"] = "elbow",
        ["arms"] = "arm",
        ["legs"] = "leg",
        ["calves"] = "calf",
        ["fists"] = "fist",
        ["blades"] = "blade",
        ["shoulder-tops"] = "shoulder-top",
        ["hand-backs"] = "hand-back",
        ["all-fingertips"] = "fingertips",
        ["all-toes"] = "toes",
    };

    private static readonly Dictionary<string, string[]> TrunkMarks = new()
    {
        ["seat"] = ["right.seat", "left.seat"],
        ["sacrum"] = ["sacrum"],
        ["back"] = ["back"],
        ["occiput"] = ["occiput"],
        ["forehead"] = ["forehead"],
        ["chest"] = ["breastbone"],
        ["pubis"] = ["pubis"],
        ["low-back"] = ["low-back"],
        ["belly"] = ["belly"],
        ["crown"] = ["crown"],
    };

    /// <summary>The landmarks a contact word stands for: <c>feet</c>, <c>right.foot</c>, <c>seat</c>, <c>back</c>.</summary>
    /// <returns>No landmarks when the word is unknown.</returns>
    public static IReadOnlyList<Landmark> Marks(string word)
    {
        if (TrunkMarks.TryGetValue(word, out var trunk))
            return [.. trunk.Select(name => Landmark.Find(name)!)];
        if (Plurals.TryGetValue(word, out var one))
            return [.. Marks("right." + one), .. Marks("left." + one)];
        var dot = word.IndexOf('.', StringComparison.Ordinal);
        if (dot < 0 || !SidedMarks.TryGetValue(word[(dot + 1)..], out var marks))
            return [];
        var side = word[..dot];
        return side is "right" or "left" ? [.. marks.Select(name => Landmark.Find($"{side}.{name}")!)] : [];
    }

    /// <summary>The same landmark on the other side of the body.</summary>
    public static Landmark Mirror(this Landmark mark) => Landmark.Find(MirrorName(mark.Name))!;

    /// <summary>The same contact on the other side of the body.</summary>
    public static Contact Mirror(this Contact contact) =>
        new(contact.Mark.Mirror(), contact.On, contact.Planted is { } p ? p with { X = -p.X } : null);

    /// <summary>The name of the same thing on the other side.</summary>
    public static string MirrorName(string name) =>
        name.StartsWith("right.", StringComparison.Ordinal) ? "left." + name[6..]
        : name.StartsWith("left.", StringComparison.Ordinal) ? "right." + name[5..]
        : name;
}

/// <summary>A body as it stands, sits or lies in the room: angles, where the pelvis is, what it rests on and what it touches.</summary>
/// <param name="Angles">The angles, contacts solved.</param>
/// <param name="Pelvis">The middle between the hip joints, in statures.</param>
/// <param name="Contacts">What rests on what.</param>
/// <param name="Touches">Which parts of the body lie on each other.</param>
public sealed record Shape(Angles Angles, Vector Pelvis, IReadOnlyList<Contact> Contacts, IReadOnlyList<Touch> Touches)
{
    /// <summary>The posed skeleton.</summary>
    public Skeleton Skeleton() => new(Angles.AsSpan(), Pelvis);

    /// <summary>Right and left swapped. Mirroring twice is the identity.</summary>
    public Shape Mirror() =>
        new(Angles.Mirror(), Pelvis with { X = -Pelvis.X }, [.. Contacts.Select(c => c.Mirror())], [.. Touches.Select(t => t.Mirror())]);

    /// <summary>The way to another shape, by angle; contacts are those of the end.</summary>
    /// <param name="end">Where it leads.</param>
    /// <param name="t">0 at the start, 1 at the end.</param>
    /// <param name="passage">See <see cref="Angles.Blend"/>.</param>
    public Shape Blend(Shape end, double t, Passage? passage = null) =>
        t >= 1 ? end : AboveFloor.Keep(end with { Angles = Angles.Blend(end.Angles, t, passage), Pelvis = Pelvis.Towards(end.Pelvis, t) });
}
