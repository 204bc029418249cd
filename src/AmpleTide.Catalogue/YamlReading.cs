using System.Globalization;
using YamlDotNet.Core;
using YamlDotNet.RepresentationModel;

namespace AmpleTide.Catalogue;

/// <summary>Something wrong in a catalogue file.</summary>
/// <param name="File">The file, as named to the reader.</param>
/// <param name="Line">The line, from 1.</param>
/// <param name="Reason">What is wrong, naming the field.</param>
public sealed record CatalogueProblem(string File, int Line, string Reason)
{
    /// <inheritdoc/>
    public override string ToString() => $"{File}:{Line}: {Reason}";
}

/// <summary>The catalogue could not be read; says where and why.</summary>
public sealed class CatalogueException(IReadOnlyList<CatalogueProblem> problems)
    : Exception(string.Join(Environment.NewLine, problems.Take(20)))
{
    /// <summary>Everything that is wrong.</summary>
    public IReadOnlyList<CatalogueProblem> Problems { get; } = problems;
}

/// <summary>One catalogue file: its entries, and the problems found in it so far.</summary>
/// <param name="name">What messages call it.</param>
/// <param name="text">What it holds.</param>
public sealed class CatalogueFile(string name, string text)
{
    private readonly List<CatalogueProblem> problems = [];

    /// <summary>What messages call it.</summary>
    public string Name => name;

    /// <summary>How many characters it has.</summary>
    public int Length => text.Length;

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<CatalogueProblem> Problems => problems;

    /// <summary>The entries of the list the file holds; none before it is parsed, or where it cannot be.</summary>
    public IReadOnlyList<Entry> Entries { get; private set; } = [];

    /// <summary>Parses the text. A text that is no list of entries is a problem.</summary>
    public void Parse()
    {
        if (LimitedParser.Refused(text) is { } refused)
        {
            Wrong(refused.Line, refused.Reason);
            return;
        }
        var parser = new LimitedParser(text);
        try
        {
            var stream = new YamlStream();
            stream.Load(parser);
            if (stream.Documents.Count == 0)
                return;
            if (stream.Documents[0].RootNode is YamlSequenceNode list)
                Entries = [.. list.Children.Select((node, i) => new Entry(this, node, $"entry {i + 1}"))];
            else
                Wrong(1, "a list of entries is needed, each beginning with '- id:'");
        }
        catch (LimitException error)
        {
            Wrong(error.Line, error.Message);
        }
        catch (YamlException error)
        {
            Wrong((int)error.Start.Line, $"not valid YAML: {error.Message}");
        }
        catch (InvalidOperationException)
        {
            // The parser trips over some broken texts without a place of its own; what it read last is where it stands.
            Wrong((int)(parser.Current?.End.Line ?? 1), "not valid YAML from here on");
        }
    }

    internal void Wrong(int line, string reason) => problems.Add(new(name, line, reason));
}

/// <summary>
/// One mapping of a catalogue file, read field by field. A wrong field is noted with its line and stands in with a default,
/// so that one pass finds every mistake; fields nobody asked for are mistakes too.
/// </summary>
public sealed class Entry
{
    private readonly CatalogueFile file;
    private readonly YamlMappingNode? map;
    private readonly HashSet<string> asked = [];

    internal Entry(CatalogueFile file, YamlNode node, string called, YamlNode? place = null)
    {
        this.file = file;
        Line = (int)(place ?? node).Start.Line;
        Called = called;
        map = node as YamlMappingNode;
        if (map is null)
            file.Wrong(Line, $"{called}: fields are needed here");
    }

    /// <summary>Its line.</summary>
    public int Line { get; }

    /// <summary>How messages call it.</summary>
    public string Called { get; set; }

    /// <summary>Whether the field is there.</summary>
    public bool Has(string field) => Node(field) is not null;

    /// <summary>Whether the field holds fields of its own.</summary>
    public bool IsMap(string field) => Node(field) is YamlMappingNode;

    /// <summary>Notes something wrong with a field.</summary>
    public void Wrong(string field, string reason) => file.Wrong((int)(Node(field)?.Start.Line ?? Line), $"{Called}: {field}: {reason}");

    /// <summary>A text that must be there.</summary>
    public string Text(string field)
    {
        if (OptionalText(field) is { Length: > 0 } text)
            return text;
        Wrong(field, "is missing");
        return "";
    }

    /// <summary>A text, or null.</summary>
    public string? OptionalText(string field)
    {
        if (Node(field) is not { } node)
            return null;
        if (node is YamlScalarNode scalar)
            return scalar.Value;
        Wrong(field, "a text is needed");
        return null;
    }

    /// <summary>A number within bounds, or the default.</summary>
    public double Number(string field, double otherwise, double least, double most) => OptionalNumber(field, least, most) ?? otherwise;

