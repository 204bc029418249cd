using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>
/// How classes go wrong: a sound class with one fault put in gets exactly the finding for it, at the right line, and a fix clears it.
/// Common practice, no source.
/// </summary>
public class LooseEnds
{
    private static readonly ClassPlan Sound = SoundClasses.Read("flood-and-ebb");

    // What goes wrong, how it is put into the class, the finding, its lines.
    private static readonly (string What, Func<ClassPlan, ClassPlan> Put, string Rule, string[] Lines)[] Faults =
    [
        (
            "the second side gets less practice",
            p =>
                With(
                    p,
                    "l9",
                    l => l with { Sides = SideOrder.Find("right"), Dose = Breaths(5) },
                    Line("second", "thread-the-needle", "all-fours", "left", 3)
                ),
            "second-side",
            ["l9", "second"]
        ),
        ("the second side is forgotten", p => p.ChangeLine("l6", l => l with { Sides = SideOrder.Find("right") }), "second-side", ["l6"]),
        (
            "options are spoken inside a hold named in seconds",
            p =>
                p.ChangeLine(
                    "l3",
                    l =>
                        l with
                        {
                            Dose = new(Unit.Seconds, 20),
                            Say = Said(
                                "2",
                                "Shoulders heavy, and if you like the hand comes to the head, or the arm reaches away, or you look down to the "
                                    + "hip, or you stay as you are, whatever your neck tells you about it today is right for you"
                            ),
                        }
                ),
            "talk-fits",
            ["l3"]
        ),
        (
            "the same arm comes on top twice",
            p => p.ChangeLine("l19", l => l with { Sides = SideOrder.Find("under-over") }),
            "crossing-parity",
            ["l18", "l19"]
        ),
        (
            "the other way without a first way",
            p => p.ChangeLine("l4", l => l with { Talk = "Now roll them the other way" }),
            "unnamed-side",
            ["l4"]
        ),
        (
            "eyes closed and never opened",
            p => p.ChangeLine("l1", l => l with { Move = "breath-watch" }).Remove("l2"),
            "still-open",
            ["l1", "l11"]
        ),
        (
            "a paced breath is never given back",
            p => p.InsertAfter("l25", Line("paced", "long-out-breath", "seated-cross", null, 4)),
            "left-open",
            ["paced"]
        ),
        (
            "a prop is asked for and never used",
            p =>
                p.ChangeLine("l26", l => l with { Props = [new("strap", null)] }) with
                {
                    Place = p.Place with
                    {
                        Props = new Dictionary<string, int> { ["cushion"] = 14, ["strap"] = 14 },
                    },
                },
            "props-unused",
            ["l26"]
        ),
        (
            "there are not enough props",
            p =>
                p with
                {
                    Place = p.Place with
                    {
                        Props = new Dictionary<string, int> { ["cushion"] = 5, ["blanket"] = 14 },
                    },
                },
            "props-short",
            ["l1", "l2", "l3", "l4", "l5", "l6", "l25", "l26"]
        ),
        (
            "the easier option comes on the second side",
            p =>
                With(
                    p,
                    "l9",
                    l => l with { Sides = SideOrder.Find("right"), Dose = Breaths(4) },
                    Line("second", "thread-the-needle", "all-fours", "left", 4) with
                    {
                        Option = "easier",
                    }
                ),
            "one-option",
            ["l9", "second"]
        ),
        (
            "nothing rounds after the strongest arch",
            p => p.InsertAfter("l14", Line("arch", "clasp-behind-lifted", "standing", null, 4)).Remove("l19"),
            "counter",
            ["arch"]
        ),
        (
            "the rest is eaten",
            p =>
                p.ChangeLine("l23", l => l with { Dose = new(Unit.Seconds, 60) })
                    .Remove("side")
                    .ChangeLine("l25", l => l with { Dose = new(Unit.Breaths, 2) }),
            "rest",
            ["l23"]
        ),
        (
            "there is no way",
            p =>
                p.ChangeLine("l20", l => l with { Position = "supine-knees" }) with
                {
                    Place = p.Place with { Families = [Family.Standing, Family.Seated, Family.Floor] },
                },
            "way-missing",
            ["l20", "l21", "l22", "l23", "l24", "side"]
        ),
        (
            "a set is repeated with one side lost",
            p => p.ChangeSet(p.Sections[3].Items.OfType<Set>().Single().Id, s => s with { Rounds = [.. s.Rounds, Side.Left] }),
            "second-side",
            ["l15", "l16", "l17"]
        ),
        (
            "right is said for left",
            p => p.ChangeLine("l6", l => l with { Say = Said("1", "Right hand high and over to the left") }),
            "unnamed-side",
            ["l6"]
        ),
        (
            "the second side comes much later",
            p =>
                With(p, "l3", l => l with { Sides = SideOrder.Find("right") })
                    .InsertAfter("l26", Line("late", "neck-side-tilt", "seated-cross", "left", 3)),
            "side-gap",
            ["l3", "late"]
        ),
    ];

