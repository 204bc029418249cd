using System.Numerics;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures.Surface;

namespace AmpleTide.Core.Figures;

/// <summary>All that is in a picture, before it is seen from anywhere.</summary>
internal sealed record Scene
{
    public required Pose Pose { get; init; }

    /// <summary>How the right and the left hand lie.</summary>
    public required HandPose[] Hands { get; init; }

    public Expression Face { get; init; } = Expression.Of(Catalogue.Face.Calm);

    /// <summary>None where only hands are seen.</summary>
    public Mat? Mat { get; init; }

    /// <summary>Contacts on props, each with the body that it is found on.</summary>
    public IReadOnlyList<(IReadOnlyList<Contact> Contacts, Skeleton Body)> Props { get; init; } = [];

    /// <summary>Props that only stand by, and the body they stand under.</summary>
    public IReadOnlyList<(Support Prop, Landmark Mark, Skeleton Body)> Standing { get; init; } = [];

    /// <summary>Where a strap runs.</summary>
    public IReadOnlyList<Landmark> Strap { get; init; } = [];

    /// <summary>The body that pulls it straight; null for the one that is drawn.</summary>
    public Skeleton? Pulled { get; init; }

    /// <summary>Which parts are seen; null for all.</summary>
    public Func<Part, bool>? Seen { get; init; }

    /// <summary>A body on what it rests on.</summary>
    public static Scene Of(Shape shape, Look look)
    {
        var pose = new Pose(shape);
        return new()
        {
            Pose = pose,
            Hands = HandPosing.Both(pose, look),
            Face = Expression.Of(look.Face),
            Mat = Mat.Under([pose]),
            Props = [(shape.Contacts, pose.Skeleton)],
        };
    }

    /// <summary>The end of a phase of a move, with what stands by and what is held.</summary>
    public static Scene Of(MoveForm form, int phase) => Of(form.Phases[phase].Shape, form.Phases[phase].Phase.Look).With(form);

    /// <summary>The same with the props and straps of a move.</summary>
    public Scene With(MoveForm form)
    {
        // A prop of the position that is left for a while stays where it was.
        var rest = form.Position.Base;
        var left = rest.Contacts.Where(c => c.On != Support.Floor && !Pose.Shape.Contacts.Any(now => now.On == c.On)).ToList();
        var pictured = form.Phases[form.Move.Picture].Shape.Skeleton();
        return this with
        {
            Props = [(left, rest.Skeleton()), .. Props],
            Standing = [.. form.Drawn.Stands.Select(s => (s.Key, s.Value, pictured))],
            Strap = form.Drawn.Strap,
            Pulled = pictured,
        };
    }

    // A ball between back and wall keeps them apart.
    private float BallBehind =>
        (float)Standing.Where(s => s.Prop.Name == "ball" && s.Mark.Segment == Segment.Upper).Sum(s => s.Prop.Height);

    /// <summary>Adds all solids of it.</summary>
    public void AddTo(Solids solids)
    {
        BodySurface.Add(solids, Pose, Face);
        for (var side = 0; side < 2; side++)
            HandSurface.Add(solids, HandFrame.Of(Pose, side), Hands[side], side);
        var props = new PropSurface(solids);
        foreach (var (contacts, body) in Props)
            props.Under(contacts, body, BallBehind);
        foreach (var (prop, mark, body) in Standing)
            props.Standing(prop, mark, body);
        props.Strap(Strap, Pose.Skeleton, Pulled ?? Pose.Skeleton);
        if (Seen is not null)
            solids.Keep(Seen);
        if (Mat is not null)
            Shadow.Add(solids);
    }
}
