using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;
using AmpleTide.Formats;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>
/// The law of fixes, for every fix of every rule: what comes back is a class that can be saved, the finding is gone, nothing as bad has
/// come in its place, and what is locked is as it was. Where no edit does that, the fix says why and changes nothing.
/// </summary>
public class EveryFix
{
    private const int Spoiled = 80;

    // What may be refused, of all fixes of all generated classes: a fix that mostly says no is none.
    private const double MostRefused = 0.12;

    private static readonly Lazy<List<ClassPlan>> Classes = new(() =>
        [
            .. RuleTables.Faulty.Select(row => Shipped.Class(row.Data.Item2)),
            .. RuleTables.WholeClasses.Select(row => Shipped.Class(row.Data.Item3, row.Data.Item2)),
            .. ConventionsAct.Told.Select(row => Shipped.Class(row.Data.Item3, row.Data.Item2)),
            Shipped.Class(
                "{ \"move\": \"mountain\" }, { \"move\": \"cat-cow\" }",
                "\"group\": { \"pace\": \"brisk\", \"age\": \"older\" }"
            ),
            Shipped.Parse(
                """
                { "title": "Calm", "minutes": 5, "sections": [ { "name": "Rest", "part": "rest", "breath": { "resting": [6, 0, 4,
                  0] }, "items": [ { "move": "breath-watch" } ] } ] }
                """
            ),
            .. Enumerable.Range(1000, Spoiled).Select(QuietOnGoodWork.Spoiled),
            .. Shipped.DemoNames.Select(Shipped.Demo),
        ]
    );

    // What is told without a remedy: a whole order to think over, or a slip that only its author can mend.
    private static readonly string[] WithoutFixes =
    [
        "unknown-name",
        "unknown-field",
        "level-changes",
        "arc",
        "stretch-time",
        "props-again",
        "breath-direction",
        "breath-consistency",
    ];

    // No two moves that ship go from one end to the other; LooseEnds tries it with moves that do.
    private const string TriedElsewhere = "end-to-end";

    [Fact]
    public void Each_fix_of_each_rule_that_has_any_is_tried_here() =>
        Assert.Equal(
            Judgement.Rules.Select(r => r.Id).Except([.. WithoutFixes, TriedElsewhere]).Order(),
            Classes.Value.SelectMany(Shipped.Judge).Where(f => f.Fixes.Count > 0).Select(f => f.Rule).Distinct().Order()
        );

    [Fact]
    public void A_fix_mends_what_it_says_brings_nothing_as_bad_and_can_be_saved()
    {
        var (tried, refused) = (0, new List<string>());
        foreach (var plan in Classes.Value)
        {
            var score = Shipped.Score(plan);
            var before = Judgement.Of(score);
            foreach (var (finding, fix) in before.SelectMany(f => f.Fixes.Select(x => (f, x))))
            {
                tried++;
                var result = fix.Apply(score, finding, Shipped.Tools);
                var what = $"{finding.Rule} ({finding.Text}), {fix.Label}";
                if (result.Plan is not { } edited)
                {
                    Assert.False(string.IsNullOrWhiteSpace(result.Refusal), what);
                    refused.Add($"{what}: {result.Refusal}");
                    continue;
                }
                var written = TideWriter.Write(edited);
                Assert.False(written.AsSpan().SequenceEqual(TideWriter.Write(plan)), $"{what} changes nothing.");
                var readAgain = Shipped.Parse(System.Text.Encoding.UTF8.GetString(written));
                var after = Shipped.Judge(readAgain);
                if (fix.Betters is null)
                    Assert.DoesNotContain(after, f => f.Id == finding.Id);
                else
                    Assert.True(fix.Betters(Shipped.Score(readAgain)), $"{what} makes nothing better.");
                foreach (var rule in after.Where(f => f.Level <= finding.Level && f.Rule != PlannedTime.Rule.Id).GroupBy(f => f.Rule))
                    Assert.True(
                        rule.Count() <= before.Count(b => b.Rule == rule.Key && b.Level <= finding.Level),
                        $"{what} brings {rule.First().Text}"
                    );
            }
        }
        Assert.True(refused.Count <= MostRefused * tried, $"{refused.Count} of {tried} refused:\n{string.Join('\n', refused)}");
    }

    [Fact]
    public void No_fix_touches_what_is_locked()
    {
        foreach (var plan in Classes.Value.Take(70).Select(Locked))
        {
            var score = Shipped.Score(plan);
            foreach (var (finding, fix) in Judgement.Of(score).SelectMany(f => f.Fixes.Select(x => (f, x))))
            {
                if (fix.Apply(score, finding, Shipped.Tools).Plan is not { } edited)
                    continue;
                var now = edited.Lines.ToDictionary(l => l.Id);
                Assert.All(
                    plan.Lines,
                    line => Assert.Equal((line.Move, line.Dose, line.Sides), (now[line.Id].Move, now[line.Id].Dose, now[line.Id].Sides))
                );
            }
        }
    }

    [Fact]
    public void A_fix_that_was_called_off_ends()
    {
        var plan = Shipped.Demo("knots-undone");
        var score = Shipped.Score(plan);
        var finding = Judgement.Of(score).First(f => f.Fixes.Count > 0);
        Assert.Throws<OperationCanceledException>(() =>
            finding.Fixes[0].Apply(score, finding, Shipped.Tools with { Cancellation = new(canceled: true) })
        );
    }

    private static ClassPlan Locked(ClassPlan plan) => plan.ChangeLines([.. plan.Lines.Select(l => l.Id)], l => l with { Locked = true });
}
