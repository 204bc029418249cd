using System.Globalization;
using System.Text.Json;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

/// <summary>
/// Reads JSON values of a known shape, and notes what is wrong with a pointer to it. A wrong value stands in with a default.
/// </summary>
internal sealed class JsonFields
{
    private const int MostProblems = 50;

    // Names and places in lists; a place is kept as its number and written out only when something is wrong.
    private readonly List<(string? Name, int Index)> path = [];
    private readonly List<Problem> problems = [];

    /// <summary>Reads one field; false when the name is not known.</summary>
    public delegate bool FieldReader(string name, JsonElement value);

    /// <summary>Everything that is wrong so far.</summary>
    public IReadOnlyList<Problem> Problems => problems;

    /// <summary>The place in the list that is being read.</summary>
    public int Index { get; private set; }

    /// <summary>Notes something wrong at a field of the object being read, or at the value itself.</summary>
    public void Wrong(string? field, string detail)
    {
        if (problems.Count < MostProblems)
            problems.Add(new(Pointer(field), detail));
    }

    /// <summary>Whether something is wrong at a field of the object being read.</summary>
    public bool HasProblemAt(string field) => problems.Count > 0 && problems.Exists(p => p.Pointer == Pointer(field));

    /// <summary>Reads the fields of an object.</summary>
    /// <returns>The fields whose names are not known.</returns>
    public PreservedFields Object(JsonElement element, FieldReader read)
    {
        if (element.ValueKind != JsonValueKind.Object)
        {
            Wrong(null, "an object is needed");
            return PreservedFields.None;
        }
        List<KeyValuePair<string, object>>? unknown = null;
        foreach (var field in element.EnumerateObject())
        {
            var name = field.Name;
            path.Add((name, 0));
            if (!read(name, field.Value))
                (unknown ??= []).Add(new(name, field.Value.Clone()));
            path.RemoveAt(path.Count - 1);
        }
        return unknown is null ? PreservedFields.None : new(unknown);
    }

    /// <summary>Reads a list.</summary>
    public IReadOnlyList<T> List<T>(JsonElement element, int most, Func<JsonElement, T> read)
    {
        if (element.ValueKind != JsonValueKind.Array)
        {
            Wrong(null, "a list is needed");
            return [];
        }
        var length = element.GetArrayLength();
        if (length > most)
        {
            Wrong(null, $"has {length} entries, {most} at most");
            return [];
        }
        var list = new List<T>(length);
        foreach (var entry in element.EnumerateArray())
        {
            path.Add((null, list.Count));
            Index = list.Count;
            list.Add(read(entry));
            path.RemoveAt(path.Count - 1);
        }
        return list;
    }

    /// <summary>Reads an object whose names are the author's.</summary>
    public IReadOnlyDictionary<string, T> Map<T>(JsonElement element, Func<JsonElement, T> read)
    {
        var map = new Dictionary<string, T>();
        Object(
            element,
            (name, value) =>
            {
                if (name.Length > 80)
                    Wrong(null, "the name is longer than 80 characters");
                map[name] = read(value);
                return true;
            }
        );
        return map;
    }

    /// <summary>Reads a text.</summary>
    public string Text(JsonElement element, int most)
    {
        if (element.ValueKind != JsonValueKind.String)
        {
            Wrong(null, "a text is needed");
            return "";
        }
        var text = element.GetString()!;
        if (text.Length <= most)
            return text;
        Wrong(null, $"has {text.Length} characters, {most} at most");
        return "";
    }

    /// <summary>Reads a text or null.</summary>
    public string? OptionalText(JsonElement element, int most) => element.ValueKind == JsonValueKind.Null ? null : Text(element, most);

    /// <summary>Reads a number.</summary>
    public double Number(JsonElement element, double least, double most, bool whole = false)
    {
        if (
            element.ValueKind == JsonValueKind.Number
            && element.TryGetDouble(out var number)
            && number >= least
            && number <= most
            && (!whole || number == Math.Floor(number))
        )
            return number;
        Wrong(null, string.Create(CultureInfo.InvariantCulture, $"a {(whole ? "whole " : "")}number from {least} to {most} is needed"));
        return least;
    }

    /// <summary>Reads true or false.</summary>
    public bool Flag(JsonElement element)
    {
        if (element.ValueKind is JsonValueKind.True or JsonValueKind.False)
            return element.ValueKind == JsonValueKind.True;
        Wrong(null, "true or false is needed");
        return false;
    }

    /// <summary>Reads one of a few words.</summary>
    public string Word(JsonElement element, params ReadOnlySpan<string> words)
    {
        if (element.ValueKind == JsonValueKind.String && words.Contains(element.GetString()!))
            return element.GetString()!;
        Wrong(null, $"one of {string.Join(", ", words.ToArray())} is needed");
        return words[0];
    }

    /// <summary>Reads the name of an enum, in lower case.</summary>
    public T Enum<T>(JsonElement element)
        where T : struct, Enum
    {
        if (
            element.ValueKind == JsonValueKind.String
            && System.Enum.TryParse<T>(element.GetString(), true, out var value)
            && element.GetString()!.All(char.IsAsciiLetterLower)
        )
            return value;
        Wrong(null, $"one of {string.Join(", ", System.Enum.GetNames<T>()).ToLowerInvariant()} is needed");
        return default;
    }

    /// <summary>Reads a name that stands for something.</summary>
    public T Named<T>(JsonElement element, Func<string, T?> find, IEnumerable<string> names)
        where T : class => (element.ValueKind == JsonValueKind.String ? find(element.GetString()!) : null) ?? Unnamed<T>(names, find);

    /// <summary>Reads a name that stands for something.</summary>
    public T Named<T>(JsonElement element, Func<string, T?> find, IEnumerable<string> names)
        where T : struct
    {
        if (element.ValueKind == JsonValueKind.String && find(element.GetString()!) is { } found)
            return found;
        Wrong(null, $"one of {string.Join(", ", names)} is needed");
        return default;
    }

    private T Unnamed<T>(IEnumerable<string> names, Func<string, T?> find)
        where T : class
    {
        Wrong(null, $"one of {string.Join(", ", names)} is needed");
        return find(names.First())!;
    }

    private string Pointer(string? field)
    {
        var parts = path.Select(p => p.Name ?? p.Index.ToString(CultureInfo.InvariantCulture));
        return string.Concat(
            (field is null ? parts : parts.Append(field)).Select(p =>
                "/" + p.Replace("~", "~0", StringComparison.Ordinal).Replace("/", "~1", StringComparison.Ordinal)
            )
        );
    }
}
