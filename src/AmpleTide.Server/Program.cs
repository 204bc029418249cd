using System.Text.Json.Nodes;
using AmpleTide.Catalogue;
using AmpleTide.Server;
using AmpleTide.Server.Answers;
using AmpleTide.Server.Endpoints;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

StartOptions options;
House house;
IReadOnlyList<OwnMove> ownMoves;
try
{
    options = StartOptions.Read(args);
    // The store takes half a second to open; meanwhile the catalogue is read.
    var stored = Task.Run(() =>
    {
        StoreSetup.Prepare(options.Data);
        return StoreSetup.MovesIn(options.Data);
    });
    var catalogue = options.Catalogue ?? Path.Combine(AppContext.BaseDirectory, "catalogue");
    house = new(CatalogueReader.ReadFolder(catalogue, ShapeCache.Open(Path.Combine(CacheFolder(), "shapes.bin"))), catalogue);
    ownMoves = await stored;
}
catch (Exception error) when (error is ArgumentException or CatalogueException or StoreException)
{
    Console.Error.WriteLine(error.Message);
    return 1;
}

var builder = WebApplication.CreateSlimBuilder(new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory });
builder.WebHost.UseUrls($"http://127.0.0.1:{options.Port}");
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.Limits.MaxRequestBodySize = Reading.MostBytes;
    kestrel.AddServerHeader = false;
});
builder.Logging.SetMinimumLevel(LogLevel.Warning);
builder.Services.AddSingleton(house).AddSingleton<WrittenMoves>().AddSingleton<OwnMoves>().AddSingleton<RecentScores>().AddSingleton(TimeProvider.System).AddProblems();
builder.Services.AddOpenApi(api => api.AddDocumentTransformer((document, _, _) =>
{
    document.Info = new() { Title = "Ample Tide", Version = "1", Description = "Plans, scores and judges tension-relief classes." };
    document.Servers = [];
    return Task.CompletedTask;
}).AddSchemaTransformer((schema, context, _) =>
{
    if (context.JsonPropertyInfo?.AttributeProvider?.GetCustomAttributes(typeof(WordsOfAttribute), false) is [WordsOfAttribute words])
        schema.Enum = [.. Word.All(words.Type).Select(word => JsonValue.Create(word))];
    return Task.CompletedTask;
}));
builder.Services.AddDbContextPool<TideStore>(db => StoreSetup.Use(db, StoreSetup.FileIn(options.Data)));
builder.Services.ConfigureHttpJsonOptions(json => ApiJson.Apply(json.SerializerOptions));

var app = builder.Build();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseSafeHeaders();
app.UseDefaultFiles();
app.UseStaticFiles();
app.MapOpenApi("/api/openapi.json");
var api = app.MapGroup("/api");
api.MapHealth();
api.MapCatalogue();
api.MapOwnMoves();
api.MapBody();
api.MapScore();
api.MapClasses();
api.MapVersions();
api.MapSchema();
api.MapFallback(() => Problems.NotFound("There is no such call."));

app.Services.GetRequiredService<OwnMoves>().Load(ownMoves);
using (var scope = app.Services.CreateScope())
{
    var store = scope.ServiceProvider.GetRequiredService<TideStore>();
    Bin.Empty(store, TimeProvider.System);
}
if (options.Demo)
{
    using var scope = app.Services.CreateScope();
    DemoData.Seed(scope.ServiceProvider.GetRequiredService<TideStore>(), house, TimeProvider.System);
}
app.Lifetime.ApplicationStarted.Register(() => Console.WriteLine($"Ample Tide is open at http://127.0.0.1:{options.Port}"));
try
{
    await app.RunAsync();
    return 0;
}
catch (IOException error)
{
    Console.Error.WriteLine($"Port {options.Port} cannot be used: {error.InnerException?.Message ?? error.Message}.");
    return 1;
}

static string CacheFolder() => Path.Combine(
    Environment.GetEnvironmentVariable("XDG_CACHE_HOME") is { Length: > 0 } xdg ? xdg : Path.Combine(Environment.GetFolderPath(Environment.SpecialFolder.UserProfile), ".cache"),
    "ample-tide");

/// <summary>The server, named so that tests can start it.</summary>
public partial class Program;
