using System.Text.Json;
using AmpleTide.Formats;

namespace AmpleTide.Server;

/// <summary>Reads what a request holds, within limits.</summary>
internal static class RequestBody
{
    /// <summary>No request is larger.</summary>
    public const int MostBytes = 1024 * 1024;

    /// <summary>Reads the body as JSON. The document is the caller's to dispose.</summary>
    /// <exception cref="JsonException">It is no JSON, or its text is no text.</exception>
    public static async Task<JsonDocument> Json(HttpRequest request)
    {
        using var bytes = new MemoryStream((int)Math.Clamp(request.ContentLength ?? 0, 0, MostBytes));
        await request.Body.CopyToAsync(bytes, request.HttpContext.RequestAborted);
        return CheckedJson.Parse(bytes.GetBuffer().AsMemory(0, (int)bytes.Length));
    }
}
