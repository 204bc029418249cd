using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>There are enough props for everybody who needs one at the same time, or something stands in.</summary>
public static class PropsShort
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("props-short", "There are enough props for the room", Level.Notable, Judge);

    private static IEnumerable<Finding> Judge(Score score)
    {
        var place = score.Plan.Place;
        var needed = score
            .Props.Where(n => score.Catalogue.Prop(n.Prop) is not null && !place.ComesWith(n.Prop))
            .GroupBy(n => n.Prop)
            .ToList();
        if (needed.Count == 0)
            yield break;
        // A stock that nobody has counted yet is one question, not many findings.
        if (place.Props.Count == 0)
        {
            var names = string.Join(", ", needed.Select(n => score.Catalogue.Prop(n.Key)!.Plural));
            yield return Rule.Found(
                    [],
                    $"The class uses {names}; nobody has said how many are there.",
                    "Count them once, and shortages show."
                )
                .As(Level.Hint);
            yield break;
        }
        foreach (var need in needed)
        {
            var (prop, stock) = (score.Catalogue.Prop(need.Key)!, place.Props.GetValueOrDefault(need.Key));
            // One wall is enough for everybody.
            var people = prop.Id == "wall" ? 1 : Math.Max(1, score.Plan.Group.Size);
            if (stock >= people)
                continue;
            // Lines that are told of by what stands in are settled.
            var lines = score.Lines.Where(l => l.Form is not null && Needs(l, need.Key)).ToList();
            if (lines.Count == 0)
                continue;
            var there = stock == 0 ? "none is there" : $"{stock} {(stock == 1 ? "is" : "are")} there";
            var finding = Rule.Found(
                lines,
                $"{people} {(people == 1 ? prop.Name : prop.Plural).ToLowerInvariant()} are needed and {there}.",
                StandInsOf(prop, score.Catalogue)
            );
            foreach (var standIn in prop.StandIns.Where(s => place.ComesWith(s) || stock + place.Props.GetValueOrDefault(s) >= people))
                finding = finding.Fix(
                    $"Let {NameOf(standIn, score.Catalogue)} stand in",
                    plan => plan.ChangeLines([.. lines.Select(l => l.Line.Id)], l => StandIn(l, need.Key, standIn))
                );
            yield return finding;
        }
    }

    private static bool Needs(LineScore line, string prop) =>
        (line.Position!.Props.Contains(prop) || line.Move!.Props.Contains(prop) || line.Line.Props.Any(p => p.Id == prop))
        && !line.Line.Props.Any(p => p.Id == prop && p.StandIn is not null);

    private static Line StandIn(Line line, string prop, string standIn) =>
        line with
        {
            Props = [.. line.Props.Where(p => p.Id != prop), new LineProp(prop, standIn)],
        };

    private static string StandInsOf(Prop prop, MoveCatalogue catalogue) =>
        prop.StandIns.Count == 0
            ? "Nothing stands in for it; take the move where it is not needed."
            : $"What does the same: {string.Join(", ", prop.StandIns.Select(s => NameOf(s, catalogue)))}.";

    private static string NameOf(string prop, MoveCatalogue catalogue) =>
        catalogue.Prop(prop)?.Name.ToLowerInvariant() ?? prop.Replace('-', ' ');
}
