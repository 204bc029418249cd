namespace AmpleTide.Core.Scoring;

/// <summary>Reads off which props a class needs and when: those of its positions and moves, and those a line asks for itself.</summary>
internal static class PropNeeds
{
    public static IReadOnlyList<PropNeed> Of(IReadOnlyList<LineScore> lines)
    {
        var taken = new List<(LineScore Line, Occurrence At)>(lines.Count);
        foreach (var line in lines)
        foreach (var occurrence in line.Occurrences)
            taken.Add((line, occurrence));
        // Rounds of a set come back to lines that were met before.
        taken.Sort((a, b) => a.At.Start.CompareTo(b.At.Start));

        var (needs, going, wanted) = (new List<PropNeed>(), new List<PropNeed>(), new List<string>());
        foreach (var (line, at) in taken)
        {
            Wanted(line, wanted);
            for (var i = going.Count - 1; i >= 0; i--)
            {
                if (wanted.Remove(going[i].Prop))
                {
                    going[i] = going[i] with { To = at.End };
                    continue;
                }
                needs.Add(going[i]);
                going.RemoveAt(i);
            }
            foreach (var prop in wanted)
                going.Add(new(prop, at.Start, at.End, line));
        }
        needs.AddRange(going);
        return [.. needs.OrderBy(n => n.From).ThenBy(n => n.Prop, StringComparer.Ordinal)];
    }

    private static void Wanted(LineScore line, List<string> wanted)
    {
        wanted.Clear();
        foreach (var prop in line.Form!.Props)
            Add(Used(prop));
        foreach (var prop in line.Line.Props)
            Add(prop.StandIn ?? prop.Id);

        // What stands in takes the place of what is needed.
        string Used(string prop)
        {
            foreach (var own in line.Line.Props)
                if (own.Id == prop && own.StandIn is { } standIn)
                    return standIn;
            return prop;
        }

        void Add(string prop)
        {
            if (!wanted.Contains(prop))
                wanted.Add(prop);
        }
    }
}
