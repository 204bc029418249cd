using AmpleTide.Core.Classes;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Fixes that have a choice: of all that would mend a finding, the first that makes nothing worse.</summary>
internal static class Repair
{
    private const int MostTried = 12;

    /// <summary>A fix that puts in a line that meets a need, after the last line concerned.</summary>
    public static Finding Fix(this Finding finding, Score score, string label, Need need)
    {
        var after = score.Lines.Last(l => finding.Lines.Contains(l.Line.Id));
        return finding.FixAfter(score, label, after, need);
    }

    /// <summary>A fix that puts in a line that meets a need, after a line; after its set, if it is in one.</summary>
    public static Finding FixAfter(this Finding finding, Score score, string label, LineScore after, Need need) =>
        finding.FixWith(score, label, plan => Insertions.After(score, after, need).Select(i => plan.InsertAfter(after.Set?.Id ?? after.Line.Id, i.Line)));

    /// <summary>A fix that takes the first of several edits that makes nothing worse.</summary>
    public static Finding FixWith(this Finding finding, Score score, string label, Func<ClassPlan, IEnumerable<ClassPlan>> edits) =>
        finding.Fix(label, plan =>
        {
            var tried = edits(plan).Take(MostTried).ToList();
            return tried.Find(edited => Mends(score, finding, edited, onTime: true)) ?? tried.Find(edited => Mends(score, finding, edited, onTime: false)) ?? plan;
        });

    // Gone, and nothing as bad or worse has come in its place. What is put in takes its time: best within the minutes that were wanted, else
    // the class ends later, which is the clock's own finding and has its own fix.
    private static bool Mends(Score score, Finding finding, ClassPlan edited, bool onTime)
    {
        var before = Judgement.Of(score);
        var after = Judgement.Of(ClassCompiler.Compile(edited, score.Catalogue, score.Ways, false));
        return !after.Any(f => f.Id == finding.Id)
            && Enum.GetValues<Level>().Where(l => l <= finding.Level).All(level => Count(after, level) <= Count(before, level));

        int Count(IReadOnlyList<Finding> findings, Level level) =>
            findings.Count(f => f.Level == level && f.Id != finding.Id && (onTime || f.Rule != PlannedTime.Rule.Id));
    }
}
