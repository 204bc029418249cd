using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Fitting;

/// <summary>A line whose dose may change.</summary>
/// <param name="Line">The line.</param>
/// <param name="Doses">The doses it may have, ascending; the present one is among them.</param>
/// <param name="UnitMs">Milliseconds a unit takes, all sides and rounds of sets together.</param>
/// <param name="IsOnTheme">Whether it eases what the class is about.</param>
public sealed record Adjustable(LineScore Line, IReadOnlyList<long> Doses, long UnitMs, bool IsOnTheme)
{
    /// <summary>The same in whole seconds, one at least: finer, nobody would call one change smaller than another.</summary>
    public long UnitSeconds { get; } = Math.Max(1, (UnitMs + 500) / 1000);

    /// <summary>Its dose now.</summary>
    public int Now => Line.Dose.Amount;
}

/// <summary>Doses of a move that have to stay as equal on both sides as they are: the sum of factor × dose.</summary>
public sealed record SidesAlike(IReadOnlyList<(int Index, int Factor)> Terms, long Sum);

/// <summary>A time that has to be met: so much of it is fixed, the rest hangs on some of the doses.</summary>
/// <param name="FixedMs">What hangs on no dose that may change.</param>
/// <param name="Lines">Which adjustable lines belong to it.</param>
/// <param name="LeastMs">No shorter.</param>
/// <param name="MostMs">No longer.</param>
public sealed record TimeWindow(long FixedMs, IReadOnlyList<int> Lines, long LeastMs, long MostMs)
{
    /// <summary>What is aimed at: the middle of it.</summary>
    public long TargetMs => (LeastMs + MostMs) / 2;
}

/// <summary>
/// A class as arithmetic: which doses may change and to what, what has to stay equal, and what times are to be met. A line's time is linear
/// in its dose, so nothing else is needed.
/// </summary>
public sealed class FitProblem
{
    /// <summary>A class on the minute is within so much of it; common practice, no source.</summary>
    public static readonly TimeSpan Tolerance = TimeSpan.FromSeconds(10);

    private readonly Section? goalSection;

    /// <summary>The class it was made of.</summary>
    public Score Score { get; }

    /// <summary>What may change.</summary>
    public IReadOnlyList<Adjustable> Lines { get; }

    /// <summary>What stays as equal as it is.</summary>
    public IReadOnlyList<SidesAlike> Sides { get; }

    /// <summary>The times to be met.</summary>
    public IReadOnlyList<TimeWindow> Windows { get; }

    /// <summary>Lines that are the final rest, and the least they have to come to together.</summary>
    public TimeWindow Rest { get; }

    /// <summary>Milliseconds of the class that hang on no dose that may change.</summary>
    public long FixedMs { get; }

    /// <summary>
    /// The one time that matters most: the class's, else that of the only section; null where several sections are to be met.
    /// </summary>
    public TimeWindow? Goal { get; }

    /// <summary>Makes a problem of a request.</summary>
    /// <param name="request">What is wanted.</param>
    /// <param name="keepsRest">
    /// Whether the final rest keeps all its time; else as much as makes it a rest. Where its section is given a time, that decides.
    /// </param>
    public FitProblem(FitRequest request, bool keepsRest = true)
    {
        Score = request.Score;
        var kept = Score.Lines.TakeWhile(l => l.Form is null || Arc.IsQuiet(l)).ToHashSet();
        var rest = Arc.Rest(Score).Where(Arc.IsQuiet).ToHashSet();
        if (keepsRest)
            kept.UnionWith(rest.Where(l => !request.Sections.ContainsKey(l.Section)));
        Lines =
        [
            .. from line in Score.Lines.Skip(request.From)
            where line.Form is not null && !line.Line.Locked && line.UnitTime > TimeSpan.Zero && MayChange(request, line)
            select new Adjustable(
                line,
                [.. line.Limits.With(line.Dose.Amount).Where(d => d >= line.Dose.Amount || !kept.Contains(line)).Select(d => (long)d)],
                line.UnitTime.Ms(),
                ThemeShare.IsOnTheme(line, Score.Plan.Theme.Areas)
            ),
        ];
        Sides = [.. Lines.Index().Where(l => IsSided(l.Item.Line)).GroupBy(l => KeyOf(l.Item.Line)).Select(Alike).OfType<SidesAlike>()];
        FixedMs = Score.Total.Ms() - Lines.Sum(l => l.Now * l.UnitMs);
        Windows = [.. WindowsOf(request)];
        Goal = request.Target is not null || Windows.Count == 1 ? Windows[0] : null;
        goalSection = request.Target is null && Windows.Count == 1 ? request.Sections.Keys.First() : null;
        Rest = RestOf(request, rest);
    }

