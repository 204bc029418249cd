using AmpleTide.Store;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Endpoints;

/// <summary>All of the house in one file, and back.</summary>
internal static class BackupEndpoints
{
    private const long MostBytes = 512L * 1024 * 1024;

    public static void MapBackup(this IEndpointRouteBuilder api)
    {
        api.MapGet("/backup", Write);
        api.MapPost("/restore", Restore).Accepts<IFormFile>("application/zip").Produces(204).ProducesProblem(422);
    }

    private static PhysicalFileHttpResult Write(StartOptions options, TimeProvider clock, HttpContext context)
    {
        var file = Path.Combine(options.Data, $"backup-{Guid.NewGuid():N}.zip");
        BackupFile.Write(options.Data, file, clock.GetUtcNow());
        context.Response.OnCompleted(() =>
        {
            File.Delete(file);
            return Task.CompletedTask;
        });
        return TypedResults.PhysicalFile(file, "application/zip", $"ample-tide-{clock.GetLocalNow():yyyy-MM-dd}.zip");
    }

    private static async Task<IResult> Restore(HttpRequest request, StartOptions options, TideStore store, OwnMoves own, TimeProvider clock)
    {
        request.HttpContext.Features.Get<IHttpMaxRequestBodySizeFeature>()!.MaxRequestBodySize = MostBytes;
        var file = Path.Combine(options.Data, $"upload-{Guid.NewGuid():N}.zip");
        try
        {
            await using (var upload = File.Create(file))
                await request.Body.CopyToAsync(upload, request.HttpContext.RequestAborted);
            await store.Database.CloseConnectionAsync();
            BackupFile.Restore(options.Data, file, clock.GetUtcNow());
        }
        catch (StoreException error)
        {
            throw new UnusableException(
                "The backup was not restored.",
                [new("", error.Message.Replace(file, "The file", StringComparison.Ordinal))]
            );
        }
        finally
        {
            File.Delete(file);
        }
        own.Load(StoreSetup.MovesIn(options.Data));
        own.LoadSpeech(StoreSetup.WordsIn(options.Data), StoreSetup.PreferencesIn(options.Data));
        return TypedResults.NoContent();
    }
}
