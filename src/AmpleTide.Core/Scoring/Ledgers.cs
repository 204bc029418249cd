using System.Numerics;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Scoring;

/// <summary>What practice adds up to, in milliseconds: by area and side, by axis and direction, by movement of the spine.</summary>
public sealed class Ledgers
{
    private const ulong SpineFlexion = (1UL << (int)Axis.LowerFlexion) | (1UL << (int)Axis.UpperFlexion);
    private const ulong SpineSide = (1UL << (int)Axis.LowerSide) | (1UL << (int)Axis.UpperSide);
    private const ulong SpineRotation = (1UL << (int)Axis.LowerRotation) | (1UL << (int)Axis.UpperRotation);

    private readonly int[] areas = new int[Areas.Count];
    private readonly int[] rightAreas = new int[Areas.Count];
    private readonly int[] leftAreas = new int[Areas.Count];
    private readonly int[] plus = new int[Axes.Count];
    private readonly int[] minus = new int[Axes.Count];

    /// <summary>Time an area was worked on, on either side.</summary>
    public int AreaMs(Area area) => areas[(int)area];

    /// <summary>Time an area was worked on, on one side.</summary>
    public int AreaMs(Area area, Side side) => side == Side.Left ? leftAreas[(int)area] : rightAreas[(int)area];

    /// <summary>Time an axis was away from its base in its positive direction.</summary>
    public int PlusMs(Axis axis) => plus[(int)axis];

    /// <summary>Time an axis was away from its base in its negative direction.</summary>
    public int MinusMs(Axis axis) => minus[(int)axis];

    /// <summary>Time the spine bent forward.</summary>
    public int FlexionMs { get; private set; }

    /// <summary>Time it arched.</summary>
    public int ExtensionMs { get; private set; }

    /// <summary>Time it bent to a side.</summary>
    public int SideBendMs { get; private set; }

    /// <summary>Time it was turned.</summary>
    public int RotationMs { get; private set; }

    /// <summary>Adds time spent in, or moving to, a shape.</summary>
    /// <param name="worked">What the shape works on.</param>
    /// <param name="also">Areas the move eases that no shape shows, as bits.</param>
    /// <param name="ms">How long.</param>
    internal void Add(Worked worked, uint also, int ms)
    {
        AddBits(worked.RightAreas | also, rightAreas, ms);
        AddBits(worked.LeftAreas | also, leftAreas, ms);
        AddBits(worked.RightAreas | worked.LeftAreas | also, areas, ms);
        AddBits(worked.Plus, plus, ms);
        AddBits(worked.Minus, minus, ms);
        if ((worked.Plus & SpineFlexion) != 0) FlexionMs += ms;
        if ((worked.Minus & SpineFlexion) != 0) ExtensionMs += ms;
        if (((worked.Plus | worked.Minus) & SpineSide) != 0) SideBendMs += ms;
        if (((worked.Plus | worked.Minus) & SpineRotation) != 0) RotationMs += ms;
    }

    private static void AddBits(ulong bits, int[] sums, int ms)
    {
        for (; bits != 0; bits &= bits - 1) sums[BitOperations.TrailingZeroCount(bits)] += ms;
    }
}
