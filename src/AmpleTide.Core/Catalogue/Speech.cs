namespace AmpleTide.Core.Catalogue;

/// <summary>Which of a move's names a teacher goes by.</summary>
public enum NameKind
{
    /// <summary>The usual one, in plain English.</summary>
    Everyday,

    /// <summary>The traditional one, where a move has one to itself.</summary>
    Traditional,
}

/// <summary>How a teacher says moves in all classes.</summary>
/// <param name="Words">Own words by the id of the move.</param>
/// <param name="Names">Which names they go by where a move has no nickname.</param>
public sealed record Speech(IReadOnlyDictionary<string, TeacherWords> Words, NameKind Names)
{
    /// <summary>The catalogue's words and everyday names.</summary>
    public static Speech Plain { get; } = new(new Dictionary<string, TeacherWords>(), NameKind.Everyday);

    /// <summary>The moves of a catalogue that are said otherwise, as this teacher says them, by id.</summary>
    public IReadOnlyDictionary<string, Move> Said(IReadOnlyList<Move> moves)
    {
        var shared = moves.GroupBy(FirstTraditional).Where(g => g.Count() > 1).Select(g => g.Key).ToHashSet();
        return moves
            .Select(m => (Before: m, Now: Of(m)))
            .Where(m => !ReferenceEquals(m.Before, m.Now))
            .ToDictionary(m => m.Now.Id, m => m.Now);

        Move Of(Move move)
        {
            var first = FirstTraditional(move);
            var called = Names == NameKind.Traditional && first is not null && !shared.Contains(first) ? move.Called(first) : move;
            return Words.TryGetValue(move.Id, out var words) ? words.For(called) : called;
        }
    }

    private static string? FirstTraditional(Move move) => move.Traditional?.Split(", ")[0];
}
