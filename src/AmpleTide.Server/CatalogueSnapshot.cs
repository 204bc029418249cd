using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Naming;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;

namespace AmpleTide.Server;

/// <summary>
/// What a request computes with: the catalogue with the teacher's own moves in it, and all that follows from it. Immutable; a request takes
/// one and keeps it to its end, whatever is saved meanwhile.
/// </summary>
/// <param name="catalogue">The catalogue.</param>
/// <param name="edition">Names this very content.</param>
public sealed class CatalogueSnapshot(MoveCatalogue catalogue, string edition)
{
    private readonly Lazy<Companions> companions = new(() => new(catalogue, new(catalogue)));

    private readonly Lazy<MoveSearch> search = new(() => new(catalogue.Moves));

    /// <summary>Finds its moves by what people call them.</summary>
    public MoveSearch Search => search.Value;

    private readonly Lazy<UseSearch> uses = new(() => new(catalogue));

    /// <summary>Finds its moves by what they are good for.</summary>
    public UseSearch Uses => uses.Value;

    /// <summary>The catalogue.</summary>
    public MoveCatalogue Catalogue { get; } = catalogue;

    /// <summary>The ways between its positions.</summary>
    public WayNetwork Ways { get; } = new(catalogue);

    /// <summary>What goes well before and after each move.</summary>
    public Companions Companions => companions.Value;

    /// <summary>Another one whenever the catalogue or the teacher's own moves are; browsers keep pictures by it.</summary>
    public string Edition { get; } = edition;

    /// <summary>Names the catalogue and the clock that lengths of classes are worked out with.</summary>
    public string Figures { get; } = $"{catalogue.Hash}/{Timing.Version}";

    /// <summary>Compiles and judges a class.</summary>
    /// <exception cref="ClassTooLongException">It is too long to be laid out.</exception>
    public Judged Judge(ClassPlan plan, bool withEvents = false)
    {
        var score = ClassCompiler.Compile(plan, Catalogue, Ways, withEvents);
        return new(score, Judgement.Of(score));
    }
}

/// <summary>A class laid out in time, and what was found in it.</summary>
public sealed record Judged(Score Score, IReadOnlyList<Finding> Findings);
