using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>
/// What one condition says to a move as it is taken: fine, smaller, or leave out. Whether there is another way is a matter of the person,
/// see <see cref="Advised"/>.
/// </summary>
/// <param name="Condition">Its id.</param>
/// <param name="Movement">To the movement by itself, wherever it is taken.</param>
/// <param name="Here">To what this position adds; fine where it adds nothing.</param>
/// <param name="From">What that rests on.</param>
/// <param name="Because">The reason, as the end of a sentence.</param>
/// <param name="How">How it is made smaller.</param>
public sealed record Verdict(string Condition, Advice Movement, Advice Here, Source From, string Because, string How)
{
    /// <summary>Movement and position together.</summary>
    public Advice Advice => Movement > Here ? Movement : Here;

    /// <summary>The side it is for, where the other side is done as everybody does it; none for both.</summary>
    public Side Only { get; init; }
}
