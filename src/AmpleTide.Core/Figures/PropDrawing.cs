using AmpleTide.Core.Body;

namespace AmpleTide.Core.Figures;

/// <summary>Draws what the body rests on: the chair, cushions, blocks.</summary>
internal static class PropDrawing
{
    /// <summary>The props under a shape's contacts, far to near.</summary>
    public static IEnumerable<FigurePart> Draw(
        IReadOnlyList<Contact> contacts,
        Skeleton body,
        Func<Vector, (double X, double Y, double Near)> project
    )
    {
        foreach (var group in contacts.Where(c => c.On != Support.Floor).GroupBy(c => c.On))
        {
            var points = group.Select(c => c.Mark.On(body)).ToList();
            if (group.Key == Support.Wall)
            {
                yield return Wall(points, project);
                continue;
            }
            if (group.Key.Name == "side-wall")
            {
                yield return Wall(points, project, sideways: true);
                continue;
            }
            if (group.Key.Name == "chair-side")
            {
                // The back of the chair is on the right of whoever sits sideways on it.
                foreach (var part in Chair(points, group.Key.Height, 1, project, sideways: true))
                    yield return part;
                continue;
            }
            if (group.Key.Name == "chair")
            {
                // Whoever sits has the back of the chair behind; whoever lays the calves on it looks at its front.
                var faces = group.Any(c => c.Mark.Segment == Segment.Pelvis) ? 1 : -1;
                foreach (var part in Chair(points, group.Key.Height, faces, project))
                    yield return part;
                continue;
            }
            if (group.Key.Name == "chair-top")
            {
                // The hands lie on the chair's back, and its seat is on the far side of it.
                foreach (var part in Chair([.. points.Select(p => p + new Vector(0, 0, ChairHalf))], SeatHeight, 1, project))
                    yield return part;
                continue;
            }
            if (group.Key.Name == "table")
            {
                foreach (var part in Table(points, group.Key.Height, project))
                    yield return part;
                continue;
            }
            if (group.Key.Name == "ball")
            {
                foreach (var at in points)
                    yield return Ball(at with { Y = group.Key.Height / 2 }, group.Key.Height / 2, project);
                continue;
            }
            foreach (var cluster in Clusters(points))
                yield return Box(cluster, 0, group.Key.Height, group.Key.Name == "block" ? 0.035 : 0.075, Tone.Prop, project);
        }
    }

    /// <summary>The props that stand by without bearing anything: under the pictured place of a landmark.</summary>
    public static IEnumerable<FigurePart> Standing(
        IReadOnlyDictionary<Support, Landmark> stands,
        Skeleton pictured,
        Func<Vector, (double X, double Y, double Near)> project
    )
    {
        foreach (var (prop, mark) in stands)
        {
            var at = mark.On(pictured);
            if (prop.Name != "chair")
                yield return Box([at], 0, prop.Height, prop.Name == "block" ? 0.035 : 0.075, Tone.Prop, project);
            else
                foreach (var part in Chair([at.Towards(mark.Mirror().On(pictured), 0.5)], prop.Height, 1, project))
                    yield return part;
        }
    }

    // A slice of wall behind what leans on it, or beside it, a little higher than that.
    private static FigurePart Wall(List<Vector> points, Func<Vector, (double X, double Y, double Near)> project, bool sideways = false)
    {
        const double thick = 0.02,
            beside = 0.12,
            above = 0.16;
        double Across(Vector p) => sideways ? p.X : p.Z;
        double Along(Vector p) => sideways ? p.Z : p.X;
        Vector At(double along, double across) => sideways ? new(across, 0, along) : new(along, 0, across);
        var face = points.Average(Across);
        var outward = face >= 0 ? thick : -thick;
        return Box(
            [
                At(points.Min(Along) - beside, Math.Min(face, face + outward)),
                At(points.Max(Along) + beside, Math.Max(face, face + outward)),
            ],
            0,
            points.Max(p => p.Y) + above,
            0,
            Tone.Prop,
            project
        );
    }

    private static FigurePart Ball(Vector middle, double radius, Func<Vector, (double X, double Y, double Near)> project)
    {
        var (at, r) = (project(middle), Whole(radius));
        return new(Tone.Prop, [new(Whole(at.X), Whole(at.Y), r, Whole(at.X), Whole(at.Y), r)], []);
    }

    private static List<List<Vector>> Clusters(List<Vector> points)
    {
        const double apart = 0.25; // farther than this is another cushion
        var clusters = new List<List<Vector>>();
        foreach (var p in points)
        {
            var near = clusters.Find(c => c.Exists(q => (p - q).Length < apart));
            if (near is null)
                clusters.Add([p]);
            else
                near.Add(p);
        }
        return clusters;
    }

