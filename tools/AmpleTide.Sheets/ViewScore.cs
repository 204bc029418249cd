using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Raster;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Sheets;

/// <summary>
/// How much a viewpoint tells of a move: whether what works is seen, at its length, along the plane it moves in. It proposes; an author
/// looks and confirms, because a score sees neither an expression nor a habit of the eye. Weights by eye, no source.
/// </summary>
internal sealed class ViewScore
{
    // The last of several moments is the one that matters most.
    private const double Earlier = .6;

    private readonly MoveForm form;
    private readonly List<(Moment Moment, double Weight)> moments;

    /// <summary>Prepares a move for many viewpoints.</summary>
    /// <param name="form">The move as it is taken.</param>
    public ViewScore(MoveForm form)
    {
        this.form = form;
        var phases = Moments.Of(form).Where(m => !m.OnTheOtherSide).Select(m => m.Phase).ToList();
        moments = [.. phases.Select((p, i) => (new Moment(form, p, i == 0 ? null : phases[i - 1]), i == phases.Count - 1 ? 1 : Earlier))];
    }

    /// <summary>The score of a viewpoint; .02 more is a difference that can be seen.</summary>
    public double Of(Viewpoint view) =>
        (moments.Sum(m => m.Weight * m.Moment.Score(view)) / moments.Sum(m => m.Weight)) + Prior(view, form.View);

    /// <summary>The best of the viewpoints within reach of the author's and of its mirror.</summary>
    public Viewpoint Best()
    {
        const int step = 10;
        double[] aboves = IsLow ? [8, 16, 26] : [6, 12, 20];
        return aboves
            .SelectMany(above => Enumerable.Range(0, 360 / step).Select(i => new Viewpoint((i * step) - 180, above)))
            .Where(IsNearTheAuthors)
            .Append(form.View)
            .MaxBy(Of);
    }

    private bool IsLow => form.Phases[form.Move.Picture].Shape.Skeleton()[Segment.Head].Origin.Y < .2;

    private bool IsNearTheAuthors(Viewpoint view) =>
        Apart(view.Around, form.View.Around) <= 62 || Apart(view.Around, -form.View.Around) <= 42;

    private static double Apart(double a, double b) => Math.Abs(((((a - b) % 360) + 540) % 360) - 180);

    // From above a body is a plan, from the floor its mat is a line; and what an author chose has its reasons.
    private static double Prior(Viewpoint view, Viewpoint author) =>
        (Apart(view.Around, author.Around) < 25 ? .015 : 0)
        - (.004 * Math.Max(0, view.Above - Math.Max(14, author.Above)))
        - (.001 * Math.Max(0, 7 - view.Above));

    /// <summary>One pictured moment of a move.</summary>
    private sealed class Moment
    {
        private static readonly (Part Part, Segment Segment, double Weight, double Long, double Wide)[] Limbs =
        [
            (Part.RightUpperArm, Segment.RightUpperArm, .8, .186, .055),
            (Part.RightForearm, Segment.RightForearm, 1, .146, .040),
            (Part.RightPalm, Segment.RightHand, 1.1, .110, .040),
            (Part.RightThigh, Segment.RightThigh, .9, .245, .092),
            (Part.RightShank, Segment.RightShank, .9, .246, .058),
            (Part.RightFoot, Segment.RightFoot, .6, .150, .045),
        ];

        private static readonly Landmark[] Moving =
        [
            .. from name in new[] { "crown", "heart", "back", "belly" } select Landmark.Find(name)!,
            .. from side in new[] { "right", "left" }
            from name in new[] { "fingertips", "elbow", "knee", "toe-tip" }
            select Landmark.Find($"{side}.{name}")!,
        ];

        private readonly Scene scene;
        private readonly Shape shape;
        private readonly Vector3 centre;
        private readonly List<(Part Part, double Weight, double Area, bool Touches)> parts = [];
        private readonly List<(Vector3 Way, double Weight)> ways;
        private readonly bool armsAlike,
            legsAlike;

        public Moment(MoveForm form, int phase, int? since)
        {
            scene = Scene.Of(form, phase);
            shape = form.Phases[phase].Shape;
            centre = FigureDrawing.CentreOf(shape).Single();
            var (now, start) = (shape.Skeleton(), (since is { } s ? form.Phases[s].Shape : form.StartOf(phase)).Skeleton());
            (armsAlike, legsAlike) = (Alike(Axis.RightGirdleUp, Axis.RightWristDeviation), Alike(Axis.RightHipFlexion, Axis.RightToe));
            for (var side = 0; side < 2; side++)
                foreach (var (part, right, weight, length, wide) in Limbs)
                {
                    var segment = right.OnSide(side);
                    var touches = shape.Touches.Any(t => t.Mark.Segment == segment || t.On.Segment == segment);
                    var moved = (now[segment].At(0, -length / 2, 0) - start[segment].At(0, -length / 2, 0)).Length;
                    var counts = weight * (1 + (1.2 * Math.Min(1, moved / .25))) * (touches ? (part == Part.RightPalm ? 2 : 1.4) : 1);
                    parts.Add((part.On(side), counts, length * wide, touches && part is Part.RightPalm or Part.RightFoot));
                }
            parts.Add((Part.Trunk, 1.4, .045, false));
            parts.Add((Part.Head, 2, .0055, false));
            var all = Moving.Select(m => (m.On(now) - m.On(start)).Single()).Where(w => w.Length() > .006f).ToList();
            ways = [.. all.Where(w => w.Length() > .4f * all.Max(o => o.Length())).Select(w => (w, Math.Min(.5, w.Length())))];
        }

