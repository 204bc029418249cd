using AmpleTide.Catalogue;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using BenchmarkDotNet.Attributes;

namespace AmpleTide.Bench;

/// <summary>Compile and judge a class of so many lines, warm. Budget: 2 ms for 120 lines, linear from 30 to 240.</summary>
[ShortRunJob]
[MemoryDiagnoser]
public class CompileAndJudge
{
    private static readonly MoveCatalogue Catalogue = CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue"));
    private static readonly WayNetwork Ways = new(Catalogue);
    private ClassPlan plan = null!;

    [Params(30, 60, 120, 240)]
    public int Lines { get; set; }

    [GlobalSetup]
    public void Setup() => plan = BigClass.Of(Lines, Catalogue);

    [Benchmark]
    public int Run() => Judgement.Of(ClassCompiler.Compile(plan, Catalogue, Ways, false)).Count;
}
