using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Fitting;

/// <summary>What a class is to be fitted to.</summary>
/// <param name="Score">The class as it is.</param>
public sealed record FitRequest(Score Score)
{
    /// <summary>How long the class is to last, or null where only sections matter.</summary>
    public TimeSpan? Target { get; init; }

    /// <summary>How long sections are to last.</summary>
    public IReadOnlyDictionary<Section, TimeSpan> Sections { get; init; } = new Dictionary<Section, TimeSpan>();

    /// <summary>The first line (from 0) whose dose may change; those before it are over.</summary>
    public int From { get; init; }

    /// <summary>Whether only doses may change that the teacher has not set.</summary>
    public bool OnlyUnset { get; init; }
}

/// <summary>One dose that changes.</summary>
/// <param name="Line">The line.</param>
/// <param name="From">Its dose before.</param>
/// <param name="To">Its dose after, in the same unit.</param>
public readonly record struct DoseChange(LineScore Line, int From, int To);

/// <summary>What would bring a class to its length that doses cannot bring there.</summary>
/// <param name="Kind">What kind of change.</param>
/// <param name="Text">What to do, as a sentence.</param>
/// <param name="Line">The line it is about, or after which something is put in.</param>
/// <param name="Move">The move that is put in, or null.</param>
/// <param name="Time">How much shorter or longer the class could be with it.</param>
/// <param name="IsEnough">Whether the class could then be fitted.</param>
public sealed record FitAdvice(FitAdviceKind Kind, string Text, LineScore Line, string? Move, TimeSpan Time, bool IsEnough);

/// <summary>Kinds of advice.</summary>
public enum FitAdviceKind
{
    /// <summary>Take a line out.</summary>
    Drop,

    /// <summary>Put a move in.</summary>
    Add,

    /// <summary>Let a locked line change.</summary>
    Unlock,
}

/// <summary>What came of a fit.</summary>
/// <param name="Changes">The doses that change, in the order of the class; null where nothing fits.</param>
/// <param name="Reached">How long the class is then; where only a section is aimed at that is near, how long that is.</param>
public sealed record FitResult(IReadOnlyList<DoseChange>? Changes, TimeSpan Reached)
{
    /// <summary>Whether it is proven that no fit is better.</summary>
    public bool IsOptimal { get; init; }

    /// <summary>By how much in all the doses have to change at least, as far as that is proven.</summary>
    public TimeSpan Bound { get; init; }

    /// <summary>Where nothing fits: what was aimed at.</summary>
    public TimeSpan Target { get; init; }

    /// <summary>Where nothing fits: the longest that stays under the target, or null.</summary>
    public FitResult? Below { get; init; }

    /// <summary>Where nothing fits: the shortest that is over the target, or null.</summary>
    public FitResult? Above { get; init; }

    /// <summary>Where nothing fits: what would help, best first.</summary>
    public IReadOnlyList<FitAdvice> Advice { get; init; } = [];

    /// <summary>Where nothing fits, what comes nearest; no change where there is not even that.</summary>
    public FitResult Nearest =>
        Below is not null && (Above is null || Target - Below.Reached <= Above.Reached - Target) ? Below : Above ?? this;

    /// <summary>The class with the changes; the very same where there are none.</summary>
    public ClassPlan Apply(ClassPlan plan)
    {
        foreach (var (line, _, to) in Changes ?? [])
            plan = plan.ChangeLine(line.Line.Id, l => l with { Dose = line.Dose with { Amount = to } });
        return plan;
    }
}
