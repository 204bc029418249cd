using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>What one side did, the other does for as long. Talk is not practice and does not count.</summary>
public static class SecondSide
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("second-side", "The second side is as long as the first", Level.Serious, Judge);

    // A side that gets this much less than the other is told at this level; common practice, no source.
    private static readonly TimeSpan Little = TimeSpan.FromSeconds(30);
    private static readonly TimeSpan Noticed = TimeSpan.FromSeconds(10);
    private const double HalfAsLong = 0.5;

    // Breaths on one side and seconds on the other are the same when they last about as long.
    private static readonly TimeSpan AboutAsLong = TimeSpan.FromSeconds(5);

    // From so many beats on a fast rhythm is loose enough for a difference to be only a hint; common practice, no source.
    private const int LooseBeats = 10;
    private const string Why =
        "The sides are compared by practice, without the talk. A second side runs short when the first held the explanation.";

    private static IEnumerable<Finding> Judge(Score score)
    {
        var uneven = score.Lines.Where(IsSided).GroupBy(l => (l.Line.Move, l.Line.Option)).Select(g => g.ToList()).Where(IsUneven).ToList();
        // One option on one side and another on the other is a matter of options, not of sides.
        uneven =
        [
            .. uneven.Where(lines =>
                uneven.Where(o => o[0].Line.Move == lines[0].Line.Move).SelectMany(o => o).ToList() is var all
                && (all.Count == lines.Count || IsUneven(all))
            ),
        ];
        // A set that lost a round is one finding, whatever it holds.
        var bySet = uneven
            .Where(lines => lines.TrueForAll(l => l.Set == lines[0].Set) && HasLostRound(lines[0].Set))
            .GroupBy(lines => lines[0].Set!)
            .ToList();
        // Also where no line has a side of its own: the round has one.
        foreach (var set in score.Lines.Select(l => l.Set).OfType<Set>().Distinct().Where(HasLostRound))
            yield return LostRound(set, [.. score.Lines.Where(l => l.Set == set && l.Form is not null)]);
        foreach (var lines in uneven.Where(lines => !bySet.Exists(s => s.Contains(lines))))
            yield return Uneven(lines);
    }

    private static bool IsSided(LineScore line) =>
        line.Move is { Kind: not (MoveKind.Rest or MoveKind.CheckIn) } && line.Right != line.Left;

    private static bool IsUneven(List<LineScore> lines)
    {
        var (right, left) = (lines.Sum(l => l.Right.Length), lines.Sum(l => l.Left.Length));
        if (!HaveOneUnit(lines))
            return (right - left).Duration() > AboutAsLong;
        return right != left
            // Seconds are told of whole rounds, which may not share them out evenly.
            || (lines[0].Dose.Unit != Unit.Seconds && lines.Sum(l => l.Right.Amount) != lines.Sum(l => l.Left.Amount));
    }

    private static bool HaveOneUnit(List<LineScore> lines) => lines.TrueForAll(l => l.Dose.Unit == lines[0].Dose.Unit);

    // A circle the other way round, or the other thumb on top for a moment, is owed to nobody's balance; a leg or a side of the trunk is.
    private static Level LevelOf(List<LineScore> lines)
    {
        var (right, left) = (lines.Sum(l => l.Right.Length), lines.Sum(l => l.Left.Length));
        var (less, more) = right < left ? (right, left) : (left, right);
        var move = lines[0].Move!;
        if (lines.TrueForAll(l => l.Dose.Unit == Unit.Beats && l.Dose.Amount >= LooseBeats) || move.Sides == Sidedness.Circling)
            return Level.Hint;
        if (move.Sides == Sidedness.Crossing)
            return more - less < Little ? Level.Hint : Level.Notable;
        return more - less < Noticed ? Level.Hint
            : less <= more * HalfAsLong ? Level.Serious
            : Level.Notable;
    }

    private static bool HasLostRound(Set? set) =>
        set is not null && set.Rounds.Count(r => r == Side.Right) != set.Rounds.Count(r => r == Side.Left);

    private static Finding LostRound(Set set, List<LineScore> lines)
    {
        var right = set.Rounds.Count(r => r == Side.Right);
        var left = set.Rounds.Count(r => r == Side.Left);
        var missing = right > left ? Side.Left : Side.Right;
        var name = set.Name.Length > 0 ? set.Name : "The set";
        var completed = set.Rounds.Concat(Enumerable.Repeat(missing, Math.Abs(right - left))).ToList();
        return Rule.Found(
                lines,
                $"{name}: {right} rounds on the right, {left} on the left.",
                "A chain is done on both sides alike; a repeated chain loses a side easily."
            )
            .Fix($"Add the {Name(missing)} round", plan => plan.ChangeSet(set.Id, s => s with { Rounds = completed }));
    }

    private static Finding Uneven(List<LineScore> lines)
    {
        var (right, left) = (lines.Sum(l => l.Right.Amount), lines.Sum(l => l.Left.Amount));
        var (first, second) = Names(lines[0].Move!);
        var unit = lines[0].Dose.Unit.ToString().ToLowerInvariant();
        var text = HaveOneUnit(lines)
            ? $"{lines[0].Move!.Name}: {first} {right} {unit}, {second} {left}."
            : $"{lines[0].Move!.Name}: {first} {Clock.Of(lines.Sum(l => l.Right.Length))}, "
                + $"{second} {Clock.Of(lines.Sum(l => l.Left.Length))}.";
        var finding = Rule.Found(lines, text, Why).As(LevelOf(lines));
        var ids = lines.Select(l => l.Line.Id).ToList();

        if (lines is [{ Move.Sides: Sidedness.Alternating } odd])
        {
            // Both ends of an odd number, as far as the move's dose allows.
            foreach (var amount in (int[])[odd.Dose.Amount + 1, odd.Dose.Amount - 1])
                if (amount >= Math.Max(2, odd.Move.Dose.Unit == odd.Dose.Unit ? odd.Move.Dose.Least : 2))
                    finding = finding.Fix($"Make it {amount}", plan => plan.GiveDose(ids, odd.Dose with { Amount = amount }));
            return finding;
        }
        if (right > 0 && left > 0 && lines.Count > 1)
        {
            foreach (var dose in lines.Select(l => l.Dose).Distinct().OrderByDescending(d => d.Amount))
                finding = finding.Fix($"Make both {dose.Amount}", plan => plan.GiveDose(ids, dose));
            return finding;
        }
        var lone = lines[^1];
        var missing = right < left ? first : second;
        return lone.Line.Sides is { IsOneSide: true } order
            ? finding.Fix($"Add the {missing} side", plan => plan.ChangeLine(lone.Line.Id, l => l with { Sides = order.Completed() }))
            : finding;
    }

    private static string Name(Side side) => side == Side.Left ? "left" : "right";

    private static (string, string) Names(Move move) =>
        move.Sides switch
        {
            Sidedness.Circling when move.Circle == Circle.Clockwise => ("clockwise", "the other way"),
            Sidedness.Circling when move.Circle == Circle.Backwards => ("backwards", "forwards"),
            Sidedness.Circling => ("inwards", "outwards"),
            Sidedness.Crossing => ("right on top", "left on top"),
            _ => ("right", "left"),
        };
}
