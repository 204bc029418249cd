using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>There is a rest at the end, and it is long enough for the class. Common practice, no source.</summary>
public static class RestLength
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("rest", "There is a rest at the end", Level.Notable, Judge);

    private const double ShortMinutes = 20;
    private const double LongMinutes = 45;
    private const double Share = 0.05;

    /// <summary>How long the rest of a class of so many minutes is at least.</summary>
    public static TimeSpan Needed(double minutes) =>
        minutes < ShortMinutes ? TimeSpan.FromSeconds(30)
        : minutes <= LongMinutes ? WholeMilliseconds.Longer(TimeSpan.FromSeconds(75), WholeMilliseconds.Of(Share * minutes * 60))
        : TimeSpan.FromMinutes(5);

    private static IEnumerable<Finding> Judge(Score score)
    {
        if (score.PracticeSpans.Count == 0)
            yield break;
        var needed = Needed(score.Plan.Minutes);
        var level = score.Plan.Minutes < ShortMinutes ? Level.Hint : Level.Notable;
        var rest = Arc.Rest(score);
        var length = Arc.RestTime(score);
        if (length >= needed)
            yield break;
        var finding = (
            length == TimeSpan.Zero
                ? Rule.Found(
                    [],
                    "The class ends without a rest.",
                    $"{Clock.Of(needed)} of quiet would do, lying, propped or sitting still."
                )
                : Rule.Found(
                    rest.Where(l => l.Move!.Kind == MoveKind.Rest) is var rests && rests.Any() ? rests : rest.Where(Arc.IsQuiet),
                    $"The rest is {Clock.Of(length)}; {Clock.Of(needed)} would do.",
                    "The rest is what gets eaten when time runs out."
                )
        ).As(level);
        if (rest.Where(Arc.IsQuiet).MaxBy(l => l.None.Length) is { } longest && Longer(longest, needed - length) is { } dose)
            finding = finding.Fix("Lengthen the rest", plan => plan.GiveDose([longest.Line.Id], dose));
        else if (score.Lines.LastOrDefault(l => l.Section.Part is not Part.Close && l.Position is not null) is { } last)
            finding = finding.FixByInserting(
                "Add a rest",
                score,
                last,
                new(
                    "is still",
                    form =>
                        form.Move.Kind == MoveKind.Rest ? 1
                        : form.Move.IsStillness && form.Move.Dose.Unit == Unit.Seconds ? 0.7
                        : 0
                )
            );
        yield return finding;
    }

    private static Dose? Longer(LineScore line, TimeSpan missing)
    {
        if (line.None.Length <= TimeSpan.Zero || line.Dose.Amount == 0 || line.Line.Locked)
            return null;
        var each = line.None.Length / line.Dose.Amount;
        var step = line.Dose.Unit == Unit.Seconds ? 5 : 1;
        var amount = (int)(Math.Ceiling((line.Dose.Amount + (missing / each)) / step) * step);
        return amount <= line.Move!.Dose.Most ? line.Dose with { Amount = amount } : null;
    }
}
