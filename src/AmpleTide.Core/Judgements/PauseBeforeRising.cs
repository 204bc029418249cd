using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>After five minutes of lying, people sit a while before they stand. Common practice, no source.</summary>
public static class PauseBeforeRising
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("pause-before-rising", "People sit before they stand up from lying", Level.Serious, Judge);

    private const int LongMs = 300_000;
    private const int SitMs = 30_000;
    private const int SitLongerMs = 60_000;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var group = score.Plan.Group;
        var neededMs = group.Older || group.GetsDizzy ? SitLongerMs : SitMs;
        int? lyingFrom = null;
        var (lyingMs, satMs) = (0, 0);
        foreach (var taking in score.Taken)
        {
            if (taking.Line.Position!.Lying)
            {
                lyingFrom ??= taking.AtMs;
                (lyingMs, satMs) = (taking.EndMs - lyingFrom.Value, 0);
                continue;
            }
            var stands = taking.Line.Position.Level == PelvisLevel.Standing;
            // The way itself is getting up; what counts is sitting or kneeling still.
            if (!stands) satMs += taking.Ms;
            if (stands && lyingMs >= LongMs && satMs < neededMs)
            {
                var line = taking.Line;
                yield return Rule.Found([line], $"After {Clock.Of(lyingMs)} of lying people sit {satMs / 1000} s before they stand.", $"Sit {neededMs / 1000} s first; rising quickly makes people dizzy.")
                    .FixWith(score, "Sit and notice first", plan => Sitting(score, neededMs).Select(sitting => plan.InsertBefore(line.Set?.Id ?? line.Line.Id, sitting)));
            }
            if (stands || satMs >= neededMs) (lyingFrom, lyingMs) = (null, 0);
        }
    }

    private static IEnumerable<Line> Sitting(Score score, int ms) =>
        from id in (string[])["noticing-pause", "natural-breath"]
        let move = score.Catalogue.Move(id)
        where move is not null
        from place in (string[])["seated-cross", "heel-sit", "chair-edge"]
        where move.In.Contains(place)
        select new Line { Id = id, Move = id, Position = place, Dose = new(move.Dose.Unit, Math.Min(move.Dose.Most, (ms / 9000) + 1)) };
}
