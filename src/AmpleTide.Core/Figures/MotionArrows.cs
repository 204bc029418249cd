using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

/// <summary>
/// Shows in a still picture which part of the body moves, and which way: an arrow along the last of the way to the pictured
/// shape, beside the part that travels farthest, and beside its partner on the other side when that goes along.
/// </summary>
internal static class MotionArrows
{
    // In thousandths of a stature, by eye, no source: what is too small to be meant, how long an arrow has to be to be seen, how long it may
    // get, and how far beside the body it runs.
    private const double LeastTravel = 8, Shortest = 100, Longest = 250, Beside = 34;

    // A hold is told by its shape alone when its parts travel less or farther than this.
    private const double LeastOfHold = 30, MostOfHold = 190;

    // A partner that travels this share of the way goes along.
    private const double GoesAlong = 0.6;

    // Where the whole trunk goes along, the hips lead.
    private const double HipsFirst = 1.15;

    private const int StepsPerPhase = 8;

    private static readonly Landmark[] Tracked =
    [
        .. from name in new[] { "crown", "chin", "breastbone", "back", "low-back", "belly" } select Landmark.Find(name)!,
        .. from side in new[] { "right", "left" }
           from name in new[] { "fingertips", "elbow", "shoulder-top", "hip", "knee", "heel", "toe-tip" }
           select Landmark.Find($"{side}.{name}")!,
    ];

    // Two moments of a circle do not say that it is one; the arrow does. How wide it is drawn, how far it opens towards the body, and how
    // flat a level one is seen.
    private const double NarrowestCircle = 66, WidestCircle = 115, Gap = 0.8, Flat = 0.42;

    /// <summary>The arrows of a phase's picture.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="phase">The phase whose end is pictured.</param>
    /// <param name="project">A point of the room on the picture, in statures, y down.</param>
    public static IEnumerable<FigurePart> Into(MoveForm form, int phase, Func<Vector, (double X, double Y, double Near)> project)
    {
        if (form.Move.Kind is not (MoveKind.Flow or MoveKind.Rhythm or MoveKind.Hold)) return [];
        var backwards = Before(form, phase).Select(s => s.Skeleton()).ToList();
        // Close to a face, what moves is the face.
        if (form.Move.Drawn.CloseUp == CloseUp.Face && form.Move.Sides != Sidedness.Circling) return [];
        var circling = form.Move.Sides == Sidedness.Circling;
        if (form.Move.Drawn.Follow.Count > 0) return form.Move.Drawn.Follow.Select(t => Drawn(Trail.Of(t, backwards, project)));
        var trails = Tracked.Select(t => Trail.Of(t, backwards, project)).ToList();
        var farthest = trails.MaxBy(t => t.Travel * (t.Mark.Name.EndsWith("hip", StringComparison.Ordinal) ? HipsFirst : 1))!;
        if (farthest.Travel < LeastTravel) return [];
        if (form.Move.Kind == MoveKind.Hold && farthest.Travel is < LeastOfHold or > MostOfHold) return [];
        return trails
            .Where(t => t == farthest || (t.Mark.Name == Contacts.MirrorName(farthest.Mark.Name) && t.Travel > GoesAlong * farthest.Travel))
            .Select(Drawn);

        FigurePart Drawn(Trail trail) => circling ? trail.Circle() : trail.Arrow(bothWays: form.Move.Second == Second.Reverse);
    }

    // The shapes on the way to a phase's end, from there backwards: to the base shape, or once around when the rounds of a move run into
    // each other.
    private static IEnumerable<Shape> Before(MoveForm form, int phase)
    {
        yield return form.Phases[phase].Shape;
        var around = !form.HasStay && form.Phases.Length > 1;
        for (var back = 0; back < form.Phases.Length && (around || back <= phase); back++)
        {
            var at = (phase - back + form.Phases.Length) % form.Phases.Length;
            var start = at > 0 || !around ? form.StartOf(at) : form.Phases[^1].Shape;
            for (var step = StepsPerPhase - 1; step >= 0; step--)
                yield return start.Blend(form.Phases[at].Shape, step / (double)StepsPerPhase, form.Phases[at].Phase.ArmPlane);
        }
    }

    /// <summary>Where a landmark was, in thousandths on the picture: the pictured place first, the farthest from it last.</summary>
    private sealed record Trail(Landmark Mark, List<(double X, double Y)> Points, double Travel, (double X, double Y) Outwards)
    {
        public static Trail Of(Landmark mark, List<Skeleton> backwards, Func<Vector, (double X, double Y, double Near)> project)
        {
            (double X, double Y) Seen(Vector v)
            {
                var p = project(v);
                return (p.X * 1000, p.Y * 1000);
            }
            var points = backwards.Select(b => Seen(mark.On(b))).ToList();
            var farthest = Enumerable.Range(0, points.Count).MaxBy(i => Distance(points[i], points[0]));
            var (from, to) = (Seen(mark.Inside(backwards[0])), points[0]);
            var length = Math.Max(1, Distance(from, to));
            return new(mark, Smooth(points[..(farthest + 1)]), Distance(points[farthest], points[0]), ((to.X - from.X) / length, (to.Y - from.Y) / length));
        }

