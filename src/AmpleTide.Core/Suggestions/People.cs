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
    /// <summary>What is done otherwise in a class, in its order.</summary>
    public static IReadOnlyList<PersonSwap> SwapsOf(Score score)
    {
        var people = score.Plan.Group.WithConditions;
        if (people.Count == 0)
            return [];
        return [.. score.Lines.Where(l => l.Form is not null).SelectMany(line => SwapsIn(score, line, people))];
    }

    /// <summary>What is done otherwise in one line.</summary>
    public static IEnumerable<PersonSwap> SwapsIn(Score score, LineScore line, IReadOnlyList<Person> people)
    {
        var replacements = Replacements.On(score.Ways);
        return from person in people
            let advised = replacements.Adviser.For(person, line.Form!, score.Plan.Place)
            where advised.Advice > Advice.Fine
            select new PersonSwap(
                line,
                advised,
                advised.Advice == Advice.LeaveOut ? replacements.All(person, MomentOf(score, line), score.Plan) : []
            );
    }

    /// <summary>Whether nobody who comes has to leave a move out.</summary>
    public static bool NobodyLeavesOut(Score score, MoveForm form)
    {
        var adviser = Replacements.On(score.Ways).Adviser;
        return score.Plan.Group.WithConditions.All(person => adviser.Word(person, form) < Advice.LeaveOut);
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

    private static Moment MomentOf(Score score, LineScore line)
    {
        var before = score.Lines.TakeWhile(l => l != line).LastOrDefault(l => l.Position is not null);
        var next = score.Lines.SkipWhile(l => l != line).Skip(1).FirstOrDefault(l => l.Position is not null)?.Position;
        return new(line.Form!, before is null ? line.Position! : EndOf(score, before), next ?? EndOf(score, line), line.Practised);
    }

    private static Position EndOf(Score score, LineScore line) =>
        line.Move!.Out is { } end ? score.Catalogue.Position(end)! : line.Position!;
}
