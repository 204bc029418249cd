using System.Collections.Concurrent;
using System.Numerics;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Marks;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Raster;
using AmpleTide.Core.Figures.Surface;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Figures;

/// <summary>
/// Draws a scene from a viewpoint: solids into pixels, pixels into regions and lines, those into paths. Its buffers are used again and
/// again; one at a time may use them.
/// </summary>
internal sealed class Renderer
{
    private const int Thousandths = 1000;

    private static readonly PlanarMap.LineKind SeamKind = new((byte)Crack.Seam, (byte)(Crack.SureSeam & ~Crack.Seam), 12, 14, 5),
        SkinKind = new((byte)Crack.Line, (byte)(Crack.SureLine & ~Crack.Line), 8, 7, 3);

    private static readonly ConcurrentBag<Renderer> Idle = [];

    private readonly Solids solids = new();
    private readonly Canvas canvas = new();
    private readonly PlanarMap map = new();
    private int[] tones = [];
    private byte[] across = [],
        down = [];

    /// <summary>Draws a scene.</summary>
    /// <param name="scene">What is seen.</param>
    /// <param name="viewpoint">From where.</param>
    /// <param name="centre">The spot of the room that comes to (0, 0).</param>
    /// <param name="scale">Pixels to a stature: how finely it is drawn.</param>
    /// <param name="within">Where it is cut off, in thousandths of a stature: least x, least y, most x, most y; null for nowhere.</param>
    /// <returns>Its box holds all of it.</returns>
    public static Figure Draw(Scene scene, Viewpoint viewpoint, Vector3 centre, float scale, int[]? within = null) =>
        With(renderer => renderer.Render(scene, new(viewpoint, centre, scale), within));

    /// <summary>The regions of a scene that pixels of one code make up, whatever lines run through them.</summary>
    /// <param name="scene">What is seen.</param>
    /// <param name="viewpoint">From where.</param>
    /// <param name="centre">The spot of the room that comes to (0, 0).</param>
    /// <param name="scale">Pixels to a stature.</param>
    /// <param name="codeOf">The code of a point of the room on a part; 0 for none.</param>
    public static IReadOnlyList<(int Code, FigurePath Path)> Regions(
        Scene scene,
        Viewpoint viewpoint,
        Vector3 centre,
        float scale,
        Func<Part, Vector3, int> codeOf
    ) => With(renderer => renderer.RegionsOf(scene, new(viewpoint, centre, scale), codeOf));

    /// <summary>How much of each part is seen, in statures squared.</summary>
    /// <param name="scene">What is seen.</param>
    /// <param name="viewpoint">From where.</param>
    /// <param name="centre">The spot of the room that comes to (0, 0).</param>
    public static IReadOnlyDictionary<Part, double> Seen(Scene scene, Viewpoint viewpoint, Vector3 centre)
    {
        const float coarse = 220;
        return With(renderer =>
        {
            renderer.Rasterize(scene, new(viewpoint, centre, coarse), null);
            var canvas = renderer.canvas;
            return Enumerable
                .Range(0, canvas.Size)
                .GroupBy(canvas.PartAt)
                .ToDictionary(g => g.Key, g => g.Count() / (double)(coarse * coarse));
        });
    }

    private static T With<T>(Func<Renderer, T> draw)
    {
        if (!Idle.TryTake(out var renderer))
            renderer = new();
        try
        {
            return draw(renderer);
        }
        finally
        {
            Idle.Add(renderer);
        }
    }

    private Figure Render(Scene scene, Camera camera, int[]? within)
    {
        Rasterize(scene, camera, within).Write(tones);
        new Seams(canvas, tones, camera.Scale).Write(across, down);
        map.Trace(canvas.Width, canvas.Height, tones, across, down);
        List<FigurePath> paths =
        [
            .. MatOf(scene, camera),
            .. Surfaces(camera),
            .. Lines(camera),
            .. new FaceDrawing(scene.Pose, scene.Face, camera, canvas).Draw(),
        ];
        return new(paths, Box(scene, camera, within));
    }

    private Labels Rasterize(Scene scene, Camera camera, int[]? within)
    {
        solids.Begin(camera.Scale);
        scene.AddTo(solids);
        Begin(Extent(camera, within));
        Rasterizer.Draw(solids.Span, new Overlaps(scene.Pose, solids, camera).Find(), camera, canvas);
        var labels = new Labels(canvas, camera);
        labels.DrawLines(scene.Pose);
        return labels;
    }

    private List<(int, FigurePath)> RegionsOf(Scene scene, Camera camera, Func<Part, Vector3, int> codeOf)
    {
        Rasterize(scene, camera, null);
        for (var i = 0; i < canvas.Size; i++)
            if (canvas.PartAt(i) is not Part.None and var part)
                tones[i] = codeOf(
                    part,
                    camera.Room(new(canvas.Left + (i % canvas.Width) + .5f, canvas.Top + (i / canvas.Width) + .5f, canvas.Depth[i]))
                );
        for (var i = 0; i < canvas.Size - canvas.Width; i++)
        {
            across[i] = (byte)(tones[i] != tones[i + 1] ? Crack.Border : Crack.None);
            down[i] = (byte)(tones[i] != tones[i + canvas.Width] ? Crack.Border : Crack.None);
        }
        map.Trace(canvas.Width, canvas.Height, tones, across, down);
        var regions = new List<(int, FigurePath)>();
        foreach (var (code, loops) in map.Outlines().OrderBy(o => o.Key))
        {
            var writer = Writer(camera);
            foreach (var loop in loops)
                writer.Add(loop, close: true);
            if (writer.As(Tone.Skin) is { } path)
                regions.Add((code, path));
        }
        return regions;
    }

