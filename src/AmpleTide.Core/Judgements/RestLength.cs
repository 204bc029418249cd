using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Counsel;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>There is a rest at the end, and it is long enough for the class. Common practice, no source.</summary>
public static class RestLength
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("rest", "There is a rest at the end", Level.Notable, Judge);

    private const double ShortMinutes = 20;
    private const double LongMinutes = 45;

    private static IEnumerable<Finding> Judge(Score score)
    {
        if (score.Taken.Count == 0) yield break;
        var minutes = score.Plan.Minutes;
        var (neededMs, level) = minutes < ShortMinutes ? (30_000, Level.Hint)
            : minutes <= LongMinutes ? ((int)Math.Max(75_000, 0.05 * minutes * 60_000), Level.Notable)
            : (300_000, Level.Notable);
        var rest = Arc.Rest(score);
        var ms = Arc.RestMs(score);
        if (ms >= neededMs) yield break;
        var finding = (ms == 0
            ? Rule.Found([], "The class ends without a rest.", $"{Clock.Of(neededMs)} of quiet would do, lying, propped or sitting still.")
            : Rule.Found(rest.Where(l => l.Move!.Kind == MoveKind.Rest) is var rests && rests.Any() ? rests : rest.Where(Arc.IsQuiet), $"The rest is {Clock.Of(ms)}; {Clock.Of(neededMs)} would do.", "The rest is what gets eaten when time runs out.")).As(level);
        if (rest.Where(Arc.IsQuiet).MaxBy(l => l.None.Ms) is { } longest && Longer(longest, neededMs - ms) is { } dose)
            finding = finding.Fix("Lengthen the rest", plan => plan.GiveDose([longest.Line.Id], dose));
        else if (score.Lines.LastOrDefault(l => l.Section.Part is not Part.Close && l.Position is not null) is { } last)
            finding = finding.FixAfter(score, "Add a rest", last, new("is still", form => form.Move.Kind == MoveKind.Rest ? 1 : form.Move.IsStillness && form.Move.Dose.Unit == Unit.Seconds ? 0.7 : 0));
        yield return finding;
    }

    private static Dose? Longer(LineScore line, int missingMs)
    {
        if (line.None.Ms <= 0 || line.Dose.Amount == 0) return null;
        var each = line.None.Ms / (double)line.Dose.Amount;
        var step = line.Dose.Unit == Unit.Seconds ? 5 : 1;
        var amount = (int)(Math.Ceiling((line.Dose.Amount + (missingMs / each)) / step) * step);
        return amount <= line.Move!.Dose.Most ? line.Dose with { Amount = amount } : null;
    }
}
