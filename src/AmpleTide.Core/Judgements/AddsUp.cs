using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Core.Judgements;

/// <summary>
/// What is fine for a line may be too long over several: lying flat, kneeling, weight on the hands, the head low, standing, effort, led
/// breath. Counted for people who come and do these lines; lines they leave out, and pauses, break it. From memory and common practice, no
/// source; a clinician's word comes first.
/// </summary>
public static class AddsUp
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("adds-up", "Nothing goes on for too long for those who come", Level.Notable, Judge);

    private const int PauseSeconds = 20;

    // A way or talk up to this long between two lines is no rest from what both ask.
    private static readonly TimeSpan Between = TimeSpan.FromSeconds(15);

    /// <summary>How long in one go something may last for somebody.</summary>
    private sealed record Limit(string What, Func<Taken, bool> Asks, TimeSpan Most, params string[] Conditions)
    {
        /// <summary>Whether it is the length that matters, however it is done.</summary>
        public bool LengthMatters { get; init; }
    }

    private static readonly Limit[] Limits =
    [
        new("lying flat on the back", Asks(Strain.FlatOnBack), TimeSpan.FromMinutes(1), "pregnancy-mid", "pregnancy-late")
        {
            LengthMatters = true,
        },
        new("kneeling", Asks(Strain.Kneeling), TimeSpan.FromMinutes(2), "knee", "knee-replaced", "foot", "diabetes-feet"),
        new("weight on the hands", Asks(Strain.HandsBearing), TimeSpan.FromMinutes(1), "wrist", "lymphoedema-arm", "larger-body"),
        new(
            "the head low",
            Asks(Strain.HeadLow),
            TimeSpan.FromSeconds(30),
            "bp-high",
            "heart",
            "eyes",
            "vertigo",
            "migraine",
            "pregnancy-mid",
            "pregnancy-late"
        ),
        new("standing", Stands, TimeSpan.FromMinutes(4), "bp-low", "heart", "balance", "fatigue-long-illness", "back-arches-badly"),
        new(
            "effort without a rest",
            Asks(Strain.Effort),
            TimeSpan.FromMinutes(2),
            "heart",
            "bp-high",
            "breath",
            "fatigue-long-illness",
            "pregnancy-late"
        ),
        new("led breath", Asks(Strain.BreathLed), TimeSpan.FromMinutes(2), "breath", "epilepsy"),
        new("folded legs", Asks(Strain.LegsFoldedLong), TimeSpan.FromMinutes(3), "clot-risk"),
        new("sitting on the floor", SitsOnTheFloor, TimeSpan.FromMinutes(5), "back-bends-badly", "sciatica", "hip-arthritis"),
    ];

    private static IEnumerable<Finding> Judge(Score score)
    {
        var people = People.Of(score);
        if (people.Count == 0)
            yield break;
        var otherwise = People.SwapsOf(score).ToLookup(s => s.Line, s => s.Advised);
        Advice Word(Person person, LineScore line)
        {
            foreach (var advised in otherwise[line])
                if (ReferenceEquals(advised.Person, person))
                    return advised.Advice;
            return Advice.Fine;
        }
        var taken = TakenIn(score);
        foreach (var limit in Limits.Where(l => people.Any(p => Concerns(l, p))))
        {
            var told = new HashSet<string>();
            foreach (var person in people.Where(p => Concerns(limit, p)))
            foreach (var run in Runs(taken, t => limit.Asks(t) && Word(person, t.Line!) < Advice.AnotherWay))
            {
                // Who is told to take every line of it smaller is told enough, but for how long it may last.
                var level = run.Lines.All(l => Word(person, l) > Advice.Fine) && !limit.LengthMatters ? Level.Hint : Level.Notable;
                if (run.Lines.Count > 1 && run.Length > limit.Most && told.Add(run.Name))
                    yield return Found(score, limit, person, run).As(level);
            }
        }
    }

    private static bool Concerns(Limit limit, Person person) => person.Complaints.Any(c => limit.Conditions.Contains(c.Condition));

    private static Finding Found(Score score, Limit limit, Person person, Run run)
    {
        var condition = score.Catalogue.Conditions.First(c =>
            person.Complaints.Any(p => p.Condition == c.Id) && limit.Conditions.Contains(c.Id)
        );
        var finding = Rule.Found(
            run.Lines,
            $"{char.ToUpperInvariant(limit.What[0])}{limit.What[1..]} adds up to {Clock.Of(run.Length)} in {run.Lines.Count} lines; with "
                + $"{condition.Name.ToLowerInvariant()} {Clock.Of(limit.Most)} at a time is enough.",
            condition.Dose ?? "Something else between them lets it go again."
        );
        // A pause helps where both halves are then short enough.
        var last = run.Ends.FindLast(e => e.At - run.Start <= limit.Most).Line;
        return last is null || last == run.Lines[^1] || run.End - run.Ends.First(e => e.Line == last).At > limit.Most
            ? finding
            : finding.Fix(
                "Pause half-way, to change and shake out",
                plan =>
                    plan.PauseAfter(
                        last.Set?.Id ?? last.Line.Id,
                        new()
                        {
                            Id = "pause",
                            Seconds = PauseSeconds,
                            What = WaitFor.Handling,
                        }
                    )
            );
    }

    /// <summary>Lines in a row that ask the same, and when each of them ends.</summary>
    private sealed record Run(TimeSpan Start, List<(LineScore Line, TimeSpan At)> Ends)
    {
        public IReadOnlyList<LineScore> Lines => [.. Ends.Select(e => e.Line).Distinct()];

        public TimeSpan End => Ends[^1].At;

        public TimeSpan Length => End - Start;

        public string Name => string.Join('+', Lines.Select(l => l.Line.Id));
    }

    /// <summary>An item as it is taken, and what it asks; no line where it is talk or waiting.</summary>
    private sealed record Taken(ItemScore Item, LineScore? Line, Strains? Strains, TimeSpan Start, TimeSpan End);

    private static List<Taken> TakenIn(Score score)
    {
        var taken = new List<Taken>();
        foreach (var item in score.Items)
        {
            var line = item is LineScore { Form: not null } l ? l : null;
            var strains = line is null ? null : Strains.Of(line.Form!);
            foreach (var occurrence in item.Occurrences)
                taken.Add(new(item, line, strains, occurrence.Start, occurrence.End));
        }
        taken.Sort((a, b) => a.Start.CompareTo(b.Start));
        return taken;
    }

    // A pause that is written down breaks a run, and so does any line that does not ask it.
    private static IEnumerable<Run> Runs(List<Taken> all, Func<Taken, bool> asks)
    {
        Run? run = null;
        foreach (var taken in all)
        {
            var goesOn = taken.Line is not null && asks(taken);
            if (run is not null && (goesOn ? taken.Start - run.End > Between : taken.Item.Item is not Spoken))
            {
                yield return run;
                run = null;
            }
            if (goesOn)
                (run ??= new(taken.Start, [])).Ends.Add((taken.Line!, taken.End));
        }
        if (run is not null)
            yield return run;
    }

    private static Func<Taken, bool> Asks(Strain strain) => taken => taken.Strains![strain] > Grade.None;

    private static bool Stands(Taken taken) => taken.Line!.Position!.Family == Family.Standing;

    private static bool SitsOnTheFloor(Taken taken) => taken.Line!.Position is { Family: Family.Seated, Level: PelvisLevel.Floor };
}
