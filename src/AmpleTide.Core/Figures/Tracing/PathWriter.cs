using System.Globalization;
using System.Numerics;
using System.Text;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Core.Figures.Tracing;

/// <summary>
/// Writes curves as the data of an SVG path: whole numbers, all relative but the first point, so that a path is moved by that alone.
/// </summary>
/// <param name="scale">Thousandths of a stature to a pixel.</param>
/// <param name="corner">Where the canvas begins, in pixels from the centre.</param>
internal sealed class PathWriter(float scale, Vector2 corner)
{
    private readonly StringBuilder steps = new();
    private (int X, int Y)? first;
    private (int X, int Y) at;
    private char mode;

    /// <summary>Adds a line of curves, closed to a loop where asked.</summary>
    public void Add(IReadOnlyList<Cubic> curves, bool close)
    {
        if (curves.Count == 0)
            return;
        MoveTo(Whole(curves[0].A));
        var start = at;
        foreach (var curve in curves)
        {
            var (b, c, d) = (Whole(curve.B), Whole(curve.C), Whole(curve.D));
            if (d == at && curves.Count > 1)
                continue;
            if (curve.IsStraight)
                Step('l', d);
            else
                Step('c', b, c, d);
            at = d;
        }
        if (close)
            Close(start);
    }

    /// <summary>Adds a polygon or a line through points given in thousandths of a stature.</summary>
    public void Add(ReadOnlySpan<Vector2> thousandths, bool close)
    {
        MoveTo(Rounded(thousandths[0]));
        var start = at;
        foreach (var point in thousandths[1..])
        {
            var to = Rounded(point);
            Step('l', to);
            at = to;
        }
        if (close)
            Close(start);
    }

    /// <summary>The path in a tone, or null when nothing was added.</summary>
    public FigurePath? As(Tone tone, bool shaded = false) => first is { } from ? new(tone, shaded, from.X, from.Y, steps.ToString()) : null;

    private void MoveTo((int X, int Y) to)
    {
        if (first is null)
            first = to;
        else
            Step('m', to);
        (at, mode) = (to, ' ');
    }

    private void Close((int X, int Y) start)
    {
        steps.Append('z');
        (at, mode) = (start, ' ');
    }

    private void Step(char command, params ReadOnlySpan<(int X, int Y)> points)
    {
        if (mode != command)
            steps.Append(command);
        var isFirst = mode != command;
        mode = command;
        foreach (var (x, y) in points)
        {
            Number(x - at.X, isFirst);
            Number(y - at.Y, false);
            isFirst = false;
        }
    }

    private void Number(int value, bool afterLetter)
    {
        if (!afterLetter && value >= 0)
            steps.Append(' ');
        steps.Append(CultureInfo.InvariantCulture, $"{value}");
    }

    private (int, int) Whole(Vector2 pixel) => Rounded((pixel + corner) * scale);

    private static (int, int) Rounded(Vector2 p) => ((int)MathF.Round(p.X), (int)MathF.Round(p.Y));
}
