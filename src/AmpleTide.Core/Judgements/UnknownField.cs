using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>Fields of the file that this version does not know are kept, and may be typing slips.</summary>
public static class UnknownField
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("unknown-field", "Fields are known", Level.Hint, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var plan = score.Plan;
        Kept[] around =
            [plan.Kept, plan.Theme.Kept, plan.Group.Kept, plan.Place.Kept, plan.Breath.Kept, .. plan.Sections.SelectMany(s => new[] { s.Kept, s.Breath.Kept }), .. plan.Off.Select(o => o.Kept)];
        foreach (var name in around.SelectMany(k => k.Fields).Select(f => f.Key).Distinct()) yield return Found([], name);
        foreach (var line in score.Lines)
        {
            if (ReferenceEquals(line.Line.Kept, Kept.Nothing) && ReferenceEquals(line.Line.Breath, BreathChoice.None)) continue;
            foreach (var field in line.Line.Kept.Fields.Concat(line.Line.Breath.Kept.Fields)) yield return Found([line], field.Key);
        }
    }

    private static Finding Found(IEnumerable<LineScore> lines, string name) =>
        Rule.Found(lines, $"The file has a field '{name}' that is not known here.", "It is kept as it is. If it is a typing slip, its value has no effect.");
}
