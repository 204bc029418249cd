using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Judgements;

/// <summary>All moves that have sides begin with the same one: who leads a room miscounts sides otherwise.</summary>
public static class FirstSide
{
    /// <summary>The rule.</summary>
    public static readonly Rule Rule = new("first-side", "Every move begins on the same side", Level.Hint, Judge);

    // Of fewer nobody can tell which side is the usual one.
    private const int Least = 3;

    private static IEnumerable<Finding> Judge(Score score)
    {
        var sided = score.Lines.Where(TakesBoth).ToList();
        var usual = score.Plan.FirstSide;
        var other = sided.Where(l => l.Occurrences[0].Side != usual).ToList();
        // A whole class the other way round is a choice; some moves of it are a slip.
        if (sided.Count < Least || other.Count == 0 || other.Count == sided.Count)
            yield break;
        var (odd, most) = other.Count * 2 <= sided.Count ? (other, usual) : (sided.Except(other).ToList(), usual.Opposite());
        yield return Rule.Found(
                odd,
                $"{odd[0].Move!.Name}{(odd.Count > 1 ? $" and {odd.Count - 1} more" : "")} begin{(odd.Count > 1 ? "" : "s")} on the "
                    + $"{Name(most.Opposite())}; the others begin on the {Name(most)}.",
                "Whoever leads keeps count by the first side; one order for all is easier to keep."
            )
            .Fix(
                $"Begin on the {Name(most)}",
                plan => plan.Mirror([.. odd.Select(l => OfRounds(l) ?? l.Line.Id).Distinct()], score.Catalogue)
            );
    }

    // Legs, arms and sides of the trunk, in a line or in the rounds of a set; which thumb is on top is another matter.
    private static bool TakesBoth(LineScore line) =>
        line.Move is { Sides: Sidedness.OneSided or Sidedness.Alternating }
        && line.Occurrences.Count > 0
        && line.Right.Amount > 0
        && line.Left.Amount > 0;

    // What follows the rounds of a set is turned with it.
    private static string? OfRounds(LineScore line) =>
        line.Line.Sides is null && line.Set is { } set && set.Rounds[0] != Side.None ? set.Id : null;

    private static string Name(Side side) => side == Side.Left ? "left" : "right";
}
