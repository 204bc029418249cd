using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Tests.Scoring;

/// <summary>
/// Scores counted by hand: one second a count, moving 4-0-5-0, small 2.5-0-3.5-0, holding 3-0-4-0, resting 4-0-6-0, going in and coming out
/// 4 s, with the legs 12 and 8 s, 150 words a minute. Talk is heard on the way and going in.
/// </summary>
public class WorkedExamples
{
    [Fact]
    public void A_hold_is_talk_in_breaths_out_on_both_sides()
    {
        var score = Shipped.Score(Shipped.Class("{ \"id\": \"l1\", \"move\": \"neck-side-tilt\", \"breaths\": 3, \"pauseBetween\": 1 }"));
        var talkFirst = Words.Count(Shipped.Catalogue.Move("neck-side-tilt")!.Talk.First) * 400;
        var talkSecond = Words.Count(Shipped.Catalogue.Move("neck-side-tilt")!.Talk.Second) * 400;
        // Going in 4, three holding breaths of 7, coming out 4; a breath of 7 between the sides.
        int[] side = [4000, 7000, 7000, 7000, 4000];
        Assert.Equal(
            [talkFirst - 4000, .. side, 7000, talkSecond - 4000, .. side],
            score.Events!.Where(e => e.Kind != EventKind.Prop).Select(e => (int)e.Length.Ms())
        );
        var line = Assert.Single(score.Lines);
        Assert.Equal((3, 21000), (line.Right.Amount, (int)line.Right.Length.Ms()));
        Assert.Equal(line.Right, line.Left);
        Assert.Equal([Side.Right, Side.Left], line.Occurrences.Select(o => o.Side));
        Assert.Equal(
            "Let the left ear sink towards the left shoulder",
            score.Events!.First(e => e.Side == Side.Left && e.Kind == EventKind.Breath).Cue
        );
    }

    [Fact]
    public void A_flow_is_what_leads_to_it_and_rounds()
    {
        var score = Shipped.Score(Shipped.Class("{ \"move\": \"cat-cow\", \"rounds\": 3 }, { \"move\": \"cat-cow\", \"rounds\": 2 }"));
        var words = Words.Count(Shipped.Catalogue.Move("cat-cow")!.Talk.First);
        Assert.Equal(words * 400, score.Lines[0].Occurrences[0].Lead.Ms());
        Assert.Equal((3, 27000), (score.Lines[0].None.Amount, (int)score.Lines[0].None.Length.Ms()));
        // Said long first, short in the second round, then silence.
        var cues = score.Events!.Where(e => e is { Kind: EventKind.Breath, Breath: Breath.In }).Select(e => e.Cue).Take(3);
        Assert.Equal(["Let the belly drop and look forward", "Belly drops, gaze forward", null], cues);
    }

    [Theory]
    [InlineData("warrior-two", "\"breaths\": 3, \"sides\": \"right\"", 12_000 + (3 * 5_500) + 8_000)] // a stance: the legs carry anew
    [InlineData("head-turns", "\"rounds\": 6", 6 * 6_000)] // small: the head alone
    [InlineData("full-neck-circles", "\"rounds\": 2, \"sides\": \"cw\"", 2 * 7_200)] // small, its four phases 0.6 of a breath each
    [InlineData("arms-sweep-up", "\"rounds\": 3", 3 * 9_000)] // letting go at the end belongs to the phase before
    [InlineData("cat-cow", "\"seconds\": 40", 40_000)] // four rounds, stretched to fit
    [InlineData("neck-side-tilt", "\"rounds\": 4, \"sides\": \"right\"", 4 * 6_000)] // a hold in rounds is passed through
    [InlineData("mountain", "\"breaths\": 3", 3 * 7_000)] // a short stillness
    [InlineData("three-full-breaths", "\"breaths\": 3", 3 * 9_000)]
    [InlineData("breath-watch", "\"breaths\": 3", 3 * 10_000)]
    [InlineData("fast-elbow-circles", "\"beats\": 20, \"sides\": \"cw\"", 20 * 600)] // a beat is a turn
    [InlineData("eyes-open", "\"breaths\": 1", 2_000 + 3_000)] // a cue and no stay
    [InlineData("cat-cow", "\"rounds\": 3, \"tempo\": 2", 3 * 18_000)]
    public void A_line_takes_what_it_takes_beside_its_talk(string move, string dose, int milliseconds)
    {
        var line = Shipped.Score(Shipped.Class($"{{ \"move\": \"{move}\", {dose} }}")).Lines[0];
        Assert.Equal(milliseconds, (int)(line.Occurrences[0].Length - line.Occurrences[0].Lead).Ms());
    }

