using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Tests.Body;

/// <summary>Every placed shape lies, sits, kneels or stands on its ground.</summary>
public class ShapesOfTheCatalogue
{
    public static TheoryData<string> Positions => [.. Shipped.Catalogue.Positions.Select(p => p.Id)];

    public static TheoryData<string> Moves => [.. Shipped.Catalogue.Moves.Select(m => m.Id)];

    [Theory]
    [MemberData(nameof(Positions))]
    public void A_position_rests_on_its_ground(string id)
    {
        var position = Shipped.Catalogue.Position(id)!;
        AssertRests(position.Base, Placement.MostResidual);
        Assert.Equal(1, Balance.Shares(position.Base.Skeleton(), position.Base.Contacts).Sum(), 6);
        Assert.True(position.Facts.OffBase < 0.03 / 1.7, $"the centre of mass is {position.Facts.OffBase * 170:0.0} cm off");
    }

    [Theory]
    [MemberData(nameof(Moves))]
    public void A_move_rests_on_its_ground_in_every_phase(string id)
    {
        foreach (var form in Shipped.Catalogue.Forms(Shipped.Catalogue.Move(id)!))
        foreach (var phase in form.Phases)
            AssertRests(phase.Shape, Placement.MostResidual);
    }

    [Theory]
    [MemberData(nameof(Moves))]
    public void A_named_angle_is_kept(string id)
    {
        var move = Shipped.Catalogue.Move(id)!;
        foreach (var form in Shipped.Catalogue.Forms(move).Where(f => f.Option == MoveForm.BaseOption))
        {
            for (var i = 0; i < form.Phases.Length; i++)
            {
                var here = move.Phases[i].At.GetValueOrDefault(form.Position.Id, ShapeChange.None);
                foreach (
                    var (axis, degrees) in move.Phases[i]
                        .Change.Angles.Where(a => !here.Angles.ContainsKey(a.Key) && !here.Near.ContainsKey(a.Key))
                        .Where(a => !HasComeHome(form, i, Axes.SideOf(a.Key)))
                )
                    Assert.Equal(degrees, form.Phases[i].Shape.Angles[axis], 6);
            }
        }
    }

    [Theory]
    [InlineData("stacked-elbows", "seated-cross", 1, 2)]
    [InlineData("stacked-elbows", "chair-edge", 1, 2)]
    [InlineData("arm-across", "heel-sit", 1, 2)]
    [InlineData("sigh", "supine-knees", -1, 0)] // never away
    [InlineData("bridge-v-arms", "supine-knees", 0, 1)]
    public void An_arm_that_comes_back_rests_where_it_rested(string id, string position, int away, int back)
    {
        var form = Shipped.Catalogue.Form(Shipped.Catalogue.Move(id)!, Shipped.Catalogue.Position(position)!, MoveForm.BaseOption);
        foreach (var side in new[] { Side.Right, Side.Left })
        {
            Assert.True(HasComeHome(form, back, side), $"{side} is not back");
            var hand = Landmark.Find(side == Side.Right ? "right.hand" : "left.hand")!;
            Assert.Equal(hand.On(form.Position.Base.Skeleton()).Y, hand.On(form.Phases[back].Shape.Skeleton()).Y, .06);
            if (away >= 0)
                Assert.NotEqual(
                    hand.On(form.Position.Base.Skeleton()),
                    hand.On(form.Phases[away].Shape.Skeleton()),
                    (a, b) => (a - b).Length < .06
                );
        }
    }

    // An arm that rests where it rests in the position gives way to reach its place, but it stays near to what was named.
    private static bool HasComeHome(MoveForm form, int phase, Side side)
    {
        bool IsOfTheArm(Landmark mark) =>
            side == Side.Right
                ? mark.Segment is >= Segment.RightUpperArm and <= Segment.RightHand
                : side == Side.Left && mark.Segment is >= Segment.LeftUpperArm and <= Segment.LeftHand;
        var (now, home) = (form.Phases[phase].Shape, form.Position.Base);
        return now.Touches.Any(t => IsOfTheArm(t.Mark) && home.Touches.Contains(t))
            || now.Contacts.Any(c => IsOfTheArm(c.Mark) && home.Contacts.Any(h => h.Mark == c.Mark && h.On == c.On));
    }

