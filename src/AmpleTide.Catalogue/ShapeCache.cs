using System.Collections.Concurrent;
using System.Security.Cryptography;
using AmpleTide.Core.Body;

namespace AmpleTide.Catalogue;

/// <summary>
/// Placed shapes, worked out when the house is built and shipped beside the server. Each is known by what was asked of the solver and
/// by the solver's version, so that a move that was changed since is placed anew and all others are not. A file that cannot be read is
/// no reason to stop: everything is placed anew then.
/// </summary>
public sealed class ShapeCache
{
    // Goes up with the form of the file.
    private const int Format = 2;

    private readonly Dictionary<string, Placed> kept = [];
    private readonly ConcurrentDictionary<string, Placed> used = new();
    private int solved;

    private ShapeCache() { }

    /// <summary>How many shapes were placed anew since opening.</summary>
    public int Solved => solved;

    /// <summary>Opens the cache in a file, which need not be there.</summary>
    public static ShapeCache Open(string path)
    {
        var cache = new ShapeCache();
        try
        {
            if (File.Exists(path))
                cache.Load(path);
        }
        catch (Exception error)
            when (error is IOException or InvalidDataException or UnauthorizedAccessException or FormatException or ArgumentException)
        {
            // A file that was cut off may have given half of what it held.
            cache.kept.Clear();
        }
        return cache;
    }

    /// <summary>A placed shape, from the file where it is there.</summary>
    public Placed Place(PlacementTask task) =>
        used.GetOrAdd(
            KeyOf(task),
            (key, asked) =>
            {
                if (kept.TryGetValue(key, out var known))
                    return Restore(known, asked);
                Interlocked.Increment(ref solved);
                return Placement.Solve(asked);
            },
            task
        );

    /// <summary>Writes everything that was placed since opening.</summary>
    /// <exception cref="IOException">The file cannot be written; what lay there is as it was.</exception>
    public void Save(string path)
    {
        Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(path))!);
        var beside = $"{path}.part";
        try
        {
            using (var writer = new BinaryWriter(File.Create(beside)))
                Write(writer);
            File.Move(beside, path, true);
        }
        finally
        {
            File.Delete(beside);
        }
    }

    private void Write(BinaryWriter writer)
    {
        writer.Write(Format);
        writer.Write(Placement.Version);
        writer.Write(used.Count);
        foreach (var (key, placed) in used.OrderBy(u => u.Key, StringComparer.Ordinal))
        {
            writer.Write(key);
            foreach (var degrees in placed.Shape.Angles.AsSpan())
                writer.Write(degrees);
            writer.Write(placed.Shape.Pelvis.X);
            writer.Write(placed.Shape.Pelvis.Y);
            writer.Write(placed.Shape.Pelvis.Z);
            writer.Write(placed.Residual);
            writer.Write(placed.Worst);
        }
    }

    private void Load(string path)
    {
        using var reader = new BinaryReader(new MemoryStream(File.ReadAllBytes(path)));
        if (reader.ReadInt32() != Format || reader.ReadInt32() != Placement.Version)
            return;
        var count = reader.ReadInt32();
        Span<double> degrees = stackalloc double[Axes.Count];
        for (var i = 0; i < count; i++)
        {
            var key = reader.ReadString();
            for (var a = 0; a < degrees.Length; a++)
                degrees[a] = reader.ReadDouble();
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
        foreach (var degrees in task.Start.AsSpan())
            writer.Write(degrees);
        WritePoint(task.Pelvis);
        foreach (var axis in task.Named.Order())
            writer.Write((int)axis);
        foreach (var contact in task.Contacts)
        {
            writer.Write(contact.Mark.Name);
            writer.Write(contact.On.Name);
            writer.Write(contact.On.Height);
            if (contact.Planted is { } spot)
                WritePoint(spot);
        }
        foreach (var touch in task.Touches)
        {
            writer.Write(touch.Mark.Name);
            writer.Write(touch.On.Name);
            writer.Write((int)touch.Grip);
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
