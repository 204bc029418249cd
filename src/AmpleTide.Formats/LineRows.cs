using System.Globalization;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Formats;

/// <summary>Rows to sections: a row's level says in what it lies.</summary>
internal sealed class LineRows(IReadOnlyList<IReadOnlyDictionary<string, string>> rows)
{
    private const int MostDepth = 4;
    private const int MostAmount = 3600;
    private const int MostRounds = 20;
    private const int LongestText = 4000;

    private int at;
    private int made;

    public List<Problem> Problems { get; } = [];

    public List<Section> Sections()
    {
        var sections = new List<Section>();
        while (at < rows.Count)
        {
            // A table that begins without a section has one all the same.
            var (name, part) = ("Class", Part.Build);
            if (Cell("kind").Equals("section", StringComparison.OrdinalIgnoreCase))
            {
                (name, part) = (Text("name"), OneOf("part", Part.Build));
                at++;
            }
            sections.Add(
                new()
                {
                    Id = $"s{sections.Count + 1}",
                    Name = name,
                    Part = part,
                    Items = Items(1),
                }
            );
        }
        return sections.Count > 0
            ? sections
            :
            [
                new()
                {
                    Id = "s1",
                    Name = "Class",
                    Items = [],
                },
            ];
    }

    private List<Item> Items(int level)
    {
        var items = new List<Item>();
        while (at < rows.Count && !Cell("kind").Equals("section", StringComparison.OrdinalIgnoreCase) && Level(level) >= level)
            items.Add(Item(level));
        return items;
    }

    private int Level(int here)
    {
        var cell = Cell("level");
        return cell.Length == 0 ? here
            : int.TryParse(cell, NumberStyles.None, CultureInfo.InvariantCulture, out var level) ? Math.Max(1, level)
            : here;
    }

    private Item Item(int level)
    {
        var kind = Cell("kind").ToLowerInvariant();
        var id = $"i{++made}";
        switch (kind)
        {
            case "set":
                if (level >= MostDepth)
                    Wrong("level", $"sets lie at most {MostDepth - 1} deep");
                var (name, rounds) = (Text("name"), Rounds());
                at++;
                return new Set
                {
                    Id = id,
                    Name = name,
                    Rounds = rounds,
                    Items = Items(Math.Min(level + 1, MostDepth)),
                };
            case "talk":
                var spoken = new Spoken
                {
                    Id = id,
                    Words = Text("talk"),
                    Seconds = Amount(),
                };
                at++;
                return spoken;
            case "wait":
                var waiting = new Waiting
                {
                    Id = id,
                    Seconds = Amount() ?? 1,
                    What = OneOf("option", WaitFor.Silence),
                    Note = Text("name"),
                };
                at++;
                return waiting;
            default:
                if (kind != "line")
                    Wrong("kind", $"'{Cell("kind")}' is not one of section, set, line, talk, wait");
                var line = Line(id);
                at++;
                return line;
        }
    }

    private Line Line(string id)
    {
        var option = Cell("option").ToLowerInvariant();
        return new()
        {
            Id = id,
            Move = Cell("move").Length is > 0 and <= 60 ? Cell("move") : Missing(),
            Position = Cell("position") is { Length: > 0 } position ? position : null,
            Sides = Sides(),
            Dose = Amount() is { } amount ? new(OneOf("unit", Unit.Breaths), amount) : null,
            Option =
                option.Length == 0 ? MoveForm.BaseOption
                : option is MoveForm.BaseOption or MoveForm.EasierOption or "deeper" ? option
                : WrongOption(option),
            Talk = Text("talk") is { Length: > 0 } talk ? talk : null,
        };
    }

    private string Missing()
    {
        Wrong("move", "the id of a move is needed");
        return "missing";
    }

    private string WrongOption(string option)
    {
        Wrong("option", $"'{option}' is not one of base, easier, deeper");
        return MoveForm.BaseOption;
    }

    private SideOrder? Sides()
    {
        var word = Cell("sides");
        if (word.Length == 0)
            return null;
        if (SideOrder.Find(word.ToLowerInvariant()) is { } order)
            return order;
        Wrong("sides", $"'{word}' is not one of {string.Join(", ", SideOrder.Words)}");
        return null;
    }

    private IReadOnlyList<Side> Rounds()
    {
        var cell = Cell("rounds").ToLowerInvariant();
        if (int.TryParse(cell, NumberStyles.None, CultureInfo.InvariantCulture, out var times) && times is >= 1 and <= MostRounds)
            return [.. Enumerable.Repeat(Side.None, times)];
        var words = cell.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var sides = words.Select(w => Enum.TryParse<Side>(w, true, out var side) ? side : (Side?)null).ToList();
        if (words.Length is >= 1 and <= MostRounds && sides.TrueForAll(s => s is not null))
            return [.. sides.Select(s => s!.Value)];
        Wrong("rounds", $"a number from 1 to {MostRounds} is needed, or sides such as 'right left'");
        return [Side.None];
    }

    private int? Amount()
    {
        var cell = Cell("amount");
        if (cell.Length == 0)
            return null;
        if (int.TryParse(cell, NumberStyles.None, CultureInfo.InvariantCulture, out var amount) && amount is >= 1 and <= MostAmount)
            return amount;
        Wrong("amount", $"a whole number from 1 to {MostAmount} is needed");
        return null;
    }

    private T OneOf<T>(string head, T otherwise)
        where T : struct, Enum
    {
        var cell = Cell(head);
        if (cell.Length == 0)
            return otherwise;
        if (Enum.TryParse<T>(cell, true, out var value) && Enum.IsDefined(value) && !char.IsDigit(cell[0]))
            return value;
        Wrong(head, $"'{cell}' is not one of {string.Join(", ", Enum.GetNames<T>()).ToLowerInvariant()}");
        return otherwise;
    }

    private string Text(string head)
    {
        var cell = rows[at].GetValueOrDefault(head, "");
        if (cell.Length <= LongestText)
            return cell;
        Wrong(head, $"has {cell.Length} characters, {LongestText} at most");
        return "";
    }

    private string Cell(string head) => rows[at].GetValueOrDefault(head, "").Trim();

    // Rows are counted as a spreadsheet shows them: the heads are the first.
    private void Wrong(string head, string detail) => Problems.Add(new($"/{at + 2}/{head}", detail));
}
