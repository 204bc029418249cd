using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>
/// The placed end of a phase. A catalogue has thousands; what can be read off one is read when it is first asked for, so that no start
/// waits for all of them.
/// </summary>
/// <param name="phase">As written, with the option's face and hands.</param>
/// <param name="shape">Its end, for the right side.</param>
/// <param name="position">The position it is taken in.</param>
/// <param name="residual">How far the worst contact is off, in statures.</param>
/// <param name="worst">Which contact that is.</param>
/// <param name="told">The axes that the author has named by then, the option's with them.</param>
public sealed class PhaseForm(Phase phase, Shape shape, Position position, double residual, string worst, IReadOnlySet<Axis> told)
{
    private readonly Lazy<Readings> readings = new(() => new(shape, position, told));

    /// <summary>As written, with the option's face and hands.</summary>
    public Phase Phase { get; } = phase;

    /// <summary>The same end, said or breathed otherwise.</summary>
    public PhaseForm As(Phase other) => new(other, Shape, Position, Residual, Worst, told);

    /// <summary>Its end, for the right side.</summary>
    public Shape Shape { get; } = shape;

    /// <summary>The position it is taken in.</summary>
    public Position Position { get; } = position;

    /// <summary>How far the worst contact is off, in statures.</summary>
    public double Residual { get; } = residual;

    /// <summary>Which contact that is.</summary>
    public string Worst { get; } = worst;

    /// <summary>What can be read off it, for the right side.</summary>
    public Facts Facts => readings.Value.Facts;

    /// <summary>How far it bends forward and back.</summary>
    public Bending Bending => readings.Value.Bending;

    /// <summary>The facts of the side that is being done.</summary>
    public Facts On(Side side) => side == Side.Left ? readings.Value.MirroredFacts : Facts;

    /// <summary>
    /// What is worked on when that side is being done. A move without sides works on both alike: which shin happens to lie in
    /// front is not its business.
    /// </summary>
    public Coverage CoverageOn(Side side) =>
        side switch
        {
            Side.Right => readings.Value.Coverage,
            Side.Left => readings.Value.MirroredCoverage,
            _ => readings.Value.Coverage.And(readings.Value.MirroredCoverage),
        };

    private sealed class Readings
    {
        public Readings(Shape shape, Position position, IReadOnlySet<Axis> told)
        {
            Facts = Facts.Of(shape, position.Base.Angles, told);
            MirroredFacts = Facts.Mirror();
            Bending = Bending.Of(Facts);
            var plain = position.Plain ? position.Facts : null;
            Coverage = Coverage.Of(Facts, plain);
            MirroredCoverage = Coverage.Of(MirroredFacts, plain?.Mirror());
        }

        public Facts Facts { get; }

        public Facts MirroredFacts { get; }

        public Bending Bending { get; }

        public Coverage Coverage { get; }

        public Coverage MirroredCoverage { get; }
    }
}
