using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Scoring;

/// <summary>What happens at a time.</summary>
public enum EventKind
{
#pragma warning disable CS1591 // the words of the trade
    Talk, Breath, Beat, Way, Pause, Prop,
#pragma warning restore CS1591
}

/// <summary>One event of a score. Events tile the time from 0 to the total; fetching a prop and putting it aside take none of it.</summary>
/// <param name="AtMs">When it begins.</param>
/// <param name="Ms">How long it lasts.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Breath">The breath it is on.</param>
/// <param name="Line">The line it belongs to.</param>
/// <param name="Phase">The phase of the move (from 0), or −1.</param>
/// <param name="Side">The side that is done.</param>
/// <param name="Round">Which round, breath or beat of the pass, from 1; 0 outside of counts.</param>
/// <param name="Of">How many there are.</param>
/// <param name="Cue">What is said, or null.</param>
public readonly record struct ScoreEvent(
    int AtMs, int Ms, EventKind Kind, Breath Breath, LineScore Line, int Phase, Side Side, int Round, int Of, string? Cue);

/// <summary>One time a line is taken: a round of its set, a side.</summary>
/// <param name="Round">The round of the set, from 1.</param>
/// <param name="Side">The side.</param>
/// <param name="StartMs">When it begins, after the way to it.</param>
/// <param name="Ms">How long it lasts, talk-in included.</param>
/// <param name="TalkMs">The talk-in.</param>
public readonly record struct Occurrence(int Round, Side Side, int StartMs, int Ms, int TalkMs);

/// <summary>Practice in its unit and in milliseconds: what is done, without the talk.</summary>
public struct Practice : IEquatable<Practice>
{
    /// <summary>In the unit of the dose.</summary>
    public int Amount { get; private set; }

    /// <summary>In milliseconds.</summary>
    public int Ms { get; private set; }

    /// <summary>Adds some.</summary>
    public void Add(int amount, int ms) => (Amount, Ms) = (Amount + amount, Ms + ms);

    /// <inheritdoc/>
    public readonly bool Equals(Practice other) => Amount == other.Amount && Ms == other.Ms;

    /// <inheritdoc/>
    public override readonly bool Equals(object? obj) => obj is Practice other && Equals(other);

    /// <inheritdoc/>
    public override readonly int GetHashCode() => HashCode.Combine(Amount, Ms);

    /// <summary>Equal in amount and time.</summary>
    public static bool operator ==(Practice a, Practice b) => a.Equals(b);

    /// <summary>Different in amount or time.</summary>
    public static bool operator !=(Practice a, Practice b) => !a.Equals(b);
}

/// <summary>A way taken before a line.</summary>
public readonly record struct WayTaken(Way Way, int AtMs, int Ms);

/// <summary>A line as it came out.</summary>
public sealed class LineScore(Line line, Section section, Set? set, Move? move)
{
    /// <summary>The line of the plan.</summary>
    public Line Line { get; } = line;

    /// <summary>Its section.</summary>
    public Section Section { get; } = section;

    /// <summary>The innermost set it is in.</summary>
    public Set? Set { get; } = set;

    /// <summary>Its move, or null when the catalogue has none of that id.</summary>
    public Move? Move { get; } = move;

    /// <summary>How much, in which unit.</summary>
    public Dose Dose { get; } = line.Dose ?? (move is null ? default : new(move.Dose.Unit, move.Dose.Usual));

    /// <summary>The position it is taken in.</summary>
    public Position? Position { get; internal set; }

    /// <summary>The move in that position.</summary>
    public MoveForm? Form { get; internal set; }

    /// <summary>Each time it is taken.</summary>
    public List<Occurrence> Occurrences { get; } = [];

    /// <summary>The ways to it, the first time it is taken.</summary>
    public List<WayTaken> Ways { get; } = [];

    /// <summary>Where we were when there was no way to it, or null.</summary>
    public Position? NoWayFrom { get; internal set; }

    /// <summary>The line whose last breath collides with its first, or null.</summary>
    public LineScore? CollidesWith { get; internal set; }

    /// <summary>Practice on the right; for circles and crossings, in the first direction.</summary>
    public ref Practice Right => ref right;

    /// <summary>Practice on the left; for circles and crossings, in the other direction.</summary>
    public ref Practice Left => ref left;

    /// <summary>Practice without sides.</summary>
    public ref Practice None => ref none;

    private Practice right;
    private Practice left;
    private Practice none;

