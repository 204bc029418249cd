using System.Runtime.CompilerServices;
using System.Text.Json;

namespace AmpleTide.Server.Contracts;

/// <summary>Enums as the words they travel as: lower case with hyphens, each made once.</summary>
internal static class Word
{
    /// <summary>The word of a value, ready to be written.</summary>
    public static JsonEncodedText Encoded<T>(T value)
        where T : struct, Enum => Words<T>.All[Unsafe.As<T, int>(ref value)];

    /// <summary>All words of an enum that counts from 0.</summary>
    public static IEnumerable<string> All(Type type) => Enum.GetNames(type).Select(JsonNamingPolicy.KebabCaseLower.ConvertName);

    private static class Words<T>
    {
        public static readonly JsonEncodedText[] All = [.. Word.All(typeof(T)).Select(w => JsonEncodedText.Encode(w))];
    }
}

/// <summary>Says of a text in an answer that it is one of an enum's words.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class WordsOfAttribute(Type type) : Attribute
{
    /// <summary>The enum.</summary>
    public Type Type { get; } = type;
}
