using AmpleTide.Catalogue;

namespace AmpleTide.Core.Tests.Catalogue;

/// <summary>A mistake in a catalogue file is told with its file, its line and the field.</summary>
public class CatalogueErrors
{
    private const string Position = """
        - id: stand
          name: Standing
          family: standing
          level: standing
          pelvisHeight: 0.53
          shape: { pelvis.pitch: 0 }
          contacts: { feet: floor }
        """;

    private const string Move = """
        - id: nod
          name: Nod
          kind: flow
          in: [stand]
          dose: { rounds: [1, 2, 3] }
          talk:
            first: Nod slowly
          phases:
            - { breath: out, shape: { neck.flexion: 20 }, cue: { long: Chin sinks, short: Chin sinks } }
          options:
            easier: { cue: Smaller, shape: { neck.flexion: 10 } }
          cautions: [Slowly]
        """;

    [Fact]
    public void The_small_catalogue_is_right() => Assert.Single(Read(Move).Moves);

    [Theory]
    [InlineData("kind: flow", "kind: dance", 3, "kind: 'dance' is not one of")]
    [InlineData("in: [stand]", "in: [sit]", 4, "there is no position 'sit'")]
    [InlineData("rounds: [1, 2, 3]", "rounds: [3, 2, 1]", 5, "least, usual and most")]
    [InlineData("first: Nod slowly", "first: Nod to the right", 7, "names a side outright")]
    [InlineData("first: Nod slowly", "first: Nod to the {port}", 7, "{port} is not a placeholder")]
    [InlineData("neck.flexion: 20 }, cue", "neck.flexion: 90 }, cue", 9, "out of reach")]
    [InlineData("neck.flexion: 20 }, cue", "nose.flexion: 20 }, cue", 9, "there is no such axis")]
    [InlineData("breath: out", "breath: up", 9, "'up' is not one of in, out")]
    [InlineData("short: Chin sinks", "short: Chin sinks down and down and down again", 9, "8 words, 7 at most")]
    [InlineData(
        "cue: { long: Chin sinks, short: Chin sinks } }",
        "note: x, cue: { long: Chin sinks, short: Chin sinks } }",
        9,
        "'note' is not a field here"
    )]
    [InlineData("cautions: [Slowly]", "cautions: [Sore neck: eyes only]", 12, "one with a colon in it stands in quotes")]
    [InlineData("cautions: [Slowly]", "caution: [Slowly]", 12, "'caution' is not a field here")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  signs: { attend: [elbow] }", 13, "there is no landmark 'elbow'")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  signs: { 3: [crown] }", 13, "'3' is not one of attend, breath")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  signs: { glow: [crown] }", 13, "'glow' is not one of attend, breath")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  picture: [1, 9]", 13, "is not one of the phases, or up to 4 of them")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  picture: [1, 1, 1, 1, 1]", 13, "is not one of the phases, or up to 4 of them")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  strap: [right.hand, left.tail]", 13, "there is no landmark 'left.tail'")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  stands: { piano: right.hand }", 13, "there is no prop 'piano' to stand there")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  stands: { chair: fin }", 13, "there is no landmark 'fin'")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  stands: [chair]", 13, "stands")]
    [InlineData("name: Nod", "name: [", 2, "not valid YAML")]
    [InlineData("id: nod", "id: &a nod", 1, "anchors and references are not used here")]
    [InlineData("name: Nod", "name: *a", 2, "anchors and references are not used here")]
    [InlineData("name: Nod", "? [a, b]\n  : Nod", 2, "a list or a map is none")]
    [InlineData("dose: { rounds: [1, 2, 3] }", "dose: { 7: [1, 2, 3] }", 5, "one of breaths, rounds, beats, seconds is needed")]
    [InlineData(
        "dose: { rounds: [1, 2, 3] }",
        "dose: { rounds: [1, 2, 3], breaths: [1, 2, 3] }",
        5,
        "one of breaths, rounds, beats, seconds is needed"
    )]
    [InlineData("dose: { rounds: [1, 2, 3] }", "dose: { beats: [1, 2, 5000000] }", 5, "from 1 to 500")]
    [InlineData("dose: { rounds: [1, 2, 3] }", "dose: { rounds: [-1, 2, 3] }", 5, "from 1 to 200")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  beatSeconds: -5", 13, "beatSeconds: '-5' is not a number from 0.2 to 10")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  effort: 1e300", 13, "effort: '1e300' is not a number from 0.9 to 12")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  school: quarter", 13, "fields are needed here")]
    [InlineData(
        "cautions: [Slowly]",
        "cautions: [Slowly]\n  school: { neckCircle: quarter }",
        13,
        "neckCircle is 'quarter', one of half, full is needed"
    )]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  school: { tide: high }", 13, "'tide' is not one of neckCircle")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  props: [anchor]", 13, "there is no prop 'anchor'")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  view: [700, 7]", 13, "360 at most")]
    [InlineData("cautions: [Slowly]", "cautions: [Slowly]\n  when: { knee: easier }", 13, "'when' is not a field here")]
    [InlineData("in: [stand]", "in: [stand, stand]", 4, "names a position twice")]
    [InlineData("breath: out,", "breath: out, share: 1e9,", 9, "share: '1e9' is not a number from 0.05 to 4")]
    [InlineData("breath: out,", "breath: out, counts: -1,", 9, "counts: '-1' is not a number from 0.25 to 60")]
    [InlineData("breath: out,", "breath: out, armsBy: 4e9,", 9, "armsBy: '4e9' is not a number from -180 to 180")]
    [InlineData("breath: out,", "breath: out, detour: { right.knee: 90 },", 9, "right.knee goes from -60 to 60")]
    [InlineData("breath: out,", "breath: out, detour: { right.fin: 10 },", 9, "there is no such axis")]
    [InlineData("breath: out,", "breath: out, signs: { wave: [crown] },", 9, "'wave' is not one of attend")]
    [InlineData("breath: out,", "breath: out, signs: { gaze: [right.fin] },", 9, "there is no landmark 'right.fin'")]
    [InlineData("breath: out,", "breath: out, opens: [Two words],", 9, "'Two words' is not a word")]
    public void A_mistake_is_told(string right, string wrong, int line, string reason)
    {
        var text = Move.Replace(right, wrong, StringComparison.Ordinal);
        var error = Assert.Throws<CatalogueException>(() => Read(text));
        Assert.Contains(
            error.Problems,
            p => p.File == "moves/a.yaml" && p.Line == line && p.Reason.Contains(reason, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void The_same_id_twice_is_a_mistake() =>
        Assert.Contains(
            "'nod' is there twice",
            Assert.Throws<CatalogueException>(() => Read(Move + "\n" + Move)).Message,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_contact_that_cannot_be_reached_is_a_mistake()
    {
        var error = Assert.Throws<CatalogueException>(() =>
            Read(
                Move.Replace(
                    "shape: { neck.flexion: 20 }",
                    "shape: { shoulder.elevation: 90 }, contacts: { right.fist: floor }",
                    StringComparison.Ordinal
                )
            )
        );
        Assert.Contains("cm off", error.Message, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("[", "", 49_000)]
    [InlineData("{ a: ", "}", 200)]
    [InlineData("- ", "", 200)]
    public void A_text_far_too_deep_is_refused_before_it_is_loaded(string open, string close, int times)
    {
        var deep = string.Concat(Enumerable.Repeat(open, times)) + "1" + string.Concat(Enumerable.Repeat(close, times));
        Assert.Contains("20 deep", Assert.Throws<CatalogueException>(() => Read(deep)).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Brackets_in_words_are_no_depth() =>
        Assert.Single(
            Read(Move.Replace("first: Nod slowly", $"first: \"Nod slowly :{new string('[', 10)}\"", StringComparison.Ordinal)).Moves
        );

    [Fact]
    public void A_file_far_too_long_is_refused_before_it_is_parsed() =>
        Assert.Contains(
            "longer than",
            Assert.Throws<CatalogueException>(() => Read(Move + new string(' ', 2_100_000))).Message,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_folder_that_is_not_there_is_told() =>
        Assert.Contains(
            "no such folder",
            Assert.Throws<CatalogueException>(() => CatalogueReader.ReadFolder("/nowhere/at/all")).Message,
            StringComparison.Ordinal
        );

    private static Core.Catalogue.MoveCatalogue Read(string moves) =>
        CatalogueReader.Read([new("positions.yaml", Position), new("moves/a.yaml", moves)]);
}
