using System.Diagnostics;
using AmpleTide.Catalogue;
using AmpleTide.Server;
using AmpleTide.Server.Answers;
using AmpleTide.Server.Endpoints;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;

namespace AmpleTide.Bench;

/// <summary>The rate of <c>GET /api/moves/{id}</c> against an endpoint that returns the same bytes precomputed. In turns, in one run; budget: 0.5.</summary>
internal static class MoveAgainstPrecomputed
{
    private const int Turns = 5;
    private const int WarmUps = 2;
    private static readonly TimeSpan Turn = TimeSpan.FromSeconds(2);

    public static async Task<int> Run()
    {
        var precomputed = Array.Empty<byte>();
        var builder = WebApplication.CreateSlimBuilder();
        builder.WebHost.UseUrls("http://127.0.0.1:0");
        builder.Logging.ClearProviders();
        builder.Services.AddSingleton(new House(CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue")))).AddSingleton<WrittenMoves>();
        builder.Services.ConfigureHttpJsonOptions(json => ApiJson.Apply(json.SerializerOptions));
        await using var app = builder.Build();
        app.MapGroup("/api").MapCatalogue();
        app.MapGet("/precomputed", () => Results.Bytes(precomputed, "application/json; charset=utf-8"));
        await app.StartAsync();
        using var http = new HttpClient { BaseAddress = new(app.Urls.First()) };

        foreach (var move in new[] { "mountain", "thread-the-needle", "neck-side-tilt" })
        {
            precomputed = await http.GetByteArrayAsync($"/api/moves/{move}");
            var ratios = new List<double>();
            for (var turn = 0; turn < WarmUps + Turns; turn++)
            {
                var asked = await Rate(http, $"/api/moves/{move}");
                var known = await Rate(http, "/precomputed");
                if (turn >= WarmUps) ratios.Add(asked / known);
            }
            ratios.Sort();
            Console.WriteLine($"{move}: answer {precomputed.Length / 1024.0:0.0} KiB, ratio median {ratios[ratios.Count / 2]:0.00}, least {ratios[0]:0.00}, most {ratios[^1]:0.00}");
        }
        return 0;
    }

    private static async Task<double> Rate(HttpClient http, string path)
    {
        var clock = Stopwatch.StartNew();
        var counts = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => Task.Run(async () =>
        {
            var count = 0;
            for (; clock.Elapsed < Turn; count++) await http.GetByteArrayAsync(path);
            return count;
        })));
        return counts.Sum() / clock.Elapsed.TotalSeconds;
    }
}
