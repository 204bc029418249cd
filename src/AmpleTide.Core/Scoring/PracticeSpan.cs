using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Scoring;

/// <summary>A stretch of practice in the order of time: one phase of a hold, or all rounds or beats of a flow.</summary>
/// <param name="Line">Whose.</param>
/// <param name="Phase">The phase, from 0, or <see cref="Flow"/>.</param>
/// <param name="Side">The side; none when it alternates.</param>
/// <param name="At">When it begins.</param>
/// <param name="Length">How long it lasts.</param>
/// <param name="Amount">Breaths or seconds of a stay, rounds or beats of a flow; 0 going in and coming out.</param>
public readonly record struct PracticeSpan(LineScore Line, int Phase, Side Side, TimeSpan At, TimeSpan Length, int Amount)
{
    /// <summary>All phases in turn.</summary>
    public const int Flow = -1;

    /// <summary>When it ends.</summary>
    public TimeSpan End => At + Length;

    /// <summary>The phase that is taken, or null in a flow.</summary>
    public PhaseForm? Form => Phase == Flow ? null : Line.Form!.Phases[Phase];

    /// <summary>What it bends at least and at most, of one kind.</summary>
    public (double Least, double Most) Bending(Bend bend) =>
        Form is { } phase ? (phase.Bending[bend], phase.Bending[bend]) : (Line.Form!.Bends.Least[bend], Line.Form.Bends.Most[bend]);
}