    /// <summary>The practice of a side.</summary>
    public ref Practice On(Side side)
    {
        if (side == Side.Right) return ref right;
        if (side == Side.Left) return ref left;
        return ref none;
    }
}

/// <summary>A stretch of practice in the order of time: one phase of a hold, or all rounds or beats of a flow.</summary>
/// <param name="Line">Whose.</param>
/// <param name="Phase">The phase, from 0, or <see cref="Flow"/>.</param>
/// <param name="Side">The side; none when it alternates.</param>
/// <param name="AtMs">When it begins.</param>
/// <param name="Ms">How long it lasts.</param>
/// <param name="Amount">Breaths or seconds of a stay, rounds or beats of a flow; 0 going in and coming out.</param>
public readonly record struct Taking(LineScore Line, int Phase, Side Side, int AtMs, int Ms, int Amount)
{
    /// <summary>All phases in turn.</summary>
    public const int Flow = -1;

    /// <summary>When it ends.</summary>
    public int EndMs => AtMs + Ms;

    /// <summary>The phase that is taken, or null in a flow.</summary>
    public PhaseForm? Form => Phase == Flow ? null : Line.Form!.Phases[Phase];
}

/// <summary>Something that was opened: eyes, clasp, a paced breath.</summary>
/// <param name="What">What.</param>
/// <param name="FromMs">Since when.</param>
/// <param name="ToMs">Until when, or null when it never closed.</param>
/// <param name="Line">The line that opened it.</param>
public sealed record OpenState(string What, int FromMs, int? ToMs, LineScore Line);

/// <summary>A prop that people have under or beside them.</summary>
/// <param name="Prop">Its id.</param>
/// <param name="FromMs">Since when.</param>
/// <param name="ToMs">Until when.</param>
/// <param name="Line">The line that asks for it.</param>
public sealed record PropNeed(string Prop, int FromMs, int ToMs, LineScore Line);

/// <summary>A class laid out in time. Pure and repeatable: the same class gives the same score, byte for byte.</summary>
public sealed record Score
{
    /// <summary>The class.</summary>
    public required ClassPlan Plan { get; init; }

    /// <summary>The catalogue it was made with.</summary>
    public required MoveCatalogue Catalogue { get; init; }

    /// <summary>The ways it was made with.</summary>
    public required WayNetwork Ways { get; init; }

    /// <summary>How long it lasts.</summary>
    public required int TotalMs { get; init; }

    /// <summary>One a line of the plan, in order.</summary>
    public required IReadOnlyList<LineScore> Lines { get; init; }

    /// <summary>All events, or null when they were not asked for.</summary>
    public required IReadOnlyList<ScoreEvent>? Events { get; init; }

    /// <summary>The tide line: milliseconds and height in thousandths of a stature, at most 400 points.</summary>
    public required IReadOnlyList<(int Ms, int Height)> Tide { get; init; }

    /// <summary>What was opened, in order.</summary>
    public required IReadOnlyList<OpenState> Open { get; init; }

    /// <summary>What the practice adds up to.</summary>
    public required Ledgers Ledgers { get; init; }

    /// <summary>Which props are needed when, by the order of the class; needs of lines that follow each other are one.</summary>
    public IReadOnlyList<PropNeed> Props => field ??= PropNeeds.Of(Lines);

    /// <summary>What strong moves owe and what takes it back, in the order of time.</summary>
    public IReadOnlyList<CounterDebt> Debts => field ??= CounterDebts.Of(this);

    /// <summary>All practice, in the order of time.</summary>
    public required IReadOnlyList<Taking> Taken { get; init; }

    /// <summary>How the time is spent, by kind of event, in milliseconds.</summary>
    public required IReadOnlyList<int> MsByKind { get; init; }

    /// <summary>The practice of each sided move by side, in milliseconds, in the order of the class.</summary>
    public IEnumerable<(Move Move, int Right, int Left)> MsBySide()
    {
        var sums = new OrderedDictionary<Move, (int Right, int Left)>(ReferenceEqualityComparer.Instance);
        foreach (var line in Lines)
        {
            if (line.Move is null || line.Right.Ms + line.Left.Ms == 0) continue;
            var sum = sums.GetValueOrDefault(line.Move);
            sums[line.Move] = (sum.Right + line.Right.Ms, sum.Left + line.Left.Ms);
        }
        return sums.Select(s => (s.Key, s.Value.Right, s.Value.Left));
    }
}
