using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>Words of the teacher's own that say what is not so, and those that may be said.</summary>
public sealed class OwnWordsTables
{
    private const string Rule = "words-plan";

    [Theory]
    [InlineData("""{ "move": "neck-side-tilt", "breaths": 4, "talk": "Three breaths on each side." }""", "Four breaths")]
    [InlineData("""{ "move": "cat-cow", "rounds": 8, "say": { "1": "Arch, 6 rounds of it" } }""", "8 rounds")]
    [InlineData("""{ "move": "final-rest", "seconds": 300, "talk": "Eight minutes of nothing at all." }""", "Five minutes")]
    [InlineData("""{ "move": "neck-side-tilt", "sides": "right", "talk": "Let the left ear sink." }""", "right ear")]
    [InlineData("""{ "move": "neck-side-tilt", "say": { "1": "The {left} ear sinks towards the {left} shoulder" } }""", "{right} ear")]
    [InlineData("""{ "move": "cat-cow", "say": { "1": "Breathe out and arch" } }""", "Breathe in")]
    public void What_is_not_so_is_quoted_and_mended(string line, string instead)
    {
        var plan = Shipped.Class(line);
        var finding = Shipped.Found(plan, Rule);
        Assert.NotNull(finding);
        var mended = Shipped.Mended(plan, finding);
        Assert.Contains(instead, string.Join(' ', mended.Lines.SelectMany(l => l.OwnWords).Select(w => w.Text)), StringComparison.Ordinal);
        Assert.Null(Shipped.Found(mended, Rule));
    }

    [Theory]
    [InlineData("""{ "move": "neck-side-tilt", "breaths": 4, "talk": "Four breaths, one more if it is kind." }""")]
    [InlineData("""{ "move": "neck-side-tilt", "breaths": 4, "talk": "Feel the left side of the neck grow long.", "sides": "right" }""")]
    [InlineData("""{ "move": "neck-side-tilt", "say": { "1": "{Right} ear to the {right} shoulder" } }""")]
    [InlineData("""{ "move": "cat-cow", "rounds": 8, "talk": "In the last two rounds shut the eyes." }""")]
    [InlineData("""{ "move": "cat-cow", "say": { "1": "Breathe in and arch" } }""")]
    [InlineData("""{ "move": "final-rest", "seconds": 300, "talk": "Five minutes for yourself." }""")]
    [InlineData("""{ "talk": "Welcome. Two minutes to arrive." }""")]
    public void What_is_so_or_is_about_something_else_may_be_said(string line) => Assert.Null(Shipped.Found(Shipped.Class(line), Rule));

    [Fact]
    public void The_minutes_of_the_class_are_those_it_has()
    {
        var plan = Shipped.Class("""{ "talk": "Forty-five minutes by the sea." }, { "move": "cat-cow" }""", "\"minutes\": 30");
        var mended = Shipped.Mended(plan, Shipped.Found(plan, Rule)!);
        Assert.Equal("Thirty minutes by the sea.", mended.Sections[0].Items.OfType<Spoken>().Single().Words);
    }

    [Fact]
    public void The_classes_that_ship_say_what_is_so() =>
        Assert.All(Shipped.DemoPlans.Concat(Shipped.SoundPlans), plan => Assert.Null(Shipped.Found(plan, Rule)));
}
