using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Tests.Suggestions;

/// <summary>Groups made by chance, with people of two and three conditions, in the classes that ship and in those known to be sound.</summary>
public class PeopleLaws
{
    private const int Groups = 300;

    private static readonly string[] Conditions = [.. Shipped.Catalogue.Conditions.Select(c => c.Id)];

    private static Person AnyPerson(Random random) =>
        new(
            random.Next(1, 4),
            [
                .. random
                    .GetItems(Conditions, random.Next(2, 4))
                    .Distinct()
                    .Select(c => new Complaint(c)
                    {
                        Side = (Side)random.Next(3),
                        WeeksSince = random.Next(2) == 0 ? null : random.Next(60),
                    }),
            ]
        );

    [Fact]
    public void Nothing_that_stands_in_is_unsafe_for_the_same_person()
    {
        var plans = Shipped.DemoPlans.Concat(Shipped.SoundPlans).ToList();
        Assert.True(plans.Count > 10);
        var random = new Random(20261127);
        var replaced = 0;
        for (var i = 0; i < Groups; i++)
        {
            var plan = plans[i % plans.Count];
            plan = plan with
            {
                Group = plan.Group with { People = [.. Enumerable.Range(0, random.Next(1, 4)).Select(_ => AnyPerson(random))] },
            };
            foreach (var swap in People.SwapsOf(Shipped.Score(plan)))
                replaced += Check(swap, plan);
        }
        Assert.True(replaced > 1000, $"{replaced}");
    }

    private static int Check(PersonSwap swap, ClassPlan plan)
    {
        var person = swap.Advised.Person;
        if (swap.Advised.To is { } to)
            Assert.True(Shipped.Adviser.Word(person, to) < Advice.LeaveOut);
        foreach (var instead in swap.Instead)
        {
            foreach (var complaint in person.Complaints)
                Assert.True(
                    Verdicts.Of(instead.Form, complaint).Advice < Advice.LeaveOut || complaint.WeeksSince is not null,
                    $"{instead.Form.Move.Id} in {instead.Form.Position.Id} for {complaint.Condition}"
                );
            Assert.True(Shipped.Adviser.Word(person, instead.Form) < Advice.LeaveOut);
            Assert.True(plan.Place.Allows(instead.Form.Position));
        }
        return swap.Instead.Count;
    }

    [Fact]
    public void Somebody_is_judged_by_all_they_have()
    {
        var form = Form("folded-rest-hold");
        var both = new Person(1, [new("knee"), new("reflux")]);
        Assert.Equal(Advice.LeaveOut, Shipped.Adviser.For(both, form, new()).Advice);
        Assert.Equal(Advice.Smaller, Shipped.Adviser.For(Person.With("reflux"), form, new()).Advice);
        Assert.Equal(["knee", "reflux"], Shipped.Adviser.For(both, form, new()).Verdicts.Select(v => v.Condition));
    }

    [Theory]
    [InlineData(null, Advice.LeaveOut)]
    [InlineData(6, Advice.LeaveOut)]
    [InlineData(11, Advice.LeaveOut)]
    [InlineData(12, Advice.Smaller)]
    [InlineData(52, Advice.Smaller)]
    public void Since_when_counts_and_not_known_is_the_careful_case(int? weeks, Advice expected)
    {
        var person = new Person(1, [new("postnatal") { WeeksSince = weeks }]);
        Assert.Equal(expected, Shipped.Adviser.Word(person, Form("plank-hold")));
    }

    [Fact]
    public void Which_side_counts_where_one_side_is_spared()
    {
        var side = Form("seated-side-bend", "chair-edge");
        Assert.Equal(Side.None, Verdicts.Of(side, new("shoulder")).Only);
        var right = Verdicts.Of(side, new("shoulder") { Side = Side.Right });
        var left = Verdicts.Of(side, new("shoulder") { Side = Side.Left });
        Assert.NotEqual(Side.None, right.Only);
        Assert.NotEqual(right.Only, left.Only);
    }

    [Fact]
    public void Who_is_told_of_is_not_counted_twice()
    {
        var group = new Group
        {
            Conditions = new Dictionary<string, int> { ["knee"] = 3, ["wrist"] = 1 },
            People = [new(2, [new("knee"), new("wrist")])],
        };
        Assert.Equal(
            [("knee+wrist", 2), ("knee", 1)],
            group.WithConditions.Select(p => (string.Join('+', p.Complaints.Select(c => c.Condition)), p.Count))
        );
    }

    private static MoveForm Form(string id, string? position = null)
    {
        var move = Shipped.Catalogue.Move(id)!;
        return Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(position ?? move.In[0])!, MoveForm.BaseOption);
    }
}
