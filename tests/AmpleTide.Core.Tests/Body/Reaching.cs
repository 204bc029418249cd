using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Tests.Body;

/// <summary>
/// A dragged hand, foot, knee, elbow or head goes where it is wanted as far as joints allow, and takes only its own limb along.
/// </summary>
public class Reaching
{
    private static readonly Position Standing = Shipped.Catalogue.Position("standing")!;

    public static TheoryData<string, double, double> Reachable =>
        new()
        {
            { "right.hand", -0.28, 0.80 },
            { "left.hand", 0.25, 0.95 },
            { "right.elbow", -0.26, 0.74 },
            { "left.foot", 0.25, 0.10 },
            { "right.knee", -0.20, 0.34 },
            { "head", -0.12, 0.97 },
        };

    [Theory]
    [MemberData(nameof(Reachable))]
    public void It_comes_within_a_centimetre_and_no_other_limb_moves(string name, double x, double y)
    {
        var handle = Handle.All.Single(h => h.Name == name);
        var shape = Standing.Base;
        var solved = Reach.Towards(shape.Angles, shape.Pelvis, handle, new Viewpoint(0, 0).Turn, x, y, Standing.Allowed);
        var at = handle.Mark.On(new Skeleton(solved.AsSpan(), shape.Pelvis));
        Assert.InRange(Math.Sqrt(Math.Pow(at.X - x, 2) + Math.Pow(at.Y - y, 2)), 0, 0.01 / 1.70);
        Assert.All(Enum.GetValues<Axis>().Except(handle.Chain), axis => Assert.Equal(shape.Angles[axis], solved[axis]));
    }

    [Theory]
    [InlineData("right.hand", -2, 2)]
    [InlineData("left.foot", 0.2, 3)]
    [InlineData("head", 1, -1)]
    public void What_is_out_of_reach_stays_within_the_ranges(string name, double x, double y)
    {
        var handle = Handle.All.Single(h => h.Name == name);
        var solved = Reach.Towards(Standing.Base.Angles, Standing.Base.Pelvis, handle, new Viewpoint(30, 10).Turn, x, y, Standing.Allowed);
        Assert.All(handle.Chain, axis => Assert.True(Standing.Allowed[(int)axis].Allows(solved[axis])));
    }

    [Fact]
    public void The_left_answers_as_the_mirrored_right()
    {
        var (right, left) = (Handle.All.Single(h => h.Name == "right.hand"), Handle.All.Single(h => h.Name == "left.hand"));
        var shape = Standing.Base;
        var one = Reach.Towards(shape.Angles, shape.Pelvis, right, new Viewpoint(20, 5).Turn, -0.3, 0.8, Standing.Allowed);
        var other = Reach.Towards(
            shape.Angles.Mirror(),
            shape.Mirror().Pelvis,
            left,
            new Viewpoint(-20, 5).Turn,
            0.3,
            0.8,
            Standing.Allowed
        );
        Assert.All(Enum.GetValues<Axis>(), axis => Assert.Equal(one.Mirror()[axis], other[axis], 6));
    }
}
