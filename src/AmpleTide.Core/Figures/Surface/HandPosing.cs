using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>
/// Finds how a hand lies: as its author says, flat where it bears on something, and draped over what it touches until the fingers
/// meet it. Angles in radians, by eye, no source.
/// </summary>
internal sealed class HandPosing
{
    // The thumb's joint and tip, in the frame of the hand.
    private static readonly (Vector3 Middle, Vector3 Tip) ThumbAlong = (new(.006f, -.032f, .028f), new(.008f, -.054f, .031f)),
        ThumbBeside = (new(.002f, -.030f, .024f), new(.002f, -.052f, .024f)),
        ThumbOut = (new(.004f, -.028f, .034f), new(.004f, -.044f, .050f)),
        ThumbOver = (new(.016f, -.034f, .022f), new(.024f, -.048f, .006f)),
        ThumbAround = (new(.014f, -.032f, .026f), new(.030f, -.044f, .024f)),
        ThumbLaced = (new(.006f, -.034f, .022f), new(.012f, -.052f, .016f));

    // How far laced fingers are curled.
    private const float Laced = .72f;

    private readonly Pose pose;
    private readonly int side;
    private readonly Look look;
    private readonly HandFrame skeleton;
    private HandFrame hand;

    private HandPosing(Pose pose, Look look, int side)
    {
        (this.pose, this.look, this.side) = (pose, look, side);
        skeleton = hand = HandFrame.Of(pose, side);
    }

    /// <summary>The poses of both hands, the right one first.</summary>
    public static HandPose[] Both(Pose pose, Look look) => [new HandPosing(pose, look, 0).Find(), new HandPosing(pose, look, 1).Find()];

    private HandPose Find()
    {
        if (look.Hands != Hands.Easy)
            return Told(look.Hands);
        var bearing = pose.Shape.Contacts.Where(c => c.Mark.Segment == Mine).ToList();
        if (bearing.Exists(c => Mark(c.Mark) == "knuckles"))
            return Told(Hands.Fists);
        var palmDown = bearing.Where(c => Mark(c.Mark) != "hand-back").ToList();
        if (palmDown.Count > 1)
            return Flat(palmDown[0].On);
        if (palmDown.Count == 1 && Mark(palmDown[0].Mark) == "fingertips")
            return OnFingertips();
        // What the hands do together comes before what one of them leans on.
        var touches = pose.Shape.Touches;
        var touch =
            touches.FirstOrDefault(t => t.Grip is Grip.Press or Grip.Clasp && (IsMine(t) || IsMutual(t)))
            ?? touches.FirstOrDefault(IsMine)
            ?? touches.FirstOrDefault(IsMutual);
        return touch is null ? Easy(.34f) : Touching(touch);
    }

    private Segment Mine => Segment.RightHand.OnSide(side);

    private Segment Other => Segment.RightHand.OnSide(1 - side);

    private bool IsMine(Touch touch) => touch.Mark.Segment == Mine;

    // Clasped and pressed hands do it to each other.
    private bool IsMutual(Touch touch) => touch.On.Segment == Mine && touch.Grip is Grip.Clasp or Grip.Press && touch.Mark.Segment == Other;

    private static string Mark(Landmark mark) => mark.Name[(mark.Name.IndexOf('.') + 1)..];

    // ---- poses that are told ----

    private HandPose Told(Hands hands) =>
        hands switch
        {
            Hands.Fists => As(Curled(1.15f), ThumbOver),
            Hands.Spread => As(Fanned(.20f, 0), ThumbOut),
            Hands.Hooked => As([.. All(_ => new Finger(0, .1f, 1.8f, 1.3f))], ThumbAlong),
            _ => Pinched(),
        };

    private HandPose Pinched()
    {
        Finger[] fingers = [.. All(i => i == 0 ? Bent(.55f, Fan(i, .09f)) : Bent(.12f, Fan(i, .09f)))];
        Span<Vector3> joints = stackalloc Vector3[4];
        var plain = new HandFrame(Vector3.Zero, Vector3.UnitX, Vector3.UnitY, Vector3.UnitZ);
        HandSurface.Joints(plain, 0, fingers[0], joints);
        return As(fingers, (new(.020f, -.034f, .030f), joints[3] / HandFrame.Scale));
    }

    private HandPose Easy(float curl) => As([.. All(i => Bent(curl * (.75f + (.16f * i))))], ThumbAlong);

    // ---- poses on what bears ----

    private HandPose Flat(Support on)
    {
        if (!on.IsWall)
            Level();
        return As(Fanned(.09f, 0), ThumbOut);
    }

    private HandPose OnFingertips() => As([.. All(i => new Finger(Fan(i, .09f), -.24f, -.16f, -.08f))], ThumbOut);

    // A hand that bears lies level, unless it stands nearly upright on its heel.
    private void Level()
    {
        const float steep = .75f,
            mostBend = .7f,
            mostTurn = 1.2f;
        if (MathF.Abs(hand.Up.Y) > steep)
            return;
        Swing(hand.Up, Vector3.Normalize(hand.Up with { Y = 0 }), mostBend);
        Face(hand.Palm.Y < 0 ? -Vector3.UnitY : Vector3.UnitY, mostTurn);
    }

    // ---- poses on the body ----

    private HandPose Touching(Touch touch) =>
        touch.Grip switch
        {
            // Turned out, laced hands show their backs.
            Grip.Clasp when Mark(touch.Mark) == "knuckles" => As(Curled(Laced), ThumbLaced),
            Grip.Clasp => Clasp(),
            Grip.Press when touch.On.Segment == Other || touch.Mark.Segment == Other => Press(),
            _ => Mark(touch.Mark) == "hand-back" ? Easy(.15f) : Lying(touch),
        };

