using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Surface;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>
/// Shows in a still picture which part of the body moves, and which way: an arrow along the last of the way to the pictured
/// shape, beside the part that travels farthest, and beside its partner on the other side when that goes along.
/// </summary>
/// <param name="form">The move as it is taken.</param>
/// <param name="see">A point of the room on the picture, in thousandths of a stature.</param>
internal sealed class MotionArrows(MoveForm form, Func<Vector, Vector2> see)
{
    // In thousandths of a stature, by eye, no source: what is too small to be meant, how long an arrow has to be to be seen, how long
    // it may get, and how far beside the body it runs.
    private const float LeastTravel = 8,
        Shortest = 105,
        Longest = 260,
        Beside = 34;

    // A partner that travels this share of the way goes along.
    private const float GoesAlong = .6f;

    // Where the whole trunk goes along, the hips lead.
    private const float HipsFirst = 1.15f;

    // Both moments of a way shorter than this look alike at first sight, so that each has its arrow.
    private const float SmallWay = 130;

    private const float Small = .85f,
        Close = .7f;

    private const int StepsPerPhase = 8;

    private static readonly Landmark[] Tracked =
    [
        .. from name in new[] { "crown", "chin", "heart", "back", "low-back", "belly" } select Landmark.Find(name)!,
        .. from side in new[] { "right", "left" }
        from name in new[] { "fingertips", "elbow", "shoulder-top", "hip", "knee", "heel", "toe-tip" }
        select Landmark.Find($"{side}.{name}")!,
    ];

    /// <summary>Draws the arrows of a phase's picture.</summary>
    /// <param name="phase">The phase whose end is pictured.</param>
    /// <param name="since">The phase whose end is pictured before it, if any: the arrow begins there.</param>
    /// <param name="isOneOfSome">
    /// Whether others stand beside it: the first of them has arrows only where its way is small, and a ring is drawn once.
    /// </param>
    /// <param name="pen">Draws them.</param>
    public void Draw(int phase, int? since, bool isOneOfSome, MarkPen pen)
    {
        if (!HasArrows(phase))
            return;
        var circling = form.Move.Sides == Sidedness.Circling;
        if (circling && since is not null)
            return;
        var back = Before(phase, since ?? -1).Select(s => s.Skeleton()).ToList();
        var trails = Meant(back).ToList();
        if (isOneOfSome && since is null && !circling && trails.Exists(t => t.Travel > SmallWay))
            return;
        foreach (var trail in trails)
            if (circling || (!isOneOfSome && IsWheel && Ring.IsOf(trail)))
                Ring.Draw(trail, pen);
            else if (trail.Turned != 0)
                Ring.DrawTurn(trail, pen, !isOneOfSome && IsToAndFro);
            else
                Arrow.Along(pen, Fitted(trail), GoesBothWays, SizeOf(trail.Mark));
    }

    // Where the second side goes back the way the first came, or one phase swings from side to side.
    private bool GoesBothWays =>
        form.Move.Second == Second.Reverse || (form.Move.Sides == Sidedness.Alternating && form.Phases.Length == 1);

    // A way and its return, told by one picture.
    private bool IsToAndFro => GoesRound && form.Phases.Length == 2;

    // Whether its rounds run into each other.
    private bool GoesRound => !form.HasStay && form.Phases.Length > 1;

    // What is followed may go round in a move that is no circle of its own: arms against each other. It takes four quarters.
    private bool IsWheel => GoesRound && form.Phases.Length >= 4 && form.Drawn.Follow.Count > 0;

    // A hand, a foot, the head: smaller than a limb; all smaller where the picture is close.
    private float SizeOf(Landmark mark) =>
        (form.Drawn.CloseUp is null ? 1 : Close)
        * (mark.Segment.OnTheRight() is Segment.Head or Segment.RightHand or Segment.RightFoot or Segment.RightToes ? Small : 1);

    private bool HasArrows(int phase) =>
        // A hold is told by its shape, unless its author says what goes where.
        (form.Move.Kind is MoveKind.Flow or MoveKind.Rhythm || (form.Move.Kind == MoveKind.Hold && form.Drawn.Follow.Count > 0))
        // What is shaken or tapped goes no way; a ring says more than a piece of it, and so does an author who says what is pushed where.
        && !Signs
            .All(form, phase)
            .Any(s => s.Sign is Sign.Shake or Sign.Tap or Sign.Circle or Sign.Turn or Sign.Outwards or Sign.Inwards or Sign.Gaze)
        // Close to a face or to hands, these move by themselves.
        && (
            form.Drawn.CloseUp is not (CloseUp.Face or CloseUp.Hands or CloseUp.Hand)
            || form.Move.Sides == Sidedness.Circling
            || form.Drawn.Follow.Count > 0
        );

    // What the author follows, or what travels farthest, with its partner.
    private IEnumerable<Trail> Meant(List<Skeleton> back)
    {
        if (form.Drawn.Follow.Count > 0)
            return form.Drawn.Follow.Select(t => Trail.Of(t, back, see)).Where(t => t.Travel >= LeastTravel);
        var trails = Tracked.Select(t => Trail.Of(t, back, see)).ToList();
        var farthest = trails.MaxBy(t => t.Travel * (t.Mark.Name.EndsWith("hip", StringComparison.Ordinal) ? HipsFirst : 1))!;
        if (farthest.Travel < LeastTravel)
            return [];
        return trails.Where(t =>
            t == farthest || (t.Mark.Name == Contacts.MirrorName(farthest.Mark.Name) && t.Travel > GoesAlong * farthest.Travel)
        );
    }

    // The shapes on the way to a phase's end, from there backwards: to the moment pictured before, to the base shape, or once around when
    // the rounds of a move run into each other.
    private IEnumerable<Shape> Before(int phase, int since)
    {
        yield return form.Phases[phase].Shape;
        for (var back = 0; back < form.Phases.Length && (GoesRound || back <= phase); back++)
        {
            var at = (phase - back + form.Phases.Length) % form.Phases.Length;
            if (at == since)
                yield break;
            var start = at > 0 || !GoesRound ? form.StartOf(at) : form.Phases[^1].Shape;
            for (var step = StepsPerPhase - 1; step >= 0; step--)
                yield return start.Blend(form.Phases[at].Shape, step / (double)StepsPerPhase, form.Phases[at].Phase.Passage);
        }
    }

    // Beside the body, no longer than reads well, and drawn out where the movement is small; from its beginning to its tip.
    private List<Vector2> Fitted(Trail trail)
    {
        var close = form.Drawn.CloseUp is null ? 1 : Close;
        var (tip, beside) = (trail.Points[0], trail.Outwards * (Beside * close));
        var length = Arrow.Length(trail.Points);
        var scale = MathF.Max(1, Shortest * close / length);
        var way = trail.Points.ConvertAll(p => tip + ((p - tip) * scale) + beside);
        way = Arrow.WithoutEnd(way, MathF.Max(0, (length * scale) - Longest));
        way.Reverse();
        return way;
    }
}
