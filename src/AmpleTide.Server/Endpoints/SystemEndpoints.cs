using AmpleTide.Server.Contracts;
using AmpleTide.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>Health, the schema of class files, and headers for every response.</summary>
internal static class SystemEndpoints
{
    public static void MapHealth(this IEndpointRouteBuilder api) =>
        api.MapGet(
            "/health",
            async Task<Results<Ok<HealthResponse>, ProblemHttpResult>> (TideStore store, CatalogueSnapshot snapshot) =>
                await Responds(store)
                    ? TypedResults.Ok(
                        new HealthResponse("ok", snapshot.Catalogue.Hash, typeof(SystemEndpoints).Assembly.GetName().Version!.ToString(3))
                    )
                    : TypedResults.Problem(title: "The database does not answer.", statusCode: StatusCodes.Status503ServiceUnavailable)
        );

    public static void MapSchema(this IEndpointRouteBuilder api) =>
        api.MapGet(
            "/schema/class",
            () =>
                TypedResults.PhysicalFile(Path.Combine(AppContext.BaseDirectory, "schema", "class.schema.json"), "application/schema+json")
        );

    /// <summary>Nothing comes from elsewhere, and nothing may be framed or guessed at.</summary>
    public static void UseSafeHeaders(this IApplicationBuilder app) =>
        app.Use(
            (context, next) =>
            {
                var headers = context.Response.Headers;
                headers.ContentSecurityPolicy =
                    "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; base-uri 'none'; "
                    + "frame-ancestors 'none'";
                headers.XContentTypeOptions = "nosniff";
                headers["Referrer-Policy"] = "no-referrer";
                return next(context);
            }
        );

    /// <summary>
    /// The page with its scripts and styles, compressed as they were built. Names with a hash in them never change; the page is asked
    /// for anew.
    /// </summary>
    public static void MapPage(this WebApplication app)
    {
        app.Use(
            (context, next) =>
            {
                if (context.Request.Path == "/")
                    context.Request.Path = "/index.html";
                if (context.Request.Path.StartsWithSegments("/assets"))
                    context.Response.OnStarting(() =>
                        Task.FromResult(
                            context.Response.Headers.CacheControl =
                                context.Response.StatusCode < 400 ? "public, max-age=31536000, immutable" : "no-store"
                        )
                    );
                return next(context);
            }
        );
        app.UseRouting();
        // The list of what was built lies beside the server that is published; a server in the making serves the folder as it is.
        if (
            File.Exists(
                Path.Combine(AppContext.BaseDirectory, $"{typeof(SystemEndpoints).Assembly.GetName().Name}.staticwebassets.endpoints.json")
            ) && Directory.Exists(app.Environment.WebRootPath)
        )
            app.MapStaticAssets();
        else
            app.UseStaticFiles();
    }

    /// <summary>Whatever can be read can be asked about with HEAD.</summary>
    public static void AllowHead(this IEndpointConventionBuilder endpoints) =>
        endpoints.Add(endpoint =>
        {
            var methods = endpoint.Metadata.OfType<IHttpMethodMetadata>().ToList();
            if (methods.Count == 0 || !methods[^1].HttpMethods.Contains(HttpMethods.Get))
                return;
            endpoint.Metadata.Add(new HttpMethodMetadata([.. methods[^1].HttpMethods, HttpMethods.Head]));
        });

    private static async Task<bool> Responds(TideStore store)
    {
        try
        {
            await store.Classes.AnyAsync();
            return store.IsThere;
        }
        catch (Exception error) when (error is Microsoft.Data.Sqlite.SqliteException or InvalidOperationException)
        {
            return false;
        }
    }
}
