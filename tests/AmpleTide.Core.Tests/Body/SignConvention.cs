using AmpleTide.Core.Body;

namespace AmpleTide.Core.Tests.Body;

/// <summary>The sign convention as written in the core, seen in the body: which way a landmark goes when an axis turns positive.</summary>
public class SignConvention
{
    // axis, landmark, direction it must go: x to the body's left, y up, z forward.
    public static TheoryData<string, string, string> Signs =>
        new()
        {
            { "neck.flexion", "forehead", "-y" },
            { "neck.side", "crown", "-x" },
            { "neck.rotation", "forehead", "-x" },
            { "spine.flexion", "crown", "+z" },
            { "spine.side", "crown", "-x" },
            { "spine.rotation", "heart", "-x" },
            { "pelvis.pitch", "crown", "+z" },
            { "pelvis.lean", "crown", "-x" },
            { "pelvis.turn", "pubis", "-x" },
            { "right.girdle.up", "right.shoulder", "+y" },
            { "right.girdle.forward", "right.shoulder", "+z" },
            { "right.shoulder.elevation", "right.hand", "-x" },
            { "left.shoulder.elevation", "left.hand", "+x" },
            { "right.elbow", "right.hand", "+z" },
            { "right.hip.flexion", "right.kneecap", "+z" },
            { "right.hip.abduction", "right.ankle", "-x" },
            { "left.hip.abduction", "left.ankle", "+x" },
            { "right.hip.turn", "right.ball", "-x" },
            { "left.hip.turn", "left.ball", "+x" },
            { "right.knee", "right.heel", "-z" },
            { "right.ankle", "right.ball", "+y" },
            { "right.toe", "right.toe-tip", "+y" },
            { "right.wrist", "right.fingertips", "+x" },
            { "left.wrist", "left.fingertips", "-x" },
        };

    [Theory]
    [MemberData(nameof(Signs))]
    public void A_positive_angle_goes_its_way(string axisName, string landmark, string direction)
    {
        const double degrees = 20;
        var turned = Angles.Zero.With(
            Axes.Share(Axes.Named(axisName), degrees).Select(a => new KeyValuePair<Axis, double>(a.Axis, a.Degrees))
        );
        var mark = Landmark.Find(landmark)!;
        var way = mark.On(new(turned.AsSpan(), new(0, 0.5, 0))) - mark.On(new(Angles.Zero.AsSpan(), new(0, 0.5, 0)));
        var along =
            direction[1] switch
            {
                'x' => way.X,
                'y' => way.Y,
                _ => way.Z,
            } * (direction[0] == '-' ? -1 : 1);
        Assert.True(along > 0.005, $"{axisName} +{degrees}° moves {landmark} by {way}, not {direction}");
    }

    [Fact]
    public void The_arm_reaches_overhead_by_the_front_and_by_the_side()
    {
        foreach (var plane in new[] { 0.0, 45, 90 })
        {
            var up = Angles.Zero.With([new(Axis.RightShoulderPlane, plane), new(Axis.RightShoulderElevation, 180)]);
            var body = new Skeleton(up.AsSpan(), new(0, 0.53, 0));
            Assert.Equal(body[Segment.RightUpperArm].Origin.X, body[Segment.RightHand].Origin.X, 6);
            Assert.True(body[Segment.RightHand].Origin.Y > 1.1);
        }
    }

    [Fact]
    public void Whoever_lies_on_the_back_rolls_by_leaning()
    {
        var lying = Angles.Zero.With([new(Axis.PelvisPitch, -90), new(Axis.PelvisLean, 60)]);
        var body = new Skeleton(lying.AsSpan(), new(0, 0.1, 0));
        Assert.True(Landmark.Find("right.hip")!.On(body).Y < Landmark.Find("left.hip")!.On(body).Y);
    }
}
