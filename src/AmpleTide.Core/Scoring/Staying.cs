using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Scoring;

/// <summary>
/// What is said while a shape is held: how to settle, then further things to say, one a breath, spread over the stay. As much as leaves
/// half of it silent. Common practice, no source.
/// </summary>
internal static class Staying
{
    /// <summary>The share of a hold in which nothing is said.</summary>
    public const double Silent = 0.5;

    /// <summary>How fast instruction is spoken.</summary>
    public const double WordsASecond = 2.5;

    /// <summary>Words that are said while people already begin.</summary>
    public const int LeadIn = 2;

    /// <summary>The sentences that have room, in order. Own words stand alone.</summary>
    /// <param name="line">The line.</param>
    /// <param name="phase">The phase that is stayed in.</param>
    /// <param name="index">Which phase of the move it is, from 0.</param>
    /// <param name="length">How long it is stayed in.</param>
    public static IReadOnlyList<string> Said(Line line, Phase phase, int index, TimeSpan length)
    {
        if (line.Say.TryGetValue(Phase.Key(index), out var own))
            return [own];
        var room = LeadIn + (length.TotalSeconds * Silent * WordsASecond) - phase.Cue.LongWords;
        var said = new List<string> { phase.Cue.Long };
        foreach (var more in phase.Cue.Then)
        {
            room -= Words.Count(more);
            if (room < 0)
                break;
            said.Add(more);
        }
        return said;
    }

    /// <summary>What is said on one breath of the stay, or null for silence; the last breath is left to its notice.</summary>
    /// <param name="said">The sentences.</param>
    /// <param name="breath">Which breath, from 1.</param>
    /// <param name="of">How many there are.</param>
    public static string? On(IReadOnlyList<string> said, int breath, int of)
    {
        var room = Math.Max(1, of - 1);
        var count = Math.Min(said.Count, room);
        for (var i = 0; i < count; i++)
            if (1 + (i * room / count) == breath)
                return said[i];
        return null;
    }
}
