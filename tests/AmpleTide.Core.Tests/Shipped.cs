using System.Text.Json;
using AmpleTide.Catalogue;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;
using AmpleTide.Fitting;
using AmpleTide.Formats;

namespace AmpleTide.Core.Tests;

/// <summary>The catalogue that ships, read once for all tests, and small classes made in a line.</summary>
internal static class Shipped
{
    public static readonly string Folder = AppContext.BaseDirectory;

    private const string Shapes = "shapes.bin";

    private static readonly Lazy<MoveCatalogue> Read = new(() =>
    {
        // The shapes that ship beside the built server, where there is one; else those of the last run.
        var built = Environment.GetEnvironmentVariable("AMPLE_TIDE_SERVER") is { } server ? Path.GetDirectoryName(server)! : Folder;
        var shapes = ShapeCache.Open(Path.Combine(built, Shapes));
        var catalogue = CatalogueReader.ReadFolder(Path.Combine(Folder, "catalogue"), shapes);
        if (built == Folder && shapes.Solved > 0)
            shapes.Save(Path.Combine(Folder, Shapes));
        return catalogue;
    });

    /// <summary>What fixes need beside the class.</summary>
    public static readonly FixTools Tools = new(Fitter.ToLength);

    private static readonly Lazy<WayNetwork> Network = new(() => new(Catalogue));

    public static MoveCatalogue Catalogue => Read.Value;

    public static WayNetwork Ways => Network.Value;

    public static Replacements Replacements => Core.Suggestions.Replacements.On(Ways);

    public static Adviser Adviser => Replacements.Adviser;

    public static ClassPlan Demo(string name) => Parse(File.ReadAllText(Path.Combine(Folder, "demo", name + ".tide.json")));

    public static IEnumerable<string> DemoNames =>
        Directory
            .EnumerateFiles(Path.Combine(Folder, "demo"))
            .Select(f => Path.GetFileName(f).Replace(".tide.json", "", StringComparison.Ordinal))
            .Order();

    public static IEnumerable<ClassPlan> DemoPlans => DemoNames.Select(Demo);

    public static IEnumerable<ClassPlan> SoundPlans =>
        Directory
            .EnumerateFiles(Path.Combine(Folder, "Judgements", "Sound"), "*.tide.json")
            .Order(StringComparer.Ordinal)
            .Select(f => Parse(File.ReadAllText(f)));

    public static ClassPlan Parse(string json)
    {
        using var document = JsonDocument.Parse(json);
        return TideReader.Read(document.RootElement);
    }

    /// <summary>A class of one section from lines as the file writes them, such as <c>{ "move": "cat-cow" }</c>.</summary>
    public static ClassPlan Class(string items, string head = "") =>
        Parse(
            "{ \"title\": \"Small\", "
                + (head.Contains("minutes", StringComparison.Ordinal) ? "" : "\"minutes\": 10, ")
                + (head.Length > 0 ? head + ", " : "")
                + "\"sections\": [ { \"name\": \"All\", \"items\": ["
                + items
                + "] } ] }"
        );

    public static Score Score(ClassPlan plan) => ClassCompiler.Compile(plan, Catalogue, Ways);

    public static IReadOnlyList<Finding> Judge(ClassPlan plan) => Judgement.Of(ClassCompiler.Compile(plan, Catalogue, Ways, false));

    /// <summary>Orders ids of lines as the class writes them.</summary>
    public static IComparer<string> ByPlace(ClassPlan plan)
    {
        var places = plan.Lines.Select((l, i) => (l.Id, i)).ToDictionary(p => p.Id, p => p.i);
        return Comparer<string>.Create((a, b) => places[a].CompareTo(places[b]));
    }

    /// <summary>The class with a finding mended by its first fix, or another of its fixes.</summary>
    public static ClassPlan Mended(ClassPlan plan, Finding finding, Fix? fix = null)
    {
        var result = (fix ?? finding.Fixes[0]).Apply(Score(plan), finding, Tools);
        Assert.True(result.Plan is not null, $"{finding.Rule}, {(fix ?? finding.Fixes[0]).Label}: {result.Refusal}");
        return result.Plan;
    }

    public static Finding? Found(ClassPlan plan, string rule) => Judge(plan).FirstOrDefault(f => f.Rule == rule);
}
