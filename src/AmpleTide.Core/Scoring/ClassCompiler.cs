using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Scoring;

/// <summary>
/// Lays a class out in time: goes through its lines, talk and waiting, settles position, sides and talk of each, and hands them to
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
    private readonly List<Step> steps;
    private readonly List<ItemScore> items = [];
    private readonly Dictionary<Item, ItemScore> known = new(ReferenceEqualityComparer.Instance);
    private readonly HashSet<string> taught = [];
    private readonly Side firstSide;
    private readonly Side rollTo;
    private Position? at;

    // What was taken last and on which side it ended, and whether it was left without coming out, so that the next line goes on from it.
    private (MoveForm Form, Side Side)? before;
    private bool stayedIn;

    private ClassCompiler(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, Tempo tempo, bool withEvents)
    {
        (this.plan, this.catalogue, this.ways) = (plan, catalogue, ways);
        cheapest = ways.For(plan);
        this.tempo = tempo;
        classBreath = Timing.BreathOf(plan, tempo);
        (firstSide, rollTo) = (plan.FirstSide, plan.RollTo);
        time = new(withEvents, Conventions.MirrorsCues(plan));
        at = plan.StartsIn is { } start ? catalogue.Position(start) : null;
        steps = Step.Of(plan);
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
        compiler.TakeSteps();
        return compiler.time.Result(plan, catalogue, ways, tempo, compiler.items);
    }

    private void TakeSteps()
    {
        for (var i = 0; i < steps.Count; i++)
        {
            var step = steps[i];
            switch (step.Item)
            {
                case Line:
                    TakeLine(i, (LineScore)ScoreOf(step));
                    break;
                case Spoken spoken:
                    Between(step, score => time.Say(score, SpokenTime(spoken, step.Section), spoken.Words));
                    break;
                case Waiting waiting:
                    Between(step, score => time.Pause(score, TimeSpan.FromSeconds(waiting.Seconds)));
                    break;
                default:
                    // A pause between the rounds of a set belongs to what came before it.
                    Pause(step.Set!.PauseBetween, items[^1]);
                    break;
            }
            ClassLimits.CheckTime(time.Now);
        }
    }

    private ItemScore ScoreOf(Step step)
    {
        // Only what is in a set is met again.
        if (step.Set is not null && known.TryGetValue(step.Item!, out var met))
            return met;
        ItemScore score = step.Item is Line line
            ? new LineScore(line, step.Section, step.Set, catalogue.Move(line.Move), plan)
            : new BetweenScore(step.Item!, step.Section, step.Set);
        if (step.Set is not null)
            known[step.Item!] = score;
        items.Add(score);
        return score;
    }

    private void Between(Step step, Action<ItemScore> take)
    {
        var score = ScoreOf(step);
        var from = time.Now;
        take(score);
        score.Occurrences.Add(new(step.Round, Side.None, from, time.Now - from, TimeSpan.Zero));
    }

    // What is written in seconds takes them, at any tempo.
    private TimeSpan SpokenTime(Spoken spoken, Section section) =>
        spoken.Seconds is { } seconds
            ? TimeSpan.FromSeconds(seconds)
            : Timing.TalkTime(Words.Count(spoken.Words), stillness: false, tempo.With(plan.Tempo, section.Tempo, 1));

    private void TakeLine(int step, LineScore line)
    {
        if (line.Move is not { } move)
            return;
        var (_, _, _, roundSide, round) = steps[step];
        var ofLine = tempo.With(plan.Tempo, line.Section.Tempo, line.Line.Tempo);
        var started = time.Now;
        var goesOn = stayedIn;
        stayedIn = false;
        if (goesOn)
            line.Position = at;
        else
            GoTo(line, move, ofLine);
        line.Form ??= catalogue.Form(move, line.Position!, OptionOf(line.Line, move)).By(Taken);
        var breath = classBreath.With(line.Section.Breath).With(line.Line.Breath);
        var order = OrderOf(line.Line, move, roundSide);
        line.Alternates = order.Alternates;
        if (line.Line.GoesOn && !goesOn)
            line.GoesOnHindered = HinderedBy(line.Form, order);
        if (move.Out is { } end)
            at = catalogue.Position(end);
        var pass = PassTiming.Of(line.Form, line.Dose, order.Alternates, breath, ofLine, line.Line.PerEnd);
        line.Limits = LimitsOf(line, order.Alternates, breath, ofLine, pass);
        if (goesOn)
            pass = pass.WithoutGoingIn();
        time.Eyes(line);
        for (var i = 0; i < order.Passes.Count; i++)
        {
            var side = order.Passes[i];
            var isLast = i == order.Passes.Count - 1;
            if (isLast)
            {
                // Where sides take turns the last one does not matter: one round more would end on the other.
                before = (line.Form, order.Alternates ? Side.None : side);
                stayedIn = NextGoesOn(step);
            }
            var from = time.Now;
            var wasTaken = round > 1 && line.Occurrences.Exists(o => o.Side == side);
            var lead = TalkIn(line, move, side, ofLine, pass, i == 0 ? started : from, wasTaken);
            time.Take(line, side, order.Alternates, pass, goesOn, comesOut: !stayedIn);
            line.Occurrences.Add(new(round, side, from, time.Now - from, lead));
            if (!isLast)
                Pause(line.Line.PauseBetween, line);
        }
        Pause(line.Line.PauseAfter, line);
    }

    private string Taken(string matter) => Conventions.Taken(plan, matter);

    // As written; else the one that a convention of the class takes.
    private string OptionOf(Line line, Move move)
    {
        if (line.Option == MoveForm.BaseOption)
            foreach (var (matter, ways) in move.OptionBy)
                if (ways.TryGetValue(Taken(matter), out var option))
                    return option;
        return line.Option;
    }

    private static DoseLimits LimitsOf(LineScore line, bool alternates, BreathPatterns breath, Tempo ofLine, PassTiming pass)
    {
        var range = line.Move!.Dose;
        var alike = line.Dose.Unit == range.Unit;
        var ofRange = alike
            ? pass.Unit
            : PassTiming.Of(line.Form!, new(range.Unit, range.Usual), alternates, breath, ofLine, line.Line.PerEnd).Unit;
        return DoseLimits.Of(range, line.Dose.Unit, alternates, ofRange, pass.Unit);
    }

    private GoingOnHindered HinderedBy(MoveForm form, SideOrder order) =>
        before is { } last
            ? GoingOn.Hindered(last.Form, last.Side, form, order) ?? GoingOnHindered.OtherPosition
            : GoingOnHindered.NothingBefore;

    // Looks ahead past talk and waiting: whether the next line goes on from the shape this one ends in.
    private bool NextGoesOn(int step)
    {
        do step++;
        while (step < steps.Count && steps[step].Item is not Line);
        if (step == steps.Count || steps[step].Item is not Line { GoesOn: true } line || catalogue.Move(line.Move) is not { } move)
            return false;
        var written = (known.GetValueOrDefault(line) as LineScore)?.Position?.Id ?? line.Position ?? at?.Id;
        if (at is null || written != at.Id || !move.In.Contains(at.Id))
            return false;
        var form = catalogue.Form(move, at, OptionOf(line, move)).By(Taken);
        return GoingOn.Hindered(before!.Value.Form, before.Value.Side, form, OrderOf(line, move, steps[step].RoundSide)) is null;
    }

    private SideOrder OrderOf(Line line, Move move, Side roundSide)
    {
        if (move.Sides == Sidedness.None)
            return SideOrder.Unsided;
        if (line.Sides is { } order && order.Passes[0] != Side.None)
            return order;
        // In a round of a set the side is the round's, where the line does not say its own; circles still go both ways.
        return roundSide != Side.None && move.Sides != Sidedness.Circling
            ? SideOrder.Single(move, roundSide)
            : SideOrder.For(move, firstSide);
    }

    // Brings the group to where the line is taken.
    private void GoTo(LineScore line, Move move, Tempo ofLine)
    {
        var target = line.Position ??= PositionOf(line.Line, move);
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
    private TimeSpan TalkIn(LineScore line, Move move, Side side, Tempo ofLine, PassTiming pass, TimeSpan from, bool wasTaken)
    {
        var (text, words) = TalkOf(line.Line, move, taught.Add(move.Id));
        var talk = Timing.TalkTime(words, move.IsStillness, ofLine);
        if (wasTaken)
            talk = WholeMilliseconds.Of(talk.TotalSeconds * Timing.KnownChain);
        var heard = time.Now - from + (move.IsStillness ? pass.Unit.Times(move.Dose.Least) : pass.In);
        var lead = WholeMilliseconds.Longer(TimeSpan.Zero, talk - heard);
        time.Talk(line, side, from, talk, lead, text);
        return lead;
    }

    // Whoever knows a move without sides needs only its name; words of the teacher's own are always said.
    private (string Text, int Words) TalkOf(Line line, Move move, bool first)
    {
        if (line.Talk is { } own)
            return (own, Words.Count(own));
        var talk = move.TalkFor(Taken);
        if (first)
            return (talk.First, talk.FirstWords);
        return move.Sides == Sidedness.None ? (move.Name, move.NameWords) : (talk.Second, talk.SecondWords);
    }

    private void Pause(Pause pause, ItemScore item)
    {
        if (pause.Amount > 0)
            time.Pause(
                item,
                pause.Unit == Unit.Seconds
                    ? TimeSpan.FromSeconds(pause.Amount)
                    : WholeMilliseconds.Of(pause.Amount * classBreath.Breath(Pattern.Holding))
            );
    }
}
