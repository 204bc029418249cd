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
