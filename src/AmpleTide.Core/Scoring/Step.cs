using AmpleTide.Core.Body;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Scoring;

/// <summary>
/// One thing after another as a class goes through time, all rounds of its sets unrolled: an item, or a pause between rounds.
/// </summary>
/// <param name="Item">The line, talk or wait, or null for a pause of a set.</param>
/// <param name="Section">Its section.</param>
/// <param name="Set">The innermost set.</param>
/// <param name="RoundSide">The side of the round, or none.</param>
/// <param name="Round">Which round of the set, from 1.</param>
internal readonly record struct Step(Item? Item, Section Section, Set? Set, Side RoundSide, int Round)
{
    /// <summary>All steps of a class, in order.</summary>
    public static List<Step> Of(ClassPlan plan)
    {
        var steps = new List<Step>();
        foreach (var section in plan.Sections)
            Add(section, null, section.Items, Side.None, 1);
        return steps;

        void Add(Section section, Set? set, IReadOnlyList<Item> items, Side roundSide, int round)
        {
            foreach (var item in items)
            {
                if (item is Set inner)
                    AddRounds(section, inner, roundSide);
                else
                    steps.Add(new(item, section, set, roundSide, round));
            }
        }

        void AddRounds(Section section, Set set, Side outerSide)
        {
            for (var i = 0; i < set.Rounds.Count; i++)
            {
                var side = set.Rounds[i] == Side.None ? outerSide : set.Rounds[i];
                Add(section, set, set.Items, side, i + 1);
                if (i < set.Rounds.Count - 1 && set.PauseBetween.Amount > 0)
                    steps.Add(new(null, section, set, side, i + 1));
            }
        }
    }
}
