using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Naming;

namespace AmpleTide.Core.Tests.Naming;

/// <summary>Nicknames and the kind of name a teacher goes by: shown everywhere, found by all names still.</summary>
public class HowMovesAreCalled
{
    private static readonly TeacherWords Harbour = new(null, null, null, null, null, "Harbour cat", new Dictionary<string, string>());

    [Fact]
    public void A_nickname_stands_in_place_of_the_name_and_both_find_the_move()
    {
        var before = Shipped.Catalogue.Move("cat-cow")!;
        var said = Shipped.Catalogue.SaidWith(new(new Dictionary<string, TeacherWords> { ["cat-cow"] = Harbour }, NameKind.Traditional));
        Assert.Equal("Harbour cat", said.Move("cat-cow")!.Name);
        var search = new MoveSearch(said.Moves);
        foreach (var asked in (string[])["harbour cat", before.Name, before.Traditional!.Split(", ")[0]])
            Assert.Equal("cat-cow", search.Find(asked, 1).Single().Move.Id);
    }

    [Fact]
    public void Traditional_names_are_shown_where_a_move_has_one_to_itself()
    {
        var said = Shipped.Catalogue.SaidWith(Speech.Plain with { Names = NameKind.Traditional });
        Assert.Equal("Balasana", said.Move("folded-rest-hold")!.Name);
        // Five neck moves share theirs; then the everyday ones tell them apart.
        Assert.Equal(Shipped.Catalogue.Move("slow-nods")!.Name, said.Move("slow-nods")!.Name);
        Assert.Equal(said.Moves.Count, said.Moves.DistinctBy(m => m.Name).Count());
        Assert.All(said.Moves, m => Assert.Equal(m.Name, said.Form(m, said.PositionsOf(m)[0], MoveForm.BaseOption).Move.Name));
    }

    [Fact]
    public void Everyday_names_change_nothing() => Assert.Same(Shipped.Catalogue, Shipped.Catalogue.SaidWith(Speech.Plain));
}
