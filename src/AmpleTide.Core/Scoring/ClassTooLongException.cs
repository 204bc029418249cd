namespace AmpleTide.Core.Scoring;

/// <summary>
/// A class is longer than any class is taught: it is not laid out, so that a slip in a set's rounds costs nobody a minute.
/// </summary>
public sealed class ClassTooLongException(string message) : Exception(message);
