using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

internal sealed partial class StrainReading
{
    private const double SomeWeight = 0.12;

    private void ReadArms()
    {
        var lift = Most(Lift);
        var carries = Any(p => p.Facts.OnHands > SomeWeight) && !Position.Lying;
        Grades(
            Strain.ArmsRaised,
            Position.Plain && carries && lift < 110 ? 0 : lift,
            some: Position.Lying ? 95 : 80,
            much: Held && carries ? 140 : 200
        );
        ReadBehind();
        Mark(Strain.ArmsOpen, Any(p => Limbs(Axis.RightShoulderPlane).Any(a => Open(p, a))));
        Mark(Strain.ArmsAcross, Any(p => Limbs(Axis.RightShoulderPlane).Any(a => Across(p, a))));
        Mark(Strain.ArmsBearing, carries && Position.Family == Family.Floor && Position.Id is not ("folded-rest" or "prone"));
        Mark(Strain.ArmsBearing, OnFeet && !Standing || Position.Id == "plank", Grade.Much);
        Mark(
            Strain.HandsBearing,
            carries && Any(p => p.Facts.OnHands > 0.3 && Either(p, Axis.RightWrist, -1) > 25 && Rests(p, "palm-heel"))
        );
        Mark(Strain.HandsBearing, OnFeet && !Standing || Position.Id == "plank", Grade.Much);
        Mark(Strain.HandsGripping, form.Props.Contains("strap") || Any(p => p.Phase.Look.Hands is Hands.Fists));
        var circles = Move.Sides == Sidedness.Circling && Move.Circle == Circle.Backwards && lift > 60;
        Mark(Strain.ArmsSwung, circles);
    }

    private void ReadBehind()
    {
        bool Behind(PhaseForm p, Axis plane) => -Angle(p, plane) > 40 && Angle(p, plane + 1) > 12 && Angle(p, plane + 1) < 140;
        Mark(Strain.ArmsBehind, !Lies && Any(p => Limbs(Axis.RightShoulderPlane).Any(a => Behind(p, a))));
        Mark(
            Strain.ArmsBehind,
            Any(p => p.Phase.Opens.Any(o => o.Contains("clasp", StringComparison.Ordinal)) && Behind(p, Axis.RightShoulderPlane)),
            Grade.Much
        );
    }

    private bool Lies => Position.Lying || Position.Id == "prone";

    // Arms that hang while the trunk bows are not raised.
    private double Lift(PhaseForm p)
    {
        var body = p.Shape.Skeleton();
        double Of(Side side)
        {
            var hand = body[side == Side.Left ? Segment.LeftHand : Segment.RightHand].Origin.Y;
            var shoulder = body[side == Side.Left ? Segment.LeftUpperArm : Segment.RightUpperArm].Origin.Y;
            var hangs = (Position.Family is Family.Standing or Family.Seated) && hand < shoulder - 0.12 && p.Facts.OnHands < SomeWeight;
            return hangs ? 0 : Angle(p, Axis.RightShoulderElevation.On(side));
        }
        return limbs == Side.None ? Math.Max(Of(Side.Right), Of(Side.Left)) : Of(limbs);
    }

    // To the side or behind it, at shoulder height or above.
    private static bool Open(PhaseForm p, Axis plane) => Angle(p, plane) < 25 && Angle(p, plane + 1) is > 60 and < 150;

    private static bool Across(PhaseForm p, Axis plane) => Angle(p, plane) > 105 && Angle(p, plane + 1) is > 40 and < 130;
}
