using System.Diagnostics;
using System.IO.Compression;
using System.Text.Json;
using AmpleTide.Catalogue;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;

namespace AmpleTide.Bench;

/// <summary>
/// How long the pictures of all moves take on one warm core, and how large they are as sent. Budgets: a moment of a still 15 ms, a frame of
/// motion 6 ms, 5 kB compressed a still for 95 of 100.
/// </summary>
internal static class Figures
{
    public static void Run()
    {
        var catalogue = CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue"));
        var forms = catalogue.Moves.Select(m => catalogue.Form(m, catalogue.Position(m.In[0])!, MoveForm.BaseOption)).ToList();
        foreach (var form in forms.Take(60))
            FigureDrawing.Picture(form);
        Report("phase of a still", [.. forms.Select(f => Timed(() => FigureDrawing.Picture(f, f.Move.Picture), 1))]);
        Report("card", [.. forms.Select(f => Timed(() => FigureDrawing.Picture(f), 1))]);
        var motions = forms.Where((_, i) => i % 8 == 0).ToList();
        Report(
            "frame",
            [.. motions.Select(f => Timed(() => FigureFrames.Of(f, f.View, Side.Right), f.Phases.Length * FigureFrames.PerPhase))]
        );
    }

    private static (double Ms, double Bytes) Timed<T>(Func<T> draw, int count)
    {
        draw();
        var best = double.MaxValue;
        T drawn = default!;
        for (var i = 0; i < 3; i++)
        {
            var start = Stopwatch.GetTimestamp();
            drawn = draw();
            best = Math.Min(best, Stopwatch.GetElapsedTime(start).TotalMilliseconds);
        }
        using var sent = new MemoryStream();
        using (var gzip = new GZipStream(sent, CompressionLevel.Optimal, true))
            JsonSerializer.Serialize(gzip, drawn, JsonSerializerOptions.Web);
        return (best / count, (double)sent.Length / count);
    }

    private static void Report(string what, List<(double Ms, double Bytes)> all)
    {
        static string Of(IEnumerable<double> values, string unit)
        {
            var sorted = values.Order().ToList();
            var (median, most) = (sorted[sorted.Count / 2], sorted[^1]);
            return $"{median:0.0} {unit} median, {sorted[sorted.Count * 95 / 100]:0.0} for 95 of 100, {most:0.0} most";
        }
        Console.WriteLine($"{what}: {Of(all.Select(a => a.Ms), "ms")}; {Of(all.Select(a => a.Bytes / 1024), "kB gzipped")}");
    }
}
