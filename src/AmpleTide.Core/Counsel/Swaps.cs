using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Counsel;

/// <summary>Finds what can be done in the place of a line: in the same minute, on the same level, without an extra way and with one prop at most.</summary>
public static class Swaps
{
    private const double Enough = 0.25;

    /// <summary>What stands in for somebody with a condition, or null; looked for once a catalogue, as it depends on nothing else.</summary>
    public static MoveForm? First(Score score, LineScore line, string condition) => line.Form is not { } form ? null
        : Known.GetValue(score.Catalogue, _ => []).GetOrAdd((form.Move.Id, form.Position.Id, condition), _ => For(score, line, condition).FirstOrDefault());

    private static readonly ConditionalWeakTable<MoveCatalogue, ConcurrentDictionary<(string Move, string Position, string Condition), MoveForm?>> Known = [];

    /// <summary>What could stand in, nearest first.</summary>
    /// <param name="score">The class.</param>
    /// <param name="line">The line.</param>
    /// <param name="condition">For whom: one condition, or null for everybody who comes.</param>
    public static IEnumerable<MoveForm> For(Score score, LineScore line, string? condition)
    {
        if (line.Form is not { } form) return [];
        var wanted = Doing(form);
        return
            from move in score.Catalogue.Moves
            where !move.OptIn && move != form.Move && move.Out == form.Move.Out && (move.Kind == form.Move.Kind || (Stretches(move) && Stretches(form.Move)))
            where move.Dose.Unit == line.Dose.Unit || move.Dose.Unit != Unit.Beats
            from position in score.Catalogue.PositionsOf(move)
            where position == form.Position && move.Props.Except(position.Props).Count() <= 1 && score.Plan.Place.Allows(position)
            let other = score.Catalogue.Form(move, position, MoveForm.BaseOption)
            where !ConditionRules.For(other).Any(c => c.Advice >= Advice.Swap && (condition is null ? score.Plan.Group.Conditions.GetValueOrDefault(c.Condition) > 0 : c.Condition == condition))
            let alike = System.Numerics.BitOperations.PopCount(Doing(other) & wanted) - (0.25 * System.Numerics.BitOperations.PopCount(Doing(other) & ~wanted))
                + (move.Sides == form.Move.Sides ? 0.5 : 0) + (move.Kind == form.Move.Kind ? 0.5 : 0)
            orderby alike descending
            select other;
    }

    /// <summary>The line with another move in its place: its dose where it fits, its sides where the move has the same kind.</summary>
    public static Line Put(Line line, MoveForm form)
    {
        var dose = line.Dose is { } own && own.Unit == form.Move.Dose.Unit ? own with { Amount = Math.Clamp(own.Amount, form.Move.Dose.Least, form.Move.Dose.Most) } : (Dose?)null;
        return line with { Move = form.Move.Id, Position = form.Position.Id, Option = MoveForm.BaseOption, Dose = dose, Sides = null, Say = new Dictionary<string, string>(), Talk = null };
    }

    private static bool Stretches(Move move) => move.Kind is MoveKind.Hold or MoveKind.Flow;

    private static uint Doing(MoveForm form)
    {
        var bits = form.Move.AlsoEasedBits;
        foreach (var phase in form.Phases)
            for (var a = 0; a < Areas.Count; a++)
                if (phase.Facts.RightStretch[a] >= Enough || phase.Facts.LeftStretch[a] >= Enough) bits |= 1u << a;
        return bits;
    }
}
