using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>Each rule as a table of small classes it is silent on and small classes it finds, with a fix that clears the finding.</summary>
public class RuleTables
{
    private const string Tilt = "{ \"id\": \"a\", \"move\": \"neck-side-tilt\", \"position\": \"seated-cross\"";

    public static TheoryData<string, string> Silent =>
        new()
        {
            { "second-side", Tilt + " }" },
            { "second-side", Tilt + ", \"sides\": \"left-right\", \"breaths\": 5 }" },
            {
                "second-side",
                Tilt
                    + ", \"sides\": \"right\", \"breaths\": 3 }, { \"move\": \"cat-cow\" }, { \"move\": \"neck-side-tilt\", "
                    + "\"sides\": \"left\", \"breaths\": 3 }"
            },
            { "second-side", "{ \"move\": \"head-turns\", \"rounds\": 6 }" },
            { "second-side", "{ \"set\": { \"rounds\": [\"right\", \"left\"], \"items\": [ { \"move\": \"warrior-two\" } ] } }" },
            { "second-side", "{ \"move\": \"final-rest\" }" },
            { "way-missing", "{ \"move\": \"settle-tall\" }, { \"move\": \"cat-cow\" }, { \"move\": \"mountain\" }" },
            { "phase-collision", "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"chin-to-chest\" }" },
            { "phase-collision", "{ \"move\": \"cactus-and-gather\" }, { \"move\": \"mountain\" }" },
            { "left-open", "{ \"move\": \"breath-watch\" }, { \"move\": \"eyes-open\" }" },
            { "left-open", "{ \"move\": \"settle-tall\" }" },
            { "props-twice", "{ \"move\": \"hamstring-with-strap\" }" },
            { "first-side", "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"seated-twist\" }, { \"move\": \"arm-across\" }" },
            {
                "crossing-parity",
                "{ \"move\": \"eagle-arms\", \"sides\": \"over\" }, { \"move\": \"self-hug\", \"sides\": \"over\", \"goesOn\": true }"
            },
            { "left-open", "{ \"move\": \"breath-watch\", \"eyes\": \"open\" }" },
            { "left-open", "{ \"move\": \"belly-breath\" }, { \"move\": \"head-turns\", \"eyes\": \"open\" }" },
            { "left-open", "{ \"move\": \"long-out-breath\" }, { \"move\": \"natural-breath\" }" },
            { "left-open", "{ \"move\": \"eagle-arms\" }, { \"move\": \"hands-clasped-behind\" }" },
            { "unknown-move", "{ \"move\": \"cat-cow\" }" },
            { "unknown-name", "{ \"move\": \"cat-cow\", \"position\": \"all-fours\", \"option\": \"easier\" }" },
            { "unknown-field", "{ \"move\": \"cat-cow\", \"note\": \"slowly\" }" },
            { "counter", "{ \"move\": \"cat-cow\", \"rounds\": 10 }" },
            { "counter", "{ \"move\": \"low-cobra\", \"rounds\": 6 }, { \"move\": \"folded-rest-hold\" }" },
            { "counter", "{ \"move\": \"hanging-fold\" }, { \"move\": \"mountain\" }" },
            { "counter", "{ \"move\": \"chin-to-chest\", \"breaths\": 5 }, { \"move\": \"noticing-pause\" }" },
            {
                "side-gap",
                Tilt + ", \"sides\": \"right\" }, { \"move\": \"arm-across\" }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\" }"
            },
            { "crossing-parity", "{ \"move\": \"eagle-arms\" }, { \"move\": \"self-hug\" }" },
            {
                "one-option",
                Tilt
                    + ", \"sides\": \"right\", \"option\": \"easier\" }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\", "
                    + "\"option\": \"easier\" }"
            },
            { "unnamed-side", Tilt + ", \"talk\": \"The {right} ear sinks, as far as feels right for you\" }" },
            { "unnamed-side", "{ \"move\": \"cat-cow\", \"talk\": \"The other way next\" }" },
            { "talk-fits", Tilt + ", \"say\": { \"1\": \"Ear sinks\" } }" },
            { "strong-after-rest", "{ \"move\": \"plank-hold\" }, { \"move\": \"final-rest\" }, { \"move\": \"wake-hands-and-feet\" }" },
            {
                "pause-before-rising",
                "{ \"move\": \"final-rest\", \"seconds\": 400 }, { \"move\": \"noticing-pause\", \"position\": "
                    + "\"seated-cross\", \"breaths\": 5 }, { \"move\": \"mountain\" }"
            },
            { "pause-before-rising", "{ \"move\": \"final-rest\", \"seconds\": 100 }, { \"move\": \"mountain\" }" },
            { "still-open", "{ \"move\": \"breath-watch\" }, { \"move\": \"eyes-open\" }, { \"move\": \"mountain\" }" },
            { "dose", "{ \"move\": \"cat-cow\", \"rounds\": 10 }" },
            { "preparation", "{ \"move\": \"cat-cow\" }, { \"move\": \"plank-hold\" }" },
            { "convention", "{ \"move\": \"half-circles\" }" },
            { "breath-pace", "{ \"move\": \"long-out-breath\" }" },
            { "level-changes", "{ \"move\": \"mountain\" }, { \"move\": \"cat-cow\" }, { \"move\": \"knees-hugged\" }" },
            { "props-late", "{ \"move\": \"settle-lying\" }, { \"move\": \"hamstring-with-strap\", \"option\": \"easier\" }" },
            { "end-to-end", "{ \"move\": \"folded-rest-hold\" }, { \"move\": \"low-cobra\" }" },
            {
                "breath-direction",
                "{ \"move\": \"seated-twist\" }, { \"move\": \"thread-the-needle\" }, { \"move\": \"seated-cat-cow\" }, { "
                    + "\"move\": \"bridge\" }"
            },
        };

