using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Tracing;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Figures.Marks;

/// <summary>The signs of a phase's picture, each where it goes on.</summary>
/// <param name="form">The move as it is taken.</param>
/// <param name="phase">The phase whose end is pictured.</param>
/// <param name="see">A point of the room on the picture, in thousandths of a stature.</param>
internal sealed class Signs(MoveForm form, int phase, Func<Vector, Vector2> see)
{
    private readonly Skeleton body = form.Phases[phase].Shape.Skeleton();

    public void Draw(MarkPen pen)
    {
        var (drawing, breath) = (new SignDrawing(pen), form.Move.Phases[phase].Breath);
        foreach (var (sign, mark) in All(form, phase).Where(s => !SignDrawing.IsOfTwoPlaces(s.Sign)))
        {
            var place = PlaceOf(sign is Sign.Breath or Sign.Sips ? Breathing(mark) : mark);
            if (sign == Sign.Sips && breath == Breath.In)
                drawing.Sips(place, SipsUpToHere());
            else if (sign == Sign.Turn)
                drawing.Turn(place, LengthOf(mark));
            else if (sign == Sign.Gaze)
                drawing.Gaze(see(Landmark.Find("eyes")!.On(body)), see(Watched(mark)));
            else
                drawing.Draw(sign, place, breath);
        }
        foreach (var (sign, one, other) in Pairs())
            drawing.Draw(sign, one, other);
    }

    // Signs that go from one place to the next one named.
    private IEnumerable<(Sign Sign, SignPlace One, SignPlace Other)> Pairs() =>
        from signs in All(form, phase).Where(s => SignDrawing.IsOfTwoPlaces(s.Sign)).GroupBy(s => s.Sign)
        from pair in signs.Select(s => PlaceOf(s.At)).Chunk(2)
        where pair.Length == 2
        select (signs.Key, pair[0], pair[1]);

    /// <summary>The signs of the move and those of a phase.</summary>
    public static IEnumerable<(Sign Sign, Landmark At)> All(MoveForm form, int phase) =>
        form.Drawn.Signs.Concat(form.Phases[phase].Phase.Signs);

    // Who looks at the eyes looks far ahead.
    private Vector Watched(Landmark mark)
    {
        const double far = 7;
        var (at, inside) = (mark.On(body), mark.Inside(body));
        return mark.Name == "eyes" ? inside + ((at - inside) * far) : at;
    }

    // Whoever opens the mouth breathes through it.
    private Landmark Breathing(Landmark mark) =>
        form.Phases[phase].Phase.Look.Face is Face.MouthOpen or Face.LipsRound or Face.TongueOut ? Landmark.Find("mouth")! : mark;

    // Phases that breathe in one after the other are sips.
    private int SipsUpToHere() => form.Move.Phases.Take(phase + 1).Reverse().TakeWhile(p => p.Breath == Breath.In).Count();

    // Which way the limb of a landmark lies on the picture; across it where it points at the eye.
    private Vector2 LengthOf(Landmark mark)
    {
        var at = mark.On(body);
        var seen = see(at + (body[mark.Segment].Turn * new Vector(0, 1, 0))) - see(at);
        return seen.Length() < 1e-3f ? Vector2.UnitX : seen.Unit();
    }

    // Where a landmark is seen, and which way out of the body. Breath leaves a nose downwards as much as forwards.
    private SignPlace PlaceOf(Landmark mark)
    {
        const float small = .7f,
            alongThePicture = .6f;
        var (at, inside) = (mark.On(body), mark.Inside(body));
        var outwards = at - inside;
        if (mark.Name == "nose")
            outwards += (Landmark.Find("chin")!.On(body) - Landmark.Find("crown")!.On(body)) * 0.3;
        var seen = see(at + outwards) - see(at);
        var isAlong = seen.Length() >= alongThePicture * 1000 * outwards.Length;
        // A joint has no outside, and what points straight at the eye has no way on the picture: up, then.
        var way = seen.Length() < 1e-3f ? -Vector2.UnitY : seen.Unit();
        return new(see(at), way, FacesTheEye: outwards.Length > 1e-9 && !isAlong, form.Drawn.CloseUp is null ? 1 : small);
    }
}
