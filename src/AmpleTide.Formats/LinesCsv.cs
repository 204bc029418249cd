using System.Globalization;
using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Formats;

/// <summary>
/// The lines of a class as a table. Every row says what it is and how deep it lies: sections at 0, what is in them at 1, what
/// is in a set one deeper
/// than its set.
/// </summary>
public static class LinesCsv
{
    private static readonly string[] Heads =
    [
        "kind",
        "level",
        "name",
        "part",
        "rounds",
        "move",
        "position",
        "sides",
        "amount",
        "unit",
        "option",
        "talk",
        "start",
        "seconds",
    ];

    /// <summary>The format.</summary>
    public static readonly Format Format = new(
        "csv",
        "Lines, CSV",
        ".csv",
        "text/csv",
        "Group, place, conventions, breath, pauses, cues and notes stay behind; start and seconds are written but not read back.",
        score => Csv.Write(Heads, Rows(score))
    )
    {
        Read = Read,
    };

    private const int MostRows = 1200;

    private static IEnumerable<string[]> Rows(Score score)
    {
        var items = score.Items.ToDictionary(i => i.Item.Id);
        foreach (var section in score.Plan.Sections)
        {
            yield return Row("section", 0, section.Name, part: section.Part.ToString().ToLowerInvariant());
            foreach (var row in section.Items.SelectMany(i => Rows(i, 1, items)))
                yield return row;
        }
    }

    private static IEnumerable<string[]> Rows(Item item, int level, IReadOnlyDictionary<string, ItemScore> items)
    {
        var scored = items.GetValueOrDefault(item.Id);
        var start = scored is { Occurrences: [var first, ..] } ? Number((long)first.Start.TotalSeconds) : "";
        var seconds = scored is null ? "" : Number((long)Math.Round(scored.Time.TotalSeconds));
        switch (item)
        {
            case Set set:
                yield return Row("set", level, set.Name, rounds: RoundsOf(set.Rounds));
                foreach (var row in set.Items.SelectMany(i => Rows(i, level + 1, items)))
                    yield return row;
                break;
            case Line line:
                yield return Row(
                    "line",
                    level,
                    (scored as LineScore)?.Move?.Name ?? line.Move,
                    move: line.Move,
                    position: line.Position ?? "",
                    sides: line.Sides?.Word ?? "",
                    amount: line.Dose is { } dose ? Number(dose.Amount) : "",
                    unit: line.Dose?.Unit.ToString().ToLowerInvariant() ?? "",
                    option: line.Option == MoveForm.BaseOption ? "" : line.Option,
                    talk: line.Talk ?? "",
                    start: start,
                    seconds: seconds
                );
                break;
            case Spoken spoken:
                yield return Row(
                    "talk",
                    level,
                    "",
                    amount: spoken.Seconds is { } given ? Number(given) : "",
                    unit: spoken.Seconds is null ? "" : "seconds",
                    talk: spoken.Words,
                    start: start,
                    seconds: seconds
                );
                break;
            case Waiting waiting:
                yield return Row(
                    "wait",
                    level,
                    waiting.Note,
                    amount: Number(waiting.Seconds),
                    unit: "seconds",
                    option: waiting.What.ToString().ToLowerInvariant(),
                    start: start,
                    seconds: seconds
                );
                break;
        }
    }

    private static string[] Row(
        string kind,
        int level,
        string name,
        string part = "",
        string rounds = "",
        string move = "",
        string position = "",
        string sides = "",
        string amount = "",
        string unit = "",
        string option = "",
        string talk = "",
        string start = "",
        string seconds = ""
    ) => [kind, Number(level), name, part, rounds, move, position, sides, amount, unit, option, talk, start, seconds];

    private static string Number(long number) => number.ToString(CultureInfo.InvariantCulture);

    private static string RoundsOf(IReadOnlyList<Side> rounds) =>
        rounds.All(r => r == Side.None) ? Number(rounds.Count) : string.Join(' ', rounds.Select(r => r.ToString().ToLowerInvariant()));

    private static ClassPlan Read(byte[] content, ReadWith with)
    {
        var rows = Csv.Read(content, ["kind", "move"], MostRows);
        var reader = new LineRows(rows);
        var sections = reader.Sections();
        if (reader.Problems.Count > 0)
            throw new TideFileException(reader.Problems);
        return new()
        {
            Id = "",
            Title = "Opened table",
            Minutes = 45,
            Sections = sections,
        };
    }
}
