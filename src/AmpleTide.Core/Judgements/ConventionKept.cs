using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>The class keeps to the ways it has chosen.</summary>
public static class ConventionKept
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("convention", "The class keeps to its conventions", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var line in score.Lines)
        {
            if (line.Move is not { School.Count: > 0 } move || line.Form is null)
                continue;
            foreach (var (matter, way) in move.School)
            {
                var chosen = Conventions.Chosen(score.Plan, matter);
                // The usual way is never against a stronger one.
                if (chosen == way || Conventions.Find(matter) is not { } convention || (convention.Ways[0].Id == way && chosen != "none"))
                    continue;
                yield return Rule.Found(
                        [line],
                        $"{move.Name}: {convention.Ways.First(w => w.Id == way).Name}; this class has chosen "
                            + $"{convention.Ways.FirstOrDefault(w => w.Id == chosen)?.Name ?? chosen}.",
                        convention.Why
                    )
                    .Fix(
                        "Swap it",
                        plan =>
                            Swaps
                                .ForEverybody(score, line)
                                .Where(s => s.Move.School.All(o => Conventions.Chosen(plan, o.Key) == o.Value))
                                .Select(s => plan.ChangeLine(line.Line.Id, l => Swaps.Put(l, s)))
                    )
                    .Fix(
                        "Choose that way for this class",
                        plan => plan with { Conventions = new Dictionary<string, string>(plan.Conventions) { [matter] = way } }
                    );
            }
        }
    }
}
