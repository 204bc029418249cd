using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>What is said on a phase can be said in it, and half of a hold is silent. Common practice, no source.</summary>
public static class TalkFits
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("talk-fits", "Words fit into the breath they are said on", Level.Notable, Judge);

    // The catalogue's cues are said in passing; a word or two over is nothing.
    private const int Slack = 2;

    private static IEnumerable<Finding> Judge(Score score)
    {
        List<(LineScore Line, int Words, int Fit)>? hurried = null;
        var classBreath = Timing.BreathOf(score.Plan, score.Tempo);
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form || line.Dose.Unit == Unit.Beats)
                continue;
            var breath = classBreath.With(line.Section.Breath).With(line.Line.Breath);
            for (var i = 0; i < form.Phases.Length; i++)
            {
                var own = line.Line.Say.Count == 0 ? null : line.Line.Say.GetValueOrDefault(Phase.Key(i));
                var words = own is null ? form.Phases[i].Phase.Cue.LongWords : Words.Count(own);
                var fit = Fits(line, i, breath);
                if (words <= fit + (own is null ? Slack : 0))
                    continue;
                if (own is not null)
                    yield return Own(line, i, words, fit);
                else
                    (hurried ??= []).Add((line, words, fit));
            }
        }
        if (hurried is null)
            yield break;
        var worst = hurried.MaxBy(h => h.Words - h.Fit);
        yield return Rule.Found(
                hurried.Select(h => h.Line).Distinct(),
                $"At this breath cues are too long: {worst.Line.Move!.Name} has {worst.Words} words where {worst.Fit} fit.",
                "Say the short form, or breathe slower."
            )
            .As(Level.Hint);
    }

    // A stay is silent for half of its time.
    private static int Fits(LineScore line, int phase, BreathPatterns breath)
    {
        var form = line.Form!.Phases[phase];
        var time =
            form.Phase.IsStay && line.Form.HasStay && line.Dose.Unit != Unit.Rounds
                ? Staying.Silent
                    * line.Dose.Amount
                    * (line.Dose.Unit == Unit.Seconds ? TimeSpan.FromSeconds(1) : WholeMilliseconds.Of(breath.Breath(form.Phase.Pattern)))
                : Timing.PhaseTime(line.Form, form.Phase, breath);
        return Staying.LeadIn + (int)(time.TotalSeconds * Staying.WordsASecond);
    }

    private static Finding Own(LineScore line, int phase, int words, int fit)
    {
        var key = Phase.Key(phase);
        var part = line.Form!.Phases[phase].Phase.IsStay ? "the silent half of the hold" : "its breath";
        return Rule.Found(
                [line],
                $"{line.Move!.Name}: {words} words where {fit} fit before {part}.",
                "A hold runs to twice its length when options are spoken inside it; say them in the talk-in."
            )
            .Fix(
                "Take the catalogue's words",
                plan => plan.ChangeLine(line.Line.Id, l => l with { Say = l.Say.Where(s => s.Key != key).ToDictionary() })
            );
    }
}
