using System.Text.RegularExpressions;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Naming;

namespace AmpleTide.Core.Notebook;

/// <summary>
/// Reads a plan as teachers write it: "Cat cow x5", "thread needle R+L 3 br", "Warm:", "stand up". Nothing is dropped: what is no move is
/// kept as talk, and whatever is not as good as said is marked.
/// </summary>
/// <param name="catalogue">The moves and positions.</param>
/// <param name="search">Finds moves by what people call them.</param>
public sealed partial class NotebookReader(MoveCatalogue catalogue, MoveSearch search)
{
    /// <summary>No plan has more lines.</summary>
    public const int MostLines = 2500;

    // A line that is longer is no move; what is said may be.
    private const int LongestLine = 300;

    // So many names are looked up at most: a plan has some hundred, a muddle thousands.
    private const int MostNames = 1500;

    private const int MostOthers = 5;
    private const double ForHere = 0.05;
    private const int MostRounds = 20;
    private const int MostSeconds = 3600;
    private const double DefaultMinutes = 45;

    private static readonly Dictionary<string, Part> Parts = new()
    {
        ["arrive"] = Part.Arrive,
        ["arrival"] = Part.Arrive,
        ["arriving"] = Part.Arrive,
        ["opening"] = Part.Arrive,
        ["start"] = Part.Arrive,
        ["centering"] = Part.Arrive,
        ["centring"] = Part.Arrive,
        ["settle"] = Part.Arrive,
        ["warm"] = Part.Warm,
        ["warm up"] = Part.Warm,
        ["warm-up"] = Part.Warm,
        ["warmup"] = Part.Warm,
        ["warming up"] = Part.Warm,
        ["build"] = Part.Build,
        ["main"] = Part.Build,
        ["main part"] = Part.Build,
        ["flow"] = Part.Build,
        ["peak"] = Part.Peak,
        ["soften"] = Part.Soften,
        ["cool down"] = Part.Soften,
        ["cool-down"] = Part.Soften,
        ["cooldown"] = Part.Soften,
        ["wind down"] = Part.Soften,
        ["rest"] = Part.Rest,
        ["relaxation"] = Part.Rest,
        ["relax"] = Part.Rest,
        ["close"] = Part.Close,
        ["closing"] = Part.Close,
        ["end"] = Part.Close,
        ["finish"] = Part.Close,
    };

    private int names;

    /// <summary>How many lines a text has that say something.</summary>
    public static int LinesOf(string text) => text.ReplaceLineEndings("\n").Split('\n').Count(l => !string.IsNullOrWhiteSpace(l));

    /// <summary>Reads a plan.</summary>
    /// <param name="text">The plan.</param>
    /// <param name="title">What the class is called.</param>
    /// <exception cref="ArgumentException">It has more than <see cref="MostLines"/> lines.</exception>
    public NotebookPlan Read(string text, string title)
    {
        if (LinesOf(text) > MostLines)
            throw new ArgumentException($"A plan has at most {MostLines} lines.", nameof(text));
        names = 0;
        var draft = new NotebookDraft(title, DefaultMinutes);
        var lines = new List<NotebookLine>();
        foreach (var written in text.ReplaceLineEndings("\n").Split('\n').Where(l => !string.IsNullOrWhiteSpace(l)))
            lines.AddRange(ReadLine(written, draft));
        return new(lines, draft.Finish());
    }

    private IEnumerable<NotebookLine> ReadLine(string written, NotebookDraft draft)
    {
        var indent = written.Length - written.TrimStart().Length;
        var text = Marks().Replace(written.Trim(), "").Trim();
        if (text.Length == 0)
            return [];
        if (SayBelow().Match(text) is { Success: true } say && draft.SayInLast(Unfolded(say.Groups[1].Value)))
            return [new(written.Trim(), NotebookKind.Talk) { Id = draft.LastId }];
        draft.Indent(indent);
        if (SetHead(text, written, draft) is { } set)
            return [set];
        return SectionHead(text, written, draft)
            ?? [Between(text, written, draft) ?? WayOf(text, written, draft) ?? MoveLine(text, written, draft)];
    }

