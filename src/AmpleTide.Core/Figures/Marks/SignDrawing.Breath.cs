using System.Numerics;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Tracing;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>How the breath goes.</summary>
internal sealed partial class SignDrawing
{
    private const float NearOfBreath = 26,
        FarOfBreath = 150;

    /// <summary>
    /// A stream of air: towards the body on the in-breath, away from it on the out-breath, both ways when breath only comes and goes.
    /// </summary>
    private void Stream(SignPlace place, Breath breath)
    {
        const float apart = 26;
        if (breath is Breath.In)
            Wave(place, FarOfBreath, NearOfBreath, 0);
        else if (breath is Breath.Out)
            Wave(place, NearOfBreath, FarOfBreath, 0);
        else if (breath is Breath.HoldIn or Breath.HoldOut)
            Rest(place);
        else
        {
            Wave(place, FarOfBreath, NearOfBreath, -apart);
            Wave(place, NearOfBreath, FarOfBreath, apart);
        }
    }

    // Two upright bars: no breath moves.
    private void Rest(SignPlace place)
    {
        const float half = 26,
            apart = 15,
            halfWidth = 8;
        var at = place.Off((NearOfBreath + FarOfBreath) / 2);
        foreach (var side in new[] { -apart, apart })
            pen.Ribbon(
                [at + (new Vector2(side, -half) * place.Size), at + (new Vector2(side, half) * place.Size)],
                _ => halfWidth * place.Size
            );
    }

    /// <summary>Heads of arrows in a row: so many sips of breath have come in.</summary>
    public void Sips(SignPlace place, int sips)
    {
        const float sip = 46;
        for (var i = 0; i < sips; i++)
            Arrow.Head(pen, place.Off(NearOfBreath + (i * sip)), -place.Out);
    }

    // An arrow that waves as air does; straight where its head is.
    private void Wave(SignPlace place, float from, float to, float beside)
    {
        const int steps = 24;
        const float height = 9,
            waves = 2;
        Vector2 At(int i)
        {
            var along = i / (float)steps;
            return place.Off(float.Lerp(from, to, along), beside + (height * (1 - along) * MathF.Sin((1 - along) * waves * 2 * MathF.PI)));
        }
        Arrow.Along(pen, [.. Enumerable.Range(0, steps + 1).Select(At)], size: .9f);
    }

    /// <summary>A straw from the lips, and the air that leaves it: both only thought of.</summary>
    private void Straw(SignPlace place, Breath breath)
    {
        const float near = 8,
            far = 128,
            half = 9,
            halfWidth = 4;
        foreach (var beside in new[] { -half, half })
            pen.Ribbon([place.Off(near, beside), place.Off(far, beside)], _ => halfWidth);
        if (breath is Breath.Out)
            Wave(place, far + NearOfBreath, far + FarOfBreath, 0);
    }

    /// <summary>Two bars, the upper one for the in-breath, the lower one for the out-breath.</summary>
    /// <param name="place">Beside which.</param>
    /// <param name="times">How much longer the lower one is.</param>
    private void Bars(SignPlace place, float times)
    {
        const float length = 64,
            apart = 34,
            halfWidth = 9,
            off = 210;
        var towards = place.Out.X < 0 ? -1 : 1;
        var from = place.At + (new Vector2(towards * off, -20) * place.Size);
        foreach (var (row, long_) in new[] { (0, length), (1, length * times) })
        {
            var start = from + (new Vector2(0, row * apart) * place.Size);
            pen.Ribbon([start, start + (new Vector2(towards * long_, 0) * place.Size)], _ => halfWidth * place.Size);
        }
    }
}
