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

    [Benchmark(Baseline = true)]
    public int Run() => Judgement.Of(ClassCompiler.Compile(plan, Catalogue, Ways, false)).Count;

    /// <summary>The same with four conditions counted and two people who have two each.</summary>
    [Benchmark]
    public int RunWithPeople() => Judgement.Of(ClassCompiler.Compile(plan with { Group = People }, Catalogue, Ways, false)).Count;

    private static readonly Group People = new()
    {
        Size = 12,
        Conditions = new Dictionary<string, int>
        {
            ["wrist"] = 2,
            ["pregnancy-mid"] = 1,
            ["bp-high"] = 1,
            ["knee"] = 2,
        },
        People =
        [
            new(1, [new("neck-recent"), new("vertigo")]),
            new(1, [new("shoulder") { Side = AmpleTide.Core.Body.Side.Right }, new("balance")]),
        ],
    };
}
