using System.Text.Json;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;

namespace AmpleTide.Server;

/// <summary>Reads what a request holds, within limits.</summary>
internal static class Reading
{
    /// <summary>No request is larger.</summary>
    public const int MostBytes = 1024 * 1024;

    // Deep enough for sets four deep with room for unknown fields; deeper is an attack or a mistake.
    private static readonly JsonDocumentOptions Options = new() { MaxDepth = 40 };

    /// <summary>Reads the body as JSON. The document is the caller's to dispose.</summary>
    public static Task<JsonDocument> Json(HttpRequest request) => JsonDocument.ParseAsync(request.Body, Options, request.HttpContext.RequestAborted);

    /// <summary>Reads the body as a class.</summary>
    public static async Task<ClassPlan> Class(HttpRequest request)
    {
        using var body = await Json(request);
        return TideReader.Read(body.RootElement);
    }
}
