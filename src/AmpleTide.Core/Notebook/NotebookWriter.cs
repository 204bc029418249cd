using System.Globalization;
using System.Text;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Notebook;

/// <summary>
/// Writes a class as a plan in plain words, which <see cref="NotebookReader"/> reads back: a line each, "Thread the needle, 3
/// breaths, right then
/// left"; usual doses in brackets, lines of sets indented below their head.
/// </summary>
/// <param name="catalogue">The moves and positions.</param>
public sealed class NotebookWriter(MoveCatalogue catalogue)
{
    private const string Indent = "  ";

    /// <summary>The text of a class.</summary>
    public string Write(ClassPlan plan)
    {
        var text = new StringBuilder();
        foreach (var section in plan.Sections)
        {
            if (text.Length > 0)
                text.Append('\n');
            text.Append(CultureInfo.InvariantCulture, $"{HeadOf(section)}\n");
            foreach (var item in section.Items)
                Write(text, item, "");
        }
        return text.ToString();
    }

    /// <summary>The head of a section.</summary>
    public static string HeadOf(Section section) => $"{Folded(section.Name)} ({section.Part.ToString().ToLowerInvariant()}):".TrimStart();

    /// <summary>The head of a set.</summary>
    public static string HeadOf(Set set)
    {
        var rounds = set.Rounds.All(r => r == Side.None)
            ? $"{set.Rounds.Count.ToString(CultureInfo.InvariantCulture)} times"
            : string.Join(" then ", set.Rounds.Select(r => r == Side.Left ? "left" : "right"));
        return set.Name.Length > 0 ? $"Set: {rounds}: {Folded(set.Name)}" : $"Set: {rounds}";
    }

    /// <summary>Talk or waiting in one line.</summary>
    public static string Between(Item item) =>
        item switch
        {
            Spoken { Seconds: { } seconds } spoken => string.Create(
                CultureInfo.InvariantCulture,
                $"Talk: {Folded(spoken.Words)} ({seconds} s)"
            ),
            Spoken spoken => $"Talk: {Folded(spoken.Words)}",
            Waiting waiting => string.Create(
                CultureInfo.InvariantCulture,
                $"Wait: {waiting.Seconds} s, {waiting.What.ToString().ToLowerInvariant()}"
            ) + (waiting.Note.Length > 0 ? $", {Folded(waiting.Note)}" : ""),
            _ => throw new ArgumentException($"{item.GetType().Name} is neither talk nor waiting.", nameof(item)),
        };

    /// <summary>How a line is done, after its name: dose, sides, position, option.</summary>
    public IEnumerable<string> Details(Line line)
    {
        var move = catalogue.Move(line.Move);
        if (line.Dose is { } dose)
            yield return In(dose);
        if (line.Sides is { } sides && move is not null && SidesOf(move, sides) is { } said)
            yield return said;
        if (line.Position is { } position)
            yield return $"[{catalogue.Position(position)?.Name ?? position}]";
        if (line.Option != MoveForm.BaseOption)
            yield return line.Option;
        if (line.PerEnd > 0)
            yield return string.Create(
                CultureInfo.InvariantCulture,
                $"{line.PerEnd} {(line.PerEnd == 1 ? "breath" : "breaths")} at each end"
            );
        if (line.Eyes is { } eyes)
            yield return $"eyes {eyes.ToString().ToLowerInvariant()}";
        if (line.GoesOn)
            yield return "goes on";
    }

    /// <summary>The usual dose, in brackets, where a line has none of its own; else nothing.</summary>
    public string Usual(Line line) =>
        line.Dose is null && catalogue.Move(line.Move) is { } move ? $" ({In(new(move.Dose.Unit, move.Dose.Usual))})" : "";

    /// <summary>Words in one line: breaks and colons stand for themselves by other signs.</summary>
    public static string Folded(string words) =>
        words.ReplaceLineEndings("\n").Trim().Replace("\n", " ⏎ ", StringComparison.Ordinal).Replace(':', '∶');

    private void Write(StringBuilder text, Item item, string indent)
    {
        switch (item)
        {
            case Set set:
                text.Append(CultureInfo.InvariantCulture, $"{indent}{HeadOf(set)}\n");
                foreach (var inner in set.Items)
                    Write(text, inner, indent + Indent);
                break;
            case Line line:
                text.Append(indent).Append(catalogue.Move(line.Move)?.Name ?? line.Move).Append(Usual(line));
                text.AppendJoin("", Details(line).Select(d => ", " + d)).Append('\n');
                if (line.Talk is { } talk)
                    text.Append(CultureInfo.InvariantCulture, $"{indent}{Indent}Say: {Folded(talk)}\n");
                break;
            default:
                text.Append(CultureInfo.InvariantCulture, $"{indent}{Between(item)}\n");
                break;
        }
    }

    private static string In(Dose dose)
    {
        var unit = dose.Unit.ToString().ToLowerInvariant();
        return string.Create(CultureInfo.InvariantCulture, $"{dose.Amount} {(dose.Amount == 1 ? unit[..^1] : unit)}");
    }

    // In the words of the move's kind, as the interface has them, too.
    private static string? SidesOf(Move move, SideOrder sides)
    {
        if (sides.Alternates)
            return $"alternating from the {(sides.Passes[0] == Side.Left ? "left" : "right")}";
        var (right, left) = move.Sides switch
        {
            Sidedness.Crossing => ("right on top", "left on top"),
            Sidedness.Circling => move.Circle switch
            {
                Circle.Clockwise => ("clockwise", "the other way"),
                Circle.Backwards => ("backwards", "forwards"),
                _ => ("inwards", "outwards"),
            },
            _ => ("right", "left"),
        };
        return sides.Passes.All(p => p == Side.None)
            ? null
            : string.Join(" then ", sides.Passes.Select(p => p == Side.Left ? left : right));
    }
}
