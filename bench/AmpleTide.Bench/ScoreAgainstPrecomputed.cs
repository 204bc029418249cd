using System.Diagnostics;
using System.Net.Http.Headers;
using AmpleTide.Catalogue;
using AmpleTide.Formats;
using AmpleTide.Server;
using AmpleTide.Server.Answers;
using AmpleTide.Server.Endpoints;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;

namespace AmpleTide.Bench;

/// <summary>
/// The rate of <c>POST /api/score?events=false</c> against an endpoint of the same server that takes the same body and returns the same
/// bytes precomputed. In turns, in one run; budget: 0.3. Client and server share this machine's cores.
/// </summary>
internal static class ScoreAgainstPrecomputed
{
    private const int Turns = 5;
    private const int WarmUps = 4;
    private static readonly TimeSpan Turn = TimeSpan.FromSeconds(3);

    public static async Task<int> Run()
    {
        var house = new House(CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue")));
        var precomputed = Array.Empty<byte>();
        var builder = WebApplication.CreateSlimBuilder();
        builder.WebHost.UseUrls("http://127.0.0.1:0");
        builder.Logging.ClearProviders();
        builder.Services.AddSingleton(house);
        builder.Services.ConfigureHttpJsonOptions(json => ApiJson.Apply(json.SerializerOptions));
        await using var app = builder.Build();
        app.MapGroup("/api").MapScore();
        app.MapPost("/precomputed", async (HttpRequest request) =>
        {
            await request.Body.CopyToAsync(Stream.Null);
            return Results.Bytes(precomputed, "application/json; charset=utf-8");
        });
        await app.StartAsync();
        using var http = new HttpClient { BaseAddress = new(app.Urls.First()) };

        foreach (var (name, body) in Classes(house))
        {
            precomputed = await Ask(http, "/api/score?events=false", body);
            var ratios = new List<double>();
            for (var turn = 0; turn < WarmUps + Turns; turn++)
            {
                var score = await Rate(http, "/api/score?events=false", body);
                var known = await Rate(http, "/precomputed", body);
                if (turn >= WarmUps) ratios.Add(score / known);
                Console.WriteLine($"{name}, turn {turn}: score {score:0} a second, precomputed {known:0}, ratio {score / known:0.00}");
            }
            ratios.Sort();
            Console.WriteLine($"{name}: body {body.Length / 1024.0:0.0} KiB, answer {precomputed.Length / 1024.0:0.0} KiB, ratio median {ratios[ratios.Count / 2]:0.00}, least {ratios[0]:0.00}, most {ratios[^1]:0.00}");
        }
        return 0;
    }

    // Classes as teachers write them, and larger ones than anybody does.
    private static IEnumerable<(string Name, byte[] Body)> Classes(House house)
    {
        foreach (var file in Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "demo")).Order())
            yield return (Path.GetFileName(file), File.ReadAllBytes(file));
        foreach (var lines in new[] { 45, 120 }) yield return ($"{lines} lines", TideWriter.Write(BigClass.Of(lines, house.Catalogue)));
    }

    private static async Task<double> Rate(HttpClient http, string path, byte[] body)
    {
        var clock = Stopwatch.StartNew();
        var counts = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => Task.Run(async () =>
        {
            var count = 0;
            for (; clock.Elapsed < Turn; count++) await Ask(http, path, body);
            return count;
        })));
        return counts.Sum() / clock.Elapsed.TotalSeconds;
    }

    private static async Task<byte[]> Ask(HttpClient http, string path, byte[] body)
    {
        using var content = new ByteArrayContent(body);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/json");
        using var response = await http.PostAsync(path, content);
        response.EnsureSuccessStatusCode();
        return await response.Content.ReadAsByteArrayAsync();
    }
}
