using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

/// <summary>
/// Shows in a still picture which part of the body moves, and which way: an arrow along the last of the way to the pictured
/// shape, beside the part that travels farthest, and beside its partner on the other side when that goes along.
/// </summary>
internal static class MotionArrows
{
    // In thousandths of a stature, by eye, no source: what is too small to be meant, how long an arrow has to be to be seen, how long
    // it may get, and how far beside the body it runs.
    private const double LeastTravel = 8,
        Shortest = 100,
        Longest = 250,
        Beside = 34;

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

    // Two moments of a circle do not say that it is one; the ring does.
    private const double WidestCircle = 115;

    /// <summary>How a ring is drawn.</summary>
    /// <param name="Broad">How broad it is, of its diameter.</param>
    /// <param name="Tall">How tall it is, of its diameter.</param>
    /// <param name="Gap">How far it opens, in radians.</param>
    /// <param name="Narrowest">Its least radius, in thousandths of a stature.</param>
    /// <param name="Outside">How far outside the body its middle stands, in thousandths.</param>
    private sealed record Ring(double Broad, double Tall, double Gap, double Narrowest, double Outside)
    {
        // A head that circles is seen along its level, and the ring opens in front; what a nose draws stands before the face.
        private static readonly Ring OfNose = new(0.8, 1, 0.6, 84, 90),
            OfHead = new(1, 0.42, 0.45, 96, 0),
            OfHand = new(1, 1, 0.8, 42, 0),
            OfAnything = new(1, 1, 0.8, 66, 0);

        public bool OpensInFront => this == OfHead;

        public static Ring Of(Landmark mark) =>
            mark switch
            {
                { Name: "nose" } => OfNose,
                { Segment: Segment.Head } => OfHead,
                { Segment: Segment.RightHand or Segment.LeftHand } => OfHand,
                _ => OfAnything,
            };
    }

    /// <summary>The arrows of a phase's picture.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="phase">The phase whose end is pictured.</param>
    /// <param name="project">A point of the room on the picture, in statures, y down.</param>
    public static IEnumerable<FigurePart> Into(MoveForm form, int phase, Func<Vector, (double X, double Y, double Near)> project)
    {
        if (form.Move.Kind is not (MoveKind.Flow or MoveKind.Rhythm or MoveKind.Hold))
            return [];
        // A hold is told by its shape, unless its author says what goes where.
        if (form.Move.Kind == MoveKind.Hold && form.Drawn.Follow.Count == 0)
            return [];
        // What is shaken or tapped goes no way; a ring says more than a piece of it, and so does an author who says what is pushed where.
        if (form.Drawn.Signs.Any(s => s.Sign is Sign.Shake or Sign.Tap or Sign.Circle or Sign.Outwards or Sign.Inwards))
            return [];
        var backwards = Before(form, phase).Select(s => s.Skeleton()).ToList();
        // Close to a face, what moves is the face.
        if (form.Drawn.CloseUp == CloseUp.Face && form.Move.Sides != Sidedness.Circling)
            return [];
        var circling = form.Move.Sides == Sidedness.Circling;
        if (form.Drawn.Follow.Count > 0)
            return form.Drawn.Follow.Select(t => Trail.Of(t, backwards, project)).Where(t => t.Travel >= LeastTravel).Select(Drawn);
        var trails = Tracked.Select(t => Trail.Of(t, backwards, project)).ToList();
        var farthest = trails.MaxBy(t => t.Travel * (t.Mark.Name.EndsWith("hip", StringComparison.Ordinal) ? HipsFirst : 1))!;
        if (farthest.Travel < LeastTravel)
            return [];
        return trails
            .Where(t => t == farthest || (t.Mark.Name == Contacts.MirrorName(farthest.Mark.Name) && t.Travel > GoesAlong * farthest.Travel))
            .Select(Drawn);

        FigurePart Drawn(Trail trail) => circling ? trail.Circle() : trail.Along(bothWays: form.Move.Second == Second.Reverse);
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
            var farthest = Enumerable.Range(0, points.Count).MaxBy(i => Arrow.Distance(points[i], points[0]));
            var (from, to) = (Seen(mark.Inside(backwards[0])), points[0]);
            var length = Math.Max(1, Arrow.Distance(from, to));
            return new(
                mark,
                Smooth(points[..(farthest + 1)]),
                Arrow.Distance(points[farthest], points[0]),
                ((to.X - from.X) / length, (to.Y - from.Y) / length)
            );
        }

        /// <summary>With two heads where the second side goes back the way the first came.</summary>
        public FigurePart Along(bool bothWays) => Arrow.Along(Fitted(), bothWays);

        /// <summary>A ring round the middle of the way, open towards the body, with a head at both ends: both sides go round.</summary>
        public FigurePart Circle()
        {
            const int steps = 24;
            var ring = Ring.Of(Mark);
            var (left, right, top, bottom) = (Points.Min(p => p.X), Points.Max(p => p.X), Points.Min(p => p.Y), Points.Max(p => p.Y));
            var (x, y) = (((left + right) / 2) + (ring.Outside * Outwards.X), ((top + bottom) / 2) + (ring.Outside * Outwards.Y));
            var radius = Math.Clamp(Travel / 2, ring.Narrowest, WidestCircle);
            var open = ring.OpensInFront ? Math.PI / 2 : Math.Atan2(-Outwards.Y, -Outwards.X);
            return Arrow.Along([.. Enumerable.Range(0, steps + 1).Select(At)], bothWays: true);

            (double X, double Y) At(int step)
            {
                var angle = open + (ring.Gap / 2) + (step * ((2 * Math.PI) - ring.Gap) / steps);
                return (x + (radius * ring.Broad * Math.Cos(angle)), y + (radius * ring.Tall * Math.Sin(angle)));
            }
        }

        // Beside the body, no longer than reads well, and drawn out where the movement is small.
        private List<(double X, double Y)> Fitted()
        {
            var length = Points.Zip(Points.Skip(1), Arrow.Distance).Sum();
            var scale = Math.Max(1, Shortest / length);
            var (x, y) = Points[0];
            var beside = Points
                .Select(p => (x + ((p.X - x) * scale) + (Outwards.X * Beside), y + ((p.Y - y) * scale) + (Outwards.Y * Beside)))
                .ToList();
            var reversed = Enumerable.Reverse(beside).ToList();
            return [.. Enumerable.Reverse(Arrow.Cut(reversed, (length * scale) - Longest))];
        }

        // Where one phase ends and the next begins a path has a corner; an arrow runs round it.
        private static List<(double X, double Y)> Smooth(List<(double X, double Y)> path)
        {
            const int around = StepsPerPhase / 2;
            return
            [
                .. path.Select(
                    (_, i) =>
                    {
                        var reach = Math.Min(around, Math.Min(i, path.Count - 1 - i));
                        var near = path.GetRange(i - reach, (2 * reach) + 1);
                        return (near.Average(p => p.X), near.Average(p => p.Y));
                    }
                ),
            ];
        }
    }
}
