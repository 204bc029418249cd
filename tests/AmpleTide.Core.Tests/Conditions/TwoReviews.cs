using System.Text.Json;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Tests.Conditions;

/// <summary>
/// The advice beside two reviews that were made independently of each other and of the program, from memory; common practice, no published
/// source. Cells where careful people differ are left aside.
/// </summary>
public class TwoReviews(ITestOutputHelper output)
{
    private sealed record Cell(string Move, string Condition, Advice One, Advice Other);

    private static readonly IReadOnlyList<Cell> Cells = Read();

    [Fact]
    public void What_both_leave_out_is_never_fine_and_hardly_ever_only_smaller()
    {
        var both = Cells.Where(c => c is { One: Advice.LeaveOut, Other: Advice.LeaveOut }).ToList();
        Assert.True(both.Count > 300);
        Assert.DoesNotContain(both, c => Ours(c) == Advice.Fine);
        Share(both, c => Ours(c) == Advice.Smaller, atMost: 0.05, "left out by both, only smaller here");
    }

    [Fact]
    public void What_both_take_smaller_is_hardly_ever_fine() =>
        Share(
            Cells.Where(c => c is { One: Advice.Smaller, Other: Advice.Smaller }),
            c => Ours(c) == Advice.Fine,
            atMost: 0.10,
            "smaller for both, fine here"
        );

    [Fact]
    public void What_both_call_fine_is_seldom_flagged() =>
        Share(
            Cells.Where(c => c is { One: Advice.Fine, Other: Advice.Fine }),
            c => Ours(c) != Advice.Fine,
            atMost: 0.08,
            "fine for both, flagged here"
        );

    [Fact]
    public void The_counts_per_condition_in_the_document_are_those_of_today()
    {
        var document = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "docs", "advice.md"));
        foreach (var condition in Shipped.Catalogue.Conditions)
        {
            var cells = Cells.Where(c => c.Condition == condition.Id).ToList();
            var debatable = MovesReviewed - cells.Count;
            int Both(Advice word) => cells.Count(c => c.One == word && c.Other == word);
            int Here(Advice both, Func<Advice, bool> ours) => cells.Count(c => c.One == both && c.Other == both && ours(Ours(c)));
            var row =
                $"| {condition.Id} | {Both(Advice.LeaveOut)} | {Here(Advice.LeaveOut, w => w == Advice.Fine)} | "
                + $"{Here(Advice.LeaveOut, w => w == Advice.Smaller)} | {Both(Advice.Smaller)} | {Here(Advice.Smaller, w => w == Advice.Fine)} | "
                + $"{Both(Advice.Fine)} | {Here(Advice.Fine, w => w != Advice.Fine)} | {debatable} |";
            Assert.Contains(row, document, StringComparison.Ordinal);
        }
    }

    private static readonly int MovesReviewed = Cells.Select(c => c.Move).Distinct().Count();

    [Fact]
    public void Nothing_that_stands_in_is_left_out_by_both()
    {
        var left = Cells.Where(c => c is { One: Advice.LeaveOut, Other: Advice.LeaveOut }).Select(c => (c.Move, c.Condition)).ToHashSet();
        foreach (var move in Shipped.Catalogue.Moves)
        foreach (var condition in Shipped.Catalogue.Conditions)
        {
            var form = Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
            var person = Person.With(condition.Id);
            if (Shipped.Adviser.For(person, form, new()).Advice != Advice.LeaveOut)
                continue;
            foreach (var instead in Shipped.Replacements.All(person, Moment.Of(form, Shipped.Catalogue), ClassPlan.Anywhere))
                Assert.DoesNotContain((instead.Form.Move.Id, condition.Id), left);
        }
    }

    [Fact]
    public void Every_condition_is_judged_and_leaves_most_of_the_catalogue()
    {
        foreach (var condition in Shipped.Catalogue.Conditions)
        {
            var words = Shipped.Catalogue.Moves.Select(m => Word(m, condition.Id)).ToList();
            Assert.Contains(words, w => w != Advice.Fine);
            Assert.True(words.Count(w => w <= Advice.Smaller) > words.Count * 0.4, $"{condition.Id} leaves hardly anything");
        }
    }

    private void Share(IEnumerable<Cell> cells, Func<Cell, bool> wrong, double atMost, string what)
    {
        var all = cells.ToList();
        var found = all.Where(wrong).ToList();
        output.WriteLine($"{what}: {found.Count} of {all.Count}");
        Assert.True(
            found.Count <= all.Count * atMost,
            $"{what}: {found.Count} of {all.Count}: {string.Join(", ", found.Select(c => $"{c.Move}/{c.Condition}"))}"
        );
    }

    // Another way is as good as leaving out where the way that is named is not left out itself; else it is as good as nothing said.
    private static Advice Ours(Cell cell) => Word(Shipped.Catalogue.Move(cell.Move)!, cell.Condition);

    private static Advice Word(Move move, string condition)
    {
        var person = Person.With(condition);
        var form = Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
        var advised = Shipped.Adviser.For(person, form, new());
        return advised.Movement != Advice.AnotherWay ? advised.Movement
            : Shipped.Adviser.Word(person, advised.To!) < Advice.LeaveOut ? Advice.LeaveOut
            : Advice.Fine;
    }

    private static List<Cell> Read()
    {
        using var table = JsonDocument.Parse(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Conditions", "two-reviews.json")));
        static Advice Said(JsonElement word) =>
            word.GetString() switch
            {
                "fine" => Advice.Fine,
                "smaller" => Advice.Smaller,
                _ => Advice.LeaveOut,
            };
        var cells = new List<Cell>();
        foreach (var move in table.RootElement.GetProperty("moves").EnumerateObject())
        foreach (var condition in Shipped.Catalogue.Conditions)
        {
            if (!move.Value.TryGetProperty(condition.Id, out var words))
                cells.Add(new(move.Name, condition.Id, Advice.Fine, Advice.Fine));
            else if (words.GetArrayLength() == 2)
                cells.Add(new(move.Name, condition.Id, Said(words[0]), Said(words[1])));
        }
        return cells;
    }
}
