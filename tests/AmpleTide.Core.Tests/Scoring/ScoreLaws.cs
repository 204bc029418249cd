using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;
using AmpleTide.Core.Scoring;
using FsCheck.Xunit;

namespace AmpleTide.Core.Tests.Scoring;

/// <summary>Laws that hold for any class.</summary>
public class ScoreLaws
{
    [Property(MaxTest = 60)]
    public void Events_tile_the_time(int seed)
    {
        var score = Shipped.Score(AnyClass(seed));
        var now = TimeSpan.Zero;
        foreach (var e in score.Events!)
        {
            Assert.Equal(now, e.At);
            Assert.True(e.Kind == EventKind.Prop ? e.Length == TimeSpan.Zero : e.Length > TimeSpan.Zero);
            now += e.Length;
        }
        Assert.Equal(score.Total, now);
        Assert.Equal(score.Total, score.TimeByKind.Sum(t => t));
    }

    [Property(MaxTest = 60)]
    public void The_times_of_the_lines_add_up_to_the_class_and_are_linear_in_their_doses(int seed)
    {
        var plan = AnyClass(seed);
        var score = Shipped.Score(plan);
        Assert.Equal(score.Total, score.Items.Sum(i => i.Time));
        var line = score.Lines[new Random(seed).Next(score.Lines.Count)];
        if (line.Move is null)
            return;
        var more = Shipped.Score(plan.ChangeLine(line.Line.Id, l => l with { Dose = line.Dose with { Amount = line.Dose.Amount + 3 } }));
        Assert.Equal(line.UnitTime.Times(3), more.Total - score.Total);
        foreach (var (before, after) in score.Lines.Zip(more.Lines).Where(p => p.First != line))
            Assert.Equal((before.FixedTime, before.UnitTime), (after.FixedTime, after.UnitTime));
    }

    [Property(MaxTest = 60)]
    public void What_is_said_is_said_whole_and_one_thing_at_a_time(int seed)
    {
        var score = Shipped.Score(AnyClass(seed));
        foreach (var (said, next) in score.Talks.Zip(score.Talks.Skip(1)))
            Assert.True(said.End <= next.At);
        Assert.All(score.Talks, t => Assert.Equal(WordsTime(t), Whole(t)));
        var spoken = score.Items.Where(i => i.Item is Spoken { Words.Length: > 0 } or Line);
        Assert.Equal(spoken.Sum(l => l.Occurrences.Count), score.Talks.Count);
    }

    private static TimeSpan WordsTime(TalkSpan talk) =>
        talk.Item.Item is Spoken { Seconds: { } seconds }
            ? TimeSpan.FromSeconds(seconds)
            : Timing.TalkTime(Words.Count(talk.Text), talk.Item is LineScore { Move.IsStillness: true }, Tempo.Of(new()));

    // A known chain is told of in three quarters of the time.
    private static TimeSpan Whole(TalkSpan talk)
    {
        var all = WordsTime(talk);
        return talk.Length == WholeMilliseconds.Of(all.TotalSeconds * Timing.KnownChain) ? all : talk.Length;
    }

    [Property(MaxTest = 60)]
    public void Without_events_everything_else_is_the_same(int seed)
    {
        var plan = AnyClass(seed);
        var (with, without) = (Shipped.Score(plan), ClassCompiler.Compile(plan, Shipped.Catalogue, Shipped.Ways, false));
        Assert.Null(without.Events);
        Assert.Equal(with.Total, without.Total);
        Assert.Equal(with.Tide, without.Tide);
        Assert.Equal(with.Lines.Select(l => l.Right), without.Lines.Select(l => l.Right));
    }