    private IReadOnlyList<NotebookLine>? SectionHead(string text, string written, NotebookDraft draft)
    {
        var head = Head().Match(text);
        var name = head.Success ? Unfolded(head.Groups["name"].Value) : text;
        var part = PartOf(head.Groups["part"].Success ? head.Groups["part"].Value : name);
        var after = head.Groups["after"].Value.Trim();
        var isMarked = written.TrimStart().StartsWith('#');
        // "Rest" by itself is a rest; with a colon it is a section. "Neck: ear to shoulder" only says what follows is about.
        if (!head.Success && !isMarked && !(part is not null and not Part.Rest && search.Find(text, 1) is not [{ Sure: true }]))
            return null;
        if (head.Success && Keyword().IsMatch(name))
            return null;
        if (after.Length > 0 && part is null)
            return null;
        var id = draft.BeginSection(name, part);
        var found = new NotebookLine(written.Trim(), NotebookKind.Section) { Id = id };
        return after.Length == 0 ? [found] : [found with { Text = text[..^after.Length].Trim() }, .. ReadLine(after, draft)];
    }

    private static Part? PartOf(string name)
    {
        var word = name.Trim().ToLowerInvariant();
        if (Parts.TryGetValue(word, out var part))
            return part;
        return Enum.TryParse<Part>(word, true, out var exact) && Enum.IsDefined(exact) ? exact : null;
    }

    /// <summary>What a text stands for that was folded into one line.</summary>
    internal static string Unfolded(string words) => words.Trim().Replace(" ⏎ ", "\n", StringComparison.Ordinal).Replace('∶', ':');

    private static NotebookLine? SetHead(string text, string written, NotebookDraft draft)
    {
        if (SetWords().Match(text.ToLowerInvariant()) is not { Success: true } match)
            return null;
        var said = match.Groups["rounds"].Value;
        var sides = SideName().Matches(said).Select(m => m.Value[0] == 'r' ? Side.Right : Side.Left).Take(MostRounds).ToList();
        var times = TimesOf().Match(said) is { Success: true } t && int.TryParse(t.Value, out var n) ? Math.Clamp(n, 1, MostRounds) : 1;
        IReadOnlyList<Side> rounds = sides.Count > 0 ? sides : [.. Enumerable.Repeat(Side.None, times)];
        var name = Unfolded(text.Substring(match.Groups["name"].Index, match.Groups["name"].Length));
        return new(written.Trim(), NotebookKind.Set) { Id = draft.BeginSet(name, rounds) };
    }

    // Talk and waiting.
    private static NotebookLine? Between(string text, string written, NotebookDraft draft)
    {
        if (TalkWords().Match(text) is { Success: true } talk)
        {
            var seconds = talk.Groups["s"].Success ? Math.Clamp(int.Parse(talk.Groups["s"].Value), 1, MostSeconds) : (int?)null;
            var id = draft.Add(
                new Spoken
                {
                    Id = "",
                    Words = Unfolded(talk.Groups["words"].Value),
                    Seconds = seconds,
                }
            );
            return new(written.Trim(), NotebookKind.Talk) { Id = id };
        }
        if (Quoted().Match(text) is { Success: true } quoted)
            return new(written.Trim(), NotebookKind.Talk) { Id = draft.Add(new Spoken { Id = "", Words = quoted.Groups[1].Value }) };
        if (TellWords().IsMatch(text.ToLowerInvariant()))
            return new(written.Trim(), NotebookKind.Talk) { Id = draft.Add(new Spoken { Id = "", Words = text }) };
        if (WaitWords().Match(text.ToLowerInvariant()) is not { Success: true } wait)
            return null;
        var dose = DoseWords.In(wait.Groups["after"].Value, bare: true);
        if (dose.Amount is not { } amount)
            return null;
        var note = text[^wait.Groups["after"].Value.Length..];
        return new(written.Trim(), NotebookKind.Wait)
        {
            Id = draft.Add(
                new Waiting
                {
                    Id = "",
                    Seconds = Math.Clamp(amount, 1, MostSeconds),
                    What = wait.Groups["after"].Value.Contains("handling", StringComparison.Ordinal) ? WaitFor.Handling : WaitFor.Silence,
                    Note = NoteOf(note),
                }
            ),
        };
    }

