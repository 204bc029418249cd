using System.Numerics;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Core.Figures;

/// <summary>The signs of pictures by themselves, to explain them by. In thousandths of a stature, as large as in a picture.</summary>
public static class SignKey
{
    private static readonly SignPlace Place = new(Vector2.Zero, new(.8f, .6f), FacesTheEye: false, Size: 1),
        One = Place with { At = new(-95, 0) },
        Other = Place with { At = new(95, 0) },
        OneNear = Place with { At = new(-30, 0) },
        OtherNear = Place with { At = new(30, 0) };

    /// <summary>The arrow that shows which part moves, and which way.</summary>
    public static Figure Arrow { get; } = Of(pen => Marks.Arrow.Straight(pen, new(-100, 0), new(100, 0)));

    /// <summary>Every sign, in the order of their words.</summary>
    public static IReadOnlyList<(Sign Sign, Figure Figure)> Signs { get; } =
    [.. Enum.GetValues<Sign>().Select(sign => (sign, Of(pen => Draw(sign, new SignDrawing(pen)))))];

    private static void Draw(Sign sign, SignDrawing drawing)
    {
        if (sign == Sign.Sips)
            drawing.Sips(Place, 3);
        else if (sign == Sign.Turn)
            drawing.Turn(Place, Vector2.UnitY);
        else if (sign == Sign.Gaze)
            drawing.Gaze(Vector2.Zero, new(240, 0));
        else if (sign is Sign.Together or Sign.Apart)
            drawing.Draw(sign, OneNear, OtherNear);
        else if (SignDrawing.IsOfTwoPlaces(sign))
            drawing.Draw(sign, One, Other);
        else
            drawing.Draw(
                sign,
                Place with
                {
                    FacesTheEye = sign is Sign.Outwards or Sign.Inwards,
                },
                sign == Sign.Straw ? Breath.Out : Breath.Stay
            );
    }

    // In the middle of a frame of the shape of all frames.
    private static Figure Of(Action<MarkPen> draw)
    {
        const int room = 12;
        const double wide = 4.0 / 3;
        var pen = new MarkPen();
        draw(pen);
        var box = pen.Box!;
        var half = Math.Max((box[2] - box[0]) / wide, box[3] - box[1]) / 2;
        var (x, y, across, up) = ((box[0] + box[2]) / 2, (box[1] + box[3]) / 2, (int)(half * wide) + room, (int)half + room);
        return new([pen.Path!], [x - across, y - up, x + across, y + up]);
    }
}
