using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Tests.Judgements;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;

namespace AmpleTide.Core.Tests.Classes;

/// <summary>
/// Edits are pure: they change what they say and nothing else, ids stay one of a kind, and an unknown id changes nothing.
/// </summary>
public class EditLaws
{
    /// <summary>A sound class made a little different, and one of its lines.</summary>
    public static class Plans
    {
        public static Arbitrary<(ClassPlan Plan, Line Line)> Any() =>
            Arb.From(
                from seed in Gen.Choose(0, 500)
                let plan = QuietOnGoodWork.Varied(seed)
                from at in Gen.Choose(0, plan.Lines.Count() - 1)
                select (plan, plan.Lines.ElementAt(at))
            );
    }

    [Property(Arbitrary = [typeof(Plans)], MaxTest = 60)]
    public bool A_line_put_in_stands_right_after_with_an_id_of_its_own((ClassPlan Plan, Line Line) given)
    {
        var (plan, line) = given;
        var edited = plan.InsertAfter(line.Id, line with { Move = "cat-cow" });
        var ids = edited.Lines.Select(l => l.Id).ToList();
        return ids.Distinct().Count() == ids.Count
            && ids.Count == plan.Lines.Count() + 1
            && edited.Lines.ElementAt(ids.IndexOf(line.Id) + 1).Move == "cat-cow";
    }

    [Property(Arbitrary = [typeof(Plans)], MaxTest = 60)]
    public bool A_line_put_in_and_taken_out_again_leaves_the_class_as_it_was((ClassPlan Plan, Line Line) given)
    {
        var (plan, line) = given;
        var edited = plan.InsertBefore(line.Id, line with { Id = "guest" }).Remove("guest");
        return edited.Lines.SequenceEqual(plan.Lines);
    }

    [Property(Arbitrary = [typeof(Plans)], MaxTest = 60)]
    public bool Moving_a_line_loses_none((ClassPlan Plan, Line Line) given)
    {
        var (plan, line) = given;
        var edited = plan.Move(line.Id, plan.Lines.First().Id);
        return edited.Lines.Select(l => l.Id).Order().SequenceEqual(plan.Lines.Select(l => l.Id).Order());
    }

    [Property(Arbitrary = [typeof(Plans)], MaxTest = 60)]
    public bool Mirroring_swaps_what_each_side_is_given((ClassPlan Plan, Line Line) given)
    {
        var (plan, line) = given;
        var (before, after) = (Of(plan, line), Of(plan.Mirror([line.Id], Shipped.Catalogue), line));
        return before.Right == after.Left && before.Left == after.Right && before.None == after.None;
    }

    [Property(Arbitrary = [typeof(Plans)], MaxTest = 60)]
    public bool Lines_wrapped_in_a_mirrored_set_keep_their_order_and_do_both_sides((ClassPlan Plan, Line Line) given)
    {
        var (plan, _) = given;
        var section = plan.Sections.FirstOrDefault(s => s.Items.Count > 1 && s.Items.All(i => i is Line));
        if (section is null)
            return true;
        var wrapped = plan.WrapMirrored([.. section.Items.Select(i => i.Id)], Side.Left);
        var set = (Set)wrapped.Sections.First(s => s.Id == section.Id).Items.Single();
        return wrapped.Lines.Select(l => l.Id).SequenceEqual(plan.Lines.Select(l => l.Id))
            && set.Rounds.SequenceEqual([Side.Left, Side.Right])
            && set.Items.OfType<Line>().All(l => l.Sides is null);
    }

    [Property(Arbitrary = [typeof(Plans)], MaxTest = 20)]
    public bool An_unknown_id_changes_nothing((ClassPlan Plan, Line Line) given)
    {
        var (plan, line) = given;
        ClassPlan[] edited =
        [
            plan.ChangeLine("nobody", l => l with { Move = "x" }),
            plan.ChangeSet("nobody", s => s with { Name = "x" }),
            plan.InsertAfter("nobody", line),
            plan.InsertBefore("nobody", line),
            plan.Move("nobody", line.Id),
            plan.Move(line.Id, "nobody"),
            plan.Remove("nobody"),
            plan.Mirror(["nobody"], Shipped.Catalogue),
            plan.WrapMirrored(["nobody"], Side.Right),
        ];
        return edited.All(e => e.Lines.SequenceEqual(plan.Lines));
    }

    [Fact]
    public void A_set_goes_with_its_last_line()
    {
        var plan = Shipped.Class(
            "{ \"id\": \"s\", \"set\": { \"rounds\": 2, \"items\": [ { \"id\": \"a\", \"move\": \"cat-cow\" } ] } }, { "
                + "\"id\": \"b\", \"move\": \"mountain\" }"
        );
        Assert.Equal(["b"], plan.Remove("a").Sections[0].Items.Select(i => i.Id));
    }

    [Fact]
    public void A_mirrored_set_begins_on_the_other_side()
    {
        var plan = Shipped.Class(
            "{ \"id\": \"s\", \"set\": { \"rounds\": [\"right\", \"left\"], \"items\": [ { \"move\": \"warrior-two\" } ] } }"
        );
        Assert.Equal([Side.Left, Side.Right], ((Set)plan.Mirror(["s"], Shipped.Catalogue).Sections[0].Items[0]).Rounds);
    }

    private static Core.Scoring.LineScore Of(ClassPlan plan, Line line) => Shipped.Score(plan).Lines.First(l => l.Line.Id == line.Id);
}
