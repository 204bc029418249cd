using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Catalogue;

/// <summary>What is said: cues, talk, what to watch for, and how all of it changes with a convention.</summary>
internal sealed partial class MoveReading
{
    private const int MostWordsOfAShortCue = 7;
    private const int MostThen = 4;
    private const int MostWatch = 3;

    private static Cue ReadCue(Entry phase)
    {
        if (phase.Inner("cue") is not { } cue)
        {
            phase.Wrong("cue", "is missing");
            return new("", "", null);
        }
        var read = new Cue(Spoken(cue, "long"), Spoken(cue, "short"), cue.Has("last") ? Spoken(cue, "last") : null)
        {
            Then = cue.Texts("then"),
        };
        foreach (var more in read.Then)
            CheckSpoken(cue, "then", more);
        if (read.Then.Count > MostThen)
            cue.Wrong("then", $"has {read.Then.Count} sentences, {MostThen} at most");
        if (Words.Count(read.Short) > MostWordsOfAShortCue)
            cue.Wrong("short", $"has {Words.Count(read.Short)} words, {MostWordsOfAShortCue} at most");
        cue.Done();
        return read;
    }

    // by: matter → way → breath and cue, where a convention has them otherwise.
    private static Dictionary<string, IReadOnlyDictionary<string, PhaseOtherwise>> ReadOtherwise(Entry phase)
    {
        var read = new Dictionary<string, IReadOnlyDictionary<string, PhaseOtherwise>>();
        foreach (var (matter, ways) in Matters(phase, "by"))
        {
            var otherwise = new Dictionary<string, PhaseOtherwise>();
            foreach (var way in ways.Fields().ToList())
            {
                CheckWay(ways, matter, way);
                if (ways.Inner(way) is not { } other)
                    continue;
                Breath? breath = other.Has("breath") ? other.Word<Breath>("breath") : null;
                otherwise[way] = new(breath, other.Has("cue") ? ReadCue(other) : null);
                other.Done();
            }
            read[matter] = otherwise;
        }
        return read;
    }

    // optionBy: matter → way → option.
    private static Dictionary<string, IReadOnlyDictionary<string, string>> ReadOptionBy(Entry move)
    {
        var read = new Dictionary<string, IReadOnlyDictionary<string, string>>();
        foreach (var (matter, ways) in Matters(move, "optionBy"))
        {
            var options = ways.Fields().ToDictionary(way => way, ways.Text);
            foreach (var (way, option) in options)
            {
                CheckWay(ways, matter, way);
                if (move.Inner("options")?.Has(option) != true)
                    ways.Wrong(way, $"it has no option '{option}'");
            }
            read[matter] = options;
        }
        return read;
    }

    private static IEnumerable<(string Matter, Entry Ways)> Matters(Entry entry, string field)
    {
        if (entry.Inner(field) is not { } all)
            yield break;
        foreach (var matter in all.Fields().ToList())
            if (all.Inner(matter) is { } ways)
                yield return (matter, ways);
    }

    private static void CheckWay(Entry entry, string matter, string way)
    {
        if (Conventions.Find(matter) is not { } convention)
            entry.Wrong(way, $"'{matter}' is not one of {string.Join(", ", Conventions.All.Select(c => c.Id))}");
        else if (convention.Ways.All(w => w.Id != way))
            entry.Wrong(way, $"{matter} is one of {string.Join(", ", convention.Ways.Select(w => w.Id))}");
    }

    private static List<WatchFor> ReadWatch(Entry move)
    {
        var read = new List<WatchFor>();
        if (!move.Has("watch"))
            return read;
        foreach (var entry in move.Entries("watch"))
        {
            read.Add(new(Spoken(entry, "see"), Spoken(entry, "say")));
            entry.Done();
        }
        if (read.Count > MostWatch)
            move.Wrong("watch", $"has {read.Count}, {MostWatch} at most");
        return read;
    }

    private static string? ReadFelt(Entry move) => move.Has("felt") ? Spoken(move, "felt") : null;

    private static string Spoken(Entry entry, string field)
    {
        var text = entry.Text(field);
        CheckSpoken(entry, field, text);
        return text;
    }

    private static void CheckSpoken(Entry entry, string field, string text)
    {
        if (text.Length > MostCharacters)
            entry.Wrong(field, $"is longer than {MostCharacters} characters");
        if (Words.HasBareSide(text))
            entry.Wrong(field, "names a side outright; write {right} or {left}");
        foreach (var word in Words.Placeholders(text).Where(w => !Words.IsPlaceholder(w)))
            entry.Wrong(field, $"{{{word}}} is not a placeholder");
    }

    private static Dictionary<string, IReadOnlyDictionary<string, Talk>> ReadTalkBy(Entry move, Sidedness sides)
    {
        var read = new Dictionary<string, IReadOnlyDictionary<string, Talk>>();
        foreach (var (matter, ways) in Matters(move, "talkBy"))
        {
            var talks = new Dictionary<string, Talk>();
            foreach (var way in ways.Fields().ToList())
            {
                CheckWay(ways, matter, way);
                talks[way] = ReadTalk(ways.Inner(way), ways, sides);
            }
            read[matter] = talks;
        }
        return read;
    }

    private static Talk ReadTalk(Entry? talk, Entry move, Sidedness sides)
    {
        if (talk is null)
        {
            move.Wrong("talk", "is missing");
            return new("", "");
        }
        var first = Spoken(talk, "first");
        var second = sides == Sidedness.None && !talk.Has("second") ? "" : Spoken(talk, "second");
        talk.Done();
        return new(first, second);
    }
}
