using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>What is called a circle goes round, and the way its words say, on either side.</summary>
public class CirclesGoRound
{
    // What a way round is called, by what goes round: the plane it is seen in, and whether that is against the clock there.
    private static readonly Dictionary<string, (string Mark, Func<Vector, Frame, (double X, double Y)> Plane, bool AgainstTheClock)> Ways =
        new()
        {
            // Seen from above, the face to the top of the page.
            ["full-neck-circles"] = ("crown", FromAbove, false),
            ["torso-circles"] = ("breastbone", FromAbove, false),
            // As it looks to whoever lies there, the feet to the top of the page.
            ["circle-hugged-knees"] = ("right.kneecap", FromTheHead, false),
            ["hip-circles-fours"] = ("sacrum", FromAbove, false),
            // As it looks to whoever does it: towards the middle over the top is against the clock for a right hand or foot.
            ["whole-trunk-circles"] = ("breastbone", FromAbove, false),
            ["neck-circles-on-fours"] = ("nose", FromAbove, false),
            ["nose-circles"] = ("nose", FromWithin, false),
            ["ankle-circles"] = ("right.toe-tip", FromWithin, true),
            ["wrist-circles"] = ("right.fingertips", FromWithin, true),
            // From the right side, the face to the right: backwards over the top is against the clock.
            ["shoulder-rolls"] = ("right.shoulder", FromTheRight, true),
            ["elbow-circles"] = ("right.elbow", FromTheRight, true),
            ["fast-elbow-circles"] = ("right.elbow", FromTheRight, true),
            ["arm-circles"] = ("right.fingertips", FromTheRight, true),
            ["fanning-hands"] = ("right.fingertips", FromTheRight, true),
        };

    private static (double X, double Y) FromAbove(Vector p, Frame seat) => (-p.X, p.Z);

    // Up is where the spine of the position points, standing or lying.
    private static (double X, double Y) FromWithin(Vector p, Frame seat) =>
        (-p.Dot(seat.Turn * new Vector(1, 0, 0)), p.Dot(seat.Turn * new Vector(0, 1, 0)));

    private static (double X, double Y) FromTheHead(Vector p, Frame seat)
    {
        var (x, y) = FromWithin(p, seat);
        return (x, -y);
    }

    private static (double X, double Y) FromTheRight(Vector p, Frame seat) => (p.Z, p.Y);

    public static TheoryData<string> Circling => [.. Shipped.Catalogue.Moves.Where(m => m.Sides == Sidedness.Circling).Select(m => m.Id)];

    [Theory]
    [MemberData(nameof(Circling))]
    public void A_circle_goes_round_and_the_way_it_says(string id)
    {
        var move = Shipped.Catalogue.Move(id)!;
        var (mark, plane, against) = Ways[id];
        foreach (var position in Shipped.Catalogue.PositionsOf(move))
        {
            var form = Shipped.Catalogue.Form(move, position, MoveForm.BaseOption);
            // A line has no share, a square all of it, an ellipse 0.79.
            var right = Enclosed(form, Side.Right, Landmark.Find(mark)!, plane);
            Assert.True(right * (against ? 1 : -1) > 0.35, $"{id} in {position.Id}: {right:0.00} of its frame");
            if (move.Second == Second.Reverse)
                Assert.Equal(-right, Enclosed(form, Side.Left, Landmark.Find(mark)!, plane), 6);
        }
    }

    [Fact]
    public void Both_ways_end_a_round_where_it_began()
    {
        var form = Shipped.Catalogue.Form(
            Shipped.Catalogue.Move("shoulder-rolls")!,
            Shipped.Catalogue.Position("seated-cross")!,
            MoveForm.BaseOption
        );
        Assert.Equal([0, 1, 2, 3], form.InOrder(Side.Right));
        Assert.Equal([2, 1, 0, 3], form.InOrder(Side.Left));
    }

    // The area a landmark goes round, as a share of the frame about it; positive against the clock.
    private static double Enclosed(MoveForm form, Side side, Landmark mark, Func<Vector, Frame, (double X, double Y)> plane)
    {
        const int steps = 8;
        var order = form.InOrder(side);
        var seat = form.Position.Base.Skeleton()[Segment.Pelvis];
        var path = new List<(double X, double Y)>();
        for (var turn = 0; turn < order.Count; turn++)
        {
            var (from, to) = (form.Phases[order[(turn + order.Count - 1) % order.Count]].Shape, form.Phases[order[turn]]);
            for (var step = 1; step <= steps; step++)
                path.Add(plane(mark.On(from.Blend(to.Shape, step / (double)steps, to.Phase.Passage).Skeleton()), seat));
        }
        var area = path.Zip(path.Skip(1).Append(path[0])).Sum(p => (p.First.X * p.Second.Y) - (p.Second.X * p.First.Y)) / 2;
        return area / ((path.Max(p => p.X) - path.Min(p => p.X)) * (path.Max(p => p.Y) - path.Min(p => p.Y)));
    }
}