    private void Begin((int Left, int Top, int Right, int Bottom) extent)
    {
        canvas.Begin(extent.Left, extent.Top, extent.Right, extent.Bottom);
        const int spare = 64;
        var size = canvas.Size + spare;
        if (tones.Length < size)
            (tones, across, down) = (new int[size], new byte[size], new byte[size]);
        Array.Clear(tones, 0, size);
        Array.Clear(across, 0, size);
        Array.Clear(down, 0, size);
    }

    // In pixels, with a frame of empty ones.
    private (int, int, int, int) Extent(Camera camera, int[]? within)
    {
        const int room = 3;
        var (low, high) = Bounds(camera);
        if (within is not null)
        {
            var k = camera.Scale / Thousandths;
            (low, high) = (
                Vector2.Max(low, new Vector2(within[0], within[1]) * k),
                Vector2.Min(high, new Vector2(within[2], within[3]) * k)
            );
        }
        return (
            (int)MathF.Floor(low.X) - room,
            (int)MathF.Floor(low.Y) - room,
            (int)MathF.Ceiling(high.X) + room,
            (int)MathF.Ceiling(high.Y) + room
        );
    }

    private (Vector2 Low, Vector2 High) Bounds(Camera camera)
    {
        Vector2 low = new(float.MaxValue),
            high = new(float.MinValue);
        foreach (ref readonly var solid in solids.Span)
        {
            var (at, reach) = (camera.At(solid.Centre), Rasterizer.Reach(solid, camera));
            (low, high) = (Vector2.Min(low, new Vector2(at.X, at.Y) - reach), Vector2.Max(high, new Vector2(at.X, at.Y) + reach));
        }
        return (low, high);
    }

    private PathWriter Writer(Camera camera) => new(Thousandths / camera.Scale, new(canvas.Left, canvas.Top));

    private IEnumerable<FigurePath> Surfaces(Camera camera)
    {
        foreach (var (code, loops) in map.Outlines().OrderBy(o => o.Key))
        {
            var writer = Writer(camera);
            foreach (var loop in loops)
                writer.Add(loop, close: true);
            if (writer.As((Tone)((code - 1) % Labels.Shade), code > Labels.Shade) is { } path)
                yield return path;
        }
    }

    private IEnumerable<FigurePath> Lines(Camera camera)
    {
        foreach (var (tone, kind) in new[] { (Tone.Line, SkinKind), (Tone.Seam, SeamKind) })
        {
            var writer = Writer(camera);
            foreach (var line in map.Lines(kind))
                writer.Add(line, close: false);
            if (writer.As(tone) is { } path)
                yield return path;
        }
    }

    private const float MatThickness = .009f;

    private static IEnumerable<FigurePath> MatOf(Scene scene, Camera camera)
    {
        if (scene.Mat is not { } mat)
            yield break;
        foreach (var (tone, drop) in new[] { (Tone.MatEdge, MatThickness), (Tone.Mat, 0f) })
        {
            var writer = new PathWriter(1, Vector2.Zero);
            writer.Add([.. RoundedCorners(mat.Corners).Select(p => Place(p - new Vector3(0, drop, 0), camera))], close: true);
            yield return writer.As(tone)!;
        }
    }

    private static IEnumerable<Vector3> RoundedCorners(Vector3[] corners)
    {
        const float radius = .022f;
        const int steps = 4;
        for (var i = 0; i < corners.Length; i++)
        {
            var (corner, before, after) = (corners[i], corners[(i + 3) % 4], corners[(i + 1) % 4]);
            var (a, b) = (corner + (Vector3.Normalize(before - corner) * radius), corner + (Vector3.Normalize(after - corner) * radius));
            for (var k = 0; k <= steps; k++)
            {
                var t = k / (float)steps;
                yield return Vector3.Lerp(Vector3.Lerp(a, corner, t), Vector3.Lerp(corner, b, t), t);
            }
        }
    }

    private static Vector2 Place(Vector3 point, Camera camera)
    {
        var at = camera.At(point) * (Thousandths / camera.Scale);
        return new(at.X, at.Y);
    }

    private int[] Box(Scene scene, Camera camera, int[]? within)
    {
        var k = Thousandths / camera.Scale;
        var (low, high) = Bounds(camera);
        (low, high) = (low * k, high * k);
        if (scene.Mat is { } mat)
            foreach (var corner in mat.Corners)
            {
                (low, high) = (
                    Vector2.Min(low, Place(corner, camera)),
                    Vector2.Max(high, Place(corner - new Vector3(0, MatThickness, 0), camera))
                );
            }
        int[] box = [(int)MathF.Floor(low.X), (int)MathF.Floor(low.Y), (int)MathF.Ceiling(high.X), (int)MathF.Ceiling(high.Y)];
        return within is null
            ? box
            : [Math.Max(box[0], within[0]), Math.Max(box[1], within[1]), Math.Min(box[2], within[2]), Math.Min(box[3], within[3])];
    }
}