    // In 12 s, three breaths in effort of 5.5, the words of the second shape, its two breaths, out 8 s: nothing between the two.
    [Fact]
    public void A_line_that_goes_on_begins_in_the_shape_before_it()
    {
        const string warrior = "{ \"move\": \"warrior-two\", \"breaths\": 3, \"sides\": \"right\" }";
        var score = Shipped.Score(
            Shipped.Class($"{warrior}, {{ \"move\": \"reverse-warrior\", \"breaths\": 2, \"sides\": \"right\", \"goesOn\": true }}")
        );
        var words = Words.Count(Shipped.Catalogue.Move("reverse-warrior")!.Talk.First) * 400;
        var (first, second) = (score.Lines[0].Occurrences[0], score.Lines[1].Occurrences[0]);
        Assert.Equal(12_000 + (3 * 5_500), (int)(first.Length - first.Lead).Ms());
        Assert.Equal((words, words + (2 * 5_500) + 8_000), ((int)second.Lead.Ms(), (int)second.Length.Ms()));
        Assert.Null(score.Lines[1].GoesOnHindered);
    }

    [Theory]
    [InlineData("\"move\": \"reverse-warrior\"", GoingOnHindered.BothSides)]
    [InlineData("\"move\": \"reverse-warrior\", \"sides\": \"left\"", GoingOnHindered.OtherSide)]
    [InlineData("\"move\": \"tree\", \"sides\": \"right\"", GoingOnHindered.OtherPosition)]
    public void Where_it_cannot_go_on_it_begins_anew(string line, GoingOnHindered hindered)
    {
        const string warrior = "{ \"move\": \"warrior-two\", \"breaths\": 3, \"sides\": \"right\" }";
        var score = Shipped.Score(Shipped.Class($"{warrior}, {{ {line}, \"goesOn\": true }}"));
        Assert.Equal(hindered, score.Lines[1].GoesOnHindered);
        var anew = Shipped.Score(Shipped.Class($"{warrior}, {{ {line} }}"));
        Assert.Equal(anew.Total, score.Total);
    }

    [Fact]
    public void Whoever_lifts_a_foot_does_not_go_on() =>
        Assert.Equal(
            GoingOnHindered.FeetElsewhere,
            Shipped
                .Score(Shipped.Class("{ \"move\": \"mountain\" }, { \"move\": \"tree\", \"sides\": \"right\", \"goesOn\": true }"))
                .Lines[1]
                .GoesOnHindered
        );

    [Fact]
    public void The_first_line_has_nothing_to_go_on_from() =>
        Assert.Equal(
            GoingOnHindered.NothingBefore,
            Shipped.Score(Shipped.Class("{ \"move\": \"mountain\", \"goesOn\": true }")).Lines[0].GoesOnHindered
        );

    // Ten words at 150 a minute are 4 s; what is written in seconds stays so at any tempo; a wait may come last.
    [Fact]
    public void Talk_and_waiting_stand_among_the_lines()
    {
        const string ten = "\"one two three four five six seven eight nine ten\"";
        var score = Shipped.Score(
            Shipped.Class(
                $"{{ \"talk\": {ten} }}, {{ \"talk\": {ten}, \"seconds\": 20 }}, {{ \"seconds\": 5 }}, "
                    + "{ \"move\": \"cat-cow\", \"rounds\": 2, \"talk\": \"\" }, { \"wait\": 30, \"what\": \"handling\" }",
                "\"tempo\": 2"
            )
        );
        Assert.Equal([8_000, 20_000, 5_000, 36_000, 30_000], score.Items.Select(i => (int)i.Time.Ms()));
        Assert.Equal([(0, 8_000), (8_000, 20_000)], score.Talks.Select(t => ((int)t.At.Ms(), (int)t.Length.Ms())));
        Assert.Equal((EventKind.Pause, score.Total), (score.Events![^1].Kind, score.Events[^1].At + score.Events[^1].Length));
    }