    // rule, lines, what the finding says, how many fixes it has
    public static TheoryData<string, string, string, int> Faulty =>
        new()
        {
            { "second-side", Tilt + ", \"sides\": \"right\" }", "Ear to shoulder: right 3 breaths, left 0.", 1 },
            { "second-side", Tilt + ", \"sides\": \"left\" }", "Ear to shoulder: right 0 breaths, left 3.", 1 },
            {
                "second-side",
                Tilt + ", \"sides\": \"right\", \"breaths\": 5 }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\", \"breaths\": 3 }",
                "Ear to shoulder: right 5 breaths, left 3.",
                2
            },
            { "second-side", "{ \"move\": \"head-turns\", \"rounds\": 5 }", "Look over each shoulder: right 3 rounds, left 2.", 2 },
            {
                "second-side",
                "{ \"move\": \"shoulder-rolls\", \"rounds\": 5, \"sides\": \"back\" }",
                "Shoulder rolls: backwards 5 rounds, forwards 0.",
                1
            },
            {
                "second-side",
                "{ \"move\": \"eagle-arms\", \"breaths\": 4, \"sides\": \"under\" }",
                "Wound arms: right on top 0 breaths, left on top 4.",
                1
            },
            {
                "second-side",
                "{ \"id\": \"t\", \"set\": { \"name\": \"Chain\", \"rounds\": [\"right\", \"left\", \"right\"], \"items\": [ { "
                    + "\"move\": \"warrior-two\" }, { \"move\": \"reverse-warrior\" } ] } }",
                "Chain: 2 rounds on the right, 1 on the left.",
                1
            },
            {
                "phase-collision",
                "{ \"move\": \"shrug-and-drop\" }, { \"move\": \"shrug-and-drop\" }, { \"move\": \"bridge\" }, { \"move\": "
                    + "\"bridge\" }, { \"move\": \"knees-hugged\", \"talk\": \"Now\" }",
                "Bridge, up and down ends on an out-breath and Hug both knees begins on one.",
                1
            },
            {
                "first-side",
                "{ \"move\": \"neck-side-tilt\" }, { \"move\": \"seated-twist\", \"sides\": \"left-right\" }, { \"move\": \"arm-across\" }",
                "Seated twist begins on the left; the others begin on the right.",
                1
            },
            {
                "pause-on-the-side",
                "{ \"move\": \"final-rest\", \"seconds\": 300 }, { \"move\": \"natural-breath\", \"position\": \"seated-cross\" }",
                "After 5:",
                1
            },
            {
                "props-twice",
                "{ \"move\": \"breath-watch\", \"position\": \"propped\", \"props\": [ { \"id\": \"bolster\", \"standIn\": \"pillow\" } ] }",
                "Watch the breath needs a pillow in two places at once.",
                1
            },
            { "left-open", "{ \"move\": \"breath-watch\" }", "The eyes are closed and never opened.", 1 },
            { "left-open", "{ \"move\": \"heart-and-belly\" }", "The eyes are closed and never opened.", 1 },
            { "left-open", "{ \"move\": \"mountain\", \"eyes\": \"shut\" }", "The eyes are closed and never opened.", 1 },
            { "left-open", "{ \"move\": \"long-out-breath\" }", "The breath is counted and never given back.", 1 },
            { "left-open", "{ \"move\": \"knees-hugged\" }", "People are lying down at the end, with no way to sit.", 1 },
            { "unknown-move", "{ \"move\": \"moon-walk\" }, { \"move\": \"mountain\" }", "There is no move called 'moon-walk' here.", 1 },
            { "unknown-name", "{ \"move\": \"cat-cow\", \"position\": \"prone\" }", "Cat and cow is not taken in 'prone'.", 0 },
            { "unknown-name", "{ \"move\": \"cat-cow\", \"option\": \"harder\" }", "Cat and cow has no option 'harder'.", 0 },
            {
                "counter",
                "{ \"move\": \"locust\", \"breaths\": 5 }, { \"move\": \"shins-wiper\" }, { \"move\": \"mountain\", "
                    + "\"breaths\": 6 }, { \"move\": \"arms-float\", \"rounds\": 8 }",
                "Locust arches the back for 31 s and nothing rounds it.",
                1
            },
            {
                "side-gap",
                Tilt
                    + ", \"sides\": \"right\" }, { \"move\": \"final-rest\", \"seconds\": 240, \"position\": \"supine-knees\" }, { "
                    + "\"move\": \"neck-side-tilt\", \"sides\": \"left\", \"position\": \"seated-cross\" }, { \"move\": "
                    + "\"noticing-pause\", \"position\": \"seated-cross\" }",
                "Ear to shoulder: the left comes ",
                1
            },
            {
                "crossing-parity",
                "{ \"move\": \"eagle-arms\" }, { \"move\": \"self-hug\", \"sides\": \"under-over\" }",
                "Wound arms ends with the left on top and Hug yourself begins with it.",
                1
            },
            {
                "one-option",
                Tilt + ", \"sides\": \"right\" }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\", \"option\": \"easier\" }",
                "Ear to shoulder: base on the first side, easier on the second.",
                1
            },
            {
                "one-option",
                Tilt
                    + ", \"sides\": \"right\" }, { \"move\": \"neck-side-tilt\", \"sides\": \"left\", \"talk\": \"Now the {right} ear; "
                    + "if that is too much, less\" }",
                "Ear to shoulder: something easier is offered only on the second side.",
                0
            },
            {
                "words-plan",
                Tilt + ", \"talk\": \"Nine breaths on each side\" }",
                "Ear to shoulder is told as “Nine breaths”; the plan has 3 breaths.",
                1
            },
            { "unnamed-side", Tilt + ", \"talk\": \"The left ear sinks\" }", "'The left ear sinks' says right or left on both sides.", 1 },
            { "unnamed-side", Tilt + ", \"talk\": \"And the other side\" }", "'And the other side' names no side.", 1 },
            {
                "talk-fits",
                Tilt
                    + ", \"say\": { \"1\": \"Let the ear sink down to the shoulder as slowly as you like, with the jaw quite soft "
                    + "and the arm as heavy as wet rope\" } }",
                "Ear to shoulder: 26 words where 10 fit before its breath.",
                1
            },
            {
                "strong-after-rest",
                "{ \"move\": \"cat-cow\" }, { \"move\": \"final-rest\", \"position\": \"supine-long\" }, { \"move\": "
                    + "\"plank-hold\" }, { \"move\": \"noticing-pause\", \"position\": \"seated-cross\" }",
                "Plank comes after the rest began.",
                1
            },
            {
                "still-open",
                "{ \"move\": \"breath-watch\", \"position\": \"seated-cross\" }, { \"move\": \"mountain\" }",
                "People change level for Stand like a mountain with their eyes still closed.",
                1
            },
            { "dose", "{ \"move\": \"cat-cow\", \"rounds\": 30 }", "Cat and cow: 30 rounds is over the usual 3 to 10.", 1 },
            {
                "preparation",
                "{ \"move\": \"mountain\" }, { \"move\": \"plank-hold\" }, { \"move\": \"arms-float\", \"rounds\": 8 }, { "
                    + "\"move\": \"toes-heels-rock\", \"rounds\": 12 }",
                "Plank comes before anything moved the wrists under weight.",
                1
            },
            {
                "convention",
                "{ \"move\": \"full-neck-circles\" }",
                "Slow full circles: full slow circles, both ways; this class has chosen half circles, ear to chin to ear.",
                2
            },
            {
                "breath-pace",
                "{ \"move\": \"cat-cow\", \"breath\": { \"moving\": [8, 0, 10, 0] } }",
                "Cat and cow asks for 3.3 breaths a minute.",
                1
            },
            {
                "arc",
                "{ \"move\": \"mountain\", \"breaths\": 20 }, { \"move\": \"weight-shift\", \"rounds\": 12 }, { \"move\": "
                    + "\"plank-hold\", \"breaths\": 8 }, { \"move\": \"breath-watch\", \"breaths\": 20 }, { \"move\": \"plank-hold\" }",
                "Plank asks for",
                0
            },
            {
                "level-changes",
                "{ \"move\": \"mountain\" }, { \"move\": \"cat-cow\" }, { \"move\": \"mountain\" }, { \"move\": \"cat-cow\" }, "
                    + "{ \"move\": \"mountain\" }, { \"move\": \"cat-cow\" }",
                "The class goes down 3 times.",
                0
            },
            {
                "props-late",
                "{ \"move\": \"settle-lying\" }, { \"move\": \"hamstring-with-strap\" }",
                "The strap for Long leg up with a strap is named when people are already lying.",
                1
            },
            {
                "props-unused",
                "{ \"move\": \"cat-cow\", \"props\": [ { \"id\": \"block\" } ] }",
                "A block is asked for in Cat and cow and never used.",
                1
            },
            { "unknown-field", "{ \"move\": \"cat-cow\", \"breath_s\": 4 }", "The file has a field 'breath_s' that is not known here.", 0 },
        };

