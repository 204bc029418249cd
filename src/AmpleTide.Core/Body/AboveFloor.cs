namespace AmpleTide.Core.Body;

/// <summary>
/// Keeps limbs above the floor on their way from one shape to the next: an arm or a leg that would go through it bends, as people do who
/// bring a hand under themselves or a foot forward.
/// </summary>
internal static class AboveFloor
{
    // Statures: what a hand or a foot is pressed in.
    private const double Pressed = 0.02;
    private const double MostBent = 150; // degrees
    private const double Step = 5;
    private static readonly double[] Lifts = [0, 20, 40, 60, -20, -40, -60];

    private static readonly (Axis Bends, Axis[] Lifts, Landmark[] Ends)[] Limbs =
    [
        .. new[] { Side.Right, Side.Left }.SelectMany(side =>
            new[]
            {
                (
                    Axis.RightElbow.On(side),
                    new[] { Axis.RightShoulderElevation.On(side), Axis.RightShoulderPlane.On(side) },
                    Marks(side, "hand", "fingertips", "elbow")
                ),
                (Axis.RightKnee.On(side), new[] { Axis.RightHipFlexion.On(side) }, Marks(side, "ball", "heel", "toe-tip")),
            }
        ),
    ];

    /// <summary>The shape with every limb above the floor, as far as bending it gets it there.</summary>
    public static Shape Keep(Shape shape)
    {
        foreach (var limb in Limbs)
            if (Lowest(shape, limb.Ends) < -Pressed)
                shape = Bent(shape, limb.Bends, limb.Lifts, limb.Ends);
        return shape;
    }

    // First the joint in the middle of the limb bends, then the one it hangs from lifts; the least of it that does.
    private static Shape Bent(Shape shape, Axis bends, Axis[] lifts, Landmark[] ends)
    {
        var best = shape;
        foreach (var (axis, lift) in lifts.SelectMany(axis => Lifts.Select(lift => (axis, lift))))
        {
            for (var bend = 0.0; shape.Angles[bends] + bend <= MostBent; bend += Step)
            {
                var tried = shape with
                {
                    Angles = shape.Angles.With([new(bends, shape.Angles[bends] + bend), new(axis, shape.Angles[axis] + lift)]),
                };
                if (Lowest(tried, ends) > Lowest(best, ends))
                    best = tried;
                if (Lowest(best, ends) >= -Pressed)
                    return best;
            }
        }
        return best;
    }

    private static double Lowest(Shape shape, Landmark[] ends)
    {
        var body = shape.Skeleton();
        return ends.Min(mark => mark.On(body).Y);
    }

    private static Landmark[] Marks(Side side, params string[] names) =>
        [.. names.Select(name => Landmark.Find($"{(side == Side.Right ? "right" : "left")}.{name}")!)];
}
