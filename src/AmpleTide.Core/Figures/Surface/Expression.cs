using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Figures.Surface;

/// <summary>A face, so that one can be blended into another.</summary>
/// <param name="Lids">0 shut, 1 open, more is wide.</param>
/// <param name="Mouth">0 shut, 1 open.</param>
/// <param name="Round">1 for rounded lips.</param>
/// <param name="Squeeze">1 for eyes and lips squeezed.</param>
/// <param name="Tongue">1 for the tongue out.</param>
/// <param name="Aside">1 for the jaw to the right, −1 to the left.</param>
internal readonly record struct Expression(float Lids, float Mouth, float Round, float Squeeze, float Tongue = 0, float Aside = 0)
{
    public static Expression Of(Face face) =>
        face switch
        {
            Face.EyesShut => new(0, 0, 0, 0),
            Face.EyesWide => new(1.6f, 0, 0, 0),
            Face.MouthOpen => new(0, 1, 0, 0),
            Face.JawOpen => new(1, 1, 0, 0),
            Face.LipsRound => new(1, .45f, 1, 0),
            Face.Squeezed => new(0, 0, 0, 1),
            Face.JawAside => new(1, 0, 0, 0, Aside: 1),
            Face.TongueOut => new(1.6f, 1, 0, 0, 1),
            _ => new(1, 0, 0, 0),
        };

    /// <summary>How far the jaw stands towards the left of its middle, in statures; more than life, so that it is seen.</summary>
    public float JawShift => -.017f * Aside;

    public Expression Towards(Expression end, float t) =>
        new(
            float.Lerp(Lids, end.Lids, t),
            float.Lerp(Mouth, end.Mouth, t),
            float.Lerp(Round, end.Round, t),
            float.Lerp(Squeeze, end.Squeeze, t),
            float.Lerp(Tongue, end.Tongue, t),
            float.Lerp(Aside, end.Aside, t)
        );
}
