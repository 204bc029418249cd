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
        PreservedFields[] around =
        [
            plan.UnknownFields,
            plan.Theme.UnknownFields,
            plan.Group.UnknownFields,
            .. plan.Group.People.SelectMany(p => p.Complaints.Select(c => c.UnknownFields).Append(p.UnknownFields)),
            plan.Place.UnknownFields,
            plan.Breath.UnknownFields,
            .. plan.Sections.SelectMany(s => new[] { s.UnknownFields, s.Breath.UnknownFields }),
            .. plan.Off.Select(o => o.UnknownFields),
        ];
        foreach (var name in around.SelectMany(k => k.Fields).Select(f => f.Key).Distinct())
            yield return Found([], name);
        foreach (var line in score.Lines)
        {
            if (
                ReferenceEquals(line.Line.UnknownFields, PreservedFields.None)
                && ReferenceEquals(line.Line.Breath, BreathChoice.None)
                && line.Line.Props.Count == 0
            )
                continue;
            foreach (
                var field in line
                    .Line.UnknownFields.Fields.Concat(line.Line.Breath.UnknownFields.Fields)
                    .Concat(line.Line.Props.SelectMany(p => p.UnknownFields.Fields))
            )
                yield return Found([line], field.Key);
        }
    }

    private static Finding Found(IEnumerable<LineScore> lines, string name) =>
        Rule.Found(
            lines,
            $"The file has a field '{name}' that is not known here.",
            "It is kept as it is. If it is a typing slip, its value has no effect."
        );
}
