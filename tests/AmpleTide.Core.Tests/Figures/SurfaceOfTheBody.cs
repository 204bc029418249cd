using System.Numerics;
using AmpleTide.Core.Body;
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

    // Less than a fifth of a hand, in statures squared, is not seen on a card.
    private const double LeastHand = .0009;

    [Fact]
    public void A_hand_that_touches_is_seen_on_the_card()
    {
        var hidden = Shipped
            .Catalogue.Moves.Where(m => m.Hidden is null)
            .AsParallel()
            .SelectMany(move =>
            {
                var form = Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
                var shape = form.Phases[move.Picture].Shape;
                var seen = Renderer.Seen(Scene.Of(form, move.Picture), form.View, FigureDrawing.CentreOf(shape).Single());
                // Where both hands do the same, one that is seen stands for the other.
                bool IsHidden(Touch touch) =>
                    HandOf(touch) is { } hand
                    && Area(seen, hand.SideOf()) < LeastHand
                    && !(IsMutual(touch, shape) && Area(seen, 1 - hand.SideOf()) >= LeastHand);
                return shape.Touches.Where(IsHidden).Select(t => $"{move.Id}: {t.Mark.Name} on {t.On.Name}");
            })
            .Order()
            .ToList();
        Assert.True(hidden.Count == 0, string.Join('\n', hidden));
    }

    private static bool IsMutual(Touch touch, Shape shape) =>
        touch.Grip is Grip.Clasp or Grip.Press || shape.Touches.Contains(touch.Mirror()) || shape.Touches.Any(t => t.Grip == Grip.Press);

    private static Segment? HandOf(Touch touch) => touch.Mark.Segment.OnTheRight() == Segment.RightHand ? touch.Mark.Segment : null;

    private static double Area(IReadOnlyDictionary<Part, double> seen, int side) =>
        seen.Where(s => s.Key.IsHand() && s.Key.IsLeft() == (side == 1)).Sum(s => s.Value);

    private static float Down(Solid s) => MathF.Sqrt((s.A.Y * s.A.Y) + (s.B.Y * s.B.Y) + (s.C.Y * s.C.Y));
}
