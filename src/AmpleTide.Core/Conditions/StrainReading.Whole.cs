using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

internal sealed partial class StrainReading
{
    private void ReadLying()
    {
        var side = Position.Id == "side-lying";
        Mark(Strain.FlatOnBack, Position.Lying && !side && Position.Demands.HasFlag(Demands.LyingFlat), Grade.Much);
        // As drawn, the right side is underneath.
        Mark(Strain.OnSide, side && limbs != Side.Left, Grade.Much);
        Mark(Strain.OnFront, Position.Id is "prone" or "sphinx" || Any(p => Rests(p, "pubis", "belly")), Grade.Much);
        Mark(
            Strain.BellyPressed,
            !Position.Lying && Any(p => Either(p, Axis.RightHipFlexion) > 98 && Spine(p, Axis.LowerFlexion, Axis.UpperFlexion) > 30)
        );
        Mark(Strain.BellyStrained, strains[Strain.NeckLoaded] == Grade.Much);
        Mark(
            Strain.BellyStrained,
            Position.Lying && strains[Strain.Rounded] == Grade.Much || Position.Id == "plank" || LiftsOnTheFront,
            Grade.Much
        );
    }

    private void ReadBreathAndEffort()
    {
        Mark(Strain.BreathHeld, Any(p => p.Phase.Breath is Breath.HoldIn or Breath.HoldOut));
        Mark(Strain.BreathHeld, phases.Count(p => p.Phase.Breath == Breath.In && p.Phase.Counts is <= 1) > 1, Grade.Much);
        Mark(Strain.BreathLed, Move.Kind == MoveKind.Breathing, from: Source.Kind);
        Grades(Strain.Effort, Move.Effort, some: 3, much: 3.5, Source.Kind);
        Mark(Strain.Quick, Move.Kind == MoveKind.Rhythm && Move.Effort > 2, from: Source.Kind);
        Mark(Strain.LookingIn, Any(p => p.Phase.Opens.Contains("eyes")) || Move.Kind == MoveKind.Breathing, from: Source.Kind);
        ReadStanding();
    }

    private void ReadStanding()
    {
        Mark(Strain.Balance, Standing && Any(p => Feet(p) == 1), Grade.Much);
        Mark(Strain.Balance, OnFeet && (strains[Strain.HeadLow] == Grade.Much), Grade.Much);
        Mark(
            Strain.Balance,
            Standing
                && (strains[Strain.Effort] > Grade.None || strains[Strain.LegsUneven] > Grade.None || strains[Strain.HeadLow] > Grade.None)
        );
        Mark(Strain.UpAndDown, Standing && strains[Strain.HeadLow] > Grade.None);
        Mark(Strain.UpAndDown, Most(p => p.Facts.PelvisHeight) - Least(p => p.Facts.PelvisHeight) > 0.12 && !Position.Lying);
    }

    private static int Feet(PhaseForm p) =>
        p
            .Shape.Contacts.Where(c => c.Mark.Segment is Segment.RightFoot or Segment.LeftFoot or Segment.RightToes or Segment.LeftToes)
            .Select(c => c.Mark.Name[..c.Mark.Name.IndexOf('.', StringComparison.Ordinal)])
            .Distinct()
            .Count();
}
