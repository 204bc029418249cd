using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Conditions;
using AmpleTide.Core.Scoring;
using AmpleTide.Core.Suggestions;
using AmpleTide.Core.Tests.Scoring;
using FsCheck.Xunit;

namespace AmpleTide.Core.Tests.Suggestions;

/// <summary>No suggestion offers what cannot be done: by the place, by the ways, by the people who come.</summary>
public class SuggestionLaws
{
    private static readonly string[] Conditions = [.. Shipped.Catalogue.Conditions.Select(c => c.Id)];

    [Property(MaxTest = 25)]
    public void What_is_put_in_can_be_reached_is_allowed_and_hurts_nobody_who_comes(int seed)
    {
        var random = new Random(seed);
        var plan = ScoreLaws.AnyClass(seed) with
        {
            Group = new()
            {
                Size = 8,
                Conditions = new Dictionary<string, int> { [Conditions[random.Next(Conditions.Length)]] = 1 },
            },
            Place = new() { Limits = random.Next(2) == 0 ? [] : ["no-kneeling"], Props = new Dictionary<string, int>() },
            Theme = new([Core.Body.Area.Neck], ""),
        };
        var score = Shipped.Score(plan);
        var asked = (
            from line in score.Lines
            where line.Position is not null
            from word in Needs.Words
            let wanted = Needs.Of(score, line, word)
            where wanted is not null
            select (Line: line, Need: wanted)
        ).ToList();
        // Every class of the theme can at least be given something for its theme.
        Assert.NotEmpty(asked);
        var (at, need) = asked[random.Next(asked.Count)];
        foreach (var found in Insertions.After(score, at, need).Take(10))
        {
            Assert.True(plan.Place.Allows(found.Form.Position));
            Assert.True(People.NobodyLeavesOut(score, found.Form));
            Assert.True(need.Met(found.Form) > 0);
            var with = Shipped.Score(plan.InsertAfter(at.Line.Id, found.Line with { Id = "put-in" }));
            Assert.Null(with.Lines.Single(l => l.Line.Id == "put-in").NoWayFrom);
        }
    }

    [Fact]
    public void What_is_suggested_for_a_class_does_not_depend_on_the_classes_scored_before()
    {
        var plans = Enumerable
            .Range(1, 100)
            .Select(seed =>
                ScoreLaws.AnyClass(seed) with
                {
                    Group = new() { Size = 8, Conditions = Conditions.ToDictionary(c => c, c => (c.Length + seed) % 3) },
                    Place = new() { Limits = seed % 2 == 0 ? [] : ["no-kneeling"], Surface = seed % 3 == 0 ? "bed" : "mat" },
                }
            )
            .ToList();
        string Said(ClassPlan plan)
        {
            var score = Shipped.Score(plan);
            var swaps = People
                .SwapsOf(score)
                .Select(s => $"{s.Line.Line.Id} {s.Advised.Because} {string.Join(',', s.Instead.Select(i => i.Form.Move.Id))}");
            var insertions =
                from word in Needs.Words
                let need = score.Lines[0].Form is null ? null : Needs.Of(score, score.Lines[0], word)
                where need is not null
                from found in Insertions.After(score, score.Lines[0], need).Take(5)
                select $"{word} {found.Form.Move.Id} {found.Form.Position.Id}";
            return string.Join('\n', swaps.Concat(insertions));
        }
        var forward = plans.Select(Said).ToList();
        var backward = plans.AsEnumerable().Reverse().Select(Said).Reverse();
        Assert.Equal(forward, backward);
    }

    [Property(MaxTest = 25)]
    public void What_was_asked_is_not_asked_again_and_what_is_asked_would_change_something(int seed)
    {
        var plan = ScoreLaws.AnyClass(seed);
        // Not every move asks something of somebody; the plough does.
        plan = plan.InsertAfter(plan.Lines.Last().Id, new() { Id = "plough", Move = "plough" });
        var asked = People.ToAsk(Shipped.Score(plan));
        Assert.All(asked, a => Assert.NotEmpty(a.Lines));
        Assert.Equal(asked.Select(a => a.Lines.Count).OrderDescending(), asked.Select(a => a.Lines.Count));
        Assert.NotEmpty(asked);
        var answered = plan with { Group = new() { Conditions = new Dictionary<string, int> { [asked[0].Condition.Id] = 0 } } };
        Assert.DoesNotContain(People.ToAsk(Shipped.Score(answered)), a => a.Condition.Id == asked[0].Condition.Id);
        // Nobody has it, so nobody is swapped.
        Assert.Empty(People.SwapsOf(Shipped.Score(answered)));
    }

    [Theory]
    [InlineData("{ \"move\": \"low-cobra\", \"rounds\": 8 }, { \"move\": \"settle-lying\" }", "Spine", false, true)]
    [InlineData("{ \"move\": \"low-cobra\", \"rounds\": 8 }, { \"move\": \"folded-rest-hold\" }", "Spine", false, false)]
    [InlineData("{ \"move\": \"hanging-fold\", \"breaths\": 12 }, { \"move\": \"mountain\" }", "Spine", true, false)]
    public void Strong_bends_are_owed_until_they_are_answered(string items, string bend, bool forward, bool owed)
    {
        var debts = Shipped.Score(Shipped.Class(items)).Debts;
        var debt = debts.FirstOrDefault(d => d.Bend.ToString() == bend && d.Forward == forward);
        if (owed)
            Assert.True(debt is { MetBy: null });
        else
            Assert.True(debt is { MetBy: not null });
    }

    [Fact]
    public void Every_need_is_explained_in_words()
    {
        var score = Shipped.Score(Shipped.Class("{ \"id\": \"a\", \"move\": \"seated-twist\" }"));
        var needs = Needs.Words.Select(word => Needs.Of(score, score.Lines[0], word)).OfType<Need>().ToList();
        Assert.Contains(needs, n => n.Does.StartsWith("takes back what Seated twist did", StringComparison.Ordinal));
        Assert.All(
            needs.SelectMany(n => Insertions.After(score, score.Lines[0], n)),
            i => Assert.Contains("it ", i.Because, StringComparison.Ordinal)
        );
    }
}
