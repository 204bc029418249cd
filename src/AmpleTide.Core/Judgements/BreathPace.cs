using System.Globalization;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// No breath is slower than people can follow. Adults at rest breathe 12 to 20 times a minute (nursing handbooks), slow paced breathing
/// is near 6 (Lehrer and Gevirtz, Frontiers in Psychology, 2014); both from memory.
/// </summary>
public static class BreathPace
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("breath-pace", "No breath is slower than people can follow", Level.Notable, Judge);

    private const double SlowestMs = 60_000 / 4.0;
    private const double SlowMs = 60_000 / 5.0;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var slow = score.Lines.Where(IsPaced(score.Plan)).Select(l => (Line: l, Ms: BreathMs(l, score.Plan))).Where(l => l.Ms > SlowMs + 1).ToList();
        if (slow.Count == 0) yield break;
        var worst = slow.MaxBy(l => l.Ms);
        var aMinute = (60_000.0 / worst.Ms).ToString("0.0", CultureInfo.InvariantCulture);
        var finding = Rule.Found(slow.Select(l => l.Line), $"{worst.Line.Move!.Name} asks for {aMinute} breaths a minute.", "Under five a minute people run out of air, and some hold it.");
        yield return (worst.Ms > SlowestMs ? finding : finding.As(Level.Hint))
            .Fix("Breathe at the usual pace", plan => WithoutOwnBreath(plan, [.. slow.Select(l => l.Line.Line.Id)]));
    }

    // Where nobody counts, each breathes at their own pace, and a pattern only says how long that will take.
    private static Func<LineScore, bool> IsPaced(ClassPlan plan) => line => line.Form is { } form
        && (form.Move.Kind == MoveKind.Flow || form.Phases.Any(p => p.Phase.Counts is not null)
            || !ReferenceEquals(plan.Breath, BreathChoice.None) || !ReferenceEquals(line.Section.Breath, BreathChoice.None) || !ReferenceEquals(line.Line.Breath, BreathChoice.None));

    // The longest breath it asks for: an in and an out that follow each other, or a breath of a stay.
    private static int BreathMs(LineScore line, ClassPlan plan)
    {
        var breath = Timing.BreathOf(plan).With(line.Section.Breath).With(line.Line.Breath);
        var (longest, round) = (0, 0);
        foreach (var phase in line.Form!.Phases)
        {
            var ms = Timing.PhaseMs(phase.Phase, breath);
            if (phase.Phase.Breath == Breath.Free) continue;
            if (phase.Phase.IsStay) longest = Math.Max(longest, ms);
            else if (phase.Phase.Breath == Breath.In && round > 0 && EndsOut(line.Form, phase)) round = ms;
            else round += ms;
            longest = Math.Max(longest, round);
            if (phase.Phase.IsStay) round = 0;
        }
        return line.Dose.Unit == Unit.Beats ? 0 : longest;
    }

    // A new in-breath after an out-breath begins a new breath; a second sip does not.
    private static bool EndsOut(MoveForm form, PhaseForm phase)
    {
        var at = Array.IndexOf(form.Phases, phase);
        return at > 0 && form.Phases[at - 1].Phase.Breath is Breath.Out or Breath.HoldOut;
    }

    private static ClassPlan WithoutOwnBreath(ClassPlan plan, IReadOnlyCollection<string> lines)
    {
        plan = plan with { Breath = BreathChoice.None, Sections = [.. plan.Sections.Select(s => s with { Breath = BreathChoice.None })] };
        return plan.ChangeLines(lines, l => l with { Breath = BreathChoice.None });
    }
}
