using System.Globalization;
using System.Numerics;
using System.Text.RegularExpressions;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>One loop or line of a path: where it goes, with curves as chords between the ends and middles of their cubics.</summary>
internal sealed record Loop(IReadOnlyList<Vector2> Points, bool IsClosed, bool IsCurved)
{
    public Vector2 Low => Points.Aggregate(Vector2.Min);

    public Vector2 High => Points.Aggregate(Vector2.Max);

    public Vector2 Middle => Points.Aggregate(Vector2.Zero, (a, b) => a + b) / Points.Count;

    /// <summary>How long the line round it is.</summary>
    public float Border => Points.Select((p, i) => (Points[(i + 1) % Points.Count] - p).Length()).Sum();

    /// <summary>What it goes round, positive whichever way.</summary>
    public double Area
    {
        get
        {
            var area = 0.0;
            for (var i = 0; i < Points.Count; i++)
            {
                var (a, b) = (Points[i], Points[(i + 1) % Points.Count]);
                area += ((double)a.X * b.Y) - ((double)a.Y * b.X);
            }
            return Math.Abs(area) / 2;
        }
    }
}

/// <summary>Reads the paths of a figure as a browser would.</summary>
internal static partial class PathReading
{
    [GeneratedRegex(@"[a-z]|-?\d+")]
    private static partial Regex Tokens();

    public static List<Loop> Loops(this FigurePath path)
    {
        var tokens = Tokens().Matches(path.Steps).Select(m => m.Value).ToList();
        var loops = new List<Loop>();
        var at = new Vector2(path.X, path.Y);
        var (start, points, curved, command, i) = (at, new List<Vector2> { at }, false, ' ', 0);
        Vector2 Next() => new(Number(), Number());
        float Number() => float.Parse(tokens[i++], CultureInfo.InvariantCulture);
        void End(bool closed)
        {
            if (points.Count > 1)
                loops.Add(new(points, closed, curved));
            (points, curved) = ([], false);
        }
        while (i < tokens.Count)
        {
            if (char.IsLetter(tokens[i][0]))
                command = tokens[i++][0];
            switch (command)
            {
                case 'z':
                    End(true);
                    (at, points) = (start, [start]);
                    break;
                case 'm':
                    End(false);
                    start = at += Next();
                    points = [at];
                    break;
                case 'l':
                    points.Add(at += Next());
                    break;
                case 'c':
                    var (b, c, d) = (at + Next(), at + Next(), at + Next());
                    points.Add((at + (b * 3) + (c * 3) + d) / 8);
                    points.Add(at = d);
                    curved = true;
                    break;
                default:
                    throw new FormatException($"'{command}' in {path.Steps}");
            }
        }
        End(false);
        return loops;
    }

    public static List<Loop> Loops(this Figure figure, params Tone[] tones) =>
        [.. figure.Paths.Where(p => tones.Contains(p.Tone)).SelectMany(p => p.Loops())];

    /// <summary>The middle of the largest loop of a tone.</summary>
    public static Vector2 MiddleOf(this Figure figure, params Tone[] tones) => figure.Loops(tones).MaxBy(l => l.Area)!.Middle;

    /// <summary>Heads of arrows among the marks: four corners each.</summary>
    public static List<Loop> Heads(this Figure figure) => [.. figure.Loops(Tone.Mark).Where(l => !l.IsCurved && l.Points.Count == 4)];

    /// <summary>Whether a point lies in a box.</summary>
    public static bool IsWithin(this Vector2 point, int[] box, int slack = 0) =>
        point.X >= box[0] - slack && point.X <= box[2] + slack && point.Y >= box[1] - slack && point.Y <= box[3] + slack;
}
