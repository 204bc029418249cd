using System.Numerics;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Scoring;

/// <summary>What practice adds up to, by area and side, by axis and direction, by movement of the spine.</summary>
public sealed class Ledgers
{
    private const ulong SpineFlexion = (1UL << (int)Axis.LowerFlexion) | (1UL << (int)Axis.UpperFlexion);
    private const ulong SpineSide = (1UL << (int)Axis.LowerSide) | (1UL << (int)Axis.UpperSide);
    private const ulong SpineRotation = (1UL << (int)Axis.LowerRotation) | (1UL << (int)Axis.UpperRotation);

    private readonly TimeSpan[] areas = new TimeSpan[Areas.Count];
    private readonly TimeSpan[] rightAreas = new TimeSpan[Areas.Count];
    private readonly TimeSpan[] leftAreas = new TimeSpan[Areas.Count];
    private readonly TimeSpan[] plus = new TimeSpan[Axes.Count];
    private readonly TimeSpan[] minus = new TimeSpan[Axes.Count];

    /// <summary>Time an area was worked on, on either side.</summary>
    public TimeSpan AreaTime(Area area) => areas[(int)area];

    /// <summary>Time an area was worked on, on one side.</summary>
    public TimeSpan AreaTime(Area area, Side side) => side == Side.Left ? leftAreas[(int)area] : rightAreas[(int)area];

    /// <summary>Time an axis was away from its base in its positive direction.</summary>
    public TimeSpan PlusTime(Axis axis) => plus[(int)axis];

    /// <summary>Time an axis was away from its base in its negative direction.</summary>
    public TimeSpan MinusTime(Axis axis) => minus[(int)axis];

    /// <summary>Time the spine bent forward.</summary>
    public TimeSpan Flexion { get; private set; }

    /// <summary>Time it arched.</summary>
    public TimeSpan Extension { get; private set; }

    /// <summary>Time it bent to a side.</summary>
    public TimeSpan SideBend { get; private set; }

    /// <summary>Time it was turned.</summary>
    public TimeSpan Rotation { get; private set; }

    /// <summary>Adds time spent in, or moving to, a shape.</summary>
    /// <param name="coverage">What the shape works on.</param>
    /// <param name="also">Areas the move eases that no shape shows, as bits.</param>
    /// <param name="time">How long.</param>
    internal void Add(Coverage coverage, uint also, TimeSpan time)
    {
        AddBits(coverage.RightAreas | also, rightAreas, time);
        AddBits(coverage.LeftAreas | also, leftAreas, time);
        AddBits(coverage.RightAreas | coverage.LeftAreas | also, areas, time);
        AddBits(coverage.Plus, plus, time);
        AddBits(coverage.Minus, minus, time);
        if ((coverage.Plus & SpineFlexion) != 0)
            Flexion += time;
        if ((coverage.Minus & SpineFlexion) != 0)
            Extension += time;
        if (((coverage.Plus | coverage.Minus) & SpineSide) != 0)
            SideBend += time;
        if (((coverage.Plus | coverage.Minus) & SpineRotation) != 0)
            Rotation += time;
    }

    private static void AddBits(ulong bits, TimeSpan[] sums, TimeSpan time)
    {
        for (; bits != 0; bits &= bits - 1)
            sums[BitOperations.TrailingZeroCount(bits)] += time;
    }
}