    [Theory]
    [MemberData(nameof(Silent))]
    public void Silent_on(string rule, string items) => Assert.Null(Shipped.Found(Shipped.Class(items), rule));

    [Theory]
    [MemberData(nameof(Faulty))]
    public void Finds(string rule, string items, string text, int fixes)
    {
        var plan = Shipped.Class(items);
        var finding = Shipped.Judge(plan).First(f => f.Rule == rule);
        // Times to the second are told by other tests.
        Assert.StartsWith(text, finding.Text, StringComparison.Ordinal);
        Assert.NotEmpty(finding.Why);
        Assert.Equal(fixes, finding.Fixes.Count);
        Assert.All(finding.Fixes, fix => Assert.DoesNotContain(Shipped.Judge(Shipped.Mended(plan, finding, fix)), f => f.Id == finding.Id));
    }

    [Theory]
    [InlineData("\"place\": { \"limits\": [\"no-floor\"] }", "no floor")]
    [InlineData("\"place\": { \"limits\": [\"no-kneeling\"] }", "no kneeling")]
    [InlineData("\"place\": { \"families\": [\"seated\"] }", "no floor positions")]
    public void A_place_that_rules_a_position_out_is_told_with_what_blocks_it(string head, string why)
    {
        var plan = Shipped.Class(
            "{ \"move\": \"settle-tall\", \"position\": \"chair-edge\" }, { \"id\": \"b\", \"move\": \"cat-cow\" }",
            head
        );
        var finding = Shipped.Found(plan, "way-missing")!;
        Assert.Equal(Level.Serious, finding.Level);
        Assert.Equal(["b"], finding.Lines);
        Assert.Contains(why, finding.Why, StringComparison.Ordinal);
        Assert.Null(Shipped.Found(Shipped.Mended(plan, finding, finding.Fixes[^1]), "way-missing"));
    }

