using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Tests.Planning;

/// <summary>Ways go on from each other, keep to what a group and a place allow, and never cost more than another way round.</summary>
public class WayTables
{
    private static ClassPlan Going(string head = "") => Shipped.Class("{ \"move\": \"mountain\" }", head);

    public static TheoryData<string> Positions => [.. Shipped.Catalogue.Positions.Select(p => p.Id)];

    [Theory]
    [MemberData(nameof(Positions))]
    public void A_route_begins_where_we_are_ends_where_we_want_and_has_no_gap(string from)
    {
        foreach (var to in Shipped.Catalogue.Positions)
        {
            if (Shipped.Ways.Cheapest(from, to.Id, Going()) is not { Ways.Count: > 0 } route)
                continue;
            Assert.Equal(from, route.Ways[0].From.Id);
            Assert.Equal(to.Id, route.Ways[^1].To.Id);
            Assert.All(route.Ways.Zip(route.Ways.Skip(1)), pair => Assert.Equal(pair.First.To, pair.Second.From));
            Assert.Equal(route.Cost, route.Ways.Sum(w => WayNetwork.CostOf(w, Pace.Usual, false)));
        }
    }

    [Theory]
    [MemberData(nameof(Positions))]
    public void Going_round_by_a_third_position_is_never_cheaper(string from)
    {
        var ids = Shipped.Catalogue.Positions.Select(p => p.Id).ToList();
        var direct = ids.ToDictionary(to => to, to => Shipped.Ways.Cheapest(from, to, Going())?.Cost);
        foreach (var by in ids.Where(id => direct[id] is not null))
        foreach (var to in ids)
            if (Shipped.Ways.Cheapest(by, to, Going()) is { } rest)
                Assert.True(direct[to] <= direct[by] + rest.Cost, $"{from} to {to} by {by}");
    }

    [Fact]
    public void A_way_costs_its_time_and_four_seconds_for_each_thing_it_asks_of_knees_hands_and_head()
    {
        long Cost(string from, string to) =>
            WayNetwork.CostOf(Shipped.Catalogue.Ways.First(w => w.From.Id == from && w.To.Id == to), Pace.Usual, false);
        TimeSpan Time(string from, string to) =>
            Timing.WayTime(Shipped.Catalogue.Ways.First(w => w.From.Id == from && w.To.Id == to), Pace.Usual, false);
        // Hands and knees load both; whoever lies back down from sitting asks nothing of either.
        Assert.Equal(8000, Cost("seated-cross", "all-fours") - (long)Time("seated-cross", "all-fours").TotalMilliseconds);
        Assert.Equal(0, Cost("standing", "chair-edge") - (long)Time("standing", "chair-edge").TotalMilliseconds);
    }

    public static TheoryData<string> Barring => [.. Shipped.Catalogue.Conditions.Where(c => c.Bars != Demands.None).Select(c => c.Id)];

    [Theory]
    [MemberData(nameof(Barring))]
    public void Whoever_may_not_kneel_bear_on_hands_lie_flat_or_hang_the_head_gets_to_every_position_open_to_them(string condition)
    {
        var bars = Shipped.Catalogue.Conditions.First(c => c.Id == condition).Bars;
        var open = Shipped.Catalogue.Positions.Where(p => (p.Demands & bars) == 0).ToList();
        Assert.True(open.Count > 8);
        var stuck = from a in open from b in open where Shipped.Ways.Cheapest(a.Id, b.Id, Going(), bars) is null select $"{a.Id} to {b.Id}";
        Assert.Empty(stuck);
    }

    [Fact]
    public void Whoever_can_get_somewhere_can_get_back()
    {
        var stuck =
            from a in Shipped.Catalogue.Positions
            from b in Shipped.Catalogue.Positions
            where Shipped.Ways.Cheapest(a.Id, b.Id, Going()) is not null && Shipped.Ways.Cheapest(b.Id, a.Id, Going()) is null
            select $"{b.Id} to {a.Id}";
        Assert.Empty(stuck);
    }

