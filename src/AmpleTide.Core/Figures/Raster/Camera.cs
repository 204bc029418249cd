using System.Numerics;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures.Raster;

/// <summary>Sees the room from a viewpoint without perspective: x right, y down, z towards the eye.</summary>
/// <param name="viewpoint">From where.</param>
/// <param name="centre">The spot of the room that comes to (0, 0).</param>
/// <param name="scale">Pixels to a stature.</param>
internal sealed class Camera(Viewpoint viewpoint, Vector3 centre, float scale)
{
    private readonly Vector3 right = Row(viewpoint, 0),
        up = Row(viewpoint, 1),
        towards = Row(viewpoint, 2);

    public float Scale { get; } = scale;

    /// <summary>A direction of the room as seen.</summary>
    public Vector3 Seen(Vector3 way) => new(Vector3.Dot(right, way), -Vector3.Dot(up, way), Vector3.Dot(towards, way));

    /// <summary>A point of the room in pixels from the centre.</summary>
    public Vector3 At(Vector3 point) => Seen(point - centre) * Scale;

    /// <summary>The point of the room that is seen in a place.</summary>
    public Vector3 Room(Vector3 seen) => centre + (((right * seen.X) - (up * seen.Y) + (towards * seen.Z)) / Scale);

    private static Vector3 Row(Viewpoint viewpoint, int row)
    {
        var turn = viewpoint.Turn;
        return row switch
        {
            0 => new((float)turn.M11, (float)turn.M12, (float)turn.M13),
            1 => new((float)turn.M21, (float)turn.M22, (float)turn.M23),
            _ => new((float)turn.M31, (float)turn.M32, (float)turn.M33),
        };
    }
}
