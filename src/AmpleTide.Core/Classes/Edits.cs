using AmpleTide.Core.Body;
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

    /// <summary>Changes what is said without a move.</summary>
    public static ClassPlan ChangeTalk(this ClassPlan plan, string id, Func<Spoken, Spoken> change) =>
        plan.Rewrite(item => item is Spoken spoken && item.Id == id ? [change(spoken)] : null);

    /// <summary>Changes one set.</summary>
    public static ClassPlan ChangeSet(this ClassPlan plan, string id, Func<Set, Set> change) =>
        plan.Rewrite(item => item is Set set && set.Id == id ? [change(set)] : null);

    /// <summary>Puts a line after another item.</summary>
    public static ClassPlan InsertAfter(this ClassPlan plan, string id, Line line) =>
        plan.Rewrite(item => item.Id == id ? [item, line with { Id = plan.FreeId(line.Id) }] : null);

    /// <summary>Puts a pause after another item.</summary>
    public static ClassPlan PauseAfter(this ClassPlan plan, string id, Waiting pause) =>
        plan.Rewrite(item => item.Id == id ? [item, pause with { Id = plan.FreeId(pause.Id) }] : null);

    /// <summary>Puts a line before another item.</summary>
    public static ClassPlan InsertBefore(this ClassPlan plan, string id, Line line) =>
        plan.Rewrite(item => item.Id == id ? [line with { Id = plan.FreeId(line.Id) }, item] : null);

    /// <summary>Moves a line to the place after another item; an unknown id changes nothing.</summary>
    public static ClassPlan Move(this ClassPlan plan, string id, string after)
    {
        if (id == after || !plan.Has(after) || plan.Lines.FirstOrDefault(l => l.Id == id) is not { } line)
            return plan;
        var without = plan.Remove(id);
        return without.Has(after) ? without.Rewrite(item => item.Id == after ? [item, line] : null) : plan;
    }

    /// <summary>Takes a line or set out. A set left empty goes with it.</summary>
    public static ClassPlan Remove(this ClassPlan plan, string id) => plan.Rewrite(item => item.Id == id ? [] : null);

    /// <summary>
    /// Ways to take lines out, the smallest first: the lines alone; with the other side of each, where a move is done a side a line;
    /// with all that follows them in a row, which nobody could reach without them.
    /// </summary>
    public static IEnumerable<ClassPlan> RemovingWithPairs(this ClassPlan plan, params IReadOnlyCollection<string> ids)
    {
        var gone = plan.Lines.Where(l => ids.Contains(l.Id)).ToList();
        yield return plan.RemoveAll(ids);
        var pairs = plan
            .Lines.Where(l => l.Sides is { IsOneSide: true } && gone.Exists(g => g.Move == l.Move && g.Option == l.Option))
            .Select(l => l.Id)
            .ToList();
        if (pairs.Count > 0)
            yield return plan.RemoveAll([.. ids, .. pairs]);
        var rest = plan.Lines.SkipWhile(l => !ids.Contains(l.Id)).ToList();
        for (var more = 1; more <= MostFollowing && ids.Count + more < rest.Count; more++)
            yield return plan.RemoveAll([.. ids, .. pairs, .. rest.Skip(ids.Count).Take(more).Select(l => l.Id)]);
    }

    private const int MostFollowing = 4;

    private static ClassPlan RemoveAll(this ClassPlan plan, IReadOnlyCollection<string> ids) =>
        plan.Rewrite(item => ids.Contains(item.Id) ? [] : null);

    /// <summary>
    /// Makes lines of a section, with what stands between them, a set that is done on one side and then on the other.
    /// </summary>
    public static ClassPlan WrapMirrored(this ClassPlan plan, IReadOnlyCollection<string> ids, Side firstSide)
    {
        IReadOnlyList<Item> Wrapped(IReadOnlyList<Item> items)
        {
            var chain = items.SkipWhile(i => !ids.Contains(i.Id)).Reverse().SkipWhile(i => !ids.Contains(i.Id)).Reverse().ToList();
            if (chain.Count == 0)
                return items;
            var set = new Set
            {
                Id = plan.FreeId("chain"),
                Rounds = [firstSide, firstSide.Opposite()],
                Items = [.. chain.Select(i => i is Line line ? line with { Sides = null } : i)],
            };
            var before = items.TakeWhile(i => i != chain[0]).ToList();
            return [.. before, set, .. items.Skip(before.Count + chain.Count)];
        }
        return plan with { Sections = [.. plan.Sections.Select(s => s with { Items = Wrapped(s.Items) })] };
    }

    /// <summary>Gives several lines the same dose.</summary>
    public static ClassPlan GiveDose(this ClassPlan plan, IReadOnlyCollection<string> ids, Dose dose) =>
        plan.ChangeLines(ids, line => line with { Dose = dose });

    /// <summary>Does lines and sets on the other side first, and what was done on one side on the other.</summary>
    /// <param name="plan">The class.</param>
    /// <param name="ids">Lines and sets; the lines within a set follow it.</param>
    /// <param name="catalogue">Says how moves have sides.</param>
    public static ClassPlan Mirror(this ClassPlan plan, IReadOnlyCollection<string> ids, MoveCatalogue catalogue)
    {
        // In a round of a set the side is the round's: what says none of its own is mirrored with the round.
        var ofRounds = plan.Sections.SelectMany(s => s.Items).SelectMany(LinesOfRounds).Where(l => l.Sides is null).ToHashSet();
        Line Mirrored(Line line) =>
            catalogue.Move(line.Move) is { Sides: not Sidedness.None } move
            && !(ofRounds.Contains(line) && move.Sides != Sidedness.Circling)
                ? line with
                {
                    Sides = (line.Sides ?? SideOrder.For(move, plan.FirstSide)).Swapped(),
                }
                : line;
        Item Within(Item item) =>
            item switch
            {
                Set set => set with { Rounds = [.. set.Rounds.Select(r => r.Opposite())], Items = [.. set.Items.Select(Within)] },
                Line line => Mirrored(line),
                _ => item,
            };
        return plan.Rewrite(item => ids.Contains(item.Id) ? [Within(item)] : null);
    }

    private static IEnumerable<Line> LinesOfRounds(Item item) =>
        item is not Set set ? []
        : set.Rounds[0] == Side.None ? set.Items.SelectMany(LinesOfRounds)
        : set.AllLines();

    /// <summary>An id that nothing in the class has yet, beginning with the wished one.</summary>
    public static string FreeId(this ClassPlan plan, string wished)
    {
        var taken = plan.Ids().ToHashSet();
        var id = wished;
        for (var n = 2; taken.Contains(id); n++)
            id = $"{wished}-{n}";
        return id;
    }

    /// <summary>Whether the class has a line or set of that id.</summary>
    public static bool Has(this ClassPlan plan, string id) => plan.Sections.SelectMany(s => Ids(s.Items)).Contains(id);

    private static IEnumerable<string> Ids(this ClassPlan plan) => plan.Sections.SelectMany(s => Ids(s.Items).Prepend(s.Id));

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
