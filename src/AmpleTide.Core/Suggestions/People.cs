using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Suggestions;

/// <summary>
/// What somebody with a condition does in a line: smaller, or something else in the same minute, said before the first side.
/// </summary>
/// <param name="Line">The line.</param>
/// <param name="Caution">What is advised, and why.</param>
/// <param name="People">How many it is for.</param>
/// <param name="Instead">What they do instead, or null where the easier option or less of it will do.</param>
public sealed record PersonSwap(LineScore Line, Caution Caution, int People, MoveForm? Instead);

/// <summary>A condition nobody has asked about, and the lines that would change with it.</summary>
public sealed record Asked(Condition Condition, IReadOnlyList<LineScore> Lines);

/// <summary>The people who come: swaps for some of them, and what to ask tonight. Counts only, no names.</summary>
public static class People
{
    /// <summary>The swaps of a class, in its order.</summary>
    public static IReadOnlyList<PersonSwap> SwapsOf(Score score)
    {
        var there = score.Plan.Group.Conditions.Where(c => c.Value > 0).ToDictionary();
        if (there.Count == 0)
            return [];
        return
        [
            .. from line in score.Lines
            where line.Form is not null
            from caution in ConditionRules.For(line.Form!)
            where there.ContainsKey(caution.Condition)
            where !(caution.Advice == Advice.Smaller && line.Line.Option == "easier")
            select new PersonSwap(
                line,
                caution,
                there[caution.Condition],
                caution.Advice >= Advice.Swap ? Swaps.First(score, line, caution.Condition) : null
            ),
        ];
    }

    /// <summary>
    /// What to ask before the class: conditions nobody has asked about that would change something, those that change most first.
    /// </summary>
    public static IReadOnlyList<Asked> ToAsk(Score score)
    {
        var changed = new Dictionary<string, List<LineScore>>();
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form)
                continue;
            foreach (var caution in ConditionRules.For(form))
            {
                if (caution.Advice < Advice.Swap || score.Plan.Group.Conditions.ContainsKey(caution.Condition))
                    continue;
                if (!changed.TryGetValue(caution.Condition, out var lines))
                    changed[caution.Condition] = lines = [];
                lines.Add(line);
            }
        }
        return
        [
            .. score
                .Catalogue.Conditions.Where(c => changed.ContainsKey(c.Id))
                .Select(c => new Asked(c, changed[c.Id]))
                .OrderByDescending(a => a.Lines.Count),
        ];
    }
}