    [Property(MaxTest = 60)]
    public void The_mirrored_class_has_its_ledgers_swapped_and_the_same_total(int seed)
    {
        var plan = AnyClass(seed);
        var (score, mirrored) = (Shipped.Score(plan), Shipped.Score(Mirror(plan)));
        Assert.Equal(score.Total, mirrored.Total);
        foreach (var area in Enum.GetValues<Area>())
        {
            var (right, left) = (score.Ledgers.AreaTime(area, Side.Right), mirrored.Ledgers.AreaTime(area, Side.Left));
            Assert.True(right == left, $"{area}: {right} on the right, {left} on the left of the mirrored class");
            Assert.Equal(score.Ledgers.AreaTime(area), mirrored.Ledgers.AreaTime(area));
        }
        Assert.Equal(score.Ledgers.PlusTime(Axis.NeckSide), mirrored.Ledgers.MinusTime(Axis.NeckSide));
        Assert.Equal(score.Ledgers.PlusTime(Axis.RightShoulderElevation), mirrored.Ledgers.PlusTime(Axis.LeftShoulderElevation));
        foreach (var (line, other) in score.Lines.Zip(mirrored.Lines))
        {
            var swapped = !IsReversed(line.Line);
            Assert.Equal(line.Right, swapped ? other.Left : other.Right);
            Assert.Equal(line.Left, swapped ? other.Right : other.Left);
        }
    }

    [Property(MaxTest = 40)]
    public void Ledgers_add_up_the_same_in_any_order(int seed)
    {
        // With every position said, the order changes ways and arrivals but not what is practised; what goes on hangs on the order.
        var plan = AnyClass(seed, goingOn: false);
        var score = Shipped.Score(plan);
        var positions = score.Lines.ToDictionary(l => l.Line.Id, l => l.Position?.Id);
        plan = plan.ChangeLines([.. positions.Keys], l => l with { Position = positions[l.Id] });
        var turned = Shipped.Score(
            plan with
            {
                Sections = [.. plan.Sections.Reverse().Select(s => s with { Items = [.. s.Items.Reverse()] })],
            }
        );
        var straight = Shipped.Score(plan);
        foreach (var area in Enum.GetValues<Area>())
        {
            Assert.Equal(straight.Ledgers.AreaTime(area), turned.Ledgers.AreaTime(area));
            Assert.Equal(straight.Ledgers.AreaTime(area, Side.Right), turned.Ledgers.AreaTime(area, Side.Right));
            Assert.Equal(straight.Ledgers.AreaTime(area, Side.Left), turned.Ledgers.AreaTime(area, Side.Left));
        }
        foreach (var axis in Enum.GetValues<Axis>())
        {
            Assert.Equal(straight.Ledgers.PlusTime(axis), turned.Ledgers.PlusTime(axis));
            Assert.Equal(straight.Ledgers.MinusTime(axis), turned.Ledgers.MinusTime(axis));
        }
        foreach (var line in straight.Lines)
        {
            var other = turned.Lines.Single(l => l.Line.Id == line.Line.Id);
            Assert.Equal((line.Right, line.Left, line.None), (other.Right, other.Left, other.None));
        }
    }

    [Property(MaxTest = 30)]
    public void An_edit_never_changes_the_lines_before_it(int seed)
    {
        var plan = AnyClass(seed, goingOn: false);
        var last = plan.Lines.Last();
        var score = Shipped.Score(plan);
        var edited = Shipped.Score(plan.ChangeLine(last.Id, l => l with { Move = "mountain", Sides = null, Dose = null, Position = null }));
        foreach (var (line, other) in score.Lines.Zip(edited.Lines).Where(p => p.First.Line.Id != last.Id))
        {
            Assert.Equal(line.Position?.Id, other.Position?.Id);
            // In a set the first round comes before the edited line, the others after it.
            Assert.Equal(line.Occurrences[0], other.Occurrences[0]);
        }
    }

    [Property(MaxTest = 60)]
    public void The_tide_line_is_short_runs_forward_and_ends_with_the_class(int seed)
    {
        var score = Shipped.Score(AnyClass(seed));
        Assert.InRange(score.Tide.Count, 1, 400);
        Assert.True(score.Tide.Zip(score.Tide.Skip(1)).All(p => p.First.At <= p.Second.At));
        Assert.Equal(score.Total, score.Tide[^1].At);
        Assert.All(score.Tide, p => Assert.InRange(p.Height, 20, 800));
    }

