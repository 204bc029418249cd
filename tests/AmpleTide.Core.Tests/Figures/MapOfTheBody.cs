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
    [InlineData(Area.Jaw, Area.Neck)]
    [InlineData(Area.Neck, Area.Chest)]
    [InlineData(Area.Chest, Area.Breath)]
    [InlineData(Area.Breath, Area.HipFront)]
    [InlineData(Area.HipFront, Area.Thighs)]
    [InlineData(Area.Thighs, Area.Feet)]
    public void Areas_of_the_front_lie_above_each_other(Area upper, Area lower) => AssertAbove(BodyMap.Front, upper, lower);

    [Theory]
    [InlineData(Area.Neck, Area.UpperBack)]
    [InlineData(Area.UpperBack, Area.MidBack)]
    [InlineData(Area.MidBack, Area.LowBack)]
    [InlineData(Area.LowBack, Area.OuterHip)]
    [InlineData(Area.OuterHip, Area.Hamstrings)]
    [InlineData(Area.Hamstrings, Area.Calves)]
    [InlineData(Area.Calves, Area.Feet)]
    public void Areas_of_the_back_lie_above_each_other(Area upper, Area lower) => AssertAbove(BodyMap.Back, upper, lower);

    private static void AssertAbove(BodyFace face, Area upper, Area lower) =>
        Assert.True(Of(face, upper, Side.Right).MaxBy(l => l.Area)!.Middle.Y < Of(face, lower, Side.Right).MaxBy(l => l.Area)!.Middle.Y);

    [Fact]
    public void No_area_reaches_beyond_the_body()
    {
        foreach (var face in new[] { BodyMap.Front, BodyMap.Back })
        foreach (var area in face.Areas)
        foreach (var loop in new FigurePath(Tone.Skin, false, area.X, area.Y, area.Steps).Loops())
            Assert.True(loop.Low.IsWithin(face.Body.Box, 2) && loop.High.IsWithin(face.Body.Box, 2), $"{area.Area}");
    }
}
