using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>What moves are good for: an area under its everyday names, an occasion, a job within a class.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called: "for the neck", "before sleep".</param>
/// <param name="Words">The words and phrases it is looked for by.</param>
public sealed record Use(string Id, string Name, IReadOnlyList<string> Words)
{
    /// <summary>Areas of which one is eased; none: any.</summary>
    public IReadOnlyList<Area> Areas { get; init; } = [];

    /// <summary>Positions of which it is taken in one; none: any.</summary>
    public IReadOnlyList<string> In { get; init; } = [];

    /// <summary>Families of which it is taken in one; none: any.</summary>
    public IReadOnlyList<Family> Families { get; init; } = [];

    /// <summary>Kinds of which it is one; none: any.</summary>
    public IReadOnlyList<MoveKind> Kinds { get; init; } = [];

    /// <summary>The most effort it asks, in METs; null: any.</summary>
    public double? MostEffort { get; init; }

    /// <summary>Moves that have it besides, picked by hand.</summary>
    public IReadOnlyList<string> Moves { get; init; } = [];

    // A move eases many areas a little; it is looked for by those it eases most. Common practice, no source.
    private const int AreasThatTell = 3;

    /// <summary>Whether a form of a move has this use.</summary>
    public bool Has(MoveForm form) => Rank(form) is not null;

    /// <summary>How well a form of a move has this use: 0 the best, higher less; null where it has it not.</summary>
    public int? Rank(MoveForm form)
    {
        if (Moves.Contains(form.Move.Id))
            return 0;
        if (
            (In.Count > 0 && !In.Contains(form.Position.Id))
            || (Families.Count > 0 && !Families.Contains(form.Position.Family))
            || (Kinds.Count > 0 && !Kinds.Contains(form.Move.Kind))
            || form.Move.Effort > MostEffort
        )
            return null;
        if (Areas.Count == 0)
            return Moves.Count == 0 ? 0 : null;
        var strongest = form.Easing.Strongest;
        for (var i = 0; i < Math.Min(AreasThatTell, strongest.Count); i++)
            if (Areas.Contains(strongest[i]))
                return i;
        return null;
    }
}
