using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Tests.Figures;

namespace AmpleTide.Core.Tests.Catalogue;

/// <summary>
/// What words say of where a part is, on the shape that goes with them: those a reader of pictures once found to be otherwise. Common
/// practice, no source.
/// </summary>
public class ShapesDoWhatWordsSay
{
    private const double Centimetre = 0.01 / 1.70; // of a stature

    [Fact]
    public void In_the_lizard_both_hands_are_inside_the_foot()
    {
        var at = On("lizard", 1);
        // From the left foot's side towards the right one.
        var outwards = Math.Sign(at("right.shoulder").X - at("left.shoulder").X);
        foreach (var hand in new[] { "right.fingertips", "left.fingertips" })
            Assert.True((at("right.ball").X - at(hand).X) * outwards > 5 * Centimetre, hand);
    }

    [Theory]
    [InlineData("low-lunge-hold", 1)]
    [InlineData("low-lunge-hold", 3)]
    [InlineData("lizard", 1)]
    [InlineData("chair-marching", 1)]
    public void A_bent_knee_does_not_fall_inwards_of_its_foot(string id, int phase)
    {
        var at = On(id, phase);
        var outwards = Math.Sign(at("right.shoulder").X - at("left.shoulder").X);
        Assert.True((at("right.kneecap").X - at("right.ankle").X) * outwards > -3 * Centimetre);
    }

    [Fact]
    public void A_foot_that_taps_beside_a_block_goes_over_it_and_lands_beyond()
    {
        var (over, beyond) = (On("block-foot-taps", 1), On("block-foot-taps", 2));
        var outwards = Math.Sign(over("right.shoulder").X - over("left.shoulder").X);
        Assert.True(over("right.heel").Y > Support.Find("block")!.Height, "over");
        Assert.True((beyond("right.ball").X - over("right.ball").X) * outwards > 8 * Centimetre, "beyond");
    }

    [Fact]
    public void Arms_that_sweep_up_until_the_palms_meet_meet_over_the_head()
    {
        var at = On("arms-sweep-up", 1);
        Assert.InRange((at("right.hand") - at("left.hand")).Length, 0, 6 * Centimetre);
        Assert.True(at("right.wrist").Y > at("crown").Y);
    }

    [Fact]
    public void In_the_twist_of_the_half_lift_the_arm_opens_to_the_ceiling()
    {
        var at = On("fold-twist", 2);
        var arm = at("right.wrist") - at("right.shoulder");
        Assert.InRange(Math.Asin(arm.Y / arm.Length) * 180 / Math.PI, 50, 90);
    }

    [Fact]
    public void The_cat_rounds_above_the_line_from_tail_to_nape_and_the_cow_sinks_below_the_cat()
    {
        Assert.True(Rise(On("cat-cow", 2)) > 5 * Centimetre);
        Assert.True(Rise(On("cat-cow", 2)) > Rise(On("cat-cow", 1)) + (8 * Centimetre));

        double Rise(Func<string, Vector> at) => at("low-back").Y - ((at("tail").Y + at("nape").Y) / 2);
    }

    [Fact]
    public void A_ball_is_held_over_and_under_while_it_is_carried_round()
    {
        var at = On("twist-with-arm-ball", 1);
        Assert.True(at("left.hand").Y > at("right.hand").Y + (15 * Centimetre));
    }

    [Fact]
    public void A_cradled_shin_lies_level_before_the_belly()
    {
        var at = On("leg-cradle", 1);
        var shin = at("right.ankle") - at("right.kneecap");
        Assert.InRange(Math.Abs(Math.Asin(shin.Y / shin.Length)) * 180 / Math.PI, 0, 25);
        Assert.True(at("right.ankle").Y > at("left.kneecap").Y + (10 * Centimetre));
    }

    [Fact]
    public void At_a_table_the_brow_lies_on_the_hands_and_the_forearms_lie_on_the_table()
    {
        var at = On("head-on-the-table", 1);
        Assert.InRange((at("forehead") - at("right.hand-back")).Length, 0, 4 * Centimetre);
        foreach (var side in new[] { "right", "left" })
            Assert.InRange(Math.Abs(at($"{side}.wrist").Y - at($"{side}.elbow").Y), 0, 5 * Centimetre);
    }

    [Fact]
    public void In_the_low_squat_the_feet_stand_apart_and_the_seat_hangs_below_the_knees()
    {
        var at = On("garland-squat", 1);
        Assert.True((at("right.heel") - at("left.heel")).Length > 20 * Centimetre);
        Assert.True(at("tail").Y < at("right.kneecap").Y - (5 * Centimetre));
    }

    [Fact]
    public void Of_stacked_forearms_the_right_lies_on_top_of_the_left()
    {
        var at = On("stacked-elbows", 2);
        double Height(string side) => (at($"{side}.elbow").Y + at($"{side}.wrist").Y) / 2;
        Assert.True(Height("right") > Height("left") + (3 * Centimetre));
    }

    [Fact]
    public void Lowered_from_the_plank_the_chest_is_low_and_the_elbows_are_close_to_the_ribs()
    {
        var (before, after) = (On("lower-down", 1), On("lower-down", 2));
        Assert.True(after("heart").Y < before("heart").Y / 2);
        // No wider than the shoulders.
        Assert.InRange(Math.Abs(after("right.elbow").X - after("right.shoulder").X), 0, 6 * Centimetre);
    }

    [Theory]
    [InlineData("knee-sways")]
    [InlineData("knee-wipers-seated")]
    [InlineData("ninety-ninety")]
    public void Knees_sway_from_feet_set_wide_and_both_to_the_right(string id)
    {
        var (swayed, stood) = (On(id, 1), On(id, 2));
        Assert.True((stood("right.heel") - stood("left.heel")).Length > 25 * Centimetre);
        foreach (var side in new[] { "right", "left" })
        {
            var (way, toTheRight) = (swayed($"{side}.kneecap") - stood($"{side}.kneecap"), stood("right.hip") - stood("left.hip"));
            Assert.True(way.Dot(toTheRight) / toTheRight.Length > 5 * Centimetre, side);
        }
    }

    private static Func<string, Vector> On(string id, int phase)
    {
        var skeleton = Cards.FormOf(id).Phases[phase - 1].Shape.Skeleton();
        return mark => Landmark.Find(mark)!.On(skeleton);
    }
}