    // Each hand points where the other one is, palm to palm, the fingers between each other.
    private HandPose Clasp()
    {
        const float mostSwing = .72f,
            mostTurn = 1.6f,
            halfFinger = .0026f;
        var other = HandFrame.Of(pose, 1 - side);
        var meet = Vector3.Lerp(hand.Wrist, other.Wrist, .5f) - ((hand.Up + other.Up) * .030f);
        Swing(-hand.Up, meet - hand.Wrist, mostSwing);
        Face(other.Wrist - hand.Wrist, mostTurn);
        hand = hand with { Wrist = hand.Wrist + (hand.Thumb * halfFinger * SurfaceNumbers.Outward(side)) };
        return As(Curled(Laced), ThumbLaced);
    }

    // Palm on palm, fingers along each other.
    private HandPose Press()
    {
        const float mostSwing = .9f,
            mostTurn = 1.6f,
            halfPalm = .0125f;
        var other = HandFrame.Of(pose, 1 - side);
        Swing(-hand.Up, -hand.Up - other.Up, mostSwing);
        Face(other.Wrist - hand.Wrist, mostTurn);
        var (middle, across) = (Vector3.Lerp(hand.Wrist, other.Wrist, .5f), Vector3.Normalize(other.Wrist - hand.Wrist));
        hand = hand with { Wrist = middle - (across * halfPalm) };
        return As(Fanned(0, 0), ThumbBeside);
    }

    // The palm turns to what it lies on and onto the spot; the fingers close until they meet it.
    private HandPose Lying(Touch touch)
    {
        const float mostTurn = 1.3f,
            mostSwing = .7f,
            offTheSkin = .006f;
        var (mark, on) = (Mark(touch.Mark), touch.On);
        var (spot, outwards) = Grasp.SpotOf(pose, on, hand.At(.012f, -HandFrame.PalmLength, 0));
        if (outwards == Vector3.Zero)
            return Easy(.34f);
        Face(-outwards, mostTurn);
        if (mark == "hand")
            Swing(hand.At(.012f, -HandFrame.PalmLength, 0) - hand.Wrist, spot + (outwards * offTheSkin) - hand.Wrist, mostSwing);
        var solid = Grasp.Around(pose, on.Segment);
        var most = mark == "fingertips" && touch.Grip != Grip.Hold ? .5f : 1;
        Finger[] fingers = [.. All(i => Closed(i, most, solid))];
        return touch.Grip == Grip.Hold ? As(fingers, ThumbAround) : As(fingers, ThumbAlong);
    }

    // Bent backwards first, and closed by small steps until a joint would go in.
    private Finger Closed(int finger, float most, Func<Vector3, float>[] solid)
    {
        const float open = -.5f,
            step = .06f;
        Span<Vector3> joints = stackalloc Vector3[4];
        var closed = Bent(open);
        for (var curl = open; curl <= most; curl += step)
        {
            var tried = Bent(curl);
            HandSurface.Joints(hand, finger, tried, joints);
            if (Meets(joints, solid))
                break;
            closed = tried;
        }
        return closed;
    }

    private static bool Meets(ReadOnlySpan<Vector3> joints, Func<Vector3, float>[] solid)
    {
        for (var j = 1; j < joints.Length; j++)
            foreach (var distance in solid)
                if (
                    distance(joints[j]) < HandSurface.Thickness * .75f
                    || distance((joints[j - 1] + joints[j]) / 2) < HandSurface.Thickness * .6f
                )
                    return true;
        return false;
    }

    // ---- turning ----

    // Turns the hand so that a direction of it points another way, as far as a wrist would.
    private void Swing(Vector3 from, Vector3 to, float most)
    {
        if (to.LengthSquared() < 1e-8f)
            return;
        (from, to) = (Vector3.Normalize(from), Vector3.Normalize(to));
        var axis = Vector3.Cross(from, to);
        if (axis.Length() < 1e-4f)
            return;
        var angle = MathF.Min(most, MathF.Acos(Math.Clamp(Vector3.Dot(from, to), -1, 1)));
        hand = hand.Turned(Quaternion.CreateFromAxisAngle(Vector3.Normalize(axis), angle));
    }

    // Turns the hand about its length so that the palm faces a direction, as far as a forearm would.
    private void Face(Vector3 to, float most)
    {
        to -= hand.Up * Vector3.Dot(to, hand.Up);
        // What lies along the hand has no side that the palm could face.
        if (to.Length() < .025f)
            return;
        to = Vector3.Normalize(to);
        var angle = MathF.Atan2(Vector3.Dot(Vector3.Cross(hand.Palm, to), hand.Up), Vector3.Dot(hand.Palm, to));
        hand = hand.Turned(Quaternion.CreateFromAxisAngle(hand.Up, Math.Clamp(angle, -most, most)));
    }

    private HandPose As(Finger[] fingers, (Vector3 Middle, Vector3 Tip) thumb)
    {
        var (turn, shift) = hand.From(skeleton);
        return new(turn, shift, fingers, thumb.Middle, thumb.Tip);
    }

    // ---- fingers ----

    private static IEnumerable<Finger> All(Func<int, Finger> of) => Enumerable.Range(0, 4).Select(of);

    private static float Fan(int finger, float wide) => (1.5f - finger) * wide;

    private static Finger[] Fanned(float wide, float curl) => [.. All(i => Bent(curl, Fan(i, wide)))];

    private static Finger[] Curled(float curl) => [.. All(_ => Bent(curl))];

    // The joints bend together; backwards only the knuckle does.
    private static Finger Bent(float curl, float fan = 0) =>
        curl < 0 ? new(fan, curl, 0, 0) : new(fan, curl * 1.35f, curl * 1.55f, curl * .9f);
}
