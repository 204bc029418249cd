using AmpleTide.Catalogue;
using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Tests.Catalogue;

/// <summary>What the catalogue that ships must hold together.</summary>
public class CatalogueThatShips
{
    private static MoveCatalogue Catalogue => TestHouse.Catalogue;

    [Fact]
    public void It_spans_every_family_kind_and_sidedness()
    {
        Assert.True(Catalogue.Positions.Count >= 14);
        Assert.True(Catalogue.Moves.Count >= 40);
        Assert.Equal(Enum.GetValues<Family>(), Catalogue.Positions.Select(p => p.Family).Distinct().Order());
        Assert.Equal(Enum.GetValues<MoveKind>(), Catalogue.Moves.Select(m => m.Kind).Distinct().Order());
        Assert.Equal(Enum.GetValues<Sidedness>(), Catalogue.Moves.Select(m => m.Sides).Distinct().Order());
    }

    [Fact]
    public void Every_position_can_be_reached_and_left()
    {
        var plan = TestHouse.Class("{ \"move\": \"breath-watch\" }");
        foreach (var id in Catalogue.Positions.Select(p => p.Id))
        {
            Assert.Contains(Catalogue.Positions, p => p.Id != id && TestHouse.Ways.Cheapest(p.Id, id, plan) is not null);
            Assert.Contains(Catalogue.Positions, p => p.Id != id && TestHouse.Ways.Cheapest(id, p.Id, plan) is not null);
        }
    }

    [Fact]
    public void What_a_move_opens_something_closes()
    {
        var closed = Catalogue.Moves.SelectMany(m => m.Phases).SelectMany(p => p.Closes).ToHashSet();
        Assert.All(Catalogue.Moves.SelectMany(m => m.Phases).SelectMany(p => p.Opens), what => Assert.Contains(what, closed));
    }

    [Fact]
    public void A_named_side_and_part_moves_or_bears_in_its_phase()
    {
        // "{right} ear sinks": the part named after a side goes at least 5 cm, or a degree that shows, or is held in a stay.
        foreach (var move in Catalogue.Moves.Where(m => m.Sides != Sidedness.None))
        {
            foreach (var form in Catalogue.Forms(move).Where(f => f.Option == MoveForm.BaseOption))
            {
                for (var i = 0; i < form.Phases.Length; i++)
                {
                    if (form.Phases[i].Phase.IsStay || !form.Phases[i].Phase.Cue.Long.Contains('{', StringComparison.Ordinal)) continue;
                    var (before, after) = (form.StartOf(i).Angles, form.Phases[i].Shape.Angles);
                    Assert.True(Enum.GetValues<Axis>().Max(a => Math.Abs(before[a] - after[a])) > 5, $"{move.Id} in {form.Position.Id}, phase {i + 1}: nothing moves");
                }
            }
        }
    }

    [Fact]
    public void No_caution_cue_or_talk_is_said_twice()
    {
        var texts = Catalogue.Moves.SelectMany(m => m.Cautions.Append(m.Talk.First).Concat(m.Phases.Select(p => p.Cue.Long)));
        Assert.Empty(texts.GroupBy(t => t).Where(g => g.Count() > 1).Select(g => g.Key));
    }

    [Fact]
    public void Reading_again_gives_the_same_shapes_with_and_without_the_cache()
    {
        var file = Path.Combine(Path.GetTempPath(), $"ample-tide-{Guid.NewGuid():N}.bin");
        try
        {
            var texts = new CatalogueText[] { new("positions.yaml", File.ReadAllText(Path.Combine(TestHouse.Folder, "catalogue", "positions.yaml"))) };
            var fresh = CatalogueReader.Read(texts, ShapeCache.Open(file));
            var cache = ShapeCache.Open(file);
            var kept = CatalogueReader.Read(texts, cache);
            Assert.Equal(0, cache.Solved);
            Assert.Equal(fresh.Hash, kept.Hash);
            Assert.All(fresh.Positions.Zip(kept.Positions), pair => Assert.Equal(pair.First.Base.Angles, pair.Second.Base.Angles));
            File.WriteAllText(file, "not a cache");
            Assert.Equal(fresh.Positions.Count, CatalogueReader.Read(texts, ShapeCache.Open(file)).Positions.Count);
        }
        finally
        {
            File.Delete(file);
        }
    }

    [Theory]
    [InlineData("Let the {right} ear sink", Side.Left, "Let the left ear sink")]
    [InlineData("{right} ear sinks", Side.Right, "Right ear sinks")]
    [InlineData("{left} over {right}", Side.Left, "Right over left")]
    [InlineData("Circle {clockwise}", Side.Left, "Circle the other way round")]
    [InlineData("No side at all", Side.Left, "No side at all")]
    public void Cues_are_said_for_a_side(string text, Side side, string said) => Assert.Equal(said, Words.For(text, side));

    [Theory]
    [InlineData("Chin sinks", 2)]
    [InlineData("{right} ear, and the inverted-v", 5)]
    [InlineData("", 0)]
    [InlineData("don't push", 2)]
    public void Words_are_counted(string text, int count) => Assert.Equal(count, Words.Count(text));
}
