using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Figures.Tracing;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>Where a landmark was, in thousandths on the picture: the pictured place first, the farthest from it last.</summary>
/// <param name="Mark">What moves.</param>
/// <param name="Points">Its way.</param>
/// <param name="Travel">How far its ends lie apart.</param>
/// <param name="Outwards">Out of the body from its pictured place, of length 1.</param>
/// <param name="Sidewards">How much of outwards is along the picture: 0 where it points at the eye.</param>
/// <param name="Round">What all of its way goes round, in thousandths squared: positive with the hands of a clock.</param>
/// <param name="Axis">What lies behind it inside the body, at its pictured place.</param>
/// <param name="Turned">How far a trunk has turned in place, in degrees: positive to its left; 0 for what does otherwise.</param>
internal sealed record Trail(
    Landmark Mark,
    List<Vector2> Points,
    float Travel,
    Vector2 Outwards,
    float Sidewards,
    float Round,
    Vector2 Axis,
    double Turned
)
{
    // Face and chest stay in place when they turn: what shows their way is a point far in front of them, so many times as far from the
    // axis as the skin. By eye, no source.
    private static double Reach(Landmark mark) =>
        mark.Name switch
        {
            "nose" => 1.9,
            "breastbone" => 3.6,
            _ => 1,
        };

    public static Trail Of(Landmark mark, List<Skeleton> back, Func<Vector, Vector2> see)
    {
        var places = back.ConvertAll(b => mark.Inside(b) + ((mark.On(b) - mark.Inside(b)) * Reach(mark)));
        var points = places.ConvertAll(p => see(p));
        var farthest = Enumerable.Range(0, points.Count).MaxBy(i => (points[i] - points[0]).Length());
        var outwards = points[0] - see(mark.Inside(back[0]));
        var length = 1000 * (float)((mark.On(back[0]) - mark.Inside(back[0])).Length * Reach(mark));
        return new(
            mark,
            Smooth(points[..(farthest + 1)]),
            (points[farthest] - points[0]).Length(),
            outwards.Unit(),
            length < 1 ? 0 : outwards.Length() / length,
            // Trails lead back in time. A head goes round over the floor, however far it nods on its way.
            -Area(mark.Segment == Segment.Head && Reach(mark) == 1 ? places.ConvertAll(p => see(p with { Y = places[0].Y })) : points),
            see(mark.Inside(back[0])),
            mark.Name == "breastbone" ? Turn(back[farthest], back[0]) : 0
        );
    }

    // How far a trunk that is upright turns about the plumb line, in degrees; 0 where it does not, or rises and sinks more than it turns.
    private static double Turn(Skeleton from, Skeleton to)
    {
        const double least = 8;
        var (a, b) = (Facing(from), Facing(to));
        var turned = double.RadiansToDegrees(Math.Atan2((a.Z * b.X) - (a.X * b.Z), (a.X * b.X) + (a.Z * b.Z)));
        var risen = double.RadiansToDegrees(Math.Asin(b.Y) - Math.Asin(a.Y));
        return IsUpright(from) && Math.Abs(turned) > Math.Max(least, Math.Abs(risen)) ? turned : 0;

        Vector Facing(Skeleton body) => body.Chest.Turn * new Vector(0, 0, 1);
        bool IsUpright(Skeleton body) => (body.Chest.Turn * new Vector(0, 1, 0)).Y > .5;
    }

    // Of what points go round, positive with the hands of a clock, as y goes down.
    private static float Area(List<Vector2> points)
    {
        var twice = 0f;
        for (var i = 0; i < points.Count; i++)
        {
            var (a, b) = (points[i], points[(i + 1) % points.Count]);
            twice += (a.X * b.Y) - (a.Y * b.X);
        }
        return twice / 2;
    }

    // Where one phase ends and the next begins a way has a corner; an arrow runs round it.
    private static List<Vector2> Smooth(List<Vector2> way)
    {
        const int around = 4;
        return
        [
            .. way.Select(
                (_, i) =>
                {
                    var reach = Math.Min(around, Math.Min(i, way.Count - 1 - i));
                    var sum = Vector2.Zero;
                    for (var k = i - reach; k <= i + reach; k++)
                        sum += way[k];
                    return sum / ((2 * reach) + 1);
                }
            ),
        ];
    }
}
