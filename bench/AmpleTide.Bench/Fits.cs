using System.Diagnostics;
using System.Globalization;
using AmpleTide.Catalogue;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using AmpleTide.Fitting;

namespace AmpleTide.Bench;

/// <summary>
/// A hundred fits of a class of 120 lines to lengths from four fifths to five quarters of its own, warm, and beside each the greedy fit:
/// always the line whose next step brings the class nearest. Budget: median 250 ms, 95 of 100 within 600 ms.
/// </summary>
internal static class Fits
{
    private const int Lines = 120;
    private const int Times = 100;

    public static void Run()
    {
        var catalogue = CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue"));
        var score = ClassCompiler.Compile(BigClass.Of(Lines, catalogue), catalogue, new WayNetwork(catalogue), false);
        Fitter.Fit(new(score) { Target = score.Total * 0.9 });
        var (fits, greedy) = (new List<Measured>(), new List<Measured>());
        for (var i = 0; i < Times; i++)
        {
            var request = new FitRequest(score) { Target = score.Total * (0.8 + (0.45 * i / (Times - 1))) };
            fits.Add(Measured.Of(() => Fitter.Fit(request).Changes?.Count));
            greedy.Add(Measured.Of(() => Greedy(new FitProblem(request))));
        }
        Report("fit", fits);
        Report("greedy", greedy);
    }

    private sealed record Measured(double Ms, int? Changed)
    {
        public static Measured Of(Func<int?> fit)
        {
            var clock = Stopwatch.StartNew();
            var changed = fit();
            return new(clock.Elapsed.TotalMilliseconds, changed);
        }
    }

    private static void Report(string name, List<Measured> all)
    {
        var ms = all.Select(m => m.Ms).Order().ToList();
        var done = all.Where(m => m.Changed is not null).ToList();
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{name, -8} median {ms[Times / 2]:0.0} ms, 95th {ms[(Times * 95 / 100) - 1]:0.0} ms, most {ms[^1]:0.0} ms; {done.Count} of {Times} "
                    + $"within ten seconds, {done.Average(m => m.Changed):0.0} lines changed"
            )
        );
    }

    // How many lines it changed, or null where it did not get within reach.
    private static int? Greedy(FitProblem problem)
    {
        var doses = problem.Lines.Select(l => (long)l.Now).ToArray();
        var target = problem.Goal!.TargetMs;
        while (true)
        {
            var now = Math.Abs(problem.TotalMs(doses) - target);
            if (now <= FitProblem.Tolerance.TotalMilliseconds)
                return problem.Lines.Index().Count(l => doses[l.Index] != l.Item.Now);
            var (best, at, to) = (now, -1, 0L);
            for (var i = 0; i < doses.Length; i++)
            {
                var line = problem.Lines[i];
                var index = ((List<long>)[.. line.Doses]).IndexOf(doses[i]);
                foreach (var next in (int[])[index - 1, index + 1])
                {
                    if (next < 0 || next >= line.Doses.Count)
                        continue;
                    var off = Math.Abs(problem.TotalMs(doses) + ((line.Doses[next] - doses[i]) * line.UnitMs) - target);
                    if (off < best)
                        (best, at, to) = (off, i, line.Doses[next]);
                }
            }
            if (at < 0)
                return null;
            doses[at] = to;
        }
    }
}
