using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>
/// What is strong, what takes it back and what makes ready for it. Everything that asks for a counterpose or a preparation asks here.
/// Common practice, no source.
/// </summary>
public static class Counterpose
{
    /// <summary>Bent so far, in units of what is normal, a shape is strong: a hanging fold (0.58) is.</summary>
    public const double Strong = 0.55;

    /// <summary>Bent so far, it is away from the middle.</summary>
    public const double Away = 0.25;

    /// <summary>Bent so far the other way, it takes back; bent so far the same way, it makes ready.</summary>
    public const double Noticeable = 0.2;

    // What takes back or makes ready is soft: up to middle range, and no work.
    private const double Middle = 0.6;
    private const double MostEffort = 2.6;

    /// <summary>How well a move takes a bend back, softly, and never bends that way again: 0 is not at all.</summary>
    /// <param name="form">The move.</param>
    /// <param name="bend">What was bent.</param>
    /// <param name="forward">Which way it was bent.</param>
    public static double TakesBack(MoveForm form, Bend bend, bool forward) =>
        IsSoft(form) && Gained(form, bend, !forward) is >= Noticeable and var back && form.Bends.Towards(bend, forward) < Strong
            ? Math.Min(back, Strong)
            : 0;

    /// <summary>How well a move makes ready for a bend, at middle range: 0 is not at all.</summary>
    /// <param name="form">The move.</param>
    /// <param name="bend">What will be bent.</param>
    /// <param name="forward">Which way.</param>
    public static double Prepares(MoveForm form, Bend bend, bool forward) =>
        IsSoft(form)
        && Gained(form, bend, forward) is >= Noticeable and var ready
        && form.Bends.Towards(bend, forward) <= Middle
        && form.Bends.Towards(bend, !forward) < Strong
            ? ready
            : 0;

    /// <summary>Whether a stretch of practice that bends between these takes back what was bent.</summary>
    public static bool TakesBack(double least, double most, bool forward) => forward ? least <= -Noticeable : most >= Noticeable;

    /// <summary>What a move goes furthest of, and which way; null where it stays about the middle.</summary>
    public static (Bend Bend, bool Forward)? Furthest(MoveForm form)
    {
        var (bend, forward) = (
            from b in Enum.GetValues<Bend>()
            from f in (bool[])[true, false]
            // Free wrists ask for nothing.
            where b != Bend.Wrists || f
            orderby Gained(form, b, f) descending
            select (b, f)
        ).First();
        return Gained(form, bend, forward) < Noticeable ? null : (bend, forward);
    }

    /// <summary>What a move that goes that way does, as the end of "because it …".</summary>
    public static string Said(Bend bend, bool forward) =>
        (bend, forward) switch
        {
            (Bend.Spine, true) => "rounds the back",
            (Bend.Spine, false) => "opens the back",
            (Bend.Neck, true) => "bows the head",
            (Bend.Neck, false) => "lifts the gaze",
            (Bend.Girdle, true) => "spreads the upper back",
            (Bend.Girdle, false) => "opens the chest",
            (Bend.Wrists, true) => "puts weight on the hands",
            (Bend.Wrists, false) => "moves the free wrists",
            (Bend.Legs, true) => "lengthens the backs of the legs",
            _ => "opens the hip fronts",
        };

    private static bool IsSoft(MoveForm form) => form.Move.Kind is MoveKind.Hold or MoveKind.Flow && form.Move.Effort <= MostEffort;

    // What a plain position does already is not what the move is for.
    private static double Gained(MoveForm form, Bend bend, bool forward)
    {
        var own = form.Position.Plain ? Bending.Of(form.Position.Facts)[bend] : 0;
        return form.Bends.Towards(bend, forward) - Math.Max(0, forward ? own : -own);
    }
}
