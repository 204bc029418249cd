using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Counsel;

/// <summary>The needs a teacher can ask for after a line.</summary>
public static class Needs
{
    private const double Noticeable = 0.2;
    private const double Middle = 0.6;

    /// <summary>The words for them.</summary>
    public static IReadOnlyList<string> Words { get; } = ["counter", "preparation", "theme", "rest"];

    /// <summary>What a word means after a line; null where the line bends nothing that could be taken back or prepared.</summary>
    /// <param name="score">The class.</param>
    /// <param name="line">The line.</param>
    /// <param name="word">One of <see cref="Words"/>.</param>
    public static Need? Of(Score score, LineScore line, string word) => word switch
    {
        "counter" => Bent(line) is { } bent ? new($"takes back what {line.Move!.Name} did", form => Softly(form, bent.Bend, !bent.Forward)) : null,
        "preparation" => Bent(line) is { } bent ? new($"makes ready for {line.Move!.Name}", form => Softly(form, bent.Bend, bent.Forward)) : null,
        "theme" => score.Plan.Theme.Areas.Count == 0 ? null : new("serves the theme", form => Moves(form) ? score.Plan.Theme.Areas.Max(a => Of(form, a)) : 0),
        _ => new("is still", form => form.Move.Kind is MoveKind.Rest or MoveKind.CheckIn ? 1 : 0),
    };

    private static (Bend Bend, bool Forward)? Bent(LineScore line)
    {
        if (line.Form is not { } form) return null;
        var (least, most) = form.Bends;
        var bend = Enum.GetValues<Bend>().MaxBy(b => Math.Max(most[b], -least[b]));
        return Math.Max(most[bend], -least[bend]) < Noticeable ? null : (bend, most[bend] >= -least[bend]);
    }

    private static double Softly(MoveForm form, Bend bend, bool forward)
    {
        var (wanted, against) = forward ? (form.Bends.Most[bend], -form.Bends.Least[bend]) : (-form.Bends.Least[bend], form.Bends.Most[bend]);
        return Moves(form) && wanted is >= Noticeable and <= Middle + 0.3 && against < Middle ? Math.Min(wanted, Middle) : 0;
    }

    private static bool Moves(MoveForm form) => form.Move.Kind is MoveKind.Hold or MoveKind.Flow && form.Move.Effort <= 2.6;

    private static double Of(MoveForm form, Area area) => form.Phases.Max(p => Math.Max(p.Facts.RightStretch[(int)area], p.Facts.LeftStretch[(int)area]));
}
