using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Teaching;

/// <summary>
/// A class as it is taught: its passes in order, each at every dose its line may have, so that whoever leads can add a breath or
/// finish on time with nothing left to work out.
/// </summary>
/// <param name="Score">The class as planned, with its events.</param>
/// <param name="Passes">The passes, in the order of time.</param>
public sealed record Lesson(Score Score, IReadOnlyList<Pass> Passes)
{
    /// <summary>Lays a class out to be taught.</summary>
    /// <param name="plan">The class.</param>
    /// <param name="catalogue">The moves it draws on.</param>
    /// <param name="ways">The ways between positions.</param>
    /// <exception cref="ClassTooLongException">It is longer than <see cref="ClassLimits"/> allow.</exception>
    public static Lesson Of(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways)
    {
        var score = ClassCompiler.Compile(plan, catalogue, ways);
        var doses = score.Lines.Where(l => l.Form is not null).ToDictionary(l => l.Line.Id, DosesOf);
        var most = doses.Values.Select(d => d.Count).DefaultIfEmpty(0).Max();
        // A line's time does not hang on the doses of others, so one class in which each has its n-th dose tells of all of them.
        var variants = Enumerable.Range(0, most).Select(n => EventsByPass(ClassCompiler.Compile(WithDoses(n), catalogue, ways))).ToList();
        var planned = EventsByPass(score);
        var occurrences = InOrder(score);
        var followed = SecondSides.Of(occurrences);
        return new(score, [.. occurrences.Select((taken, i) => PassAt(i, taken))]);

        Pass PassAt(int i, Taken taken)
        {
            var (item, occurrence) = (taken.Item, taken.Occurrence);
            IReadOnlyList<PassDose> at =
                item is LineScore line && doses.TryGetValue(line.Line.Id, out var own)
                    ? [.. own.Select((amount, n) => new PassDose(amount, variants[n][i]))]
                    : [new(0, planned[i])];
            return new(item, occurrence.Round, occurrence.Side, followed[i], (item as LineScore)?.Dose.Amount ?? 0, at);
        }

        ClassPlan WithDoses(int n)
        {
            var edited = plan;
            foreach (var line in score.Lines)
                if (doses.TryGetValue(line.Line.Id, out var own))
                    edited = edited.ChangeLine(
                        line.Line.Id,
                        l => l with { Dose = line.Dose with { Amount = own[Math.Min(n, own.Count - 1)] } }
                    );
            return edited;
        }
    }

    private static IReadOnlyList<int> DosesOf(LineScore line) => [.. line.Limits.With(line.Dose.Amount)];

    private static List<Taken> InOrder(Score score) =>
        [.. score.Items.SelectMany(i => i.Occurrences.Select(o => new Taken(i, o))).OrderBy(t => t.Occurrence.Start)];

    // The way to a pass goes with it, and so does the pause after it.
    private static List<List<LessonEvent>> EventsByPass(Score score)
    {
        var passes = InOrder(score);
        var events = passes.ConvertAll(_ => new List<LessonEvent>());
        var at = 0;
        foreach (var e in score.Events!.Where(e => e.Kind != EventKind.Prop))
        {
            while (at + 1 < passes.Count && Begins(passes[at + 1], passes[at], e))
                at++;
            events[at].Add(LessonEvent.From(e, Conventions.MirrorsCues(score.Plan)));
        }
        return events;
    }

    private static bool Begins(Taken next, Taken last, ScoreEvent e) =>
        e.At >= next.Occurrence.Start || (e.Kind == EventKind.Way && e.At >= last.Occurrence.End && ReferenceEquals(e.Item, next.Item));
}

/// <summary>Something of the class, one time that it is taken.</summary>
internal sealed record Taken(ItemScore Item, Occurrence Occurrence);

/// <summary>One side or one round of a line, or talk or waiting between lines: the way to it, the practice, the pause after it.</summary>
/// <param name="Item">What of the class it is.</param>
/// <param name="Round">The round of its set, from 1.</param>
/// <param name="Side">The side.</param>
/// <param name="Follows">The pass (from 0) whose dose it takes: the first side's; null where it is not a second side.</param>
/// <param name="Amount">The dose as planned; 0 for what has none.</param>
/// <param name="Doses">What happens at each dose it may have, ascending; one without a dose for talk and waiting.</param>
public sealed record Pass(ItemScore Item, int Round, Side Side, int? Follows, int Amount, IReadOnlyList<PassDose> Doses);

/// <summary>A pass at a dose.</summary>
/// <param name="Amount">The dose.</param>
/// <param name="Events">What happens, without gaps.</param>
public sealed record PassDose(int Amount, IReadOnlyList<LessonEvent> Events);

/// <summary>One event of a pass.</summary>
/// <param name="Length">How long it lasts.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Breath">The breath it is on.</param>
/// <param name="Phase">The phase of the move (from 0), or −1.</param>
/// <param name="Side">The side that is done.</param>
/// <param name="Round">Which round, breath or beat, from 1; 0 outside of counts.</param>
/// <param name="Of">How many there are.</param>
/// <param name="Cue">What is said, or null.</param>
/// <param name="Headlines">What is read from afar, one after the other; none where nothing is to be read.</param>
public sealed record LessonEvent(
    TimeSpan Length,
    EventKind Kind,
    Breath Breath,
    int Phase,
    Side Side,
    int Round,
    int Of,
    string? Cue,
    IReadOnlyList<string> Headlines
)
{
    internal static LessonEvent From(ScoreEvent e, bool mirrored) =>
        new(e.Length, e.Kind, e.Breath, e.Phase, e.Side, e.Round, e.Of, e.Cue, HeadlinesOf(e, mirrored));

    private static IReadOnlyList<string> HeadlinesOf(ScoreEvent e, bool mirrored) =>
        e.Kind switch
        {
            EventKind.Way => Headline.Of(e.Cue ?? ""),
            EventKind.Breath or EventKind.Beat => InPhase((LineScore)e.Item, e, mirrored),
            // In talk the line is named; its words are read below.
            EventKind.Lead when e.Item is LineScore line => [line.Move!.Name],
            EventKind.Lead => Headline.Of(e.Cue ?? "Talk"),
            _ when e.Item.Item is Waiting { What: WaitFor.Handling } => ["Set up what comes next"],
            _ => ["Stay and notice"],
        };

    // The short form in every round: whoever looks up has lost the thread. Own words in pieces, where they are longer.
    private static IReadOnlyList<string> InPhase(LineScore line, ScoreEvent e, bool mirrored)
    {
        var turn = line.Form!.Taken(e.Phase, e.Side);
        var own = line.Line.Say.GetValueOrDefault(Catalogue.Phase.Key(turn));
        return own is null
            ? [Words.For(line.Form.Phases[turn].Phase.Cue.Short, e.Side, mirrored)]
            : Headline.Of(Words.For(own, e.Side, mirrored));
    }
}
