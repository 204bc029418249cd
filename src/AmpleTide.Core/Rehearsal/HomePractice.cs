using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Rehearsal;

/// <summary>A move as somebody does it at home, who has nobody to look on.</summary>
/// <param name="Line">The line of the class it was met in.</param>
/// <param name="Dose">How much, in plain words.</param>
/// <param name="How">What to do, sentence by sentence; the right side where there are sides.</param>
/// <param name="Easier">How to do less, or null.</param>
/// <param name="Mind">What everybody minds.</param>
/// <param name="AskFirst">The conditions, by name, with which one asks before doing it.</param>
public sealed record HomeMove(
    LineScore Line,
    string Dose,
    IReadOnlyList<string> How,
    string? Easier,
    IReadOnlyList<string> Mind,
    IReadOnlyList<string> AskFirst
);

/// <summary>
/// A few moves of a class to be done at home, with what to ask first. A reminder of the class, no treatment. Common practice, no source.
/// </summary>
public static class HomePractice
{
    /// <summary>Fewer are no practice.</summary>
    public const int Fewest = 3;

    /// <summary>More are not done.</summary>
    public const int Most = 6;

    // Alone, without a teacher who looks on, one does what is light.
    private const double MostEffort = 2.8;

    /// <summary>The moves of these lines, in the order of the class.</summary>
    /// <param name="score">The class.</param>
    /// <param name="lines">Ids of lines; those without a move are passed over.</param>
    public static IReadOnlyList<HomeMove> Of(Score score, IReadOnlyCollection<string> lines) =>
        [.. score.Lines.Where(l => l.Form is not null && lines.Contains(l.Line.Id)).Select(l => Of(l, score))];

    /// <summary>
    /// Lines that go home well: light, on the theme, one for each area, asking little of whom nobody looks after; a breath to begin with
    /// where the class has one.
    /// </summary>
    public static IReadOnlyList<string> Suggested(Score score)
    {
        var lines = score.Lines.Where(GoesHome).DistinctBy(l => l.Move!.Id).ToList();
        var theme = score.Plan.Theme.Areas;
        var chosen = new List<LineScore>(lines.Where(l => l.Move!.Kind == MoveKind.Breathing).Take(1));
        var mostly = lines.Except(chosen).OrderBy(l => OnTheme(l) ? 0 : 1).ThenBy(LeftOutBy).ToList();
        foreach (var line in mostly)
            if (chosen.Count < Most && !chosen.Exists(c => MainArea(c) == MainArea(line)))
                chosen.Add(line);
        chosen.AddRange(mostly.Except(chosen).Take(Fewest - chosen.Count));
        return [.. score.Lines.Where(chosen.Contains).Select(l => l.Line.Id)];

        bool OnTheme(LineScore line) => theme.Any(a => line.Form!.Easing.Strongest.Take(2).Contains(a));
    }

    private static bool GoesHome(LineScore line) =>
        line is { Form: { } form, Move: { OptIn: false, IsCue: false } move }
        && move.Kind is not (MoveKind.Balance or MoveKind.CheckIn)
        && move.Effort <= MostEffort
        // Uncrossing the legs, letting go of a clasp: part of a class, nothing by itself.
        && move.Phases.All(p => p.Closes.All(p.Opens.Contains))
        && !form.Position.Demands.HasFlag(Demands.HeadDown);

    private static Area? MainArea(LineScore line) => line.Form!.Easing.Strongest is [var first, ..] ? first : null;

    private static int LeftOutBy(LineScore line) => Verdicts.Of(line.Form!).Count(v => v.Advice == Advice.LeaveOut);

    private static HomeMove Of(LineScore line, Score score)
    {
        var (form, move) = (line.Form!, line.Move!);
        var names = score.Catalogue.Conditions.ToDictionary(c => c.Id, c => c.Name);
        return new(
            line,
            DoseOf(line),
            HowTo(line),
            move.Options.GetValueOrDefault(MoveForm.EasierOption) is { } easier && form.Option != MoveForm.EasierOption
                ? Words.For(easier.Cue, Side.Right)
                : null,
            [.. move.Cautions.Where(c => c.For.Count == 0).Select(c => Words.For(c.Say, Side.Right))],
            [.. Verdicts.Of(form).Where(v => v.Advice == Advice.LeaveOut && names.ContainsKey(v.Condition)).Select(v => names[v.Condition])]
        );
    }

    private static string DoseOf(LineScore line)
    {
        var amount = line.Dose.Amount;
        var counted = line.Dose.Unit switch
        {
            Unit.Breaths => amount == 1 ? "One slow breath" : $"{amount} slow breaths",
            Unit.Rounds => amount == 1 ? "Once" : $"{amount} times",
            Unit.Beats => $"{amount} quick beats",
            _ when amount % 60 == 0 => amount == 60 ? "One minute" : $"{amount / 60} minutes",
            _ => $"{amount} seconds",
        };
        return counted
            + line.Move!.Sides switch
            {
                Sidedness.None => "",
                Sidedness.Alternating => ", changing sides",
                Sidedness.Circling => " each way round",
                _ => " on each side",
            };
    }

    private static List<string> HowTo(LineScore line)
    {
        var (form, own) = (line.Form!, line.Line);
        var how = new List<string> { Sentence(own.Talk ?? line.Move!.Talk.First) };
        for (var i = 0; i < form.Phases.Length; i++)
        {
            var phase = form.Phases[i].Phase;
            var cue = own.Say.GetValueOrDefault(Phase.Key(i), phase.Cue.Long);
            how.Add(Sentence(WithBreath(phase.Breath, Words.For(cue, Side.Right))));
        }
        return how;
    }

    // A cue that speaks of the breath needs nobody to say it again.
    private static string WithBreath(Breath breath, string cue) =>
        breath is not (Breath.In or Breath.Out) || cue.Contains("breath", StringComparison.OrdinalIgnoreCase) || cue.Length == 0
            ? cue
            : $"Breathing {(breath == Breath.In ? "in" : "out")}, {char.ToLowerInvariant(cue[0])}{cue[1..]}";

    private static string Sentence(string text)
    {
        var said = Words.For(text, Side.Right).Trim();
        return said.Length == 0 || said[^1] is '.' or '!' or '?' ? said : said + ".";
    }
}
