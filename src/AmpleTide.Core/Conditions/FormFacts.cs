using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>
/// What a move in one position asks of a body, read off its shapes: the most of each thing over all its phases. Angles in degrees,
/// heights in statures, weights as shares of the whole.
/// </summary>
public sealed record FormFacts
{
    // The share of the weight from which a part is said to carry. Common practice, no source.
    private const double SomeWeight = 0.12;

    /// <summary>How far the head tilts to a side.</summary>
    public required double NeckTilt { get; init; }

    /// <summary>How far the head turns.</summary>
    public required double NeckTurn { get; init; }

    /// <summary>How far the head goes back.</summary>
    public required double NeckBack { get; init; }

    /// <summary>Whether the head circles.</summary>
    public required bool NeckCircles { get; init; }

    /// <summary>Whether hands lie on the head, or the head lifts or carries.</summary>
    public required bool NeckLoaded { get; init; }

    /// <summary>How far the head hangs below the heart.</summary>
    public required double HeadBelowHeart { get; init; }

    /// <summary>How far lower and upper spine round together.</summary>
    public required double Rounding { get; init; }

    /// <summary>How far they arch together.</summary>
    public required double Arching { get; init; }

    /// <summary>How far they turn together.</summary>
    public required double Twist { get; init; }

    /// <summary>Whether rounding is under load: standing, pulled by the hands, or lifting the head.</summary>
    public required bool RoundingLoaded { get; init; }

    /// <summary>How far a hip bends.</summary>
    public required double HipFlexion { get; init; }

    /// <summary>How far a thigh crosses the midline.</summary>
    public required double HipCrossing { get; init; }

    /// <summary>Whether a hip arches while it turns out.</summary>
    public required bool HipBackAndOut { get; init; }

    /// <summary>How far a straight leg is bent at the hip: hip flexion less knee flexion.</summary>
    public required double HamstringPull { get; init; }

    /// <summary>How far a knee bends.</summary>
    public required double KneeFlexion { get; init; }

    /// <summary>The share of the weight on knees and shins.</summary>
    public required double OnKnees { get; init; }

    /// <summary>The share on hands whose wrists are bent back over 60°.</summary>
    public required double OnBentWrists { get; init; }

    /// <summary>Whether toes are tucked under weight.</summary>
    public required bool TuckedToes { get; init; }

    /// <summary>Whether one foot carries it all.</summary>
    public required bool OnOneLeg { get; init; }

    /// <summary>How high an arm is lifted.</summary>
    public required double ArmLift { get; init; }

    /// <summary>Whether hands work behind the back.</summary>
    public required bool ArmsBehind { get; init; }

    /// <summary>Whether it lies flat on the back.</summary>
    public required bool FlatOnBack { get; init; }

    /// <summary>Whether it lies on the front.</summary>
    public required bool OnFront { get; init; }

    /// <summary>Whether the breath is held, in or out.</summary>
    public required bool BreathHeld { get; init; }

    /// <summary>Whether the breath comes in sips.</summary>
    public required bool BreathSipped { get; init; }

    /// <summary>Whether it is held with effort.</summary>
    public required bool Strained { get; init; }

    /// <summary>Whether it closes the eyes.</summary>
    public required bool EyesClosed { get; init; }

    /// <summary>Whether it is upright on the feet.</summary>
    public required bool Standing { get; init; }

