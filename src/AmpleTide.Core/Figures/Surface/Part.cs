namespace AmpleTide.Core.Figures.Surface;

/// <summary>What a point of a picture belongs to. The left limbs follow the right ones, <see cref="Parts.Sides"/> apart.</summary>
internal enum Part
{
    None = 0,
    Trunk,
    Neck,
    Head,
    Ear,
    Hair,

    RightUpperArm = 10,
    RightForearm,
    RightPalm,
    RightFinger,
    RightThumb = RightFinger + 4,
    RightThigh,
    RightShank,
    RightFoot,
    RightToes,

    LeftUpperArm = RightUpperArm + Parts.Sides,
    LeftForearm,
    LeftPalm,
    LeftFinger,
    LeftThumb = LeftFinger + 4,
    LeftThigh,
    LeftShank,
    LeftFoot,
    LeftToes,

    /// <summary>The first of the hard props: wood, chairs, walls; each of its own number, so that a seam runs between them.</summary>
    HardProp = 60,

    /// <summary>The first of the soft props: cushions, bolsters.</summary>
    SoftProp = 90,
    Ball = 109,
    Strap = 110,
    Wall,
    Shadow,
}

/// <summary>What holds for parts.</summary>
internal static class Parts
{
    /// <summary>How far a left limb is from the right one.</summary>
    public const int Sides = 20;

    /// <summary>How many numbers there are for parts.</summary>
    public const int Count = (int)Part.Shadow + 1;

    public static bool IsBody(this Part part) => part is > Part.None and < Part.HardProp;

    public static bool IsProp(this Part part) => part is >= Part.HardProp and < Part.Strap;

    public static bool IsSoft(this Part part) => part is >= Part.SoftProp and < Part.Strap;

    public static bool IsLeft(this Part part) => part is >= Part.LeftUpperArm and < Part.HardProp;

    public static bool IsLimb(this Part part) => part is >= Part.RightUpperArm and < Part.HardProp;

    /// <summary>The same part on the right side.</summary>
    public static Part OnTheRight(this Part part) => part.IsLeft() ? part - Sides : part;

    /// <summary>A part of the right side, on a side (0 right, 1 left).</summary>
    public static Part On(this Part right, int side) => right + (side * Sides);

    public static bool IsHand(this Part part) => part.OnTheRight() is >= Part.RightPalm and <= Part.RightThumb;

    public static bool IsFoot(this Part part) => part.OnTheRight() is Part.RightFoot or Part.RightToes;

    public static bool IsArm(this Part part) => part.OnTheRight() is >= Part.RightUpperArm and <= Part.RightThumb;

    public static bool IsSkin(this Part part) => part is Part.Neck or Part.Head or Part.Ear || part.IsHand() || part.IsFoot();

    public static bool SameSide(Part a, Part b) => a.IsLimb() && b.IsLimb() && a.IsLeft() == b.IsLeft();

    /// <summary>Whether two parts grow together, so that only a fold between them is a line.</summary>
    public static bool AreJoined(Part a, Part b)
    {
        if (a > b)
            (a, b) = (b, a);
        if (a == Part.Trunk)
            return b == Part.Neck || b.OnTheRight() is Part.RightUpperArm or Part.RightThigh;
        if (a is Part.Neck or Part.Head && b is Part.Head or Part.Ear or Part.Hair)
            return true;
        if (!SameSide(a, b))
            return false;
        var (near, far) = (a.OnTheRight(), b.OnTheRight());
        return (near, far)
                is
                    (Part.RightUpperArm, Part.RightForearm)
                    or
                    (Part.RightForearm, Part.RightPalm)
                    or
                    (Part.RightThigh, Part.RightShank)
                    or
                    (Part.RightShank, Part.RightFoot)
                    or
                    (Part.RightFoot, Part.RightToes)
            || (near == Part.RightPalm && far.IsHand());
    }
}