    // A round of 9 s, and at both its ends two breaths of 7.
    [Fact]
    public void Breaths_may_be_stayed_at_each_end_of_a_round()
    {
        var line = Shipped.Score(Shipped.Class("{ \"move\": \"cat-cow\", \"rounds\": 3, \"perEnd\": 2 }")).Lines[0];
        Assert.Equal(37_000, line.UnitTime.Ms());
        Assert.Equal(3 * 37_000, line.None.Length.Ms());
    }

    // In 4, ten spoken counts of 1.2, out 4.
    [Fact]
    public void A_hold_may_be_counted()
    {
        var line = Shipped.Score(Shipped.Class("{ \"move\": \"neck-side-tilt\", \"beats\": 10, \"sides\": \"right\" }")).Lines[0];
        Assert.Equal(20_000, (line.Occurrences[0].Length - line.Occurrences[0].Lead).Ms());
    }

    [Theory]
    [InlineData("\"pauseAfter\": 2", 14_000)]
    [InlineData("\"pauseAfter\": { \"seconds\": 10 }", 10_000)]
    [InlineData("\"pauseBetween\": { \"seconds\": 3 }", 3_000)]
    public void A_pause_is_breaths_or_seconds(string pause, int milliseconds)
    {
        int Total(string more) => (int)Shipped.Score(Shipped.Class($"{{ \"move\": \"neck-side-tilt\", \"breaths\": 3{more} }}")).Total.Ms();
        Assert.Equal(milliseconds, Total($", {pause}") - Total(""));
    }

    [Fact]
    public void A_lines_own_side_wins_in_a_round_of_a_set()
    {
        var line = Shipped
            .Score(
                Shipped.Class("""{ "set": { "rounds": ["right", "left"], "items": [ { "move": "neck-side-tilt", "sides": "right" } ] } }""")
            )
            .Lines[0];
        Assert.Equal([Side.Right, Side.Right], line.Occurrences.Select(o => o.Side));
    }

    [Fact]
    public void Tempos_of_class_section_and_line_multiply_within_bounds()
    {
        double Round(double ofClass, double ofSection, double ofLine) =>
            Shipped
                .Score(
                    Shipped.Parse(
                        string.Create(
                            System.Globalization.CultureInfo.InvariantCulture,
                            $$"""
                            { "title": "x", "minutes": 1, "tempo": {{ofClass}}, "sections": [ { "tempo": {{ofSection}}, "items": [ { "move":
                              "cat-cow", "rounds": 1, "tempo": {{ofLine}} } ] } ] }
                            """
                        )
                    )
                )
                .Lines[0]
                .UnitTime.TotalSeconds;
        Assert.Equal((9, 13.5, 18, 4.5), (Round(1, 1, 1), Round(1.5, 1, 1), Round(2, 2, 1), Round(0.5, 0.5, 0.5)));
        Assert.Equal(9, Round(2, 0.5, 1));
    }

    [Fact]
    public void Seconds_stay_as_written() =>
        Assert.Equal(90_000, Shipped.Score(Shipped.Class("{ \"move\": \"final-rest\", \"seconds\": 90 }")).Lines[0].None.Length.Ms());

    [Fact]
    public void Beats_run_at_their_own_pace()
    {
        var line = Shipped.Score(Shipped.Class("{ \"move\": \"fast-elbow-circles\", \"beats\": 20 }")).Lines[0];
        Assert.Equal((20, 12_000), (line.Right.Amount, (int)line.Right.Length.Ms()));
        Assert.Equal(line.Right, line.Left);
    }

    [Fact]
    public void Alternating_rounds_are_counted_together()
    {
        var line = Shipped.Score(Shipped.Class("{ \"move\": \"head-turns\", \"rounds\": 6 }")).Lines[0];
        Assert.Equal((3, 3), (line.Right.Amount, line.Left.Amount));
        Assert.Single(line.Occurrences);
    }

    [Fact]
    public void A_set_is_taken_in_rounds_and_its_lines_follow_the_side()
    {
        var score = Shipped.Score(
            Shipped.Class(
                """
                { "set": { "rounds": ["right", "left"], "pauseBetween": 1, "items": [ { "move": "warrior-two", "breaths": 3 }, {
                  "move": "reverse-warrior", "breaths": 2 } ] } }
                """
            )
        );
        Assert.All(score.Lines, l => Assert.Equal([Side.Right, Side.Left], l.Occurrences.Select(o => o.Side)));
        var order = score.Lines.SelectMany(l => l.Occurrences.Select(o => (o.Start, l.Line.Move, o.Side))).Order();
        Assert.Equal(["warrior-two", "reverse-warrior", "warrior-two", "reverse-warrior"], order.Select(o => o.Move));
    }