    [Fact]
    public void A_long_tide_line_keeps_every_crest_and_every_trough()
    {
        const int times = 60;
        var pair = "{ \"move\": \"mountain\", \"breaths\": 1 }, { \"move\": \"cat-cow\", \"rounds\": 4 }";
        var one = Shipped.Score(Shipped.Class(pair)).Tide;
        var (crest, trough) = (one.Max(p => p.Height), one.Min(p => p.Height));
        var tide = Shipped.Score(Shipped.Class(string.Join(", ", Enumerable.Repeat(pair, times)), "\"minutes\": 90")).Tide;
        Assert.InRange(tide.Count, times * 2, 400);
        var middle = (crest + trough) / 2;
        var turns = tide.Zip(tide.Skip(1)).Count(p => p.First.Height > middle != p.Second.Height > middle);
        Assert.Equal((times * 2) - 1, turns);
        Assert.Equal((crest, trough), (tide.Max(p => p.Height), tide.Min(p => p.Height)));
    }

    /// <summary>A class of any moves, doses, sides and sets, talk and waiting.</summary>
    internal static ClassPlan AnyClass(int seed, bool goingOn = true)
    {
        var random = new Random(seed);
        var number = 0;
        Line AnyLine()
        {
            var move = Shipped.Catalogue.Moves[random.Next(Shipped.Catalogue.Moves.Count)];
            var order = SideOrder.For(move, random.Next(2) == 0 ? Side.Right : Side.Left);
            return new()
            {
                Id = $"l{++number}",
                Move = move.Id,
                Dose = random.Next(3) == 0 ? null : new(move.Dose.Unit, random.Next(move.Dose.Least, move.Dose.Most + 1)),
                Sides = order.Passes[0] != Side.None && random.Next(4) == 0 ? SideOrder.Single(move, Side.Right) : order,
                Option = random.Next(3) == 0 ? "easier" : "base",
                PauseAfter = AnyPause(),
                PauseBetween = AnyPause(),
                GoesOn = goingOn && random.Next(3) == 0,
                PerEnd = random.Next(4) == 0 ? 2 : 0,
                Eyes = random.Next(6) switch
                {
                    0 => Eyes.Open,
                    1 => Eyes.Shut,
                    _ => null,
                },
            };
        }
        Pause AnyPause() => random.Next(3) == 0 ? Pause.OfSeconds(random.Next(1, 20)) : Pause.OfBreaths(random.Next(3));
        Item Between() =>
            random.Next(2) == 0
                ? new Waiting { Id = $"w{++number}", Seconds = random.Next(1, 60) }
                : new Spoken
                {
                    Id = $"y{++number}",
                    Words = random.Next(3) == 0 ? "" : "This week the shoulders",
                    Seconds = random.Next(2) == 0 ? null : random.Next(1, 60),
                };
        Item AnyItem() =>
            random.Next(8) == 0 ? Between()
            : random.Next(5) > 0 ? AnyLine()
            : new Set
            {
                Id = $"t{++number}",
                Items = random.Next(3) == 0 ? [AnyLine(), Between(), AnyLine()] : [AnyLine(), AnyLine()],
                PauseBetween = AnyPause(),
                Rounds = random.Next(2) == 0 ? [Side.Right, Side.Left] : [Side.None, Side.None, Side.None],
            };
        return new()
        {
            Id = "any",
            Title = "Any",
            Minutes = 30,
            StartsIn = "seated-cross",
            Sections =
            [
                .. Enumerable
                    .Range(1, 3)
                    .Select(s => new Section
                    {
                        Id = $"s{s}",
                        Name = "Any",
                        Items = [AnyLine(), .. Enumerable.Range(0, random.Next(6)).Select(_ => AnyItem())],
                    }),
            ],
        };
    }

    private static bool IsReversed(Line line) => Shipped.Catalogue.Move(line.Move)!.Second == Second.Reverse;

    private static ClassPlan Mirror(ClassPlan plan)
    {
        Item Mirrored(Item item) =>
            item switch
            {
                // A shoulder roll seen in the mirror still rolls backwards; only right and left are a mirror's business.
                Line line => IsReversed(line) ? line : line with { Sides = line.Sides?.Swapped() },
                Set set => set with { Rounds = [.. set.Rounds.Select(r => r.Opposite())], Items = [.. set.Items.Select(Mirrored)] },
                _ => item,
            };
        var first = plan.FirstSide == Side.Left ? "right" : "left";
        return plan with
        {
            Conventions = new Dictionary<string, string> { ["firstSide"] = first },
            Sections = [.. plan.Sections.Select(s => s with { Items = [.. s.Items.Select(Mirrored)] })],
        };
    }
}
