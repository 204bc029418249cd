using System.Text.RegularExpressions;
using AmpleTide.Catalogue;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Tests.Catalogue;

/// <summary>The guide to writing moves says what the reader takes: its example is read, and no word or axis is left out.</summary>
public class GuideToMoves
{
    private static readonly string Guide = File.ReadAllText(Path.Combine(Shipped.Folder, "docs", "moves.md"));

    /// <summary>The move that the guide shows.</summary>
    internal static readonly string Example = Regex.Match(Guide, "```yaml\n(.*?)```", RegexOptions.Singleline).Groups[1].Value;

    [Fact]
    public void Its_example_is_a_move()
    {
        // Read and placed in each of its positions, as it is and easier.
        var forms = CatalogueReader.ReadOwn(Example, Shipped.Catalogue);
        Assert.All(
            forms,
            form => Assert.Equal(("quay-reach", 4, Face.EyesShut), (form.Move.Id, form.Phases.Length, form.Phases[2].Phase.Look.Face))
        );
        Assert.Equal(2 * 2, forms.Length);
    }

    [Fact]
    public void A_move_written_before_there_were_other_signs_is_read_as_it_was_meant()
    {
        var before = Regex.Replace(Example, @"signs: \{ attend: (\[.*?\]) \}", "attend: $1");
        Assert.NotEqual(Example, before);
        Assert.All(
            CatalogueReader.ReadOwn(before, Shipped.Catalogue),
            form => Assert.Equal((Sign.Attend, "right.ribs"), (form.Move.Drawn.Signs[0].Sign, form.Move.Drawn.Signs[0].At.Name))
        );
    }

    [Theory]
    [InlineData(typeof(Sign))]
    [InlineData(typeof(MoveKind))]
    [InlineData(typeof(Sidedness))]
    [InlineData(typeof(Breath))]
    [InlineData(typeof(Work))]
    [InlineData(typeof(Face))]
    [InlineData(typeof(Hands))]
    [InlineData(typeof(CloseUp))]
    [InlineData(typeof(Unit))]
    public void It_has_every_word_of_a_field(Type words) =>
        Assert.All(Enum.GetNames(words), name => Assert.Matches($@"\b{Entry.Hyphenated(name)}\b", Guide));

    [Fact]
    public void It_has_every_axis() =>
        Assert.All(
            Enum.GetValues<Axis>()
                .Select(Axes.Name)
                .Select(n => n.Replace("right.", "", StringComparison.Ordinal).Replace("left.", "", StringComparison.Ordinal))
                .Distinct(),
            name =>
                Assert.Contains(
                    name.StartsWith("lower.", StringComparison.Ordinal)
                    || name.StartsWith("upper.", StringComparison.Ordinal)
                    || name.StartsWith("neck.", StringComparison.Ordinal)
                        ? name.Split('.')[1]
                        : name,
                    Guide,
                    StringComparison.Ordinal
                )
        );
}
