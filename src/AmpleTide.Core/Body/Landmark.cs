using static AmpleTide.Core.Body.Segments;

namespace AmpleTide.Core.Body;

/// <summary>
/// A point on the body's surface: where it rests on something, or where a hand lies. Known by the names authors write
/// (<c>left.thigh</c>, <c>heart</c>). Given in the frame of its segment, in statures.
/// </summary>
/// <param name="Name">As authors write it.</param>
/// <param name="Segment">The segment it belongs to.</param>
/// <param name="Place">Its place in the segment's frame.</param>
public sealed record Landmark(string Name, Segment Segment, Vector Place)
{
    private static readonly Dictionary<string, Landmark> ByName = All().ToDictionary(l => l.Name);

    /// <summary>Where it is on a posed body.</summary>
    public Vector On(Skeleton body)
    {
        var frame = Segment == Segment.Upper ? body.Chest : body[Segment];
        return frame.At(Place.X, Place.Y, Place.Z);
    }

    /// <summary>
    /// From where it lies outwards: the joint of its limb, the middle of the head, or the middle of the trunk at its height.
    /// </summary>
    public Vector Inside(Skeleton body)
    {
        var height = Segment switch
        {
            // What sits at the side of a head looks sideways.
            Segment.Head => Math.Abs(Place.X) > HeadRadius / 2 ? Place.Y : HeadCentre,
            // What sits low on the pelvis looks down.
            Segment.Pelvis => Math.Max(0, Place.Y),
            Segment.Lower or Segment.Upper => Place.Y,
            _ => 0,
        };
        return (this with { Place = new(0, height, 0) }).On(body);
    }

    /// <summary>The landmark of a name.</summary>
    /// <returns>Null when there is none of that name.</returns>
    public static Landmark? Find(string name) => ByName.GetValueOrDefault(name);

    /// <summary>All names.</summary>
    public static IEnumerable<string> Names => ByName.Keys;

    private static IEnumerable<Landmark> All() => Trunk().Concat(Limb("right", -1, 0)).Concat(Limb("left", 1, 7));

    private static IEnumerable<Landmark> Trunk() =>
        [
            new("tail", Segment.Pelvis, new(0, -0.050, -0.030)),
            new("sacrum", Segment.Pelvis, new(0, 0.030, -PelvisDepth)),
            new("belly", Segment.Lower, new(0, 0.045, 0.068)),
            new("pubis", Segment.Pelvis, new(0, 0.010, PelvisDepth)),
            new("low-back", Segment.Lower, new(0, 0.040, -0.060)),
            new("back", Segment.Upper, new(0, -0.060, -ChestDepth)),
            new("heart", Segment.Upper, new(0, -0.062, ChestDepth + 0.006)),
            new("breastbone", Segment.Upper, new(0, -0.055, ChestDepth)),
            new("nape", Segment.Head, new(0, 0.016, -0.034)),
            new("occiput", Segment.Head, new(0, HeadCentre, -HeadRadius - 0.004)),
            new("forehead", Segment.Head, new(0, HeadCentre + 0.025, HeadRadius - 0.004)),
            new("crown", Segment.Head, new(0, HeadCentre + 0.062, 0)),
            new("eyes", Segment.Head, new(0, HeadCentre + 0.006, 0.052)),
            new("nose", Segment.Head, new(0, HeadCentre - 0.010, 0.062)),
            new("mouth", Segment.Head, new(0, HeadCentre - 0.034, 0.052)),
            new("chin", Segment.Head, new(0, HeadCentre - 0.062, 0.044)),
        ];

