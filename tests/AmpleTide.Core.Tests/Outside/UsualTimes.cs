using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Tests.Outside;

/// <summary>Check values of the trade against what a class compiles to. Common practice, no source, but where a source is named.</summary>
public class UsualTimes
{
    [Fact]
    public void A_moving_round_takes_about_nine_and_a_half_seconds() => Assert.InRange(BreathPatterns.Usual.Breath(Pattern.Moving), 8, 11);

    /// <summary>
    /// Slow paced breathing is near six a minute (4.5 to 6.5): Lehrer and Gevirtz, Frontiers in Psychology, 2014, from memory.
    /// </summary>
    [Fact]
    public void Resting_and_counted_breaths_are_slow_paced_breathing()
    {
        Assert.InRange(60 / BreathPatterns.Usual.Breath(Pattern.Resting), 4.5, 6.5);
        var score = Shipped.Score(Shipped.Class("{ \"move\": \"long-out-breath\", \"breaths\": 4 }"));
        var counted = score.Events!.Where(e => e.Kind == EventKind.Breath).Sum(e => e.Length);
        Assert.InRange(60 / (counted / 4).TotalSeconds, 4.5, 6.5);
    }

    [Theory]
    [InlineData("seated-twist", "\"breaths\": 4, \"sides\": \"right\"", 25, 60)] // a four-breath twist with its talk-in, a side
    [InlineData("shrug-and-drop", "\"rounds\": 1", 8, 32)] // taught slowly, the first round with its talk
    [InlineData("seated-cat-cow", "\"rounds\": 1", 7, 32)]
    public void A_move_takes_what_it_usually_takes(string move, string dose, double least, double most)
    {
        var score = Shipped.Score(Shipped.Class($"{{ \"move\": \"{move}\", {dose} }}"));
        Assert.InRange(score.Total.TotalSeconds, least, most);
    }

    [Theory]
    [InlineData("seated-cross", "all-fours", 10, 20)]
    [InlineData("standing-fold", "standing", 20, 30)]
    [InlineData("inverted-v", "standing", 20, 45)]
    [InlineData("supine-knees", "seated-cross", 15, 30)]
    [InlineData("all-fours", "standing", 20, 40)]
    public void Ways_take_what_they_usually_take(string from, string to, double least, double most)
    {
        var plan = Shipped.Class("{ \"move\": \"breath-watch\" }");
        var time = Shipped.Ways.Cheapest(from, to, plan)!.Ways.Sum(w => Core.Planning.Timing.WayTime(w, Pace.Usual, false));
        Assert.InRange(time.TotalSeconds, least, most);
    }

    /// <summary>A neck turns slower than 45° a second (common practice, no source).</summary>
    [Fact]
    public void No_neck_is_turned_fast()
    {
        foreach (var move in Shipped.Catalogue.Moves.Where(m => m.Kind == MoveKind.Flow))
        {
            foreach (var form in Shipped.Catalogue.Forms(move))
            {
                for (var i = 1; i < form.Phases.Length; i++)
                {
                    var counts =
                        form.Phases[i].Phase.Counts
                        ?? (form.Phases[i].Phase.Breath == Core.Catalogue.Breath.In ? 4 : 5) * form.Phases[i].Phase.Share;
                    foreach (var axis in new[] { Axis.NeckFlexion, Axis.NeckSide, Axis.NeckRotation })
                        Assert.True(
                            Math.Abs(form.Phases[i].Shape.Angles[axis] - form.Phases[i - 1].Shape.Angles[axis]) / counts < 45,
                            $"{move.Id} {axis}"
                        );
                }
            }
        }
    }

    /// <summary>
    /// Sitting quietly 1.3 MET, power yoga 4.0: Ainsworth and others, Compendium of Physical Activities, 2011, from memory.
    /// </summary>
    [Fact]
    public void Efforts_lie_between_resting_and_power_yoga() =>
        Assert.All(Shipped.Catalogue.Moves, m => Assert.InRange(m.Effort, 1.0, 4.0));
}
