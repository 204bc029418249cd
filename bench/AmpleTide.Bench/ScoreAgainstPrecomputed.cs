using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using AmpleTide.Catalogue;
using AmpleTide.Core.Classes;
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
/// bytes precomputed: for a class asked for again as it was, and for one that has never been asked for. In turns, in one run; budget: 0.3.
/// Client and server share this machine's cores.
/// </summary>
internal static class ScoreAgainstPrecomputed
{
    private const int Turns = 5;
    private const int WarmUps = 3;
    private static readonly TimeSpan Turn = TimeSpan.FromSeconds(3);

    public static async Task<int> Run()
    {
        var house = new House(CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue")));
        var precomputed = Array.Empty<byte>();
        var builder = WebApplication.CreateSlimBuilder();
        builder.WebHost.UseUrls("http://127.0.0.1:0");
        builder.Logging.ClearProviders();
        builder.Services.AddSingleton(house).AddSingleton<RecentScores>();
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
            precomputed = await Ask(http, Scored, body);
            var (again, anew) = (new List<double>(), new List<double>());
            for (var turn = 0; turn < WarmUps + Turns; turn++)
            {
                var asBefore = await Rate(http, Scored, body, stamped: false);
                var neverAsked = await Rate(http, Scored, body, stamped: true);
                var known = await Rate(http, "/precomputed", body, stamped: true);
                Console.WriteLine($"{name}, turn {turn}: asked again {asBefore:0} a second, never asked {neverAsked:0}, precomputed {known:0}");
                if (turn < WarmUps) continue;
                again.Add(asBefore / known);
                anew.Add(neverAsked / known);
            }
            Console.WriteLine($"{name}: body {body.Length / 1024.0:0.0} KiB, answer {precomputed.Length / 1024.0:0.0} KiB, ratio asked again {Spread(again)}, never asked {Spread(anew)}");
        }
        return 0;
    }

    private const string Scored = "/api/score?events=false";

    private static string Spread(List<double> ratios)
    {
        ratios.Sort();
        return $"{ratios[ratios.Count / 2]:0.00} ({ratios[0]:0.00} to {ratios[^1]:0.00})";
    }

    // Classes as teachers write them, and larger ones than anybody does.
    private static IEnumerable<(string Name, byte[] Body)> Classes(House house)
    {
        foreach (var file in Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "demo")).Order())
            yield return (Path.GetFileName(file), Body(TideReader.Read(JsonDocument.Parse(File.ReadAllBytes(file)).RootElement)));
        foreach (var lines in new[] { 45, 120 }) yield return ($"{lines} lines", Body(BigClass.Of(lines, house.Catalogue)));
    }

    private static byte[] Body(ClassPlan plan) => TideWriter.Write(plan with { Note = Stamp });

    // Stands in the note of a class; another number makes it a class that was never asked for.
    private const string Stamp = "000000000000";
    private static long stamps;

    private static byte[] Stamped(byte[] body)
    {
        var copy = body.ToArray();
        Encoding.UTF8.GetBytes(Interlocked.Increment(ref stamps).ToString("D12", CultureInfo.InvariantCulture)).CopyTo(copy, copy.AsSpan().IndexOf("000000000000"u8));
        return copy;
    }

    private static async Task<double> Rate(HttpClient http, string path, byte[] body, bool stamped)
    {
        var clock = Stopwatch.StartNew();
        var counts = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => Task.Run(async () =>
        {
            var count = 0;
            for (; clock.Elapsed < Turn; count++) await Ask(http, path, stamped ? Stamped(body) : body);
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
