using System.Globalization;
using System.Security;
using System.Text;
using AmpleTide.Core;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Formats;

/// <summary>The tide line of a class as a picture: SVG 1.1, with its sections, for a handout or a notice.</summary>
public static class TideSvg
{
    /// <summary>The format.</summary>
    public static readonly Format Format = new("svg", "Tide line, SVG", ".svg", "image/svg+xml", "It is written only: a picture.", Write);

    private const int Width = 1200;
    private const int Height = 260;
    private const int Top = 50;
    private const int Bottom = 220;

    // Standing with the arms up is the highest that is drawn, in thousandths of a stature.
    private const double Highest = 1250;

    private static byte[] Write(Score score)
    {
        var svg = new StringBuilder();
        svg.Append(
            CultureInfo.InvariantCulture,
            $"""
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {Width} {Height}" width="{Width}" height="{Height}" role="img" font-family="sans-serif">
            <title>{Xml(score.Plan.Title)}</title>
            <rect width="{Width}" height="{Height}" fill="#fbf7ee"/>
            <path d="{PathOf(score)}" fill="#cfe4df" stroke="#12525b" stroke-width="3" stroke-linejoin="round"/>

            """
        );
        foreach (var section in score.Plan.Sections)
        {
            if (score.Items.FirstOrDefault(i => i.Section == section && i.Occurrences.Count > 0) is not { } first)
                continue;
            var x = X(first.Occurrences[0].Start, score);
            svg.Append(
                CultureInfo.InvariantCulture,
                $"<line x1=\"{x:0.#}\" x2=\"{x:0.#}\" y1=\"{Top}\" y2=\"{Bottom}\" stroke=\"#dcd2bc\"/>\n"
            );
            svg.Append(
                CultureInfo.InvariantCulture,
                $"<text x=\"{x + 4:0.#}\" y=\"{Bottom + 24}\" font-size=\"16\" fill=\"#14303a\">{Xml(section.Name)}</text>\n"
            );
        }
        svg.Append(
            CultureInfo.InvariantCulture,
            $"<text x=\"12\" y=\"32\" font-size=\"24\" font-weight=\"600\" fill=\"#14303a\">{Xml(score.Plan.Title)}</text>\n</svg>\n"
        );
        return Format.Utf8.GetBytes(svg.ToString());
    }

    private static string PathOf(Score score)
    {
        var path = new StringBuilder(string.Create(CultureInfo.InvariantCulture, $"M0 {Bottom}"));
        foreach (var (at, height) in score.Tide)
            path.Append(
                CultureInfo.InvariantCulture,
                $"L{X(at, score):0.#} {Bottom - ((Bottom - Top) * Math.Min(1, height / Highest)):0.#}"
            );
        return path.Append(CultureInfo.InvariantCulture, $"L{Width} {Bottom}Z").ToString();
    }

    private static double X(TimeSpan at, Score score) => score.Total > TimeSpan.Zero ? Width * (at / score.Total) : 0;

    private static string Xml(string text) =>
        SecurityElement.Escape(string.Concat(text.Where(c => c >= ' ' && c is not ('\uFFFE' or '\uFFFF') && !char.IsSurrogate(c)))) ?? "";
}
