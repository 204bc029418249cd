using System.Text.Json;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Notebook;
using AmpleTide.Formats;

namespace AmpleTide.Server.Contracts;

/// <summary>A format of a class.</summary>
/// <param name="Id">As an export asks for it.</param>
/// <param name="Name">As a person reads it.</param>
/// <param name="Extension">What its files end in.</param>
/// <param name="LeavesOut">What it does not carry; empty where it carries all.</param>
/// <param name="Reads">Whether its files can be opened, too.</param>
public sealed record FormatResponse(string Id, string Name, string Extension, string LeavesOut, bool Reads)
{
    /// <summary>The answer for a format.</summary>
    public static FormatResponse Of(Format f) => new(f.Id, f.Name, f.Extension, f.LeavesOut, f.Read is not null);
}

/// <summary>A plan in plain words to be read, and what the class is to be called.</summary>
public sealed record ReadTextRequest(string Text, string? Title = null);

/// <summary>What was understood of a plan in plain words: line by line, and the class it makes.</summary>
public sealed record ReadTextResponse(IReadOnlyList<ReadLineResponse> Lines, JsonElement Class)
{
    /// <summary>The answer for a plan.</summary>
    public static ReadTextResponse Of(NotebookPlan plan) =>
        new([.. plan.Lines.Select(ReadLineResponse.Of)], JsonElement.Parse(TideWriter.Write(plan.Plan)));
}

/// <summary>One line of a plan.</summary>
/// <param name="Text">As it was written.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Id">What it came to in the class.</param>
/// <param name="Move">Its move.</param>
/// <param name="Dose">Its dose; left out for the usual one.</param>
/// <param name="Sides">Its sides; left out for the move's own.</param>
/// <param name="Position">The position that was named, or that a way leads to.</param>
/// <param name="Sure">Whether it is as good as said.</param>
/// <param name="Doubt">Why it is not.</param>
/// <param name="Others">Other moves it could be, likest first.</param>
public sealed record ReadLineResponse(
    string Text,
    [property: WordsOf(typeof(NotebookKind))] string Kind,
    string? Id,
    string? Move,
    DoseGiven? Dose,
    string? Sides,
    string? Position,
    bool Sure,
    string? Doubt,
    IReadOnlyList<string> Others
)
{
    /// <summary>The answer for a line.</summary>
    public static ReadLineResponse Of(NotebookLine line) =>
        new(
            line.Text,
            Word.Encoded(line.Kind).ToString(),
            line.Id,
            line.Move?.Id,
            line.Dose is { } dose ? new(dose.Unit, dose.Amount) : null,
            line.Sides?.Word,
            line.Position,
            line.Sure,
            line.Doubt,
            [.. line.Others.Select(m => m.Id)]
        );
}

/// <summary>How much of a move.</summary>
public sealed record DoseGiven(Unit Unit, int Amount);

/// <summary>A file that was opened: in which format, and the class in it.</summary>
public sealed record OpenedResponse(string Format, JsonElement Class);
