namespace AmpleTide.Core.Scoring;

/// <summary>Reads off which props a class needs and when: those of its positions and moves, and those a line asks for itself.</summary>
internal static class PropNeeds
{
    public static IReadOnlyList<PropNeed> Of(IReadOnlyList<LineScore> lines)
    {
        var times = from line in lines
                    where line.Position is not null
                    from occurrence in line.Occurrences
                    orderby occurrence.StartMs
                    select (Line: line, occurrence.StartMs, EndMs: occurrence.StartMs + occurrence.Ms);
        var (needs, now) = (new List<PropNeed>(), new Dictionary<string, PropNeed>());
        foreach (var (line, start, end) in times)
        {
            var wanted = line.Position!.Props.Concat(line.Move!.Props).Concat(line.Line.Props.Select(p => p.StandIn ?? p.Id)).ToHashSet();
            foreach (var gone in now.Keys.Except(wanted).ToList())
            {
                needs.Add(now[gone]);
                now.Remove(gone);
            }
            foreach (var prop in wanted) now[prop] = now.TryGetValue(prop, out var going) ? going with { ToMs = end } : new(prop, start, end, line);
        }
        return [.. needs.Concat(now.Values).OrderBy(n => n.FromMs).ThenBy(n => n.Prop, StringComparer.Ordinal)];
    }
}
