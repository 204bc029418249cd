using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Formats;
using FsCheck;
using FsCheck.Fluent;

namespace AmpleTide.Core.Tests.Formats;

/// <summary>
/// What is written is read back: sections, sets and rounds, and of each line its move, position, sides, dose, option and own
/// talk.
/// </summary>
public sealed class RoundTrips
{
    private static readonly ReadWith With = new(Shipped.Catalogue, new(Shipped.Catalogue.Moves));

    public static TheoryData<string> Readable => [.. ClassFormats.All.Where(f => f.Read is not null).Select(f => f.Id)];

    [Theory, MemberData(nameof(Readable))]
    public void Every_class_of_the_demo_comes_back(string id)
    {
        foreach (var plan in Shipped.DemoPlans.Concat(Shipped.SoundPlans))
            ComesBack(ClassFormats.Find(id)!, plan);
    }

    [Theory, MemberData(nameof(Readable))]
    public void Every_move_in_every_way_comes_back(string id)
    {
        foreach (var move in Shipped.Catalogue.Moves)
        {
            var lines = (
                from position in move.In.Prepend(null)
                from option in move.Options.Keys.Prepend(MoveForm.BaseOption)
                from sides in SidesOf(move).Prepend(null)
                from dose in (Dose?[])[null, new(move.Dose.Unit, move.Dose.Usual), new(Unit.Seconds, 25), new(Unit.Rounds, 1)]
                select (position, option, sides, dose)
            ).Take(120);
            ComesBack(
                ClassFormats.Find(id)!,
                Plan([
                    .. lines.Select(
                        (l, i) =>
                            new Line
                            {
                                Id = $"l{i}",
                                Move = move.Id,
                                Position = l.position,
                                Option = l.option,
                                Sides = l.sides,
                                Dose = l.dose,
                            }
                    ),
                ])
            );
        }
    }

    [Theory, MemberData(nameof(Readable))]
    public void Sets_in_sets_talk_and_odd_words_come_back(string id) =>
        Check.QuickThrowOnFailure(
            FsCheck.Fluent.Prop.ForAll(
                Words().ToArbitrary(),
                Words().ToArbitrary(),
                (name, talk) =>
                {
                    var inner = new Set
                    {
                        Id = "t2",
                        Name = name,
                        Rounds = [Side.Right, Side.Left, Side.Right, Side.Left],
                        Items =
                        [
                            new Line
                            {
                                Id = "l1",
                                Move = "warrior-two",
                                Talk = talk,
                            },
                            new Waiting { Id = "w1", Seconds = 20 },
                        ],
                    };
                    ComesBack(
                        ClassFormats.Find(id)!,
                        Plan([
                            new Set
                            {
                                Id = "t1",
                                Rounds = [Side.None, Side.None, Side.None],
                                Items = [new Line { Id = "l0", Move = "cat-cow" }, inner, new Line { Id = "l2", Move = "tree" }],
                            },
                            new Spoken { Id = "k1", Words = talk },
                            new Line { Id = "l3", Move = "final-rest" },
                        ])
                    );
                }
            )
        );

    // Talk as teachers write it, signs of all formats among it, formulas too.
    private static Gen<string> Words() =>
        Gen.Elements(
                "breathe",
                "=1+1",
                "+",
                "-soft",
                "@home",
                "\"quoted\"",
                "a, b; c",
                "*bold*",
                "[link](x)",
                "1.",
                "#",
                "right: left",
                "é",
                "<b>",
                "&amp;",
                "'=",
                "|",
                "x5"
            )
            .NonEmptyListOf()
            .Select(words => string.Join(' ', words.Take(6).Prepend("Say")));

    private static IEnumerable<SideOrder> SidesOf(Move move) =>
        move.Sides switch
        {
            Sidedness.None => [],
            Sidedness.Alternating => [SideOrder.For(move, Side.Right), SideOrder.For(move, Side.Left)],
            _ =>
            [
                SideOrder.For(move, Side.Right),
                SideOrder.For(move, Side.Left),
                SideOrder.Single(move, Side.Right),
                SideOrder.Single(move, Side.Left),
            ],
        };

    private static ClassPlan Plan(IReadOnlyList<Item> items) =>
        new()
        {
            Id = "x",
            Title = "Round trip",
            Minutes = 30,
            Sections =
            [
                new()
                {
                    Id = "s1",
                    Name = "Rest, then more",
                    Part = Part.Warm,
                    Items = items,
                },
            ],
        };

    private static void ComesBack(Format format, ClassPlan plan)
    {
        var back = format.Read!(format.Write(Shipped.Score(plan)), With);
        Assert.Equal(plan.Sections.Select(Told), back.Sections.Select(Told));
    }

    private static string Told(Section section) => $"{section.Name}|{section.Part}|{string.Join('\n', section.Items.Select(Told))}";

    private static string Told(Item item) =>
        item switch
        {
            Line line =>
                $"{line.Move}|{line.Position}|{line.Sides?.Word}|{line.Dose}|{line.Option}|{line.Talk?.ReplaceLineEndings("\n").Trim()}",
            Set set => $"set {set.Name}|{string.Join(',', set.Rounds)}|{string.Join('\n', set.Items.Select(Told))}|",
            Spoken spoken => $"talk {spoken.Words.Trim()}|{spoken.Seconds}",
            Waiting waiting => $"wait {waiting.Seconds}|{waiting.What}|{waiting.Note}",
            _ => "",
        };
}
