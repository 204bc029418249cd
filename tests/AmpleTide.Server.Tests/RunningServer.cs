using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text;
using AmpleTide.Store;
using Microsoft.EntityFrameworkCore;

namespace AmpleTide.Server.Tests;

/// <summary>The server as its users start it: a process of its own, on a free port, with a data folder of its own.</summary>
public sealed class RunningServer : IAsyncLifetime
{
    private const int LargeBody = 500_000;

    private Process? process;

    public string Data { get; } = Directory.CreateTempSubdirectory("ample-tide-").FullName;

    public HttpClient Http { get; private set; } = new();

    public async ValueTask InitializeAsync() => await Start();

    public async Task Start(params string[] more)
    {
        var port = FreePort();
        process = Launch(["--port", port.ToString(System.Globalization.CultureInfo.InvariantCulture), "--data", Data, .. more]);
        Http = new() { BaseAddress = new($"http://127.0.0.1:{port}"), Timeout = TimeSpan.FromSeconds(60) };
        // The line with the address is printed once requests are taken.
        while (await process.StandardOutput.ReadLineAsync() is { } line)
            if (line.Contains("127.0.0.1", StringComparison.Ordinal))
                return;
        throw new InvalidOperationException("The server did not start: " + await process.StandardError.ReadToEndAsync());
    }

    /// <summary>The store it writes to, for a test to look into or to let time pass in.</summary>
    public TideStore Store()
    {
        var options = new DbContextOptionsBuilder<TideStore>();
        StoreSetup.Use(options, StoreSetup.FileIn(Data));
        return new(options.Options);
    }

    /// <summary>Ends it as a power cut would.</summary>
    public async Task Kill()
    {
        if (process is null)
            return;
        process.Kill(); // SIGKILL on Linux
        await process.WaitForExitAsync();
        process.Dispose();
        process = null;
    }

    public async ValueTask DisposeAsync()
    {
        await Kill();
        Http.Dispose();
        Directory.Delete(Data, true);
    }

    public Task<HttpResponseMessage> Send(HttpMethod method, string path, string? json = null, string? ifMatch = null)
    {
        var request = new HttpRequestMessage(method, path);
        if (json is not null)
            request.Content = new StringContent(json, Encoding.UTF8, "application/json");
        // What is too large is refused by its length; a client that writes on meanwhile may see the connection close before the answer.
        request.Headers.ExpectContinue = json?.Length > LargeBody;
        if (ifMatch is not null)
            request.Headers.TryAddWithoutValidation("If-Match", ifMatch);
        return Http.SendAsync(request);
    }

    /// <summary>Starts it where it must refuse, and waits for its word.</summary>
    public static async Task<(int Code, string Error)> Refused(params string[] args)
    {
        using var process = Launch(args);
        var error = await process.StandardError.ReadToEndAsync();
        await process.WaitForExitAsync();
        return (process.ExitCode, error.Trim());
    }

    /// <summary>Starts it and ends it as a power cut would, wherever it is by then.</summary>
    public static async Task KilledAfter(TimeSpan time, params string[] args)
    {
        using var process = Launch([.. args, "--port", FreePort().ToString(System.Globalization.CultureInfo.InvariantCulture)]);
        using var timer = new PeriodicTimer(time);
        await timer.WaitForNextTickAsync();
        process.Kill();
        await process.WaitForExitAsync();
    }

    // The one that ./start runs where ./test says so, else the one beside the tests.
    private static readonly string Program =
        Environment.GetEnvironmentVariable("AMPLE_TIDE_SERVER") ?? Path.Combine(AppContext.BaseDirectory, "AmpleTide.Server.dll");

    private static Process Launch(IEnumerable<string> args) =>
        Process.Start(new ProcessStartInfo("dotnet", [Program, .. args]) { RedirectStandardOutput = true, RedirectStandardError = true })!;

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