        private const double HeadLength = 40;

        /// <summary>A shaft that swells towards its head; with two heads where the second side goes back the way the first came.</summary>
        public FigurePart Arrow(bool bothWays) => Shaft(Fitted(), bothWays);

        private static FigurePart Shaft(List<(double X, double Y)> path, bool bothWays)
        {
            const double thick = 8, thin = 3;
            List<int[]> heads = [Head(path)];
            path = Cut(path, 0.8 * HeadLength);
            if (bothWays)
            {
                path.Reverse();
                heads.Add(Head(path));
                path = Cut(path, 0.8 * HeadLength);
            }
            double Swollen(int i) => bothWays ? (thick + thin) / 2 : thick - ((thick - thin) * i / path.Count);
            var shaft = path.Zip(path.Skip(1), (a, b) => (a, b)).Select((p, i) => new Capsule(
                Whole(p.a.X), Whole(p.a.Y), Whole(Swollen(i)), Whole(p.b.X), Whole(p.b.Y), Whole(Swollen(i + 1))));
            return new(Tone.Mark, [.. shaft], heads);
        }

        /// <summary>A ring round the middle of the way, open towards the body, with a head at both ends: both sides go round.</summary>
        public FigurePart Circle()
        {
            const int steps = 24;
            var level = Mark.Segment is Segment.Head;
            var (left, right, top, bottom) = (Points.Min(p => p.X), Points.Max(p => p.X), Points.Min(p => p.Y), Points.Max(p => p.Y));
            var radius = Math.Clamp(Travel / 2, NarrowestCircle, WidestCircle);
            var open = level ? Math.PI / 2 : Math.Atan2(-Outwards.Y, -Outwards.X);
            var ring = Enumerable.Range(0, steps + 1).Select(i =>
            {
                var angle = open + (Gap / 2) + (i * ((2 * Math.PI) - Gap) / steps);
                return (((left + right) / 2) + (radius * Math.Cos(angle)), ((top + bottom) / 2) + (radius * (level ? Flat : 1) * Math.Sin(angle)));
            });
            return Shaft([.. ring], bothWays: true);
        }

        // A triangle at the beginning of a path, pointing out of it.
        private static int[] Head(List<(double X, double Y)> path)
        {
            const double half = 22;
            var (tip, root) = (path[0], Cut(path, 0.8 * HeadLength)[0]);
            var apart = Math.Max(1, Distance(tip, root));
            var (x, y) = ((tip.X - root.X) / apart, (tip.Y - root.Y) / apart);
            return
            [
                Whole(tip.X), Whole(tip.Y),
                Whole(tip.X - (x * HeadLength) - (y * half)), Whole(tip.Y - (y * HeadLength) + (x * half)),
                Whole(tip.X - (x * HeadLength) + (y * half)), Whole(tip.Y - (y * HeadLength) - (x * half)),
            ];
        }

        // Beside the body, no longer than reads well, and drawn out where the movement is small.
        private List<(double X, double Y)> Fitted()
        {
            var length = Points.Zip(Points.Skip(1), Distance).Sum();
            var scale = Math.Max(1, Shortest / length);
            var (x, y) = Points[0];
            var beside = Points.Select(p => (x + ((p.X - x) * scale) + (Outwards.X * Beside), y + ((p.Y - y) * scale) + (Outwards.Y * Beside))).ToList();
            var reversed = Enumerable.Reverse(beside).ToList();
            return [.. Enumerable.Reverse(Cut(reversed, (length * scale) - Longest))];
        }

        // Where one phase ends and the next begins a path has a corner; an arrow runs round it.
        private static List<(double X, double Y)> Smooth(List<(double X, double Y)> path)
        {
            const int around = StepsPerPhase / 2;
            return [.. path.Select((_, i) =>
            {
                var reach = Math.Min(around, Math.Min(i, path.Count - 1 - i));
                var near = path.GetRange(i - reach, (2 * reach) + 1);
                return (near.Average(p => p.X), near.Average(p => p.Y));
            })];
        }

        // What is left of a path once a length at its beginning is taken off.
        private static List<(double X, double Y)> Cut(List<(double X, double Y)> path, double off)
        {
            for (var i = 0; i + 1 < path.Count; i++)
            {
                var step = Distance(path[i], path[i + 1]);
                if (off < step)
                {
                    if (off <= 0) return path[i..];
                    var share = off / step;
                    return [(path[i].X + ((path[i + 1].X - path[i].X) * share), path[i].Y + ((path[i + 1].Y - path[i].Y) * share)), .. path[(i + 1)..]];
                }
                off -= step;
            }
            return path[^2..];
        }

        private static double Distance((double X, double Y) a, (double X, double Y) b) => Math.Sqrt(((a.X - b.X) * (a.X - b.X)) + ((a.Y - b.Y) * (a.Y - b.Y)));

        private static int Whole(double thousandths) => (int)Math.Round(thousandths);
    }
}
