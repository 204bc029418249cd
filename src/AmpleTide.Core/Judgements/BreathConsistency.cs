using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>The same movement goes with the same breath, all class long.</summary>
public static class BreathConsistency
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("breath-consistency", "One movement, one breath", Level.Hint, Judge);

    private const double Clear = 0.3;
    private const double TwiceAnyOther = 2;

    private static readonly (string Name, Func<Facts, double> Of)[] Movements =
    [
        ("turning the head", f => Math.Abs(f.Loads[(int)Axis.NeckRotation])),
        ("tilting the head", f => Math.Abs(f.Loads[(int)Axis.NeckSide])),
        ("rounding the back", f => Bending.Of(f).Spine),
    ];

    private static IEnumerable<Finding> Judge(Score score)
    {
        var known = new (LineScore? Line, Breath Breath)[Movements.Length];
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form || form.Move is not { Kind: MoveKind.Hold or MoveKind.Flow, Sides: not Sidedness.Circling })
                continue;
            for (var i = 0; i < form.Phases.Length; i++)
            {
                if (Movement(form, i) is not { } which)
                    continue;
                var breath = form.Phases[i].Phase.Breath;
                if (known[which].Line is not { } first)
                    known[which] = (line, breath);
                else if (known[which].Breath != breath && first != line)
                {
                    yield return Rule.Found(
                        [first, line],
                        (
                            $"{Movements[which].Name} goes with the {Word(known[which].Breath)}-breath in {first.Move!.Name} and with the "
                            + $"{Word(breath)}-breath in {line.Move!.Name}."
                        ).Capital(),
                        "Either will do, as long as it stays the same."
                    );
                    known[which] = (line, breath);
                }
            }
        }
    }

    private static string Word(Breath breath) => breath == Breath.In ? "in" : "out";

    private static string Capital(this string text) => char.ToUpperInvariant(text[0]) + text[1..];

    private static int? Movement(MoveForm form, int index)
    {
        // What a class has settled outright is nobody's rule.
        if (
            form.Phases[index].Phase is not { Breath: Breath.In or Breath.Out, BreathIsChosen: false }
            || form.Move.School.ContainsKey("neckCircle")
        )
            return null;
        // By the way to something else it may go with either.
        if (form.HasStay && !(index + 1 < form.Phases.Length && form.Phases[index + 1].Phase.IsStay))
            return null;
        var before =
            index > 0 ? form.Phases[index - 1].Facts
            : form.HasStay || form.Phases.Length == 1 ? form.Position.Facts
            : form.Phases[^1].Facts;
        var after = form.Phases[index].Facts;
        Span<double> by = stackalloc double[Movements.Length];
        for (var m = 0; m < by.Length; m++)
            by[m] = Movements[m].Of(after) - Movements[m].Of(before);
        var most = 0;
        for (var m = 1; m < by.Length; m++)
            if (by[m] > by[most])
                most = m;
        if (by[most] < Clear)
            return null;
        for (var m = 0; m < by.Length; m++)
            if (m != most && Math.Abs(by[m]) * TwiceAnyOther > by[most])
                return null;
        return most;
    }
}
