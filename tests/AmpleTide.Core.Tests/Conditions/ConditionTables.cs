using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Conditions;

namespace AmpleTide.Core.Tests.Conditions;

/// <summary>What conditions say to well-known moves. The rows are common practice, no source.</summary>
public class ConditionTables
{
    private static MoveCatalogue Catalogue => Shipped.Catalogue;

    private static Advice For(string move, string condition, string? position = null)
    {
        var found = Catalogue.Move(move)!;
        IReadOnlyList<Caution> cautions = position is null
            ? ConditionRules.For([.. Catalogue.PositionsOf(found).Select(p => Catalogue.Form(found, p, MoveForm.BaseOption))])
            : ConditionRules.For(Catalogue.Form(found, Catalogue.Position(position)!, MoveForm.BaseOption));
        return cautions.FirstOrDefault(c => c.Condition == condition)?.Advice ?? Advice.Fine;
    }

    [Theory]
    [InlineData("full-neck-circles", "neck-recent", Advice.LeaveOut)]
    [InlineData("hands-behind-head-hang", "neck-recent", Advice.LeaveOut)]
    [InlineData("neck-side-tilt", "neck-recent", Advice.Smaller)]
    [InlineData("shrug-and-drop", "neck-recent", Advice.Fine)]
    [InlineData("hanging-fold", "bp-high", Advice.Swap)]
    [InlineData("inverted-v-hold", "bp-high", Advice.Swap)]
    [InlineData("mountain", "bp-high", Advice.Fine)]
    [InlineData("long-out-breath", "bp-high", Advice.LeaveOut)]
    [InlineData("sip-breath", "breath", Advice.LeaveOut)]
    [InlineData("plank-hold", "wrist", Advice.Swap)]
    [InlineData("cat-cow", "wrist", Advice.Swap)]
    [InlineData("eagle-arms", "wrist", Advice.Fine)]
    [InlineData("cat-cow", "knee", Advice.Swap)]
    [InlineData("heel-sit-hold", "knee", Advice.Swap)]
    [InlineData("low-cobra", "pregnancy-mid", Advice.LeaveOut)]
    [InlineData("locust", "back-arches-badly", Advice.Swap)]
    [InlineData("knees-hugged", "back-arches-badly", Advice.Fine)]
    [InlineData("tucked-toe-sit-hold", "foot", Advice.Swap)]
    [InlineData("tree", "balance", Advice.Swap)]
    [InlineData("mountain", "balance", Advice.Fine)]
    [InlineData("head-lift-lying", "bone-low", Advice.Swap)]
    [InlineData("hands-clasped-behind", "shoulder", Advice.Swap)]
    [InlineData("bridge", "pregnancy-late", Advice.LeaveOut)]
    [InlineData("side-rest", "pregnancy-late", Advice.Fine)]
    [InlineData("knees-hugged", "hip-replaced-back", Advice.Swap)]
    [InlineData("final-rest", "trauma", Advice.Smaller)]
    public void A_move_and_a_condition(string move, string condition, Advice expected) => Assert.Equal(expected, For(move, condition));

    [Fact]
    public void What_one_position_spares_is_not_said_of_the_move()
    {
        Assert.Equal(Advice.Swap, For("neck-side-tilt", "knee", "heel-sit"));
        Assert.Equal(Advice.Fine, For("neck-side-tilt", "knee"));
    }

    [Fact]
    public void Every_rule_speaks_of_a_condition_of_the_catalogue_and_every_condition_has_one() =>
        Assert.Equal(Catalogue.Conditions.Select(c => c.Id).Order(), ConditionRules.Conditions.Order());

    [Fact]
    public void Every_condition_rules_something_out_and_leaves_most_of_the_catalogue()
    {
        foreach (var condition in Catalogue.Conditions)
        {
            var spoken = Catalogue.Moves.Count(m => For(m.Id, condition.Id) != Advice.Fine);
            Assert.True(spoken > 0, $"nothing is ever said for {condition.Id}");
            Assert.True(
                Catalogue.Moves.Count(m => For(m.Id, condition.Id) <= Advice.Smaller) > Catalogue.Moves.Count / 2,
                $"{condition.Id} leaves hardly anything"
            );
        }
    }

    [Fact]
    public void The_mirrored_side_gets_the_same_advice()
    {
        foreach (var move in Catalogue.Moves.Where(m => m.Sides == Sidedness.OneSided))
        {
            var form = Catalogue.Form(move, Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
            var position = form.Position with { Base = form.Position.Base.Mirror() };
            var mirrored = form with
            {
                Position = position,
                Phases = [.. form.Phases.Select(p => new PhaseForm(p.Phase, p.Shape.Mirror(), position, p.Residual, p.Worst))],
            };
            Assert.Equal(ConditionRules.For(form), ConditionRules.For(mirrored));
        }
    }
}
