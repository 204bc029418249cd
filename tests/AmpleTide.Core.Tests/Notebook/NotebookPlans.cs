using AmpleTide.Core.Notebook;

namespace AmpleTide.Core.Tests.Notebook;

/// <summary>Plans in teachers' own words, from memory; common practice, no source.</summary>
public class NotebookPlans(ITestOutputHelper output)
{
    private static readonly NotebookReader Reader = new(Shipped.Catalogue, new(Shipped.Catalogue.Moves));

    private sealed record Jotted(string Text, string Meant);

    private static IEnumerable<IReadOnlyList<Jotted>> Plans()
    {
        var plan = new List<Jotted>();
        foreach (var line in File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Notebook", "notebook-plans.txt")))
        {
            if (line.Split(" => ") is [var text, var meant])
                plan.Add(new(text, meant));
            else if (line.Length == 0 && plan.Count > 0)
            {
                yield return plan;
                plan = [];
            }
        }
        yield return plan;
    }

    [Fact]
    public void Nine_of_ten_lines_are_right_and_none_is_wrong_as_if_sure()
    {
        var (asked, right, plans) = (0, 0, 0);
        var surelyWrong = new List<string>();
        foreach (var plan in Plans())
        {
            plans++;
            var read = Reader.Read(string.Join('\n', plan.Select(p => p.Text)), "Jotted").Lines;
            Assert.Equal(plan.Count, read.Count);
            foreach (var (jotted, line) in plan.Zip(read))
            {
                var isRight = Told(line) == jotted.Meant;
                if (!isRight && line.Sure)
                    surelyWrong.Add($"{jotted.Text}: {Told(line)}, not {jotted.Meant}");
                if (jotted.Meant == "?")
                    continue;
                asked++;
                right += isRight ? 1 : 0;
                if (!isRight)
                    output.WriteLine($"{jotted.Text}: {Told(line)}, not {jotted.Meant}; {line.Doubt}");
            }
        }
        output.WriteLine($"{plans} plans, {asked} lines that mean something here, {right} right");
        Assert.Equal(20, plans);
        Assert.Empty(surelyWrong);
        Assert.True(right >= asked * 0.9);
    }

    [Fact]
    public void No_line_is_dropped()
    {
        foreach (var plan in Plans())
        {
            var read = Reader.Read(string.Join("\n\n", plan.Select(p => "  " + p.Text)), "Jotted");
            Assert.Equal(plan.Select(p => p.Text), read.Lines.Select(l => l.Text));
            var ids = read.Plan.Sections.SelectMany(s => s.Items).Select(i => i.Id).ToHashSet();
            Assert.All(read.Lines.Where(l => l.Kind is not (NotebookKind.Way or NotebookKind.Section)), l => Assert.Contains(l.Id!, ids));
        }
    }

    [Theory]
    [InlineData(
        "Set: right then left, chain\n  warrior 2 5 br\n  reverse warrior 3 br\ntree",
        "[right left chain: warrior-two reverse-warrior] tree"
    )]
    [InlineData("3x:\n  cat cow x5", "[none none none : cat-cow]")]
    [InlineData("Repeat x2:\n  cat cow x5\n  plank 3 br\ncobra", "[none none : cat-cow plank-hold] low-cobra")]
    [InlineData("Talk: Welcome (20 s)\nWait: 30 s, handling, fetch blocks", "talk 20 wait 30")]
    public void Sets_talk_and_waiting(string text, string expected) =>
        Assert.Equal(expected, string.Join(' ', Reader.Read(text, "x").Plan.Sections.SelectMany(s => s.Items).Select(Said)));

    [Theory]
    [InlineData("cat cow a few rounds", "How much is not said")]
    [InlineData("mountain pose R 5 br", "has no sides")]
    [InlineData("bridge standing x5", "is not taken there")]
    [InlineData("side bend twisty thing", "not quite that")]
    public void Doubts_are_told(string text, string doubt)
    {
        var line = Assert.Single(Reader.Read(text, "x").Lines);
        Assert.False(line.Sure);
        Assert.Contains(doubt, line.Doubt, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("")]
    [InlineData("\n \n\t\n")]
    [InlineData(":::::")]
    [InlineData("((((((((((((((((((((((x5")]
    [InlineData("5 5 5 5 5 5 5 5 R L R L + / ' \" x x x")]
    [InlineData("999999999999999999999 breaths cat cow")]
    public void Nothing_is_too_odd_to_be_read(string text) => Assert.NotNull(Reader.Read(text, "x").Plan);

    [Fact]
    public void A_long_muddle_is_read_in_no_time()
    {
        var muddle = string.Concat(Enumerable.Repeat("right left 5 x each side back and forth ", 10));
        Assert.Equal(1000, Reader.Read(string.Join('\n', Enumerable.Repeat(muddle, 1000)), "x").Lines.Count);
    }

    private static string Told(NotebookLine line) =>
        line.Kind switch
        {
            NotebookKind.Line => string.Join(
                ' ',
                new[] { line.Move!.Id, line.Dose is { } dose ? $"{dose.Amount} {dose.Unit}" : null, line.Sides?.Word }.OfType<string>()
            ),
            NotebookKind.Way => $"way {line.Position}",
            var other => other.ToString().ToLowerInvariant(),
        };

    private static string Said(Core.Classes.Item item) =>
        item switch
        {
            Core.Classes.Line line => line.Move,
            Core.Classes.Spoken spoken => $"talk {spoken.Seconds}",
            Core.Classes.Waiting waiting => $"wait {waiting.Seconds}",
            Core.Classes.Set set =>
                $"[{string.Join(' ', set.Rounds).ToLowerInvariant()} {set.Name}: {string.Join(' ', set.Items.Select(Said))}]",
            _ => "?",
        };
}
