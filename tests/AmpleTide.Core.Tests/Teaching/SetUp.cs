using AmpleTide.Core.Rehearsal;

namespace AmpleTide.Core.Tests.Teaching;

public sealed class SetUp
{
    [Theory]
    [InlineData("""{ "move": "cat-cow", "position": "all-fours" }""", "", "place hurts")]
    [InlineData("""{ "move": "final-rest" }""", "", "hair place eyes hurts")]
    [InlineData("""{ "move": "warrior-two" }""", "", "space place hurts")]
    [InlineData("""{ "move": "chair-marching" }""", "", "chairs props place hurts")]
    [InlineData("""{ "move": "tree" }""", "\"group\": { \"size\": 3, \"newcomers\": 1 }", "balance place newcomers hurts")]
    [InlineData("""{ "move": "calf-at-the-wall" }""", "\"minutes\": 40", "wall water place hurts")]
    public void Is_read_off_the_moves(string lines, string head, string expected)
    {
        var found = BeforeClass.Of(Shipped.Score(Shipped.Class(lines, head)));
        Assert.Equal(expected, string.Join(' ', found.Select(p => p.Id)));
    }

    [Fact]
    public void Says_which_lines_it_is_for()
    {
        var score = Shipped.Score(Shipped.Demo("low-water-shoulders"));
        foreach (var step in BeforeClass.Of(score))
            Assert.All(step.Lines, line => Assert.Contains(line, score.Lines));
    }
}
