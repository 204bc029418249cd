using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Tests.Conditions;

/// <summary>What holds for every move, position, option and condition.</summary>
public class AdviceLaws(ITestOutputHelper output)
{
    private static MoveCatalogue Catalogue => Shipped.Catalogue;

    private static IEnumerable<(MoveForm Form, Condition Condition, Advised Advised)> All() =>
        from move in Catalogue.Moves
        from form in Catalogue.Forms(move)
        from condition in Catalogue.Conditions
        select (form, condition, Shipped.Adviser.For(Person.With(condition.Id), form, new()));

    [Fact]
    public void Advice_never_contradicts_a_caution_of_the_move()
    {
        foreach (var (form, condition, advised) in All())
        foreach (var caution in form.Move.Cautions.Where(c => c.For.Contains(condition.Id)))
        {
            var named = caution.Option == form.Option || caution.Position == form.Position.Id;
            if (named || caution.Because is not null)
                continue;
            var least = caution.Advice == Advice.AnotherWay ? Advice.AnotherWay : caution.Advice;
            Assert.True(advised.Advice >= least, $"{Name(form)}: {condition.Id} is told '{caution.Say}' and judged {advised.Advice}");
        }
    }

    [Fact]
    public void Another_way_is_a_form_of_the_move_that_is_not_left_out()
    {
        foreach (var (form, condition, advised) in All().Where(a => a.Advised.To is not null))
        {
            Assert.Equal(form.Move, advised.To!.Move);
            Assert.NotEqual(form, advised.To);
            Assert.True(Shipped.Adviser.Word(advised.Person, advised.To) < Advice.LeaveOut, $"{Name(form)}: {condition.Id}");
        }
    }

    [Fact]
    public void Who_leaves_something_out_has_something_else_to_do()
    {
        var (all, without) = (0, new List<string>());
        foreach (var (form, condition, advised) in All().Where(a => a.Advised.Advice == Advice.LeaveOut))
        {
            all++;
            var instead = Shipped.Replacements.All(advised.Person, Moment.Of(form, Catalogue), ClassPlan.Anywhere);
            if (instead.Count == 0)
                without.Add($"{Name(form)}: {condition.Id}");
            foreach (var one in instead)
            {
                Assert.NotEqual(form.Move, one.Form.Move);
                Assert.True(
                    Shipped.Adviser.Word(advised.Person, one.Form) < Advice.LeaveOut,
                    $"{Name(form)}: {condition.Id}: {Name(one.Form)}"
                );
            }
        }
        output.WriteLine($"{without.Count} of {all} without anything instead");
        Assert.True(without.Count <= all * 0.05, $"{without.Count} of {all}: {string.Join(", ", without.Take(40))}");
    }

    [Fact]
    public void Replacements_and_hand_picked_moves_are_moves_of_the_catalogue()
    {
        var named = Catalogue
            .Moves.SelectMany(m => m.Instead)
            .Concat(Catalogue.Conditions.SelectMany(c => c.Suits.Values.SelectMany(s => s)));
        Assert.Empty(named.Where(id => Catalogue.Move(id) is null).Distinct());
    }

    [Fact]
    public void What_is_named_as_suiting_a_condition_is_not_left_out_with_it()
    {
        foreach (var condition in Catalogue.Conditions)
        foreach (var id in condition.Suits.Values.SelectMany(s => s))
        {
            var person = Person.With(condition.Id);
            Assert.True(
                Catalogue.Forms(Catalogue.Move(id)!).Any(f => Shipped.Adviser.Word(person, f) < Advice.LeaveOut),
                $"{id} is left out with {condition.Id}"
            );
        }
    }

    [Fact]
    public void Less_than_shapes_say_has_a_reason()
    {
        foreach (var move in Catalogue.Moves)
        foreach (var (strain, said) in move.Asks.Where(a => a.Value.Because is null))
            Assert.All(
                Catalogue.Forms(move).Where(f => f.Option == MoveForm.BaseOption),
                form => Assert.True(Strains.Of(form)[strain] >= said.Grade, $"{move.Id}: {strain}")
            );
    }

    [Fact]
    public void The_mirrored_side_gets_the_same_advice()
    {
        foreach (var move in Catalogue.Moves.Where(m => m.Sides == Sidedness.OneSided))
        {
            var form = Catalogue.Form(move, Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
            foreach (var condition in Catalogue.Conditions.Where(c => c.HasSide))
            {
                var right = Verdicts.Of(form, new(condition.Id) { Side = Side.Right });
                var left = Verdicts.Of(form, new(condition.Id) { Side = Side.Left });
                Assert.Equal(right.Advice, left.Advice);
            }
        }
    }

    private static string Name(MoveForm form) => $"{form.Move.Id} in {form.Position.Id}, {form.Option}";
}
