using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Tests.Scoring;

/// <summary>What strong moves owe, and what settles it. Common practice, no source: see <see cref="CounterDebts"/>.</summary>
public class CounterDebtTables
{
    // lines, the debt's bend and direction, the move that settles it, whether it bends the other way
    public static TheoryData<string, string, bool, string?, bool> Classes =>
        new()
        {
            { "{ \"move\": \"low-cobra\", \"rounds\": 8 }, { \"move\": \"folded-rest-hold\" }", "Spine", false, "folded-rest-hold", true },
            {
                "{ \"move\": \"locust\", \"breaths\": 4 }, { \"move\": \"settle-lying\", \"breaths\": 30 }, { \"move\": "
                    + "\"settle-lying\", \"breaths\": 10 }",
                "Spine",
                false,
                null,
                false
            },
            {
                "{ \"move\": \"hanging-fold\", \"breaths\": 12 }, { \"move\": \"mountain\", \"breaths\": 3 }",
                "Spine",
                true,
                "mountain",
                false
            },
            {
                "{ \"move\": \"chin-to-chest\", \"breaths\": 5 }, { \"move\": \"noticing-pause\", \"breaths\": 4 }",
                "Neck",
                true,
                "chin-to-chest",
                false
            },
            {
                "{ \"move\": \"eagle-arms\", \"breaths\": 5 }, { \"move\": \"cactus-and-gather\", \"rounds\": 3 }",
                "Girdle",
                true,
                "cactus-and-gather",
                true
            },
        };

    [Theory]
    [MemberData(nameof(Classes))]
    public void A_debt_is_settled_by_what_bends_back_or_by_plain_breaths_where_those_do(
        string items,
        string bend,
        bool forward,
        string? settledBy,
        bool answered
    )
    {
        var debt = Debts(items).FirstOrDefault(d => d.Bend.ToString() == bend && d.Forward == forward);
        Assert.NotNull(debt);
        Assert.Equal(settledBy, debt.MetBy?.Line.Move);
        Assert.Equal(answered, debt.Answered);
    }

    [Theory]
    [InlineData("{ \"move\": \"cat-cow\", \"rounds\": 10 }")] // goes both ways itself
    [InlineData("{ \"move\": \"mountain\", \"breaths\": 8 }")]
    [InlineData("{ \"move\": \"seated-side-bend\", \"breaths\": 5 }")]
    [InlineData("{ \"move\": \"final-rest\", \"seconds\": 300 }")]
    public void What_stays_near_the_middle_or_goes_both_ways_owes_nothing(string items) =>
        Assert.DoesNotContain(Debts(items), d => d.Bend == Core.Body.Bend.Spine);

    [Fact]
    public void What_comes_too_late_is_told_with_how_late_it_comes()
    {
        var debt = Debts(
                "{ \"move\": \"low-cobra\", \"rounds\": 8 }, { \"move\": \"prone-rest\", \"breaths\": 5 }, { \"move\": "
                    + "\"chest-lift-head-turned\", \"rounds\": 3 }, { \"move\": \"settle-lying\", \"breaths\": 30 }, { \"move\": "
                    + "\"knees-hugged\" }"
            )
            .First(d => d.Bend == Core.Body.Bend.Spine && !d.Forward);
        Assert.Null(debt.MetBy);
        Assert.Equal("knees-hugged", debt.LateBy?.Line.Move);
        Assert.True(debt.Late > TimeSpan.FromMinutes(2));
    }

    [Fact]
    public void Both_sides_of_a_move_owe_once() =>
        Assert.Single(Debts("{ \"move\": \"eagle-arms\", \"breaths\": 6 }"), d => d.Bend == Core.Body.Bend.Girdle && d.Forward);

    [Fact]
    public void Debts_come_in_the_order_of_time_and_are_reckoned_once()
    {
        var score = Shipped.Score(Shipped.Demo("low-water-shoulders"));
        Assert.Same(score.Debts, score.Debts);
        Assert.Equal(score.Debts.OrderBy(d => d.Line.Occurrences[0].Start), score.Debts);
    }

    // A fix that puts something in takes, of all that would do, what still fits into the minutes that were wanted.
    [Fact]
    public void A_counter_is_put_in_within_the_minutes_where_one_fits()
    {
        var plan = Shipped.Class("{ \"move\": \"low-cobra\", \"rounds\": 8 }, { \"move\": \"prone-rest\", \"breaths\": 20 }");
        plan = plan with { Minutes = Math.Ceiling(Shipped.Score(plan).Total.TotalMinutes) };
        Assert.Null(Shipped.Found(plan, "time"));
        var mended = Shipped.Mended(plan, Shipped.Found(plan, "counter")!);
        Assert.DoesNotContain(Shipped.Judge(mended), f => f.Rule == "counter" && f.Lines.Contains(plan.Lines.First().Id));
        Assert.DoesNotContain(Shipped.Judge(mended), f => f.Rule == PlannedTime.Rule.Id && f.Level == Level.Serious);
    }

    private static IReadOnlyList<CounterDebt> Debts(string items) => Shipped.Score(Shipped.Class(items)).Debts;
}
