using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>What moves are for, in the rough, read off what they ease most.</summary>
public static class Purposes
{
    /// <summary>What a form is for.</summary>
    public static Purpose Of(MoveForm form) =>
        form.Move.Kind switch
        {
            MoveKind.Rest => Purpose.Rest,
            MoveKind.Breathing => Purpose.Breath,
            _ when form.Easing.Strongest is [var most, ..] => Of(most),
            MoveKind.CheckIn => Purpose.Rest,
            _ => ByKind(form),
        };

    private static Purpose ByKind(MoveForm form) => form.Position.Family == Family.Standing ? Purpose.Legs : Purpose.Spine;

    private static Purpose Of(Area area) =>
        area switch
        {
            Area.Jaw or Area.Neck => Purpose.Neck,
            Area.Shoulders or Area.UpperBack or Area.Chest or Area.Arms or Area.WristsHands => Purpose.Shoulders,
            Area.SideBody or Area.MidBack or Area.LowBack => Purpose.Spine,
            Area.HipFront or Area.OuterHip or Area.InnerThigh => Purpose.Hips,
            Area.Breath => Purpose.Breath,
            _ => Purpose.Legs,
        };
}