    [Fact]
    public void A_position_written_where_it_cannot_be_taken_is_offered_where_it_can()
    {
        var plan = Shipped.Class(
            "{ \"move\": \"settle-tall\", \"position\": \"chair-edge\" }, { \"id\": \"b\", \"move\": \"neck-side-tilt\", "
                + "\"position\": \"heel-sit\" }",
            "\"place\": { \"limits\": [\"no-floor\"] }"
        );
        var finding = Shipped.Found(plan, "way-missing")!;
        Assert.Contains(finding.Fixes, f => f.Label == "Take it in front of the chair");
        Assert.Null(Shipped.Found(Shipped.Mended(plan, finding), "way-missing"));
    }

    [Theory]
    [InlineData(3, "over", "Shorten the doses")]
    [InlineData(40, "short", "Lengthen the doses")]
    public void Time_that_is_off_is_told_and_brought_nearer(double minutes, string word, string label)
    {
        var plan = Shipped.Demo("bench-by-the-window") with { Minutes = minutes };
        var finding = Shipped.Found(plan, "time")!;
        Assert.Contains($"{word}.", finding.Text, StringComparison.Ordinal);
        var fix = Assert.Single(finding.Fixes);
        Assert.Equal(label, fix.Label);
        double Off(ClassPlan p) => Math.Abs(Shipped.Score(p).Total.TotalMinutes - minutes);
        var mended = Shipped.Mended(plan, finding, fix);
        Assert.True(Off(mended) < Off(plan));
        Assert.Null(Shipped.Found(mended, "second-side"));
    }

