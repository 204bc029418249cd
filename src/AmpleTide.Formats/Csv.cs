using System.Globalization;
using CsvHelper;

namespace AmpleTide.Formats;

/// <summary>
/// Tables as RFC 4180 has them, by CsvHelper. A cell that a spreadsheet would take for a formula gets an apostrophe before it
/// (OWASP, CSV injection);
/// reading takes that away again.
/// </summary>
internal static class Csv
{
    private const char Guard = '\'';

    // An apostrophe of one's own is guarded, too, so that reading is the exact reverse.
    private const string Guarded = "=+-@\t\r'";

    /// <summary>Writes a table: its heads, then its rows.</summary>
    public static byte[] Write(IReadOnlyList<string> heads, IEnumerable<IReadOnlyList<string>> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = CsvWriter.Create(text, CsvWriterOptions.Default with { NewLine = "\r\n" }))
        {
            foreach (var row in rows.Prepend(heads))
            {
                foreach (var cell in row)
                    csv.WriteField(Neutral(cell));
                csv.EndRecord();
            }
        }
        return Format.Utf8.GetBytes(text.ToString());
    }

    /// <summary>Reads a table: rows as cells by head, in lower case. Rows may have their columns in any order.</summary>
    /// <param name="content">The file.</param>
    /// <param name="needed">Heads without which it cannot be read.</param>
    /// <param name="most">No table has more rows.</param>
    /// <exception cref="TideFileException">It is no such table.</exception>
    public static IReadOnlyList<IReadOnlyDictionary<string, string>> Read(byte[] content, IReadOnlyList<string> needed, int most)
    {
        var text = Decoded.Of(content);
        try
        {
            using var csv = CsvReader.FromText(text, CsvReaderOptions.Default with { HasHeader = false, Separator = SeparatorOf(text) });
            if (!csv.Read())
                throw new TideFileException([new("", "is empty")]);
            var heads = Cells(csv).Select(h => h.Trim().ToLowerInvariant()).ToList();
            if (needed.FirstOrDefault(n => !heads.Contains(n)) is { } missing)
                throw new TideFileException([new("/1", $"the first row has no column '{missing}'")]);
            var rows = new List<IReadOnlyDictionary<string, string>>();
            while (csv.Read())
            {
                if (rows.Count == most)
                    throw new TideFileException([new($"/{csv.RowNumber}", $"there are more than {most} rows")]);
                var (cells, row) = (Cells(csv), new Dictionary<string, string>());
                foreach (var (i, head) in heads.Index())
                    row[head] = i < cells.Count ? Original(cells[i]) : "";
                if (row.Values.Any(c => c.Length > 0))
                    rows.Add(row);
            }
            return rows;
        }
        catch (CsvFormatException error)
        {
            throw new TideFileException([new("", $"is no table: {error.Message.Split('\n')[0].Trim()}")]);
        }
    }

    private static IReadOnlyList<string> Cells(CsvReader csv) => [.. Enumerable.Range(0, csv.FieldCount).Select(csv.GetString)];

    // Where a comma is the decimal sign, spreadsheets write semicolons.
    private static char SeparatorOf(string text)
    {
        var first = text.AsSpan(0, text.AsSpan().IndexOfAny('\r', '\n') is >= 0 and var end ? end : text.Length);
        return first.Count(';') > first.Count(',') ? ';'
            : first.Count('\t') > first.Count(',') ? '\t'
            : ',';
    }

    private static string Neutral(string cell) => cell.Length > 0 && Guarded.Contains(cell[0]) ? Guard + cell : cell;

    private static string Original(string cell) => cell.Length > 1 && cell[0] == Guard && Guarded.Contains(cell[1]) ? cell[1..] : cell;
}
