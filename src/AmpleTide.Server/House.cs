using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Server;

/// <summary>What the server computes with: the catalogue and the ways, read once at the start.</summary>
public sealed class House(MoveCatalogue catalogue)
{
    /// <summary>The catalogue.</summary>
    public MoveCatalogue Catalogue { get; } = catalogue;

    /// <summary>The ways between its positions.</summary>
    public WayNetwork Ways { get; } = new(catalogue);

    /// <summary>Compiles and judges a class.</summary>
    public (Score Score, IReadOnlyList<Finding> Findings) Judge(ClassPlan plan, bool withEvents = false)
    {
        var score = ClassCompiler.Compile(plan, Catalogue, Ways, withEvents);
        return (score, Judgement.Of(score));
    }
}
