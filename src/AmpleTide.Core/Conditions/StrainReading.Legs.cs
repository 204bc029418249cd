using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

internal sealed partial class StrainReading
{
    private double HipsBehind => MostMeant(Axis.RightHipFlexion, -1);

    private void ReadLegs()
    {
        ReadKnees();
        ReadFeet();
        ReadHips();
    }

    private void ReadKnees()
    {
        var bend = Most(p => Either(p, Axis.RightKnee));
        var knees = Most(p => p.Facts.OnKnees);
        var kneels =
            Position.Family == Family.Floor && Position.Demands.HasFlag(Demands.Kneeling)
            || Any(p => Rests(p, "kneecap")) && !Position.Lying && Position.Id is not ("prone" or "sphinx");
        Mark(Strain.Kneeling, kneels);
        Grades(Strain.KneeDeep, bend, some: 104, much: 400);
        Mark(Strain.KneeDeep, kneels && bend > 125, Grade.Much);
        var feet = Most(p => p.Facts.OnFeet);
        Mark(Strain.KneeBearingBent, Standing && feet > 0.5 && Any(p => Either(p, Axis.RightKnee) > 40 && p.Facts.HeadAboveHeart > 0));
        Mark(Strain.KneeTwisted, !kneels && MeantOrPosed(Axis.RightHipTurn) > 40 && bend > 90);
        Mark(Strain.LegsFoldedLong, Held && bend > 120 && (kneels || Position.LegsCrossed));
    }

    private void ReadFeet()
    {
        var bent = Any(p => Either(p, Axis.RightToe) > 36 && p.Facts.OnFeet > SomeWeight);
        Mark(Strain.ToesBearingBent, bent);
        Mark(Strain.ToesBearingBent, OnFeet && !Standing || Position.Id == "plank");
        Mark(Strain.ToesBearingBent, bent && Position.Id is "tucked-toe-sit", Grade.Much);
        Mark(Strain.FeetPressed, Any(p => Rests(p, "instep") && Either(p, Axis.RightKnee) > 120));
    }

    private void ReadHips()
    {
        var hips = Most(p => Either(p, Axis.RightHipFlexion));
        Grades(Strain.HipDeep, hips, some: 91, much: 101);
        Grades(Strain.HipAcross, MostMeant(Axis.RightHipAbduction, -1), some: 8, much: 14);
        Grades(Strain.HipTurnedIn, MostMeant(Axis.RightHipTurn, -1), some: 14, much: 24);
        Grades(Strain.HipTurnedOut, MeantOrPosed(Axis.RightHipTurn), some: 30, much: 60);
        Grades(Strain.HipBehind, HipsBehind, some: 9, much: 13);
        Mark(Strain.HipBehind, HipsUp || LiftsOnTheFront);
        Grades(Strain.LegsWide, MeantOrPosed(Axis.RightHipAbduction), some: 27, much: 46);
        var uneven = Any(p =>
            Math.Abs(Angle(p, Axis.RightHipFlexion) - Angle(p, Axis.LeftHipFlexion)) > 20
            || Math.Abs(Angle(p, Axis.RightHipAbduction) - Angle(p, Axis.LeftHipAbduction)) > 16
        );
        Mark(Strain.LegsUneven, uneven);
        Mark(
            Strain.LegsUneven,
            uneven && (OnFeet && Held || HipsBehind > 15 || strains[Strain.KneeTwisted] > Grade.None && hips > 125),
            Grade.Much
        );
        var pull = Most(p =>
            Math.Max(Angle(p, Axis.RightHipFlexion) - Angle(p, Axis.RightKnee), Angle(p, Axis.LeftHipFlexion) - Angle(p, Axis.LeftKnee))
        );
        Grades(Strain.LegStraightPulled, pull, some: 62, much: 88);
    }
}
