using System.Numerics;
using AmpleTide.Core.Body;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>
/// What the body rests on, leans against and holds: the chair, cushions, blocks, the wall. Sizes in statures (of 1.70 m): common
/// practice, no source.
/// </summary>
internal sealed class PropSurface(Solids to)
{
    private Part hard = Part.HardProp,
        soft = Part.SoftProp;

    /// <summary>The props under a shape's contacts.</summary>
    /// <param name="contacts">What rests on what.</param>
    /// <param name="body">The body the props are found on.</param>
    /// <param name="between">How thick what stands between the body and a wall is, in statures.</param>
    public void Under(IEnumerable<Contact> contacts, Skeleton body, float between = 0)
    {
        foreach (var group in contacts.Where(c => c.On != Support.Floor).GroupBy(c => c.On))
        {
            var points = group.Select(c => c.Mark.On(body).Single()).ToList();
            var height = (float)group.Key.Height;
            switch (group.Key.Name)
            {
                case "wall":
                    Wall(points, sideways: false, between);
                    break;
                case "side-wall":
                    Wall(points, sideways: true, between);
                    break;
                case "chair":
                    // Whoever sits has the back of the chair behind; whoever lays the calves on it looks at its front.
                    Chair(Middle(points), height, group.Any(c => c.Mark.Segment == Segment.Pelvis) ? 1 : -1);
                    break;
                case "chair-side":
                    // The back of the chair is on the right of whoever sits sideways on it.
                    Chair(Middle(points), height, 1, sideways: true);
                    break;
                case "chair-top":
                    // The hands lie on the chair's back, and its seat is on the far side of it.
                    Chair(Middle(points) + new Vector3(0, 0, ChairHalf), SeatHeight, 1);
                    break;
                case "table":
                    Table(points, height);
                    break;
                case "ball":
                    foreach (var at in points)
                        to.Ball(Part.Ball, at with { Y = height / 2 }, height / 2);
                    break;
                case "bolster-raised":
                    RaisedBolster(body, height);
                    break;
                default:
                    foreach (var cluster in Clusters(points))
                        Thing(group.Key.Name, cluster, height);
                    break;
            }
        }
    }

    /// <summary>A prop that stands by without bearing anything: under a landmark.</summary>
    public void Standing(Support prop, Landmark mark, Skeleton pictured)
    {
        var at = mark.On(pictured).Single();
        if (prop.Name == "ball")
        {
            // Between what holds it and the body.
            var (radius, inside) = ((float)prop.Height / 2, mark.Inside(pictured).Single());
            to.Ball(Part.Ball, at + (Vector3.Normalize(at - inside) * radius), radius);
        }
        else if (prop.Name == "chair")
            Chair(Vector3.Lerp(at, mark.Mirror().On(pictured).Single(), .5f), SeatHeight, 1);
        else
            Thing(prop.Name, [at], (float)prop.Height);
    }

    /// <summary>A strap from one landmark to the next: straight where it is pulled, hanging where its ends come closer.</summary>
    /// <param name="along">The landmarks it runs along.</param>
    /// <param name="body">The body as it is drawn.</param>
    /// <param name="pulled">The body that pulls it straight: between its landmarks the strap is as long as there.</param>
    public void Strap(IReadOnlyList<Landmark> along, Skeleton body, Skeleton pulled)
    {
        const float halfWidth = .006f;
        const int steps = 8;
        Span<Vector3> points = stackalloc Vector3[steps + 1];
        Span<float> radii = stackalloc float[steps + 1];
        radii.Fill(halfWidth);
        for (var i = 0; i + 1 < along.Count; i++)
        {
            var (from, until) = (along[i].On(body).Single(), along[i + 1].On(body).Single());
            var (apart, length) = ((until - from).Length(), (float)(along[i + 1].On(pulled) - along[i].On(pulled)).Length);
            // A shallow arc of length L over a span d sags by √(3 d (L − d) / 8).
            var sag = MathF.Sqrt(MathF.Max(0, 3 * apart * (length - apart) / 8));
            for (var k = 0; k <= steps; k++)
            {
                var t = k / (float)steps;
                var at = Vector3.Lerp(from, until, t) - new Vector3(0, 4 * t * (1 - t) * sag, 0);
                points[k] = at with { Y = MathF.Max(at.Y, MathF.Min(halfWidth, MathF.Min(from.Y, until.Y))) };
            }
            to.Tube(Part.Strap, points, radii);
        }
    }

