using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Scoring;

namespace AmpleTide.Core.Rehearsal;

/// <summary>Something to set up or to say before a class begins.</summary>
/// <param name="Id">Which.</param>
/// <param name="Text">What to do, as a sentence.</param>
/// <param name="Lines">The lines it is for; none where it is for all.</param>
public sealed record Preparation(string Id, string Text, IReadOnlyList<LineScore> Lines);

/// <summary>What is set up and said before minute 0, read off the moves of a class. Common practice, no source.</summary>
public static class BeforeClass
{
    // So far from the middle, in statures, a hand meets the neighbour's.
    private const double ArmsWide = 0.38;

    private const double MinutesToDrink = 30;

    /// <summary>The list, in the order one goes through the room.</summary>
    public static IReadOnlyList<Preparation> Of(Score score)
    {
        var lines = score.Lines.Where(l => l.Form is not null && l.Occurrences.Count > 0).ToList();
        var list = new List<Preparation>();
        Where("chairs", "Chairs without wheels, on a mat or against a wall.", l => Props(l).Contains("chair"));
        Where("wall", "Mats with the short side to the wall, and nothing leaning there.", l => Props(l).Contains("wall"));
        Where("balance", "A wall or the back of a chair in reach of everybody for the balances.", l => l.Move!.Kind == MoveKind.Balance);
        Where("space", "Mats far enough apart for both arms: have everybody turn once with the arms out.", IsWide);
        var props = score
            .Props.Select(p => p.Prop)
            .Distinct()
            .Select(score.Catalogue.Prop)
            .Where(p => p is { AlwaysThere: false })
            .ToList();
        if (props.Count > 0)
            list.Add(
                new(
                    "props",
                    $"In reach of each mat: {string.Join(", ", props.Select(p => p!.Name.ToLowerInvariant()))}.",
                    [.. lines.Where(l => Props(l).Any(id => props.Any(p => p!.Id == id)))]
                )
            );
        Where("hair", "Hair open or low, clips and glasses off before the head is laid down.", l => l.Position!.Family == Family.Supine);
        if (score.Plan.Minutes >= MinutesToDrink)
            list.Add(new("water", "Water in reach, and a window open.", []));
        list.Add(
            new(
                "place",
                score.Plan.Conventions.GetValueOrDefault("cues") == "mirror"
                    ? "Stand where everybody sees you, facing the group: their right is your left, and it is theirs you say."
                    : "Stand where everybody sees you; the right you say is the group's right.",
                []
            )
        );
        Where(
            "eyes",
            "Say that eyes may stay open whenever they are told to shut.",
            l => l.Form!.Phases.Any(p => p.Phase.Opens.Contains("eyes"))
        );
        if (score.Plan.Group.Newcomers > 0)
            list.Add(new("newcomers", "Tell whoever is new: rest whenever you like, leave out what hurts, and ask.", []));
        list.Add(new("hurts", "Say it once: nothing here should hurt. Sharp, spreading or tingling pain means stop.", []));
        return list;

        void Where(string id, string text, Func<LineScore, bool> concerns)
        {
            if (lines.Where(concerns).ToList() is { Count: > 0 } found)
                list.Add(new(id, text, found));
        }
    }

    private static IEnumerable<string> Props(LineScore line) => line.Form!.Props;

    private static bool IsWide(LineScore line) =>
        line.Position!.Family is Family.Standing or Family.Seated && Array.Exists(line.Form!.Phases, p => Reach(p.Shape) > ArmsWide);

    private static double Reach(Shape shape)
    {
        var body = shape.Skeleton();
        double Of(string hand) => Math.Abs(Landmark.Find(hand)!.On(body).X);
        return Math.Max(Of("right.hand"), Of("left.hand"));
    }
}
