using AmpleTide.Core.Body;
using AmpleTide.Core.Figures;
using AmpleTide.Core.Figures.Paths;

namespace AmpleTide.Core.Tests.Figures;

/// <summary>The body map: eighteen areas as regions of one person's surface.</summary>
public class MapOfTheBody
{
    private static Loop[] Of(BodyFace face, Area area, Side side) =>
        [
            .. face
                .Areas.Where(a => a.Area == area && a.Side == side)
                .SelectMany(a => new FigurePath(Tone.Skin, false, a.X, a.Y, a.Steps).Loops()),
        ];

    [Fact]
    public void Every_area_is_on_it_on_both_sides_alike()
    {
        foreach (var area in Enum.GetValues<Area>())
        {
            var faces = new[] { BodyMap.Front, BodyMap.Back }.Where(f => f.Areas.Any(a => a.Area == area)).ToList();
            Assert.NotEmpty(faces);
            foreach (var face in faces)
            {
                double right = Of(face, area, Side.Right).Sum(l => l.Area),
                    left = Of(face, area, Side.Left).Sum(l => l.Area);
                Assert.InRange(right / left, 0.9, 1.1);
                Assert.True(right > 200, $"{area} has {right:0}");
            }
        }
    }

    [Fact]
    public void From_the_front_the_right_is_on_the_left_of_the_picture_and_from_the_back_on_the_right()
    {
        foreach (var area in new[] { Area.Arms, Area.Feet, Area.Shoulders })
        {
            Assert.True(Of(BodyMap.Front, area, Side.Right).All(l => l.Middle.X < 0));
            Assert.True(Of(BodyMap.Back, area, Side.Right).All(l => l.Middle.X > 0));
        }
    }

    [Theory]
    [InlineData("front", Area.Jaw, Area.Neck)]
    [InlineData("front", Area.Neck, Area.Chest)]
    [InlineData("front", Area.Chest, Area.Breath)]
    [InlineData("front", Area.Breath, Area.HipFront)]
    [InlineData("front", Area.HipFront, Area.Thighs)]
    [InlineData("front", Area.Thighs, Area.Feet)]
    [InlineData("back", Area.Neck, Area.UpperBack)]
    [InlineData("back", Area.UpperBack, Area.MidBack)]
    [InlineData("back", Area.MidBack, Area.LowBack)]
    [InlineData("back", Area.LowBack, Area.OuterHip)]
    [InlineData("back", Area.OuterHip, Area.Hamstrings)]
    [InlineData("back", Area.Hamstrings, Area.Calves)]
    [InlineData("back", Area.Calves, Area.Feet)]
    public void Areas_lie_above_each_other(string side, Area upper, Area lower)
    {
        var face = side == "front" ? BodyMap.Front : BodyMap.Back;
        float Height(Area area) => Of(face, area, Side.Right).MaxBy(l => l.Area)!.Middle.Y;
        Assert.True(Height(upper) < Height(lower));
    }

    [Fact]
    public void No_area_reaches_beyond_the_body()
    {
        foreach (var face in new[] { BodyMap.Front, BodyMap.Back })
        foreach (var area in face.Areas)
        foreach (var loop in new FigurePath(Tone.Skin, false, area.X, area.Y, area.Steps).Loops())
            Assert.True(loop.Low.IsWithin(face.Body.Box, 2) && loop.High.IsWithin(face.Body.Box, 2), $"{area.Area}");
    }
}