    private static Vector3 Middle(List<Vector3> points) => points.Aggregate(Vector3.Zero, (a, b) => a + b) / points.Count;

    // Each cushion of its own, where points lie apart.
    private static List<List<Vector3>> Clusters(List<Vector3> points)
    {
        const float apart = .25f;
        var clusters = new List<List<Vector3>>();
        foreach (var p in points)
            if (clusters.Find(c => c.Exists(q => (p - q).Length() < apart)) is { } near)
                near.Add(p);
            else
                clusters.Add([p]);
        return clusters;
    }

    // Block 23 × 15 cm, on end 15 × 10; bolster 60 × 24, cushion 34 × 30, pillow 40 × 28, blanket 60 × 40, towel 60 × 12.
    private static (float X, float Z, bool Soft) SizeOf(string name) =>
        name switch
        {
            "block" => (.130f, .088f, false),
            "block-tall" => (.088f, .060f, false),
            "bolster" => (.14f, .36f, true),
            "cushion" => (.20f, .18f, true),
            "pillow" => (.24f, .17f, true),
            "towel" => (.36f, .07f, true),
            _ => (.36f, .24f, true),
        };

    // Of its true size, and at least as large as what rests on it.
    private void Thing(string name, List<Vector3> on, float height)
    {
        const float margin = .03f;
        var (x, z, isSoft) = SizeOf(name);
        var (low, high) = (on.Aggregate(Vector3.Min), on.Aggregate(Vector3.Max));
        var (across, along) = (high.X - low.X, high.Z - low.Z);
        // A block lies along what rests on it, and a bolster across where that is wider than the bolster.
        if ((name == "block" && along > across) || (name == "bolster" && across > MathF.Max(x, along)))
            (x, z) = (z, x);
        var half = new Vector3(MathF.Max(x, across + (2 * margin)), 0, MathF.Max(z, along + (2 * margin))) / 2;
        var middle = ((low + high) / 2) with { Y = 0 };
        if (name == "towel")
            Roll(middle with { Y = height / 2 }, half.X, height / 2);
        else if (isSoft)
            Cushion(middle with { Y = height / 2 }, new(half.X, 0, 0), new(0, height / 2, 0), new(0, 0, half.Z));
        else
            to.Box(hard++, middle - half, (middle + half) with { Y = height });
    }

    // A towel is rolled up, and lies across.
    private void Roll(Vector3 middle, float halfLength, float radius)
    {
        var half = new Vector3(halfLength - radius, 0, 0);
        to.Tube(soft++, [middle - half, middle + half], [radius, radius]);
    }

    // Along a back that leans, from the middle of it to beyond the head, its upper end on a pile of pillows.
    private void RaisedBolster(Skeleton body, float thick)
    {
        // How far below the middle of the back it begins, and the share of its length that the pillows lie under; by eye, no source.
        const float below = .04f,
            pillowsAt = .64f;
        var (wide, length, _) = SizeOf("bolster");
        var back = Landmark.Find("back")!.On(body).Single();
        var along = Vector3.Normalize(back - Landmark.Find("low-back")!.On(body).Single());
        var across = Vector3.Normalize(Vector3.Cross(Vector3.UnitY, along));
        var up = Vector3.Cross(along, across);
        var middle = back + (along * ((length / 2) - below)) - (up * (thick / 2));
        Cushion(middle, across * (wide / 2), up * (thick / 2), along * (length / 2));

        var carried = back + (along * ((length * pillowsAt) - below)) - (up * thick);
        var pillow = (float)Support.Find("pillow")!.Height;
        // Lengthwise, so that they show little beside it.
        var (z, x, _) = SizeOf("pillow");
        var pile = Math.Max(1, (int)MathF.Round(carried.Y / pillow));
        for (var n = 0; n < pile; n++)
        {
            var half = carried.Y / pile / 2;
            Cushion(carried with { Y = ((2 * n) + 1) * half }, new(x / 2, 0, 0), new(0, half, 0), new(0, 0, z / 2));
        }
    }

