using System.Numerics;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Suggestions;

/// <summary>
/// What can be done in the place of a line: in the same minute, in the same position, and with one more prop at most. A pure function of
/// the line, the place and the catalogue.
/// </summary>
public static class Swaps
{
    // An area less in common weighs four times as much as one more than was asked for. Common practice, no source.
    private const double AreaTooMany = 0.25;
    private const double SameKind = 0.5;
    private const double SameSides = 0.5;
    private const int MostExtraProps = 1;

    /// <summary>What could stand in for everybody who comes, nearest first.</summary>
    public static IEnumerable<MoveForm> ForEverybody(Score score, LineScore line) =>
        line.Form is not { } own
            ? []
            : from form in Candidates(score, line)
            where People.NobodyLeavesOut(score, form)
            orderby Likeness(form, own) descending
            select form;

    /// <summary>
    /// The line with another move in its place: its dose where it is counted alike; sides, option and words are the new move's.
    /// </summary>
    public static Line Put(Line line, MoveForm form)
    {
        var dose =
            line.Dose is { } own && own.Unit == form.Move.Dose.Unit
                ? own with
                {
                    Amount = Math.Clamp(own.Amount, form.Move.Dose.Least, form.Move.Dose.Most),
                }
                : (Dose?)null;
        return line with
        {
            Move = form.Move.Id,
            Position = form.Position.Id,
            Option = MoveForm.BaseOption,
            Dose = dose,
            Sides = null,
            Say = new Dictionary<string, string>(),
            Talk = null,
        };
    }

    private static IEnumerable<MoveForm> Candidates(Score score, LineScore line)
    {
        if (line.Form is not { } own || !score.Plan.Place.Allows(own.Position))
            yield break;
        foreach (var form in score.Catalogue.FormsIn(own.Position))
        {
            var move = form.Move;
            if (move.OptIn || move == own.Move || move.Out != own.Move.Out)
                continue;
            if (move.Kind != own.Move.Kind && !(Stretches(move) && Stretches(own.Move)))
                continue;
            if (move.Dose.Unit != line.Dose.Unit && move.Dose.Unit == Unit.Beats)
                continue;
            if (move.Props.Count > 0 && move.Props.Except(own.Position.Props).Count() > MostExtraProps)
                continue;
            yield return form;
        }
    }

    private static bool Stretches(Move move) => move.Kind is MoveKind.Hold or MoveKind.Flow;

    private static double Likeness(MoveForm form, MoveForm own) =>
        BitOperations.PopCount(form.Easing.AreaBits & own.Easing.AreaBits)
        - (AreaTooMany * BitOperations.PopCount(form.Easing.AreaBits & ~own.Easing.AreaBits))
        + (form.Move.Sides == own.Move.Sides ? SameSides : 0)
        + (form.Move.Kind == own.Move.Kind ? SameKind : 0);
}
