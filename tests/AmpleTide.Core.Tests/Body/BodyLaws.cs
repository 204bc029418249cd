using AmpleTide.Core.Body;
using FsCheck.Xunit;

namespace AmpleTide.Core.Tests.Body;

/// <summary>Laws that hold for any shape: mirror, blend, forward kinematics.</summary>
public class BodyLaws
{
    [Property]
    public void Mirroring_twice_is_the_identity(int seed)
    {
        var angles = AnyAngles(seed);
        Assert.Equal(angles, angles.Mirror().Mirror());
    }

    [Property]
    public void A_mirrored_body_is_the_reflection_of_the_body(int seed)
    {
        var angles = AnyAngles(seed);
        var body = new Skeleton(angles.AsSpan(), new(0.1, 0.5, 0.2));
        var mirrored = new Skeleton(angles.Mirror().AsSpan(), new(-0.1, 0.5, 0.2));
        foreach (var mark in Landmark.Names.Select(n => Landmark.Find(n)!))
        {
            var (p, q) = (mark.On(body), mark.Mirror().On(mirrored));
            AssertNear(new(-p.X, p.Y, p.Z), q, 1e-9);
        }
    }

    [Property]
    public void A_blend_begins_and_ends_at_its_ends(int seed)
    {
        var (from, to) = (AnyAngles(seed), AnyAngles(seed + 1));
        foreach (var axis in Enum.GetValues<Axis>().Where(a => !IsPlane(a)))
        {
            Assert.Equal(from[axis], from.Blend(to, 0)[axis], 9);
            Assert.Equal(to[axis], from.Blend(to, 1)[axis], 9);
        }
    }

    [Property]
    public void Blending_the_mirrored_is_mirroring_the_blend(int seed, byte step)
    {
        var (from, to, t) = (AnyAngles(seed), AnyAngles(seed + 1), step / 255.0);
        var (a, b) = (from.Mirror().Blend(to.Mirror(), t), from.Blend(to, t).Mirror());
        foreach (var axis in Enum.GetValues<Axis>())
            Assert.Equal(b[axis], a[axis], 9);
    }

    [Property]
    public void No_angle_changes_the_length_of_a_limb(int seed)
    {
        var body = new Skeleton(AnyAngles(seed).AsSpan(), new(0, 0.5, 0));
        Assert.Equal(Segments.Thigh, (body[Segment.RightShank].Origin - body[Segment.RightThigh].Origin).Length, 9);
        Assert.Equal(Segments.Forearm, (body[Segment.LeftHand].Origin - body[Segment.LeftForearm].Origin).Length, 9);
    }

    [Fact]
    public void An_arm_that_hangs_rises_in_the_plane_it_ends_in()
    {
        var up = Angles.Zero.With([new(Axis.RightShoulderPlane, 90), new(Axis.RightShoulderElevation, 160)]);
        Assert.Equal(90, Angles.Zero.Blend(up, 0.5)[Axis.RightShoulderPlane], 6);
        Assert.True(Angles.Zero.Blend(up, 0.5, new(0, new Dictionary<Axis, double>()))[Axis.RightShoulderPlane] < 60);
    }

    [Fact]
    public void An_arm_straightens_on_its_way_behind_the_back_and_back_again()
    {
        var front = Angles.Zero.With([new(Axis.RightShoulderPlane, 60), new(Axis.RightShoulderElevation, 22), new(Axis.RightElbow, 50)]);
        var behind = front.With([new(Axis.RightShoulderPlane, -75), new(Axis.RightShoulderElevation, 36), new(Axis.RightElbow, 96)]);
        foreach (var (from, to) in new[] { (front, behind), (behind, front) })
        {
            var half = from.Blend(to, 0.5);
            Assert.True(half[Axis.RightElbow] < 30);
            // By then the arm is most of its way there, or has hardly left.
            Assert.InRange(half[Axis.RightShoulderPlane], -75, -50);
        }
    }

    [Fact]
    public void A_detour_is_widest_half_way_and_gone_at_both_ends()
    {
        var over = new Passage(null, new Dictionary<Axis, double> { [Axis.RightHipFlexion] = 30 });
        var to = Angles.Zero.With([new(Axis.RightHipFlexion, 40)]);
        double At(double t) => Angles.Zero.Blend(to, t, over)[Axis.RightHipFlexion];
        Assert.Equal([0.0, 50, 40], new[] { 0, 0.5, 1 }.Select(At));
    }

    internal static Angles AnyAngles(int seed)
    {
        var random = new Random(seed);
        return Angles.Zero.With(
            Enum.GetValues<Axis>()
                .Select(axis =>
                {
                    var range = Axes.Normal(axis);
                    return new KeyValuePair<Axis, double>(axis, range.Least + (random.NextDouble() * (range.Most - range.Least)));
                })
        );
    }

    private static bool IsPlane(Axis axis) => axis is Axis.RightShoulderPlane or Axis.LeftShoulderPlane;

    private static void AssertNear(Vector expected, Vector actual, double tolerance) =>
        Assert.True((expected - actual).Length < tolerance, $"{expected} is not {actual}");
}
