using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Scoring;

/// <summary>
/// Lays a class out in time: goes through its sections, sets and lines, settles position, sides and talk of each, and hands them to
/// the <see cref="Timeline"/>. Linear in the number of phases taken.
/// </summary>
public sealed class ClassCompiler
{
    private readonly ClassPlan plan;
    private readonly MoveCatalogue catalogue;
    private readonly WayNetwork ways;
    private readonly Func<Position, Position, Route?> cheapest;
    private readonly BreathPatterns classBreath;
    private readonly Timeline time;
    private readonly List<LineScore> lines = [];
    private readonly Dictionary<Line, LineScore> byLine = new(ReferenceEqualityComparer.Instance);
    private readonly HashSet<(string Move, string Option)> taught = [];
    private readonly Side firstSide;
    private readonly Side rollTo;
    private Position? at;

    private ClassCompiler(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, bool withEvents)
    {
        (this.plan, this.catalogue, this.ways) = (plan, catalogue, ways);
        cheapest = ways.For(plan);
        classBreath = Timing.BreathOf(plan);
        (firstSide, rollTo) = (plan.FirstSide, plan.RollTo);
        time = new(withEvents);
        at = plan.StartsIn is { } start ? catalogue.Position(start) : null;
    }

    /// <summary>Compiles a class.</summary>
    /// <param name="plan">The class.</param>
    /// <param name="catalogue">The moves it draws on.</param>
    /// <param name="ways">The ways between positions.</param>
    /// <param name="withEvents">Whether single events are wanted; without them compiling is quicker.</param>
    /// <exception cref="ClassTooLongException">It is longer than <see cref="ClassLimits"/> allow.</exception>
    public static Score Compile(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, bool withEvents = true)
    {
        ClassLimits.CheckOccurrences(plan);
        var compiler = new ClassCompiler(plan, catalogue, ways, withEvents);
        foreach (var section in plan.Sections)
            compiler.TakeItems(section, null, section.Items, Side.None, 1);
        return compiler.time.Result(plan, catalogue, ways, compiler.lines);
    }

    private void TakeItems(Section section, Set? set, IReadOnlyList<Item> items, Side roundSide, int round)
    {
        foreach (var item in items)
        {
            if (item is Line line)
                TakeLine(ScoreOf(line, section, set), roundSide, round);
            else
                TakeSet(section, (Set)item, roundSide);
        }
    }

    private void TakeSet(Section section, Set set, Side outerSide)
    {
        for (var i = 0; i < set.Rounds.Count; i++)
        {
            var side = set.Rounds[i] == Side.None ? outerSide : set.Rounds[i];
            TakeItems(section, set, set.Items, side, i + 1);
            if (i < set.Rounds.Count - 1)
                Pause(set.PauseBetween, lines[^1]);
        }
    }

    private LineScore ScoreOf(Line line, Section section, Set? set)
    {
        // Only lines of a set are met again.
        if (set is not null && byLine.TryGetValue(line, out var known))
            return known;
        var score = new LineScore(line, section, set, catalogue.Move(line.Move));
        if (set is not null)
            byLine[line] = score;
        lines.Add(score);
        return score;
    }

    private void TakeLine(LineScore line, Side roundSide, int round)
    {
        if (line.Move is not { } move)
            return;
        var way = GoTo(line, move);
        var breath = classBreath.With(line.Section.Breath).With(line.Line.Breath);
        var order = OrderOf(line.Line, move, roundSide);
        for (var pass = 0; pass < order.Passes.Count; pass++)
        {
            var side = order.Passes[pass];
            var known = round > 1 && line.Occurrences.Exists(o => o.Side == side);
            var from = time.Now;
            var talk = TalkIn(line, move, side, breath, pass == 0 ? way : TimeSpan.Zero, known);
            time.Take(line, side, order.Alternates, breath);
            line.Occurrences.Add(new(round, side, from, time.Now - from, talk));
            if (pass < order.Passes.Count - 1)
                Pause(line.Line.PauseBetween, line);
        }
        Pause(line.Line.PauseAfter, line);
        if (move.Out is { } end)
            at = catalogue.Position(end);
        ClassLimits.CheckTime(time.Now);
    }

