using System.Numerics;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>The solids that pictures are drawn from: a body of flesh above the floor.</summary>
public class SurfaceOfTheBody
{
    // How far flesh may sink into the floor it lies on, in statures: it gives.
    private const float Sinks = .03f;

    private static IEnumerable<MoveForm> Forms => Shipped.Catalogue.Moves.SelectMany(Shipped.Catalogue.Forms);

    [Fact]
    public void All_of_it_is_somewhere_and_no_hand_is_under_the_floor()
    {
        var solids = new Solids();
        foreach (var form in Forms)
            for (var phase = 0; phase < form.Phases.Length; phase++)
            {
                solids.Begin(200);
                Scene.Of(form, phase).AddTo(solids);
                foreach (var solid in solids.Span)
                {
                    var name = $"{form.Move.Id} in {form.Position.Id}, {form.Option}, phase {phase + 1}: {solid.Part}";
                    Assert.True(float.IsFinite(solid.Centre.LengthSquared() + solid.A.X + solid.B.Y + solid.C.Z), name);
                    if (solid.Part.IsHand())
                        Assert.True(solid.Centre.Y - Down(solid) > -Sinks, $"{name} at {solid.Centre.Y:0.000}");
                }
            }
    }

    private static float Down(Solid s) => MathF.Sqrt((s.A.Y * s.A.Y) + (s.B.Y * s.B.Y) + (s.C.Y * s.C.Y));
}
