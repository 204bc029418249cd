using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

internal sealed partial class StrainReading
{
    private void ReadTrunk()
    {
        var rounding = Most(p => Spine(p, Axis.LowerFlexion, Axis.UpperFlexion));
        // Held in sitting or hanging, the weight of the trunk loads it; on the thighs or on all fours it does not.
        var loaded = Held && Position.Family is Family.Standing or Family.Seated;
        Grades(Strain.Rounded, rounding, some: 20, much: loaded || Standing && HangsLow ? 36 : 200);
        Mark(Strain.Rounded, Position.Lying && strains[Strain.NeckLoaded] == Grade.Much && rounding > 20, Grade.Much);
        Mark(Strain.Rounded, Move.Kind != MoveKind.Rest && Position.Id == "folded-rest");
        var turning = Enumerable.Range(0, phases.Length).Max(i => Math.Abs(Meant(i, Axis.LowerRotation) + Meant(i, Axis.UpperRotation)));
        var leaning = Enumerable.Range(0, phases.Length).Max(i => Math.Abs(Meant(i, Axis.LowerSide) + Meant(i, Axis.UpperSide)));
        Mark(Strain.RoundedAndTurned, rounding > 18 && Held && (turning > 10 || leaning > 14));
        Mark(Strain.RoundedAndTurned, rounding > 34 && HangsLow && (turning > 10 || leaning > 14));
        Grades(Strain.Turned, turning, some: 25, much: 44);
        // Held at its end, or drawn further by a hand.
        Mark(Strain.Turned, turning > 28 && Held && !Position.Lying, Grade.Much);
        Grades(Strain.SideBent, leaning, some: 18, much: 60);
        ReadArching();
    }

    private bool HangsLow => Least(p => p.Facts.HeadAboveHeart) < -0.085;

    private void ReadArching()
    {
        var arching = Most(p => -Spine(p, Axis.LowerFlexion, Axis.UpperFlexion));
        Grades(Strain.Arched, arching, some: 13.5, much: Position.Id == "prone" ? 15 : 40);
        Mark(Strain.Arched, Position.Id is "prone" or "sphinx" or "plank");
        Mark(Strain.Arched, HipsBehind > 14 && !Position.Lying);
    }
}