    [Fact]
    public void Locked_lines_are_left_alone_when_time_is_mended()
    {
        var plan = Shipped.Demo("bench-by-the-window") with { Minutes = 3 };
        var locked = plan.ChangeLines([.. plan.Lines.Select(l => l.Id)], l => l with { Locked = true });
        var finding = Shipped.Found(locked, "time")!;
        Assert.Equal("What could be changed is locked.", finding.Fixes[0].Apply(Shipped.Score(locked), finding, Shipped.Tools).Refusal);
    }

    [Fact]
    public void A_reason_switches_a_judgement_off_and_nothing_else()
    {
        const string items = Tilt + ", \"sides\": \"right\" }, { \"id\": \"c\", \"move\": \"arm-across\", \"sides\": \"left\" }";
        var off = Shipped.Class(
            items,
            "\"off\": [ { \"rule\": \"second-side\", \"lines\": [\"a\"], \"reason\": \"a sore left shoulder\" } ]"
        );
        Assert.Equal(["c"], Shipped.Found(off, "second-side")!.Lines);
        var all = Shipped.Class(items, "\"off\": [ { \"rule\": \"second-side\", \"lines\": [], \"reason\": \"on purpose\" } ]");
        Assert.Null(Shipped.Found(all, "second-side"));
    }

    [Fact]
    public void Whoever_may_fall_asleep_need_not_open_the_eyes() =>
        Assert.Null(Shipped.Found(Shipped.Class("{ \"move\": \"final-rest\" }", "\"endsIn\": \"asleep\""), "left-open"));

    [Fact]
    public void Fast_rhythms_only_hint()
    {
        var finding = Shipped.Found(Shipped.Class("{ \"move\": \"fast-elbow-circles\", \"sides\": \"back\" }"), "second-side")!;
        Assert.Equal(Level.Hint, finding.Level);
    }

    [Fact]
    public void Names_that_nothing_goes_by_are_told()
    {
        var plan = Shipped.Class(
            "{ \"move\": \"mountain\" }",
            "\"startsIn\": \"hovering\", \"group\": { \"conditions\": { \"toothache\": 1 } }, \"place\": { \"limits\": "
                + "[\"no-fun\"], \"props\": { \"sail\": 2 } }"
        );
        var texts = Shipped.Judge(plan).Where(f => f.Rule == "unknown-name").Select(f => f.Text);
        Assert.Equal(
            [
                "There is no position called 'hovering' to start in.",
                "There is no condition called 'toothache'.",
                "There is no limit called 'no-fun'.",
                "There is no prop called 'sail'.",
            ],
            texts
        );
    }

    [Fact]
    public void Rules_have_one_id_each_and_findings_of_a_class_too()
    {
        Assert.Equal(Judgement.Rules.Count, Judgement.Rules.Select(r => r.Id).Distinct().Count());
        var findings = Shipped.Judge(Shipped.Demo("knots-undone"));
        Assert.Equal(findings.Count, findings.Select(f => f.Id).Distinct().Count());
        Assert.True(findings.Zip(findings.Skip(1)).All(p => p.First.Level <= p.Second.Level));
    }

    [Theory]
    [InlineData("bench-by-the-window")]
    [InlineData("low-water-shoulders")]
    public void Sound_classes_have_nothing_serious_or_notable(string name) =>
        Assert.DoesNotContain(Shipped.Judge(Shipped.Demo(name)), f => f.Level != Level.Hint);

