using ArchUnitNET.Domain;
using ArchUnitNET.Fluent;
using ArchUnitNET.Loader;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace AmpleTide.Core.Tests;

/// <summary>The arrows point one way: everything may know the core, and the core knows nobody.</summary>
public class Architecture
{
    private static readonly ArchUnitNET.Domain.Architecture House = new ArchLoader()
        .LoadAssemblies(
            typeof(Core.Body.Shape).Assembly,
            typeof(AmpleTide.Catalogue.CatalogueReader).Assembly,
            typeof(AmpleTide.Formats.TideReader).Assembly
        )
        .Build();

    private static IObjectProvider<IType> In(string room) =>
        Types().That().ResideInNamespaceMatching($"^AmpleTide\\.{room}(\\..*)?$").As(room);

    [Fact]
    public void Arrows_that_are_there_are_seen() =>
        Assert.False(((IArchRule)Types().That().Are(In("Formats")).Should().NotDependOnAny(In("Core.Classes"))).HasNoViolations(House));

    [Theory]
    [InlineData("Core", "Catalogue")]
    [InlineData("Core", "Formats")]
    [InlineData("Catalogue", "Formats")]
    [InlineData("Formats", "Catalogue")]
    [InlineData("Core.Body", "Core.Catalogue")]
    [InlineData("Core.Body", "Core.Scoring")]
    [InlineData("Core.Catalogue", "Core.Classes")]
    [InlineData("Core.Catalogue", "Core.Scoring")]
    [InlineData("Core.Classes", "Core.Scoring")]
    [InlineData("Core.Classes", "Core.Judgements")]
    [InlineData("Core.Scoring", "Core.Judgements")]
    [InlineData("Core.Planning", "Core.Judgements")]
    [InlineData("Core.Scoring", "Core.Figures")]
    [InlineData("Core.Scoring", "Core.Suggestions")]
    [InlineData("Core.Planning", "Core.Scoring")]
    [InlineData("Core.Planning", "Core.Suggestions")]
    [InlineData("Core.Suggestions", "Core.Judgements")]
    [InlineData("Core.Catalogue", "Core.Conditions")]
    public void A_room_does_not_know_another(string room, string other)
    {
        IArchRule rule = Types().That().Are(In(room)).Should().NotDependOnAny(In(other));
        Assert.True(rule.HasNoViolations(House), string.Join('\n', rule.Evaluate(House).Where(r => !r.Passed).Select(r => r.Description)));
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
