using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using AmpleTide.Core.Tests.Scoring;
using AmpleTide.Formats;
using FsCheck.Xunit;
using Json.Schema;

namespace AmpleTide.Core.Tests.Formats;

/// <summary>Class files: what is read is written, what is wrong is told with a pointer, and the published schema agrees.</summary>
public class TideFiles
{
    private static readonly Lazy<JsonSchema> Schema = new(() =>
        JsonSchema.FromText(File.ReadAllText(Path.Combine(Shipped.Folder, "schema", "class.schema.json")))
    );

    [Property(MaxTest = 60)]
    public void Writing_and_reading_gives_the_same_bytes(int seed)
    {
        var written = TideWriter.Write(ScoreLaws.AnyClass(seed));
        Assert.Equal(written, TideWriter.Write(Shipped.Parse(Encoding.UTF8.GetString(written))));
        Assert.True(IsValid(Encoding.UTF8.GetString(written)));
    }

    [Theory]
    [MemberData(nameof(Demos))]
    public void A_demo_class_comes_back_whole(string name)
    {
        var text = File.ReadAllText(Path.Combine(Shipped.Folder, "demo", name + ".tide.json"));
        Assert.True(IsValid(text));
        var (before, after) = (JsonNode.Parse(text)!, JsonNode.Parse(TideWriter.Write(Shipped.Parse(text)))!);
        AssertWithin(before, after, "");
    }

    public static TheoryData<string> Demos => [.. Shipped.DemoNames];

    [Fact]
    public void Unknown_fields_survive_at_every_level()
    {
        const string text = """
            { "title": "x", "minutes": 5, "weather": {"wind": 4}, "series": {"id": "s", "number": 3}, "moves": [{"id": "own", "yaml": "- id: own", "tide": 3}],
              "theme": { "areas": ["neck"], "mood": "calm" }, "group": { "size": 2, "dogs": 1 }, "place": { "tide": "low" },
              "breath": { "humming": true }, "off": [{ "rule": "time", "lines": [], "reason": "r", "by": "me" }],
              "sections": [ { "name": "A", "colour": "red", "breath": { "resting": [4, 0, 6, 0], "sigh": 2 }, "items": [
                { "move": "cat-cow", "glow": [1, 2], "breath": { "moving": [4, 0, 5, 0], "hum": 1 }, "props": [ { "id": "block", "colour": "blue" } ] },
                { "mark": 1, "set": { "rounds": 2, "hue": 5, "items": [ { "move": "mountain", "x": null } ] } } ] } ] }
            """;
        var written = JsonNode.Parse(TideWriter.Write(Shipped.Parse(text)))!;
        AssertWithin(JsonNode.Parse(text)!, written, "");
    }

    [Fact]
    public void What_was_lost_on_the_way_is_seen() =>
        Assert.Throws<Xunit.Sdk.TrueException>(() =>
            AssertWithin(JsonNode.Parse("""{ "a": { "b": 7 } }"""), JsonNode.Parse("""{ "a": {} }"""), "")
        );

    [Fact]
    public void Missing_ids_come_from_the_place()
    {
        var plan = Shipped.Parse(
            """
            { "title": "x", "minutes": 5, "sections": [ { "items": [ { "move": "a" } ] }, { "items": [ { "move": "b" }, { "set": {
              "items": [ { "move": "c" } ] } } ] } ] }
            """
        );
        Assert.Equal(["s1.i1", "s2.i1", "s2.i2.i1"], plan.Lines.Select(l => l.Id));
        Assert.Equal("s2.i2", plan.Sections[1].Items[1].Id);
    }

    // what replaces the line, where the mistake is, what is said; the schema must refuse the same
    public static TheoryData<string, string, string> Mistakes =>
        new()
        {
            { """{ "move": "cat-cow", "breaths": -3 }""", "/sections/0/items/0/breaths", "a whole number from 1 to 200" },
            { """{ "move": "cat-cow", "breaths": 1000000000 }""", "/sections/0/items/0/breaths", "a whole number from 1 to 200" },
            { """{ "move": "cat-cow", "breaths": 2.5 }""", "/sections/0/items/0/breaths", "a whole number" },
            { """{ "move": "cat-cow", "breaths": "three" }""", "/sections/0/items/0/breaths", "a whole number" },
            { """{ "move": "cat-cow", "seconds": 0 }""", "/sections/0/items/0/seconds", "from 1 to 3600" },
            { """{ "move": "cat-cow", "breaths": 3, "rounds": 3 }""", "/sections/0/items/0/rounds", "one dose; breaths is there already" },
            { """{ "move": "cat-cow", "sides": "both" }""", "/sections/0/items/0/sides", "one of none, alternate" },
            { """{ "move": 7 }""", "/sections/0/items/0/move", "a text is needed" },
            { """{ "note": "no move" }""", "/sections/0/items/0/move", "is missing" },
            { """[ "cat-cow" ]""", "/sections/0/items/0", "an object is needed" },
            { """{ "move": "cat-cow", "locked": "yes" }""", "/sections/0/items/0/locked", "true or false" },
            {
                """{ "move": "cat-cow", "breath": { "secondsPerCount": 0 } }""",
                "/sections/0/items/0/breath/secondsPerCount",
                "from 0.2 to 5"
            },
            { """{ "move": "cat-cow", "breath": { "moving": [4, 0, 5] } }""", "/sections/0/items/0/breath/moving", "four counts" },
            { """{ "move": "cat-cow", "breath": { "moving": [0, 0, 5, 0] } }""", "/sections/0/items/0/breath/moving", "four counts" },
            { """{ "set": { "rounds": 0, "items": [ { "move": "cat-cow" } ] } }""", "/sections/0/items/0/set/rounds", "from 1 to 20" },
            {
                """{ "set": { "rounds": ["up"], "items": [ { "move": "cat-cow" } ] } }""",
                "/sections/0/items/0/set/rounds/0",
                "one of right, left"
            },
            { """{ "set": { "rounds": 2, "items": [] } }""", "/sections/0/items/0/set/items", "at least one line" },
            { """{ "move": "cat-cow", "pauseAfter": 99 }""", "/sections/0/items/0/pauseAfter", "from 0 to 30" },
        };

