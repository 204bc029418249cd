using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

internal sealed partial class StrainReading
{
    private void ReadNeck()
    {
        Grades(Strain.NeckBent, Most(p => Angle(p, Axis.NeckFlexion)), some: 20, much: 36);
        Grades(Strain.NeckBack, Most(p => -Angle(p, Axis.NeckFlexion)), some: 14, much: 23);
        Grades(Strain.NeckTilted, Most(p => Math.Abs(Angle(p, Axis.NeckSide))), some: 18, much: 30);
        Grades(Strain.NeckTurned, Most(p => Math.Abs(Angle(p, Axis.NeckRotation))), some: 14, much: 44);
        // The head goes round through a side and the front or back of its range.
        var rolls = Any(p => Math.Abs(Angle(p, Axis.NeckSide)) > 18) && Any(p => Angle(p, Axis.NeckFlexion) > 24);
        Mark(Strain.NeckRolled, rolls);
        Mark(Strain.NeckRolled, rolls && Move.Sides == Sidedness.Circling, Grade.Much);
        ReadHandsOnTheHead();
        ReadHeadCarried();
        ReadHeadHeight();
    }

    // Bowing in sitting or standing brings the head near the heart; on the knees it is near it anyway. Lying down it is level, unless the
    // hips go up.
    private void ReadHeadHeight()
    {
        var below = -Least(p => p.Facts.HeadAboveHeart);
        if (Position.Lying)
            Mark(Strain.HeadLow, HipsUp && below > 0.01);
        else if (Position.Family == Family.Floor && !OnFeet)
            Grades(Strain.HeadLow, below, some: 0.03, much: 0.2);
        else
            Grades(Strain.HeadLow, below, some: -0.065, much: 0.085);
    }

    private bool HipsUp => Position.Lying && Any(p => p.Facts.PelvisHeight > 0.1 && !Rests(p, "seat", "hip"));

    private void ReadHandsOnTheHead()
    {
        bool OnHead(PhaseForm p) => HandTouches(p, "occiput", "head-", "temple", "crown", "nape");
        static double Away(PhaseForm p) =>
            Math.Abs(Angle(p, Axis.NeckSide)) + Math.Abs(Angle(p, Axis.NeckFlexion)) + Math.Abs(Angle(p, Axis.NeckRotation));
        Mark(Strain.NeckLevered, Any(p => OnHead(p) && (!Position.Lying || Away(p) > 8)));
        Mark(Strain.NeckLevered, Any(p => OnHead(p) && Away(p) > 15 && Held), Grade.Much);
    }

    private void ReadHeadCarried()
    {
        // Lifted off the floor lying on the back, or with weight on it.
        Mark(
            Strain.NeckLoaded,
            Position.Lying && Any(p => Angle(p, Axis.NeckFlexion) > 15 && !Rests(p, "occiput", "ear", "crown")),
            Grade.Much
        );
        Mark(Strain.NeckLoaded, !Position.Lying && Any(p => p.Facts.OnHead > SomeWeight && !Rests(p, "forehead")), Grade.Much);
        // A bridge stands on the shoulders with the neck bent.
        Mark(Strain.NeckLoaded, HipsUp && Any(p => Angle(p, Axis.NeckFlexion) > 18), Grade.Much);
        Mark(Strain.NeckLoaded, LiftsOnTheFront);
    }

    // The chest comes off the floor by the back's own strength, lying on the front.
    private bool LiftsOnTheFront => Position.Id == "prone" && Any(p => -Spine(p, Axis.LowerFlexion, Axis.UpperFlexion) > 10);
}