    // "30 s, handling, fetch the blocks": what follows the second comma.
    private static string NoteOf(string after) => after.Split(',', 3) is [_, _, var note] ? note.Trim() : "";

    private NotebookLine? WayOf(string text, string written, NotebookDraft draft)
    {
        if (PlaceWords.WayTo(text.ToLowerInvariant()) is not { } to || catalogue.Position(to) is null)
            return null;
        // A move may be called just that.
        if (catalogue.Moves.Any(m => m.Name.Equals(text, StringComparison.OrdinalIgnoreCase)))
            return null;
        draft.Go(to);
        return new(written.Trim(), NotebookKind.Way) { Position = to };
    }

    private NotebookLine MoveLine(string text, string written, NotebookDraft draft)
    {
        if (text.Length > LongestLine)
            return Unknown(text, written, draft);
        // "Neck: ear to shoulder": what stands before the colon only says what it is about.
        var after = Head().Match(text) is { Success: true } head ? head.Groups["after"].Value : "";
        var found =
            Exactly(text) ?? Readings(text).Concat(after.Length > 0 ? Readings(after) : []).MaxBy(r => r.Worth + Here(r.Best.Move, draft));
        if (found is null)
            return Unknown(text, written, draft);
        var line = found.Line(draft.Goes(found.Best.Move));
        var id = draft.Add(line);
        var doubt = found.Doubt;
        return new(written.Trim(), NotebookKind.Line)
        {
            Id = id,
            Move = found.Best.Move,
            Dose = line.Dose,
            Sides = line.Sides,
            Position = line.Position,
            Sure = doubt is null,
            Doubt = doubt,
            Others = [.. found.Others.Select(o => o.Move).Take(MostOthers)],
        };
    }

    private static NotebookLine Unknown(string text, string written, NotebookDraft draft) =>
        new(written.Trim(), NotebookKind.Unknown)
        {
            Id = draft.Add(new Spoken { Id = "", Words = text }),
            Sure = false,
            Doubt = "No move is called that; it is kept as something you say.",
        };

    // A move's own name to the letter, and after it nothing but how it is done: what the text of a class has.
    private Reading? Exactly(string text)
    {
        var named = catalogue
            .Moves.Where(m => text.StartsWith(m.Name, StringComparison.OrdinalIgnoreCase))
            .Where(m => text.Length == m.Name.Length || text[m.Name.Length] is ',' or ' ')
            .MaxBy(m => m.Name.Length);
        if (named is null)
            return null;
        var details = LineDetails.In(text[named.Name.Length..].ToLowerInvariant());
        var dose = DoseWords.In(details.Rest, bare: true);
        var sides = SideWords.In(dose.Rest, directions: true);
        return sides.Rest.Any(char.IsLetterOrDigit) || !sides.Fit(named) || dose.EachSide || sides is { First: Side.None, Both: true }
            ? null
            : new([new(named, named.Name, 1, true)], dose, sides, details, null, catalogue) { IsExact = true };
    }

    // Where two are called alike, the one is meant that can be taken where the group is.
    private static double Here(Move move, NotebookDraft draft) => draft.At is { } at && move.In.Contains(at) ? ForHere : 0;

