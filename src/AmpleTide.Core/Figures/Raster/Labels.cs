using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Figures.Raster;

/// <summary>Gives each pixel its colour: by its part, its place on the body, and the light.</summary>
internal sealed class Labels(Canvas canvas, Camera camera)
{
    /// <summary>Added to a tone's number where it lies in shade.</summary>
    public const int Shade = 32;

    private static readonly Tone[] OfParts = [.. Enumerable.Range(0, Parts.Count).Select(p => ToneOf((Part)p))];

    private static Tone ToneOf(Part part) =>
        part switch
        {
            Part.Trunk => Tone.Trunk,
            Part.Hair => Tone.Hair,
            Part.Strap => Tone.Strap,
            Part.Wall => Tone.Wall,
            Part.Shadow => Tone.Shadow,
            _ when part.IsProp() => Tone.Prop,
            _ when part.IsSkin() => Tone.Skin,
            _ when part.IsArm() => part.IsLeft() ? Tone.LeftArm : Tone.RightArm,
            _ => part.IsLeft() ? Tone.LeftLeg : Tone.RightLeg,
        };

    /// <summary>Hair, neckline and hip line, which no solid ends at.</summary>
    public void DrawLines(Pose pose)
    {
        for (var side = 0; side < 2; side++)
            Relabel(Part.RightThigh.On(side), pose.On(Segment.RightThigh, side), default, .085f, BodySurface.IsAboveHipLine, Part.Trunk);
        Relabel(Part.Head, pose.Head, new(0, Pose.HeadCentre, 0), .075f, BodySurface.IsHair, Part.Hair);
        Relabel(Part.Trunk, pose.Chest, default, .075f, BodySurface.IsAboveNeckline, Part.Neck);
    }

    private void Relabel(Part from, Axes3 frame, Vector3 around, float reach, Func<Vector3, bool> isOther, Part to)
    {
        var perAxis = 1 / (frame.X.LengthSquared() * camera.Scale);
        var (x, y, z) = (camera.Seen(frame.X) * perAxis, camera.Seen(frame.Y) * perAxis, camera.Seen(frame.Z) * perAxis);
        var corner = new Vector3(canvas.Left, canvas.Top, 0);
        var (origin, middle) = (camera.At(frame.Origin) - corner, camera.At(frame.At(around.X, around.Y, around.Z)) - corner);
        var r = reach * camera.Scale;
        int left = Math.Max(0, (int)(middle.X - r)),
            right = Math.Min(canvas.Width - 1, (int)(middle.X + r)),
            top = Math.Max(0, (int)(middle.Y - r)),
            bottom = Math.Min(canvas.Height - 1, (int)(middle.Y + r));
        for (var row = top; row <= bottom; row++)
        for (var column = left; column <= right; column++)
        {
            var i = (row * canvas.Width) + column;
            if (canvas.Parts[i] != (int)from)
                continue;
            var d = new Vector3(column + .5f, row + .5f, canvas.Depth[i]) - origin;
            if (isOther(new(Vector3.Dot(d, x), Vector3.Dot(d, y), Vector3.Dot(d, z))))
                canvas.Parts[i] = (int)to;
        }
    }

    /// <summary>Writes each pixel's tone, 0 for none, a tone's number and one more, and <see cref="Shade"/> more in shade.</summary>
    public void Write(int[] tones)
    {
        var shadows = new Shadows(canvas, camera.Scale);
        var lanes = Vector<int>.Count;
        for (var block = 0; block < canvas.Size; block += lanes)
        {
            if (new Vector<int>(canvas.Parts, block) == Vector<int>.Zero)
                continue;
            for (var i = block; i < Math.Min(canvas.Size, block + lanes); i++)
                if (canvas.PartAt(i) is not Part.None and var part)
                    tones[i] = Code(part, i, shadows);
        }
    }

    private int Code(Part part, int i, in Shadows shadows)
    {
        // The sides of what stands about; how light falls on it otherwise; by eye, no source.
        const float soft = .60f,
            upwards = -.12f;
        // Small things are dark, so that they are seen.
        if (part == Part.Ball)
            return 1 + (int)Tone.Strap;
        if (part.IsSoft())
            return 1 + (int)(canvas.Light[i] < soft ? Tone.ClothSide : Tone.Cloth);
        if (part.IsProp())
            return 1 + (int)(canvas.NormalY[i] < upwards && MathF.Abs(canvas.NormalX[i]) < .5f ? Tone.Prop : Tone.PropSide);
        var code = 1 + (int)OfParts[(int)part];
        // A shaded face reads as a beard, shaded hands as gloves.
        var takesShade = part.IsBody() && part is not (Part.Head or Part.Ear or Part.Hair) && !part.IsHand();
        return takesShade && shadows.IsDark(part, i) ? code + Shade : code;
    }

    /// <summary>Shade: what turns away from the light, and what has something near between it and the light.</summary>
    private readonly struct Shadows
    {
        private const float TurnedAway = -.06f;
        private const int Samples = 5;

        private readonly Canvas canvas;
        private readonly int[] offsets;
        private readonly float[] rises;
        private readonly float gap,
            deepest;

        public Shadows(Canvas canvas, float scale)
        {
            this.canvas = canvas;
            (offsets, rises) = (new int[Samples], new float[Samples]);
            // How far towards the light it is looked, in statures.
            ReadOnlySpan<float> steps = [.0096f, .0173f, .0269f, .0385f, .0519f];
            for (var k = 0; k < Samples; k++)
            {
                offsets[k] = (int)MathF.Round(Rasterizer.Light.Y * steps[k] * scale) * canvas.Width;
                rises[k] = Rasterizer.Light.Z * steps[k] * scale;
            }
            (gap, deepest) = (.010f * scale, .16f * scale);
        }

        public bool IsDark(Part part, int i)
        {
            if (canvas.Light[i] < TurnedAway)
                return true;
            for (var k = 0; k < Samples; k++)
            {
                var j = i + offsets[k];
                if (j < 0)
                    break;
                var over = canvas.PartAt(j);
                if (over == part || !over.IsBody())
                    continue;
                var above = canvas.Depth[j] - (canvas.Depth[i] + rises[k]);
                if (above > gap && above < deepest)
                    return true;
            }
            return false;
        }
    }
}
