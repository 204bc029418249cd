using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Tests.Scoring;
using AmpleTide.Fitting;
using FsCheck.Xunit;

namespace AmpleTide.Core.Tests.Fitting;

/// <summary>What holds of every fit. The optimum is counted out by hand for small classes: every dose of every line.</summary>
public class FitLaws
{
    // Small enough to try all doses of.
    private const int MostTrials = 400_000;
    private const int Counted = 300;

    [Fact]
    public void Trying_all_doses_finds_nothing_better()
    {
        var (compared, impossible) = (0, 0);
        for (var seed = 1; compared < Counted; seed++)
        {
            var random = new Random(seed);
            var score = Shipped.Score(SmallClass(random));
            var target = TimeSpan.FromSeconds(Math.Round(score.Total.TotalSeconds * (0.7 + (random.NextDouble() * 0.6))));
            var request = new FitRequest(score) { Target = target };
            var (problem, giving) = (new FitProblem(request), new FitProblem(request, keepsRest: false));
            if (problem.Lines.Count == 0 || giving.Lines.Aggregate(1.0, (n, l) => n * l.Doses.Count) > MostTrials)
                continue;
            compared++;
            var best = BestOf(problem);
            if (best is null)
                (problem, best) = (giving, BestOf(giving));
            var result = Fitter.Fit(request);
            if (best is null)
            {
                impossible++;
                Assert.Null(result.Changes);
                continue;
            }
            Assert.True(result.IsOptimal, $"seed {seed}");
            Assert.True(
                best == Worth(problem, Doses(problem, result)),
                $"seed {seed}: {best} and {Worth(problem, Doses(problem, result))}"
            );
        }
        Assert.InRange(impossible, Counted / 20, Counted / 2);
    }

    [Property(MaxTest = 30)]
    public void What_is_promised_is_what_comes_out_and_fitting_again_changes_nothing(int seed)
    {
        var score = Shipped.Score(ScoreLaws.AnyClass(seed));
        var target = score.Total * (0.7 + (0.6 * new Random(seed).NextDouble()));
        var result = Fitter.Fit(new(score) { Target = target });
        if (result.Changes is null)
            return;
        var fitted = Shipped.Score(result.Apply(score.Plan));
        Assert.Equal(result.Reached, fitted.Total);
        Assert.True((fitted.Total - target).Duration() <= FitProblem.Tolerance);
        Assert.Empty(Fitter.Fit(new(fitted) { Target = target }).Changes!);
    }

    [Property(MaxTest = 30)]
    public void Sides_stay_equal_what_is_locked_stays_and_doses_keep_their_bounds(int seed)
    {
        var random = new Random(seed);
        var plan = ScoreLaws.AnyClass(seed);
        plan = plan.ChangeLines([.. plan.Lines.Where(_ => random.Next(4) == 0).Select(l => l.Id)], l => l with { Locked = true });
        var score = Shipped.Score(plan);
        var request = new FitRequest(score) { Target = score.Total * 0.8 };
        foreach (var result in (FitResult[])[Fitter.Fit(request), Fitter.Scale(request)])
        {
            if (result.Changes is null)
                continue;
            Assert.All(
                result.Changes,
                c =>
                {
                    Assert.False(c.Line.Line.Locked);
                    Assert.InRange(c.To, c.Line.Limits.Least, c.Line.Limits.Most);
                    Assert.Equal(0, c.To % c.Line.Limits.Step == 0 ? 0 : c.To - c.Line.Limits.Least);
                }
            );
            var fitted = Shipped.Score(result.Apply(plan));
            foreach (var (before, after) in BySide(score).Zip(BySide(fitted)))
                Assert.Equal(before, after);
            Assert.Equal(score.Lines.Select(l => l.Occurrences.Count), fitted.Lines.Select(l => l.Occurrences.Count));
        }
    }

