using System.Globalization;
using System.Text;
using AmpleTide.Core;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Formats;

/// <summary>What is said, at its time: WebVTT (W3C, <i>WebVTT: The Web Video Text Tracks Format</i>).</summary>
public static class CuesVtt
{
    /// <summary>The format.</summary>
    public static readonly Format Format = new(
        "vtt",
        "Cues, WebVTT",
        ".vtt",
        "text/vtt",
        "It is written only: what is said and when.",
        Write
    );

    private static byte[] Write(Score score)
    {
        var text = new StringBuilder("WEBVTT\n");
        var said = score
            .Talks.Select(t => (t.At, t.End, Text: t.Said))
            .Concat(
                score
                    .Events!.Where(e =>
                        e.Cue is { Length: > 0 }
                        && e.Kind is EventKind.Breath or EventKind.Beat or EventKind.Way
                        && e.Length > TimeSpan.Zero
                    )
                    .Select(e => (e.At, End: e.At + e.Length, Text: e.Cue ?? ""))
            )
            .Where(s => s.Text.Length > 0)
            .OrderBy(s => s.At);
        foreach (var (i, (at, end, words)) in said.Index())
            text.Append(CultureInfo.InvariantCulture, $"\n{i + 1}\n{Stamp(at)} --> {Stamp(end)}\n{Plain(words)}\n");
        return Format.Utf8.GetBytes(text.ToString());
    }

    private static string Stamp(TimeSpan at) =>
        string.Create(CultureInfo.InvariantCulture, $"{(int)at.TotalHours:00}:{at.Minutes:00}:{at.Seconds:00}.{at.Milliseconds:000}");

    // An arrow would end the cue, an empty line, too.
    private static string Plain(string words) =>
        words
            .Replace("&", "&amp;", StringComparison.Ordinal)
            .Replace("<", "&lt;", StringComparison.Ordinal)
            .Replace(">", "&gt;", StringComparison.Ordinal)
            .ReplaceLineEndings(" ")
            .Trim();
}
