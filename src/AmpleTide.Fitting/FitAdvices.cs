using AmpleTide.Core;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Fitting;

/// <summary>What would help where doses cannot bring a class to its length: what is enough first, then what costs least.</summary>
internal static class FitAdvices
{
    private const int Most = 6;

    public static IReadOnlyList<FitAdvice> For(FitProblem problem, TimeSpan? below, TimeSpan? above)
    {
        if (problem.Goal is not { } goal)
            return [];
        var target = goal.TargetMs;
        var lines = problem.Score.Lines.Where(problem.IsInGoal).ToList();
        // How much is still missing, either way, when every dose has done what it can.
        var tooLong = below is null && above is { } shortest ? shortest.Ms() - target : 0;
        var tooShort = above is null && below is { } longest ? target - longest.Ms() : 0;
        var advice =
            tooLong > 0 ? Unlocks(lines, tooLong, shorter: true).Concat(Drops(problem, lines, tooLong))
            : tooShort > 0 ? Unlocks(lines, tooShort, shorter: false).Concat(Additions(problem.Score, lines, tooShort))
            : [];
        return [.. advice.Take(Most)];
    }

    // A line goes with its other side; what is off the theme goes first.
    private static IEnumerable<FitAdvice> Drops(FitProblem problem, List<LineScore> lines, long missingMs)
    {
        var kept = Arc.Rest(problem.Score).Concat(problem.Score.Lines.TakeWhile(l => l.Form is null || Arc.IsQuiet(l))).ToHashSet();
        var enough = missingMs - FitProblem.Tolerance.Ms();
        return from together in lines.Where(l => l.Form is not null).GroupBy(WithItsOtherSide)
            where together.All(l => !l.Line.Locked && !kept.Contains(l))
            let line = together.First()
            let time = together.Sum(l => LeastMs(problem, l))
            let onTheme = ThemeShare.IsOnTheme(line, problem.Score.Plan.Theme.Areas)
            // What is enough by itself goes by what it costs; the rest by what it brings.
            orderby time < enough, time >= enough && onTheme, time >= enough ? time : -time
            select new FitAdvice(
                FitAdviceKind.Drop,
                $"Take out {line.Move!.Name}{(together.Count() > 1 ? ", all its sides" : "")}: {Clock(time)} less",
                line,
                null,
                TimeSpan.FromMilliseconds(time),
                time >= enough
            );
    }

    private static object WithItsOtherSide(LineScore line) => line.Line.Sides is { IsOneSide: true } ? (line.Move, line.Line.Option) : line;

    // All of it, at the least its dose can be.
    private static long LeastMs(FitProblem problem, LineScore line)
    {
        var adjustable = problem.Lines.FirstOrDefault(l => l.Line == line);
        return line.Time.Ms() - (adjustable is null ? 0 : (adjustable.Now - adjustable.Doses[0]) * adjustable.UnitMs);
    }

    private static IEnumerable<FitAdvice> Unlocks(List<LineScore> lines, long missingMs, bool shorter) =>
        from line in lines
        where line is { Form: not null, Line.Locked: true }
        let amount = shorter ? line.Dose.Amount - line.Limits.Least : line.Limits.Most - line.Dose.Amount
        let time = amount * line.UnitTime.Ms()
        where time > 0
        orderby time descending
        select new FitAdvice(
            FitAdviceKind.Unlock,
            $"Unlock {line.Move!.Name}: up to {Clock(time)} {(shorter ? "less" : "more")}",
            line,
            null,
            TimeSpan.FromMilliseconds(time),
            time >= missingMs - FitProblem.Tolerance.Ms()
        );

    private static IEnumerable<FitAdvice> Additions(Score score, List<LineScore> lines, long missingMs)
    {
        var after =
            lines.LastOrDefault(l => l.Position is not null && l.Section.Part is not (Part.Rest or Part.Close))
            ?? lines.LastOrDefault(l => l.Position is not null);
        if (after is null || Needs.Of(score, after, score.Plan.Theme.Areas.Count > 0 ? "theme" : "counter") is not { } need)
            yield break;
        foreach (var found in Insertions.After(score, after, need).Take(Most))
        {
            var most = found.Extra.Ms() + MostMs(score, found);
            yield return new(
                FitAdviceKind.Add,
                $"Add {found.Form.Move.Name}, because it {need.Does}: up to {Clock(most)} more",
                after,
                found.Form.Move.Id,
                TimeSpan.FromMilliseconds(most),
                most >= missingMs - FitProblem.Tolerance.Ms()
            );
        }
    }

    private static long MostMs(Score score, Insertion found)
    {
        var range = found.Form.Move.Dose;
        var alone = score.Plan with
        {
            Sections =
            [
                new()
                {
                    Id = "alone",
                    Name = "",
                    Items = [found.Line with { Dose = new(range.Unit, range.Most) }],
                },
            ],
        };
        return ClassCompiler
            .Compile(alone, score.Catalogue, score.Ways, withEvents: false, score.Tempo)
            .Lines[0]
            .Occurrences.Sum(o => o.Length)
            .Ms();
    }

    private static string Clock(long ms) => Core.Judgements.Clock.Of(TimeSpan.FromMilliseconds(ms));
}
