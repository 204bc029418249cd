using System.Runtime.CompilerServices;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Suggestions;

/// <summary>
/// What somebody who comes does in a line: less of it, another way, or something else in the same minutes, said before the first side.
/// </summary>
/// <param name="Line">The line.</param>
/// <param name="Advised">Who, what is advised, and why.</param>
/// <param name="Instead">What they do instead, best first; none where the line itself will do.</param>
public sealed record PersonSwap(LineScore Line, Advised Advised, IReadOnlyList<Replacement> Instead);

/// <summary>A condition nobody has asked about, and the lines that would change with it.</summary>
public sealed record Asked(Condition Condition, IReadOnlyList<LineScore> Lines);

/// <summary>The people who come: what some of them do otherwise, and what to ask tonight. No names.</summary>
public static class People
{
    private sealed record Group(IReadOnlyList<Person> People, IReadOnlyList<PersonSwap> Swaps);

    private static readonly ConditionalWeakTable<Score, Group> Known = [];

    /// <summary>Everybody who comes and has something.</summary>
    public static IReadOnlyList<Person> Of(Score score) => Known.GetValue(score, Judge).People;

    /// <summary>What is done otherwise in a class, in its order; worked out once a score.</summary>
    public static IReadOnlyList<PersonSwap> SwapsOf(Score score) => Known.GetValue(score, Judge).Swaps;

    private static Group Judge(Score score)
    {
        var people = score.Plan.Group.WithConditions;
        return new(people, people.Count == 0 ? [] : Find(score, people));
    }

    private static List<PersonSwap> Find(Score score, IReadOnlyList<Person> people)
    {
        var replacements = Replacements.On(score.Ways);
        var swaps = new List<PersonSwap>();
        var alike = people.Select(p => replacements.Alike(p, score.Plan)).ToList();
        for (var i = 0; i < score.Lines.Count; i++)
        {
            if (score.Lines[i].Form is not { } form)
                continue;
            for (var n = 0; n < people.Count; n++)
            {
                var advised = replacements.Adviser.For(people[n], form, score.Plan.Place, alike[n]);
                if (advised.Advice == Advice.Fine)
                    continue;
                var instead =
                    advised.Advice == Advice.LeaveOut ? replacements.All(people[n], MomentOf(score, i), score.Plan, alike[n]) : [];
                swaps.Add(new(score.Lines[i], advised, instead));
            }
        }
        return swaps;
    }

    /// <summary>Whether nobody who comes has to leave a move out.</summary>
    public static bool NobodyLeavesOut(Score score, MoveForm form)
    {
        var adviser = Replacements.On(score.Ways).Adviser;
        return Of(score).All(person => adviser.Word(person, form) < Advice.LeaveOut);
    }

    /// <summary>
    /// What to ask before the class: conditions nobody has asked about that would leave something out, those that change most first.
    /// </summary>
    public static IReadOnlyList<Asked> ToAsk(Score score)
    {
        var changed = new Dictionary<string, List<LineScore>>();
        foreach (var line in score.Lines)
        {
            if (line.Form is not { } form)
                continue;
            foreach (var verdict in Verdicts.Of(form))
            {
                if (verdict.Advice < Advice.LeaveOut || score.Plan.Group.Asked(verdict.Condition))
                    continue;
                if (!changed.TryGetValue(verdict.Condition, out var lines))
                    changed[verdict.Condition] = lines = [];
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

    private static Moment MomentOf(Score score, int at)
    {
        var line = score.Lines[at];
        var (before, next) = (at - 1, at + 1);
        while (before >= 0 && score.Lines[before].Position is null)
            before--;
        while (next < score.Lines.Count && score.Lines[next].Position is null)
            next++;
        return new(
            line.Form!,
            before < 0 ? line.Position! : EndOf(score, score.Lines[before]),
            next < score.Lines.Count ? score.Lines[next].Position! : EndOf(score, line),
            line.Time
        );
    }

    private static Position EndOf(Score score, LineScore line) =>
        line.Move!.Out is { } end ? score.Catalogue.Position(end)! : line.Position!;
}
