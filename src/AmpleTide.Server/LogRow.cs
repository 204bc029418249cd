using System.Text.Json;
using AmpleTide.Core.Logbook;
using AmpleTide.Store;

namespace AmpleTide.Server;

/// <summary>An evening as the store keeps it.</summary>
internal static class LogRow
{
    /// <summary>A row for an evening that has an id.</summary>
    public static LogEntry Of(Taught taught) => Fill(new() { Id = taught.Id!, Document = "" }, taught);

    /// <summary>Puts an evening into its row.</summary>
    public static LogEntry Fill(LogEntry row, Taught taught)
    {
        row.Document = JsonSerializer.Serialize(taught, StoredJson.Checked.Taught);
        row.ClassId = taught.Class;
        row.TaughtAt = taught.At.ToUnixTimeMilliseconds();
        row.Moves = [.. taught.Lines.Where(l => l.RealMs > 0).Select(l => l.Move).OfType<string>().Distinct()];
        return row;
    }
}
