using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>Each rule as a table of small classes it is silent on and small classes it finds, with a fix that clears the finding.</summary>
public class RuleTables
{
    private const string Tilt = "{ \"id\": \"a\", \"move\": \"neck-side-tilt\", \"position\": \"seated-cross\"";

    public static TheoryData<string, string> Silent => new()
    {
        { "second-side", Tilt + " }" },
        { "second-side", Tilt + ", \"sides\": \"left-right\", \"breaths\": 5 }" },
        { "second-side", Tilt + ", \"sides\": \"right\", \"breaths\": 3 }, { \"move\": \"cat-cow\" }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\", \"breaths\": 3 }" },
        { "second-side", "{ \"move\": \"head-turns\", \"rounds\": 6 }" },
        { "second-side", "{ \"set\": { \"rounds\": [\"right\", \"left\"], \"items\": [ { \"move\": \"warrior-two\" } ] } }" },
        { "second-side", "{ \"move\": \"final-rest\" }" },
        { "way-missing", "{ \"move\": \"settle-tall\" }, { \"move\": \"cat-cow\" }, { \"move\": \"mountain\" }" },
        { "phase-collision", "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"chin-to-chest\" }" },
        { "phase-collision", "{ \"move\": \"cactus-and-gather\" }, { \"move\": \"mountain\" }" },
        { "left-open", "{ \"move\": \"settle-tall\" }, { \"move\": \"eyes-open\" }" },
        { "left-open", "{ \"move\": \"long-out-breath\" }, { \"move\": \"natural-breath\" }" },
        { "left-open", "{ \"move\": \"eagle-arms\" }, { \"move\": \"hands-clasped-behind\" }" },
        { "unknown-move", "{ \"move\": \"cat-cow\" }" },
        { "unknown-name", "{ \"move\": \"cat-cow\", \"position\": \"all-fours\", \"option\": \"easier\" }" },
        { "unknown-field", "{ \"move\": \"cat-cow\", \"note\": \"slowly\" }" },
    };

    // rule, lines, what the finding says, how many fixes it has
    public static TheoryData<string, string, string, int> Faulty => new()
    {
        { "second-side", Tilt + ", \"sides\": \"right\" }", "Ear to shoulder: right 3 breaths, left 0.", 1 },
        { "second-side", Tilt + ", \"sides\": \"left\" }", "Ear to shoulder: right 0 breaths, left 3.", 1 },
        { "second-side", Tilt + ", \"sides\": \"right\", \"breaths\": 5 }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\", \"breaths\": 3 }", "Ear to shoulder: right 5 breaths, left 3.", 2 },
        { "second-side", "{ \"move\": \"head-turns\", \"rounds\": 5 }", "Look over each shoulder: right 3 rounds, left 2.", 2 },
        { "second-side", "{ \"move\": \"shoulder-rolls\", \"rounds\": 5, \"sides\": \"back\" }", "Shoulder rolls: backwards 5 rounds, forwards 0.", 1 },
        { "second-side", "{ \"move\": \"eagle-arms\", \"breaths\": 4, \"sides\": \"under\" }", "Wound arms: right on top 0 breaths, left on top 4.", 1 },
        { "second-side", "{ \"id\": \"t\", \"set\": { \"name\": \"Chain\", \"rounds\": [\"right\", \"left\", \"right\"], \"items\": [ { \"move\": \"warrior-two\" }, { \"move\": \"reverse-warrior\" } ] } }", "Chain: 2 rounds on the right, 1 on the left.", 1 },
        { "phase-collision", "{ \"move\": \"shrug-and-drop\" }, { \"move\": \"shrug-and-drop\" }, { \"move\": \"bridge\" }, { \"move\": \"bridge\" }, { \"move\": \"knees-hugged\", \"talk\": \"Now\" }", "Bridge, up and down ends on an out-breath and Hug both knees begins on one.", 1 },
        { "left-open", "{ \"move\": \"settle-tall\" }", "The eyes are closed and never opened.", 1 },
        { "left-open", "{ \"move\": \"long-out-breath\" }", "The breath is counted and never given back.", 1 },
        { "left-open", "{ \"move\": \"knees-hugged\" }", "People are lying down at the end, with no way to sit.", 1 },
        { "unknown-move", "{ \"move\": \"moon-walk\" }, { \"move\": \"mountain\" }", "There is no move called 'moon-walk' here.", 1 },
        { "unknown-name", "{ \"move\": \"cat-cow\", \"position\": \"prone\" }", "Cat and cow is not taken in 'prone'.", 0 },
        { "unknown-name", "{ \"move\": \"cat-cow\", \"option\": \"harder\" }", "Cat and cow has no option 'harder'.", 0 },
        { "unknown-field", "{ \"move\": \"cat-cow\", \"breath_s\": 4 }", "The file has a field 'breath_s' that is not known here.", 0 },
    };

