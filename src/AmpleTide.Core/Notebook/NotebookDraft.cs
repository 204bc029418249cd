using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Notebook;

/// <summary>The class that is being read: where the next line goes, and where the group is.</summary>
internal sealed class NotebookDraft(string title, double minutes)
{
    private sealed class Place(string name, int indent)
    {
        public string Name { get; } = name;
        public int Indent { get; } = indent;
        public List<object> Items { get; } = [];
        public IReadOnlyList<Side> Rounds { get; init; } = [];
        public string Id { get; init; } = "";
    }

    private sealed record SectionDraft(string Id, string Name, Part Part, Place Place);

    private const int MostDepth = 3;

    private readonly List<SectionDraft> sections = [];
    private readonly Stack<Place> open = new();
    private int made;
    private int indent;
    private string? goesTo;
    private string? startsIn;
    private bool hasLines;

    /// <summary>The id of what was added last.</summary>
    public string? LastId { get; private set; }

    /// <summary>Says how far the next line is indented: sets it does not lie in are over.</summary>
    public void Indent(int by)
    {
        indent = by;
        while (open.Count > 0 && open.Peek().Indent >= by)
            open.Pop();
    }

    /// <summary>A section begins.</summary>
    public string BeginSection(string name, Part? part)
    {
        open.Clear();
        var section = new SectionDraft($"s{sections.Count + 1}", name, part ?? PartAfter(), new("", -1));
        sections.Add(section);
        return section.Id;
    }

    /// <summary>A set begins.</summary>
    public string BeginSet(string name, IReadOnlyList<Side> rounds)
    {
        var set = new Place(name, indent) { Rounds = rounds, Id = $"t{++made}" };
        Current().Items.Add(set);
        if (open.Count < MostDepth)
            open.Push(set);
        return set.Id;
    }

    /// <summary>Something is added where we are.</summary>
    public string Add(Item item)
    {
        LastId = $"l{++made}";
        Current().Items.Add(item with { Id = LastId });
        hasLines |= item is Line;
        return LastId;
    }

    /// <summary>Gives the line that was added last words of its own; false where there is none.</summary>
    public bool SayInLast(string words)
    {
        var items = Current().Items;
        if (items.Count == 0 || items[^1] is not Line line)
            return false;
        items[^1] = line with { Talk = words };
        return true;
    }

    /// <summary>Where the group is, as far as the plan has said.</summary>
    public string? At { get; private set; }

    /// <summary>The group goes somewhere.</summary>
    public void Go(string position)
    {
        (goesTo, At) = (position, position);
        if (!hasLines)
            startsIn ??= position;
    }

    /// <summary>Where a move is taken, if the group has just gone where it can be.</summary>
    public string? Goes(Move move)
    {
        var to = goesTo;
        goesTo = null;
        if (At is not null && !move.In.Contains(At))
            At = null;
        return to is not null && move.In.Contains(to) ? to : null;
    }

    /// <summary>The class.</summary>
    public ClassPlan Finish()
    {
        Current();
        return new()
        {
            Id = "",
            Title = title,
            Minutes = minutes,
            StartsIn = startsIn,
            Sections =
            [
                .. sections.Select(s => new Section
                {
                    Id = s.Id,
                    Name = s.Name,
                    Part = s.Part,
                    Items = Items(s.Place),
                }),
            ],
        };
    }

    private static IReadOnlyList<Item> Items(Place place) =>
        [
            .. place
                .Items.Where(i => i is not Place { Items.Count: 0 })
                .Select(i =>
                    i is Place set
                        ? new Set
                        {
                            Id = set.Id,
                            Name = set.Name,
                            Rounds = set.Rounds,
                            Items = Items(set),
                        }
                        : (Item)i
                ),
        ];

    private Place Current()
    {
        if (open.Count > 0)
            return open.Peek();
        if (sections.Count == 0)
            sections.Add(new("s1", "Class", Part.Build, new("", -1)));
        return sections[^1].Place;
    }

    // A section of no known name goes on with the part before it.
    private Part PartAfter() => sections.Count > 0 ? sections[^1].Part : Part.Build;
}
