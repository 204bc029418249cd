using System.Text.Json;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Server.Contracts;

// What some of the people do otherwise, and what to ask tonight.
internal static partial class ScoreWriter
{
    private static void WriteConditions(Utf8JsonWriter json, IEnumerable<PersonSwap> swaps)
    {
        json.WriteStartArray(Field.Conditions);
        foreach (var swap in swaps)
            WriteSwap(json, swap);
        json.WriteEndArray();
    }

    private static void WriteSwap(Utf8JsonWriter json, PersonSwap swap)
    {
        var advised = swap.Advised;
        json.WriteStartObject();
        json.WriteString(Field.Id, advised.Verdicts[0].Condition);
        WriteTexts(json, Field.With, [.. advised.Person.Complaints.Select(c => c.Condition)]);
        json.WriteNumber(Field.People, advised.Person.Count);
        json.WriteString(Field.Movement, Word.Encoded(advised.Movement));
        json.WriteString(Field.Here, Word.Encoded(advised.Here));
        json.WriteString(Field.Advice, Word.Encoded(advised.Advice));
        json.WriteString(Field.From, Word.Encoded(advised.From));
        json.WriteString(Field.Because, advised.Because);
        json.WriteString(Field.How, advised.How);
        if (advised.Only != Side.None)
            json.WriteString(Field.Only, Word.Encoded(advised.Only));
        if (advised.To is { } to)
        {
            json.WriteStartObject(Field.To);
            json.WriteString(Field.Position, to.Position.Id);
            json.WriteString(Field.Option, to.Option);
            if (to.Move.Options.TryGetValue(to.Option, out var option))
                json.WriteString(Field.Cue, option.Cue);
            json.WriteEndObject();
        }
        json.WriteStartArray(Field.Instead);
        foreach (var instead in swap.Instead)
            WriteInstead(json, instead);
        json.WriteEndArray();
        if (advised.Advice == Advice.LeaveOut && swap.Instead.Count == 0)
            json.WriteString(Field.Meanwhile, Replacements.Meanwhile(advised.Form));
        json.WriteEndObject();
    }

    private static void WriteInstead(Utf8JsonWriter json, Replacement instead)
    {
        json.WriteStartObject();
        json.WriteString(Field.Move, instead.Form.Move.Id);
        json.WriteString(Field.Position, instead.Form.Position.Id);
        json.WriteString(Field.Option, instead.Form.Option);
        json.WriteString(Field.Advice, Word.Encoded(instead.Advice));
        json.WriteString(Field.Why, instead.Because);
        json.WriteEndObject();
    }

    private static void WriteAsk(Utf8JsonWriter json, Score score)
    {
        json.WriteStartArray(Field.Ask);
        foreach (var asked in People.ToAsk(score))
        {
            json.WriteStartObject();
            json.WriteString(Field.Condition, asked.Condition.Id);
            json.WriteStartArray(Field.Lines);
            foreach (var line in asked.Lines)
                json.WriteStringValue(line.Line.Id);
            json.WriteEndArray();
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }
}
