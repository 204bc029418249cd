using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Conditions;

/// <summary>
/// What conditions say to moves, from three sources: what the author says, what shapes and phases show, and what kind of move it is. The
/// stricter wins; a milder word of the author's counts where a reason stands with it. From memory and common practice, no source; a
/// clinician's word comes first.
/// </summary>
public static class Verdicts
{
    private static readonly ConditionalWeakTable<MoveForm, OfForm> Known = [];

    /// <summary>All conditions that say more than <i>fine</i>, each in its careful case: side and since when not known.</summary>
    public static IReadOnlyList<Verdict> Of(MoveForm form) => Known.GetOrCreateValue(form).All(form);

    /// <summary>What one condition says, by side and since when as far as they are known.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="complaint">The condition; an unknown one says <i>fine</i>, and is a finding elsewhere.</param>
    /// <param name="settled">Whether it lies so far back that it is judged as settled.</param>
    public static Verdict Of(MoveForm form, Complaint complaint, bool settled = false) =>
        Known.GetOrCreateValue(form).Of(form, complaint.Condition, complaint.Side, settled);

    private static Verdict Judge(MoveForm form, string condition, Side side, bool settled)
    {
        if (!ConditionRules.Has(condition))
            return new(condition, Advice.Fine, Advice.Fine, Source.Shape, "", "");
        var verdict = side == Side.None ? Read(form, condition, Side.None) : OnThatSide(form, condition, side);
        verdict = Said(form, verdict);
        return settled ? verdict with { Movement = Milder(verdict.Movement), Here = Milder(verdict.Here) } : verdict;
    }

    // A move that is done on one side and then on the other is drawn for the right one; on the left the limbs change places.
    private static Verdict OnThatSide(MoveForm form, string condition, Side side)
    {
        var right = Read(form, condition, side);
        if (form.Move.Sides is Sidedness.None or Sidedness.Circling)
            return right;
        var left = Read(form, condition, side == Side.Right ? Side.Left : Side.Right);
        return right.Advice == left.Advice ? right
            : right.Advice > left.Advice ? right with { Only = Side.Right }
            : left with { Only = Side.Left };
    }

    private static Verdict Read(MoveForm form, string condition, Side limbs)
    {
        var rule = ConditionRules.Of(condition);
        var (here, movement) = (Strains.Of(form, limbs), Strains.OfMovement(form, limbs));
        var (all, met) = rule.Judge(here);
        var (itself, _) = rule.Judge(movement);
        if (all == Advice.Fine)
            return new(condition, Advice.Fine, Advice.Fine, Source.Shape, "", "");
        var why = met!.Reason(here);
        return new(condition, itself, all > itself ? all : Advice.Fine, here.From(why), why.Said(here[why]), why.Less());
    }

    private static Verdict Said(MoveForm form, Verdict read)
    {
        foreach (var caution in form.Move.Cautions)
        {
            if (!caution.For.Contains(read.Condition) || !caution.SpeaksOf(form))
                continue;
            // Another way is for those who leave this one out.
            var word = caution.Advice == Advice.AnotherWay ? Advice.LeaveOut : caution.Advice;
            if (word > read.Advice)
                read = read with
                {
                    Movement = caution.Position is null ? word : read.Movement,
                    Here = caution.Position is null ? read.Here : word,
                    From = Source.Author,
                    Because = Within(caution.Say),
                    How = Within(caution.Say),
                };
            else if (word == read.Advice)
                read = read with { How = Within(caution.Say) };
            else if (word < read.Advice && caution.Because is { } reason)
                read = read with
                {
                    Movement = Least(word, read.Movement),
                    Here = Least(word, read.Here),
                    From = Source.Author,
                    Because = reason,
                };
        }
        return read;
    }

    // As the end of a sentence.
    private static string Within(string say) => char.ToLowerInvariant(say[0]) + say[1..];

    private static Advice Least(Advice one, Advice other) => one < other ? one : other;

    private static Advice Milder(Advice advice) => advice == Advice.LeaveOut ? Advice.Smaller : Advice.Fine;

    private sealed class OfForm
    {
        private IReadOnlyList<Verdict>? all;
        private readonly ConcurrentDictionary<(string, Side, bool), Verdict> one = new();

        public IReadOnlyList<Verdict> All(MoveForm form) =>
            all ??= [.. ConditionRules.Conditions.Select(c => Of(form, c, Side.None, false)).Where(v => v.Advice > Advice.Fine)];

        public Verdict Of(MoveForm form, string condition, Side side, bool settled) =>
            one.GetOrAdd((condition, side, settled), key => Judge(form, key.Item1, key.Item2, key.Item3));
    }
}
