using AmpleTide.Core.Teaching;

namespace AmpleTide.Core.Tests.Teaching;

public sealed class Headlines
{
    [Theory]
    [InlineData("Grow tall", "Grow tall")]
    [InlineData(
        "Soften the knees, hands slide down the thighs, and fold from the hips",
        "Soften the knees,|hands slide down the thighs,|and fold from the hips"
    )]
    [InlineData("Breathe in, and out", "Breathe in, and out")]
    [InlineData(
        "Place your hands on the floor and swing the hips over to one side",
        "Place your hands on the floor|and swing the hips|over to one side"
    )]
    public void Are_broken_where_one_would_breathe(string text, string pieces) => Assert.Equal(pieces.Split('|'), Headline.Of(text));

    [Fact]
    public void Are_never_longer_than_can_be_read_and_lose_nothing()
    {
        var texts = Shipped
            .Catalogue.Moves.SelectMany(m => m.Phases.Select(p => p.Cue.Long).Append(m.Talk.First))
            .Concat(Shipped.Catalogue.Ways.SelectMany(w => w.Steps.Select(s => s.Say)));
        foreach (var text in texts)
        {
            var pieces = Headline.Of(text);
            Assert.All(pieces, p => Assert.InRange(p.Split(' ').Length, 1, Headline.MostWords));
            Assert.Equal(string.Join(' ', text.Split(' ', StringSplitOptions.RemoveEmptyEntries)), string.Join(' ', pieces));
        }
    }

    [Fact]
    public void Short_cues_of_the_catalogue_are_read_at_a_glance() =>
        Assert.All(
            Shipped.Catalogue.Moves.SelectMany(m => m.Phases.Select(p => p.Cue.Short)),
            cue => Assert.InRange(cue.Split(' ').Length, 1, Headline.MostWords)
        );
}
