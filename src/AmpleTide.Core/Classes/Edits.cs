using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Classes;

/// <summary>Changes of a class, each a pure function from a plan to a plan.</summary>
public static class Edits
{
    /// <summary>Changes one line; an unknown id changes nothing.</summary>
    public static ClassPlan ChangeLine(this ClassPlan plan, string id, Func<Line, Line> change) =>
        plan.Rewrite(item => item is Line line && line.Id == id ? [change(line)] : null);

    /// <summary>Changes several lines.</summary>
    public static ClassPlan ChangeLines(this ClassPlan plan, IReadOnlyCollection<string> ids, Func<Line, Line> change) =>
        plan.Rewrite(item => item is Line line && ids.Contains(line.Id) ? [change(line)] : null);

    /// <summary>Changes one set.</summary>
    public static ClassPlan ChangeSet(this ClassPlan plan, string id, Func<Set, Set> change) =>
        plan.Rewrite(item => item is Set set && set.Id == id ? [change(set)] : null);

    /// <summary>Puts a line after another item.</summary>
    public static ClassPlan InsertAfter(this ClassPlan plan, string id, Line line) =>
        plan.Rewrite(item => item.Id == id ? [item, line with { Id = plan.FreeId(line.Id) }] : null);

    /// <summary>Takes a line or set out. A set left empty goes with it.</summary>
    public static ClassPlan Remove(this ClassPlan plan, string id) => plan.Rewrite(item => item.Id == id ? [] : null);

    /// <summary>Gives several lines the same dose.</summary>
    public static ClassPlan GiveDose(this ClassPlan plan, IReadOnlyCollection<string> ids, Dose dose) =>
        plan.ChangeLines(ids, line => line with { Dose = dose });

    /// <summary>An id that nothing in the class has yet, beginning with the wished one.</summary>
    public static string FreeId(this ClassPlan plan, string wished)
    {
        var taken = plan.Sections.SelectMany(s => Ids(s.Items).Prepend(s.Id)).ToHashSet();
        var id = wished;
        for (var n = 2; taken.Contains(id); n++) id = $"{wished}-{n}";
        return id;
    }

    private static IEnumerable<string> Ids(IReadOnlyList<Item> items) =>
        items.SelectMany(item => item is Set set ? Ids(set.Items).Prepend(set.Id) : [item.Id]);

    // Walks all items; null keeps an item as it is.
    private static ClassPlan Rewrite(this ClassPlan plan, Func<Item, IReadOnlyList<Item>?> change)
    {
        IReadOnlyList<Item> Walk(IReadOnlyList<Item> items) =>
            [.. items.SelectMany(item => change(item) ?? (item is Set set ? Within(set) : [item]))];
        IReadOnlyList<Item> Within(Set set)
        {
            var items = Walk(set.Items);
            return items.Count == 0 ? [] : [set with { Items = items }];
        }
        return plan with { Sections = [.. plan.Sections.Select(s => s with { Items = Walk(s.Items) })] };
    }
}