    [Theory]
    [MemberData(nameof(Mistakes))]
    public void A_mistake_is_told_with_a_pointer(string line, string pointer, string detail)
    {
        var text = $$"""{ "title": "x", "minutes": 5, "sections": [ { "items": [ {{line}} ] } ] }""";
        var problems = Assert.Throws<TideFileException>(() => Shipped.Parse(text)).Problems;
        Assert.Contains(problems, p => p.Pointer == pointer && p.Detail.Contains(detail, StringComparison.Ordinal));
        Assert.False(IsValid(text), "the schema lets it pass");
    }

    [Theory]
    [InlineData("""{ "minutes": 5, "sections": [] }""", "/title")]
    [InlineData("""{ "title": "x", "sections": [] }""", "/minutes")]
    [InlineData("""{ "title": "x", "minutes": 5 }""", "/sections")]
    [InlineData("""{ "title": "x", "minutes": 0, "sections": [] }""", "/minutes")]
    [InlineData("""{ "title": "x", "minutes": 5, "version": 2, "sections": [] }""", "/version")]
    [InlineData("""{ "title": "x", "minutes": 5, "format": "other", "sections": [] }""", "/format")]
    [InlineData("""{ "title": "x", "minutes": 5, "theme": { "areas": ["soul"] }, "sections": [] }""", "/theme/areas/0")]
    [InlineData("""{ "title": "x", "minutes": 5, "group": { "conditions": { "knee": -1 } }, "sections": [] }""", "/group/conditions/knee")]
    [InlineData("""{ "title": "x", "minutes": 5, "off": [ { "rule": "time" } ], "sections": [] }""", "/off/0/reason")]
    [InlineData("""{ "title": "x", "minutes": 5, "id": "a/b", "sections": [] }""", "/id")]
    [InlineData("""{ "title": "x", "minutes": 5, "id": "..", "sections": [] }""", "/id")]
    [InlineData("""{ "title": "x", "minutes": 5, "id": "a\u0000", "sections": [] }""", "/id")]
    [InlineData("[]", "")]
    public void A_mistake_in_the_head_is_told(string text, string pointer)
    {
        Assert.Contains(Assert.Throws<TideFileException>(() => Shipped.Parse(text)).Problems, p => p.Pointer == pointer);
        Assert.False(IsValid(text), "the schema lets it pass");
    }

    [Fact]
    public void The_same_id_twice_and_too_many_lines_are_told()
    {
        var twice = Assert.Throws<TideFileException>(() =>
            Shipped.Class("{ \"id\": \"a\", \"move\": \"cat-cow\" }, { \"id\": \"a\", \"move\": \"cat-cow\" }")
        );
        Assert.Contains(twice.Problems, p => p.Pointer == "/sections/0/items/1/id");
        var many = Assert.Throws<TideFileException>(() =>
            Shipped.Class(string.Join(',', Enumerable.Repeat("{ \"move\": \"cat-cow\" }", 5000)))
        );
        Assert.Contains(many.Problems, p => p.Pointer == "/sections/0/items" && p.Detail.Contains("5000", StringComparison.Ordinal));
    }

    private static bool IsValid(string text)
    {
        using var document = JsonDocument.Parse(text);
        return Schema.Value.Evaluate(document.RootElement).IsValid;
    }

    // Everything in one is in the other; only what says nothing may have gone.
    private static void AssertWithin(JsonNode? part, JsonNode? whole, string pointer)
    {
        switch (part)
        {
            case JsonObject fields:
                foreach (var (name, value) in fields)
                    if (!SaysNothing(value))
                        AssertWithin(value, whole?[name], $"{pointer}/{name}");
                break;
            case JsonArray list:
                Assert.True(
                    whole is JsonArray other && other.Count == list.Count,
                    $"{pointer} was {list.ToJsonString()} and became {whole?.ToJsonString()}"
                );
                for (var i = 0; i < list.Count; i++)
                    AssertWithin(list[i], whole![i], $"{pointer}/{i}");
                break;
            default:
                Assert.True(JsonNode.DeepEquals(part, whole), $"{pointer} was {part?.ToJsonString()} and became {whole?.ToJsonString()}");
                break;
        }
    }

    private static bool SaysNothing(JsonNode? value) =>
        value is null or JsonArray { Count: 0 } or JsonObject { Count: 0 } || value.ToJsonString() is "\"\"" or "false" or "0";
}
