using System.Text.RegularExpressions;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Naming;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// Words of the teacher's own say what the plan says: the side that is done, the number that is the dose, the breath of the
/// phase, the minutes
/// there are. They were true once; then the plan was changed.
/// </summary>
public static partial class WordsMatchPlan
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("words-plan", "Own words say what the plan says", Level.Hint, Judge);

    // Minutes are rounded when they are said.
    private const double MinutesOff = 1;

    // Talk of so many minutes is about the class, not about a pause.
    private const int MinutesOfAClass = 10;

    private static IEnumerable<Finding> Judge(Score score)
    {
        foreach (var line in score.Lines)
        {
            if (line.Form is null)
                continue;
            foreach (var (place, text) in line.Line.OwnWords)
            foreach (var (quoted, instead, what) in Slips(line, place, text))
                yield return Rule.Found([line], $"{line.Move!.Name} is told as “{quoted}”; {what}.", Why)
                    .Fix(
                        $"Say “{instead}”",
                        plan => plan.ChangeLine(line.Line.Id, l => l.WithOwnWords(place, ReplaceFirst(text, quoted, instead)))
                    );
        }
        foreach (var item in score.Items)
            if (item.Item is Spoken spoken && OfTheClass(spoken.Words, score.Plan.Minutes) is var (quoted, instead, what))
                yield return Rule.Found([], $"It is said: “{quoted}”; {what}.", Why)
                    .Fix(
                        $"Say “{instead}”",
                        plan => plan.ChangeTalk(spoken.Id, s => s with { Words = ReplaceFirst(spoken.Words, quoted, instead) })
                    );
    }

    private const string Why = "The words were right once, or come from another class. People do what they hear.";

    private static IEnumerable<Slip> Slips(LineScore line, string? place, string text) =>
        new[]
        {
            WrongNumber(line, text),
            WrongMinutes(line, text),
            WrongSide(line, text),
            place is null ? null : WrongBreath(line, place, text),
        }.OfType<Slip>();

    /// <summary>Something in words that is not so: what is said, what would be right, and what is so.</summary>
    private sealed record Slip(string Quoted, string Instead, string What);

    private static Slip? WrongNumber(LineScore line, string text)
    {
        var unit = line.Dose.Unit;
        foreach (Match match in Counted().Matches(text))
        {
            var said = UnitOf(match.Groups["unit"].Value);
            if (said != unit || NumberWords.Value(match.Groups["n"].Value) is not { } n || n == line.Dose.Amount)
                continue;
            // "One more breath", "the last two rounds" count something else.
            if (Else().IsMatch(match.Value) || Else().IsMatch(text[..match.Index]))
                continue;
            return Instead(match, line.Dose.Amount, $"the plan has {line.Dose.Amount} {Plural(unit, line.Dose.Amount)}");
        }
        return null;
    }

    private static Slip Instead(Match match, int amount, string what)
    {
        var number = match.Groups["n"];
        var unit = match.Groups["unit"].Value;
        var right =
            amount == 1 ? unit.TrimEnd('s')
            : unit.EndsWith('s') ? unit
            : unit + "s";
        var between = match.Value[(number.Index - match.Index + number.Length)..^unit.Length];
        return new(match.Value, NumberWords.Like(number.Value, amount) + between + right, what);
    }

    private static Unit? UnitOf(string word) =>
        word.TrimEnd('s').ToLowerInvariant() switch
        {
            "breath" => Unit.Breaths,
            "round" or "time" => Unit.Rounds,
            "second" => Unit.Seconds,
            "beat" => Unit.Beats,
            _ => null,
        };

    private static string Plural(Unit unit, int amount)
    {
        var word = unit.ToString().ToLowerInvariant();
        return amount == 1 ? word[..^1] : word;
    }

    // A line of some minutes: what is said of them is about it.
    private static Slip? WrongMinutes(LineScore line, string text)
    {
        var takes = line.Practised.TotalMinutes;
        if (takes < 1 || InMinutes().Match(text) is not { Success: true } match || NumberWords.Value(match.Groups["n"].Value) is not { } n)
            return null;
        var right = Math.Max(1, (int)Math.Round(takes));
        return Math.Abs(n - takes) <= MinutesOff ? null : Instead(match, right, $"it lasts {Clock.Of(line.Practised)}");
    }

    private static Slip? OfTheClass(string text, double minutes)
    {
        foreach (Match match in InMinutes().Matches(text))
            if (NumberWords.Value(match.Groups["n"].Value) is >= MinutesOfAClass and var n && Math.Abs(n - minutes) > MinutesOff)
                return Instead(match, (int)Math.Round(minutes), $"the class has {minutes:0.#}");
        return null;
    }

    // "{left} ear" where the catalogue says "{right} ear" for the same side, or the bare word where that side is the only one.
    private static Slip? WrongSide(LineScore line, string text)
    {
        if (line.Move!.Sides == Sidedness.None)
            return null;
        var sides = line.Occurrences.Select(o => o.Side).Distinct().ToList();
        var only = sides.Count == 1 && !line.Alternates ? sides[0] : (Side?)null;
        var known = Known(line);
        foreach (Match match in Sided().Matches(text))
        {
            var braced = match.Groups["braced"].Success;
            if (!braced && only is null)
                continue;
            var said = match.Groups["side"].Value.ToLowerInvariant();
            var written = braced || only == Side.Right ? said : Other(said);
            var noun = Singular(match.Groups["noun"].Value);
            if (!known.Contains((Other(written), noun)) || known.Contains((written, noun)))
                continue;
            return new(
                match.Value,
                match.Value.Replace(said, Other(said), StringComparison.OrdinalIgnoreCase),
                $"on this side it is the {Other(said)} {noun}"
            );
        }
        return null;
    }

    // What the catalogue says of sides: "right ear", "left shoulder", as written for the right side.
    private static HashSet<(string Side, string Noun)> Known(LineScore line)
    {
        var move = line.Move!;
        var texts = move.Phases.SelectMany(p => new[] { p.Cue.Long, p.Cue.Short }).Append(move.Talk.First).Append(move.Talk.Second);
        return
        [
            .. texts
                .SelectMany(t => Sided().Matches(t))
                .Select(m => (m.Groups["side"].Value.ToLowerInvariant(), Singular(m.Groups["noun"].Value))),
        ];
    }

    private static string Other(string side) => side == "right" ? "left" : "right";

    private static string Singular(string noun) => noun.ToLowerInvariant() is var n && n.EndsWith('s') && n.Length > 3 ? n[..^1] : n;

    private static Slip? WrongBreath(LineScore line, string place, string text)
    {
        var phases = line.Form!.Phases;
        if (!int.TryParse(place, out var number) || number < 1 || number > phases.Length)
            return null;
        var breath = phases[number - 1].Phase.Breath;
        var (wrong, right) = breath switch
        {
            Breath.In => (Outward(), Inward()),
            Breath.Out => (Inward(), Outward()),
            _ => (null, null),
        };
        if (wrong?.Match(text) is not { Success: true } match || right!.IsMatch(text))
            return null;
        return new(
            match.Value,
            Turned(match.Value),
            breath == Breath.In ? "the plan has it on the in-breath" : "the plan has it on the out-breath"
        );
    }

    private static string Turned(string words) =>
        BreathWord()
            .Replace(
                words,
                match =>
                    match.Value.ToLowerInvariant() switch
                    {
                        "in" => "out",
                        "out" => "in",
                        "inhale" => "exhale",
                        "exhale" => "inhale",
                        "inhaling" => "exhaling",
                        _ => "inhaling",
                    }
                        is var turned
                    && char.IsUpper(match.Value[0])
                        ? char.ToUpperInvariant(turned[0]) + turned[1..]
                        : turned
            );

    private static string ReplaceFirst(string text, string quoted, string instead)
    {
        var at = text.IndexOf(quoted, StringComparison.Ordinal);
        return at < 0 ? text : text[..at] + instead + text[(at + quoted.Length)..];
    }

    private static readonly Regex CountedPattern = new(
        $@"\b(?<n>{NumberWords.Pattern})(?:\s+(?:slow|deep|full|long|easy|quiet|more|soft))*\s+(?<unit>breaths?|rounds?|times|seconds?|beats?)\b",
        // In time with the length of the text, whatever it is: no clock has to watch it.
        RegexOptions.IgnoreCase | RegexOptions.NonBacktracking
    );

    private static readonly Regex MinutesPattern = new(
        $@"\b(?<n>{NumberWords.Pattern})\s+(?<unit>minutes?)\b",
        RegexOptions.IgnoreCase | RegexOptions.NonBacktracking
    );

    private static Regex Counted() => CountedPattern;

    private static Regex InMinutes() => MinutesPattern;

    [GeneratedRegex(@"\b(?:more|last|first|another|next|every|after|other|of)\b[^.]{0,12}$|\bmore\b", RegexOptions.IgnoreCase)]
    private static partial Regex Else();

    [GeneratedRegex(@"(?<braced>\{)?\b(?<side>right|left)\}?\s+(?<noun>[a-z]+)", RegexOptions.IgnoreCase)]
    private static partial Regex Sided();

    [GeneratedRegex(@"\b(?:breathe in|breathing in|inhale|inhaling|in-breath)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Inward();

    [GeneratedRegex(@"\b(?:breathe out|breathing out|exhale|exhaling|out-breath)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Outward();

    [GeneratedRegex(@"\b(?:inhaling|exhaling|inhale|exhale|in|out)\b", RegexOptions.IgnoreCase)]
    private static partial Regex BreathWord();
}