        public double Score(Viewpoint view)
        {
            var camera = new Camera(view, centre, 1);
            var seen = Grouped(Renderer.Seen(scene, view, centre));
            var chest = camera.Seen(scene.Pose.Chest.Z).Z;
            return (.56 * Visible(seen))
                + (.20 * Ways(camera))
                + (.24 * Lengths(camera))
                - (.16 * (1 - Touching(seen)))
                - (.14 * (1 - Bends(camera, out var bent)) * Math.Min(1, bent / 40))
                - (.05 * (1 - Props(seen)))
                + (.03 * Math.Max(0, chest))
                + (.03 * Math.Max(0, camera.Seen(Vector3.Normalize(scene.Pose.Head.Z)).Z));
        }

        // Hands and feet as wholes.
        private static Dictionary<Part, double> Grouped(IReadOnlyDictionary<Part, double> seen)
        {
            Part Whole(Part part) =>
                part.IsHand() ? Part.RightPalm.On(part.IsLeft() ? 1 : 0)
                : part.IsFoot() ? Part.RightFoot.On(part.IsLeft() ? 1 : 0)
                : part is Part.Hair or Part.Ear ? Part.Head
                : part;
            return seen.GroupBy(s => Whole(s.Key)).ToDictionary(g => g.Key, g => g.Sum(s => s.Value));
        }

        // Where both sides do the same, one seen well stands for the other.
        private double Visible(Dictionary<Part, double> seen)
        {
            double Seen(Part part, double area) => Math.Pow(Math.Min(1, seen.GetValueOrDefault(part) / area), .6);
            double sum = 0,
                of = 0;
            foreach (var (part, weight, area, _) in parts)
            {
                var here = Seen(part, area);
                if (part.IsLimb() && (part.IsArm() ? armsAlike : legsAlike))
                {
                    var there = Seen(part.OnTheRight().On(part.IsLeft() ? 0 : 1), area);
                    here = (.75 * Math.Max(here, there)) + (.25 * Math.Min(here, there));
                }
                sum += weight * here;
                of += weight;
            }
            return sum / of;
        }

        private double Touching(Dictionary<Part, double> seen)
        {
            var touching = parts.Where(p => p.Touches).ToList();
            return touching.Count == 0 ? 1 : touching.Average(p => Math.Sqrt(Math.Min(1, seen.GetValueOrDefault(p.Part) / (.38 * p.Area))));
        }

        private double Ways(Camera camera) =>
            ways.Count == 0 ? .8 : ways.Sum(w => w.Weight * Flat(camera, w.Way) / w.Way.Length()) / ways.Sum(w => w.Weight);

        // How long trunk and limbs are seen; four fifths of their length is enough.
        private double Lengths(Camera camera)
        {
            double sum = 0,
                of = 0;
            void Bone(Vector3 from, Vector3 to, double weight)
            {
                sum += weight * Math.Min(1, Flat(camera, to - from) / (to - from).Length() / .8);
                of += weight;
            }
            var pose = scene.Pose;
            Bone(pose[Segment.Pelvis].Origin, pose.Chest.Origin, 3);
            for (var side = 0; side < 2; side++)
            {
                Bone(pose.On(Segment.RightThigh, side).Origin, pose.On(Segment.RightShank, side).Origin, 1);
                Bone(pose.On(Segment.RightShank, side).Origin, pose.On(Segment.RightFoot, side).Origin, 1);
                Bone(pose.On(Segment.RightUpperArm, side).Origin, pose.On(Segment.RightForearm, side).Origin, 1);
                Bone(pose.On(Segment.RightForearm, side).Origin, pose.On(Segment.RightHand, side).Origin, 1);
            }
            return sum / of;
        }

        // A bend is read across the plane it lies in: a side bend and a twist from before or behind, a fold or an arch from the side.
        private double Bends(Camera camera, out double bent)
        {
            double At(Axis axis) => shape.Angles[axis];
            var pose = scene.Pose;
            (double Degrees, double Flat)[] all =
            [
                (Math.Abs(At(Axis.LowerSide) + At(Axis.UpperSide)) + (.5 * Math.Abs(At(Axis.PelvisLean))), Flat(camera, pose.Chest.X)),
                (Math.Abs(At(Axis.LowerFlexion) + At(Axis.UpperFlexion)), Flat(camera, pose.Chest.Z)),
                (Math.Abs(At(Axis.LowerRotation) + At(Axis.UpperRotation)), Flat(camera, pose[Segment.Pelvis].X)),
                (.5 * Math.Abs(At(Axis.NeckFlexion)), Flat(camera, Vector3.Normalize(pose.Head.Z))),
                (.5 * Math.Abs(At(Axis.NeckSide)), Flat(camera, Vector3.Normalize(pose.Head.X))),
            ];
            bent = all.Sum(b => b.Degrees);
            return bent < 1 ? 1 : all.Sum(b => b.Degrees * b.Flat) / bent;
        }

        private double Props(Dictionary<Part, double> seen) =>
            scene.Props.All(p => p.Contacts.All(c => c.On == Support.Floor)) && scene.Standing.Count == 0
                ? 1
                : Math.Min(1, seen.Where(s => s.Key.IsProp()).Sum(s => s.Value) / .012);

        private bool Alike(Axis first, Axis last)
        {
            const double degrees = 14;
            for (var axis = first; axis <= last; axis++)
                if (Math.Abs(shape.Angles[axis] - shape.Angles[Axes.Mirror(axis)]) > degrees)
                    return false;
            return true;
        }

        private static double Flat(Camera camera, Vector3 way)
        {
            var seen = camera.Seen(way);
            return Math.Sqrt((seen.X * seen.X) + (seen.Y * seen.Y));
        }
    }
}
