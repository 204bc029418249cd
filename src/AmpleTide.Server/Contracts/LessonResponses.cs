using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Rehearsal;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Teaching;
using AmpleTide.Fitting;

namespace AmpleTide.Server.Contracts;

/// <summary>A class to be laid out for teaching.</summary>
public sealed record LessonRequest(JsonElement Class);

/// <summary>Everything a class is taught from, with nothing left to ask for but its pictures and its ladder.</summary>
/// <param name="TotalMs">How long it is planned to last.</param>
/// <param name="Lines">Its lines, by id.</param>
/// <param name="Passes">What happens, in order.</param>
/// <param name="Rest">The lines of the final rest, and the least they come to.</param>
/// <param name="Before">What is set up and said before it begins.</param>
/// <param name="Ladder">By how many milliseconds the class can be made shorter or longer: what to ask the ladder for, the least
/// change first.</param>
/// <param name="Score">The class as planned, without its events.</param>
public sealed record LessonResponse(
    int TotalMs,
    IReadOnlyDictionary<string, LessonLineResponse> Lines,
    IReadOnlyList<PassResponse> Passes,
    LessonRestResponse Rest,
    IReadOnlyList<PreparationResponse> Before,
    IReadOnlyList<int> Ladder,
    JsonElement Score
)
{
    /// <summary>The answer for a lesson.</summary>
    public static LessonResponse Of(Lesson lesson, IReadOnlyList<Finding> findings)
    {
        var (score, startMs, passes) = (lesson.Score, 0, new List<PassResponse>());
        foreach (var pass in lesson.Passes)
        {
            var response = PassResponse.Of(pass, startMs);
            passes.Add(response);
            startMs += response.Doses.First(d => d.Amount == pass.Amount).Events.Sum(e => e.Ms);
        }
        return new(
            (int)score.Total.Ms(),
            score.Lines.Where(l => l.Form is not null).ToDictionary(l => l.Line.Id, LessonLineResponse.Of),
            passes,
            LessonRestResponse.Of(score),
            [.. BeforeClass.Of(score).Select(p => new PreparationResponse(p.Id, p.Text, [.. p.Lines.Select(l => l.Line.Id)]))],
            [.. Fitting.Ladder.Changes(score).Select(c => (int)c.Ms())],
            JsonElement.Parse(ScoreWriter.Bytes(new(score with { Events = null }, findings)))
        );
    }
}

/// <summary>A line as it is taught.</summary>
/// <param name="Move">Its move.</param>
/// <param name="Name">What the move is called.</param>
/// <param name="Position">Where it is taken.</param>
/// <param name="Option">In which option.</param>
/// <param name="Unit">What it is counted in.</param>
/// <param name="Sides">How it has sides.</param>
/// <param name="Circle">What its directions are called, where it circles.</param>
/// <param name="RightNames">What <i>right</i> means in it, or null.</param>
/// <param name="Easier">What is said to whoever takes it easier, or null.</param>
/// <param name="Holds">Whether it is stayed in, each at their own breath.</param>
/// <param name="Felt">Where it is felt, with {right} and {left} still in it, or null.</param>
/// <param name="Watch">What to watch for.</param>
public sealed record LessonLineResponse(
    string Move,
    string Name,
    string Position,
    string Option,
    [property: WordsOf(typeof(Unit))] string Unit,
    Sidedness Sides,
    Circle Circle,
    string? RightNames,
    string? Easier,
    bool Holds,
    string? Felt,
    IReadOnlyList<WatchResponse> Watch
)
{
    /// <summary>The answer for a line that has a move.</summary>
    public static LessonLineResponse Of(LineScore line) =>
        new(
            line.Move!.Id,
            line.Move.Name,
            line.Position!.Id,
            line.Line.Option,
            Word.Encoded(line.Dose.Unit).ToString(),
            line.Move.Sides,
            line.Move.Circle,
            line.Move.RightNames,
            line.Line.Option != MoveForm.EasierOption && line.Move.Options.TryGetValue(MoveForm.EasierOption, out var easier)
                ? easier.Cue
                : null,
            Core.Planning.PassTiming.IsHold(line.Form!, line.Dose.Unit, line.Alternates),
            Core.Catalogue.Felt.In(line.Form!),
            WatchResponse.Of(line.Move)
        );
}