    [Theory]
    [MemberData(nameof(Silent))]
    public void Silent_on(string rule, string items) => Assert.Null(TestHouse.Found(TestHouse.Class(items), rule));

    [Theory]
    [MemberData(nameof(Faulty))]
    public void Finds(string rule, string items, string text, int fixes)
    {
        var plan = TestHouse.Class(items);
        var finding = TestHouse.Judge(plan).First(f => f.Rule == rule);
        Assert.Equal(text, finding.Text);
        Assert.NotEmpty(finding.Why);
        Assert.Equal(fixes, finding.Fixes.Count);
        Assert.All(finding.Fixes, fix => Assert.DoesNotContain(TestHouse.Judge(fix.Edit(plan)), f => f.Id == finding.Id));
    }

    [Theory]
    [InlineData("\"place\": { \"limits\": [\"no-floor\"] }", "no floor")]
    [InlineData("\"place\": { \"limits\": [\"no-kneeling\"] }", "no kneeling")]
    [InlineData("\"place\": { \"families\": [\"seated\"] }", "no floor positions")]
    public void A_place_that_rules_a_position_out_is_told_with_what_blocks_it(string head, string why)
    {
        var plan = TestHouse.Class("{ \"move\": \"settle-tall\", \"position\": \"chair-edge\" }, { \"id\": \"b\", \"move\": \"cat-cow\" }", head);
        var finding = TestHouse.Found(plan, "way-missing")!;
        Assert.Equal(Level.Serious, finding.Level);
        Assert.Equal(["b"], finding.Lines);
        Assert.Contains(why, finding.Why, StringComparison.Ordinal);
        Assert.Null(TestHouse.Found(finding.Fixes[^1].Edit(plan), "way-missing"));
    }

    [Fact]
    public void A_position_written_where_it_cannot_be_taken_is_offered_where_it_can()
    {
        var plan = TestHouse.Class(
            "{ \"move\": \"settle-tall\", \"position\": \"chair-edge\" }, { \"id\": \"b\", \"move\": \"neck-side-tilt\", \"position\": \"heel-sit\" }",
            "\"place\": { \"limits\": [\"no-floor\"] }");
        var finding = TestHouse.Found(plan, "way-missing")!;
        Assert.Contains(finding.Fixes, f => f.Label == "Take it in front of the chair");
        Assert.Null(TestHouse.Found(finding.Fixes[0].Edit(plan), "way-missing"));
    }

    [Theory]
    [InlineData(3, "over", "Shorten the longest doses")]
    [InlineData(40, "short", "Lengthen the doses")]
    public void Time_that_is_off_is_told_and_brought_nearer(double minutes, string word, string label)
    {
        var plan = TestHouse.Demo("bench-by-the-window") with { Minutes = minutes };
        var finding = TestHouse.Found(plan, "time")!;
        Assert.Contains($"{word}.", finding.Text, StringComparison.Ordinal);
        var fix = Assert.Single(finding.Fixes);
        Assert.Equal(label, fix.Label);
        double Off(ClassPlan p) => Math.Abs(TestHouse.Score(p).TotalMs - (minutes * 60_000));
        var mended = fix.Edit(plan);
        Assert.True(Off(mended) < Off(plan));
        Assert.Null(TestHouse.Found(mended, "second-side"));
    }