    [Fact]
    public void The_class_with_faults_has_each_of_them()
    {
        var rules = Shipped.Judge(Shipped.Demo("knots-undone")).Select(f => f.Rule).ToHashSet();
        Assert.Superset(new HashSet<string> { "second-side", "way-missing", "left-open", "time" }, rules);
    }

    // rule, the head of the class, its lines, what the finding says, how many fixes
    public static TheoryData<string, string, string, string, int> WholeClasses =>
        new()
        {
            {
                "rest",
                "\"minutes\": 30",
                "{ \"move\": \"cat-cow\" }, { \"move\": \"mountain\" }, { \"move\": \"arms-float\" }",
                "The class ends without a rest.",
                1
            },
            {
                "rest",
                "\"minutes\": 30",
                "{ \"move\": \"cat-cow\" }, { \"move\": \"final-rest\", \"seconds\": 60 }",
                "The rest is 1:00; 1:30 would do.",
                1
            },
            {
                "pause-before-rising",
                "\"group\": { \"age\": \"older\" }",
                "{ \"move\": \"final-rest\", \"seconds\": 400 }, { \"move\": \"sit-to-stand\" }",
                "After 6:40 of lying people sit 0 s before they stand.",
                1
            },
            {
                "arrival",
                "\"minutes\": 30",
                "{ \"id\": \"a\", \"move\": \"arms-float\" }",
                "The class begins with Arms float up and press down, before anybody has arrived.",
                1
            },
            {
                "theme-share",
                "\"theme\": { \"areas\": [\"wrists-hands\"] }",
                "{ \"move\": \"chin-to-chest\" }, { \"move\": \"wrist-circles\", \"rounds\": 3 }, { \"move\": \"tree\", \"breaths\": 6 }",
                "",
                0
            },
            {
                "natural-movements",
                "\"minutes\": 20, \"theme\": { \"areas\": [\"low-back\", \"mid-back\"] }",
                "{ \"move\": \"breath-watch\" }, { \"move\": \"cat-cow\" }",
                "The spine gets no side bends and no turns.",
                0
            },
            {
                "stretch-time",
                "\"minutes\": 25, \"theme\": { \"areas\": [\"calves\"] }",
                "{ \"move\": \"mountain\" }",
                "calves 0:00 a side; a minute each would do.",
                0
            },
            {
                "arc",
                "\"minutes\": 10",
                "{ \"move\": \"warrior-one\" }, { \"move\": \"arms-float\", \"rounds\": 8 }, { \"move\": \"weight-shift\", "
                    + "\"rounds\": 12 }, { \"move\": \"mountain\", \"breaths\": 6 }, { \"move\": \"arm-across\", \"breaths\": 5 }, { "
                    + "\"move\": \"toes-heels-rock\", \"rounds\": 8 }",
                "Warrior one, the most demanding, comes early",
                0
            },
            {
                "props-short",
                "\"group\": { \"size\": 12 }, \"place\": { \"props\": { \"chair\": 10 } }",
                "{ \"move\": \"settle-tall\", \"position\": \"chair-edge\" }",
                "12 chairs are needed and 10 are there.",
                0
            },
            {
                "props-short",
                "",
                "{ \"move\": \"settle-tall\", \"position\": \"chair-edge\" }",
                "The class uses chairs; nobody has said how many are there.",
                0
            },
            {
                "props-again",
                "\"startsIn\": \"chair-edge\"",
                "{ \"move\": \"seated-cat-cow\", \"position\": \"chair-edge\" }, { \"move\": \"mountain\", \"breaths\": 6 }, { "
                    + "\"move\": \"arms-float\", \"position\": \"standing\", \"rounds\": 8 }, { \"move\": \"rounded-hold\", "
                    + "\"position\": \"chair-edge\" }",
                "The chair goes away and is needed again ",
                0
            },
            {
                "condition",
                "\"group\": { \"size\": 10, \"conditions\": { \"wrist\": 5 } }",
                "{ \"move\": \"plank-hold\" }",
                "5 of 10 cannot do Plank: the hands bear much weight, bent back.",
                1
            },
            {
                "condition",
                "\"group\": { \"size\": 10, \"conditions\": { \"neck-recent\": 1 } }, \"conventions\": { \"neckCircle\": \"full\" }",
                "{ \"move\": \"full-neck-circles\" }",
                "Slow full circles is not done with neck, recent or tingling in the room: the head goes round in full circles.",
                2
            },
            {
                "adds-up",
                "\"startsIn\": \"supine-knees\", \"group\": { \"size\": 8, \"conditions\": { \"pregnancy-mid\": 1 } }",
                "{ \"move\": \"supine-pelvic-tilt\", \"rounds\": 3 }, { \"move\": \"snow-arms\", \"position\": \"supine-knees\", \"rounds\": 3 }",
                "Lying flat on the back adds up to ",
                1
            },
            {
                "way-for-people",
                "\"startsIn\": \"chair-edge\", \"place\": { \"limits\": [\"no-kneeling\"] }, \"group\": { \"size\": 8, \"conditions\": { \"wrist\": 1 } }",
                "{ \"move\": \"breath-watch\", \"position\": \"chair-edge\" }, { \"move\": \"body-scan\", \"position\": \"supine-knees\" }",
                "From front of the chair to lying, knees bent there is no way here with wrist or thumb.",
                1
            },
            {
                "still-open",
                "\"startsIn\": \"seated-cross\"",
                "{ \"move\": \"body-scan\", \"position\": \"seated-cross\", \"seconds\": 300 }, { \"move\": \"breath-watch\", \"breaths\": 30 }, "
                    + "{ \"move\": \"eyes-open\" }",
                "Legs stay crossed for ",
                1
            },
        };

