using System.Globalization;
using Google.OrTools.Sat;
using Google.OrTools.Util;

namespace AmpleTide.Fitting;

/// <summary>The doses that were found.</summary>
/// <param name="Doses">One for each adjustable line.</param>
/// <param name="IsOptimal">Whether nothing better exists.</param>
/// <param name="BoundSeconds">By how much doses have to change at least in all, in seconds, as far as that is proven.</param>
internal sealed record Solution(IReadOnlyList<long> Doses, bool IsOptimal, long BoundSeconds);

/// <summary>
/// A problem as constraints. What is best is settled one wish after the other, each as good as the wishes before it allow: as few lines
/// changed as can be, as little change of time as can be, as little taken from the theme as can be.
/// </summary>
internal sealed class FitModel
{
    // The same answer on every machine: one worker, a fixed seed, and an end that is counted in work, not by the clock.
    private const int Seed = 20;
    private const double MostWork = 2;

    // All constraints in the relaxation, and no probing before: the first proves in a tenth of a second what else is not proven in ten.
    private const string Relaxed = "linearization_level:2, cp_model_probing_level:0";

    private readonly CpModel model = new();
    private readonly IntVar[] doses;
    private readonly LinearExpr changed;
    private readonly LinearExpr change;
    private readonly LinearExpr takenFromTheme;
    private readonly LinearExpr? goal;

    public FitModel(FitProblem problem, IReadOnlyList<long> start, bool meetsGoal = true)
    {
        var lines = problem.Lines;
        doses = [.. lines.Index().Select(l => model.NewIntVarFromDomain(Domain.FromValues([.. l.Item.Doses]), $"dose {l.Index}"))];
        var (isChanged, ups, downs) = (new List<LinearExpr>(), new List<LinearExpr>(), new List<LinearExpr>());
        var fromTheme = new List<LinearExpr>();
        for (var i = 0; i < lines.Count; i++)
        {
            var (line, from) = (lines[i], start[i]);
            var (least, most) = (line.Doses[0], line.Doses[^1]);
            var (up, down) = (
                model.NewIntVar(0, Math.Max(0, most - from), $"up {i}"),
                model.NewIntVar(0, Math.Max(0, from - least), $"down {i}")
            );
            var differs = model.NewBoolVar($"changed {i}");
            model.Add(doses[i] == from + up - down);
            // As bounds and not as an implication, so that the relaxation sees how few lines can be enough.
            model.Add(up <= differs * Math.Max(0, most - from));
            model.Add(down <= differs * Math.Max(0, from - least));
            isChanged.Add(differs);
            ups.Add(up * line.UnitSeconds);
            downs.Add(down * line.UnitSeconds);
            if (line.IsOnTheme)
                fromTheme.Add(down * line.UnitSeconds);
        }
        (changed, change, takenFromTheme) = (LinearExpr.Sum(isChanged), LinearExpr.Sum(ups.Concat(downs)), LinearExpr.Sum(fromTheme));
        foreach (var (terms, sum) in problem.Sides)
            model.Add(LinearExpr.Sum(terms.Select(t => doses[t.Index] * t.Factor)) == sum);
        if (problem.Rest.Lines.Count > 0)
            model.Add(Length(problem, problem.Rest) >= problem.Rest.LeastMs);
        goal = problem.Goal is { } window ? Length(problem, window) : null;
        foreach (var met in problem.Windows.Where(w => meetsGoal || w != problem.Goal))
            model.AddLinearConstraint(Length(problem, met), met.LeastMs, met.MostMs);
    }

    /// <summary>The best doses, or null where there are none.</summary>
    public Solution? Best(CancellationToken cancellation)
    {
        Solution? best = null;
        foreach (var wish in (LinearExpr[])[changed, change, takenFromTheme])
        {
            model.Minimize(wish);
            if (Solve(cancellation) is not var (solver, isOptimal))
                return best is null ? null : best with { IsOptimal = false };
            best = new(
                [.. doses.Select(d => solver.Value(d))],
                best?.IsOptimal != false && isOptimal,
                ReferenceEquals(wish, change) ? (long)Math.Ceiling(solver.BestObjectiveBound) : best?.BoundSeconds ?? 0
            );
            model.Add(wish <= solver.Value(wish));
            Hint(best.Doses);
        }
        return best;
    }

    /// <summary>Doses with which the goal is the longest up to a time, or the shortest from it on; null where it cannot be so.</summary>
    public IReadOnlyList<long>? Nearest(long targetMs, bool below, CancellationToken cancellation)
    {
        if (goal is null)
            return null;
        if (below)
        {
            model.Add(goal <= targetMs);
            model.Maximize(goal);
        }
        else
        {
            model.Add(goal >= targetMs);
            model.Minimize(goal);
        }
        return Solve(cancellation) is var (solver, _) ? [.. doses.Select(d => solver.Value(d))] : null;
    }

    private LinearExpr Length(FitProblem problem, TimeWindow window) =>
        LinearExpr.Sum(window.Lines.Select(i => doses[i] * problem.Lines[i].UnitMs)) + window.FixedMs;

    // Null where there is nothing, or nothing was found.
    private (CpSolver Solver, bool IsOptimal)? Solve(CancellationToken cancellation)
    {
        cancellation.ThrowIfCancellationRequested();
        var solver = new CpSolver
        {
            StringParameters = string.Create(
                CultureInfo.InvariantCulture,
                $"num_workers:1, random_seed:{Seed}, max_deterministic_time:{MostWork}, {Relaxed}"
            ),
        };
        using var leaves = cancellation.Register(solver.StopSearch);
        var status = solver.Solve(model);
        cancellation.ThrowIfCancellationRequested();
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? (solver, status == CpSolverStatus.Optimal) : null;
    }

    private void Hint(IReadOnlyList<long> found)
    {
        model.ClearHints();
        for (var i = 0; i < doses.Length; i++)
            model.AddHint(doses[i], found[i]);
    }
}
