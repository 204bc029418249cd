using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Suggestions;

/// <summary>What a line that is put in should do.</summary>
/// <param name="Does">As the end of "because it …".</param>
/// <param name="Met">How well a move in a position does it: nothing at 0 or below.</param>
public sealed record Need(string Does, Func<MoveForm, double> Met);

/// <summary>The needs a teacher can ask for after a line.</summary>
public static class Needs
{
    // What comes to mind for a theme is soft, as a counter is.
    private const double MostEffort = 2.6;

    /// <summary>The words for them.</summary>
    public static IReadOnlyList<string> Words { get; } = ["counter", "preparation", "theme", "rest"];

    /// <summary>What a word means after a line; null where the line bends nothing that could be taken back or prepared.</summary>
    /// <param name="score">The class.</param>
    /// <param name="line">The line.</param>
    /// <param name="word">One of <see cref="Words"/>.</param>
    public static Need? Of(Score score, LineScore line, string word) =>
        word switch
        {
            "counter" => line.Form is { } form && Counterpose.Furthest(form) is { } bent
                ? new($"takes back what {line.Move!.Name} did", f => Counterpose.TakesBack(f, bent.Bend, bent.Forward))
                : null,
            "preparation" => line.Form is { } form && Counterpose.Furthest(form) is { } bent
                ? new($"makes ready for {line.Move!.Name}", f => Counterpose.Prepares(f, bent.Bend, bent.Forward))
                : null,
            "theme" => score.Plan.Theme.Areas.Count == 0 ? null : new("serves the theme", form => ForTheme(form, score.Plan.Theme.Areas)),
            _ => new("is still", form => form.Move.Kind is MoveKind.Rest or MoveKind.CheckIn ? 1 : 0),
        };

    /// <summary>What a line that takes a debt back has to do.</summary>
    public static Need Answering(CounterDebt debt) =>
        new(Counterpose.Said(debt.Bend, !debt.Forward), form => Counterpose.TakesBack(form, debt.Bend, debt.Forward));

    /// <summary>How well a move serves a theme: how far it lengthens the area it lengthens most.</summary>
    public static double ForTheme(MoveForm form, IReadOnlyList<Body.Area> areas) =>
        form.Move.Kind is MoveKind.Hold or MoveKind.Flow && form.Move.Effort <= MostEffort ? areas.Max(form.Easing.Of) : 0;
}