    [Fact]
    public void A_calming_part_whose_out_breath_is_shorter_is_told_and_mended()
    {
        var plan = Shipped.Parse(
            """
            { "title": "Calm", "minutes": 5, "sections": [ { "name": "Rest", "part": "rest", "breath": { "resting": [6, 0, 4, 0] },
              "items": [ { "move": "breath-watch" } ] } ] }
            """
        );
        var finding = Shipped.Found(plan, "breath-ratio")!;
        Assert.Equal("In Rest the out-breath is shorter than the in-breath.", finding.Text);
        Assert.Null(Shipped.Found(Shipped.Mended(plan, finding, Assert.Single(finding.Fixes)), "breath-ratio"));
    }

    [Theory]
    [MemberData(nameof(WholeClasses))]
    public void Finds_in_a_whole_class(string rule, string head, string items, string text, int fixes)
    {
        var plan = Shipped.Class(items, head);
        var finding = Shipped.Judge(plan).First(f => f.Rule == rule);
        Assert.StartsWith(text, finding.Text, StringComparison.Ordinal);
        Assert.True(finding.Fixes.Count >= fixes);
        Assert.All(
            finding.Fixes,
            fix =>
                Assert.True(
                    fix.Betters?.Invoke(Shipped.Score(Shipped.Mended(plan, finding, fix)))
                        ?? Shipped.Judge(Shipped.Mended(plan, finding, fix)).All(f => f.Id != finding.Id)
                )
        );
    }

    [Theory]
    [InlineData("\"group\": { \"size\": 10, \"conditions\": { \"wrist\": 1 } }", "{ \"move\": \"plank-hold\" }", "condition")]
    [InlineData("\"group\": { \"size\": 10, \"conditions\": { \"wrist\": 0 } }", "{ \"move\": \"plank-hold\" }", "condition")]
    [InlineData(
        "\"conventions\": { \"neckCircle\": \"full\" }",
        "{ \"move\": \"full-neck-circles\" }, { \"move\": \"half-circles\" }",
        "convention"
    )]
    [InlineData("\"minutes\": 2", "{ \"move\": \"arms-float\" }", "arrival")]
    [InlineData("\"minutes\": 10", "{ \"talk\": \"Welcome\" }, { \"move\": \"arms-float\" }", "arrival")]
    [InlineData("\"theme\": { \"areas\": [\"breath\"] }", "{ \"move\": \"tree\" }", "theme-share")]
    [InlineData(
        "\"group\": { \"size\": 12 }, \"place\": { \"props\": { \"cushion\": 2, \"blanket\": 12 } }",
        "{ \"move\": \"settle-tall\", \"position\": \"seated-cross\", \"props\": [ { \"id\": \"cushion\", \"standIn\": \"blanket\" } ] }",
        "props-short"
    )]
    public void Is_silent_on_a_whole_class(string head, string items, string rule) =>
        Assert.Null(Shipped.Found(Shipped.Class(items, head), rule));
}
