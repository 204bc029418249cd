using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>Something found in a class.</summary>
/// <param name="Id">The same for the same finding in the same class.</param>
/// <param name="Rule">The rule that found it.</param>
/// <param name="Level">How bad it is.</param>
/// <param name="Lines">The lines concerned; none when it is the class as a whole.</param>
/// <param name="Text">One sentence with the number in it.</param>
/// <param name="Why">The reason.</param>
/// <param name="Fixes">What would mend it.</param>
public sealed record Finding(
    string Id,
    string Rule,
    Level Level,
    IReadOnlyList<string> Lines,
    string Text,
    string Why,
    IReadOnlyList<Fix> Fixes
)
{
    /// <summary>The finding with one more fix. The edit runs only when it is asked for.</summary>
    public Finding Fix(string label, Func<ClassPlan, ClassPlan> edit) => Fix(label, plan => [edit(plan)]);

    /// <summary>The finding with one more fix that has a choice: the first edit that mends it and makes nothing worse is taken.</summary>
    public Finding Fix(string label, Func<ClassPlan, IEnumerable<ClassPlan>> edits) => Fix(label, (plan, _) => edits(plan));

    /// <summary>The finding with one more fix that needs more than the class.</summary>
    public Finding Fix(string label, Func<ClassPlan, FixTools, IEnumerable<ClassPlan>> edits) =>
        this with
        {
            Fixes = [.. Fixes, new($"fix-{Fixes.Count + 1}", label, edits)],
        };

    /// <summary>
    /// The finding with one more fix, which puts in a line that meets a need after another line, or after the set that line is in.
    /// </summary>
    public Finding FixByInserting(string label, Score score, LineScore after, Need need) =>
        Fix(label, plan => Insertions.After(score, after, need).Select(i => plan.InsertAfter(after.Set?.Id ?? after.Line.Id, i.Line)));

    /// <summary>The finding at another level.</summary>
    public Finding As(Level level) => this with { Level = level };
}
