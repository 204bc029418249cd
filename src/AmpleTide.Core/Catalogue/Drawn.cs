using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>What a picture of a move shows beside the body's shape.</summary>
/// <param name="Signs">What goes on at which places of the body.</param>
/// <param name="Follow">The landmarks whose way an arrow shows; none leaves it to those that travel farthest.</param>
/// <param name="Strap">The landmarks a strap runs along.</param>
/// <param name="Stands">Props that bear nothing, each under the pictured place of a landmark.</param>
/// <param name="CloseUp">What the picture comes close to, or null for all of the body.</param>
/// <param name="Earlier">What is drawn before the pictured phase, in this order, where one moment does not tell the move.</param>
public sealed record Drawn(
    IReadOnlyList<(Sign Sign, Landmark At)> Signs,
    IReadOnlyList<Landmark> Follow,
    IReadOnlyList<Landmark> Strap,
    IReadOnlyDictionary<Support, Landmark> Stands,
    CloseUp? CloseUp,
    IReadOnlyList<Pictured> Earlier
)
{
    /// <summary>Nothing but the body and what it rests on.</summary>
    public static readonly Drawn Nothing = new([], [], [], new Dictionary<Support, Landmark>(), null, []);

    /// <summary>Right and left swapped.</summary>
    public Drawn Mirror() =>
        this with
        {
            Signs = [.. Signs.Select(s => (s.Sign, s.At.Mirror()))],
            Follow = [.. Follow.Select(m => m.Mirror())],
            Strap = [.. Strap.Select(m => m.Mirror())],
            Stands = Stands.ToDictionary(s => s.Key, s => s.Value.Mirror()),
        };
}

/// <summary>A moment of a picture.</summary>
/// <param name="Phase">The phase (from 0) whose end it shows.</param>
/// <param name="OnTheOtherSide">Whether right and left are swapped in it.</param>
public readonly record struct Pictured(int Phase, bool OnTheOtherSide);

/// <summary>What goes on at a place of the body that its shape does not show.</summary>
public enum Sign
{
    /// <summary>The attention rests there: a dotted ring.</summary>
    Attend,

    /// <summary>Breath comes and goes there: a stream, the way the phase breathes.</summary>
    Breath,

    /// <summary>The same, but the breath comes in by sips: a head for each.</summary>
    Sips,

    /// <summary>A straw that is only thought of, between the lips.</summary>
    Straw,

    /// <summary>A sound comes from there: notes.</summary>
    Sound,

    /// <summary>A whisper comes from there: bows that widen.</summary>
    Whisper,

    /// <summary>It is shaken: bows on both sides.</summary>
    Shake,

    /// <summary>It is tapped: rays.</summary>
    Tap,

    /// <summary>It goes round: a ring with a head.</summary>
    Circle,

    /// <summary>It turns about its own length, one way and the other: an arrow round it with two heads.</summary>
    Turn,

    /// <summary>It widens or grows: arrows out of the body.</summary>
    Outwards,

    /// <summary>It is pressed: arrows into the body.</summary>
    Inwards,

    /// <summary>It goes fast: dashes on both sides.</summary>
    Fast,

    /// <summary>In-breath and out-breath alike: two bars of one length.</summary>
    Even,

    /// <summary>The out-breath longer than the in-breath: a short bar and a long one.</summary>
    Longer,

    /// <summary>The eyes look there: a dotted line from them.</summary>
    Gaze,

    /// <summary>Three times: 3×.</summary>
    ThreeTimes,

    /// <summary>A ball that is only thought of, between this place and the next one named: its outline through both.</summary>
    Ball,

    /// <summary>This place and the next one named press against each other: an arrow from outside to each.</summary>
    Together,

    /// <summary>This place and the next one named are drawn apart: an arrow from each outwards.</summary>
    Apart,

    /// <summary>It is compared with the next place named: a ring round each, and a sign for alike between them.</summary>
    Compare,
}

/// <summary>What a picture comes close to, where all of the body would hide what matters.</summary>
public enum CloseUp
{
    /// <summary>The face.</summary>
    Face,

    /// <summary>Head and shoulders.</summary>
    Head,

    /// <summary>Head, arms and hands.</summary>
    Arms,

    /// <summary>Forearms and hands.</summary>
    Hands,

    /// <summary>One forearm and hand, where both do the same: the right one, and the left one on the other side.</summary>
    Hand,

    /// <summary>Shins and feet.</summary>
    Feet,

    /// <summary>One foot and the hands at it: the right one, and the left one on the other side.</summary>
    Foot,

    /// <summary>Thighs, hands, and the feet that are no lower than the knees.</summary>
    Lap,
}

/// <summary>What kinds of closeness there are.</summary>
public static class CloseUps
{
    /// <summary>Whether head and trunk are seen; hands and feet stand for themselves.</summary>
    public static bool IsBust(this CloseUp closeUp) => closeUp is CloseUp.Face or CloseUp.Head or CloseUp.Arms or CloseUp.Lap;
}

/// <summary>What face and hands do at the end of a phase.</summary>
/// <param name="Face">The face.</param>
/// <param name="Hands">Both hands.</param>
public sealed record Look(Face Face, Hands Hands)
{
    /// <summary>A quiet face, easy hands.</summary>
    public static readonly Look Calm = new(Face.Calm, Hands.Easy);
}

/// <summary>A face as it is drawn.</summary>
public enum Face
{
    /// <summary>Eyes open, lips together.</summary>
    Calm,

    /// <summary>Eyes shut, lips together.</summary>
    EyesShut,

    /// <summary>Eyes wide.</summary>
    EyesWide,

    /// <summary>Eyes shut, the mouth open.</summary>
    MouthOpen,

    /// <summary>Eyes open, the jaw let down.</summary>
    JawOpen,

    /// <summary>The lips rounded.</summary>
    LipsRound,

    /// <summary>Eyes and lips squeezed.</summary>
    Squeezed,

    /// <summary>The jaw to the side, teeth apart: to the right as it is written.</summary>
    JawAside,

    /// <summary>Eyes and mouth wide open, the tongue out.</summary>
    TongueOut,
}

/// <summary>Hands as they are drawn.</summary>
public enum Hands
{
    /// <summary>Fingers together.</summary>
    Easy,

    /// <summary>Fingers wide.</summary>
    Spread,

    /// <summary>Fists.</summary>
    Fists,

    /// <summary>Fingers hooked, the knuckles straight.</summary>
    Hooked,

    /// <summary>A finger on the thumb, the others wide.</summary>
    Pinched,
}