    /// <summary>How long the class is with these doses.</summary>
    public long TotalMs(IReadOnlyList<long> doses) => FixedMs + Lines.Index().Sum(l => doses[l.Index] * l.Item.UnitMs);

    /// <summary>How long what a window looks at is with these doses; the whole class without one.</summary>
    public long LengthMs(TimeWindow? window, IReadOnlyList<long> doses) =>
        window is null ? TotalMs(doses) : window.FixedMs + window.Lines.Sum(i => doses[i] * Lines[i].UnitMs);

    /// <summary>Whether a line is in what the goal looks at.</summary>
    public bool IsInGoal(LineScore line) => goalSection is null || line.Section == goalSection;

    // Where only sections are to be met, the others stay as they are.
    private static bool MayChange(FitRequest request, LineScore line) =>
        (!request.OnlyUnset || line.Line.Dose is null) && (request.Target is not null || request.Sections.ContainsKey(line.Section));

    private IEnumerable<TimeWindow> WindowsOf(FitRequest request)
    {
        if (request.Target is { } target)
            yield return Window(Score.Total, [.. Lines.Index().Select(l => l.Index)], target);
        foreach (var (section, length) in request.Sections)
            yield return Window(
                Score.Items.Where(i => i.Section == section).Sum(i => i.Time),
                [.. Lines.Index().Where(l => l.Item.Line.Section == section).Select(l => l.Index)],
                length
            );
    }

    private TimeWindow Window(TimeSpan now, IReadOnlyList<int> lines, TimeSpan target) =>
        new(now.Ms() - lines.Sum(i => Lines[i].Now * Lines[i].UnitMs), lines, (target - Tolerance).Ms(), (target + Tolerance).Ms());

    // The rest gives time only as far as it stays a rest.
    private TimeWindow RestOf(FitRequest request, HashSet<LineScore> rest)
    {
        var lines = Lines.Index().Where(l => rest.Contains(l.Item.Line)).Select(l => l.Index).ToList();
        var now = rest.Sum(l => l.Practised);
        var needed = RestLength.Needed((request.Target ?? Score.Total).TotalMinutes);
        return Window(now, lines, TimeSpan.Zero) with { LeastMs = Math.Min(now.Ms(), needed.Ms()), MostMs = long.MaxValue };
    }

    private static bool IsSided(LineScore line) => line.Right.Amount + line.Left.Amount > 0;

    private static (Move, string, Unit) KeyOf(LineScore line) => (line.Move!, line.Line.Option, line.Dose.Unit);

    // A line that gives both sides the same needs no other.
    private SidesAlike? Alike(IEnumerable<(int Index, Adjustable Item)> lines)
    {
        var terms = lines
            .Select(l => (l.Index, Factor: PassesOn(l.Item.Line, Side.Right) - PassesOn(l.Item.Line, Side.Left)))
            .Where(t => t.Factor != 0)
            .ToList();
        return terms.Count == 0 ? null : new(terms, terms.Sum(t => t.Factor * (long)Lines[t.Index].Now));
    }

    // What alternates gives each side half of every pass.
    private static int PassesOn(LineScore line, Side side) => line.Alternates ? 0 : line.Occurrences.Count(o => o.Side == side);
}
