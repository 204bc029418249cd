using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using AmpleTide.Core;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Notebook;
using AmpleTide.Core.Scoring;
using Markdig;
using Markdig.Syntax;
using Markdig.Syntax.Inlines;

namespace AmpleTide.Formats;

/// <summary>
/// The script as Markdown (CommonMark): a heading a section, a list item a line, own talk as a quotation, cues below. Moves are
/// linked by their
/// id, so that a file that was renamed by hand is still read right.
/// </summary>
public static partial class MarkdownFormat
{
    /// <summary>The format.</summary>
    public static readonly Format Format = new(
        "markdown",
        "Script, Markdown",
        ".md",
        "text/markdown",
        "Group, place, conventions, breath, pauses and notes stay behind; cues are written but not read back.",
        Write
    )
    {
        Read = Read,
    };

    private const string MoveLink = "move:";
    private const string Indent = "   ";

    private static byte[] Write(Score score)
    {
        var (plan, text) = (score.Plan, new StringBuilder());
        text.Append(CultureInfo.InvariantCulture, $"# {Escaped(plan.Title)}\n\n");
        text.Append(CultureInfo.InvariantCulture, $"{Clock(score.Total)} planned, {plan.Minutes} minutes wanted.\n");
        if (plan.Theme.Intention.Length > 0)
            text.Append(CultureInfo.InvariantCulture, $"\n> {Escaped(plan.Theme.Intention)}\n");
        var writer = new NotebookWriter(score.Catalogue);
        var lines = score.Lines.ToDictionary(l => l.Line.Id);
        foreach (var section in plan.Sections)
        {
            text.Append(CultureInfo.InvariantCulture, $"\n## {Escaped(NotebookWriter.HeadOf(section))}\n\n");
            foreach (var item in section.Items)
                Write(text, item, "", writer, lines);
        }
        return Format.Utf8.GetBytes(text.ToString());
    }

    private static void Write(StringBuilder text, Item item, string indent, NotebookWriter writer, Dictionary<string, LineScore> lines)
    {
        switch (item)
        {
            case Set set:
                text.Append(CultureInfo.InvariantCulture, $"{indent}1. {Escaped(NotebookWriter.HeadOf(set))}\n");
                foreach (var inner in set.Items)
                    Write(text, inner, indent + Indent, writer, lines);
                break;
            case Line line:
                WriteLine(text, line, lines[line.Id], indent, writer);
                break;
            default:
                text.Append(CultureInfo.InvariantCulture, $"{indent}1. {Escaped(NotebookWriter.Between(item))}\n");
                break;
        }
    }

    private static void WriteLine(StringBuilder text, Line line, LineScore scored, string indent, NotebookWriter writer)
    {
        var name = scored.Move?.Name ?? line.Move;
        text.Append(CultureInfo.InvariantCulture, $"{indent}1. [{Escaped(name)}]({MoveLink}{line.Move}){Escaped(writer.Usual(line))}");
        text.AppendJoin("", writer.Details(line).Select(d => ", " + Escaped(d))).Append('\n');
        if (line.Talk is { } talk)
            text.Append(CultureInfo.InvariantCulture, $"\n{indent}{Indent}> {Escaped(NotebookWriter.Folded(talk))}\n\n");
        if (scored.Form is not { } form || scored.Occurrences.Count == 0)
            return;
        var side = scored.Occurrences[0].Side;
        foreach (var (i, phase) in form.Phases.Index())
        {
            var cue = Words.For(line.Say.GetValueOrDefault(Phase.Key(i)) ?? phase.Phase.Cue.Long, side);
            text.Append(CultureInfo.InvariantCulture, $"{indent}{Indent}- {BreathOf(phase.Phase)}{Escaped(cue)}\n");
        }
    }

    private static string BreathOf(Phase phase) =>
        phase.Breath switch
        {
            Breath.In => "*in:* ",
            Breath.Out => "*out:* ",
            Breath.Stay => "*stay:* ",
            _ => "",
        };

    private static string Clock(TimeSpan time) =>
        string.Create(CultureInfo.InvariantCulture, $"{(int)time.TotalMinutes}:{time.Seconds:00}");

    // Whatever Markdown would take as a sign of its own.
    private static string Escaped(string text) => Signs().Replace(text.ReplaceLineEndings(" "), "\\$0");

    // Turned into a plan in plain words, line by line; those are read by the one reader there is.
    private static ClassPlan Read(byte[] content, ReadWith with)
    {
        var document = Markdown.Parse(Decoded.Of(content));
        var (text, title) = (new StringBuilder(), "Opened script");
        foreach (var block in document)
        {
            switch (block)
            {
                case HeadingBlock { Level: 1 } heading:
                    title = TextOf(heading.Inline, with);
                    break;
                case HeadingBlock heading:
                    var head = TextOf(heading.Inline, with);
                    text.Append(CultureInfo.InvariantCulture, $"# {head}{(head.EndsWith(':') ? "" : ":")}\n");
                    break;
                case ListBlock list:
                    Lines(text, list, "", with);
                    break;
            }
        }
        return TextFormat.Plan(text.ToString(), title.Length > 0 ? title : "Opened script", with);
    }

    private static void Lines(StringBuilder text, ListBlock list, string indent, ReadWith with)
    {
        foreach (var item in list.OfType<ListItemBlock>())
        foreach (var block in item)
        {
            switch (block)
            {
                case ParagraphBlock paragraph:
                    text.Append(CultureInfo.InvariantCulture, $"{indent}{TextOf(paragraph.Inline, with)}\n");
                    break;
                case QuoteBlock quote:
                    foreach (var said in quote.OfType<ParagraphBlock>())
                        text.Append(CultureInfo.InvariantCulture, $"{indent}  Say: {TextOf(said.Inline, with)}\n");
                    break;
                // Cues are bullets; what lies in a set is numbered.
                case ListBlock { IsOrdered: true } inner:
                    Lines(text, inner, indent + "  ", with);
                    break;
            }
        }
    }

    private static string TextOf(ContainerInline? inlines, ReadWith with)
    {
        var text = new StringBuilder();
        foreach (var inline in inlines ?? [])
        {
            switch (inline)
            {
                case LinkInline link when link.Url?.StartsWith(MoveLink, StringComparison.Ordinal) == true:
                    text.Append(with.Catalogue.Move(link.Url[MoveLink.Length..])?.Name ?? TextOf(link, with));
                    break;
                case ContainerInline container:
                    text.Append(TextOf(container, with));
                    break;
                case LiteralInline literal:
                    text.Append(literal.Content.ToString());
                    break;
                case HtmlEntityInline entity:
                    text.Append(entity.Transcoded.ToString());
                    break;
                case CodeInline code:
                    text.Append(code.Content);
                    break;
                case LineBreakInline:
                    text.Append(' ');
                    break;
            }
        }
        return text.ToString().Trim();
    }

    [GeneratedRegex(@"[\\`*_{}\[\]<>#+|!&~$^""'=-]|(?<=^\d+)[.)]|^[:]")]
    private static partial Regex Signs();
}