    // A box whose edge is round, by half its axes.
    private void Cushion(Vector3 middle, Vector3 x, Vector3 y, Vector3 z)
    {
        const float step = .012f;
        var part = soft++;
        var r = MathF.Min(y.Length(), .022f);
        var (alongX, alongZ) = (Vector3.Normalize(x), Vector3.Normalize(z));
        var (roundX, roundZ) = (alongX * r, alongZ * r);
        var below = Vector3.Normalize(y) * (r * .05f);
        to.Add(new(middle - below, x - (roundX * .6f), y - below, z - (roundZ * .6f), part, IsBox: true));
        var (sideX, sideZ) = (x - roundX, z - roundZ);
        Span<Vector3> corners = [middle - sideX - sideZ, middle + sideX - sideZ, middle + sideX + sideZ, middle - sideX + sideZ];
        for (var i = 0; i < 4; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % 4]);
            var steps = Math.Max(1, (int)((b - a).Length() / step));
            for (var k = 0; k <= steps; k++)
                to.Add(new(Vector3.Lerp(a, b, k / (float)steps), roundX, y, roundZ, part, b - a));
        }
    }

    // A slice of wall behind what leans on it, or beside it, a little higher than that.
    private void Wall(List<Vector3> points, bool sideways, float between)
    {
        const float thick = .02f,
            beside = .16f,
            above = .18f;
        float Across(Vector3 p) => sideways ? p.X : p.Z;
        float Along(Vector3 p) => sideways ? p.Z : p.X;
        Vector3 At(float along, float height, float across) => sideways ? new(across, height, along) : new(along, height, across);
        var behind = points.Average(Across) >= 0 ? 1 : -1;
        var face = points.Average(Across) + (behind * between);
        var back = face + (behind * thick);
        to.Box(
            Part.Wall,
            At(points.Min(Along) - beside, 0, MathF.Min(face, back)),
            At(points.Max(Along) + beside, points.Max(p => p.Y) + above, MathF.Max(face, back))
        );
    }

    private const float ChairHalf = .128f;
    private static readonly float SeatHeight = (float)Support.Find("chair")!.Height;

    // A seat of 44 × 42 cm on four legs, its back as high again.
    private void Chair(Vector3 at, float height, int faces, bool sideways = false)
    {
        const float front = .115f,
            post = .008f,
            inset = .012f;
        var (seat, frame) = (hard++, hard++);
        Vector3 Turned(float x, float y, float z) => sideways ? new(at.X + z, y, at.Z + x) : new(at.X + x, y, at.Z + (z * faces));
        void Bar(Part part, (float X, float Y, float Z) low, (float X, float Y, float Z) high)
        {
            var (a, b) = (Turned(low.X, low.Y, low.Z), Turned(high.X, high.Y, high.Z));
            to.Box(part, Vector3.Min(a, b), Vector3.Max(a, b));
        }
        Bar(seat, (-ChairHalf, height - .026f, -ChairHalf), (ChairHalf, height, front));
        foreach (var x in new[] { -ChairHalf + inset, ChairHalf - inset })
        {
            foreach (var z in new[] { -ChairHalf + inset, front - inset })
                Bar(frame, (x - post, 0, z - post), (x + post, height - .02f, z + post));
            to.Tube(
                frame,
                [Turned(x, height - .02f, -ChairHalf + .010f), Turned(x, height + .25f, -ChairHalf - .025f)],
                [post + .001f, post + .001f]
            );
        }
        foreach (var (up, back) in new[] { (.245f, .024f), (.16f, .012f) })
            Bar(
                frame,
                (-ChairHalf + post, height + up - .022f, -ChairHalf - back - .006f),
                (ChairHalf - post, height + up + .012f, -ChairHalf - back + .006f)
            );
    }

    // A top on two legs.
    private void Table(List<Vector3> on, float height)
    {
        const float thick = .025f,
            leg = .02f,
            margin = .1f;
        var (low, high) = (on.Aggregate(Vector3.Min), on.Aggregate(Vector3.Max));
        var (left, right, near, far) = (low.X - margin, high.X + margin, low.Z - (margin / 2), high.Z + margin);
        var (top, frame) = (hard++, hard++);
        to.Box(top, new(left, height - thick, near), new(right, height, far));
        foreach (var x in new[] { left, right - leg })
            to.Box(frame, new(x, 0, far - leg), new(x + leg, height - thick, far));
    }
}
