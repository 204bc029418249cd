using System.Diagnostics;
using AmpleTide.Catalogue;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Teaching;
using AmpleTide.Fitting;

namespace AmpleTide.Bench;

/// <summary>
/// What is made before a class of so many lines is taught: its lesson and its ladder of fits, warm, and beside it one fit. Whoever stands
/// before a group waits for it once.
/// </summary>
internal static class Ladders
{
    public static void Run()
    {
        var catalogue = CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue"));
        var ways = new WayNetwork(catalogue);
        foreach (var lines in (int[])[20, 20, 45, 60])
        {
            var plan = BigClass.Of(lines, catalogue);
            var score = ClassCompiler.Compile(plan, catalogue, ways, false);
            var fit = Time(() => Fitter.Fit(new(score) { Target = score.Total - Ladder.Step }));
            var lesson = Time(() => Lesson.Of(plan, catalogue, ways));
            var rungs = 0;
            var ladder = Time(() => rungs = Ladder.Changes(score).Sum(change => Ladder.At(score, change).Count()));
            Console.WriteLine(
                $"{lines} lines, {score.Total.TotalMinutes:0} min: one fit {fit:0} ms, lesson {lesson:0} ms, ladder of {rungs} rungs {ladder:0} ms ({ladder / fit:0} fits)"
            );
        }
    }

    private static double Time(Action run)
    {
        var watch = Stopwatch.StartNew();
        run();
        return watch.Elapsed.TotalMilliseconds;
    }
}
