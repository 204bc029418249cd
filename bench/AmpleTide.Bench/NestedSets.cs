using AmpleTide.Catalogue;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using BenchmarkDotNet.Attributes;

namespace AmpleTide.Bench;

/// <summary>
/// Ten lines in a set in a set: as many occurrences as a class may have, and more than that, which is refused. Budget: 50 ms.
/// </summary>
[ShortRunJob]
public class NestedSets
{
    private static readonly MoveCatalogue Catalogue = CatalogueReader.ReadFolder(Path.Combine(AppContext.BaseDirectory, "catalogue"));
    private static readonly WayNetwork Ways = new(Catalogue);
    private ClassPlan plan = null!;

    [Params(5, 10, 14, 20)]
    public int Rounds { get; set; }

    [GlobalSetup]
    public void Setup()
    {
        Item[] lines =
        [
            .. Enumerable
                .Range(0, 10)
                .Select(i => new Line
                {
                    Id = $"l{i}",
                    Move = "cat-cow",
                    Dose = new(Unit.Rounds, 1),
                }),
        ];
        Side[] rounds = [.. Enumerable.Repeat(Side.None, Rounds)];
        plan = new()
        {
            Id = "nested",
            Title = "Nested",
            Minutes = 60,
            StartsIn = "all-fours",
            Sections =
            [
                new()
                {
                    Id = "s",
                    Name = "All",
                    Items =
                    [
                        new Set
                        {
                            Id = "outer",
                            Rounds = rounds,
                            Items =
                            [
                                new Set
                                {
                                    Id = "inner",
                                    Rounds = rounds,
                                    Items = lines,
                                },
                            ],
                        },
                    ],
                },
            ],
        };
    }

    [Benchmark]
    public int Run()
    {
        try
        {
            return Judgement.Of(ClassCompiler.Compile(plan, Catalogue, Ways, false)).Count;
        }
        catch (ClassTooLongException)
        {
            return -1;
        }
    }
}
