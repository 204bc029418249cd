namespace AmpleTide.Core.Figures;

/// <summary>What a part of a figure is, and so how it is coloured.</summary>
public enum Tone
{
#pragma warning disable CS1591 // the names say it
    Trunk,
    Right,
    Left,
    Skin,
    Hair,
    Face,
    Eye,
    Prop,
    PropEdge,
    Mat,
    Mark,
#pragma warning restore CS1591
}

/// <summary>A tapered limb with round ends: two circles and what lies between.</summary>
public sealed record Capsule(int X1, int Y1, int R1, int X2, int Y2, int R2);

/// <summary>One part of a figure, drawn as one outline with a halo.</summary>
/// <param name="Tone">What it is.</param>
/// <param name="Capsules">Its round parts.</param>
/// <param name="Outlines">Its closed polygons, x and y in turn.</param>
public sealed record FigurePart(Tone Tone, IReadOnlyList<Capsule> Capsules, IReadOnlyList<int[]> Outlines)
{
    /// <summary>The same part so far to the right and down.</summary>
    public FigurePart Moved(int right, int down) =>
        this with
        {
            Capsules = [.. Capsules.Select(c => c with { X1 = c.X1 + right, Y1 = c.Y1 + down, X2 = c.X2 + right, Y2 = c.Y2 + down })],
            Outlines = [.. Outlines.Select(outline => outline.Select((at, i) => at + (i % 2 == 0 ? right : down)).ToArray())],
        };
}

/// <summary>A figure: parts far to near, in thousandths of a stature, x to the right, y down, 0 on the floor below the body.</summary>
/// <param name="Parts">In the order of drawing.</param>
/// <param name="Box">Least x, least y, most x, most y of all parts.</param>
public sealed record Figure(IReadOnlyList<FigurePart> Parts, int[] Box)
{
    /// <summary>The same figure so far to the right and down.</summary>
    public Figure Moved(int right, int down) =>
        new([.. Parts.Select(p => p.Moved(right, down))], [Box[0] + right, Box[1] + down, Box[2] + right, Box[3] + down]);
}
