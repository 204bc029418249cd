using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Tests.Body;

/// <summary>
/// What is drawn between two phases is a body, too: no hand and no foot goes through the floor on its way, and no limb through the body.
/// </summary>
public class OnTheWay
{
    private const double Sinks = 0.03; // statures: about the thickness of a hand
    private static readonly double[] Moments = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9];
    private static readonly Landmark[] Ends =
    [
        .. new[] { "hand", "elbow", "ball", "heel" }
            .SelectMany(name => new[] { $"right.{name}", $"left.{name}" })
            .Select(Landmark.Find)
            .OfType<Landmark>(),
    ];

    private sealed record Between(string Name, Shape Start, Shape End, Passage Passage)
    {
        public Shape At(double t) => Start.Blend(End, t, Passage);
    }

    // From each phase to the next, of every move in every position and option.
    private static IEnumerable<Between> All =>
        from move in Shipped.Catalogue.Moves
        from form in Shipped.Catalogue.Forms(move)
        from phase in Enumerable.Range(0, form.Phases.Length)
        let end = form.Phases[phase]
        select new Between(
            $"{move.Id} in {form.Position.Id}, {form.Option}, phase {phase + 1}",
            form.StartOf(phase),
            end.Shape,
            end.Phase.Passage
        );

    [Fact]
    public void No_hand_and_no_foot_goes_through_the_floor()
    {
        var through =
            from way in All
            let lowest = Moments.Min(t => Lowest(way.At(t)))
            where lowest < Math.Min(0, Math.Min(Lowest(way.Start), Lowest(way.End))) - Sinks
            select $"{way.Name}: {lowest * 170:0.0} cm";
        Assert.True(!through.Any(), string.Join("\n", through));
    }

    private const double Overlaps = 0.02; // statures: flesh gives way so far before a picture is wrong

    [Fact]
    public void No_limb_goes_through_the_body_or_another_limb()
    {
        var through =
            from way in All
            let atRest = OverlapsOf(way.Start).Concat(OverlapsOf(way.End)).ToList()
            from t in Moments
            from overlap in OverlapsOf(way.At(t))
            let usual = atRest.Where(o => o.Part == overlap.Part && o.In == overlap.In).Select(o => o.Depth).DefaultIfEmpty(0).Max()
            where overlap.Depth > usual + Overlaps
            select $"{way.Name} at {t}: {overlap.Part} {overlap.Depth * 170:0.0} cm in {overlap.In}";
        Assert.True(!through.Any(), string.Join("\n", through));
    }

    // What lies on the floor is pressed into it a little; the floor has a test of its own.
    private static IEnumerable<Clearance.Overlap> OverlapsOf(Shape shape) =>
        Clearance.Overlaps(shape.Skeleton()).Where(o => o.In != "floor");

    private static double Lowest(Shape shape)
    {
        var body = shape.Skeleton();
        return Ends.Min(mark => mark.On(body).Y);
    }
}