    [Fact]
    public void A_known_chain_needs_three_quarters_of_the_talk()
    {
        var score = Shipped.Score(Shipped.Class("""{ "set": { "rounds": 3, "items": [ { "move": "cat-cow", "rounds": 2 } ] } }"""));
        var talk = score.Lines[0].Occurrences.Select(o => (int)o.Lead.Ms()).ToList();
        Assert.Equal((int)Math.Round(Words.Count("Cat and cow") * 400 * 0.75), talk[1]);
        Assert.Equal(talk[1], talk[2]);
    }

    [Fact]
    public void Between_positions_lies_a_way_and_the_talk_begins_on_it()
    {
        var score = Shipped.Score(
            Shipped.Class(
                "{ \"move\": \"breath-watch\", \"position\": \"seated-cross\", \"breaths\": 3 }, { \"move\": \"cat-cow\", \"rounds\": 3 }"
            )
        );
        var way = Assert.Single(score.Lines[1].Ways);
        Assert.Equal(("seated-cross", "all-fours", 12_000), (way.Way.From.Id, way.Way.To.Id, (int)way.Length.Ms()));
        Assert.Contains(
            score.Events!,
            e => e.Kind == EventKind.Way && e.Cue == "Hands to one side, cross the ankles. Roll over the feet to hands and knees"
        );
        var words = Words.Count(Shipped.Catalogue.Move("cat-cow")!.Talk.First) * 400;
        // Three quarters of 16 s over the floor; what is not said by then leads.
        Assert.Equal(Math.Max(0, words - 12_000), score.Lines[1].Occurrences[0].Lead.Ms());
        Assert.Equal(
            (way.At, words),
            Assert.Single(score.Talks, t => t.Item == score.Lines[1]) is var t ? (t.At, (int)t.Length.Ms()) : default
        );
    }

    [Fact]
    public void Pace_age_and_newcomers_act_through_one_table()
    {
        const string items = "{ \"move\": \"breath-watch\", \"position\": \"seated-cross\" }, { \"move\": \"cat-cow\" }";
        double Way(string group) => Shipped.Score(Shipped.Class(items, $"\"group\": {group}")).Lines[1].Ways[0].Length.TotalMilliseconds;
        Assert.Equal(
            (16_500, 12_000, 7_500, 24_000),
            (Way("{\"pace\":\"gentle\"}"), Way("{}"), Way("{\"pace\":\"brisk\"}"), Way("{\"age\":\"older\"}"))
        );
        // A hundred words at 150 a minute are 40 s, before who comes is looked at.
        double Talk(Group group) => Timing.TalkTime(100, false, Tempo.Of(group)).TotalSeconds;
        Assert.Equal((40, 44, 36), (Talk(new()), Talk(new() { Pace = Pace.Gentle }), Talk(new() { Pace = Pace.Brisk })));
        Assert.Equal(44, Talk(new() { Older = true }));
        Assert.Equal((40, 46), (Talk(new() { Size = 10, Newcomers = 2 }), Talk(new() { Size = 10, Newcomers = 3 })));
    }

    [Fact]
    public void The_breath_of_a_line_stands_over_the_sections_and_the_classes()
    {
        double Ms(string line, string section) =>
            Shipped
                .Score(
                    Shipped.Parse(
                        $$"""
                        { "title": "x", "minutes": 1, "breath": { "holding": [2,0,2,0] }, "sections": [ { {{section}} "items": [ {
                          "move": "knees-hugged", "breaths": 1 {{line}} } ] } ] }
                        """
                    )
                )
                .Lines[0]
                .None.Length.TotalMilliseconds;
        Assert.Equal(
            (4000, 6000, 8000),
            (
                Ms("", ""),
                Ms("", "\"breath\": { \"holding\": [3,0,3,0] },"),
                Ms(", \"breath\": { \"holding\": [4,0,4,0] }", "\"breath\": { \"holding\": [3,0,3,0] },")
            )
        );
    }

    [Fact]
    public void An_unknown_move_keeps_its_place_and_takes_no_time()
    {
        var score = Shipped.Score(Shipped.Class("{ \"move\": \"moon-walk\", \"breaths\": 4 }, { \"move\": \"mountain\" }"));
        Assert.Null(score.Lines[0].Move);
        Assert.Empty(score.Lines[0].Occurrences);
        Assert.Equal(new Dose(Unit.Breaths, 4), score.Lines[0].Dose);
    }

