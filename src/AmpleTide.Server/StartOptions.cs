using System.Globalization;

namespace AmpleTide.Server;

/// <summary>What the start command was told.</summary>
/// <param name="Port">The port on 127.0.0.1.</param>
/// <param name="Data">The folder for the database.</param>
/// <param name="Demo">Whether an empty store gets the demo classes.</param>
/// <param name="Derive">Whether to work out what ships beside the server, and stop; the build asks for it.</param>
/// <param name="Hosts">The names under which it may be asked; others are refused, so that no page of another site can reach it.</param>
/// <param name="Catalogue">The folder of the catalogue, or null for the one that ships.</param>
public sealed record StartOptions(int Port, string Data, bool Demo, bool Derive, IReadOnlyList<string> Hosts, string? Catalogue)
{
    /// <summary>Where to write a backup, and stop; or null.</summary>
    public string? Backup { get; init; }

    /// <summary>The backup to restore, and stop; or null.</summary>
    public string? Restore { get; init; }

    /// <summary>How to call it.</summary>
    public const string Usage =
        "Usage: ./start [--port N] [--data DIR] [--no-demo] [--host NAME]… [--backup FILE | --restore FILE] [--build-only]";

    /// <summary>Reads the arguments.</summary>
    /// <exception cref="ArgumentException">One of them is wrong; says which.</exception>
    public static StartOptions Read(IReadOnlyList<string> args)
    {
        var home = Environment.GetEnvironmentVariable("XDG_DATA_HOME") is { Length: > 0 } xdg
            ? xdg
            : Path.Combine(Environment.GetFolderPath(Environment.SpecialFolder.UserProfile), ".local", "share");
        var options = new StartOptions(5180, Path.Combine(home, "ample-tide"), true, false, Loopback, null);
        for (var i = 0; i < args.Count; i++)
        {
            string Value() => ++i < args.Count ? args[i] : throw new ArgumentException($"{args[i - 1]} needs a value. {Usage}");
            options = args[i] switch
            {
                "--port" => options with { Port = PortOf(Value()) },
                "--data" => options with { Data = Path.GetFullPath(Value()) },
                "--catalogue" => options with { Catalogue = Path.GetFullPath(Value()) },
                "--host" => options with { Hosts = [.. options.Hosts, Value()] },
                "--backup" => options with { Backup = Path.GetFullPath(Value()) },
                "--restore" => options with { Restore = Path.GetFullPath(Value()) },
                "--derive" => options with { Derive = true },
                "--no-demo" => options with { Demo = false },
                _ => throw new ArgumentException($"'{args[i]}' is not an option. {Usage}"),
            };
        }
        return options;
    }

    private static readonly string[] Loopback = ["localhost", "127.0.0.1", "[::1]"];

    private static int PortOf(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var port) && port is > 0 and < 65536
            ? port
            : throw new ArgumentException($"--port is '{text}', a number from 1 to 65535 is needed.");
}
