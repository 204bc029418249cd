using System.Globalization;
using AmpleTide.Core.Logbook;

namespace AmpleTide.Formats;

/// <summary>The log as a table: an evening's lines a row each, an evening without lines one row.</summary>
public static class LogCsv
{
    private static readonly string[] Heads =
    [
        "taught at",
        "class",
        "title",
        "planned seconds",
        "taught seconds",
        "line",
        "name",
        "line planned seconds",
        "line taught seconds",
        "done right",
        "done left",
        "done",
        "unit",
        "easier",
        "same",
        "worse",
        "note",
        "next",
    ];

    /// <summary>Writes the log.</summary>
    public static byte[] Write(IEnumerable<Taught> evenings) => Csv.Write(Heads, evenings.SelectMany(Rows));

    private static IEnumerable<string[]> Rows(Taught evening) =>
        evening.Lines.Count == 0 ? [Row(evening, null)] : evening.Lines.Select(line => Row(evening, line));

    private static string[] Row(Taught evening, TaughtLine? line) =>
        [
            evening.At.ToString("o", CultureInfo.InvariantCulture),
            evening.Class ?? "",
            evening.Title,
            Seconds(evening.PlannedMs),
            Seconds(evening.RealMs),
            line?.Line ?? "",
            line?.Name ?? "",
            Seconds(line?.PlannedMs),
            Seconds(line?.RealMs),
            Number(line?.Done.Right),
            Number(line?.Done.Left),
            Number(line?.Done.None),
            line?.Unit ?? "",
            Number(evening.Left?.Easier),
            Number(evening.Left?.Same),
            Number(evening.Left?.Worse),
            evening.Note,
            evening.Next,
        ];

    private static string Seconds(int? ms) => ms is { } some ? Number((int)Math.Round(some / 1000.0)) : "";

    private static string Number(int? number) => number?.ToString(CultureInfo.InvariantCulture) ?? "";
}
