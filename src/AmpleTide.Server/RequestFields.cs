using System.Text.Json;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;

namespace AmpleTide.Server;

/// <summary>The fields of a request's object, and what is wrong with them.</summary>
internal sealed class RequestFields(JsonElement root)
{
    private const double MostNumber = 1e6;

    private readonly List<Problem> problems = [];

    /// <summary>An object.</summary>
    public JsonElement Object(string name) => Field(name, JsonValueKind.Object, "an object");

    /// <summary>A text.</summary>
    public string Text(string name) =>
        Field(name, JsonValueKind.String, "a text") is { ValueKind: JsonValueKind.String } text ? text.GetString()! : "";

    /// <summary>A text of at most so many characters, or null where it is left out.</summary>
    public string? OptionalText(string name, int most)
    {
        if (!Has(name))
            return null;
        var text = Text(name);
        if (text.Length > most)
            Wrong(name, $"has {text.Length} characters, {most} at most");
        return text;
    }

    /// <summary>True or false.</summary>
    public bool Flag(string name)
    {
        if (
            root.ValueKind == JsonValueKind.Object
            && root.TryGetProperty(name, out var field)
            && field.ValueKind is JsonValueKind.True or JsonValueKind.False
        )
            return field.GetBoolean();
        Wrong(name, "true or false is needed");
        return false;
    }

    /// <summary>True or false; false where it is left out.</summary>
    public bool OptionalFlag(string name) => Has(name) && Flag(name);

    /// <summary>An object, which outlives the request, or null where it is left out.</summary>
    public JsonElement? OptionalObject(string name) =>
        Has(name) && Object(name) is { ValueKind: JsonValueKind.Object } found ? found.Clone() : null;

    /// <summary>A whole number from least to most.</summary>
    public int Number(string name, int least, int most)
    {
        var number = Field(name, JsonValueKind.Number, $"a whole number from {least} to {most}");
        if (number.ValueKind != JsonValueKind.Number)
            return 0;
        if (number.TryGetInt32(out var value) && value >= least && value <= most)
            return value;
        Wrong(name, $"a whole number from {least} to {most} is needed");
        return 0;
    }

    /// <summary>One of some words, or null where it is left out.</summary>
    public string? OptionalWord(string name, params string[] words)
    {
        if (!Has(name))
            return null;
        var word = Text(name);
        if (word.Length > 0 && !words.Contains(word))
            Wrong(name, $"is not one of {string.Join(", ", words)}");
        return word;
    }

    /// <summary>A length of time in whole milliseconds, or null where it is left out.</summary>
    public TimeSpan? OptionalTime(string name) => Has(name) ? Time(name, root.GetProperty(name)) : null;

    /// <summary>Lengths of time by name; none where they are left out.</summary>
    public IReadOnlyDictionary<string, TimeSpan> OptionalTimes(string name)
    {
        var times = new Dictionary<string, TimeSpan>();
        if (!Has(name) || Object(name) is not { ValueKind: JsonValueKind.Object } fields)
            return times;
        foreach (var field in fields.EnumerateObject())
            if (Time($"{name}/{field.Name}", field.Value) is { } time)
                times[field.Name] = time;
        return times;
    }

    private TimeSpan? Time(string name, JsonElement value)
    {
        if (
            value.ValueKind == JsonValueKind.Number
            && value.TryGetInt64(out var ms)
            && ms > 0
            && ms <= ClassLimits.Longest.TotalMilliseconds
        )
            return TimeSpan.FromMilliseconds(ms);
        Wrong(name, $"milliseconds are needed, more than 0 and at most {ClassLimits.Longest.TotalMilliseconds}");
        return null;
    }

    private bool Has(string name) =>
        root.ValueKind == JsonValueKind.Object && root.TryGetProperty(name, out var field) && field.ValueKind != JsonValueKind.Null;

    /// <summary>A list of texts.</summary>
    public IReadOnlyList<string> Texts(string name) =>
        Field(name, JsonValueKind.Array, "a list") is { ValueKind: JsonValueKind.Array } list
            ? [.. list.EnumerateArray().Select(t => t.ValueKind == JsonValueKind.String ? t.GetString()! : "")]
            : [];

    /// <summary>A list of texts, or null where it is left out.</summary>
    public IReadOnlyList<string>? OptionalTexts(string name) => Has(name) ? Texts(name) : null;

    /// <summary>A list of exactly so many numbers.</summary>
    public double[] Numbers(string name, int count)
    {
        var list = Field(name, JsonValueKind.Array, $"a list of {count} numbers");
        var numbers =
            list.ValueKind == JsonValueKind.Array
                ? list.EnumerateArray()
                    .Select(n =>
                        n.ValueKind == JsonValueKind.Number && n.TryGetDouble(out var number) && Math.Abs(number) < MostNumber
                            ? number
                            : double.NaN
                    )
                    .ToArray()
                : [];
        if (list.ValueKind == JsonValueKind.Array && (numbers.Length != count || numbers.Any(double.IsNaN)))
            Wrong(name, $"a list of {count} numbers is needed");
        return numbers;
    }

    /// <summary>Notes something wrong with a field.</summary>
    public void Wrong(string name, string detail) => problems.Add(new("/" + name, detail));

    /// <summary>Ends the request if something is wrong so far.</summary>
    /// <exception cref="UnusableException">Something is.</exception>
    public void Check()
    {
        if (problems.Count > 0)
            throw new UnusableException("The request cannot be used.", problems);
    }

    private JsonElement Field(string name, JsonValueKind kind, string needed)
    {
        if (root.ValueKind == JsonValueKind.Object && root.TryGetProperty(name, out var field) && field.ValueKind == kind)
            return field;
        Wrong(name, $"{needed} is needed");
        return default;
    }
}
