using System.Collections.Concurrent;
using System.Security.Cryptography;
using AmpleTide.Core.Body;

namespace AmpleTide.Catalogue;

/// <summary>
/// Placed shapes kept on disk between starts. Each is known by what was asked of the solver and by the solver itself, so a changed
/// move is placed anew and all others are not; a file that cannot be read is ignored and written afresh.
/// </summary>
public sealed class ShapeCache
{
    private const int Format = 1;
    private static readonly Guid Solver = typeof(Placement).Module.ModuleVersionId;
    private readonly string path;
    private readonly Dictionary<string, Placed> kept = [];
    private readonly ConcurrentDictionary<string, Placed> used = new();
    private bool changed;

    private ShapeCache(string path) => this.path = path;

    /// <summary>How many shapes were placed anew since opening.</summary>
    public int Solved { get; private set; }

    /// <summary>Opens the cache in a file that may not be there yet.</summary>
    public static ShapeCache Open(string path)
    {
        var cache = new ShapeCache(path);
        try
        {
            if (File.Exists(path)) cache.Load();
        }
        catch (Exception error) when (error is IOException or InvalidDataException or UnauthorizedAccessException or FormatException)
        {
            cache.kept.Clear();
        }
        return cache;
    }

    /// <summary>A placed shape, from the file where it is there.</summary>
    public Placed Place(PlacementTask task)
    {
        var key = KeyOf(task);
        if (used.TryGetValue(key, out var placed)) return placed;
        if (kept.TryGetValue(key, out var known))
        {
            placed = Restore(known, task);
        }
        else
        {
            placed = Placement.Solve(task);
            lock (kept)
            {
                changed = true;
                Solved++;
            }
        }
        return used[key] = placed;
    }

    /// <summary>Writes what was used, if anything was new. A folder that cannot be written is no reason to stop.</summary>
    public void Save()
    {
        if (!changed) return;
        try
        {
            Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(path))!);
            var beside = $"{path}.{Environment.ProcessId}";
            using (var writer = new BinaryWriter(File.Create(beside))) Write(writer);
            File.Move(beside, path, true);
            changed = false;
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
        }
    }

    private void Write(BinaryWriter writer)
    {
        writer.Write(Format);
        writer.Write(Solver.ToByteArray());
        writer.Write(used.Count);
        foreach (var (key, placed) in used.OrderBy(u => u.Key, StringComparer.Ordinal))
        {
            writer.Write(key);
            foreach (var degrees in placed.Shape.Angles.AsSpan()) writer.Write(degrees);
            writer.Write(placed.Shape.Pelvis.X);
            writer.Write(placed.Shape.Pelvis.Y);
            writer.Write(placed.Shape.Pelvis.Z);
            writer.Write(placed.Residual);
            writer.Write(placed.Worst);
        }
    }

    private void Load()
    {
        using var reader = new BinaryReader(File.OpenRead(path));
        if (reader.ReadInt32() != Format || new Guid(reader.ReadBytes(16)) != Solver) return;
        var count = reader.ReadInt32();
        Span<double> degrees = stackalloc double[Axes.Count];
        for (var i = 0; i < count; i++)
        {
            var key = reader.ReadString();
            for (var a = 0; a < degrees.Length; a++) degrees[a] = reader.ReadDouble();
            var pelvis = new Vector(reader.ReadDouble(), reader.ReadDouble(), reader.ReadDouble());
            kept[key] = new(new(Angles.From(degrees), pelvis, [], []), reader.ReadDouble(), reader.ReadString());
        }
    }

    private static Placed Restore(Placed kept, PlacementTask task)
    {
        var body = kept.Shape.Skeleton();
        var planted = task.Contacts.Select(c => c with { Planted = c.Planted ?? c.Mark.On(body) });
        return kept with { Shape = kept.Shape with { Contacts = [.. planted], Touches = task.Touches } };
    }

    private static string KeyOf(PlacementTask task)
    {
        using var bytes = new MemoryStream();
        using var writer = new BinaryWriter(bytes);
        foreach (var degrees in task.Start.AsSpan()) writer.Write(degrees);
        WritePoint(task.Pelvis);
        foreach (var axis in task.Named.Order()) writer.Write((int)axis);
        foreach (var contact in task.Contacts)
        {
            writer.Write(contact.Mark.Name);
            writer.Write(contact.On.Name);
            writer.Write(contact.On.Height);
            if (contact.Planted is { } spot) WritePoint(spot);
        }
        foreach (var touch in task.Touches)
        {
            writer.Write(touch.Mark.Name);
            writer.Write(touch.On.Name);
        }
        foreach (var range in task.Allowed)
        {
            writer.Write(range.Least);
            writer.Write(range.Most);
        }
        return Convert.ToHexString(SHA256.HashData(bytes.GetBuffer().AsSpan(0, (int)bytes.Length)))[..24];

        void WritePoint(Vector point)
        {
            writer.Write(point.X);
            writer.Write(point.Y);
            writer.Write(point.Z);
        }
    }
}
