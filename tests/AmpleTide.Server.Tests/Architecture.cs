using System.Text.RegularExpressions;
using ArchUnitNET.Domain;
using ArchUnitNET.Fluent;
using ArchUnitNET.Fluent.Slices;
using ArchUnitNET.Loader;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace AmpleTide.Server.Tests;

/// <summary>The arrows point one way: everything may know the core, the core knows nobody, and no folder knows one that knows it.</summary>
public partial class Architecture
{
    private static readonly ArchUnitNET.Domain.Architecture Whole = new ArchLoader()
        .LoadAssemblies(
            typeof(Core.Body.Shape).Assembly,
            typeof(AmpleTide.Catalogue.CatalogueReader).Assembly,
            typeof(AmpleTide.Fitting.Fitter).Assembly,
            typeof(AmpleTide.Formats.TideReader).Assembly,
            typeof(AmpleTide.Store.TideStore).Assembly,
            typeof(LiveCatalogue).Assembly
        )
        .Build();

    private static IObjectProvider<IType> In(string room) =>
        Types().That().ResideInNamespaceMatching($"^AmpleTide\\.{room}(\\..*)?$").As(room);

    [Fact]
    public void Arrows_that_are_there_are_seen() =>
        Assert.False(((IArchRule)Types().That().Are(In("Formats")).Should().NotDependOnAny(In("Core.Classes"))).HasNoViolations(Whole));

    [Theory]
    [InlineData("Core", "Catalogue")]
    [InlineData("Core", "Fitting")]
    [InlineData("Fitting", "Catalogue")]
    [InlineData("Fitting", "Formats")]
    [InlineData("Fitting", "Store")]
    [InlineData("Fitting", "Server")]
    [InlineData("Core", "Formats")]
    [InlineData("Core", "Store")]
    [InlineData("Core", "Server")]
    [InlineData("Catalogue", "Formats")]
    [InlineData("Catalogue", "Store")]
    [InlineData("Formats", "Catalogue")]
    [InlineData("Formats", "Store")]
    [InlineData("Store", "Core")]
    [InlineData("Store", "Server")]
    [InlineData("Core.Body", "Core.Catalogue")]
    [InlineData("Core.Catalogue", "Core.Classes")]
    [InlineData("Core.Classes", "Core.Scoring")]
    [InlineData("Core.Planning", "Core.Scoring")]
    [InlineData("Core.Scoring", "Core.Judgements")]
    [InlineData("Core.Scoring", "Core.Suggestions")]
    [InlineData("Core.Scoring", "Core.Figures")]
    [InlineData("Core.Suggestions", "Core.Judgements")]
    public void A_room_does_not_know_another(string room, string other)
    {
        IArchRule rule = Types().That().Are(In(room)).Should().NotDependOnAny(In(other));
        Assert.True(rule.HasNoViolations(Whole), string.Join('\n', rule.Evaluate(Whole).Where(r => !r.Passed).Select(r => r.Description)));
    }

    [Fact]
    public void No_types_of_two_folders_know_each_other()
    {
        var rule = SliceRuleDefinition.Slices().Matching("AmpleTide.(**)").Should().BeFreeOfCycles();
        Assert.True(rule.HasNoViolations(Whole), string.Join('\n', rule.Evaluate(Whole).Where(r => !r.Passed).Select(r => r.Description)));
    }

    /// <summary>
    /// The compiler copies a constant into whoever uses it, and the types no longer tell. So the sources are read as well: what each folder
    /// names by <c>using</c>.
    /// </summary>
    [Fact]
    public void No_sources_of_two_folders_name_each_other()
    {
        var named = new Dictionary<string, HashSet<string>>();
        foreach (var file in Directory.EnumerateFiles(Sources(), "*.cs", SearchOption.AllDirectories))
        {
            var text = File.ReadAllText(file);
            if (Namespace().Match(text) is not { Success: true } own)
                continue;
            var names = named.TryGetValue(own.Groups[1].Value, out var there) ? there : named[own.Groups[1].Value] = [];
            names.UnionWith(Using().Matches(text).Select(m => m.Groups[1].Value));
        }
        Assert.True(named.Count > 12, $"{named.Count} folders");
        bool Reaches(string from, string to, HashSet<string> seen) =>
            named.GetValueOrDefault(from) is { } next && next.Any(n => n != from && (n == to || (seen.Add(n) && Reaches(n, to, seen))));
        Assert.DoesNotContain(named.Keys, n => Reaches(n, n, []));
    }

    [GeneratedRegex(@"^namespace (AmpleTide[\w.]*);", RegexOptions.Multiline)]
    private static partial Regex Namespace();

    [GeneratedRegex(@"^using (?:static )?(AmpleTide[\w.]*);", RegexOptions.Multiline)]
    private static partial Regex Using();

    private static string Sources()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "AmpleTide.slnx")))
            folder = folder.Parent!;
        return Path.Combine(folder.FullName, "src");
    }

    [Fact]
    public void The_core_needs_no_web_no_storage_and_no_files()
    {
        var names = typeof(Core.Body.Shape).Assembly.GetReferencedAssemblies().Select(a => a.Name!).ToList();
        string[] foreign =
        [
            "Microsoft.AspNetCore",
            "Microsoft.EntityFrameworkCore",
            "Microsoft.Data",
            "System.IO.FileSystem",
            "System.Net",
            "System.Text.Json",
            "YamlDotNet",
            "AmpleTide",
        ];
        Assert.DoesNotContain(names, name => foreign.Any(f => name.StartsWith(f, StringComparison.Ordinal)));
    }
}
