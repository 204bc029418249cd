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
        switch (sign)
        {
            case Sign.Attend:
                drawing.Attention(Place);
                break;
            case Sign.Breath:
                drawing.Stream(Place, Breath.Stay);
                break;
            case Sign.Sips:
                drawing.Sips(Place, 3);
                break;
            case Sign.Straw:
                drawing.Straw(Place, Breath.Out);
                break;
            case Sign.Sound:
                drawing.Notes(Place);
                break;
            case Sign.Whisper:
                drawing.Waves(Place);
                break;
            case Sign.Shake:
                drawing.Bows(Place);
                break;
            case Sign.Tap:
                drawing.Rays(Place);
                break;
            case Sign.Circle:
                drawing.Ring(Place);
                break;
            case Sign.Turn:
                drawing.Turn(Place, Vector2.UnitY);
                break;
            case Sign.Outwards or Sign.Inwards:
                drawing.Arrows(Place with { FacesTheEye = true }, sign == Sign.Outwards);
                break;
            case Sign.Fast:
                drawing.Dashes(Place);
                break;
            case Sign.Even:
                drawing.Bars(Place, 1);
                break;
            case Sign.Longer:
                drawing.Bars(Place, 2);
                break;
            case Sign.Gaze:
                drawing.Gaze(Vector2.Zero, new(240, 0));
                break;
            case Sign.ThreeTimes:
                drawing.ThreeTimes(Place);
                break;
            case Sign.Ball:
                drawing.Ball(One, Other);
                break;
            case Sign.Together or Sign.Apart:
                drawing.OpposedArrows(OneNear, OtherNear, sign == Sign.Apart);
                break;
            case Sign.Compare:
                drawing.Compared(One, Other);
                break;
            default:
                throw new InvalidOperationException($"Nothing draws the sign '{sign}' by itself.");
        }
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
