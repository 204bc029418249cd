using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>
/// Eight varied, well-made classes, written as a teacher would before any rule was tuned: chair, bed, floor, standing and mixed, 5 to
/// 51 minutes, with a mirrored set, a swinging twist and sip breaths. All invented.
/// </summary>
internal static class SoundClasses
{
    private static readonly string Folder = Path.Combine(AppContext.BaseDirectory, "Judgements", "Sound");

    public static IReadOnlyList<string> Names { get; } =
    [
        .. Directory
            .EnumerateFiles(Folder, "*.tide.json")
            .Select(f => Path.GetFileName(f).Replace(".tide.json", "", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal),
    ];

    public static ClassPlan Read(string name) => Shipped.Parse(File.ReadAllText(Path.Combine(Folder, name + ".tide.json")));
}