/// <summary>One side or one round of a line, or talk or waiting.</summary>
/// <param name="Line">Of what.</param>
/// <param name="Round">The round of its set, from 1.</param>
/// <param name="Side">The side.</param>
/// <param name="StartMs">When it begins as planned, with the way to it.</param>
/// <param name="Follows">The pass (from 0) whose dose it takes, or null.</param>
/// <param name="Amount">The dose as planned.</param>
/// <param name="Doses">What happens at each dose.</param>
public sealed record PassResponse(
    string Line,
    int Round,
    [property: WordsOf(typeof(Side))] string Side,
    int StartMs,
    int? Follows,
    int Amount,
    IReadOnlyList<PassDoseResponse> Doses
)
{
    /// <summary>The answer for a pass.</summary>
    public static PassResponse Of(Pass pass, int startMs) =>
        new(
            pass.Item.Item.Id,
            pass.Round,
            Word.Encoded(pass.Side).ToString(),
            startMs,
            pass.Follows,
            pass.Amount,
            [.. pass.Doses.Select(d => new PassDoseResponse(d.Amount, [.. d.Events.Select(LessonEventResponse.From)]))]
        );
}

/// <summary>A pass at a dose.</summary>
public sealed record PassDoseResponse(int Amount, IReadOnlyList<LessonEventResponse> Events);

/// <summary>One event of a pass: what is said, and what of it is read from afar.</summary>
public sealed record LessonEventResponse(
    int Ms,
    [property: WordsOf(typeof(EventKind))] string Kind,
    [property: WordsOf(typeof(Breath))] string Breath,
    int Phase,
    [property: WordsOf(typeof(Side))] string Side,
    int Round,
    int Of,
    string? Cue,
    IReadOnlyList<string> Headlines
)
{
    /// <summary>The answer for an event.</summary>
    public static LessonEventResponse From(LessonEvent e) =>
        new(
            (int)e.Length.Ms(),
            Word.Encoded(e.Kind).ToString(),
            Word.Encoded(e.Breath).ToString(),
            e.Phase,
            Word.Encoded(e.Side).ToString(),
            e.Round,
            e.Of,
            e.Cue,
            e.Headlines
        );
}

/// <summary>Something to set up or say before a class begins, and the lines it is for.</summary>
public sealed record PreparationResponse(string Id, string Text, IReadOnlyList<string> Lines);

/// <summary>The final rest.</summary>
/// <param name="Lines">Its quiet lines.</param>
/// <param name="LeastMs">What they come to at least.</param>
/// <param name="Ms">What they come to as planned.</param>
public sealed record LessonRestResponse(IReadOnlyList<string> Lines, int LeastMs, int Ms)
{
    /// <summary>The answer for a class.</summary>
    public static LessonRestResponse Of(Score score)
    {
        var planned = Arc.RestTime(score);
        var least = RestLength.Needed(score.Plan.Minutes);
        return new(
            [.. Arc.Rest(score).Where(Arc.IsQuiet).Select(l => l.Line.Id)],
            (int)(least < planned ? least : planned).Ms(),
            (int)planned.Ms()
        );
    }
}

/// <summary>A class, and by how many milliseconds it is to end later (less than 0: earlier).</summary>
public sealed record LadderRequest(JsonElement Class, int ByMs);

/// <summary>A fit of what is left of a class.</summary>
/// <param name="From">The first line (from 0) it holds from.</param>
/// <param name="To">The last line it holds from.</param>
/// <param name="TotalMs">How long the class is with it.</param>
/// <param name="Changes">The doses that change.</param>
public sealed record RungResponse(int From, int To, int TotalMs, IReadOnlyList<FitChangeResponse> Changes)
{
    /// <summary>The answer for a rung.</summary>
    public static RungResponse Of(Rung rung) =>
        new(
            rung.From,
            rung.To,
            (int)rung.Total.Ms(),
            [.. rung.Changes.Select(c => new FitChangeResponse(c.Line.Line.Id, c.From, c.To, Word.Encoded(c.Line.Dose.Unit).ToString()))]
        );
}

/// <summary>Who wants to teach a class.</summary>
/// <param name="Session">The tab's own name.</param>
/// <param name="TakeOver">Whether it takes the class from another tab or browser.</param>
/// <param name="State">Where it has got to, for whoever takes over; left out, what was said last holds.</param>
public sealed record TeachingRequest(string Session, bool TakeOver = false, JsonElement? State = null);

/// <summary>Who teaches a class, since when, and where it has got to.</summary>
public sealed record TeachingResponse(string Session, DateTimeOffset Since, JsonElement? State);
