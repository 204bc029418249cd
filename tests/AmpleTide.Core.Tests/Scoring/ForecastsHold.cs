using AmpleTide.Core.Scoring;
using AmpleTide.Core.Tests.Judgements;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.Statistics;

namespace AmpleTide.Core.Tests.Scoring;

/// <summary>
/// The forecast's short formula against many classes taught by chance: each line takes a log-normal share of its time with mean 1, and the
/// teacher's pace has the median 1.
/// </summary>
public class ForecastsHold
{
    private const int Taught = 20_000;
    private const double OfTeacher = 0.16; // as the forecast's; common practice, no source

    public static TheoryData<string> Classes => [.. SoundClasses.Names];

    [Theory]
    [MemberData(nameof(Classes))]
    public void The_band_is_that_of_a_simulation(string name)
    {
        var score = Shipped.Score(SoundClasses.Read(name));
        var (band, _) = Forecast.Of(score);
        var random = new Random(20);
        var lines = score
            .Lines.Select(l =>
                (Seconds: l.Time.TotalSeconds, Factor: new LogNormal(-Math.Pow(Forecast.Spread(l), 2) / 2, Forecast.Spread(l), random))
            )
            .ToList();
        var teacher = new LogNormal(0, OfTeacher, random);
        var totals = Enumerable.Range(0, Taught).Select(_ => teacher.Sample() * lines.Sum(l => l.Seconds * l.Factor.Sample())).ToArray();
        var allowed = lines.Count >= 20 ? 0.02 : 0.05;
        (double Told, double Simulated)[] points =
        [
            (band.P10.TotalSeconds, totals.Percentile(10)),
            (band.P50.TotalSeconds, totals.Percentile(50)),
            (band.P90.TotalSeconds, totals.Percentile(90)),
        ];
        Assert.All(points, p => Assert.InRange(p.Told / p.Simulated, 1 - allowed, 1 + allowed));
    }

    [Fact]
    public void The_band_holds_the_middle_and_grows_with_the_class()
    {
        var score = Shipped.Score(Shipped.Demo("low-water-shoulders"));
        var (band, sections) = Forecast.Of(score);
        Assert.True(band.P10 < band.P50 && band.P50 < band.P90);
        Assert.Equal(score.Total, band.P50);
        Assert.Equal(band, sections[^1].End);
        Assert.Equal(sections.Select(s => s.End.P50).Order(), sections.Select(s => s.End.P50));
    }
}