    // A line can be read in some ways, as words belong to the name or say how it is done; the likest name tells.
    private IEnumerable<Reading> Readings(string text)
    {
        var lower = text.ToLowerInvariant();
        var details = LineDetails.In(lower);
        foreach (var bare in (bool[])[true, false])
        foreach (var told in (bool?[])[false, true, null])
        {
            var dose = DoseWords.In(details.Rest, bare);
            var sides = told is { } directions ? SideWords.In(dose.Rest, directions) : SideWords.Unsaid(dose.Rest);
            foreach (var placed in (bool[])[false, true])
            {
                var name = placed ? PlaceWords.Without(sides.Rest) : sides.Rest;
                if (placed && name == sides.Rest && details.Position is null)
                    continue;
                var found = Find(name, text);
                // Each of the likest may be the one, by where the group is.
                for (var i = 0; i < found.Count && found[i].Likeness > found[0].Likeness - ForHere; i++)
                    yield return new(
                        [found[i], .. found.Where((_, j) => j != i)],
                        dose,
                        sides,
                        details,
                        placed ? sides.Rest : null,
                        catalogue
                    );
            }
        }
    }

    // Capitals by themselves are the first letters of a name.
    private IReadOnlyList<Named> Find(string name, string text) =>
        Capitals().Match(text) is { Success: true } capitals
        && capitals.Value.Equals(name.Trim(), StringComparison.OrdinalIgnoreCase)
        && search.ByInitials(capitals.Value) is { Count: > 0 } byInitials
            ? byInitials
        : names++ < MostNames ? search.Find(name, MostOthers + 1)
        : [];

    [GeneratedRegex(@"^[A-Z]{2,4}\b(?![a-z])")]
    private static partial Regex Capitals();

    // Bullets, numbers, ticks and the time of day before a line.
    [GeneratedRegex(@"^(?:[-*•·–—]+\s+|\[[ x]?\]\s*|\d{1,3}[.)]\s+|\d{1,2}:\d\d(?::\d\d)?\s+[-–]?\s*|#+\s*)+")]
    private static partial Regex Marks();

    [GeneratedRegex(@"^(?<name>[^:]{0,200}?)\s*(?:\((?<part>[a-z]+)\))?\s*:(?!\d)\s*(?<after>.*)$", RegexOptions.IgnoreCase)]
    private static partial Regex Head();

    [GeneratedRegex("^(?:set|talk|say|wait|waiting|pause|silence|repeat|note|theme|intention)$", RegexOptions.IgnoreCase)]
    private static partial Regex Keyword();

    [GeneratedRegex(
        @"^(?:(?:set|repeat)\s*:?\s*|(?=(?:\d+\s*x|x\s*\d+|\d+ times)\s*:))(?<rounds>(?:\d+\s*(?:times|x)?|x\s*\d+|(?:right|left|r|l)(?:\s*(?:then|,|\+|/|and)\s*(?:right|left|r|l))*))\s*:?\s*,?\s*(?<name>.*)$"
    )]
    private static partial Regex SetWords();

    [GeneratedRegex(@"\b(?:right|left|r|l)\b")]
    private static partial Regex SideName();

    [GeneratedRegex(@"\d+")]
    private static partial Regex TimesOf();

    [GeneratedRegex(@"^talk\s*:\s*(?<words>.*?)\s*(?:\((?<s>\d{1,4})\s*s\w*\))?$", RegexOptions.IgnoreCase)]
    private static partial Regex TalkWords();

    [GeneratedRegex(@"^say\s*:\s*(.*)$", RegexOptions.IgnoreCase)]
    private static partial Regex SayBelow();

    [GeneratedRegex(@"^[""“„«](.+)[""”“»]\.?$")]
    private static partial Regex Quoted();

    [GeneratedRegex(@"^(?:talk|speak|tell|read|explain|introduce|welcome|remind|thank|ask|announce)\b")]
    private static partial Regex TellWords();

    [GeneratedRegex(@"^(?:wait(?:ing)?|pause|silence|in silence|quiet)\b\s*:?\s*(?<after>.*)$")]
    private static partial Regex WaitWords();
}
