using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>What a class has chosen where teachers disagree is followed by ways, words and judgements; a condition beats it.</summary>
public class ConventionsAct
{
    private const string UpFromFold = "{ \"move\": \"hanging-fold\", \"position\": \"standing-fold\" }, { \"move\": \"mountain\" }";

    private static string Chosen(string matter, string way) => $"\"conventions\": {{ \"{matter}\": \"{way}\" }}";

    [Theory]
    [InlineData("", "lift half-way with a long back")]
    [InlineData("\"conventions\": { \"riseFromFold\": \"long-back\" }", "lift half-way with a long back")]
    [InlineData("\"conventions\": { \"riseFromFold\": \"roll-up\" }", "Roll up bone by bone")]
    [InlineData(
        "\"conventions\": { \"riseFromFold\": \"roll-up\" }, \"group\": { \"size\": 8, \"conditions\": { \"bone-low\": 1 } }",
        "lift half-way with a long back"
    )]
    [InlineData(
        "\"conventions\": { \"riseFromFold\": \"roll-up\" }, \"group\": { \"size\": 8, \"conditions\": { \"back-bends-badly\": 2 } }",
        "lift half-way with a long back"
    )]
    [InlineData(
        "\"conventions\": { \"riseFromFold\": \"roll-up\" }, \"group\": { \"size\": 8, \"conditions\": { \"knee\": 2 } }",
        "Roll up bone by bone"
    )]
    public void People_come_up_from_a_fold_as_the_class_has_chosen_unless_somebodys_back_forbids_it(string head, string said)
    {
        var up = Shipped.Score(Shipped.Class(UpFromFold, head)).Lines[1].Ways.Single().Way;
        Assert.Contains(up.Steps, s => s.Say.Contains(said, StringComparison.Ordinal));
    }

    public static TheoryData<string, string, string> Quiet =>
        new()
        {
            { "hold-count", "", "{ \"move\": \"neck-side-tilt\", \"breaths\": 3 }, { \"move\": \"tree\", \"seconds\": 30 }" },
            {
                "hold-count",
                Chosen("holdIn", "seconds"),
                "{ \"move\": \"neck-side-tilt\", \"seconds\": 30 }, { \"move\": \"cat-cow\", \"rounds\": 6 }"
            },
            { "neck-ease", "", "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"slow-nods\" }" },
            { "neck-ease", Chosen("neckEase", "repetitions"), "{ \"move\": \"slow-nods\" }, { \"move\": \"seated-side-bend\" }" },
            { "whole-chain", "", "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"seated-side-bend\" }" },
            {
                "whole-chain",
                Chosen("secondSide", "whole-chain"),
                "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"cat-cow\" }, { \"move\": \"seated-side-bend\" }"
            },
            {
                "whole-chain",
                Chosen("secondSide", "whole-chain"),
                "{ \"set\": { \"rounds\": [\"right\", \"left\"], \"items\": [ { \"move\": \"neck-side-tilt\" }, { \"move\": "
                    + "\"seated-side-bend\" } ] } }"
            },
            {
                "side-gap",
                Chosen("secondSide", "whole-chain"),
                "{ \"move\": \"neck-side-tilt\", \"sides\": \"right\" }, { \"move\": \"final-rest\", \"seconds\": 240, "
                    + "\"position\": \"supine-knees\" }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\", \"position\": "
                    + "\"seated-cross\" }"
            },
            { "breath-consistency", Chosen("turnHead", "out"), "{ \"move\": \"head-turns\" }" },
        };

    // rule, what is chosen, lines, what the finding says
    public static TheoryData<string, string, string, string> Told =>
        new()
        {
            {
                "hold-count",
                Chosen("holdIn", "seconds"),
                "{ \"move\": \"neck-side-tilt\", \"breaths\": 3 }, { \"move\": \"tree\", \"seconds\": 30 }",
                "1 hold is counted in breaths; this class holds by the clock."
            },
            {
                "hold-count",
                Chosen("holdIn", "breaths"),
                "{ \"move\": \"neck-side-tilt\", \"seconds\": 30 }, { \"move\": \"seated-side-bend\", \"seconds\": 20 }",
                "2 holds are counted by the clock; this class holds in breaths."
            },
            {
                "neck-ease",
                Chosen("neckEase", "repetitions"),
                "{ \"move\": \"neck-side-tilt\", \"breaths\": 3 }",
                "Ear to shoulder holds; this class eases the neck with repetitions."
            },
            {
                "neck-ease",
                Chosen("neckEase", "holds"),
                "{ \"move\": \"head-turns\" }",
                "Look over each shoulder repeats; this class eases the neck with soft holds."
            },
            {
                "whole-chain",
                Chosen("secondSide", "whole-chain"),
                "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"seated-side-bend\" }",
                "2 moves from Ear to shoulder to Side bend, one arm up change sides one by one."
            },
        };

