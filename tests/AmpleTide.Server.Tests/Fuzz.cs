using System.Globalization;
using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;

namespace AmpleTide.Server.Tests;

/// <summary>
/// Whole classes with something wrong in their meaning: values of another kind, far too large or too small, names nobody knows, parts taken
/// out, doubled or put elsewhere. Whatever comes, the answer is a score or a problem that names the field, and never a fault of the server.
/// </summary>
public class Fuzz(RunningServer server) : IClassFixture<RunningServer>
{
    private const int Classes = 1500;
    private const int OwnMoves = 300;

    private static readonly JsonNode Plan = JsonNode.Parse(
        File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", "low-water-shoulders.tide.json"))
    )!;

    private const string Move = """
        - id: fuzzed
          name: Fuzzed
          kind: hold
          in: [seated-cross]
          sides: one-sided
          right: the way the head leans
          dose: { breaths: [2, 3, 6] }
          beatSeconds: 1
          effort: 2.3
          school: { neckCircle: half }
          talk: { first: "Now the {right} one", second: And again }
          phases:
            - { breath: out, share: 1, shape: { neck.side: 20 }, cue: { long: Let it sink, short: Sinks } }
            - { breath: stay, work: passive, cue: { long: Stay, short: Stay } }
          options: { easier: { cue: Less, shape: { neck.side: 10 } } }
          cautions: [Slowly]
          props: [cushion]
          view: [20, 7]
        """;

    private static readonly Gen<JsonNode?> AnyValue = Gen.OneOf(
        Gen.Elements(-1.0, 0, 1, 2.5, 20, 201, 1e9, 1e300, double.Epsilon).Select(n => (JsonNode?)JsonValue.Create(n)),
        Gen.Elements(
                "",
                "none",
                "right",
                "left-right",
                "cat-cow",
                "moon-walk",
                "seated-cross",
                "prone",
                "warm",
                "easier",
                "null",
                "1",
                "{right}",
                "\u0000",
                new string('x', 3000)
            )
            .Select(t => (JsonNode?)JsonValue.Create(t)),
        Gen.Elements<JsonNode?>(null, JsonValue.Create(true), JsonValue.Create(false)),
        Gen.Fresh<JsonNode?>(() => new JsonArray()),
        Gen.Fresh<JsonNode?>(() => new JsonObject()),
        Gen.Fresh<JsonNode?>(() => new JsonArray("right", "left")),
        Gen.Fresh<JsonNode?>(() => JsonNode.Parse("""{ "set": { "rounds": 3, "items": [ { "move": "cat-cow" } ] } }"""))
    );

    [Fact]
    public async Task A_class_with_something_wrong_in_its_meaning_is_answered_or_told()
    {
        var seen = new HashSet<int>();
        foreach (var plan in Changed.Sample(Classes, 30))
        {
            var response = await server.Send(HttpMethod.Post, "/api/score?events=false", plan.ToJsonString());
            var text = await response.Content.ReadAsStringAsync();
            Assert.True((int)response.StatusCode is 200 or 422, $"{(int)response.StatusCode} for {plan.ToJsonString()}: {text}");
            seen.Add((int)response.StatusCode);
            if ((int)response.StatusCode == 200)
                Assert.True(JsonNode.Parse(text)!["totalMs"]!.GetValue<long>() is >= 0 and <= 6 * 3_600_000);
            else
                Assert.NotEmpty(JsonNode.Parse(text)!["errors"]!.AsArray());
        }
        Assert.Equal(2, seen.Count);
    }

    [Fact]
    public async Task A_move_with_something_wrong_in_its_meaning_is_placed_or_told()
    {
        var values = Gen.Elements(
            "-1",
            "0",
            "5000000",
            "1e300",
            "quarter",
            "[]",
            "{}",
            "{ 7: [1, 2, 3] }",
            "[1, 2, 3]",
            "[seated-cross, seated-cross]",
            "null",
            "true",
            "\"\"",
            "[[[]]]"
        );
        var changes = from line in Gen.Choose(1, Move.Split('\n').Length - 1) from value in values select (line, value);
        foreach (var (line, value) in changes.Sample(OwnMoves, 10))
        {
            var lines = Move.Split('\n');
            var colon = lines[line].IndexOf(':', StringComparison.Ordinal);
            if (colon < 0 || lines[line].TrimStart().StartsWith("- {", StringComparison.Ordinal))
                continue;
            lines[line] = $"{lines[line][..colon]}: {value}";
            var yaml = string.Join('\n', lines);
            var response = await server.Send(HttpMethod.Post, "/api/moves/preview", new JsonObject { ["yaml"] = yaml }.ToJsonString());
            Assert.True((int)response.StatusCode is 200 or 422, $"{(int)response.StatusCode} for {yaml}");
        }
    }

    // The class with one to four changes.
    private static Gen<JsonNode> Changed =>
        from changes in Gen.Choose(1, 4)
        from steps in (
            from place in Gen.Choose(0, int.MaxValue - 1)
            from what in Gen.Choose(0, 4)
            from value in AnyValue
            select (place, what, value)
        ).ListOf(changes)
        select steps.Aggregate(Plan.DeepClone(), (plan, step) => Change(plan, step.place, step.what, step.value?.DeepClone()));

    private static JsonNode Change(JsonNode plan, int place, int what, JsonNode? value)
    {
        var places = Places(plan).ToList();
        if (places.Count == 0)
            return plan;
        var (parent, name) = places[place % places.Count];
        switch (parent)
        {
            case JsonObject fields when what == 0:
                fields.Remove(name);
                break;
            case JsonObject fields when what == 1:
                fields[$"{name}x"] = value;
                break;
            case JsonObject fields:
                fields[name] = value;
                break;
            case JsonArray list when what == 0:
                list.RemoveAt(int.Parse(name, CultureInfo.InvariantCulture));
                break;
            case JsonArray list when what == 1:
                list.Add(list[int.Parse(name, CultureInfo.InvariantCulture)]?.DeepClone());
                break;
            case JsonArray list:
                list[int.Parse(name, CultureInfo.InvariantCulture)] = value;
                break;
            default:
                break;
        }
        return plan;
    }

    private static IEnumerable<(JsonNode Parent, string Name)> Places(JsonNode? node) =>
        node switch
        {
            JsonObject fields => fields.SelectMany(f => Places(f.Value).Prepend((fields, f.Key))),
            JsonArray list => list.SelectMany((item, i) => Places(item).Prepend((list, i.ToString(CultureInfo.InvariantCulture)))),
            _ => [],
        };
}
