using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>Where a move is felt: as its author says, else from the areas it eases and the side its shapes lengthen.</summary>
public static class Felt
{
    private const int Most = 2;

    /// <summary>As the end of "Felt in …", with placeholders for sides; null where it is felt nowhere in particular.</summary>
    public static string? In(MoveForm form)
    {
        if (form.Move.Felt is { } said)
            return said;
        var areas = form.Easing.Strongest.Take(Most).Select(area => Place(area, SideOf(form, area))).ToList();
        return areas.Count == 0 ? null : string.Join(" and ", areas);
    }

    // One side where only that side's muscles are lengthened, as the right side does it; none where both are, or where no shape shows it.
    private static Side SideOf(MoveForm form, Area area)
    {
        if (form.Move.Sides != Sidedness.OneSided)
            return Side.None;
        var bit = 1u << (int)area;
        var covered = form.Phases.Select(p => p.CoverageOn(Side.Right)).Aggregate((a, b) => a.And(b));
        var (right, left) = ((covered.RightAreas & bit) != 0, (covered.LeftAreas & bit) != 0);
        return right == left ? Side.None
            : right ? Side.Right
            : Side.Left;
    }

    private static string Place(Area area, Side side)
    {
        var (both, one) = Places[area];
        return side == Side.None ? both : string.Format(null, one, side == Side.Right ? "{right}" : "{left}");
    }

    // In the middle or on both sides, and on one.
    private static readonly Dictionary<Area, (string Both, System.Text.CompositeFormat One)> Places = new()
    {
        [Area.Jaw] = ("the jaw", Format("the {0} side of the jaw")),
        [Area.Neck] = ("the neck", Format("the {0} side of the neck")),
        [Area.Shoulders] = ("the shoulders", Format("the {0} shoulder")),
        [Area.UpperBack] = ("the upper back", Format("the {0} side of the upper back")),
        [Area.Chest] = ("the chest", Format("the {0} side of the chest")),
        [Area.Arms] = ("the arms", Format("the {0} arm")),
        [Area.WristsHands] = ("the wrists and hands", Format("the {0} wrist and hand")),
        [Area.SideBody] = ("the flanks", Format("the {0} flank")),
        [Area.MidBack] = ("the middle of the back", Format("the {0} side of the middle back")),
        [Area.LowBack] = ("the low back", Format("the {0} side of the low back")),
        [Area.HipFront] = ("the fronts of the hips", Format("the front of the {0} hip")),
        [Area.OuterHip] = ("the outsides of the hips", Format("the outside of the {0} hip")),
        [Area.InnerThigh] = ("the insides of the thighs", Format("the inside of the {0} thigh")),
        [Area.Hamstrings] = ("the backs of the thighs", Format("the back of the {0} thigh")),
        [Area.Thighs] = ("the fronts of the thighs", Format("the front of the {0} thigh")),
        [Area.Calves] = ("the calves", Format("the {0} calf")),
        [Area.Feet] = ("the feet", Format("the {0} foot")),
        [Area.Breath] = ("the ribs and the belly", Format("the {0} ribs")),
    };

    private static System.Text.CompositeFormat Format(string text) => System.Text.CompositeFormat.Parse(text);
}
