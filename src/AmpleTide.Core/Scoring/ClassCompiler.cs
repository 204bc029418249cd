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
    private readonly Tempo tempo;
    private readonly BreathPatterns classBreath;
    private readonly Timeline time;
    private readonly List<LineScore> lines = [];
    private readonly Dictionary<Line, LineScore> byLine = new(ReferenceEqualityComparer.Instance);
    private readonly HashSet<string> taught = [];
    private readonly Side firstSide;
    private readonly Side rollTo;
    private Position? at;

    private ClassCompiler(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, Tempo tempo, bool withEvents)
    {
        (this.plan, this.catalogue, this.ways) = (plan, catalogue, ways);
        cheapest = ways.For(plan);
        this.tempo = tempo;
        classBreath = Timing.BreathOf(plan, tempo);
        (firstSide, rollTo) = (plan.FirstSide, plan.RollTo);
        time = new(withEvents);
        at = plan.StartsIn is { } start ? catalogue.Position(start) : null;
    }

    /// <summary>Compiles a class.</summary>
    /// <param name="plan">The class.</param>
    /// <param name="catalogue">The moves it draws on.</param>
    /// <param name="ways">The ways between positions.</param>
    /// <param name="withEvents">Whether single events are wanted; without them compiling is quicker.</param>
    /// <param name="tempo">How fast the group is taken through it; the usual tempo of the group when not given.</param>
    /// <exception cref="ClassTooLongException">It is longer than <see cref="ClassLimits"/> allow.</exception>
    public static Score Compile(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, bool withEvents = true, Tempo? tempo = null)
    {
        ClassLimits.CheckOccurrences(plan);
        tempo ??= Tempo.Of(plan.Group);
        var compiler = new ClassCompiler(plan, catalogue, ways, tempo, withEvents);
        foreach (var section in plan.Sections)
            compiler.TakeItems(section, null, section.Items, Side.None, 1);
        return compiler.time.Result(plan, catalogue, ways, tempo, compiler.lines);
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
        var ofLine = tempo.With(plan.Tempo, line.Section.Tempo, line.Line.Tempo);
        var started = time.Now;
        GoTo(line, move, ofLine);
        var breath = classBreath.With(line.Section.Breath).With(line.Line.Breath);
        var order = OrderOf(line.Line, move, roundSide);
        var pass = PassTiming.Of(line.Form!, line.Dose.Unit, line.Dose.Amount, order.Alternates, breath, ofLine);
        for (var i = 0; i < order.Passes.Count; i++)
        {
            var side = order.Passes[i];
            var known = round > 1 && line.Occurrences.Exists(o => o.Side == side);
            var from = time.Now;
            var lead = TalkIn(line, move, side, ofLine, pass, i == 0 ? started : from, known);
            time.Take(line, side, order.Alternates, pass);
            line.Occurrences.Add(new(round, side, from, time.Now - from, lead));
            if (i < order.Passes.Count - 1)
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

    // Brings the group to where the line is taken.
    private void GoTo(LineScore line, Move move, Tempo ofLine)
    {
        var target = line.Position ??= PositionOf(line.Line, move);
        line.Form ??= catalogue.Form(move, target, line.Line.Option);
        at ??= target;
        var path = plan.Place.Allows(target) ? cheapest(at, target) : null;
        if (path is null)
            line.NoWayFrom ??= at;
        else
            foreach (var way in path.Ways)
                TakeWay(line, way, ofLine);
        time.Arrive(line, target);
        at = target;
    }

    private void TakeWay(LineScore line, Way way, Tempo ofLine)
    {
        var length = Timing.WayTime(way, plan.Group.Pace, plan.Group.Older, ofLine.Ways);
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

    // What is said is heard on the way and while people go in, or in stillness; only what is left of it takes time of its own.
    private TimeSpan TalkIn(LineScore line, Move move, Side side, Tempo ofLine, PassTiming pass, TimeSpan from, bool known)
    {
        var (text, words) = TalkOf(line.Line, move, taught.Add(move.Id));
        var talk = Timing.TalkTime(words, move.IsStillness, ofLine);
        if (known)
            talk = WholeMilliseconds.Of(talk.TotalSeconds * Timing.KnownChain);
        var heard = time.Now - from + (move.IsStillness ? pass.Unit.Times(move.Dose.Least) : pass.In);
        var lead = WholeMilliseconds.Longer(TimeSpan.Zero, talk - heard);
        time.Talk(line, side, from, talk, lead, text);
        return lead;
    }

    // Whoever knows a move without sides needs only its name; words of the teacher's own are always said.
    private static (string Text, int Words) TalkOf(Line line, Move move, bool first)
    {
        if (line.Talk is { } own)
            return (own, Words.Count(own));
        if (first)
            return (move.Talk.First, move.Talk.FirstWords);
        return move.Sides == Sidedness.None ? (move.Name, move.NameWords) : (move.Talk.Second, move.Talk.SecondWords);
    }

    private void Pause(int breaths, LineScore line)
    {
        if (breaths > 0)
            time.Pause(line, WholeMilliseconds.Of(breaths * classBreath.Breath(Pattern.Holding)));
    }
}