    private SideOrder OrderOf(Line line, Move move, Side roundSide)
    {
        if (move.Sides == Sidedness.None)
            return SideOrder.Unsided;
        // In a round of a set the side is the round's; circles still go both ways.
        if (roundSide != Side.None && move.Sides != Sidedness.Circling)
            return SideOrder.Single(move, roundSide);
        return line.Sides is { } order && order.Passes[0] != Side.None ? order : SideOrder.For(move, firstSide);
    }

    // Brings the group to where the line is taken; returns how long that took.
    private TimeSpan GoTo(LineScore line, Move move)
    {
        var target = line.Position ??= PositionOf(line.Line, move);
        line.Form ??= catalogue.Form(move, target, line.Line.Option);
        at ??= target;
        var path = plan.Place.Allows(target) ? cheapest(at, target) : null;
        var from = time.Now;
        if (path is null)
            line.NoWayFrom ??= at;
        else
            foreach (var way in path.Ways)
                TakeWay(line, way);
        time.Arrive(line, target);
        at = target;
        return time.Now - from;
    }

    private void TakeWay(LineScore line, Way way)
    {
        var length = Timing.WayTime(way, plan.Group.Pace, plan.Group.Older);
        if (line.Occurrences.Count == 0)
            line.Ways.Add(new(way, time.Now, length));
        time.Go(line, way, length, rollTo);
    }

    // As written; else where we are, if the move can be taken there; else the cheapest to reach, ties by the order of the catalogue.
    private Position PositionOf(Line line, Move move)
    {
        if (line.Position is { } written && move.In.Contains(written) && catalogue.Position(written) is { } position)
            return position;
        if (at is null)
            return move.In.Select(catalogue.Position).OfType<Position>().FirstOrDefault(plan.Place.Allows)
                ?? catalogue.Position(move.In[0])!;
        if (move.In.Contains(at.Id) && plan.Place.Allows(at))
            return at;
        Position? nearest = null;
        var least = long.MaxValue;
        foreach (var candidate in catalogue.PositionsOf(move))
        {
            if (plan.Place.Allows(candidate) && cheapest(at, candidate) is { } path && path.Cost < least)
                (nearest, least) = (candidate, path.Cost);
        }
        return nearest ?? catalogue.Position(move.In[0])!;
    }

    private TimeSpan TalkIn(LineScore line, Move move, Side side, BreathPatterns breath, TimeSpan way, bool known)
    {
        var first = taught.Add((move.Id, line.Line.Option));
        var (text, words) = TalkOf(line.Line, move, first);
        var talk = Timing.TalkTime(words, move.IsStillness, plan.Group);
        if (known)
            talk = WholeMilliseconds.Of(talk.TotalSeconds * Timing.KnownChain);
        // The talk begins while the group is still on its way; what is left of it is heard in place.
        talk = WholeMilliseconds.Longer(TimeSpan.Zero, talk - way);
        // A first taught round takes about twice as long (common practice, no source); the extra time is talk, so that sides stay equal.
        if (first && move.Kind == MoveKind.Flow)
            talk += Timing.RoundTime(line.Form!, breath);
        if (talk > TimeSpan.Zero)
            time.Talk(line, side, talk, text);
        return talk;
    }

    // Whoever knows a move without sides needs only its name.
    private static (string Text, int Words) TalkOf(Line line, Move move, bool first)
    {
        if (first)
            return line.Talk is { } own ? (own, Words.Count(own)) : (move.Talk.First, move.Talk.FirstWords);
        return move.Sides == Sidedness.None ? (move.Name, move.NameWords) : (move.Talk.Second, move.Talk.SecondWords);
    }

    private void Pause(int breaths, LineScore line)
    {
        if (breaths > 0)
            time.Pause(line, WholeMilliseconds.Of(breaths * classBreath.Breath(Pattern.Holding)));
    }
}
