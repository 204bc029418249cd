using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Paths;
using AmpleTide.Core.Figures.Surface;
using Vector = AmpleTide.Core.Body.Vector;

namespace AmpleTide.Core.Figures;

/// <summary>An area of the body on one of its sides, as it is seen on the map.</summary>
/// <param name="Area">The area.</param>
/// <param name="Side">The side of the body.</param>
/// <param name="X">Where its path begins, in thousandths of a stature.</param>
/// <param name="Y">Where its path begins.</param>
/// <param name="Steps">How it goes on: data of an SVG path, all of it relative.</param>
public sealed record MappedArea(Area Area, Side Side, int X, int Y, string Steps);

/// <summary>One face of the body map: a person, and the areas of their surface.</summary>
/// <param name="Body">The person.</param>
/// <param name="Areas">What is seen of each area, right and left apart.</param>
public sealed record BodyFace(Figure Body, IReadOnlyList<MappedArea> Areas);

/// <summary>The body from the front and from the back, its areas as regions of its surface.</summary>
public static class BodyMap
{
    private const float Fine = 520;
    private const int Sides = 2;

    // Standing, the arms a little away from the trunk and the feet apart, so that each area is seen.
    private static readonly Lazy<Scene> Person = new(() =>
    {
        var angles = Angles.Zero.With(
            new Dictionary<Axis, double>
            {
                [Axis.RightShoulderElevation] = 17,
                [Axis.LeftShoulderElevation] = 17,
                [Axis.RightHipAbduction] = 5,
                [Axis.LeftHipAbduction] = 5,
            }
        );
        var shape = new Shape(angles, new Vector(0, Segments.HipHeight, 0), [], []);
        return Scene.Of(shape, Look.Calm) with { Mat = null };
    });

    /// <summary>The body from the front.</summary>
    public static BodyFace Front { get; } = Draw(new(0, 4), isFront: true);

    /// <summary>The body from the back.</summary>
    public static BodyFace Back { get; } = Draw(new(180, 4), isFront: false);

    private static BodyFace Draw(Viewpoint view, bool isFront)
    {
        var (scene, centre) = (Person.Value, Vector3.Zero);
        var body = Renderer.Draw(scene, view, centre, Fine);
        var regions = Renderer.Regions(
            scene,
            view,
            centre,
            Fine,
            (part, point) =>
                AreasOfTheSurface.At(scene.Pose, part, point, isFront) is { } area ? 1 + ((int)area * Sides) + (point.X > 0 ? 1 : 0) : 0
        );
        return new(
            body,
            [
                .. regions.Select(r => new MappedArea(
                    (Area)((r.Code - 1) / Sides),
                    (r.Code - 1) % Sides == 0 ? Side.Right : Side.Left,
                    r.Path.X,
                    r.Path.Y,
                    r.Path.Steps
                )),
            ]
        );
    }
}

/// <summary>
/// Where each area lies on the surface of somebody who stands. Heights in statures, borders at landmarks as anatomy names them: the
/// lower ribs, the crest of the hip, the fold of the seat; by eye, no source.
/// </summary>
internal static class AreasOfTheSurface
{
    // Above the floor.
    private const float BreastLine = .700f,
        LowestRib = .655f,
        HipCrest = .590f,
        SeatFold = .478f;

    // Beside the middle, and along a limb from its upper joint.
    private const float Flank = .052f,
        AroundTheShoulder = .066f,
        ArmRoot = .062f,
        WristFrom = .118f,
        HipFrom = .055f,
        CalfTo = .190f;

    public static Area? At(Pose pose, Part part, Vector3 point, bool isFront)
    {
        var side = point.X > 0 ? 1 : 0;
        float Along(Segment right) => -pose.On(right, side).Into(point).Y;
        return part.OnTheRight() switch
        {
            Part.Head or Part.Ear => isFront && pose.Head.Into(point).Y < Pose.HeadCentre - .022f ? Area.Jaw : null,
            Part.Neck => Area.Neck,
            Part.Trunk when (point - pose.On(Segment.RightUpperArm, side).Origin).Length() < AroundTheShoulder => Area.Shoulders,
            Part.Trunk => isFront ? OfTheFront(point) : OfTheBack(point),
            Part.RightUpperArm => Along(Segment.RightUpperArm) < ArmRoot ? Area.Shoulders : Area.Arms,
            Part.RightForearm => Along(Segment.RightForearm) < WristFrom ? Area.Arms : Area.WristsHands,
            Part.RightThigh => OfTheThigh(pose, point, side, isFront),
            Part.RightShank => !isFront && Along(Segment.RightShank) < CalfTo ? Area.Calves : null,
            Part.RightFoot or Part.RightToes => Area.Feet,
            _ when part.IsHand() => Area.WristsHands,
            _ => null,
        };
    }

    private static Area? OfTheFront(Vector3 point) =>
        point.Y switch
        {
            > BreastLine => Area.Chest,
            > HipCrest => MathF.Abs(point.X) > Flank ? Area.SideBody : Area.Breath,
            _ => Area.HipFront,
        };

    private static Area? OfTheBack(Vector3 point) =>
        point.Y switch
        {
            > BreastLine + .012f => Area.UpperBack,
            > LowestRib => Area.MidBack,
            > HipCrest - .012f => Area.LowBack,
            _ => Area.OuterHip,
        };

    private static Area? OfTheThigh(Pose pose, Vector3 point, int side, bool isFront)
    {
        const float inwards = .012f,
            knee = .215f;
        var at = pose.On(Segment.RightThigh, side).Into(point);
        if (-at.Y > knee)
            return null;
        if (!isFront)
            return point.Y > SeatFold ? Area.OuterHip : Area.Hamstrings;
        if (-at.Y < HipFrom)
            return Area.HipFront;
        return at.X * SurfaceNumbers.Outward(side) < -inwards ? Area.InnerThigh : Area.Thighs;
    }
}