    private static IEnumerable<Landmark> Limb(string side, int outward, int offset)
    {
        Segment Of(Segment right) => right + offset;
        Landmark Mark(string name, Segment right, double x, double y, double z) => new($"{side}.{name}", Of(right), new(outward * x, y, z));
        Landmark OnTrunk(string name, Segment segment, double x, double y, double z) =>
            new($"{side}.{name}", segment, new(outward * x, y, z));
        yield return OnTrunk("seat", Segment.Pelvis, 0.042, -SeatDepth, -0.012);
        yield return OnTrunk("hip", Segment.Pelvis, HipHalfBreadth, 0.020, 0);
        yield return OnTrunk("waist", Segment.Lower, 0.080, 0.050, 0.020);
        yield return OnTrunk("ribs", Segment.Upper, 0.075, -0.110, 0.040);
        yield return OnTrunk("blade", Segment.Upper, 0.060, -0.060, -ChestDepth);
        yield return OnTrunk("eye", Segment.Head, 0.020, HeadCentre + 0.006, 0.048);
        yield return OnTrunk("ear", Segment.Head, HeadRadius - 0.008, HeadCentre, 0);
        yield return OnTrunk("ear-lobe", Segment.Head, HeadRadius - 0.006, HeadCentre - 0.034, -0.002);
        yield return OnTrunk("head-side", Segment.Head, HeadRadius - 0.010, HeadCentre + 0.020, -0.006);
        yield return OnTrunk("jaw", Segment.Head, HeadRadius - 0.018, HeadCentre - 0.026, 0.020);
        yield return OnTrunk("temple", Segment.Head, HeadRadius - 0.010, HeadCentre + 0.022, 0.010);
        yield return OnTrunk("head-top", Segment.Head, 0.030, HeadCentre + 0.052, 0);
        yield return OnTrunk("head-back", Segment.Head, 0.022, HeadCentre, -HeadRadius);
        yield return Mark("shoulder", Segment.RightUpperArm, UpperArmRadius + 0.002, 0, 0);
        yield return Mark("shoulder-top", Segment.RightUpperArm, 0, 0.028, 0.006);
        yield return Mark("upper-arm", Segment.RightUpperArm, UpperArmRadius - 0.002, -0.090, 0);
        yield return Mark("elbow", Segment.RightForearm, 0, 0, -ElbowRadius);
        yield return Mark("inner-elbow", Segment.RightForearm, -ElbowRadius, 0, 0);
        yield return Mark("forearm", Segment.RightForearm, ElbowRadius - 0.003, -0.070, 0);
        yield return Mark("under-forearm", Segment.RightForearm, 0, -0.070, -ElbowRadius);
        yield return Mark("wrist", Segment.RightHand, 0, 0, 0);
        yield return Mark("hand", Segment.RightHand, -0.014, -0.048, 0);
        yield return Mark("palm-heel", Segment.RightHand, -0.014, -0.012, 0);
        yield return Mark("hand-back", Segment.RightHand, 0.012, -0.048, 0);
        yield return Mark("knuckles", Segment.RightHand, 0, -0.052, 0);
        yield return Mark("fingertips", Segment.RightHand, -0.008, -0.100, 0);
        yield return Mark("thigh", Segment.RightThigh, 0, -0.150, 0.042);
        yield return Mark("inner-thigh", Segment.RightThigh, -0.042, -0.130, 0);
        yield return Mark("inner-shin", Segment.RightShank, -0.028, -0.090, 0);
        yield return Mark("under-thigh", Segment.RightThigh, 0, -0.120, -0.042);
        yield return Mark("knee", Segment.RightShank, 0, 0.006, KneeRadius + 0.004);
        yield return Mark("kneecap", Segment.RightShank, 0, -0.016, KneeRadius + 0.002);
        yield return Mark("outer-knee", Segment.RightShank, KneeRadius, 0, 0);
        yield return Mark("inner-knee", Segment.RightShank, -KneeRadius, 0, 0);
        yield return Mark("shin", Segment.RightShank, 0, -0.110, 0.029);
        yield return Mark("calf", Segment.RightShank, 0, -0.100, -0.032);
        yield return Mark("outer-shin", Segment.RightShank, 0.024, -0.170, 0);
        yield return Mark("ankle", Segment.RightFoot, 0, 0, AnkleRadius);
        yield return Mark("outer-ankle", Segment.RightFoot, AnkleRadius, -0.010, 0);
        yield return Mark("heel", Segment.RightFoot, 0, -FootHeight, -Heel + 0.012);
        yield return Mark("heel-back", Segment.RightFoot, 0, -0.026, -Heel);
        yield return Mark("ball", Segment.RightFoot, 0, -FootHeight, Ball);
        yield return Mark("instep", Segment.RightFoot, 0, -0.008, 0.052);
        yield return Mark("sole", Segment.RightFoot, -0.010, -FootHeight, 0.030);
        yield return Mark("toe-tip", Segment.RightToes, 0, -ToeRadius, Toe - 0.006);
    }
}
