using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Naming;

namespace AmpleTide.Core.Notebook;

/// <summary>One way to read a line: which words are its name, and what the others say.</summary>
/// <param name="found">What has that name, likest first.</param>
/// <param name="dose">Its dose.</param>
/// <param name="sides">Its sides.</param>
/// <param name="details">The rest of it.</param>
/// <param name="placed">The words with those that name a place, where these are not part of the name; else null.</param>
/// <param name="catalogue">The positions.</param>
internal sealed class Reading(
    IReadOnlyList<Named> found,
    DoseWords dose,
    SideWords sides,
    LineDetails details,
    string? placed,
    MoveCatalogue catalogue
)
{
    // Two moves as like as this cannot be told apart by the name.
    private const double Close = 0.02;

    // Words that are read as part of the name need no other explanation.
    private const double ForEachLeftOut = 0.01;

    private const double Misfit = -0.3;

    private const int MostAmount = 3600;

    /// <summary>Whether it is the text of a class, which means what it says to the letter.</summary>
    public bool IsExact { get; init; }

    /// <summary>The likest move.</summary>
    public Named Best { get; } = found[0];

    /// <summary>Others, likest first.</summary>
    public IEnumerable<Named> Others => found.Skip(1);

    /// <summary>How good a reading it is.</summary>
    public double Worth =>
        Best.Likeness - (placed is null ? 0 : ForEachLeftOut) - (sides.First == Side.None ? 0 : ForEachLeftOut / 2) + Fits;

    // A direction or a side that the move has is a better reading than one it lacks.
    private double Fits =>
        !sides.Fit(Best.Move) ? Misfit
        : sides.First != Side.None && Best.Move.Sides == Sidedness.None ? 3 * -ForEachLeftOut
        : 0;

    /// <summary>Why it is not as good as said, or null where it is.</summary>
    public string? Doubt =>
        IsExact ? null
        : !Best.Sure ? $"It could be {Best.Move.Name}; the name is not quite that."
        : found.Count > 1 && Best.Likeness - found[1].Likeness < Close ? $"{found[1].Move.Name} is called that, too."
        : placed is not null && details.Position is null && PlaceWords.In(placed, Best.Move) is null
            ? $"{Best.Move.Name} is not taken there."
        : dose.Vague ? "How much is not said; it is the usual dose."
        : sides.First != Side.None && Best.Move.Sides == Sidedness.None ? $"{Best.Move.Name} has no sides."
        : dose.Amount > MostAmount ? "That is more than a class can hold."
        : null;

    /// <summary>The line it makes.</summary>
    /// <param name="here">A position that was gone to, or null.</param>
    public Line Line(string? here)
    {
        var move = Best.Move;
        var order =
            IsExact ? sides.Exactly(move)
            : dose.EachSide && sides is { First: Side.None, Both: false } ? SideOrderOf(move)
            : sides.For(move);
        return new()
        {
            Id = "",
            Move = move.Id,
            Dose = DoseOf(move),
            Sides = order,
            Option = move.Options.ContainsKey(details.Option) ? details.Option : MoveForm.BaseOption,
            Position = PositionOf(move) ?? here,
            PerEnd = details.PerEnd,
            Eyes = details.Eyes,
            GoesOn = details.GoesOn,
        };
    }

    private static SideOrder? SideOrderOf(Move move) => move.Sides == Sidedness.None ? null : SideOrder.For(move, Side.Right);

    private string? PositionOf(Move move)
    {
        if (details.Position is { } named)
            return catalogue
                .Positions.FirstOrDefault(p =>
                    move.In.Contains(p.Id) && (p.Name.Equals(named, StringComparison.OrdinalIgnoreCase) || p.Id == named)
                )
                ?.Id;
        return placed is null ? null : PlaceWords.In(placed, move);
    }

    private Dose? DoseOf(Move move)
    {
        if (dose.Amount is not { } amount)
            return null;
        var unit = dose.Unit ?? move.Dose.Unit;
        if (IsExact)
            return dose.IsUsual ? null : new(unit, Math.Clamp(amount, 1, MostAmount));
        if (dose.Unit == Unit.Rounds && move.Dose.Unit == Unit.Beats)
            unit = Unit.Beats;
        // What is told for each side is twice as many changes, where each change is the other side.
        if (move.Sides == Sidedness.Alternating && (dose.EachSide || sides is { Both: true, Alternates: false }) && unit != Unit.Seconds)
            amount *= 2;
        amount = Math.Clamp(amount, 1, MostAmount);
        return dose.IsUsual && unit == move.Dose.Unit && amount == move.Dose.Usual ? null : new(unit, amount);
    }
}
