using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Figures.Raster;

/// <summary>
/// What is seen in each pixel: its depth, part, normal and light. A frame of empty pixels lies round it, and some more behind its
/// end, so that vectors and neighbours need no test for the edge. Used again and again.
/// </summary>
internal sealed class Canvas
{
    private const int Spare = 64;

    /// <summary>Pixels across and down.</summary>
    public int Width { get; private set; }

    public int Height { get; private set; }

    /// <summary>The camera's place of the upper left corner.</summary>
    public int Left { get; private set; }

    public int Top { get; private set; }

    public int Size => Width * Height;

    public float[] Depth { get; private set; } = [];

    /// <summary>The <see cref="Part"/> seen, as vectors need numbers.</summary>
    public int[] Parts { get; private set; } = [];

    public float[] NormalX { get; private set; } = [];

    public float[] NormalY { get; private set; } = [];

    /// <summary>How much light falls on it, −1 to 1.</summary>
    public float[] Light { get; private set; } = [];

    public void Begin(int left, int top, int right, int bottom)
    {
        (Left, Top, Width, Height) = (left, top, right - left, bottom - top);
        var size = Size + Spare;
        if (Depth.Length < size)
        {
            (Depth, NormalX, NormalY, Light) = (new float[size], new float[size], new float[size], new float[size]);
            Parts = new int[size];
        }
        Array.Fill(Depth, float.MinValue, 0, size);
        Array.Clear(Parts, 0, size);
    }

    public Part PartAt(int index) => (Part)Parts[index];
}
