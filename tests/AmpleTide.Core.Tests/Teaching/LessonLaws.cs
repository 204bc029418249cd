using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Teaching;
using AmpleTide.Fitting;

namespace AmpleTide.Core.Tests.Teaching;

public sealed class LessonLaws
{
    public static TheoryData<string> Classes => [.. Shipped.DemoNames];

    private static ClassPlan Plan(string title) => Shipped.Demo(title);

    [Theory, MemberData(nameof(Classes))]
    public void At_the_planned_doses_a_lesson_is_the_class(string title)
    {
        var lesson = Lesson.Of(Plan(title), Shipped.Catalogue, Shipped.Ways);
        var events = lesson.Passes.SelectMany(p => p.Doses.Single(d => d.Amount == p.Amount).Events).ToList();
        var planned = lesson.Score.Events!.Where(e => e.Kind != EventKind.Prop).ToList();
        Assert.Equal(planned.Select(e => (e.Length, e.Kind, e.Phase, e.Side, e.Round, e.Of)), events.Select(Told));
        Assert.Equal(lesson.Score.Total, events.Sum(e => e.Length));
    }

    [Theory, MemberData(nameof(Classes))]
    public void At_the_doses_of_a_rung_a_lesson_is_the_class_compiled_with_them(string title)
    {
        var plan = Plan(title);
        var lesson = Lesson.Of(plan, Shipped.Catalogue, Shipped.Ways);
        foreach (var rung in Rungs(lesson.Score).Take(5))
        {
            var to = rung.Changes.ToDictionary(c => c.Line.Line.Id, c => c.To);
            var fitted = ClassCompiler.Compile(new FitResult(rung.Changes, rung.Total).Apply(plan), Shipped.Catalogue, Shipped.Ways);
            var events = lesson.Passes.SelectMany(p =>
                p.Doses.Single(d => d.Amount == to.GetValueOrDefault(p.Item.Item.Id, p.Amount)).Events
            );
            Assert.Equal(
                fitted.Events!.Where(e => e.Kind != EventKind.Prop).Select(e => (e.Length, e.Kind, e.Phase, e.Side, e.Round, e.Of)),
                events.Select(Told)
            );
        }
    }

    [Theory, MemberData(nameof(Classes))]
    public void Every_pass_has_its_own_practice(string title)
    {
        foreach (var pass in Lesson.Of(Plan(title), Shipped.Catalogue, Shipped.Ways).Passes)
        foreach (var dose in pass.Doses)
        {
            Assert.NotEmpty(dose.Events);
            var practice = dose.Events.Where(e => e.Kind is EventKind.Breath or EventKind.Beat).ToList();
            Assert.Equal(pass.Item is LineScore, practice.Count > 0);
            if (pass.Item is LineScore { Alternates: false })
                Assert.All(practice, e => Assert.Equal(pass.Side, e.Side));
        }
    }

    [Theory, MemberData(nameof(Classes))]
    public void Every_second_side_follows_a_first_of_the_same_move_and_dose(string title)
    {
        var passes = Lesson.Of(Plan(title), Shipped.Catalogue, Shipped.Ways).Passes;
        foreach (var (i, second) in passes.Index())
        {
            if (second.Follows is not { } first)
                continue;
            Assert.True(first < i);
            Assert.Equal(((LineScore)passes[first].Item).Move, ((LineScore)second.Item).Move);
            Assert.Equal(passes[first].Side.Opposite(), second.Side);
        }
        Assert.Equal(passes.Count(p => p.Follows is not null), passes.Select(p => p.Follows).OfType<int>().Distinct().Count());
    }

    [Theory, MemberData(nameof(Classes))]
    public void A_ladder_keeps_what_is_over_and_what_every_fit_keeps(string title)
    {
        var score = ClassCompiler.Compile(Plan(title), Shipped.Catalogue, Shipped.Ways, false);
        var rungs = Rungs(score).ToList();
        Assert.NotEmpty(rungs);
        foreach (var rung in rungs)
        {
            var off = (rung.Total - score.Total).TotalSeconds;
            Assert.InRange(Math.Abs(off - (Math.Round(off / 20) * 20)), 0, FitProblem.Tolerance.TotalSeconds);
            foreach (var change in rung.Changes)
            {
                Assert.True(score.Lines.ToList().IndexOf(change.Line) >= rung.To);
                Assert.Contains(change.To, change.Line.Limits.With(change.From));
                Assert.False(change.Line.Line.Locked);
            }
            Assert.InRange(rung.To, rung.From, score.Lines.Count);
        }
    }

    private static IEnumerable<Rung> Rungs(Score score) =>
        Ladder.Changes(score).SelectMany(change => Ladder.At(score, change, TestContext.Current.CancellationToken));

    private static (TimeSpan, EventKind, int, Side, int, int) Told(LessonEvent e) => (e.Length, e.Kind, e.Phase, e.Side, e.Round, e.Of);
}
