using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>In the calming parts of a class no out-breath is shorter than its in-breath; waking breaths are exempt.</summary>
public static class BreathRatio
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("breath-ratio", "Out-breaths are as long as in-breaths while calming", Level.Notable, Judge);

    private static readonly Part[] Calming = [Part.Arrive, Part.Soften, Part.Rest, Part.Close];

    private static IEnumerable<Finding> Judge(Score score)
    {
        var usual = Timing.BreathOf(score.Plan, score.Tempo);
        foreach (var section in score.Plan.Sections.Where(s => Calming.Contains(s.Part)))
        {
            var lines = score
                .Lines.Where(l =>
                    l.Section == section
                    && l.Form is { } form
                    && form.Move.Effort < 2
                    && Shorter(form, usual.With(section.Breath).With(l.Line.Breath))
                )
                .ToList();
            if (lines.Count == 0)
                continue;
            yield return Rule.Found(
                    lines,
                    $"In {section.Name} the out-breath is shorter than the in-breath.",
                    "A longer out-breath calms; a shorter one wakes."
                )
                .Fix("Breathe out as long as in", plan => Lengthened(plan, section.Id, usual, [.. lines.Select(l => l.Line.Id)]));
        }
    }

    private static bool Shorter(MoveForm form, BreathPatterns breath) =>
        form.Phases.Any(p =>
            p.Phase is { Counts: null, Breath: not Breath.Free } && breath[p.Phase.Pattern] is { } counts && counts.Out < counts.In
        );

    private static ClassPlan Lengthened(ClassPlan plan, string section, BreathPatterns usual, IReadOnlyCollection<string> lines)
    {
        BreathChoice Mended(BreathChoice own)
        {
            var now = usual.With(own);
            BreathCounts Longer(BreathCounts c) => c.Out < c.In ? c with { Out = c.In } : c;
            return own with
            {
                Moving = Longer(now.Moving),
                Effort = Longer(now.Effort),
                Holding = Longer(now.Holding),
                Resting = Longer(now.Resting),
            };
        }
        plan = plan with { Sections = [.. plan.Sections.Select(s => s.Id == section ? s with { Breath = Mended(s.Breath) } : s)] };
        return plan.ChangeLines(lines, l => ReferenceEquals(l.Breath, BreathChoice.None) ? l : l with { Breath = Mended(l.Breath) });
    }
}