    [Theory]
    [MemberData(nameof(Quiet))]
    public void Silent_on(string rule, string head, string items) => Assert.Null(Shipped.Found(Shipped.Class(items, head), rule));

    [Theory]
    [MemberData(nameof(Told))]
    public void Finds(string rule, string head, string items, string text)
    {
        var found = Shipped.Found(Shipped.Class(items, head), rule);
        Assert.Equal(text, found?.Text);
        Assert.Equal(Level.Hint, found!.Level);
    }

    // A class that uses a matter.
    private static readonly Dictionary<string, string> Uses = new()
    {
        ["handOnHead"] = "{ \"move\": \"tilt-with-hand-weight\" }",
        ["riseFromFold"] = "{ \"move\": \"chair-fold\" }",
        ["exhaleThrough"] = "{ \"move\": \"shrug-and-drop\" }",
        ["holdIn"] = "{ \"move\": \"seated-side-bend\" }",
        ["firstSide"] = "{ \"move\": \"seated-side-bend\" }",
        ["neckEase"] = "{ \"move\": \"neck-side-tilt\" }",
        ["rollTo"] = "{ \"move\": \"settle-lying\", \"position\": \"supine-long\" }, { \"move\": \"wait-on-the-side\" }",
        ["headInTwists"] = "{ \"move\": \"seated-twist\" }",
        ["stayingInTwists"] = "{ \"move\": \"seated-twist\" }",
        ["lookUp"] = "{ \"move\": \"seated-cat-cow\" }",
        ["sideBends"] = "{ \"move\": \"seated-side-bend\" }",
        ["elbowCircles"] = "{ \"move\": \"elbow-circles\" }",
        ["turnHead"] = "{ \"move\": \"head-turns\" }",
        ["roundBlades"] = "{ \"move\": \"blade-slides\" }",
        ["cues"] = "{ \"move\": \"seated-side-bend\" }",
    };

    // These choose between moves and between orders of a class, which stay the teacher's; see the tests of their findings.
    private static readonly string[] Choosing = ["neckCircle", "inversions", "secondSide"];

    public static TheoryData<string, string> Ways =>
        [.. Conventions.All.Where(c => !Choosing.Contains(c.Id)).SelectMany(c => c.Ways.Skip(1).Select(w => (c.Id, w.Id)))];

    [Theory]
    [MemberData(nameof(Ways))]
    public void A_way_changes_a_class_that_uses_it_and_nothing_is_found_against_it(string matter, string way)
    {
        var usual = Shipped.Class(Uses[matter]);
        var chosen = Shipped.Class(Uses[matter], Chosen(matter, way));
        Assert.NotEqual(AsTaken(usual), AsTaken(chosen));
        string[] judges = ["convention", "breath-direction", "breath-consistency", "neck-ease", "hold-count"];
        Assert.DoesNotContain(Shipped.Judge(chosen), f => judges.Contains(f.Rule));
    }

    // Breath, length, side and words, as they come; the words of ways among them.
    private static IEnumerable<(string, Core.Catalogue.Breath, Core.Body.Side, string?)> AsTaken(ClassPlan plan) =>
        Shipped.Score(plan).Events!.Select(e => (e.Length.ToString(), e.Breath, e.Side, e.Cue));

    [Fact]
    public void Whoever_must_not_roll_up_rises_with_a_long_back_in_moves_too()
    {
        var plan = Shipped.Class(
            Uses["riseFromFold"],
            Chosen("riseFromFold", "roll-up") + ", \"group\": { \"size\": 8, \"conditions\": { \"bone-low\": 1 } }"
        );
        Assert.DoesNotContain(AsTaken(plan), e => e.Item4?.Contains("roll up", StringComparison.OrdinalIgnoreCase) == true);
    }

    [Theory]
    [InlineData("mat", false)]
    [InlineData("outdoors", true)]
    public void Out_of_doors_there_is_a_wall_only_where_somebody_says_so(string surface, bool missing)
    {
        ClassPlan In(string props) =>
            Shipped.Class(
                "{ \"move\": \"wall-angels\" }",
                $"\"group\": {{ \"size\": 8 }}, \"place\": {{ \"surface\": \"{surface}\", \"props\": {{ \"mat\": 8{props} }} }}"
            );
        Assert.Equal(missing, Shipped.Found(In(""), "props-short") is not null);
        Assert.Null(Shipped.Found(In(", \"wall\": 1"), "props-short"));
    }