    [Theory]
    [InlineData("no-kneeling", Demands.Kneeling)]
    [InlineData("no-floor", Demands.Floor)]
    [InlineData("no-lying-flat", Demands.LyingFlat)]
    [InlineData("no-head-down", Demands.HeadDown)]
    [InlineData("no-hand-load", Demands.HandLoad)]
    public void What_a_place_rules_out_no_route_asks_for(string limit, Demands ruledOut)
    {
        var plan = Going($"\"place\": {{ \"limits\": [\"{limit}\"] }}");
        foreach (var from in Shipped.Catalogue.Positions)
        foreach (var to in Shipped.Catalogue.Positions)
            Assert.All(Shipped.Ways.Cheapest(from.Id, to.Id, plan)?.Ways ?? [], w => Assert.Equal(Demands.None, w.AllDemands & ruledOut));
    }

    [Fact]
    public void A_gentle_group_takes_longer_than_a_brisk_one_and_older_people_longest()
    {
        Assert.All(
            Shipped.Catalogue.Ways,
            way =>
            {
                var (gentle, usual, brisk) = (
                    Timing.WayTime(way, Pace.Gentle, false),
                    Timing.WayTime(way, Pace.Usual, false),
                    Timing.WayTime(way, Pace.Brisk, false)
                );
                Assert.True(gentle >= usual && usual >= brisk, $"{way.From.Id} to {way.To.Id}");
                Assert.True(Timing.WayTime(way, Pace.Usual, true) >= usual, $"{way.From.Id} to {way.To.Id}");
            }
        );
    }

    // Between the same two positions there is one way, or one for each way of a convention.
    [Fact]
    public void Two_ways_between_the_same_positions_differ_in_a_convention()
    {
        foreach (var same in Shipped.Catalogue.Ways.GroupBy(w => (w.From.Id, w.To.Id)).Where(g => g.Count() > 1))
        {
            var matter = Assert.Single(same.SelectMany(w => w.School.Keys).Distinct());
            Assert.Equal(Conventions.Find(matter)!.Ways.Select(w => w.Id).Order(), same.Select(w => w.School[matter]).Order());
            Assert.Single(same, Conventions.IsUsual);
        }
    }

    [Fact]
    public void Every_way_of_a_convention_that_ways_or_moves_name_exists()
    {
        var named = Shipped.Catalogue.Ways.SelectMany(w => w.School).Concat(Shipped.Catalogue.Moves.SelectMany(m => m.School));
        Assert.All(named, n => Assert.Contains(Conventions.Find(n.Key)!.Ways, w => w.Id == n.Value));
    }

    // Coming up with a roll rounds the loaded back; the cue must not be said to whom it may hurt.
    [Theory]
    [InlineData("", 0)]
    [InlineData("\"conventions\": { \"riseFromFold\": \"roll-up\" }", 1)]
    [InlineData("\"conventions\": { \"riseFromFold\": \"roll-up\" }, \"group\": { \"size\": 9, \"conditions\": { \"bone-low\": 1 } }", 0)]
    [InlineData("\"conventions\": { \"riseFromFold\": \"roll-up\" }, \"group\": { \"size\": 9, \"conditions\": { \"bone-low\": 0 } }", 1)]
    public void Rolling_up_is_said_only_where_it_was_chosen_and_hurts_nobody(string head, int rolls)
    {
        foreach (var (from, to) in new[] { ("standing-fold", "standing"), ("folded-rest", "heel-sit") })
        {
            var route = Shipped.Ways.Cheapest(from, to, Going(head))!;
            Assert.Equal(
                rolls,
                route.Ways.SelectMany(w => w.Steps).Count(s => s.Say.Contains("roll up", StringComparison.OrdinalIgnoreCase))
            );
        }
    }
}
