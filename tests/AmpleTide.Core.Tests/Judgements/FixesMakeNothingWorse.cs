using AmpleTide.Core.Judgements;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>A fix never makes a worse finding than it mends: over generated classes with faults in them.</summary>
public class FixesMakeNothingWorse
{
    private const int Classes = 60;

    [Fact]
    public void No_fix_brings_a_finding_that_is_worse_than_the_one_it_mends()
    {
        var tried = 0;
        foreach (var seed in Enumerable.Range(1000, Classes))
        {
            var plan = QuietOnGoodWork.Spoiled(seed);
            var before = TestHouse.Judge(plan);
            foreach (var finding in before)
            {
                foreach (var fix in finding.Fixes)
                {
                    var after = TestHouse.Judge(fix.Edit(plan));
                    tried++;
                    // Counted by rule: a finding whose lines or numbers changed is still the same trouble.
                    // What is put in takes its time; where no candidate fits into the minutes that are left, the clock says so and has its own fix.
                    var worse = after.Where(f => f.Level < finding.Level && !(f.Rule == PlannedTime.Rule.Id && fix.Label.StartsWith("Add", StringComparison.Ordinal))).GroupBy(f => f.Rule).Where(g => g.Count() > before.Count(b => b.Rule == g.Key && b.Level < finding.Level)).Select(g => g.First()).ToList();
                    Assert.True(worse.Count == 0, $"class {seed}, {finding.Rule} ({finding.Text}), {fix.Label}: {string.Join(" | ", worse.Select(w => $"{w.Level} {w.Rule}: {w.Text}"))}");
                }
            }
        }
        Assert.True(tried > Classes);
    }
}
