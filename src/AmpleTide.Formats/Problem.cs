namespace AmpleTide.Formats;

/// <summary>Something wrong in a file.</summary>
/// <param name="Pointer">Where: a JSON Pointer (RFC 6901).</param>
/// <param name="Detail">What, naming what is allowed.</param>
public sealed record Problem(string Pointer, string Detail);

/// <summary>A class file could not be read; nothing of it was used.</summary>
public sealed class TideFileException(IReadOnlyList<Problem> problems)
    : Exception(string.Join("; ", problems.Take(5).Select(p => $"{p.Pointer}: {p.Detail}")))
{
    /// <summary>Everything that is wrong.</summary>
    public IReadOnlyList<Problem> Problems { get; } = problems;
}
