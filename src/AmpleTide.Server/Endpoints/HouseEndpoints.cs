using AmpleTide.Server.Answers;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>Health, the schema of class files, and headers for every answer.</summary>
internal static class HouseEndpoints
{
    public static void MapHealth(this IEndpointRouteBuilder api) => api.MapGet("/health", async Task<Results<Ok<HealthAnswer>, ProblemHttpResult>> (TideStore store, House house) =>
        await Answers(store)
            ? TypedResults.Ok(new HealthAnswer("ok", house.Catalogue.Hash, typeof(House).Assembly.GetName().Version!.ToString(3)))
            : TypedResults.Problem(title: "The database does not answer.", statusCode: StatusCodes.Status503ServiceUnavailable));

    public static void MapSchema(this IEndpointRouteBuilder api) => api.MapGet("/schema/class", () =>
        TypedResults.PhysicalFile(Path.Combine(AppContext.BaseDirectory, "schema", "class.schema.json"), "application/schema+json"));

    /// <summary>Nothing comes from elsewhere, and nothing may be framed or guessed at.</summary>
    public static void UseSafeHeaders(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; base-uri 'none'; frame-ancestors 'none'";
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        return next(context);
    });

    private static async Task<bool> Answers(TideStore store)
    {
        try
        {
            await store.Classes.AnyAsync();
            return true;
        }
        catch (Exception error) when (error is Microsoft.Data.Sqlite.SqliteException or InvalidOperationException)
        {
            return false;
        }
    }
}
