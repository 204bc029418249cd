using AmpleTide.Catalogue;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Tests.Judgements;

/// <summary>Moves of somebody's own that do what no move of the catalogue does wrong. Invented.</summary>
internal static class WrongMoves
{
    private static readonly Lazy<(MoveCatalogue Catalogue, WayNetwork Ways)> Read = new(() =>
    {
        var catalogue = Shipped.Catalogue.With([
            CatalogueReader.ReadOwn(Move("turns-on-the-in-breath", "alternating", "neck.rotation", 50, 0), Shipped.Catalogue),
            CatalogueReader.ReadOwn(Move("folds-on-the-in-breath", null, "spine.flexion", 50, 0), Shipped.Catalogue),
            CatalogueReader.ReadOwn(Move("lifts-on-the-out-breath", null, "shoulder.elevation", 10, 150), Shipped.Catalogue),
            CatalogueReader.ReadOwn(Move("ends-round", null, "spine.flexion", 0, 70), Shipped.Catalogue),
            CatalogueReader.ReadOwn(Move("begins-arched", null, "spine.flexion", -24, 0), Shipped.Catalogue),
        ]);
        return (catalogue, new(catalogue));
    });

    public static Score Score(ClassPlan plan) => ClassCompiler.Compile(plan, Read.Value.Catalogue, Read.Value.Ways, false);

    public static IReadOnlyList<Finding> Judge(ClassPlan plan) => Judgement.Of(Score(plan));

    private static string Move(string id, string? sides, string axis, int inBreath, int outBreath) =>
        $$"""
            - id: {{id}}
              name: {{char.ToUpperInvariant(id[0])}}{{id[1..].Replace('-', ' ').Replace("in breath", "in-breath")}}
              kind: flow
              in: [seated-cross]
              {{(
                sides is null
                    ? "dose: { rounds: [2, 4, 6] }"
                    : $"sides: {sides}\n  right: the way the nose turns\n  dose: {{ rounds: [4, 6, 10] }}"
            )}}
              talk: { first: Now, second: And again }
              phases:
                - { breath: in, shape: { {{axis}}: {{inBreath}} }, cue: { long: "Move on the breath", short: "Move" } }
                - { breath: out, shape: { {{axis}}: {{outBreath}} }, cue: { long: "And on", short: "On" } }
              options: { easier: { cue: Half as far, shape: { {{axis}}: 5 } } }
              cautions: [Slowly]
            """;
}
