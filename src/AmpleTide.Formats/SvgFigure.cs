using System.Globalization;
using System.Security;
using System.Text;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Formats;

/// <summary>Writes figures as SVG, for pages that are printed or kept.</summary>
public static class SvgFigure
{
    /// <summary>The colours of a figure on paper: in light, and in shade.</summary>
    public static IReadOnlyDictionary<Tone, (string Light, string Shade)> Paper { get; } =
        new Dictionary<Tone, (string, string)>
        {
            [Tone.Mat] = ("#e9e1cc", "#e9e1cc"),
            [Tone.MatEdge] = ("#d6cbaf", "#d6cbaf"),
            [Tone.Shadow] = ("#d9ceb1", "#d9ceb1"),
            [Tone.Wall] = ("#efe7d5", "#efe7d5"),
            [Tone.Prop] = ("#c6a56d", "#c6a56d"),
            [Tone.PropSide] = ("#a3834c", "#a3834c"),
            [Tone.Cloth] = ("#aa9fb8", "#aa9fb8"),
            [Tone.ClothSide] = ("#8c809c", "#8c809c"),
            [Tone.Strap] = ("#8d7a55", "#8d7a55"),
            [Tone.Trunk] = ("#28435a", "#1d3347"),
            [Tone.RightArm] = ("#d0733a", "#b75d28"),
            [Tone.RightLeg] = ("#c05a24", "#a04718"),
            [Tone.LeftArm] = ("#2d837b", "#226a63"),
            [Tone.LeftLeg] = ("#166862", "#0f4f4a"),
            [Tone.Skin] = ("#eccba8", "#d8ae87"),
            [Tone.Hair] = ("#43342d", "#33271f"),
            [Tone.Mouth] = ("#7a4238", "#7a4238"),
            [Tone.Tongue] = ("#c96f68", "#c96f68"),
            [Tone.Mark] = ("#7a3b69", "#7a3b69"),
            [Tone.Seam] = (Ground, Ground),
            [Tone.Line] = ("#a0704c", "#a0704c"),
            [Tone.Face] = ("#5a382c", "#5a382c"),
            [Tone.Nose] = ("#b9855c", "#b9855c"),
            [Tone.Brow] = ("#5f4a3d", "#5f4a3d"),
            [Tone.Eye] = ("#43342d", "#43342d"),
        };

    // How wide lines are, in thousandths of a stature; an area has a hair's breadth of its own colour round it, so that no gap shows.
    private static readonly Dictionary<Tone, double> Widths = new()
    {
        [Tone.Seam] = 6,
        [Tone.Line] = 3.2,
        [Tone.Face] = 3.2,
        [Tone.Nose] = 3,
        [Tone.Brow] = 2.6,
        [Tone.Eye] = 7.6,
    };

    private const double Hair = 1.4,
        MarkEdge = 11;

    private const string Ground = "#fbf7ee";

    /// <summary>A figure as a file of its own, SVG 1.1.</summary>
    /// <param name="figure">The figure.</param>
    /// <param name="title">What it shows.</param>
    public static string Document(Figure figure, string title)
    {
        var (left, top, right, bottom) = (figure.Box[0], figure.Box[1], figure.Box[2], figure.Box[3]);
        var box = string.Create(CultureInfo.InvariantCulture, $"{left} {top} {right - left} {bottom - top}");
        return $"""
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="{box}" role="img">
            <title>{SecurityElement.Escape(title)}</title>
            {Parts(figure)}
            </svg>

            """;
    }

    /// <summary>The paths of a figure as SVG elements in thousandths of a stature.</summary>
    public static string Parts(Figure figure)
    {
        var svg = new StringBuilder("<g stroke-linejoin=\"round\" stroke-linecap=\"round\">");
        foreach (var path in figure.Paths)
            svg.Append(Element(path));
        return svg.Append("</g>").ToString();
    }

    private static string Element(FigurePath path)
    {
        var (light, shade) = Paper[path.Tone];
        var colour = path.Shaded ? shade : light;
        var isLine = Widths.TryGetValue(path.Tone, out var width);
        // A mark has a light edge, so that it is seen on the body too.
        var (edge, wide, order) =
            path.Tone == Tone.Mark ? (Ground, MarkEdge, " paint-order=\"stroke\"") : (colour, isLine ? width : Hair, "");
        var fill = isLine ? "none" : colour;
        return string.Create(
            CultureInfo.InvariantCulture,
            $"<path d=\"m{path.X} {path.Y}{path.Steps}\" fill=\"{fill}\" stroke=\"{edge}\" stroke-width=\"{wide}\"{order}/>"
        );
    }
}
