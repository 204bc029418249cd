namespace AmpleTide.Core.Catalogue;

/// <summary>
/// What a teacher says to a move in all classes, in place of the catalogue's words or beside them; null where the catalogue's
/// do.
/// </summary>
/// <param name="Opener">Said before the talk-in.</param>
/// <param name="First">The talk-in of the first side.</param>
/// <param name="Second">The talk-in of the second side.</param>
/// <param name="Permission">Said after the talk-in: that less is plenty, that it may be left out.</param>
/// <param name="Closer">Said when the move is left.</param>
/// <param name="Nickname">What this teacher calls it.</param>
/// <param name="Cues">Cues by phase, from 1, as lines of a class have them.</param>
public sealed record TeacherWords(
    string? Opener,
    string? First,
    string? Second,
    string? Permission,
    string? Closer,
    string? Nickname,
    IReadOnlyDictionary<string, string> Cues
)
{
    /// <summary>The move as this teacher says it.</summary>
    public Move For(Move move) =>
        (Nickname is null ? move : move.Called(Nickname)) with
        {
            Talk = new(Joined(Opener, First ?? move.Talk.First, Permission), Second ?? move.Talk.Second),
            Phases = [.. move.Phases.Select((phase, i) => phase with { Cue = CueOf(phase, i, move) })],
        };

    /// <summary>A form of the move as this teacher says it.</summary>
    /// <param name="form">The form.</param>
    /// <param name="said">Its move, said so.</param>
    public static MoveForm For(MoveForm form, Move said) =>
        new(said, form.Position, form.Option, [.. form.Phases.Select((p, i) => p.As(p.Phase with { Cue = said.Phases[i].Cue }))]);

    // A closer goes with the last phase: of a hold the one time it is taken, of a flow the last.
    private Cue CueOf(Phase phase, int index, Move move)
    {
        var cue = phase.Cue;
        if (Cues.TryGetValue(Phase.Key(index), out var own))
            cue = new(own, Words.Count(own) <= Words.AtAGlance ? own : cue.Short, null);
        if (Closer is null || index < move.Phases.Count - 1)
            return cue;
        var holds = move.Phases.Any(p => p.IsStay);
        return holds ? new(Joined(cue.Long, Closer), cue.Short, cue.Last) : new(cue.Long, cue.Short, Joined(cue.Last ?? cue.Short, Closer));
    }

    // Sentences, one after the other.
    private static string Joined(params string?[] texts) =>
        string.Join(
            ' ',
            texts.OfType<string>().Select(t => t.Trim()).Where(t => t.Length > 0).Select(t => t[^1] is '.' or '!' or '?' ? t : t + ".")
        );
}
