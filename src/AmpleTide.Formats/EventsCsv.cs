using System.Globalization;
using AmpleTide.Core;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Formats;

/// <summary>Everything that happens in a class, second by second, as a table.</summary>
public static class EventsCsv
{
    /// <summary>The format.</summary>
    public static readonly Format Format = new(
        "events-csv",
        "Events, CSV",
        ".events.csv",
        "text/csv",
        "It is written only.",
        score => Csv.Write(["start ms", "ms", "kind", "breath", "line", "move", "side", "round", "of", "said"], score.Events!.Select(Row))
    );

    private static string[] Row(ScoreEvent e) =>
        [
            Number(e.At.Ms()),
            Number(e.Length.Ms()),
            e.Kind.ToString().ToLowerInvariant(),
            e.Breath.ToString().ToLowerInvariant(),
            e.Item.Item.Id,
            (e.Item as LineScore)?.Line.Move ?? "",
            e.Side.ToString().ToLowerInvariant(),
            Number(e.Round),
            Number(e.Of),
            e.Cue ?? "",
        ];

    private static string Number(long number) => number.ToString(CultureInfo.InvariantCulture);
}
