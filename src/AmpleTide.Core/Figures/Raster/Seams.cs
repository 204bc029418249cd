using System.Numerics;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Figures.Raster;

/// <summary>What lies between two neighbouring pixels.</summary>
[Flags]
internal enum Crack : byte
{
    None = 0,

    /// <summary>Their colours differ.</summary>
    Border = 1,

    /// <summary>A light seam may run here: something lies in front of something else.</summary>
    Seam = 2,

    /// <summary>A dark line may run here: skin lies in front.</summary>
    Line = 4,

    /// <summary>A seam certainly runs here.</summary>
    SureSeam = 8 | Seam,

    /// <summary>A line certainly runs here.</summary>
    SureLine = 16 | Line,
}

/// <summary>Finds the lines of a picture: where depth jumps from one part to another, or two of them meet in a fold.</summary>
internal sealed class Seams(Canvas canvas, int[] tones, float scale)
{
    // Jumps of depth in statures, falls of the normal; what may be a line where a surer piece of it is near. By eye, no source.
    private const float Jump = .0075f,
        JumpOfJoined = .019f,
        JumpOfProps = .020f,
        Fold = .70f,
        FoldOfFingers = .80f,
        MayJump = .45f,
        MayFold = .60f;

    /// <summary>Writes what lies to the right of each pixel and below it.</summary>
    public void Write(byte[] across, byte[] down)
    {
        var (width, end) = (canvas.Width, canvas.Size - canvas.Width);
        var parts = canvas.Parts;
        var lanes = Vector<int>.Count;
        for (var block = 0; block < end; block += lanes)
        {
            var part = new Vector<int>(parts, block);
            var tone = new Vector<int>(tones, block);
            if (
                Vector.EqualsAll(part, new Vector<int>(parts, block + 1))
                && Vector.EqualsAll(tone, new Vector<int>(tones, block + 1))
                && Vector.EqualsAll(part, new Vector<int>(parts, block + width))
                && Vector.EqualsAll(tone, new Vector<int>(tones, block + width))
            )
                continue;
            for (var i = block; i < Math.Min(end, block + lanes); i++)
            {
                if (parts[i] != parts[i + 1] || tones[i] != tones[i + 1])
                    across[i] = (byte)Between(i, i + 1, canvas.NormalX);
                if (parts[i] != parts[i + width] || tones[i] != tones[i + width])
                    down[i] = (byte)Between(i, i + width, canvas.NormalY);
            }
        }
    }

    private Crack Between(int i, int j, float[] normal)
    {
        var (a, b) = (canvas.PartAt(i), canvas.PartAt(j));
        var crack = tones[i] != tones[j] ? Crack.Border : Crack.None;
        if (a == b)
            return crack;
        var (bodyA, bodyB) = (a.IsBody() || a == Part.Strap, b.IsBody() || b == Part.Strap);
        if (bodyA && bodyB)
            return crack | OnTheBody(a, b, i, j, normal);
        if (!bodyA && !bodyB)
            return a.IsProp() && b.IsProp() && MathF.Abs(canvas.Depth[i] - canvas.Depth[j]) > JumpOfProps * scale
                ? crack | Crack.SureSeam
                : crack;
        var (body, other) = bodyA ? (a, b) : (b, a);
        if (other.IsProp())
            return crack | Crack.Border | (body.IsSkin() ? Crack.SureLine : Crack.SureSeam);
        return body.IsSkin() ? crack | Crack.SureLine : crack;
    }

    private Crack OnTheBody(Part a, Part b, int i, int j, float[] normal)
    {
        var near = canvas.Depth[i] >= canvas.Depth[j] ? a : b;
        var joined = Parts.AreJoined(a, b);
        var (apart, jump) = (MathF.Abs(canvas.Depth[i] - canvas.Depth[j]), (joined ? JumpOfJoined : Jump) * scale);
        var (may, sure) = (apart > jump * MayJump, apart > jump);
        if (!sure && (!joined || a.OnTheRight() is Part.RightThigh or Part.RightShank || a.IsHand()))
        {
            // A fold: both surfaces fall away towards the line between them.
            var (falls, fold) = (normal[i] - normal[j], a.IsHand() && b.IsHand() ? FoldOfFingers : Fold);
            may |= falls > fold * MayFold;
            sure = falls > fold;
        }
        if (!may && !sure)
            return Crack.None;
        var isLine = near.IsSkin() || (near == Part.Hair && (near == a ? b : a).IsSkin());
        return isLine ? (sure ? Crack.SureLine : Crack.Line) : (sure ? Crack.SureSeam : Crack.Seam);
    }
}
