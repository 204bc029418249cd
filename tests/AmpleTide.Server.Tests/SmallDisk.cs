using System.Diagnostics;

namespace AmpleTide.Server.Tests;

/// <summary>A disk of a few megabytes in memory, to be filled to the last byte.</summary>
internal sealed class SmallDisk : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("ample-tide-disk-").FullName;

    private string Ballast => System.IO.Path.Combine(folder, "ballast");

    public string Path => System.IO.Path.Combine(folder, "data");

    /// <summary>Null where the user may not mount.</summary>
    public static SmallDisk? Mount()
    {
        var disk = new SmallDisk();
        try
        {
            if (Ran("mount", "-t", "tmpfs", "-o", "size=3m", "tmpfs", disk.folder))
                return disk;
        }
        catch (System.ComponentModel.Win32Exception)
        {
            // There is no mount here.
        }
        Directory.Delete(disk.folder);
        return null;
    }

    public void Fill()
    {
        using var ballast = File.Create(Ballast);
        try
        {
            while (true)
            {
                ballast.Write(new byte[4096]);
                ballast.Flush();
            }
        }
        catch (IOException)
        {
            // Full.
        }
    }

    public void MakeReadOnly() => Ran("mount", "-o", "remount,ro", folder);

    public void MakeRoom() => File.Delete(Ballast);

    public void Dispose()
    {
        // The server is gone by now, or its files keep the disk busy until it is.
        Ran("umount", "-l", folder);
        Directory.Delete(folder);
    }

    private static bool Ran(string program, params string[] args)
    {
        using var process = Process.Start(new ProcessStartInfo(program, args) { RedirectStandardError = true })!;
        process.WaitForExit();
        return process.ExitCode == 0;
    }
}
