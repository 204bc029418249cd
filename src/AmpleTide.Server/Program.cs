using System.IO.Compression;
using System.Text.Json.Nodes;
using AmpleTide.Catalogue;
using AmpleTide.Server;
using AmpleTide.Server.Contracts;
using AmpleTide.Server.Endpoints;
using AmpleTide.Store;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.Data.Sqlite;

StartOptions options;
LiveCatalogue live;
IReadOnlyList<OwnMove> ownMoves;
IReadOnlyList<OwnWords> ownWords;
IReadOnlyList<Preference> preferences;
try
{
    options = StartOptions.Read(args);
    var folder = options.Catalogue ?? Path.Combine(AppContext.BaseDirectory, "catalogue");
    if (options.Derive)
    {
        Derived.Write(folder);
        return 0;
    }
    if (options.Backup is { } backup)
    {
        BackupFile.Write(options.Data, backup, TimeProvider.System.GetUtcNow());
        Console.WriteLine($"Everything is in {backup}");
        return 0;
    }
    if (options.Restore is { } restore)
    {
        var old = BackupFile.Restore(options.Data, restore, TimeProvider.System.GetUtcNow());
        Console.WriteLine($"Restored from {restore}.{(old is null ? "" : $" What was there before lies in {old}")}");
        return 0;
    }
    // What opens the store takes a while to be ready; meanwhile the catalogue is read. Nothing is touched on disk before it is found right.
    var warm = Task.Run(StoreSetup.Warm);
    live = new(CatalogueReader.ReadFolder(folder, ShapeCache.Open(Derived.Shapes)), folder);
    await warm;
    StoreSetup.Prepare(options.Data, Derived.FirstStore(options.Demo), Console.Error.WriteLine);
    ownMoves = StoreSetup.MovesIn(options.Data);
    ownWords = StoreSetup.WordsIn(options.Data);
    preferences = StoreSetup.PreferencesIn(options.Data);
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
    kestrel.Limits.MaxRequestBodySize = RequestBody.MostBytes;
    kestrel.AddServerHeader = false;
});
builder.Logging.SetMinimumLevel(LogLevel.Warning);
builder
    .Services.AddSingleton(options)
    .AddSingleton(live)
    .AddSingleton(new Stills(live.Current.Catalogue, Derived.Stills))
    .AddSingleton<OwnMoves>()
    .AddSingleton<MoveResponses>()
    .AddSingleton<Teachings>()
    .AddSingleton(TimeProvider.System);

// A request computes with one snapshot from its beginning to its end.
builder.Services.AddScoped(services => services.GetRequiredService<LiveCatalogue>().Current);
builder.Services.AddHostedService<Upkeep>();
builder.Services.AddProblems();
builder.Services.AddHostFiltering(hosts => hosts.AllowedHosts = [.. options.Hosts]);
builder.Services.AddResponseCompression(compression =>
    compression.MimeTypes = [.. ResponseCompressionDefaults.MimeTypes, "application/problem+json", "application/schema+json"]
);
builder.Services.Configure<BrotliCompressionProviderOptions>(brotli => brotli.Level = CompressionLevel.Fastest);
builder.Services.AddOpenApi(api =>
    api.AddDocumentTransformer(
            (document, _, _) =>
            {
                document.Info = new()
                {
                    Title = "Ample Tide",
                    Version = "1",
                    Description = "Plans, scores and judges tension-relief classes.",
                };
                document.Servers = [];
                foreach (var path in document.Paths.Values)
                    path.Operations?.Remove(HttpMethod.Head);
                return Task.CompletedTask;
            }
        )
        .AddSchemaTransformer(
            (schema, context, _) =>
            {
                if (
                    context.JsonPropertyInfo?.AttributeProvider?.GetCustomAttributes(typeof(WordsOfAttribute), false)
                    is [WordsOfAttribute words]
                )
                    schema.Enum = [.. Word.All(words.Type).Select(word => JsonValue.Create(word))];
                return Task.CompletedTask;
            }
        )
);
builder.Services.AddDbContextPool<TideStore>(db => StoreSetup.Use(db, StoreSetup.FileIn(options.Data)));
builder.Services.ConfigureHttpJsonOptions(json => ApiJson.Apply(json.SerializerOptions));

var app = builder.Build();
app.UseHostFiltering();
app.UseResponseCompression();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseSafeHeaders();
app.MapPage();
app.MapOpenApi("/api/openapi.json");
var api = app.MapGroup("/api");
api.AllowHead();
api.MapHealth();
api.MapCatalogue();
api.MapOwnMoves();
api.MapBody();
api.MapScore();
api.MapFit();
api.MapLessons();
api.MapShelf();
api.MapClasses();
api.MapVersions();
api.MapLog();
api.MapBackup();
api.MapWords();
api.MapFormats();
api.MapSchema();

try
{
    app.Services.GetRequiredService<OwnMoves>().Load(ownMoves);
    app.Services.GetRequiredService<OwnMoves>().LoadSpeech(ownWords, preferences);
    if (options.Demo)
    {
        using var scope = app.Services.CreateScope();
        DemoData.Seed(scope.ServiceProvider.GetRequiredService<TideStore>(), live.Current, TimeProvider.System);
    }
    app.Lifetime.ApplicationStarted.Register(() => Console.WriteLine($"Ample Tide is open at http://127.0.0.1:{options.Port}"));
    // What every page asks for is made ready while the browser opens.
    app.Lifetime.ApplicationStarted.Register(() => Task.Run(app.Services.GetRequiredService<Stills>().Load));
    app.Lifetime.ApplicationStarted.Register(() => Task.Run(() => app.Services.GetRequiredService<MoveResponses>().All(live.Current)));
    await app.RunAsync();
    return 0;
}
catch (SqliteException error)
{
    Console.Error.WriteLine($"The database {StoreSetup.FileIn(options.Data)} cannot be used: {StoreSetup.Reason(error)}.");
    return 1;
}
catch (IOException error)
{
    Console.Error.WriteLine($"Port {options.Port} cannot be used: {error.InnerException?.Message ?? error.Message}.");
    return 1;
}

/// <summary>The server, named so that tests can start it.</summary>
public partial class Program;
