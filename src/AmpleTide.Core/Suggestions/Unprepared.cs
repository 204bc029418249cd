using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Suggestions;

/// <summary>
/// What a line wants to come before it: what is held near its end, or loaded by hand or body, has moved at middle range before.
/// </summary>
/// <param name="Name">What was not moved yet.</param>
/// <param name="Need">What moves it.</param>
public sealed record Unprepared(string Name, Need Need)
{
    // Common practice, no source.
    private const double NearEnd = 0.85;
    private const double MiddleLeast = 0.2;
    private const double MiddleMost = 0.8;
    private const int AreasMeant = 3;
    private const double SoftEffort = 2.6; // METs
    private const double HoldsLess = 0.8;
    private const double EffortLess = 0.2; // a MET
    private const int HeldBreaths = 3;
    private const double OnHands = 0.3;

    private sealed record Region(string Name, string Does, Func<PhaseForm, double> Of, Area? Area = null);

    private static readonly Region[] Regions =
    [
        new("back that arches", "arches the back a little", p => -p.Bending.Spine),
        new("neck that bows", "bows the head a little", p => p.Bending.Neck),
        new("hamstrings", "stretches the backs of the legs a little", p => p.Facts.Stretch(Area.Hamstrings), Area.Hamstrings),
        new("hip fronts", "opens the hip fronts a little", p => p.Facts.Stretch(Area.HipFront), Area.HipFront),
        new("shoulders behind the back", "opens the chest a little", p => p.Facts.Stretch(Area.Chest), Area.Chest),
    ];

    private static readonly Region Wrists = new(
        "wrists under weight",
        "moves the free wrists",
        p => p.Facts.OnHands > 0.05 ? 0 : p.Facts.Stretch(Area.WristsHands),
        Area.WristsHands
    );

    /// <summary>What a line wants; null where it is prepared, or needs nothing.</summary>
    /// <param name="score">The class.</param>
    /// <param name="at">The line, from 0.</param>
    public static Unprepared? In(Score score, int at) =>
        Wanted(score, at) is { } region ? new(region.Name, new(region.Does, form => Prepares(form, region))) : null;

    private static Region? Wanted(Score score, int at)
    {
        var line = score.Lines[at];
        if (line.Form is not { } form || form.Move.Kind is MoveKind.Rest or MoveKind.CheckIn || EasesIn(form))
            return null;
        var held = line.Dose.Unit switch
        {
            Unit.Breaths => line.Dose.Amount >= HeldBreaths,
            Unit.Seconds => line.Dose.Amount >= 20,
            _ => false,
        };
        foreach (var region in Regions)
        {
            // What a position brings along is not what the move is strong in.
            if (region.Area is { } area && !form.Easing.Includes(area))
                continue;
            if (held && form.Phases.Any(p => p.Phase.IsStay && region.Of(p) >= NearEnd) && !Earlier(score, at, region))
                return region;
        }
        var loaded = form.Position.Level != PelvisLevel.Seat && form.Phases.Any(p => p.Facts.OnHands >= OnHands) && form.Move.Effort >= 3;
        return
            loaded
            && !Earlier(score, at, Wrists)
            && !score.Lines.Take(at).Any(l => l.Form is { } f && f.Phases.Any(p => p.Facts.OnHands > MiddleLeast))
            ? Wrists
            : null;
    }

    private static bool Earlier(Score score, int at, Region region)
    {
        for (var i = 0; i < at; i++)
            if (score.Lines[i].Form is { } form && form.Phases.Any(p => region.Of(p) >= MiddleLeast))
                return true;
        return false;
    }

    private static double Prepares(MoveForm form, Region region)
    {
        // What comes along by the way makes nothing ready.
        if (region.Area is { } area && !form.Easing.Strongest.Take(AreasMeant).Contains(area))
            return 0;
        var most = form.Phases.Max(region.Of);
        // What passes through the end and comes away from it each time is not held there.
        var passes = form.Move.Kind == MoveKind.Flow && form.Phases.Min(region.Of) <= MiddleMost / 2;
        var soft = form.Move.Effort <= SoftEffort && (passes || (form.Move.Kind == MoveKind.Hold && most <= MiddleMost));
        // The less it asks the better it makes ready, and moving does so better than holding.
        var ease = (passes ? 1 : HoldsLess) - ((form.Move.Effort - 1) * EffortLess);
        return soft && most >= MiddleLeast ? Math.Min(most, MiddleMost) * ease : 0;
    }

    // A slow way in, a breath or more, with an easier option to stay with, prepares itself.
    private static bool EasesIn(MoveForm form) => form.FirstStay >= 2 && form.Move.Options.ContainsKey(MoveForm.EasierOption);
}
