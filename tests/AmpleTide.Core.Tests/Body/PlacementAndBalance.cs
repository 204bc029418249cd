using AmpleTide.Core.Body;

namespace AmpleTide.Core.Tests.Body;

/// <summary>The solver puts a body where its contacts say, and weight goes where it must.</summary>
public class PlacementAndBalance
{
    private static readonly IReadOnlyList<Core.Body.Range> Allowed = [.. Enum.GetValues<Axis>().Select(Axes.Allowed)];

    [Fact]
    public void A_standing_body_stands_at_its_own_height()
    {
        var placed = Stand([]);
        Assert.True(placed.Residual < 0.001, placed.Worst);
        Assert.Equal(Segments.HipHeight, placed.Shape.Pelvis.Y, 2);
    }

    [Fact]
    public void Bent_knees_lower_the_hips_and_the_feet_stay_flat()
    {
        var placed = Stand([new(Axis.RightKnee, 60), new(Axis.LeftKnee, 60)]);
        Assert.True(placed.Residual < Placement.MostResidual, placed.Worst);
        Assert.True(placed.Shape.Pelvis.Y < Segments.HipHeight - 0.04);
        Assert.Equal(60, placed.Shape.Angles[Axis.RightKnee], 9);
    }

    [Fact]
    public void What_cannot_be_reached_is_said_and_not_hidden()
    {
        var task = new PlacementTask(
            Angles.Zero,
            new(0, 0.53, 0),
            Enum.GetValues<Axis>().ToHashSet(),
            Of("feet"),
            [new(Landmark.Find("right.hand")!, Landmark.Find("left.ankle")!)],
            Allowed
        );
        var placed = Placement.Solve(task);
        Assert.True(placed.Residual > Placement.MostResidual);
        Assert.Equal("right.hand on left.ankle", placed.Worst);
    }

    [Fact]
    public void Solving_is_repeatable_and_keeps_within_the_ranges()
    {
        var (a, b) = (Stand([new(Axis.RightKnee, 40)]), Stand([new(Axis.RightKnee, 40)]));
        Assert.Equal(a.Shape.Angles, b.Shape.Angles);
        Assert.All(Enum.GetValues<Axis>(), axis => Assert.True(Allowed[(int)axis].Allows(a.Shape.Angles[axis]), axis.ToString()));
    }

    [Fact]
    public void A_planted_contact_keeps_its_spot()
    {
        var standing = Stand([]).Shape;
        var task = new PlacementTask(
            standing.Angles.With([new(Axis.LowerSide, 15), new(Axis.UpperSide, 12)]),
            standing.Pelvis,
            new HashSet<Axis> { Axis.LowerSide, Axis.UpperSide },
            standing.Contacts,
            [],
            Allowed
        );
        var leaning = Placement.Solve(task).Shape;
        foreach (var (before, after) in standing.Contacts.Zip(leaning.Contacts))
            Assert.True((before.Mark.On(standing.Skeleton()) - after.Mark.On(leaning.Skeleton())).Length < Placement.MostResidual);
    }

    [Fact]
    public void Two_feet_share_the_weight_and_one_carries_it_all()
    {
        var shape = Stand([]).Shape;
        var shares = Balance.Shares(shape.Skeleton(), shape.Contacts);
        double On(string foot) =>
            shape.Contacts.Select((c, i) => c.Mark.Name.StartsWith(foot, StringComparison.Ordinal) ? shares[i] : 0).Sum();
        Assert.Equal(0.5, On("right"), 2);
        Assert.Equal(0.5, On("left"), 2);
        var tree = Shipped.Catalogue.Form(Shipped.Catalogue.Move("tree")!, Shipped.Catalogue.Position("standing")!, "base").Phases[1];
        Assert.Equal(1, tree.Facts.OnFeet, 6);
        Assert.True(tree.Facts.OffBase < 0.03 / 1.7, $"the tree leans {tree.Facts.OffBase * 170:0.0} cm off its foot");
    }

    [Fact]
    public void A_wall_carries_no_weight()
    {
        var shape = Stand([]).Shape;
        Contact[] contacts = [.. shape.Contacts, new(Landmark.Find("right.hand")!, Support.Wall)];
        Assert.Equal(0, Balance.Shares(shape.Skeleton(), contacts)[^1]);
    }

    [Theory]
    [InlineData("feet", 4)]
    [InlineData("right.foot", 2)]
    [InlineData("seat", 2)]
    [InlineData("sacrum", 1)]
    [InlineData("wing", 0)]
    [InlineData("middle.foot", 0)]
    public void Contact_words_stand_for_landmarks(string word, int marks) => Assert.Equal(marks, Contacts.Marks(word).Count);

    private static List<Contact> Of(string word) => [.. Contacts.Marks(word).Select(m => new Contact(m, Support.Floor))];

    private static Placed Stand(IReadOnlyList<KeyValuePair<Axis, double>> named) =>
        Placement.Solve(new(Angles.Zero.With(named), new(0, 0.5, 0), named.Select(n => n.Key).ToHashSet(), Of("feet"), [], Allowed));
}
