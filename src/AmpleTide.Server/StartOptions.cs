using System.Globalization;

namespace AmpleTide.Server;

/// <summary>What the start command was told.</summary>
/// <param name="Port">The port on 127.0.0.1.</param>
/// <param name="Data">The folder for the database.</param>
/// <param name="Demo">Whether an empty store gets the demo classes.</param>
/// <param name="Catalogue">The folder of the catalogue, or null for the one that ships.</param>
public sealed record StartOptions(int Port, string Data, bool Demo, string? Catalogue)
{
    /// <summary>How to call it.</summary>
    public const string Usage = "Usage: ./start [--port N] [--data DIR] [--no-demo] [--build-only]";

    /// <summary>Reads the arguments.</summary>
    /// <exception cref="ArgumentException">One of them is wrong; says which.</exception>
    public static StartOptions Read(IReadOnlyList<string> args)
    {
        var home = Environment.GetEnvironmentVariable("XDG_DATA_HOME") is { Length: > 0 } xdg
            ? xdg : Path.Combine(Environment.GetFolderPath(Environment.SpecialFolder.UserProfile), ".local", "share");
        var options = new StartOptions(5180, Path.Combine(home, "ample-tide"), true, null);
        for (var i = 0; i < args.Count; i++)
        {
            string Value() => ++i < args.Count ? args[i] : throw new ArgumentException($"{args[i - 1]} needs a value. {Usage}");
            options = args[i] switch
            {
                "--port" => options with { Port = PortOf(Value()) },
                "--data" => options with { Data = Path.GetFullPath(Value()) },
                "--catalogue" => options with { Catalogue = Path.GetFullPath(Value()) },
                "--no-demo" => options with { Demo = false },
                _ => throw new ArgumentException($"'{args[i]}' is not an option. {Usage}"),
            };
        }
        return options;
    }

    private static int PortOf(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var port) && port is > 0 and < 65536
            ? port : throw new ArgumentException($"--port is '{text}', a number from 1 to 65535 is needed.");
}
