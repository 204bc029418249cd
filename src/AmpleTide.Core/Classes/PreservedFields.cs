namespace AmpleTide.Core.Classes;

/// <summary>Fields of a file that this version does not know: kept as they came, never read.</summary>
/// <param name="Fields">Name and value, the value in the form of whoever read the file.</param>
public sealed record PreservedFields(IReadOnlyList<KeyValuePair<string, object>> Fields)
{
    /// <summary>No such fields.</summary>
    public static readonly PreservedFields None = new([]);
}
