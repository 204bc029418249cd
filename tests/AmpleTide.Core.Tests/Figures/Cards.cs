using System.Collections.Concurrent;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>The pictures of cards, each drawn once for all tests.</summary>
internal static class Cards
{
    private static readonly ConcurrentDictionary<string, Figure> Drawn = new();

    /// <summary>Every move in the first of its positions.</summary>
    public static IReadOnlyList<MoveForm> All { get; } = [.. Shipped.Catalogue.Moves.Select(m => FormOf(m.Id))];

    /// <summary>A move in the first of its positions.</summary>
    public static MoveForm FormOf(string id)
    {
        var move = Shipped.Catalogue.Move(id)!;
        return Shipped.Catalogue.Form(move, Shipped.Catalogue.Position(move.In[0])!, MoveForm.BaseOption);
    }

    /// <summary>What stands on its card.</summary>
    public static Figure Of(string id) => Drawn.GetOrAdd(id, _ => FigureDrawing.Picture(FormOf(id)));
}
