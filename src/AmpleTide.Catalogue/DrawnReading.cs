using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Catalogue;

/// <summary>Reads what the pictures of a move show beside the body's shape.</summary>
internal static class DrawnReading
{
    private const int MostMoments = 4;

    private static readonly Dictionary<string, Sign> SignsByName = Enum.GetValues<Sign>().ToDictionary(s => Entry.Hyphenated(s.ToString()));

    // signs: sign → landmarks; follow and strap: landmarks; stands: prop → landmark; closeUp: what the picture comes close to;
    // picture: the phase that stands for the move, or as many as it takes to tell it, at most four; with a minus, the phase with right
    // and left swapped.
    public static (Drawn Drawn, int Picture) ReadDrawn(Entry entry, List<Phase> phases)
    {
        // Before there were other signs, attend stood by itself; moves that are kept or sent still have it so.
        List<(Sign, Landmark)> signs = [.. ReadLandmarks(entry, "attend").Select(mark => (Sign.Attend, mark)), .. ReadSigns(entry)];
        var stands = new Dictionary<Support, Landmark>();
        foreach (var (prop, mark) in entry.Words("stands"))
        {
            if (Support.Find(prop) is not { } support)
                entry.Wrong("stands", $"there is no prop '{prop}' to stand there");
            else if (Landmark.Find(mark) is not { } place)
                entry.Wrong("stands", $"there is no landmark '{mark}'");
            else
                stands[support] = place;
        }
        CloseUp? closeUp = entry.Has("closeUp") ? entry.Word<CloseUp>("closeUp") : null;
        var pictured = entry.Integers("picture");
        if (pictured.Count > MostMoments || pictured.Any(i => Math.Abs(i) < 1 || Math.Abs(i) > Math.Max(1, phases.Count)))
            entry.Wrong("picture", $"is not one of the phases, or up to {MostMoments} of them");
        if (pictured.Count > 0 && pictured[^1] < 0)
            entry.Wrong("picture", "ends with the other side; what stands last is to the right");
        var earlier = pictured.SkipLast(1).Select(i => new Pictured(Math.Abs(i) - 1, i < 0)).ToList();
        var drawn = new Drawn(signs, ReadLandmarks(entry, "follow"), ReadLandmarks(entry, "strap"), stands, closeUp, earlier);
        return (drawn, pictured.Count > 0 ? Math.Abs(pictured[^1]) - 1 : PictureOf(phases));
    }

    // A stay tells a hold apart; otherwise the first phase does.
    private static int PictureOf(List<Phase> phases) => Math.Max(0, phases.FindIndex(p => p.IsStay));

    public static List<(Sign Sign, Landmark At)> ReadSigns(Entry entry)
    {
        var read = new List<(Sign, Landmark)>();
        if (entry.Inner("signs") is not { } signs)
            return read;
        foreach (var name in signs.Fields())
        {
            if (SignsByName.TryGetValue(name, out var sign))
                read.AddRange(ReadLandmarks(signs, name).Select(mark => (sign, mark)));
            else
                entry.Wrong("signs", $"'{name}' is not one of {string.Join(", ", SignsByName.Keys)}");
        }
        return read;
    }

    public static List<Landmark> ReadLandmarks(Entry entry, string field)
    {
        var found = new List<Landmark>();
        foreach (var name in entry.Texts(field))
        {
            if (Landmark.Find(name) is { } mark)
                found.Add(mark);
            else
                entry.Wrong(field, $"there is no landmark '{name}'");
        }
        return found;
    }
}
