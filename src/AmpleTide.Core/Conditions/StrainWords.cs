using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>What a strain is called, as the end of "because …": for some of it, and for much; and how less of it is asked.</summary>
public static class StrainWords
{
    private static readonly Dictionary<Strain, (string Some, string Much, string Less)> Words = new()
    {
        [Strain.NeckBent] = ("the chin comes towards the chest", "the chin goes far to the chest", "nod only half-way"),
        [Strain.NeckBack] = ("the head goes back", "the head goes far back", "look ahead and not up"),
        [Strain.NeckTilted] = ("the head tilts to a side", "the head tilts far to a side", "a small tilt"),
        [Strain.NeckTurned] = ("the head turns", "the head turns far", "the nose stays near the middle"),
        [Strain.NeckRolled] = (
            "the head rolls through part of a circle",
            "the head goes round in full circles",
            "a small arc, or the eyes alone"
        ),
        [Strain.NeckLevered] = (
            "an arm or hand holds on to the neck's stretch",
            "a hand weighs on the head",
            "no hand and no hold on the neck"
        ),
        [Strain.NeckLoaded] = ("the neck carries the head", "the neck carries weight", "the head rests, or lifts hardly at all"),
        [Strain.HeadLow] = (
            "the head comes near the heart or below it",
            "the head hangs below the heart",
            "the head level: at a chair, a wall, or on cushions"
        ),
        [Strain.HeadQuick] = ("the head is shaken along", "the head swings fast", "slowly, the eyes on one spot"),
        [Strain.JawWorked] = ("the jaw works or is pressed", "the jaw is pressed hard", "teeth apart, nothing pressing on the jaw"),
        [Strain.FacePressed] = ("face and eyes are pressed or buzz", "the eyes are squeezed", "face and eyes stay soft"),
        [Strain.Rounded] = ("the spine rounds", "the spine rounds far, under load", "hinge with a long back, half-way"),
        [Strain.RoundedAndTurned] = (
            "rounding comes with a turn or side bend",
            "rounding comes with a far turn",
            "turn sitting tall, without rounding"
        ),
        [Strain.Arched] = ("the back arches", "the back arches with force", "lift the breastbone, the waist stays long"),
        [Strain.Turned] = ("the trunk turns", "the trunk turns to its end", "half the turn, from the ribs"),
        [Strain.SideBent] = ("the trunk bends to a side", "the trunk bends far to a side", "lean half as far"),
        [Strain.BellyStrained] = (
            "the belly works hard",
            "the belly strains and may bulge",
            "breathe out on the effort, and half as much of it"
        ),
        [Strain.BellyPressed] = ("the belly is folded or pressed", "the belly is pressed hard", "knees wide, room for the belly"),
        [Strain.OnFront] = ("it lies partly on the front", "it lies on the front", "a blanket under the belly, briefly"),
        [Strain.FlatOnBack] = ("it leans far back", "it lies flat on the back", "a minute at most, or propped"),
        [Strain.OnSide] = (
            "it lies partly on a side",
            "it lies on the side",
            "a pillow under the head and between the knees, on the better side"
        ),
        [Strain.BreathHeld] = ("the breath pauses or strains", "the breath is held or stacked", "without the pause"),
        [Strain.BreathFull] = ("the breaths are full", "the breaths are forced", "ordinary breaths"),
        [Strain.BreathLed] = ("the breath is led", "the breath is led for long", "their own breath, or a few breaths of it"),
        [Strain.Effort] = ("it takes effort", "it takes strong effort", "half as strong, ten seconds, breathing"),
        [Strain.Quick] = ("it is quick", "it is quick and swings", "slow"),
        [Strain.UpAndDown] = (
            "the body goes down and comes up",
            "the body goes down and up again and again",
            "stay up, or come up in stages"
        ),
        [Strain.StandingStill] = ("it stands still", "it stands still for long", "shift the weight, or sit"),
        [Strain.Balance] = ("it takes balance", "it stands on little, or bowed low", "both hands on a chair or the wall"),
        [Strain.Swayed] = ("the trunk sways or circles", "the trunk swings round", "small, the eyes on one spot"),
        [Strain.ArmsRaised] = (
            "the arms go to shoulder height or above",
            "the arms are held or loaded overhead",
            "arms below shoulder height"
        ),
        [Strain.ArmsOpen] = ("the arms open wide", "the arms open wide and turn out", "elbows in front of the body"),
        [Strain.ArmsBehind] = ("the arms go behind the body", "the arms are bound or loaded behind the body", "hands on the hips"),
        [Strain.ArmsAcross] = ("an arm crosses the body", "an arm is drawn across the body", "hold the wrist, arm low"),
        [Strain.ArmsSwung] = ("the arms circle or swing", "the arms circle fast", "small and slow"),
        [Strain.ArmsBearing] = ("the arms bear weight", "the arms bear much weight", "on the forearms, or at a wall"),
        [Strain.ArmsPressed] = ("an arm is held or pressed", "an arm is held tight", "nothing tight round the arm"),
        [Strain.ArmNerve] = (
            "the nerves of the arm are drawn long",
            "the nerves of the arm are drawn long and held",
            "elbow bent, fingers soft"
        ),
        [Strain.HandsBearing] = (
            "the hands bear weight, bent back",
            "the hands bear much weight, bent back",
            "on fists or forearms, or at a wall"
        ),
        [Strain.HandsGripping] = ("the hands grip, clasp or press", "the wrist is drawn to its end", "hold lightly, or a strap loop"),
        [Strain.Kneeling] = ("it kneels", "it kneels hard", "padding under the knees"),
        [Strain.KneeDeep] = ("the knee bends far", "the bent knees carry the weight", "bend as far as it goes by itself"),
        [Strain.KneeBearingBent] = ("a bent knee carries", "a deeply bent knee carries", "half as deep, the knee over the toes"),
        [Strain.KneeTwisted] = (
            "the knee is turned while it bends",
            "the bent knee is drawn and turned",
            "the lower leg stays in line with the thigh"
        ),
        [Strain.LegsFoldedLong] = ("the legs stay folded", "the legs stay folded under weight", "change the legs every two minutes"),
        [Strain.ToesBearingBent] = ("bent toes bear weight", "bent toes bear all the weight", "heels down, or half as high"),
        [Strain.FeetPressed] = ("the feet are pressed", "the feet are pressed long, or struck", "padding under the feet"),
        [Strain.HipDeep] = ("the hip bends past a right angle", "the hip bends deeply", "the thigh short of a right angle"),
        [Strain.HipAcross] = ("a thigh comes to the midline", "a thigh crosses the midline", "the knee stays on its side"),
        [Strain.HipTurnedIn] = ("a thigh turns in", "a thigh turns far in", "toes ahead"),
        [Strain.HipTurnedOut] = ("a thigh turns out", "a thigh turns far out", "the knee less far out, a cushion under it"),
        [Strain.HipBehind] = ("a thigh comes level with the body or behind it", "a leg is taken behind the body", "a shorter step"),
        [Strain.LegsWide] = ("the legs are wide", "the legs are very wide", "feet closer"),
        [Strain.LegsUneven] = (
            "the legs do different things",
            "one leg carries, or the legs are far apart",
            "feet level, small, holding a chair"
        ),
        [Strain.LegStraightPulled] = ("a straight leg is drawn up", "straight legs are drawn to their end", "the knee bent, the foot soft"),
        [Strain.LegsRaised] = ("the legs lie raised", "the legs lie high", "lower, or propped"),
        [Strain.LookingIn] = ("the eyes close or the attention goes inside", "it looks inside for long", "eyes open, a free choice"),
        [Strain.Exposed] = ("it is bound, open or face down", "it is tied, or open to view", "hands and legs free, a choice of how"),
        [Strain.Kneaded] = ("skin or muscle is kneaded", "it strikes or kneads hard", "stroke and do not press"),
        [Strain.Hung] = (
            "it pulls or hangs at the end of the range",
            "a hand pulls past the end of the range",
            "two thirds of the way, with muscle"
        ),
    };

    /// <summary>How less of a strain is asked: what to say to somebody who takes a move smaller.</summary>
    public static string Less(this Strain strain) => Words[strain].Less;

    /// <summary>A strain in words.</summary>
    public static string Said(this Strain strain, Grade grade) => grade == Grade.Much ? Words[strain].Much : Words[strain].Some;
}
