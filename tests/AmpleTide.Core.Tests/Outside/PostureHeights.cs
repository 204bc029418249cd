using AmpleTide.Core.Body;

namespace AmpleTide.Core.Tests.Outside;

/// <summary>
/// Heights of sitting, kneeling and lying bodies against sums of the segments of Drillis and Contini (1966), as tabulated in Winter,
/// <i>Biomechanics and Motor Control of Human Movement</i>; values from memory, in statures. Measured on the placed base shapes.
/// </summary>
public class PostureHeights
{
    private const double Shank = 0.246,
        FootHeight = 0.039,
        Thigh = 0.245,
        Stature = 1,
        HipHeight = 0.530;

    private static Skeleton Body(string position) => Shipped.Catalogue.Position(position)!.Base.Skeleton();

    [Theory]
    [InlineData("standing", 0.530)]
    [InlineData("tall-kneel", Thigh)] // and half a knee
    [InlineData("half-kneel", Thigh)]
    public void The_hips_stand_as_high_as_the_bones_below_them(string position, double height) =>
        Assert.InRange(Shipped.Catalogue.Position(position)!.Base.Pelvis.Y, height - 0.005, height + 0.05);

    [Fact]
    public void On_a_chair_the_knees_are_as_high_as_shank_and_foot()
    {
        var body = Body("chair-edge");
        Assert.Equal(Shank + FootHeight, body[Segment.RightShank].Origin.Y, 0.02);
        // What is above the hips when standing is above them when sitting.
        Assert.Equal(Stature - HipHeight, Landmark.Find("crown")!.On(body).Y - body[Segment.RightThigh].Origin.Y, 0.02);
    }

    [Theory]
    [InlineData("supine-long")]
    [InlineData("prone")]
    public void Whoever_lies_is_as_long_as_tall_and_no_higher_than_a_body_is_thick(string position)
    {
        var body = Body(position);
        var crown = Landmark.Find("crown")!.On(body);
        var feet = body[Segment.RightFoot].Origin.Towards(body[Segment.LeftFoot].Origin, 0.5);
        var length = Math.Sqrt(((crown.X - feet.X) * (crown.X - feet.X)) + ((crown.Z - feet.Z) * (crown.Z - feet.Z)));
        Assert.InRange(length, Stature - FootHeight - 0.08, Stature);
        Assert.True(Enum.GetValues<Segment>().All(s => body[s].Origin.Y is > -0.01 and < 0.16));
    }

    [Fact]
    public void All_fours_is_as_high_as_a_thigh_at_the_hips_and_an_arm_at_the_shoulders()
    {
        var body = Body("all-fours");
        const double arm = 0.186 + 0.146;
        Assert.InRange(body[Segment.RightThigh].Origin.Y, Thigh - 0.01, Thigh + 0.05);
        Assert.InRange(body[Segment.RightUpperArm].Origin.Y, arm - 0.05, arm + 0.05);
    }
}
