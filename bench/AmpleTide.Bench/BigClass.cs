using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;

namespace AmpleTide.Bench;

/// <summary>A class of so many lines: the catalogue's moves in turn, usual doses, every sixth line in a mirrored set.</summary>
internal static class BigClass
{
    public static ClassPlan Of(int lines, MoveCatalogue catalogue)
    {
        // Neighbours share a position, as in a real class, so that ways are taken but not between all lines.
        var moves = catalogue.Moves.OrderBy(m => m.In[0], StringComparer.Ordinal).ThenBy(m => m.Id, StringComparer.Ordinal).ToList();
        var items = Enumerable.Range(0, lines).Select(Item).ToList();
        return new()
        {
            Id = "big",
            Title = "Big",
            Minutes = lines * 1.5,
            StartsIn = "seated-cross",
            Sections =
            [
                .. items
                    .Chunk(12)
                    .Select(
                        (chunk, i) =>
                            new Section
                            {
                                Id = $"s{i}",
                                Name = $"Section {i}",
                                Items = chunk,
                            }
                    ),
            ],
        };

        Item Item(int i)
        {
            var line = new Line { Id = $"l{i}", Move = moves[i * moves.Count / lines].Id };
            return i % 6 == 5
                ? new Set
                {
                    Id = $"t{i}",
                    Rounds = [Core.Body.Side.Right, Core.Body.Side.Left],
                    Items = [line],
                }
                : line;
        }
    }
}