    // How many more of a move the right side is given than the left; what alternates may end odd where it began so.
    private static IEnumerable<(string, int)> BySide(Score score) =>
        from line in score.Lines
        where line.Move is not null && line.Move.Sides != Sidedness.Alternating
        group line by (line.Line.Move, line.Line.Option, line.Dose.Unit) into lines
        orderby lines.Key.ToString()
        select (lines.Key.ToString(), lines.Sum(l => l.Right.Amount - l.Left.Amount));

    [Fact]
    public void Time_is_given_to_a_section_and_nothing_else_moves()
    {
        var score = Shipped.Score(Shipped.Demo("low-water-shoulders"));
        var rest = score.Plan.Sections.Single(s => s.Part == Part.Rest);
        var length = TimeSpan.FromMinutes(6);
        var result = Fitter.Fit(new(score) { Sections = new Dictionary<Section, TimeSpan> { [rest] = length } });
        Assert.All(result.Changes!, c => Assert.Equal(rest, c.Line.Section));
        var fitted = Shipped.Score(result.Apply(score.Plan));
        var now = fitted.Items.Where(i => i.Section.Id == rest.Id).Sum(i => i.Time);
        Assert.True((now - length).Duration() <= FitProblem.Tolerance, $"{now}");
    }

    [Fact]
    public void Only_what_was_not_set_is_scaled()
    {
        const string items =
            "{ \"id\": \"a\", \"move\": \"cat-cow\" }, { \"id\": \"b\", \"move\": \"puppy-reach\", \"breaths\": 3 }, "
            + "{ \"id\": \"c\", \"move\": \"thread-the-needle\" }, { \"id\": \"d\", \"move\": \"folded-rest-hold\" }";
        var score = Shipped.Score(Shipped.Class(items));
        var result = Fitter.Scale(new(score) { Target = score.Total * 0.8, OnlyUnset = true });
        Assert.NotEmpty(result.Changes!);
        Assert.DoesNotContain(result.Changes!, c => c.Line.Line.Id == "b");
        Assert.True(result.Changes!.Count > 1, "it is scaled, not taken from one");
    }

    [Fact]
    public void What_cannot_be_is_told_with_the_nearest_and_what_would_help()
    {
        var score = Shipped.Score(Shipped.Demo("low-water-shoulders"));
        var shorter = Fitter.Fit(new(score) { Target = TimeSpan.FromMinutes(10) });
        Assert.Null(shorter.Changes);
        Assert.Null(shorter.Below);
        Assert.True(shorter.Above!.Reached > TimeSpan.FromMinutes(10));
        Assert.Equal(shorter.Above.Reached, Shipped.Score(shorter.Above.Apply(score.Plan)).Total);
        Assert.All(shorter.Advice, a => Assert.Equal(FitAdviceKind.Drop, a.Kind));
        var longer = Fitter.Fit(new(score) { Target = TimeSpan.FromHours(3) });
        Assert.Null(longer.Above);
        Assert.Contains(longer.Advice, a => a is { Kind: FitAdviceKind.Add, Move: not null });
        // A gap in between: whole breaths of seven seconds on both sides do not meet every time.
        var coarse = Shipped.Score(Shipped.Class("{ \"move\": \"neck-side-tilt\", \"breaths\": 3, \"rounds\": null }"));
        var between = Fitter.Fit(new(coarse) { Target = coarse.Total + TimeSpan.FromDays(0.02) });
        Assert.NotNull(between.Below);
    }

    [Fact]
    public void The_rest_gives_only_where_nothing_else_can()
    {
        var score = Shipped.Score(Shipped.Demo("low-water-shoulders"));
        TimeSpan Rest(int minutes) =>
            Arc.RestTime(Shipped.Score(Fitter.Fit(new(score) { Target = TimeSpan.FromMinutes(minutes) }).Apply(score.Plan)));
        Assert.Equal(Arc.RestTime(score), Rest(38));
        Assert.InRange(Rest(25), RestLength.Needed(25), Arc.RestTime(score) - TimeSpan.FromSeconds(1));
    }

