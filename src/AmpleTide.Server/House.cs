using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Judgements;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Server;

/// <summary>What the server computes with: the catalogue, the teacher's own moves among it, and the ways.</summary>
/// <param name="catalogue">The catalogue, read at the start.</param>
/// <param name="folder">Where it was read from.</param>
public sealed class House(MoveCatalogue catalogue, string folder = "")
{
    private volatile Rooms rooms = new(catalogue);

    /// <summary>The catalogue.</summary>
    public MoveCatalogue Catalogue => rooms.Catalogue;

    /// <summary>The ways between its positions.</summary>
    public WayNetwork Ways => rooms.Ways;

    /// <summary>What goes well before and after each move.</summary>
    public Companions Companions => rooms.Companions.Value;

    /// <summary>Where the catalogue was read from.</summary>
    public string Folder { get; } = folder;

    /// <summary>Puts the teacher's own moves in the place of those that were there. Requests under way go on with what they began with.</summary>
    public void Use(IReadOnlyCollection<MoveForm[]> own) => rooms = new(catalogue.With(own));

    /// <summary>A house like this one with other moves of the teacher's own.</summary>
    public House With(IReadOnlyCollection<MoveForm[]> own) => new(catalogue.With(own), Folder);

    /// <summary>Another one whenever the catalogue or the teacher's own moves are; pictures are kept by it.</summary>
    public string Edition => rooms.Edition;

    private sealed class Rooms(MoveCatalogue catalogue)
    {
        public string Edition { get; } = catalogue.Moves.Any(m => m.Own) ? $"{catalogue.Hash}-{Guid.NewGuid():N}" : catalogue.Hash;

        public MoveCatalogue Catalogue { get; } = catalogue;

        public WayNetwork Ways { get; } = new(catalogue);

        public Lazy<Companions> Companions { get; } = new(() => new(catalogue, new(catalogue)));
    }

    /// <summary>Compiles and judges a class.</summary>
    public Judged Judge(ClassPlan plan, bool withEvents = false)
    {
        var now = rooms;
        var score = ClassCompiler.Compile(plan, now.Catalogue, now.Ways, withEvents);
        return new(score, Judgement.Of(score));
    }
}

/// <summary>A class laid out in time, and what was found in it.</summary>
public sealed record Judged(Score Score, IReadOnlyList<Finding> Findings);
