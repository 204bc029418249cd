using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

/// <summary>
/// How much of the room a picture shows. One rule for all: frames of a few fixed heights, four wide and three high, and the floor at
/// the same share of them, so that figures side by side stand on one line at one scale. In thousandths of a stature.
/// </summary>
internal static class Framing
{
    // Each a fifth larger than the one before, from a hand to four who stand. By eye, no source.
    private static readonly int[] Heights =
    [
        180,
        215,
        260,
        310,
        370,
        440,
        520,
        620,
        740,
        880,
        1050,
        1250,
        1480,
        1760,
        2100,
        2500,
        3000,
        3600,
    ];

    private const double Wide = 4.0 / 3;

    // How much of a frame lies below the middle of the body's floor, and how much stays free round what is seen.
    private const double BelowFloor = .07,
        Free = .03;

    /// <summary>The frame round what is seen, on the floor where that is in it.</summary>
    public static int[] Round(int[] box, bool onFloor)
    {
        foreach (var height in Heights)
        {
            var free = (int)(height * Free);
            var bottom = onFloor ? Math.Max(box[3] + free, (int)(height * BelowFloor)) : box[3] + free;
            if (box[2] - box[0] + (2 * free) > height * Wide || bottom - box[1] + free > height)
                continue;
            return Frame(box, bottom, height);
        }
        return Frame(box, box[3], Math.Max(box[3] - box[1], (int)((box[2] - box[0]) / Wide)));

        static int[] Frame(int[] box, int bottom, int height)
        {
            var (middle, half) = ((box[0] + box[2]) / 2, (int)(height * Wide / 2));
            return [middle - half, bottom - height, middle + half, bottom];
        }
    }

    // How far below a knee a foot may lie to be in the lap, in thousandths of a stature, by eye.
    private const float InTheLap = 60;

    // How far a hand's fingertips may be from the ball of the foot it is at, in statures, by eye.
    private const double NearTheFoot = .09;

    private static readonly string[] Sides = ["right", "left"];

    private static readonly Dictionary<CloseUp, (string[] Around, int Margin)> Near = new()
    {
        [CloseUp.Face] = (["crown", "chin", "breastbone"], 45),
        [CloseUp.Head] = (["crown", "chin", "heart", "right.shoulder", "left.shoulder"], 50),
        [CloseUp.Arms] = (
            ["crown", "heart", "right.shoulder", "left.shoulder", "right.elbow", "left.elbow", "right.fingertips", "left.fingertips"],
            40
        ),
        [CloseUp.Hands] = (["right.wrist", "left.wrist", "right.fingertips", "left.fingertips"], 34),
        [CloseUp.Hand] = (["right.wrist", "right.fingertips"], 46),
        [CloseUp.Feet] = (["right.ankle", "left.ankle", "right.heel", "left.heel", "right.toe-tip", "left.toe-tip"], 36),
        [CloseUp.Foot] = (["right.ankle", "right.heel", "right.toe-tip"], 46),
        [CloseUp.Lap] = (["belly", "right.knee", "left.knee", "right.fingertips", "left.fingertips"], 50),
    };

    /// <summary>Whether the hand of a side is at the right foot.</summary>
    public static bool IsAtTheFoot(Skeleton body, string side) =>
        (Landmark.Find($"{side}.fingertips")!.On(body) - Landmark.Find("right.ball")!.On(body)).Length < NearTheFoot;

    /// <summary>The box round what is come close to.</summary>
    public static int[] Close(CloseUp closeUp, Skeleton body, Func<Vector, System.Numerics.Vector2> see)
    {
        var (around, margin) = Near[closeUp];
        var besides = closeUp switch
        {
            CloseUp.Head => HandsAtTheHead(),
            CloseUp.Lap => FeetInTheLap(),
            CloseUp.Foot => HandsAtTheFoot(),
            _ => [],
        };
        var points = around.Concat(besides).Select(At).ToList();
        return
        [
            (int)points.Min(p => p.X) - margin,
            (int)points.Min(p => p.Y) - margin,
            (int)points.Max(p => p.X) + margin,
            (int)points.Max(p => p.Y) + margin,
        ];

        System.Numerics.Vector2 At(string name) => see(Landmark.Find(name)!.On(body));

        // No arm whose hand is at the head is cut through at the elbow.
        IEnumerable<string> HandsAtTheHead() => Sides.Where(side => At($"{side}.wrist").Y < At("chin").Y).Select(side => $"{side}.elbow");

        IEnumerable<string> FeetInTheLap() =>
            Sides
                .Where(side => At($"{side}.heel").Y < MathF.Max(At("right.knee").Y, At("left.knee").Y) + InTheLap)
                .SelectMany(side => new[] { $"{side}.heel", $"{side}.toe-tip" });

        IEnumerable<string> HandsAtTheFoot() =>
            Sides.Where(side => IsAtTheFoot(body, side)).SelectMany(side => new[] { $"{side}.wrist", $"{side}.fingertips" });
    }
}
