using AmpleTide.Core;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Fitting;

/// <summary>
/// Fits a class to the minute by its doses: within ten seconds, both sides alike, every dose between its least and its most, the rest and
/// the arrival kept. Google OR-Tools' CP-SAT does the search.
/// </summary>
public static class Fitter
{
    // A class is scaled evenly by at most so much, either way.
    private const double MostScale = 8;
    private const int Halvings = 50;

    /// <summary>Fits a class: as few lines as can be, changed as little as can be, the theme last to shrink.</summary>
    public static FitResult Fit(FitRequest request, CancellationToken cancellation = default) =>
        RestLast(request, problem => Fit(problem, [.. problem.Lines.Select(l => (long)l.Now)], cancellation));

    /// <summary>Fits a class by scaling all its doses alike, and mends what rounding leaves.</summary>
    public static FitResult Scale(FitRequest request, CancellationToken cancellation = default) =>
        RestLast(request, problem => Fit(problem, Scaled(problem), cancellation));

    // The rest gives time only where nothing else can.
    private static FitResult RestLast(FitRequest request, Func<FitProblem, FitResult> fit) =>
        fit(new(request)) is { Changes: not null } kept ? kept : fit(new(request, keepsRest: false));

    /// <summary>
    /// Ways to bring a class to a length by its doses, best first: few lines changed, all scaled alike, else as near as it gets. The class
    /// itself where nothing can change.
    /// </summary>
    public static IEnumerable<ClassPlan> ToLength(Score score, TimeSpan length, CancellationToken cancellation)
    {
        var request = new FitRequest(score) { Target = length };
        var fit = Fit(request, cancellation);
        yield return (fit.Changes is null ? fit.Nearest : fit).Apply(score.Plan);
        if (fit.Changes is not null)
            yield return Scale(request, cancellation).Apply(score.Plan);
    }

    private static FitResult Fit(FitProblem problem, IReadOnlyList<long> start, CancellationToken cancellation)
    {
        if (new FitModel(problem, start).Best(cancellation) is { } best)
            return new(Changes(problem, best.Doses), TimeSpan.FromMilliseconds(problem.TotalMs(best.Doses)))
            {
                IsOptimal = best.IsOptimal,
                Bound = TimeSpan.FromSeconds(best.BoundSeconds),
            };
        FitResult? Nearest(bool below) =>
            problem.Goal is { } goal
            && new FitModel(problem, start, meetsGoal: false).Nearest(goal.TargetMs, below, cancellation) is { } doses
                ? new(Changes(problem, doses), TimeSpan.FromMilliseconds(problem.LengthMs(goal, doses)))
                : null;
        var (under, over) = (Nearest(below: true), Nearest(below: false));
        return new(null, problem.Score.Total)
        {
            Below = under,
            Above = over,
            Target = TimeSpan.FromMilliseconds(problem.Goal?.TargetMs ?? 0),
            Advice = FitAdvices.For(problem, under?.Reached, over?.Reached),
        };
    }

    private static List<DoseChange> Changes(FitProblem problem, IReadOnlyList<long> doses) =>
        [
            .. problem
                .Lines.Zip(doses)
                .Where(p => p.First.Now != p.Second)
                .Select(p => new DoseChange(p.First.Line, p.First.Now, (int)p.Second)),
        ];

    // The scale that comes nearest to the target; doses grow with it, so it is found by halving.
    private static List<long> Scaled(FitProblem problem)
    {
        var target = problem.Goal?.TargetMs ?? problem.Score.Total.Ms();
        var (low, high) = (1 / MostScale, MostScale);
        for (var i = 0; i < Halvings; i++)
        {
            var middle = Math.Sqrt(low * high);
            if (problem.LengthMs(problem.Goal, At(middle)) < target)
                low = middle;
            else
                high = middle;
        }
        return At(high);

        List<long> At(double scale) => [.. problem.Lines.Select(l => l.Doses.MinBy(d => Math.Abs(d - (l.Now * scale))))];
    }
}
