using System.Globalization;
using System.Security;
using System.Text;
using AmpleTide.Core.Figures;

namespace AmpleTide.Formats;

/// <summary>Writes figures as SVG, for pages that are printed or kept.</summary>
public static class SvgFigure
{
    /// <summary>The colours of a figure on paper.</summary>
    public static IReadOnlyDictionary<Tone, string> Paper { get; } =
        new Dictionary<Tone, string>
        {
            [Tone.Trunk] = "#23505c",
            [Tone.Right] = "#cf6b33",
            [Tone.Left] = "#2a8c84",
            [Tone.Skin] = "#e8c7a4",
            [Tone.Hair] = "#3b2f2a",
            [Tone.Face] = "#e8c7a4",
            [Tone.Eye] = "#3b2f2a",
            [Tone.Prop] = "#cdbf9f",
            [Tone.PropEdge] = "#b3a37f",
            [Tone.Mat] = "#ece4d1",
            [Tone.Mark] = "#7a3b69",
        };

    // The light edge around each part is not in its box.
    private const int Margin = 20;

    private const string Ground = "#fbf7ee";

    /// <summary>A figure as a file of its own, SVG 1.1.</summary>
    /// <param name="figure">The figure.</param>
    /// <param name="title">What it shows.</param>
    public static string Document(Figure figure, string title)
    {
        var (left, top, right, bottom) = (figure.Box[0] - Margin, figure.Box[1] - Margin, figure.Box[2] + Margin, figure.Box[3] + Margin);
        var box = string.Create(CultureInfo.InvariantCulture, $"{left} {top} {right - left} {bottom - top}");
        return $"""
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="{box}" role="img">
            <title>{SecurityElement.Escape(title)}</title>
            {Parts(figure)}
            </svg>

            """;
    }

    /// <summary>The parts of a figure as SVG elements in thousandths of a stature.</summary>
    public static string Parts(Figure figure)
    {
        var svg = new StringBuilder();
        foreach (var part in figure.Parts)
        {
            var path = new StringBuilder();
            foreach (var outline in part.Outlines)
                path.Append(Polygon(outline));
            foreach (var capsule in part.Capsules)
                path.Append(Outline(capsule));
            var halo = part.Tone is Tone.Mat or Tone.Eye or Tone.Face
                ? ""
                : $" stroke=\"{Ground}\" stroke-width=\"15\" paint-order=\"stroke\" stroke-linejoin=\"round\"";
            svg.Append(CultureInfo.InvariantCulture, $"<path d=\"{path}\" fill=\"{Paper[part.Tone]}\"{halo}/>");
        }
        return svg.ToString();
    }

    private static string Polygon(int[] points)
    {
        var path = new StringBuilder("M");
        for (var i = 0; i < points.Length; i += 2)
            path.Append(CultureInfo.InvariantCulture, $"{(i > 0 ? "L" : "")}{points[i]} {points[i + 1]}");
        return path.Append('Z').ToString();
    }

    /// <summary>The outline of a capsule: two arcs and the two lines that touch both circles.</summary>
    public static string Outline(Capsule c)
    {
        double dx = c.X2 - c.X1,
            dy = c.Y2 - c.Y1,
            length = Math.Sqrt((dx * dx) + (dy * dy));
        if (length <= Math.Abs(c.R1 - c.R2))
        {
            var (x, y, r) = c.R1 >= c.R2 ? (c.X1, c.Y1, c.R1) : (c.X2, c.Y2, c.R2);
            return string.Create(CultureInfo.InvariantCulture, $"M{x - r} {y}a{r} {r} 0 1 1 {2 * r} 0a{r} {r} 0 1 1 {-2 * r} 0Z");
        }
        var along = Math.Atan2(dy, dx);
        var spread = Math.Acos((c.R1 - c.R2) / length);
        string At(int x, int y, int r, double angle) =>
            string.Create(CultureInfo.InvariantCulture, $"{x + (r * Math.Cos(angle)):0.#} {y + (r * Math.Sin(angle)):0.#}");
        var large = spread > Math.PI / 2 ? 1 : 0;
        return string.Create(
            CultureInfo.InvariantCulture,
            $"M{At(c.X1, c.Y1, c.R1, along + spread)}A{c.R1} {c.R1} 0 {1 - large} 1 "
                + $"{At(c.X1, c.Y1, c.R1, along - spread)}L{At(c.X2, c.Y2, c.R2, along - spread)}A{c.R2} {c.R2} 0 {large} 1 "
                + $"{At(c.X2, c.Y2, c.R2, along + spread)}Z"
        );
    }
}
