using System.Globalization;
using System.Text.RegularExpressions;

namespace AmpleTide.Core.Figures.Paths;

/// <summary>What a path of a figure is, and so how it is coloured. Those from <see cref="Seam"/> on are lines, but for the marks.</summary>
public enum Tone
{
#pragma warning disable CS1591 // the names say it
    Mat,
    MatEdge,
    Shadow,
    Wall,
    Prop,
    PropSide,
    Cloth,
    ClothSide,
    Strap,
    Trunk,
    RightLeg,
    LeftLeg,
    RightArm,
    LeftArm,
    Skin,
    Hair,
    Mouth,
    Tongue,
    Mark,
    Seam,
    Line,
    Face,
    Nose,
    Brow,
    Eye,
#pragma warning restore CS1591
}

/// <summary>What tones there are.</summary>
public static class Tones
{
    /// <summary>The tone of the same part on the other side.</summary>
    public static Tone Mirrored(this Tone tone) =>
        tone switch
        {
            Tone.RightLeg => Tone.LeftLeg,
            Tone.LeftLeg => Tone.RightLeg,
            Tone.RightArm => Tone.LeftArm,
            Tone.LeftArm => Tone.RightArm,
            _ => tone,
        };
}

/// <summary>One path of a figure, in thousandths of a stature, x right and y down.</summary>
/// <param name="Tone">What it is.</param>
/// <param name="Shaded">Whether it lies in shade.</param>
/// <param name="X">Where it begins.</param>
/// <param name="Y">Where it begins.</param>
/// <param name="Steps">How it goes on from there: data of an SVG path, all of it relative.</param>
public sealed partial record FigurePath(Tone Tone, bool Shaded, int X, int Y, string Steps)
{
    /// <summary>The same path so far to the right and down.</summary>
    public FigurePath Moved(int right, int down) => this with { X = X + right, Y = Y + down };

    /// <summary>The same path with right and left swapped about 0, in place and in hue.</summary>
    public FigurePath Mirrored() => new(Tone.Mirrored(), Shaded, -X, Y, MirroredSteps());

    [GeneratedRegex(@"[a-z]| ?-?\d+")]
    private static partial Regex Words();

    // Relative steps of m, l and c are pairs, so that every other number goes the other way.
    private string MirroredSteps()
    {
        var (isAcross, afterLetter) = (true, true);
        return Words().Replace(Steps, Mirrored);

        string Mirrored(Match word)
        {
            if (char.IsAsciiLetter(word.ValueSpan[0]))
            {
                (isAcross, afterLetter) = (true, true);
                return word.Value;
            }
            var number = int.Parse(word.ValueSpan, CultureInfo.InvariantCulture) * (isAcross ? -1 : 1);
            var gap = number < 0 || afterLetter ? "" : " ";
            (isAcross, afterLetter) = (!isAcross, false);
            return string.Create(CultureInfo.InvariantCulture, $"{gap}{number}");
        }
    }
}

/// <summary>A figure: paths in the order of drawing, in thousandths of a stature, 0 on the floor below the body.</summary>
/// <param name="Paths">Far to near.</param>
/// <param name="Box">The frame it is seen in: least x, least y, most x, most y.</param>
public sealed record Figure(IReadOnlyList<FigurePath> Paths, int[] Box)
{
    /// <summary>This figure and another in one box.</summary>
    public Figure Beside(Figure other) => new([.. Paths, .. other.Paths], Both(Box, other.Box));

    /// <summary>The box round two.</summary>
    public static int[] Both(int[] a, int[]? b) =>
        b is null ? a : [Math.Min(a[0], b[0]), Math.Min(a[1], b[1]), Math.Max(a[2], b[2]), Math.Max(a[3], b[3])];

    /// <summary>The same figure with right and left swapped about 0, in place and in hue.</summary>
    public Figure Mirrored() => new([.. Paths.Select(p => p.Mirrored())], [-Box[2], Box[1], -Box[0], Box[3]]);

    /// <summary>The same figure so far to the right and down.</summary>
    public Figure Moved(int right, int down) =>
        new([.. Paths.Select(p => p.Moved(right, down))], [Box[0] + right, Box[1] + down, Box[2] + right, Box[3] + down]);
}
