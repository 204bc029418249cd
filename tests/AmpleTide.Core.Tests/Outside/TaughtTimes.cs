using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Tests.Outside;

/// <summary>
/// How long rounds and breaths took in classes as they were taught, by at least two teachers each, talk left out. Common practice, no
/// published source: medians over taught classes.
/// </summary>
public class TaughtTimes
{
    // Movement, seconds a round (a side where sides alternate), and what it is here.
    private static readonly (string Movement, double Seconds, string Line)[] Rows =
    [
        ("head turn", 4.8, "\"move\": \"head-turns\", \"rounds\": 2"),
        ("nod", 11, "\"move\": \"slow-nods\", \"rounds\": 2"),
        ("half circle of the head", 9.8, "\"move\": \"half-circles\", \"rounds\": 2"),
        ("full circle of the head", 7.3, "\"move\": \"full-neck-circles\", \"rounds\": 2, \"sides\": \"cw\""),
        ("ear to shoulder as a flow", 7.7, "\"move\": \"neck-side-tilt\", \"rounds\": 2, \"sides\": \"right\""),
        ("shrug and drop", 7.7, "\"move\": \"shrug-and-drop\", \"rounds\": 2"),
        ("shoulder roll", 3.0, "\"move\": \"shoulder-rolls\", \"rounds\": 2, \"sides\": \"back\""),
        ("elbow circle", 9.1, "\"move\": \"elbow-circles\", \"rounds\": 2, \"sides\": \"back\""),
        ("circle with the whole arm", 9.5, "\"move\": \"arm-circles\", \"rounds\": 2, \"sides\": \"back\""),
        ("arms float to the front and down", 8.4, "\"move\": \"arms-float\", \"rounds\": 2"),
        ("arms up and down", 9.7, "\"move\": \"arms-sweep-up\", \"rounds\": 2"),
        ("arms in front: open, gather", 14, "\"move\": \"cactus-and-gather\", \"rounds\": 2"),
        ("wound arms down and up", 9.5, "\"move\": \"wound-elbows-to-navel\", \"rounds\": 2, \"sides\": \"over\""),
        ("cat and cow", 10.2, "\"move\": \"cat-cow\", \"rounds\": 2"),
        ("side bend as a flow, one side", 11, "\"move\": \"side-bends-arms-up\", \"rounds\": 2"),
        ("twist as a flow, one side", 6.5, "\"move\": \"twists-through-centre\", \"rounds\": 2"),
        ("circle of the trunk", 6, "\"move\": \"torso-circles\", \"rounds\": 2, \"sides\": \"cw\""),
        ("fold and half-lift", 14, "\"move\": \"fold-and-half-lift\", \"rounds\": 2"),
        ("chest lift on the front", 10.3, "\"move\": \"low-cobra\", \"rounds\": 2"),
    ];

    private static double Planned(string line)
    {
        var score = Shipped.Score(Shipped.Class($"{{ {line} }}")).Lines[0];
        return score.Practised.TotalSeconds / score.Dose.Amount / score.Occurrences.Count;
    }

    [Fact]
    public void Rounds_last_about_as_long_as_they_are_taught()
    {
        var ratios = Rows.Select(r => (r.Movement, Ratio: Planned(r.Line) / r.Seconds)).OrderBy(r => r.Ratio).ToList();
        Assert.All(ratios, r => Assert.True(r.Ratio is >= 0.5 and <= 2, $"{r.Movement}: {r.Ratio:0.00}"));
        Assert.InRange(ratios[ratios.Count / 2].Ratio, 0.85, 1.15);
    }

    [Theory]
    [InlineData("a breath in a hold", 7.0, "\"move\": \"chair-fold\", \"breaths\": 4")]
    [InlineData("a watched or full breath", 7.5, "\"move\": \"three-full-breaths\", \"breaths\": 4")]
    [InlineData("a counted breath with a long out-breath", 14, "\"move\": \"long-out-breath\", \"breaths\": 4")]
    [InlineData("a spoken count", 1.2, "\"move\": \"neck-side-tilt\", \"beats\": 10, \"sides\": \"right\"")]
    [InlineData("a tap said aloud", 1.4, "\"move\": \"thumb-and-finger-taps\", \"beats\": 8")]
    [InlineData("a whirl of the elbows", 0.6, "\"move\": \"fast-elbow-circles\", \"beats\": 10, \"sides\": \"back\"")]
    public void Breaths_and_beats_last_about_as_long_as_they_are_taught(string what, double seconds, string line) =>
        Assert.True(Planned(line) / seconds is >= 0.6 and <= 1.5, $"{what}: {Planned(line)}");
}
