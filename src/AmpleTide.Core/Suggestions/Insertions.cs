using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Suggestions;

/// <summary>A line that could be put in.</summary>
/// <param name="Line">The line, with its usual dose.</param>
/// <param name="Form">What it is.</param>
/// <param name="Extra">How much longer the ways become.</param>
/// <param name="Because">The reason, in words.</param>
public sealed record Insertion(Line Line, MoveForm Form, TimeSpan Extra, string Because);

/// <summary>
/// Finds what could be put in after a line, best first: by how well it meets the need, how far it is to go there and on, changes of
/// level, the theme, props at hand and the people who come. O(moves × positions).
/// </summary>
public static class Insertions
{
    // What counts how much, in shares of a need fully met; common practice, no source.
    private static readonly TimeSpan WayPerNeed = TimeSpan.FromSeconds(25);
    private const double LevelChange = 0.5;
    private const double OnTheme = 0.15;
    private const double AlreadyThere = 0.3;
    private const double PropAway = 0.4;

    /// <summary>Lines that could follow a line.</summary>
    /// <param name="score">The class.</param>
    /// <param name="after">The line they would follow.</param>
    /// <param name="need">What they should do.</param>
    public static IReadOnlyList<Insertion> After(Score score, LineScore after, Need need)
    {
        if (after.Position is null)
            return [];
        var at = Array.IndexOf([.. score.Lines], after);
        var next = score.Lines.Skip(at + 1).FirstOrDefault(l => l.Position is not null)?.Position;
        var here = after.Move!.Out is { } end ? score.Catalogue.Position(end)! : after.Position;
        var used = score.Lines.Select(l => l.Line.Move).ToHashSet();
        var found =
            from move in score.Catalogue.Moves
            where !move.OptIn && move != after.Move && Fits(move.School, score.Plan)
            from position in score.Catalogue.PositionsOf(move)
            where score.Plan.Place.Allows(position)
            let form = score.Catalogue.Form(move, position, MoveForm.BaseOption)
            let met = need.Met(form)
            where met > 0 && People.NobodyLeavesOut(score, form)
            let extra = ExtraWay(score, here, position, move.Out is { } o ? score.Catalogue.Position(o)! : position, next)
            where extra is not null
            let worth = Math.Min(met, 1)
                - (extra.Value / WayPerNeed)
                - (Levels(here, position, next) * LevelChange)
                + (score.Plan.Theme.Areas.Any(form.Easing.Includes) ? OnTheme : 0)
                - (used.Contains(move.Id) ? AlreadyThere : 0)
                - (position.Props.Concat(move.Props).All(p => score.Plan.Place.HasAtHand(p)) ? 0 : PropAway)
            orderby worth descending
            select new Insertion(
                new Line
                {
                    Id = move.Id,
                    Move = move.Id,
                    Position = position.Id,
                },
                form,
                extra.Value,
                Reason(need, position, here, extra.Value)
            );
        // A move once, in the position where it fits best.
        return [.. found.DistinctBy(i => i.Form.Move.Id)];
    }

    private static string Reason(Need need, Position position, Position here, TimeSpan extra) =>
        position == here ? $"it {need.Does}, and nobody has to move"
        : extra <= TimeSpan.Zero ? $"it {need.Does}, on the way to what follows"
        : $"it {need.Does}; {(int)extra.TotalSeconds} s more on the way";

    private static TimeSpan? ExtraWay(Score score, Position here, Position there, Position thence, Position? next)
    {
        TimeSpan? Way(Position from, Position to) =>
            score.Ways.Cheapest(from.Id, to.Id, score.Plan) is { } route
                ? route.Ways.Sum(w => Timing.WayTime(w, score.Plan.Group.Pace, score.Plan.Group.Older))
                : null;
        if (Way(here, there) is not { } going)
            return null;
        if (next is null)
            return going;
        return Way(thence, next) is { } leaving ? going + leaving - (Way(here, next) ?? TimeSpan.Zero) : null;
    }

    private static int Levels(Position here, Position there, Position? next) =>
        (here.Level != there.Level ? 1 : 0)
        + (next is not null && next.Level != there.Level ? 1 : 0)
        - (next is not null && next.Level != here.Level ? 1 : 0);

    private static bool Fits(IReadOnlyDictionary<string, string> school, ClassPlan plan) =>
        school.All(s => Conventions.Chosen(plan, s.Key) == s.Value);
}
