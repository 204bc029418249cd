using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
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

    [Theory]
    [InlineData("wake-hands-and-feet")]
    [InlineData("shake-the-hands")]
    public void What_is_shaken_is_told_by_one_picture(string id) => Assert.Single(Moments.Of(Cards.FormOf(id)));

    private static Func<string, Vector> On(string id, int phase)
    {
        var skeleton = Cards.FormOf(id).Phases[phase - 1].Shape.Skeleton();
        return mark => Landmark.Find(mark)!.On(skeleton);
    }
}
