using AmpleTide.Core.Naming;

namespace AmpleTide.Core.Tests.Naming;

/// <summary>
/// Names teachers use in passing, with slips: from memory, by the hand that wrote the catalogue's names too; common practice,
/// no source. The
/// catalogue lacks some of the moves; those must never be taken for another as if sure.
/// </summary>
public class EverydayNames(ITestOutputHelper output)
{
    private static readonly MoveSearch Search = new(Shipped.Catalogue.Moves);

    private static readonly IReadOnlyList<(string Asked, string? Move)> Names =
    [
        .. File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Naming", "everyday-names.txt"))
            .Where(l => l.Length > 0 && l[0] != '#')
            .Select(l => l.Split(" = "))
            .Select(p => (p[0], p[1] == "-" ? null : p[1])),
    ];

    [Fact]
    public void The_right_move_comes_first_for_nine_of_ten_and_in_the_first_five_for_nearly_all()
    {
        Assert.True(Names.Count >= 400, $"{Names.Count}");
        var there = Names.Where(n => n.Move is not null).ToList();
        Assert.DoesNotContain(there, n => Shipped.Catalogue.Move(n.Move!) is null);
        var missed = there.Where(n => Place(n.Asked, n.Move!) != 0).ToList();
        var lost = there.Where(n => Place(n.Asked, n.Move!) is < 0 or > 4).ToList();
        foreach (var (asked, move) in missed)
            output.WriteLine($"{asked} = {move}: {string.Join(", ", Search.Find(asked, 5).Select(f => $"{f.Move.Id} {f.Likeness:0.00}"))}");
        output.WriteLine(
            $"{Names.Count} names, {there.Count} of moves that exist: {missed.Count} not first, {lost.Count} not in the first five"
        );
        Assert.True(missed.Count <= there.Count * 0.10);
        Assert.True(lost.Count <= there.Count * 0.03);
    }

    [Fact]
    public void What_the_catalogue_lacks_is_never_found_as_if_sure()
    {
        var sure = Names
            .Where(n => n.Move is null)
            .Select(n => (n.Asked, Found: Search.Find(n.Asked, 1) is [var best] ? best : null))
            .Where(n => n.Found?.Sure == true)
            .Select(n => $"{n.Asked}: {n.Found!.Name} {n.Found.Likeness:0.00}");
        Assert.Empty(sure);
    }

    [Fact]
    public void Every_own_name_finds_its_move_first()
    {
        foreach (var move in Shipped.Catalogue.Moves)
            Assert.Equal(move.Id, Search.Find(move.Name, 1).Single().Move.Id);
    }

    [Fact]
    public void A_name_in_use_for_two_moves_lists_both() =>
        Assert.Superset(
            new HashSet<string> { "low-lunge-hold", "standing-lunge" },
            Search.Find("runner's lunge", 5).Select(f => f.Move.Id).ToHashSet()
        );

    private static int Place(string asked, string move)
    {
        var found = Search.Find(asked, 20).Select(f => f.Move.Id).ToList();
        return found.IndexOf(move);
    }
}
