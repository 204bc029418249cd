using System.Text.Json;

namespace AmpleTide.Server.Answers;

/// <summary>Enums as the words they travel as: lower case with hyphens, each made once.</summary>
internal static class Word
{
    /// <summary>The word of a value.</summary>
    public static string Of<T>(T value)
        where T : struct, Enum => Words<T>.All[System.Runtime.CompilerServices.Unsafe.As<T, int>(ref value)];

    /// <summary>All words of an enum that counts from 0.</summary>
    public static IEnumerable<string> All(Type type) => Enum.GetNames(type).Select(JsonNamingPolicy.KebabCaseLower.ConvertName);

    private static class Words<T>
    {
        public static readonly string[] All = [.. Word.All(typeof(T))];
    }
}

/// <summary>Says of a text in an answer that it is one of an enum's words.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class WordsOfAttribute(Type type) : Attribute
{
    /// <summary>The enum.</summary>
    public Type Type { get; } = type;
}
