using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>
/// Reads off a move in one position what it asks: from its shapes and phases, and from its kind. Every grade has a margin, so that a few
/// degrees of the solver's change no advice; sways, crossings and lifts that nobody named are no facts. The thresholds are common
/// practice, no source.
/// </summary>
internal sealed partial class StrainReading
{
    private readonly MoveForm form;
    private readonly Side limbs;
    private readonly PhaseForm[] phases;
    private readonly Strains strains = new();

    private StrainReading(MoveForm form, Side limbs)
    {
        (this.form, this.limbs) = (form, limbs);
        phases = form.Phases;
    }

    /// <summary>What a move asks in this position with this option.</summary>
    /// <param name="form">The move as it is taken.</param>
    /// <param name="limbs">The side whose arm and leg count; none for both.</param>
    public static Strains Of(MoveForm form, Side limbs)
    {
        var reading = new StrainReading(form, limbs);
        reading.ReadNeck();
        reading.ReadTrunk();
        reading.ReadArms();
        reading.ReadLegs();
        reading.ReadLying();
        reading.ReadBreathAndEffort();
        return reading.strains;
    }

    private Move Move => form.Move;

    private Position Position => form.Position;

    private bool Standing => Position.Family == Family.Standing;

    private bool OnFeet => Standing || Position.Id == "inverted-v";

    private bool Held => Move.Kind is MoveKind.Hold or MoveKind.Balance or MoveKind.Rest or MoveKind.CheckIn;

    private void Grades(Strain strain, double value, double some, double much, Source from = Source.Shape) =>
        strains.Raise(
            strain,
            value >= much ? Grade.Much
                : value >= some ? Grade.Some
                : Grade.None,
            from
        );

    private void Mark(Strain strain, bool asked, Grade grade = Grade.Some, Source from = Source.Shape)
    {
        if (asked)
            strains.Raise(strain, grade, from);
    }

    private double Most(Func<PhaseForm, double> of) => phases.Max(of);

    private double Least(Func<PhaseForm, double> of) => phases.Min(of);

    private bool Any(Func<PhaseForm, bool> of) => phases.Any(of);

    private static double Angle(PhaseForm phase, Axis axis) => phase.Shape.Angles[axis];

    private static double Spine(PhaseForm phase, Axis lower, Axis upper) => Angle(phase, lower) + Angle(phase, upper);

    // The greater of both sides, or that of the side that counts; an angle taken the way the sign says.
    private double Either(PhaseForm phase, Axis right, int sign = 1) => Limbs(right).Max(axis => sign * Angle(phase, axis));

    private Axis[] Limbs(Axis right) =>
        limbs switch
        {
            Side.Right => [right],
            Side.Left => [Axes.Mirror(right)],
            _ => [right, Axes.Mirror(right)],
        };

    // An angle that is the author's: the option or the move names it, in this phase or one before. What only the solver made of it counts
    // as nothing.
    private double Meant(int phase, Axis axis)
    {
        var named = form.Option != MoveForm.BaseOption && Names(Move.Options[form.Option].Change, axis);
        for (var i = phase; i >= 0 && !named; i--)
            named = Names(phases[i].Phase.Change, axis);
        return named ? Angle(phases[phase], axis) : 0;
    }

    private static bool Names(ShapeChange change, Axis axis) => change.Angles.ContainsKey(axis) || change.Near.ContainsKey(axis);

    // The same, or as the position has it.
    private double MeantOrPosed(Axis right, int sign = 1) =>
        Math.Max(MostMeant(right, sign), Limbs(right).Max(axis => sign * Position.Base.Angles[axis]));

    private double MostMeant(Axis right, int sign = 1) =>
        Enumerable.Range(0, phases.Length).Max(i => Limbs(right).Max(axis => sign * Meant(i, axis)));

    private static bool HandTouches(PhaseForm phase, params string[] what) =>
        phase.Shape.Touches.Any(t =>
            t.Mark.Segment is Segment.RightHand or Segment.LeftHand && what.Any(w => t.On.Name.Contains(w, StringComparison.Ordinal))
        );

    private static bool Rests(PhaseForm phase, params string[] marks) =>
        phase.Shape.Contacts.Any(c => marks.Any(m => c.Mark.Name == m || c.Mark.Name.EndsWith("." + m, StringComparison.Ordinal)));
}
