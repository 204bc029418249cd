using System.Text.Json;

namespace AmpleTide.Server.Contracts;

/// <summary>A page of the log, last taught first.</summary>
/// <param name="Items">The entries.</param>
/// <param name="Total">How many there are in all.</param>
public sealed record LogResponse(IReadOnlyList<JsonElement> Items, int Total);
