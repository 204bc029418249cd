using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Naming;

namespace AmpleTide.Core.Tests.Naming;

/// <summary>Moves are found by area, occasion, position and prop; common practice, no source.</summary>
public class MovesForAUse
{
    private static readonly UseSearch Search = new(Shipped.Catalogue);

    [Theory]
    [InlineData("neck", Area.Neck)]
    [InlineData("stiff neck", Area.Neck)]
    [InlineData("something for tight shoulders", Area.Shoulders)]
    [InlineData("hamstring stretch", Area.Hamstrings)]
    [InlineData("lower back", Area.LowBack)]
    [InlineData("between the shoulder blades", Area.UpperBack)]
    [InlineData("sholders", Area.Shoulders)]
    public void An_area_is_found_under_its_everyday_names(string asked, Area area)
    {
        var found = Search.Find(asked);
        Assert.NotEmpty(found);
        Assert.All(found, f => Assert.Contains(area, FormOf(f).Easing.Strongest.Take(3)));
        Assert.Equal(area, FormOf(found[0]).Easing.Strongest[0]);
    }

    [Theory]
    [InlineData("desk")]
    [InlineData("at the office")]
    [InlineData("work break")]
    public void At_a_desk_one_stays_on_the_chair(string asked)
    {
        var found = Search.Find(asked);
        Assert.True(found.Count >= 15, $"{found.Count}");
        Assert.All(found, f => Assert.Contains(f.Position.Id, (string[])["chair-edge", "chair-back"]));
    }

    [Theory]
    [InlineData("before sleep")]
    [InlineData("in bed")]
    [InlineData("bedtime")]
    public void Before_sleep_one_lies_and_does_little(string asked)
    {
        var found = Search.Find(asked);
        Assert.True(found.Count >= 8, $"{found.Count}");
        Assert.All(found, f => Assert.Equal(Family.Supine, f.Position.Family));
        Assert.All(found, f => Assert.True(f.Move.Effort <= 2));
    }

    [Fact]
    public void Several_wishes_are_met_together()
    {
        var found = Search.Find("neck at my desk");
        Assert.NotEmpty(found);
        Assert.All(found, f => Assert.True(f.Position.Id is "chair-edge" or "chair-back" && FormOf(f).Easing.Includes(Area.Neck)));
        Assert.All(found, f => Assert.Equal("for the neck, at a desk", f.For));
    }

    [Fact]
    public void A_prop_or_a_position_is_a_wish_too()
    {
        Assert.All(
            Search.Find("strap hamstrings"),
            f => Assert.Contains("strap", f.Move.Props.Concat(f.Move.Helpful).Concat(f.Position.Props))
        );
        Assert.All(Search.Find("hips all fours"), f => Assert.Equal("all-fours", f.Position.Id));
    }

    [Theory]
    [InlineData("")]
    [InlineData("the")]
    [InlineData("zither")]
    [InlineData("neck zither")]
    public void What_is_not_understood_finds_nothing(string asked) => Assert.Empty(Search.Find(asked));

    [Fact]
    public void Every_use_has_moves()
    {
        Assert.True(Shipped.Catalogue.Uses.Count >= 25);
        Assert.All(
            Shipped.Catalogue.Uses,
            use => Assert.All(use.Words, word => Assert.True(Search.Find(word).Count >= 3, $"{use.Id}: {word}"))
        );
    }

    private static MoveForm FormOf(Useful found) => Shipped.Catalogue.Form(found.Move, found.Position, MoveForm.BaseOption);
}