    /// <summary>A number within bounds, or null.</summary>
    public double? OptionalNumber(string field, double least, double most)
    {
        if (OptionalText(field) is not { } text)
            return null;
        if (double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) && number >= least && number <= most)
            return number;
        Wrong(field, string.Create(CultureInfo.InvariantCulture, $"'{text}' is not a number from {least} to {most}"));
        return null;
    }

    /// <summary>Yes or no; no when missing.</summary>
    public bool Flag(string field)
    {
        var text = OptionalText(field);
        if (text is null or "false")
            return false;
        if (text == "true")
            return true;
        Wrong(field, "true or false is needed");
        return false;
    }

    /// <summary>One of the words of an enum, written in lower case with hyphens, or the default.</summary>
    public T Word<T>(string field, T? otherwise = null)
        where T : struct, Enum
    {
        if (OptionalText(field) is not { } text)
        {
            if (otherwise is null)
                Wrong(field, "is missing");
            return otherwise ?? default;
        }
        return WordOf<T>(field, text) ?? otherwise ?? default;
    }

    /// <summary>A list of words of an enum; empty when missing.</summary>
    public IReadOnlyList<T> EachWord<T>(string field)
        where T : struct, Enum => [.. Texts(field).Select(text => WordOf<T>(field, text)).OfType<T>()];

    private T? WordOf<T>(string field, string text)
        where T : struct, Enum
    {
        if (Enum.TryParse<T>(text.Replace("-", "", StringComparison.Ordinal), true, out var word) && !int.TryParse(text, out _))
            return word;
        Wrong(field, $"'{text}' is not one of {string.Join(", ", Enum.GetNames<T>().Select(Hyphenated))}");
        return null;
    }

    /// <summary>A list of texts; empty when missing; a lone text is a list of one.</summary>
    public IReadOnlyList<string> Texts(string field) =>
        Node(field) switch
        {
            null => [],
            YamlScalarNode scalar => [scalar.Value ?? ""],
            YamlSequenceNode list when list.Children.Any(child => child is not YamlScalarNode) => None<string>(
                field,
                "texts are needed; one with a colon in it stands in quotes"
            ),
            YamlSequenceNode list => [.. list.Children.Select(child => ((YamlScalarNode)child).Value ?? "")],
            _ => None<string>(field, "a list is needed"),
        };

    /// <summary>A list of entries, where a lone text stands for an entry with one field; empty when missing.</summary>
    /// <param name="field">The list.</param>
    /// <param name="shorthand">The field that such a text is.</param>
    public IReadOnlyList<Entry> TextsOrEntries(string field, string shorthand)
    {
        var children = Node(field) switch
        {
            null => [],
            YamlSequenceNode list => list.Children,
            var one => [one],
        };
        return
        [
            .. children.Select(
                (child, i) =>
                    new Entry(
                        file,
                        child is YamlScalarNode ? new YamlMappingNode(new YamlScalarNode(shorthand), child) : child,
                        $"{Called}: {field} {i + 1}",
                        // A pair within a list has no place of its own; its key has.
                        child is YamlMappingNode { Children.Count: > 0 } pair
                            ? pair.Children.First().Key
                            : child
                    )
            ),
        ];
    }

    /// <summary>A map of words to words; empty when missing.</summary>
    public IReadOnlyDictionary<string, string> Words(string field)
    {
        var words = new Dictionary<string, string>();
        if (Inner(field) is { } map)
            foreach (var name in map.Fields())
                words[name] = map.Text(name);
        return words;
    }

    /// <summary>A list of whole numbers; empty when missing.</summary>
    public IReadOnlyList<int> Integers(string field)
    {
        var numbers = new List<int>();
        foreach (var text in Texts(field))
        {
            if (int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number))
                numbers.Add(number);
            else
                Wrong(field, $"'{text}' is not a whole number");
        }
        return numbers;
    }

    /// <summary>A list of entries; empty when missing.</summary>
    public IReadOnlyList<Entry> Entries(string field) =>
        Node(field) switch
        {
            null => [],
            YamlSequenceNode list => [.. list.Children.Select((child, i) => new Entry(file, child, $"{Called}: {field} {i + 1}"))],
            _ => None<Entry>(field, "a list is needed"),
        };

    /// <summary>An entry within this one, or null.</summary>
    public Entry? Inner(string field) => Node(field) is { } node ? new(file, node, $"{Called}: {field}") : null;

    /// <summary>All fields of this entry, for maps whose keys are the author's.</summary>
    public IEnumerable<string> Fields()
    {
        foreach (var key in map?.Children.Keys.OfType<YamlScalarNode>() ?? [])
        {
            asked.Add(key.Value!);
            yield return key.Value!;
        }
    }

    /// <summary>Notes the fields that nobody asked for: typing slips.</summary>
    public void Done()
    {
        foreach (var key in map?.Children.Keys.OfType<YamlScalarNode>().Where(k => !asked.Contains(k.Value!)) ?? [])
            file.Wrong((int)key.Start.Line, $"{Called}: '{key.Value}' is not a field here");
    }

    /// <summary>An enum's name as authors write it.</summary>
    public static string Hyphenated(string name) =>
        string.Concat(
            name.Select((c, i) => i > 0 && char.IsUpper(c) ? "-" + char.ToLowerInvariant(c) : char.ToLowerInvariant(c).ToString())
        );

    private T[] None<T>(string field, string reason)
    {
        Wrong(field, reason);
        return [];
    }

    private YamlNode? Node(string field)
    {
        asked.Add(field);
        return map is not null && map.Children.TryGetValue(new YamlScalarNode(field), out var node) ? node : null;
    }
}
