using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Scoring;

/// <summary>A class laid out in time. Pure and repeatable: the same class gives the same score, byte for byte.</summary>
public sealed record Score
{
    /// <summary>The class.</summary>
    public required ClassPlan Plan { get; init; }

    /// <summary>The catalogue it was made with.</summary>
    public required MoveCatalogue Catalogue { get; init; }

    /// <summary>The ways it was made with.</summary>
    public required WayNetwork Ways { get; init; }

    /// <summary>How fast the group is taken through it.</summary>
    public required Tempo Tempo { get; init; }

    /// <summary>What is said, in order; no two at once.</summary>
    public required IReadOnlyList<TalkSpan> Talks { get; init; }

    /// <summary>How long it lasts.</summary>
    public required TimeSpan Total { get; init; }

    /// <summary>Everything of the plan that takes time, in order.</summary>
    public required IReadOnlyList<ItemScore> Items { get; init; }

    /// <summary>One a line of the plan, in order.</summary>
    public IReadOnlyList<LineScore> Lines => field ??= [.. Items.OfType<LineScore>()];

    /// <summary>All events, or null when they were not asked for.</summary>
    public required IReadOnlyList<ScoreEvent>? Events { get; init; }

    /// <summary>The tide line: when, and the height of the body in thousandths of a stature, at most 400 points.</summary>
    public required IReadOnlyList<(TimeSpan At, int Height)> Tide { get; init; }

    /// <summary>What was opened, in order.</summary>
    public required IReadOnlyList<OpenState> Open { get; init; }

    /// <summary>What the practice adds up to.</summary>
    public required Ledgers Ledgers { get; init; }

    /// <summary>Which props are needed when, by the order of the class; needs of lines that follow each other are one.</summary>
    public IReadOnlyList<PropNeed> Props => field ??= PropNeeds.Of(Lines);

    /// <summary>What strong moves owe and what takes it back, in the order of time.</summary>
    public IReadOnlyList<CounterDebt> Debts => field ??= CounterDebts.Of(this);

    /// <summary>All practice, in the order of time.</summary>
    public required IReadOnlyList<PracticeSpan> PracticeSpans { get; init; }

    /// <summary>How the time is spent, by kind of event.</summary>
    public required IReadOnlyList<TimeSpan> TimeByKind { get; init; }

    /// <summary>The practice of each sided move by side, in the order of the class.</summary>
    public IEnumerable<(Move Move, TimeSpan Right, TimeSpan Left)> TimeBySide()
    {
        var sums = new OrderedDictionary<Move, (TimeSpan Right, TimeSpan Left)>(ReferenceEqualityComparer.Instance);
        foreach (var line in Lines)
        {
            if (line.Move is null || line.Right.Length + line.Left.Length == TimeSpan.Zero)
                continue;
            var sum = sums.GetValueOrDefault(line.Move);
            sums[line.Move] = (sum.Right + line.Right.Length, sum.Left + line.Left.Length);
        }
        return sums.Select(s => (s.Key, s.Value.Right, s.Value.Left));
    }
}