    [Fact]
    public void The_theme_gives_last()
    {
        const string items =
            "{ \"id\": \"off\", \"move\": \"figure-four\", \"breaths\": 6 }, { \"id\": \"on\", \"move\": \"neck-side-tilt\", \"breaths\": 6 }";
        var score = Shipped.Score(Shipped.Class(items, "\"theme\": { \"areas\": [\"neck\"] }"));
        Assert.Equal(score.Lines[0].UnitTime, score.Lines[1].UnitTime);
        Assert.Equal([false, true], new FitProblem(new(score) { Target = score.Total }).Lines.Select(l => l.IsOnTheme));
        var change = Assert.Single(Fitter.Fit(new(score) { Target = score.Total - TimeSpan.FromSeconds(20) }).Changes!);
        Assert.Equal("off", change.Line.Line.Id);
    }

    [Fact]
    public void Whoever_leaves_is_not_waited_for() =>
        Assert.Throws<OperationCanceledException>(() =>
            Fitter.Fit(
                new(Shipped.Score(Shipped.Demo("low-water-shoulders"))) { Target = TimeSpan.FromMinutes(40) },
                new CancellationToken(canceled: true)
            )
        );

    private static ClassPlan SmallClass(Random random)
    {
        var plan = ScoreLaws.AnyClass(random.Next());
        var lines = plan.Lines.Take(random.Next(1, 6)).ToList();
        // Some are done a side a line, so that sides have to be kept alike.
        lines.AddRange(
            lines
                .Where(l => l.Sides is { IsOneSide: true } && random.Next(2) == 0)
                .Select(l => l with { Id = l.Id + "b", Sides = l.Sides!.Swapped() })
                .ToList()
        );
        return plan with { Sections = [plan.Sections[0] with { Items = [.. lines.Select(l => l with { Locked = random.Next(8) == 0 })] }] };
    }

    // Every combination of doses, by counting up like a clock.
    private static (int, long, long)? BestOf(FitProblem problem)
    {
        var (lines, at) = (problem.Lines, new int[problem.Lines.Count]);
        (int, long, long)? best = null;
        while (true)
        {
            var doses = at.Select((a, i) => lines[i].Doses[a]).ToList();
            if (IsAllowed(problem, doses) && Worth(problem, doses) is var worth && (best is null || worth.CompareTo(best.Value) < 0))
                best = worth;
            var digit = 0;
            while (digit < at.Length && ++at[digit] == lines[digit].Doses.Count)
                at[digit++] = 0;
            if (digit == at.Length)
                return best;
        }
    }

    private static bool IsAllowed(FitProblem problem, List<long> doses) =>
        problem.Windows.All(w => problem.LengthMs(w, doses) is var ms && ms >= w.LeastMs && ms <= w.MostMs)
        && problem.Sides.All(s => s.Terms.Sum(t => t.Factor * doses[t.Index]) == s.Sum)
        && (problem.Rest.Lines.Count == 0 || problem.LengthMs(problem.Rest, doses) >= problem.Rest.LeastMs);

    // Lines changed, seconds changed, seconds taken from the theme.
    private static (int, long, long) Worth(FitProblem problem, IReadOnlyList<long> doses)
    {
        var by = problem.Lines.Zip(doses).Select(p => (p.First, Seconds: (p.Second - p.First.Now) * p.First.UnitSeconds)).ToList();
        return (
            by.Count(b => b.Seconds != 0),
            by.Sum(b => Math.Abs(b.Seconds)),
            by.Where(b => b.First.IsOnTheme && b.Seconds < 0).Sum(b => -b.Seconds)
        );
    }

    private static List<long> Doses(FitProblem problem, FitResult result)
    {
        var to = result.Changes!.ToDictionary(c => c.Line, c => (long)c.To);
        return [.. problem.Lines.Select(l => to.GetValueOrDefault(l.Line, l.Now))];
    }
}