    public static TheoryData<string> What => [.. Faults.Select(f => f.What)];

    [Theory]
    [MemberData(nameof(What))]
    public void A_fault_is_found_where_it_is_and_mended(string what)
    {
        var (_, put, rule, lines) = Faults.Single(f => f.What == what);
        var faulty = put(Sound);
        var before = Shipped.Judge(Sound).Select(f => f.Rule).ToHashSet();
        // What the fault does to the clock is the clock's own finding.
        var found = Shipped.Judge(faulty).Where(f => !before.Contains(f.Rule) && f.Rule != "time").ToList();
        Assert.All(found, f => Assert.Equal(rule, f.Rule));
        Assert.Equal(lines, found.SelectMany(f => f.Lines).Distinct().Order(Shipped.ByPlace(faulty)));
        foreach (var finding in found)
        {
            var tried = finding.Fixes.Select(fix => fix.Apply(Shipped.Score(faulty), finding, Shipped.Tools)).ToList();
            Assert.True(
                tried.Exists(t => t.Plan is { } mended && Shipped.Judge(mended).All(f => f.Id != finding.Id)),
                string.Join(" | ", tried.Select(t => t.Refusal))
            );
        }
    }

    [Fact]
    public void A_breath_that_flips_is_told()
    {
        var plan = Shipped.Class(
            "{ \"id\": \"a\", \"move\": \"head-turns\", \"position\": \"seated-cross\" }, { \"id\": \"b\", \"move\": "
                + "\"turns-on-the-in-breath\" }"
        );
        Assert.Equal(["a", "b"], Assert.Single(WrongMoves.Judge(plan), f => f.Rule == "breath-consistency").Lines);
    }

    [Fact]
    public void A_fold_on_the_in_breath_is_told()
    {
        var plan = Shipped.Class("{ \"id\": \"a\", \"move\": \"folds-on-the-in-breath\" }");
        var finding = Assert.Single(WrongMoves.Judge(plan), f => f.Rule == "breath-direction");
        Assert.Equal("Folds on the in-breath folds on the in-breath.", finding.Text);
    }

    [Fact]
    public void Arms_that_are_lifted_on_the_out_breath_are_told()
    {
        var plan = Shipped.Class("{ \"id\": \"a\", \"move\": \"lifts-on-the-out-breath\" }");
        var finding = Assert.Single(WrongMoves.Judge(plan), f => f.Rule == "breath-direction");
        Assert.Equal("Lifts on the out breath lowers the arms on the in-breath.", finding.Text);
    }

    [Fact]
    public void One_end_of_the_back_straight_into_the_other_is_told_and_a_pause_mends_it()
    {
        var plan = Shipped.Class(
            "{ \"set\": { \"rounds\": 2, \"items\": [ { \"id\": \"a\", \"move\": \"ends-round\" }, { \"id\": \"b\", "
                + "\"move\": \"begins-arched\" } ] } }"
        );
        // In both rounds they follow each other at once; it is told once.
        var finding = Assert.Single(WrongMoves.Judge(plan), f => f.Rule == "end-to-end");
        Assert.Equal(["a", "b"], finding.Lines);
        var mended = finding.Fixes[0].Apply(WrongMoves.Score(plan), finding, Shipped.Tools).Plan!;
        Assert.DoesNotContain(WrongMoves.Judge(mended), f => f.Rule == "end-to-end");
    }

    [Fact]
    public void The_last_round_is_announced_once()
    {
        var events = Shipped.Score(Shipped.Class("{ \"move\": \"cat-cow\", \"rounds\": 6 }")).Events!;
        var last = Shipped.Catalogue.Move("cat-cow")!.Phases[0].Cue.Last;
        if (last is null)
            Assert.DoesNotContain(events, e => e is { Round: > 2, Cue: not null });
        else
            Assert.Single(events, e => e.Cue == last && e.Phase == 0);
    }

    private static Dose Breaths(int amount) => new(Unit.Breaths, amount);

    private static Dictionary<string, string> Said(string phase, string text) => new() { [phase] = text };

    private static Line Line(string id, string move, string position, string? sides, int breaths) =>
        new()
        {
            Id = id,
            Move = move,
            Position = position,
            Sides = sides is null ? null : SideOrder.Find(sides),
            Dose = Breaths(breaths),
        };

    private static ClassPlan With(ClassPlan plan, string id, Func<Line, Line> change, Line? after = null)
    {
        var changed = plan.ChangeLine(id, change);
        return after is null ? changed : changed.InsertAfter(id, after);
    }
}