    [Theory]
    [InlineData("bed", "{ \"move\": \"settle-tall\", \"position\": \"seated-cross\" }")]
    [InlineData("chair", "{ \"move\": \"chair-fold\" }")]
    public void What_people_are_on_brings_its_own_props(string surface, string items)
    {
        var plan = Shipped.Class(
            items,
            $"\"group\": {{ \"size\": 8 }}, \"place\": {{ \"surface\": \"{surface}\", \"props\": {{ \"strap\": 1 }} }}"
        );
        Assert.Null(Shipped.Found(plan, "props-short"));
    }

    [Theory]
    [InlineData("hold-count", "holdIn", "seconds", "{ \"move\": \"neck-side-tilt\", \"breaths\": 3 }")]
    [InlineData("hold-count", "holdIn", "breaths", "{ \"move\": \"neck-side-tilt\", \"seconds\": 30 }")]
    [InlineData("whole-chain", "secondSide", "whole-chain", "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"seated-side-bend\" }")]
    [InlineData("neck-ease", "neckEase", "repetitions", "{ \"move\": \"neck-side-tilt\", \"breaths\": 3 }")]
    public void One_key_brings_the_class_to_what_it_has_chosen(string rule, string matter, string way, string items)
    {
        var plan = Shipped.Class(items, Chosen(matter, way));
        var fixedPlan = Shipped.Mended(plan, Shipped.Found(plan, rule)!);
        Assert.Null(Shipped.Found(fixedPlan, rule));
        Assert.DoesNotContain(Shipped.Judge(fixedPlan), f => f.Level == Level.Serious);
    }

    [Fact]
    public void A_chain_made_a_mirrored_set_begins_with_the_classs_first_side_and_does_both()
    {
        var plan = Shipped.Class(
            "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"seated-side-bend\" }",
            "\"conventions\": { \"secondSide\": \"whole-chain\", \"firstSide\": \"left\" }"
        );
        var wrapped = Shipped.Mended(plan, Shipped.Found(plan, "whole-chain")!);
        var set = Assert.IsType<Set>(Assert.Single(wrapped.Sections[0].Items));
        Assert.Equal([Core.Body.Side.Left, Core.Body.Side.Right], set.Rounds);
        Assert.All(Shipped.Score(wrapped).Lines, l => Assert.Equal(l.Right, l.Left));
    }

    [Fact]
    public void A_hold_counted_anew_takes_the_same_time_to_the_nearest_five_seconds()
    {
        var plan = Shipped.Class("{ \"move\": \"neck-side-tilt\", \"breaths\": 4 }", Chosen("holdIn", "seconds"));
        var recounted = Shipped.Mended(plan, Shipped.Found(plan, "hold-count")!);
        Assert.InRange(
            (Shipped.Score(plan).Lines[0].Right.Length - Shipped.Score(recounted).Lines[0].Right.Length).Duration().TotalSeconds,
            0,
            2.5
        );
    }

    [Theory]
    [InlineData("\"group\": { \"pace\": \"brisk\", \"age\": \"older\" }", "older people")]
    [InlineData("\"group\": { \"pace\": \"brisk\", \"size\": 9, \"conditions\": { \"vertigo\": 1 } }", "people who get dizzy")]
    [InlineData("\"group\": { \"pace\": \"brisk\", \"size\": 9, \"newcomers\": 2 }", "newcomers")]
    [InlineData("\"group\": { \"pace\": \"brisk\", \"size\": 9 }", null)]
    [InlineData("\"group\": { \"pace\": \"usual\", \"age\": \"older\" }", null)]
    public void Nobody_who_should_not_be_is_hurried_up_or_down(string head, string? whom)
    {
        var plan = Shipped.Class("{ \"move\": \"mountain\" }, { \"move\": \"cat-cow\" }", head);
        var found = Shipped.Found(plan, "way-rushed");
        Assert.Equal(whom is null ? null : $"1 way up or down at a brisk pace, with {whom} in the room.", found?.Text);
        if (found is not null)
            Assert.Null(Shipped.Found(Shipped.Mended(plan, found), "way-rushed"));
    }

    [Fact]
    public void What_a_class_leaves_open_is_nobodys_rule() =>
        Assert.All(
            Conventions.All,
            c => Assert.All(c.Ways, w => Assert.False(Conventions.Takes(Shipped.Class("{ \"move\": \"cat-cow\" }"), c.Id, w.Id)))
        );
}
