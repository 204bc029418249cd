using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

// What is drawn over the body: straps, and where the attention goes.
public sealed partial class FigureDrawing
{
    // A strap runs from one landmark to the next.
    private IEnumerable<FigurePart> Straps(Drawn drawn)
    {
        const double halfWidth = 0.0065;
        var along = drawn.Strap.Select(mark => mark.On(body)).ToList();
        if (along.Count > 1) yield return new(Tone.PropEdge, [.. along.Zip(along.Skip(1), (a, b) => CapsuleOf(a, halfWidth, b, halfWidth))], []);
    }

    // Where the attention goes: waves that leave the face or the rim of the body, rings where it faces the eye.
    private IEnumerable<FigurePart> Attention(Drawn drawn)
    {
        const double sideways = 0.7;
        foreach (var mark in drawn.Attend)
        {
            var outwards = view * (mark.On(body) - mark.Inside(body));
            var (at, along) = (Project(mark.On(body)), Math.Sqrt(Square(outwards.X) + Square(outwards.Y)));
            if (along > sideways * outwards.Length) yield return Waves(at.X, at.Y, Math.Atan2(-outwards.Y, outwards.X));
            else if (mark.Segment == Segment.Head) yield return Waves(at.X, at.Y, outwards.X < 0 ? Math.PI : 0);
            else foreach (var ring in Rings(at.X, at.Y)) yield return ring;
        }
    }

    private static readonly double[] WaveRadii = [0.058, 0.080, 0.102];

    // Three bows, one behind the other, as breath and sound are drawn.
    private static FigurePart Waves(double x, double y, double direction)
    {
        const int steps = 6;
        const double spread = 0.6;
        const int halfWidth = 4;
        var bows = from radius in WaveRadii
                   from step in Enumerable.Range(0, steps)
                   let a = direction + (spread * ((2.0 * step / steps) - 1))
                   let b = direction + (spread * ((2.0 * (step + 1) / steps) - 1))
                   select new Capsule(
                       Whole(x + (radius * Math.Cos(a))), Whole(y + (radius * Math.Sin(a))), halfWidth,
                       Whole(x + (radius * Math.Cos(b))), Whole(y + (radius * Math.Sin(b))), halfWidth);
        return new(Tone.Mark, [.. bows], []);
    }

    private static IEnumerable<FigurePart> Rings(double x, double y) =>
        from ring in new[] { (Radius: 0.026, Width: 0.009), (Radius: 0.050, Width: 0.007) }
        select new FigurePart(Tone.Mark, [], [Circle(x, y, ring.Radius, 1), Circle(x, y, ring.Radius - ring.Width, -1)]);

    // Outer and inner rim run against each other, so that the middle stays open.
    private static int[] Circle(double x, double y, double radius, int turn)
    {
        const int corners = 28;
        return [.. Enumerable.Range(0, corners).SelectMany(i =>
        {
            var (sin, cos) = Math.SinCos(turn * i * 2 * Math.PI / corners);
            return new[] { Whole(x + (radius * cos)), Whole(y + (radius * sin)) };
        })];
    }
}