    [Fact]
    public void Props_are_needed_as_long_as_the_positions_that_stand_on_them()
    {
        var score = Shipped.Score(
            Shipped.Class(
                "{ \"move\": \"breath-watch\", \"position\": \"seated-cross\" }, { \"move\": \"chin-to-chest\" }, { \"move\": "
                    + "\"cat-cow\", \"props\": [ { \"id\": \"blanket\", \"standIn\": \"towel\" } ] }"
            )
        );
        Assert.Equal(["cushion", "towel"], score.Props.Select(p => p.Prop));
        Assert.Equal((TimeSpan.Zero, score.Lines[1].Occurrences[0].End), (score.Props[0].From, score.Props[0].To));
    }

    [Theory]
    [InlineData("puppy-reach", "all-fours", "base", "")]
    [InlineData("puppy-reach", "all-fours", "easier", "chair")]
    [InlineData("mountain", "standing", "easier", "wall")]
    [InlineData("hands-clasped-behind", "standing", "easier", "strap")]
    [InlineData("hamstring-with-strap", "supine-knees", "base", "strap")]
    [InlineData("hamstring-with-strap", "supine-knees", "easier", "")]
    public void An_option_needs_what_it_rests_on_and_nothing_it_leaves(string move, string position, string option, string props)
    {
        var score = Shipped.Score(Shipped.Class($"{{ \"move\": \"{move}\", \"position\": \"{position}\", \"option\": \"{option}\" }}"));
        Assert.Equal(props, string.Join(" ", score.Props.Select(p => p.Prop)));
    }

    [Theory]
    [InlineData("neck-side-tilt", "right-left", "left-right")]
    [InlineData("neck-side-tilt", "left", "right")]
    [InlineData("head-turns", "alternate", "alternate-left")]
    [InlineData("eagle-arms", "over-under", "under-over")]
    public void A_mirrored_line_begins_on_the_other_side(string move, string before, string after)
    {
        var plan = Shipped.Class(
            $"{{ \"id\": \"a\", \"move\": \"{move}\", \"sides\": \"{before}\" }}, "
                + $"{{ \"id\": \"b\", \"move\": \"{move}\", \"sides\": \"{before}\" }}"
        );
        Assert.Equal([after, before], plan.Mirror(["a"], Shipped.Catalogue).Lines.Select(l => l.Sides!.Word));
    }

    [Fact]
    public void A_mirrored_set_changes_its_rounds_and_mirroring_twice_changes_nothing()
    {
        var plan = Shipped.Class("""{ "id": "t", "set": { "rounds": ["right", "left"], "items": [ { "move": "warrior-two" } ] } }""");
        var mirrored = plan.Mirror(["t"], Shipped.Catalogue);
        Assert.Equal([Side.Left, Side.Right], ((Set)mirrored.Sections[0].Items[0]).Rounds);
        Assert.Equal([Side.Right, Side.Left], ((Set)mirrored.Mirror(["t"], Shipped.Catalogue).Sections[0].Items[0]).Rounds);
    }

    [Fact]
    public void The_way_home_from_lying_is_planned_for_the_side_people_roll_to()
    {
        var score = Shipped.Score(
            Shipped.Class(
                "{ \"move\": \"knees-hugged\" }, { \"move\": \"eyes-open\", \"position\": \"seated-cross\" }",
                "\"conventions\": { \"rollTo\": \"left\" }"
            )
        );
        Assert.Contains(score.Events!, e => e.Kind == EventKind.Way && e.Cue!.Contains("Roll to the left side", StringComparison.Ordinal));
    }

    [Fact]
    public void Props_are_fetched_before_and_put_aside_after()
    {
        var score = Shipped.Score(
            Shipped.Class("{ \"move\": \"settle-tall\", \"position\": \"seated-cross\" }, { \"move\": \"cat-cow\" }")
        );
        var props = score.Events!.Where(e => e.Kind == EventKind.Prop).ToList();
        Assert.Equal(["Fetch a cushion", "Put the cushion aside"], props.Select(e => e.Cue));
        Assert.Equal(TimeSpan.Zero, props[0].At);
        Assert.Equal(score.Lines[0].Occurrences[0].End, props[1].At);
    }
}
