using AmpleTide.Core.Body;

namespace AmpleTide.Core.Tests.Outside;

/// <summary>Source: American Academy of Orthopaedic Surgeons, <i>Joint Motion</i> (1965). Values from memory.</summary>
public class JointRanges
{
    [Theory]
    [InlineData(Axis.NeckFlexion, -45, 45)]
    [InlineData(Axis.NeckSide, -45, 45)]
    [InlineData(Axis.NeckRotation, -60, 60)]
    [InlineData(Axis.RightShoulderElevation, 0, 180)]
    [InlineData(Axis.RightShoulderTurn, -70, 90)]
    [InlineData(Axis.RightElbow, 0, 150)]
    [InlineData(Axis.RightWrist, -70, 80)]
    [InlineData(Axis.RightHipFlexion, -30, 120)]
    [InlineData(Axis.RightHipAbduction, -30, 45)]
    [InlineData(Axis.RightHipTurn, -45, 45)]
    [InlineData(Axis.RightKnee, 0, 135)]
    [InlineData(Axis.RightAnkle, -50, 20)]
    public void Normal_ranges_are_the_published_ones(Axis axis, double least, double most)
    {
        Assert.Equal(new Core.Body.Range(least, most), Axes.Normal(axis));
        Assert.Equal(Axes.Normal(axis), Axes.Normal(Axes.SideOf(axis) == Side.None ? axis : Axes.Mirror(axis)));
    }

    /// <summary>
    /// What was measured, beside what is called normal: Soucie and others, <i>Range of motion measurements: reference values</i>,
    /// Haemophilia (2011), means of men of 20 to 44 years, from memory. A handbook's normal range lies within 15° of what people reach.
    /// </summary>
    [Theory]
    [InlineData(Axis.RightHipFlexion, -17.4, 130.4)]
    [InlineData(Axis.RightKnee, 0, 137.7)]
    [InlineData(Axis.RightAnkle, -54.6, 12.7)]
    [InlineData(Axis.RightShoulderElevation, 0, 168.8)]
    [InlineData(Axis.RightElbow, 0, 144.6)]
    public void Normal_ranges_are_what_healthy_people_reach(Axis axis, double least, double most)
    {
        const double Apart = 15;
        Assert.InRange(Axes.Normal(axis).Least, least - Apart, least + Apart);
        Assert.InRange(Axes.Normal(axis).Most, most - Apart, most + Apart);
    }

    [Theory]
    [InlineData(Axis.LowerFlexion, Axis.UpperFlexion, -25, 80)]
    [InlineData(Axis.LowerSide, Axis.UpperSide, -35, 35)]
    [InlineData(Axis.LowerRotation, Axis.UpperRotation, -45, 45)]
    public void The_parts_of_the_spine_add_up_to_the_published_whole(Axis lower, Axis upper, double least, double most)
    {
        Assert.Equal(least, Axes.Normal(lower).Least + Axes.Normal(upper).Least);
        Assert.Equal(most, Axes.Normal(lower).Most + Axes.Normal(upper).Most);
    }

    [Theory]
    [InlineData("spine.flexion", 80, 1)]
    [InlineData("spine.flexion", -25, -1)]
    [InlineData("spine.rotation", 22.5, 0.5)]
    public void An_angle_of_the_spine_is_shared_so_that_both_parts_carry_the_same_load(string name, double degrees, double load)
    {
        foreach (var (axis, part) in Axes.Share(Axes.Named(name), degrees))
            Assert.Equal(load, Load.Of(axis, part, 0), 6);
    }

    [Fact]
    public void Limbs_count_from_the_base_shape_and_reach_one_at_the_end()
    {
        Assert.Equal(0, Load.Of(Axis.RightHipFlexion, 86, 86));
        Assert.Equal(1, Load.Of(Axis.RightHipFlexion, 120, 86), 6);
        Assert.Equal(-1, Load.Of(Axis.RightHipFlexion, -30, 86), 6);
    }
}
