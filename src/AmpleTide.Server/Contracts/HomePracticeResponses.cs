using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Rehearsal;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Server.Contracts;

/// <summary>Asks for a practice at home.</summary>
/// <param name="Class">The class.</param>
/// <param name="Lines">The lines that go home; those that suggest themselves where none are given.</param>
public sealed record HomePracticeRequest(JsonElement Class, IReadOnlyList<string>? Lines);

/// <summary>A few moves of a class for home.</summary>
/// <param name="Lines">Their lines, in the order of the class.</param>
/// <param name="Moves">What to do.</param>
/// <param name="AskFirst">All conditions with which one asks first, by name.</param>
/// <param name="Ms">About how long it takes.</param>
public sealed record HomePracticeResponse(
    IReadOnlyList<string> Lines,
    IReadOnlyList<HomeMoveResponse> Moves,
    IReadOnlyList<string> AskFirst,
    int Ms
)
{
    /// <summary>The answer for these lines of a class.</summary>
    public static HomePracticeResponse Of(Score score, IReadOnlyList<string> lines)
    {
        var moves = HomePractice.Of(score, lines);
        return new(
            [.. moves.Select(m => m.Line.Line.Id)],
            [.. moves.Select(HomeMoveResponse.Of)],
            [.. moves.SelectMany(m => m.AskFirst).Distinct()],
            moves.Sum(m => (int)m.Line.Time.Ms())
        );
    }
}

/// <summary>A move at home; figure is what to ask pictures for.</summary>
public sealed record HomeMoveResponse(
    string Line,
    string Move,
    string Name,
    string Position,
    string Option,
    string Where,
    string Dose,
    IReadOnlyList<string> How,
    string? Easier,
    IReadOnlyList<string> Mind,
    IReadOnlyList<string> AskFirst,
    IReadOnlyList<string> Props
)
{
    internal static HomeMoveResponse Of(HomeMove home)
    {
        var form = home.Line.Form!;
        return new(
            home.Line.Line.Id,
            form.Move.Id,
            form.Move.Name,
            form.Position.Id,
            form.Option,
            form.Position.Name,
            home.Dose,
            home.How,
            home.Easier,
            home.Mind,
            home.AskFirst,
            [.. form.Props]
        );
    }
}
