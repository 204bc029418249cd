using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures;

// What is drawn over the body: straps, and signs for what its shape does not show.
public sealed partial class FigureDrawing
{
    // A strap runs from one landmark to the next.
    private IEnumerable<FigurePart> Straps(Drawn drawn)
    {
        const double halfWidth = 0.0065;
        var along = drawn.Strap.Select(mark => mark.On(body)).ToList();
        if (along.Count > 1)
            yield return new(Tone.PropEdge, [.. along.Zip(along.Skip(1), (a, b) => CapsuleOf(a, halfWidth, b, halfWidth))], []);
    }

    private IEnumerable<FigurePart> SignsOf(Drawn drawn, Move move, int phase) =>
        drawn.Signs.SelectMany(s =>
        {
            var place = PlaceOf(s.Sign is Sign.Breath or Sign.Sips ? Breathing(s.At) : s.At, close: drawn.CloseUp is not null);
            return s.Sign switch
            {
                Sign.Attend => SignDrawing.Dotted(place),
                Sign.Breath => SignDrawing.Stream(place, move.Phases[phase].Breath),
                Sign.Sips when move.Phases[phase].Breath == Breath.In => SignDrawing.Sips(place, SipsUpTo(move, phase)),
                Sign.Sips => SignDrawing.Stream(place, move.Phases[phase].Breath),
                Sign.Sound => SignDrawing.Notes(place),
                Sign.Shake => SignDrawing.Bows(place),
                Sign.Circle => [SignDrawing.Ring(place)],
                Sign.Tap => SignDrawing.Rays(place),
                Sign.Outwards => SignDrawing.Arrows(place, outwards: true),
                _ => SignDrawing.Arrows(place, outwards: false),
            };
        });

    // Whoever opens the mouth breathes through it.
    private Landmark Breathing(Landmark mark) => look.Face is Face.MouthOpen or Face.LipsRound ? Landmark.Find("mouth")! : mark;

    // Phases that breathe in one after the other are sips.
    private static int SipsUpTo(Move move, int phase) =>
        move.Phases.Take(phase + 1).Reverse().TakeWhile(p => p.Breath == Breath.In).Count();

    // Where a landmark is seen, and which way out of the body. Breath leaves a nose downwards as much as forwards.
    private SignPlace PlaceOf(Landmark mark, bool close)
    {
        var outwards = mark.On(body) - mark.Inside(body);
        if (mark.Name == "nose")
            outwards += (Landmark.Find("chin")!.On(body) - Landmark.Find("crown")!.On(body)) * 0.3;
        var (at, seen) = (Project(mark.On(body)), view * outwards);
        var along = Math.Sqrt(Square(seen.X) + Square(seen.Y));
        // A joint has no outside, and what points straight at the eye has no way on the picture: up, then.
        var (outX, outY) = along < 1e-6 ? (0.0, -1.0) : (seen.X / along, -seen.Y / along);
        return new(at.X * Scale, at.Y * Scale, outX, outY, FacesTheEye: along < 0.6 * seen.Length && seen.Z > 0, close ? 0.7 : 1);
    }
}