    // Seat 24 × 24 hundredths of a stature, back as high again as the seat; by eye, no source.
    private static IEnumerable<FigurePart> Chair(
        List<Vector> seat,
        double height,
        int faces,
        Func<Vector, (double X, double Y, double Near)> project,
        bool sideways = false
    )
    {
        var x = seat.Average(p => p.X);
        var z = seat.Average(p => p.Z);
        var (left, right, back, front) = (x - ChairHalf, x + ChairHalf, z - (ChairHalf * faces), z + (0.115 * faces));
        Vector Turned(Vector p) => sideways ? new(x + (p.Z - z), p.Y, z + (p.X - x)) : p;
        Capsule Bar(Vector a, Vector b)
        {
            var (p, q) = (project(Turned(a)), project(Turned(b)));
            return new(Whole(p.X), Whole(p.Y), 9, Whole(q.X), Whole(q.Y), 9);
        }
        var top = height + 0.25;
        var legs =
            from lx in new[] { left + 0.012, right - 0.012 }
            from lz in new[] { back + (0.01 * faces), front - (0.02 * faces) }
            select Bar(new(lx, height - 0.02, lz), new(lx, 0.01, lz));
        var posts = new[] { left + 0.012, right - 0.012 }.Select(px =>
            Bar(new(px, height - 0.02, back + (0.01 * faces)), new(px, top, back - (0.02 * faces)))
        );
        yield return new(
            Tone.PropEdge,
            [
                .. legs,
                .. posts,
                Bar(new(left + 0.012, top - 0.01, back - (0.02 * faces)), new(right - 0.012, top - 0.01, back - (0.02 * faces))),
                Bar(new(left + 0.012, top - 0.09, back - (0.012 * faces)), new(right - 0.012, top - 0.09, back - (0.012 * faces))),
            ],
            []
        );
        yield return Box([Turned(new(left, 0, back)), Turned(new(right, 0, front))], height - 0.028, height, 0, Tone.Prop, project);
    }

    private const double ChairHalf = 0.125;
    private static readonly double SeatHeight = Support.Find("chair")!.Height;

    // A top on two legs; by eye, no source.
    private static IEnumerable<FigurePart> Table(List<Vector> on, double height, Func<Vector, (double X, double Y, double Near)> project)
    {
        const double thick = 0.025,
            leg = 0.02,
            margin = 0.1;
        var (left, right) = (on.Min(p => p.X) - margin, on.Max(p => p.X) + margin);
        var (near, far) = (on.Min(p => p.Z) - (margin / 2), on.Max(p => p.Z) + margin);
        foreach (var x in new[] { left, right - leg })
            yield return Box([new(x, 0, far - leg), new(x + leg, 0, far)], 0, height - thick, 0, Tone.PropEdge, project);
        yield return Box([new(left, 0, near), new(right, 0, far)], height - thick, height, 0, Tone.Prop, project);
    }

    private static FigurePart Box(
        List<Vector> around,
        double bottom,
        double top,
        double margin,
        Tone tone,
        Func<Vector, (double X, double Y, double Near)> project
    )
    {
        var (left, right) = (around.Min(p => p.X) - margin, around.Max(p => p.X) + margin);
        var (back, front) = (around.Min(p => p.Z) - margin, around.Max(p => p.Z) + margin);
        var capsules = new List<Capsule>();
        const int r = 8;
        var inset = r / 1000.0;
        var corners =
            from x in new[] { left, right }
            from z in new[] { back, front }
            from y in new[] { bottom + inset, top - inset }
            select project(new(x, y, z));
        var all = corners.ToList();
        // Rounded edges: a bar along each pair of corners; together with its convex outline they fill the box.
        for (var i = 0; i < all.Count; i++)
        for (var j = i + 1; j < all.Count; j++)
            capsules.Add(new(Whole(all[i].X), Whole(all[i].Y), r, Whole(all[j].X), Whole(all[j].Y), r));
        var hull = FigureHull.Of(all.Select(p => (p.X, p.Y)));
        return new(tone, Outer(capsules, hull), [hull]);
    }

    private static List<Capsule> Outer(List<Capsule> bars, int[] hull)
    {
        bool OnHull(int x, int y) => Enumerable.Range(0, hull.Length / 2).Any(i => hull[2 * i] == x && hull[(2 * i) + 1] == y);
        bool Next(Capsule c)
        {
            var n = hull.Length / 2;
            int Find(int x, int y) => Enumerable.Range(0, n).First(i => hull[2 * i] == x && hull[(2 * i) + 1] == y);
            var apart = Math.Abs(Find(c.X1, c.Y1) - Find(c.X2, c.Y2));
            return apart == 1 || apart == n - 1;
        }
        return [.. bars.Where(c => OnHull(c.X1, c.Y1) && OnHull(c.X2, c.Y2) && Next(c))];
    }

    private static int Whole(double statures) => (int)Math.Round(statures * 1000);
}