    /// <summary>Reads a form.</summary>
    public static FormFacts Of(MoveForm form)
    {
        var phases = form.Phases;
        double Most(Func<PhaseForm, double> of) => Math.Max(0, phases.Max(of));
        double Sides(PhaseForm p, Axis right, Func<double, double> of) =>
            Math.Max(of(p.Shape.Angles[right]), of(p.Shape.Angles[Axes.Mirror(right)]));
        double Either(Axis right, int sign = 1) => Most(p => Sides(p, right, a => sign * a));
        bool Touching(PhaseForm p, string what) =>
            p.Shape.Touches.Any(t =>
                t.Mark.Segment is Segment.RightHand or Segment.LeftHand && t.On.Name.Contains(what, StringComparison.Ordinal)
            );
        bool Rests(PhaseForm p, params string[] marks) => p.Shape.Contacts.Any(c => marks.Contains(c.Mark.Name));
        double Spine(PhaseForm p, Axis lower, Axis upper) => p.Shape.Angles[lower] + p.Shape.Angles[upper];

        var circles = form.Move.Sides == Sidedness.Circling && phases.Any(p => Math.Abs(p.Shape.Angles[Axis.NeckSide]) > 15);
        var headLifted = form.Position.Lying && phases.Any(p => p.Shape.Angles[Axis.NeckFlexion] > 15 && !Rests(p, "occiput"));
        return new()
        {
            NeckTilt = Most(p => Math.Abs(p.Shape.Angles[Axis.NeckSide])),
            NeckTurn = Most(p => Math.Abs(p.Shape.Angles[Axis.NeckRotation])),
            NeckBack = Most(p => -p.Shape.Angles[Axis.NeckFlexion]),
            NeckCircles = circles,
            NeckLoaded =
                headLifted
                || phases.Any(p => Touching(p, "head-") || Touching(p, "temple") || p.Facts.OnHead > SomeWeight && !form.Position.Lying),
            HeadBelowHeart = Most(p => -p.Facts.HeadAboveHeart),
            Rounding = Most(p => Spine(p, Axis.LowerFlexion, Axis.UpperFlexion)),
            Arching = Most(p => -Spine(p, Axis.LowerFlexion, Axis.UpperFlexion)),
            Twist = Most(p => Math.Abs(Spine(p, Axis.LowerRotation, Axis.UpperRotation))),
            RoundingLoaded = phases.Any(p =>
                Spine(p, Axis.LowerFlexion, Axis.UpperFlexion) > 20
                && (
                    form.Position.Family == Family.Standing
                    || headLifted
                    || Touching(p, "knee")
                    || Touching(p, "shin")
                    || Touching(p, "calf")
                )
            ),
            HipFlexion = Either(Axis.RightHipFlexion),
            HipCrossing = Either(Axis.RightHipAbduction, -1),
            HipBackAndOut = phases.Any(p =>
                new[] { Axis.RightHipFlexion, Axis.LeftHipFlexion }.Any(hip => p.Shape.Angles[hip] < -8 && p.Shape.Angles[hip + 2] > 12)
            ),
            HamstringPull = Most(p =>
                Math.Max(
                    p.Shape.Angles[Axis.RightHipFlexion] - p.Shape.Angles[Axis.RightKnee],
                    p.Shape.Angles[Axis.LeftHipFlexion] - p.Shape.Angles[Axis.LeftKnee]
                )
            ),
            KneeFlexion = Either(Axis.RightKnee),
            // Shins and knees that merely lie on the floor are not knelt on.
            OnKnees = form.Position.Lying || form.Position.Demands.HasFlag(Demands.LyingFlat) ? 0 : Most(p => p.Facts.OnKnees),
            OnBentWrists = Most(p => p.Facts.OnHands * (Sides(p, Axis.RightWrist, a => -a) > 60 ? 1 : 0)),
            TuckedToes = phases.Any(p => Sides(p, Axis.RightToe, a => a) > 40 && p.Facts.OnFeet > SomeWeight),
            OnOneLeg = form.Position.Family == Family.Standing && phases.Any(p => Feet(p) == 1),
            ArmLift = Most(p => Sides(p, Axis.RightShoulderElevation, a => a)),
            ArmsBehind = phases.Any(p => Behind(p.Shape.Angles, Axis.RightShoulderPlane) || Behind(p.Shape.Angles, Axis.LeftShoulderPlane)),
            FlatOnBack = form.Position.Lying && form.Position.Demands.HasFlag(Demands.LyingFlat) && form.Position.Id != "side-lying",
            OnFront = phases.Any(p => Rests(p, "pubis", "belly")),
            BreathHeld = phases.Any(p => p.Phase.Breath is Breath.HoldIn or Breath.HoldOut),
            BreathSipped = phases.Count(p => p.Phase.Breath == Breath.In && p.Phase.Counts is <= 1) > 1,
            Strained = phases.Any(p => p.Phase is { IsStay: true, Pattern: Pattern.Effort }) || form.Move.Effort >= 3.5,
            EyesClosed = phases.Any(p => p.Phase.Opens.Contains("eyes")),
            Standing = form.Position.Family == Family.Standing,
        };
    }

    private static int Feet(PhaseForm p) =>
        p
            .Shape.Contacts.Where(c => c.Mark.Segment is Segment.RightFoot or Segment.LeftFoot or Segment.RightToes or Segment.LeftToes)
            .Select(c => c.Mark.Name[..c.Mark.Name.IndexOf('.', StringComparison.Ordinal)])
            .Distinct()
            .Count();

    private static bool Behind(Angles angles, Axis plane) => angles[plane] < -45 && angles[plane + 1] > 18 && angles[plane + 3] < 140;
}
