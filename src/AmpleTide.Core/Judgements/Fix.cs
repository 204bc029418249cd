using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>A way to mend a finding: edits of the class, of which the first that does it and makes nothing worse is taken.</summary>
/// <param name="Id">Its place among the fixes of its finding.</param>
/// <param name="Label">What the button says: a verb first.</param>
/// <param name="Edits">The edits to try, best first; they run only when they are asked for.</param>
public sealed record Fix(string Id, string Label, Func<ClassPlan, FixTools, IEnumerable<ClassPlan>> Edits)
{
    // Enough to find one that fits, few enough to answer at once.
    private const int MostTried = 12;

    /// <summary>When a finding counts as mended, where it is enough that it gets better; null where it has to be gone.</summary>
    public Func<Score, bool>? Betters { get; init; }

    /// <summary>Mends a finding.</summary>
    /// <param name="score">The class as it is.</param>
    /// <param name="finding">The finding, of this very class.</param>
    /// <param name="tools">What is needed beside the class.</param>
    /// <returns>The class as it would be, or why nothing does it.</returns>
    public FixResult Apply(Score score, Finding finding, FixTools tools)
    {
        var was = Judgement.Of(score);
        var trials = new List<Trial>();
        foreach (var edited in Edits(score.Plan, tools).Take(MostTried))
        {
            tools.Cancellation.ThrowIfCancellationRequested();
            trials.Add(Trial.Of(score, was, finding, this, edited));
            // What is put in takes its time: best within the minutes that were wanted.
            if (trials[^1] is { Refusal: null, IsOnTime: true })
                return new(edited, null);
        }
        // Else the class ends later, which is the clock's own finding and has its own fix.
        if (trials.Find(t => t.Refusal is null) is { } late)
            return new(late.Edited, null);
        return new(null, trials.Count == 0 ? "Nothing in the catalogue would do it here." : trials[0].Refusal);
    }

    /// <summary>One edit, tried out.</summary>
    /// <param name="Edited">The class with it.</param>
    /// <param name="Refusal">Why it is not taken, or null.</param>
    /// <param name="IsOnTime">Whether the class keeps its minutes as well as before.</param>
    private sealed record Trial(ClassPlan Edited, string? Refusal, bool IsOnTime)
    {
        public static Trial Of(Score before, IReadOnlyList<Finding> was, Finding finding, Fix fix, ClassPlan edited)
        {
            if (ReferenceEquals(edited, before.Plan))
                return new(
                    edited,
                    edited.Lines.Any(l => l.Locked) ? "What could be changed is locked." : "It would change nothing.",
                    false
                );
            if (Locked(before.Plan, edited) is { } locked)
                return new(edited, $"{NameOf(before, locked)} is locked; unlock it first.", false);
            if (BelowLeast(before, edited) is { } small)
                return new(edited, $"{NameOf(before, small)} would get less than makes sense.", false);
            Score after;
            try
            {
                after = ClassCompiler.Compile(edited, before.Catalogue, before.Ways, withEvents: false, before.Tempo);
            }
            catch (ClassTooLongException tooLong)
            {
                return new(edited, tooLong.Message, false);
            }
            var isNow = Judgement.Of(after);
            if (!(fix.Betters?.Invoke(after) ?? !isNow.Any(f => IsStill(f, finding, was))))
                return new(edited, "It would not mend this.", false);
            var onTime = Count(isNow, PlannedTime.Rule.Id, Level.Hint) <= Count(was, PlannedTime.Rule.Id, Level.Hint);
            var worse = isNow.FirstOrDefault(f =>
                f.Level <= finding.Level
                && f.Rule != PlannedTime.Rule.Id
                && f.Id != finding.Id
                && Count(isNow, f.Rule, finding.Level) > Count(was, f.Rule, finding.Level)
            );
            return new(edited, worse is null ? null : $"It would bring something as bad: {worse.Text}", onTime);
        }

        // The same, or the same trouble with some of its lines, under an id of its own.
        private static bool IsStill(Finding now, Finding finding, IReadOnlyList<Finding> was) =>
            now.Id == finding.Id
            || (
                now.Rule == finding.Rule
                && now.Level <= finding.Level
                && now.Lines.Any(finding.Lines.Contains)
                && !was.Any(w => w.Id == now.Id)
            );

        private static int Count(IReadOnlyList<Finding> findings, string rule, Level level) =>
            findings.Count(f => f.Rule == rule && f.Level <= level);

        // What is locked keeps its dose and its sides, and stays.
        private static Line? Locked(ClassPlan before, ClassPlan after)
        {
            if (!before.Lines.Any(l => l.Locked))
                return null;
            var now = after.Lines.ToDictionary(l => l.Id);
            return before.Lines.FirstOrDefault(l =>
                l.Locked
                && !(now.GetValueOrDefault(l.Id) is { } line && line.Dose == l.Dose && line.Sides == l.Sides && line.Move == l.Move)
            );
        }

        private static Line? BelowLeast(Score before, ClassPlan after)
        {
            var was = before.Plan.Lines.ToDictionary(l => l.Id, l => l.Dose);
            return after.Lines.FirstOrDefault(l =>
                l.Dose is { } dose
                && was.GetValueOrDefault(l.Id) != dose
                && dose.Amount < (before.Catalogue.Move(l.Move) is { } move && move.Dose.Unit == dose.Unit ? move.Dose.Least : 1)
            );
        }

        private static string NameOf(Score score, Line line) => score.Catalogue.Move(line.Move)?.Name ?? line.Move;
    }
}

/// <summary>What fixes need beside the class; handed in, so that the judgements know nothing of what is built on them.</summary>
/// <param name="ToLength">Fits a class to a length by its doses: ways to do it, best first.</param>
/// <param name="Cancellation">Ends the search early.</param>
public sealed record FixTools(
    Func<Score, TimeSpan, CancellationToken, IEnumerable<ClassPlan>> ToLength,
    CancellationToken Cancellation = default
);

/// <summary>What came of a fix.</summary>
/// <param name="Plan">The class as it would be; null where nothing does it.</param>
/// <param name="Refusal">Why nothing does it; null where something does.</param>
public sealed record FixResult(ClassPlan? Plan, string? Refusal);
