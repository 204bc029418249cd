using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>What a strain is called, as the end of "because …": for some of it, and for much.</summary>
public static class StrainWords
{
    private static readonly Dictionary<Strain, (string Some, string Much)> Words = new()
    {
        [Strain.NeckBent] = ("the chin comes towards the chest", "the chin goes far to the chest"),
        [Strain.NeckBack] = ("the head goes back", "the head goes far back"),
        [Strain.NeckTilted] = ("the head tilts to a side", "the head tilts far to a side"),
        [Strain.NeckTurned] = ("the head turns", "the head turns far"),
        [Strain.NeckRolled] = ("the head rolls through part of a circle", "the head goes round in full circles"),
        [Strain.NeckLevered] = ("an arm or hand holds on to the neck's stretch", "a hand weighs on the head"),
        [Strain.NeckLoaded] = ("the neck carries the head", "the neck carries weight"),
        [Strain.HeadLow] = ("the head comes near the heart or below it", "the head hangs below the heart"),
        [Strain.HeadQuick] = ("the head is shaken along", "the head swings fast"),
        [Strain.JawWorked] = ("the jaw works or is pressed", "the jaw is pressed hard"),
        [Strain.FacePressed] = ("face and eyes are pressed or buzz", "the eyes are squeezed"),
        [Strain.Rounded] = ("the spine rounds", "the spine rounds far, under load"),
        [Strain.RoundedAndTurned] = ("rounding comes with a turn or side bend", "rounding comes with a far turn"),
        [Strain.Arched] = ("the back arches", "the back arches with force"),
        [Strain.Turned] = ("the trunk turns", "the trunk turns to its end"),
        [Strain.SideBent] = ("the trunk bends to a side", "the trunk bends far to a side"),
        [Strain.BellyStrained] = ("the belly works hard", "the belly strains and may bulge"),
        [Strain.BellyPressed] = ("the belly is folded or pressed", "the belly is pressed hard"),
        [Strain.OnFront] = ("it lies partly on the front", "it lies on the front"),
        [Strain.FlatOnBack] = ("it leans far back", "it lies flat on the back"),
        [Strain.OnSide] = ("it lies partly on a side", "it lies on the side"),
        [Strain.BreathHeld] = ("the breath pauses or strains", "the breath is held or stacked"),
        [Strain.BreathFull] = ("the breaths are full", "the breaths are forced"),
        [Strain.BreathLed] = ("the breath is led", "the breath is led for long"),
        [Strain.Effort] = ("it takes effort", "it takes strong effort"),
        [Strain.Quick] = ("it is quick", "it is quick and swings"),
        [Strain.UpAndDown] = ("the body goes down and comes up", "the body goes down and up again and again"),
        [Strain.StandingStill] = ("it stands still", "it stands still for long"),
        [Strain.Balance] = ("it takes balance", "it stands on little, or bowed low"),
        [Strain.Swayed] = ("the trunk sways or circles", "the trunk swings round"),
        [Strain.ArmsRaised] = ("the arms go to shoulder height or above", "the arms are held or loaded overhead"),
        [Strain.ArmsOpen] = ("the arms open wide", "the arms open wide and turn out"),
        [Strain.ArmsBehind] = ("the arms go behind the body", "the arms are bound or loaded behind the body"),
        [Strain.ArmsAcross] = ("an arm crosses the body", "an arm is drawn across the body"),
        [Strain.ArmsSwung] = ("the arms circle or swing", "the arms circle fast"),
        [Strain.ArmsBearing] = ("the arms bear weight", "the arms bear much weight"),
        [Strain.ArmsPressed] = ("an arm is held or pressed", "an arm is held tight"),
        [Strain.ArmNerve] = ("the nerves of the arm are drawn long", "the nerves of the arm are drawn long and held"),
        [Strain.HandsBearing] = ("the hands bear weight, bent back", "the hands bear much weight, bent back"),
        [Strain.HandsGripping] = ("the hands grip, clasp or press", "the wrist is drawn to its end"),
        [Strain.Kneeling] = ("it kneels", "it kneels hard"),
        [Strain.KneeDeep] = ("the knee bends far", "the bent knees carry the weight"),
        [Strain.KneeBearingBent] = ("a bent knee carries", "a deeply bent knee carries"),
        [Strain.KneeTwisted] = ("the knee is turned while it bends", "the bent knee is drawn and turned"),
        [Strain.LegsFoldedLong] = ("the legs stay folded", "the legs stay folded under weight"),
        [Strain.ToesBearingBent] = ("bent toes bear weight", "bent toes bear all the weight"),
        [Strain.FeetPressed] = ("the feet are pressed", "the feet are pressed long, or struck"),
        [Strain.HipDeep] = ("the hip bends past a right angle", "the hip bends deeply"),
        [Strain.HipAcross] = ("a thigh comes to the midline", "a thigh crosses the midline"),
        [Strain.HipTurnedIn] = ("a thigh turns in", "a thigh turns far in"),
        [Strain.HipTurnedOut] = ("a thigh turns out", "a thigh turns far out"),
        [Strain.HipBehind] = ("a thigh comes level with the body or behind it", "a leg is taken behind the body"),
        [Strain.LegsWide] = ("the legs are wide", "the legs are very wide"),
        [Strain.LegsUneven] = ("the legs do different things", "one leg carries, or the legs are far apart"),
        [Strain.LegStraightPulled] = ("a straight leg is drawn up", "straight legs are drawn to their end"),
        [Strain.LegsRaised] = ("the legs lie raised", "the legs lie high"),
        [Strain.LookingIn] = ("the eyes close or the attention goes inside", "it looks inside for long"),
        [Strain.Exposed] = ("it is bound, open or face down", "it is tied, or open to view"),
        [Strain.Kneaded] = ("skin or muscle is kneaded", "it strikes or kneads hard"),
        [Strain.Hung] = ("it pulls or hangs at the end of the range", "a hand pulls past the end of the range"),
    };

    /// <summary>A strain in words.</summary>
    public static string Said(this Strain strain, Grade grade) => grade == Grade.Much ? Words[strain].Much : Words[strain].Some;
}
