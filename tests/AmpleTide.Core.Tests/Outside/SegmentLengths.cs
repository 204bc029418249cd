using AmpleTide.Core.Body;

namespace AmpleTide.Core.Tests.Outside;

/// <summary>
/// Source: Drillis and Contini (1966), as tabulated in Winter, <i>Biomechanics and Motor Control of Human Movement</i>. Values from memory.
/// Measured on the standing body that the core poses, not read from its constants.
/// </summary>
public class SegmentLengths
{
    private static readonly Skeleton Body = new(Angles.Zero.AsSpan(), new(0, 0.530, 0));

    public static TheoryData<string, double, double> Lengths =>
        new()
        {
            { "upper arm", Between(Segment.RightUpperArm, Segment.RightForearm), 0.186 },
            { "forearm", Between(Segment.RightForearm, Segment.RightHand), 0.146 },
            { "thigh", Between(Segment.LeftThigh, Segment.LeftShank), 0.245 },
            { "shank", Between(Segment.LeftShank, Segment.LeftFoot), 0.246 },
            { "foot height", Body[Segment.RightFoot].Origin.Y - Landmark.Find("right.ball")!.On(Body).Y, 0.039 },
        };

    public static TheoryData<string, double, double> Heights =>
        new()
        {
            { "hip", Body[Segment.RightThigh].Origin.Y, 0.530 },
            { "shoulder", Body[Segment.RightUpperArm].Origin.Y, 0.818 },
            { "chin", Landmark.Find("chin")!.On(Body).Y, 0.870 },
            { "crown", Landmark.Find("crown")!.On(Body).Y, 1.000 },
            { "sole", Landmark.Find("right.heel")!.On(Body).Y, 0.000 },
        };

    [Theory]
    [MemberData(nameof(Lengths))]
    public void Lengths_are_the_published_ones(string what, double measured, double published) =>
        Assert.True(Math.Abs(measured - published) < 0.001, $"{what}: {measured:0.000}, published {published:0.000}");

    [Theory]
    [MemberData(nameof(Heights))]
    public void Standing_heights_follow(string what, double measured, double published) =>
        Assert.True(Math.Abs(measured - published) < 0.005, $"{what}: {measured:0.000}, published {published:0.000}");

    [Fact]
    public void Breadths_reach_to_the_outside_of_the_body()
    {
        Assert.Equal(0.129, Math.Abs(Body[Segment.RightUpperArm].Origin.X) + Segments.UpperArmRadius, 3);
        Assert.Equal(0.0955, Math.Abs(Body[Segment.RightThigh].Origin.X) + Segments.ThighRadius, 4);
    }

    [Fact]
    public void The_masses_make_one_body() =>
        Assert.Equal(
            1,
            Segments.HeadMass
                + Segments.PelvisMass
                + Segments.AbdomenMass
                + Segments.ThoraxMass
                + (
                    2
                    * (
                        Segments.UpperArmMass
                        + Segments.ForearmMass
                        + Segments.HandMass
                        + Segments.ThighMass
                        + Segments.ShankMass
                        + Segments.FootMass
                    )
                ),
            6
        );

    /// <summary>
    /// Standing people carry their centre of mass at 53 to 58 % of stature, in front of the second sacral vertebra: anatomy textbooks,
    /// from memory.
    /// </summary>
    [Fact]
    public void The_centre_of_mass_of_a_standing_body_lies_where_textbooks_have_it()
    {
        var centre = Balance.CentreOfMass(Body);
        Assert.InRange(centre.Y, 0.53, 0.58);
        Assert.InRange(centre.Z, -0.02, 0.04);
        Assert.Equal(0, centre.X, 9);
    }

    private static double Between(Segment a, Segment b) => (Body[a].Origin - Body[b].Origin).Length;
}
