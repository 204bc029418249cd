using System.Buffers;
using System.Text.Json;
using AmpleTide.Core;
using AmpleTide.Fitting;

namespace AmpleTide.Server.Contracts;

// What a fit comes to, beside the score before and after.
internal static partial class ScoreWriter
{
    /// <summary>A fit, as <see cref="FitResponse"/> says.</summary>
    /// <param name="edited">The class file with it, as JSON.</param>
    /// <param name="result">The fit.</param>
    /// <param name="before">The class before.</param>
    /// <param name="after">The class after.</param>
    public static byte[] Bytes(ReadOnlySpan<byte> edited, FitResult result, Judged before, Judged after)
    {
        var buffer = new ArrayBufferWriter<byte>(64 * 1024);
        using (var json = new Utf8JsonWriter(buffer, Trusted))
        {
            json.WriteStartObject();
            json.WritePropertyName(Field.Class);
            json.WriteRawValue(edited);
            json.WriteBoolean(Field.Fits, result.Changes is not null);
            WriteChanges(json, result.Changes ?? []);
            json.WriteNumber(Field.ReachedMs, result.Reached.Ms());
            json.WriteBoolean(Field.Optimal, result.IsOptimal);
            json.WriteNumber(Field.BoundMs, result.Bound.Ms());
            json.WriteStartObject(Field.Nearest);
            if (result.Below is { } below)
                json.WriteNumber(Field.Below, below.Reached.Ms());
            if (result.Above is { } above)
                json.WriteNumber(Field.Above, above.Reached.Ms());
            json.WriteEndObject();
            WriteAdvice(json, result.Advice);
            json.WritePropertyName(Field.Before);
            Write(json, before.Score, before.Findings);
            json.WritePropertyName(Field.After);
            Write(json, after.Score, after.Findings);
            json.WriteEndObject();
        }
        return buffer.WrittenSpan.ToArray();
    }

    private static void WriteChanges(Utf8JsonWriter json, IReadOnlyList<DoseChange> changes)
    {
        json.WriteStartArray(Field.Changes);
        foreach (var (line, from, to) in changes)
        {
            json.WriteStartObject();
            json.WriteString(Field.Line, line.Line.Id);
            json.WriteNumber(Field.From, from);
            json.WriteNumber(Field.To, to);
            json.WriteString(Field.Unit, Word.Encoded(line.Dose.Unit));
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }

    private static void WriteAdvice(Utf8JsonWriter json, IReadOnlyList<FitAdvice> advice)
    {
        json.WriteStartArray(Field.Advice);
        foreach (var one in advice)
        {
            json.WriteStartObject();
            json.WriteString(Field.Kind, Word.Encoded(one.Kind));
            json.WriteString(Field.Text, one.Text);
            json.WriteString(Field.Line, one.Line.Line.Id);
            if (one.Move is { } move)
                json.WriteString(Field.Move, move);
            json.WriteNumber(Field.Ms, one.Time.Ms());
            json.WriteBoolean(Field.Enough, one.IsEnough);
            json.WriteEndObject();
        }
        json.WriteEndArray();
    }
}
