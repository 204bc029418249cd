using System.Globalization;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Formats;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>
/// The colours of figures: the same on paper and on the page, and apart by the contrast of WCAG 2.2 (relative luminance, section
/// "contrast ratio"; 3:1 for graphics, success criterion 1.4.11).
/// </summary>
public partial class Colours
{
    private static readonly string Styles = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "styles", "app.css"));
    private static readonly Dictionary<string, string> Day = Read(DayLine()),
        Night = Read(NightLine());

    [GeneratedRegex(@"^ {2}--(fig-[a-z-]+|ground): (#[0-9a-f]+);", RegexOptions.Multiline)]
    private static partial Regex DayLine();

    [GeneratedRegex(@"^ {4}--(fig-[a-z-]+|ground): (#[0-9a-f]+);", RegexOptions.Multiline)]
    private static partial Regex NightLine();

    // Print has a ground of its own after these; the first of a name counts.
    private static Dictionary<string, string> Read(Regex line) =>
        line.Matches(Styles).GroupBy(m => m.Groups[1].Value).ToDictionary(g => g.Key, g => g.First().Groups[2].Value);

    private static string NameOf(Tone tone) => "fig-" + Hyphen().Replace(tone.ToString(), "-").ToLowerInvariant();

    [GeneratedRegex("(?<=[a-z])(?=[A-Z])")]
    private static partial Regex Hyphen();

    [Fact]
    public void Paper_and_page_have_the_same_colours_by_day()
    {
        foreach (var tone in Enum.GetValues<Tone>().Where(t => t != Tone.Seam))
        {
            var (light, shade) = SvgFigure.Paper[tone];
            Assert.Equal(Day[NameOf(tone)], light);
            Assert.Equal(Day.GetValueOrDefault(NameOf(tone) + "-shade", light), shade);
        }
        Assert.Equal(Day["ground"], SvgFigure.Paper[Tone.Seam].Light);
    }

    [Fact]
    public void Every_colour_of_the_day_has_one_at_night() => Assert.Equal(Day.Keys.Order(), Night.Keys.Order());

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Limbs_stand_out_from_the_ground(bool byDay)
    {
        var colours = byDay ? Day : Night;
        foreach (var limb in new[] { "trunk", "right-leg", "left-leg", "right-arm", "left-arm", "mark" })
            Assert.True(Contrast(colours[$"fig-{limb}"], colours["ground"]) >= 3, limb);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Things_stand_out_from_the_mat(bool byDay)
    {
        var colours = byDay ? Day : Night;
        foreach (var thing in new[] { "prop", "prop-side", "cloth", "cloth-side" })
            Assert.True(Contrast(colours[$"fig-{thing}"], colours["fig-mat"]) >= 1.6, thing);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Right_and_left_differ_in_tone_as_well_as_in_hue(bool byDay)
    {
        var colours = byDay ? Day : Night;
        foreach (var limb in new[] { "leg", "arm" })
            Assert.True(Contrast(colours[$"fig-right-{limb}"], colours[$"fig-left-{limb}"]) >= 1.3, limb);
    }

    [Theory]
    [InlineData("#000000", "#ffffff", 21)]
    [InlineData("#777777", "#ffffff", 4.48)] // from memory: the usual example of a grey that just fails 4.5:1
    public void Contrast_is_reckoned_as_published(string one, string other, double ratio) =>
        Assert.Equal(ratio, Contrast(one, other), 0.01);

    private static double Contrast(string one, string other)
    {
        var (a, b) = (Luminance(one), Luminance(other));
        return (Math.Max(a, b) + 0.05) / (Math.Min(a, b) + 0.05);
    }

    private static double Luminance(string colour)
    {
        double Linear(int at)
        {
            var c = int.Parse(colour.AsSpan(at, 2), NumberStyles.HexNumber, CultureInfo.InvariantCulture) / 255.0;
            return c <= 0.04045 ? c / 12.92 : Math.Pow((c + 0.055) / 1.055, 2.4);
        }
        return (0.2126 * Linear(1)) + (0.7152 * Linear(3)) + (0.0722 * Linear(5));
    }

    [Fact]
    public void A_figure_is_a_file_of_its_own_that_any_reader_of_XML_reads()
    {
        var card = Cards.Of("lion-face");
        var svg = XDocument.Parse(SvgFigure.Document(card, "Lion's face & <tongue>")).Root!;
        XNamespace ns = "http://www.w3.org/2000/svg";
        Assert.Equal(ns + "svg", svg.Name);
        Assert.Equal("Lion's face & <tongue>", svg.Element(ns + "title")!.Value);
        var paths = svg.Descendants(ns + "path").ToList();
        Assert.Equal(card.Paths.Count, paths.Count);
        Assert.All(paths, p => Assert.StartsWith("m", p.Attribute("d")!.Value, StringComparison.Ordinal));
        var box = svg.Attribute("viewBox")!.Value.Split(' ').Select(n => int.Parse(n, CultureInfo.InvariantCulture)).ToList();
        Assert.Equal([card.Box[0], card.Box[1], card.Box[2] - card.Box[0], card.Box[3] - card.Box[1]], box);
    }
}