    [Fact]
    public void Locked_lines_are_left_alone_when_time_is_mended()
    {
        var plan = TestHouse.Demo("bench-by-the-window") with { Minutes = 3 };
        var locked = plan.ChangeLines([.. plan.Lines.Select(l => l.Id)], l => l with { Locked = true });
        var mended = TestHouse.Found(locked, "time")!.Fixes[0].Edit(locked);
        Assert.Equal(locked.Lines.Select(l => l.Dose), mended.Lines.Select(l => l.Dose));
    }

    [Fact]
    public void A_reason_switches_a_judgement_off_and_nothing_else()
    {
        const string items = Tilt + ", \"sides\": \"right\" }, { \"id\": \"c\", \"move\": \"arm-across\", \"sides\": \"left\" }";
        var off = TestHouse.Class(items, "\"off\": [ { \"rule\": \"second-side\", \"lines\": [\"a\"], \"reason\": \"a sore left shoulder\" } ]");
        Assert.Equal(["c"], TestHouse.Found(off, "second-side")!.Lines);
        var all = TestHouse.Class(items, "\"off\": [ { \"rule\": \"second-side\", \"lines\": [], \"reason\": \"on purpose\" } ]");
        Assert.Null(TestHouse.Found(all, "second-side"));
    }

    [Fact]
    public void Whoever_may_fall_asleep_need_not_open_the_eyes() =>
        Assert.Null(TestHouse.Found(TestHouse.Class("{ \"move\": \"final-rest\" }", "\"endsIn\": \"asleep\""), "left-open"));

    [Fact]
    public void Fast_rhythms_only_hint()
    {
        var finding = TestHouse.Found(TestHouse.Class("{ \"move\": \"fast-elbow-circles\", \"sides\": \"back\" }"), "second-side")!;
        Assert.Equal(Level.Hint, finding.Level);
    }

    [Fact]
    public void Names_that_nothing_goes_by_are_told()
    {
        var plan = TestHouse.Class("{ \"move\": \"mountain\" }", "\"startsIn\": \"hovering\", \"group\": { \"conditions\": { \"toothache\": 1 } }, \"place\": { \"limits\": [\"no-fun\"], \"props\": { \"sail\": 2 } }");
        var texts = TestHouse.Judge(plan).Where(f => f.Rule == "unknown-name").Select(f => f.Text);
        Assert.Equal(["There is no position called 'hovering' to start in.", "There is no condition called 'toothache'.", "There is no limit called 'no-fun'.", "There is no prop called 'sail'."], texts);
    }

    [Fact]
    public void Rules_have_one_id_each_and_findings_of_a_class_too()
    {
        Assert.Equal(Judgement.Rules.Count, Judgement.Rules.Select(r => r.Id).Distinct().Count());
        var findings = TestHouse.Judge(TestHouse.Demo("knots-undone"));
        Assert.Equal(findings.Count, findings.Select(f => f.Id).Distinct().Count());
        Assert.True(findings.Zip(findings.Skip(1)).All(p => p.First.Level <= p.Second.Level));
    }

    [Theory]
    [InlineData("bench-by-the-window")]
    [InlineData("low-water-shoulders")]
    public void Sound_classes_have_nothing_serious_or_notable(string name) =>
        Assert.DoesNotContain(TestHouse.Judge(TestHouse.Demo(name)), f => f.Level != Level.Hint);

    [Fact]
    public void The_class_with_faults_has_each_of_them()
    {
        var rules = TestHouse.Judge(TestHouse.Demo("knots-undone")).Select(f => f.Rule).ToHashSet();
        Assert.Superset(new HashSet<string> { "second-side", "way-missing", "left-open", "time" }, rules);
    }
}
