using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Scoring;

/// <summary>Why a line cannot begin in the shape the line before ended in.</summary>
public enum GoingOnHindered
{
    /// <summary>There is no line before it to go on from.</summary>
    NothingBefore,

    /// <summary>It is taken in another position.</summary>
    OtherPosition,

    /// <summary>It takes both sides, one after the other or in turn.</summary>
    BothSides,

    /// <summary>The line before ended on the other side.</summary>
    OtherSide,

    /// <summary>The feet stand or lie elsewhere.</summary>
    FeetElsewhere,
}

/// <summary>Whether a line can begin in the shape the line before ended in.</summary>
internal static class GoingOn
{
    // As far as a foot may slide or the pelvis shift over it without a step, in statures; by eye, no source.
    private const double WithoutAStep = 0.2;

    /// <summary>What stands in the way, or null.</summary>
    /// <param name="before">What was taken before.</param>
    /// <param name="ended">The side it ended on.</param>
    /// <param name="form">What is to be taken.</param>
    /// <param name="order">On which sides.</param>
    public static GoingOnHindered? Hindered(MoveForm before, Side ended, MoveForm form, SideOrder order) =>
        before.Position != form.Position ? GoingOnHindered.OtherPosition
        : order.Alternates || order.Passes.Count > 1 ? GoingOnHindered.BothSides
        : Differ(before.Move, ended, form.Move, order.Passes[0]) ? GoingOnHindered.OtherSide
        : FeetElsewhere(before, form) ? GoingOnHindered.FeetElsewhere
        : null;

    // Which thumb is on top, or which way round, has nothing to do with the side somebody leans to.
    private static bool Differ(Move before, Side ended, Move move, Side side) =>
        HasBodySide(before) && HasBodySide(move) && ended != Side.None && side != Side.None && ended != side;

    private static bool HasBodySide(Move move) => move.Sides is Sidedness.OneSided or Sidedness.Alternating;

    // Both are on the same side here, or one has none: their right sides tell.
    private static bool FeetElsewhere(MoveForm before, MoveForm form) =>
        (BetweenFeet(EndOf(before)) - BetweenFeet(BeginningOf(form))).Length > WithoutAStep;

    private static Shape EndOf(MoveForm form) => form.Phases[form.HasStay ? form.LastStay : ^1].Shape;

    private static Shape BeginningOf(MoveForm form) => form.Phases[form.HasStay ? form.FirstStay : 0].Shape;

    // From one foot to the other: it does not change when only the trunk moves over them.
    private static Vector BetweenFeet(Shape shape)
    {
        var body = shape.Skeleton();
        return body[Segment.LeftFoot].At(0, 0, 0) - body[Segment.RightFoot].At(0, 0, 0);
    }
}