    [Fact]
    public void Heights_tell_the_families_apart()
    {
        int Tide(string id) => Shipped.Catalogue.Position(id)!.Facts.Tide;
        Assert.True(Tide("standing") > Tide("chair-edge") && Tide("chair-edge") > Tide("seated-cross"));
        Assert.True(
            Tide("seated-cross") > Tide("all-fours") - 20
                && Tide("all-fours") > Tide("folded-rest")
                && Tide("folded-rest") > Tide("supine-long")
        );
    }

    [Theory]
    [InlineData("all-fours", 0.3, 0.7)]
    [InlineData("plank", 0.4, 0.8)]
    [InlineData("inverted-v", 0.25, 0.6)]
    [InlineData("standing", 0, 0)]
    public void Hands_carry_their_share(string id, double least, double most) =>
        Assert.InRange(Shipped.Catalogue.Position(id)!.Facts.OnHands, least, most);

    [Theory]
    [InlineData("all-fours", Demands.Kneeling | Demands.HandLoad | Demands.Floor)]
    [InlineData("inverted-v", Demands.HeadDown | Demands.HandLoad)]
    [InlineData("chair-edge", Demands.None)]
    [InlineData("seated-cross", Demands.Floor)]
    [InlineData("standing-fold", Demands.HeadDown | Demands.Standing)]
    [InlineData("heel-sit", Demands.Kneeling | Demands.Floor)]
    public void Demands_come_out_of_the_shape(string id, Demands demands) => Assert.Equal(demands, Shipped.Catalogue.Position(id)!.Demands);

    [Fact]
    public void A_tilt_to_the_right_lengthens_the_left_neck()
    {
        var tilt = Form("neck-side-tilt", "seated-cross").Phases[1];
        Assert.True(tilt.Facts.LeftStretch[(int)Area.Neck] > 0.6);
        Assert.True(tilt.Facts.RightStretch[(int)Area.Neck] < 0.2);
        Assert.True(tilt.On(Side.Left).RightStretch[(int)Area.Neck] > 0.6);
    }

    [Fact]
    public void A_seat_is_no_hip_stretch_and_a_bent_back_leg_no_hamstring_stretch()
    {
        var chair = Shipped.Catalogue.Position("chair-edge")!.Facts;
        Assert.All(
            new[] { Area.Hamstrings, Area.HipFront, Area.OuterHip, Area.Calves },
            area => Assert.True(chair.RightStretch[(int)area] < 0.35)
        );
    }

    internal static MoveForm Form(string move, string position, string option = MoveForm.BaseOption) =>
        Shipped.Catalogue.Form(Shipped.Catalogue.Move(move)!, Shipped.Catalogue.Position(position)!, option);

    private static void AssertRests(Shape shape, double tolerance)
    {
        var body = shape.Skeleton();
        foreach (var contact in shape.Contacts.Where(c => !c.On.IsWall))
            Assert.InRange(contact.Mark.On(body).Y, contact.On.Height - tolerance, contact.On.Height + tolerance);
        foreach (var touch in shape.Touches)
            Assert.True((touch.Mark.On(body) - touch.On.On(body)).Length <= tolerance, touch.Mark.Name);
        foreach (var segment in Enum.GetValues<Segment>())
            Assert.True(body[segment].Origin.Y > -0.02, $"{segment} lies below the floor");
    }

    [Theory]
    [InlineData("cat-cow")]
    [InlineData("blade-slides")]
    [InlineData("hip-circles-fours")]
    public void Hands_that_stay_keep_their_spot_while_the_elbows_are_named(string id)
    {
        const double slip = 2 * Placement.MostResidual;
        var move = Shipped.Catalogue.Move(id)!;
        var form = Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
        var palm = Landmark.Find("right.hand")!;
        var at = palm.On(form.Position.Base.Skeleton());
        Assert.All(form.Phases, phase => Assert.InRange((palm.On(phase.Shape.Skeleton()) - at).Length, 0, slip));
        Assert.Contains(form.Phases, phase => phase.Phase.Change.Contacts.Values.Contains("stay"));
    }
}
