using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>How bad something is.</summary>
public enum Level
{
    /// <summary>Somebody may be hurt, a side is missing, or there is no way.</summary>
    Serious,

    /// <summary>Worth changing.</summary>
    Notable,

    /// <summary>Worth knowing.</summary>
    Hint,
}

/// <summary>One thing a careful colleague looks at in a class. A rule is one file and one line in <see cref="Judgement.Rules"/>.</summary>
/// <param name="Id">As class files switch it off.</param>
/// <param name="Title">What should be so.</param>
/// <param name="Level">How bad it is when it is not.</param>
/// <param name="Judge">Finds where it is not.</param>
public sealed record Rule(string Id, string Title, Level Level, Func<Score, IEnumerable<Finding>> Judge)
{
    /// <summary>A finding of this rule.</summary>
    /// <param name="lines">The lines concerned, first to last.</param>
    /// <param name="text">One sentence with the number in it.</param>
    /// <param name="why">The reason.</param>
    public Finding Found(IEnumerable<LineScore> lines, string text, string why) =>
        new($"{Id}:{string.Join('+', lines.Select(l => l.Line.Id))}", Id, Level, [.. lines.Select(l => l.Line.Id)], text, why, []);
}

/// <summary>Something found in a class.</summary>
/// <param name="Id">The same for the same finding in the same class.</param>
/// <param name="Rule">The rule that found it.</param>
/// <param name="Level">How bad it is.</param>
/// <param name="Lines">The lines concerned; none when it is the class as a whole.</param>
/// <param name="Text">One sentence with the number in it.</param>
/// <param name="Why">The reason.</param>
/// <param name="Fixes">What would mend it.</param>
public sealed record Finding(
    string Id, string Rule, Level Level, IReadOnlyList<string> Lines, string Text, string Why, IReadOnlyList<Fix> Fixes)
{
    /// <summary>The finding with one more fix. The edit runs only when it is asked for.</summary>
    public Finding Fix(string label, Func<ClassPlan, ClassPlan> edit) =>
        this with { Fixes = [.. Fixes, new($"fix-{Fixes.Count + 1}", label, edit)] };

    /// <summary>The finding at another level.</summary>
    public Finding As(Level level) => this with { Level = level };
}

/// <summary>An edit of the class that mends a finding.</summary>
/// <param name="Id">Its place among the fixes of its finding.</param>
/// <param name="Label">What the button says: a verb first.</param>
/// <param name="Edit">The edit.</param>
public sealed record Fix(string Id, string Label, Func<ClassPlan, ClassPlan> Edit);
