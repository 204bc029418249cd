using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Scoring;

/// <summary>Lays a class out in time. Linear in the number of events.</summary>
public sealed class ClassCompiler
{
    private readonly ClassPlan plan;
    private readonly MoveCatalogue catalogue;
    private readonly WayNetwork ways;
    private readonly Func<string, string, Route?> cheapest;
    private readonly BreathPatterns classBreath;
    private readonly List<ScoreEvent>? events;
    private readonly int[] msByKind = new int[5];
    private readonly List<LineScore> lines = [];
    private readonly Dictionary<Line, LineScore> byLine = new(ReferenceEqualityComparer.Instance);
    private readonly HashSet<(string Move, string Option)> taught = [];
    private readonly TideLine tide = new();
    private readonly OpenStates open = new();
    private readonly Ledgers ledgers = new();

    private int now;
    private Position? at;

    // For the continuity of phases: the last breath that was taken, by which line, and how long ago it ended.
    private Breath lastBreath = Breath.Free;
    private LineScore? lastLine;
    private int gapMs;

    private ClassCompiler(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, bool withEvents)
    {
        (this.plan, this.catalogue, this.ways) = (plan, catalogue, ways);
        cheapest = ways.For(plan);
        classBreath = Timing.BreathOf(plan);
        events = withEvents ? [] : null;
        at = plan.StartsIn is { } start ? catalogue.Position(start) : null;
    }

    /// <summary>Compiles a class.</summary>
    /// <param name="plan">The class.</param>
    /// <param name="catalogue">The moves it draws on.</param>
    /// <param name="ways">The ways between positions.</param>
    /// <param name="withEvents">Whether single events are wanted; without them compiling is quicker.</param>
    public static Score Compile(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, bool withEvents = true)
    {
        var compiler = new ClassCompiler(plan, catalogue, ways, withEvents);
        foreach (var section in plan.Sections) compiler.TakeItems(section, null, section.Items, Side.None, 1);
        return compiler.Result();
    }

    private Score Result()
    {
        open.End(now);
        tide.Keep(now);
        return new()
        {
            Plan = plan,
            Catalogue = catalogue,
            Ways = ways,
            TotalMs = now,
            Lines = lines,
            Events = events,
            Tide = tide.Thinned(),
            Open = open.All,
            Ledgers = ledgers,
            MsByKind = msByKind,
        };
    }

    private void TakeItems(Section section, Set? set, IReadOnlyList<Item> items, Side roundSide, int round)
    {
        foreach (var item in items)
        {
            if (item is Line line) TakeLine(ScoreOf(line, section, set), roundSide, round);
            else TakeSet(section, (Set)item, roundSide);
        }
    }

    private void TakeSet(Section section, Set set, Side outerSide)
    {
        for (var i = 0; i < set.Rounds.Count; i++)
        {
            var side = set.Rounds[i] == Side.None ? outerSide : set.Rounds[i];
            TakeItems(section, set, set.Items, side, i + 1);
            if (i < set.Rounds.Count - 1) Pause(set.PauseBetween, lines[^1]);
        }
    }

    private LineScore ScoreOf(Line line, Section section, Set? set)
    {
        // Only lines of a set are met again.
        if (set is not null && byLine.TryGetValue(line, out var known)) return known;
        var score = new LineScore(line, section, set, catalogue.Move(line.Move));
        if (set is not null) byLine[line] = score;
        lines.Add(score);
        return score;
    }

    private void TakeLine(LineScore line, Side roundSide, int round)
    {
        if (line.Move is not { } move) return;
        var wayMs = GoTo(line, move);
        var breath = classBreath.With(line.Section.Breath).With(line.Line.Breath);
        var order = OrderOf(line.Line, move, roundSide);
        for (var pass = 0; pass < order.Passes.Count; pass++)
        {
            var side = order.Passes[pass];
            var known = round > 1 && line.Occurrences.Exists(o => o.Side == side);
            var from = now;
            var talkMs = TalkIn(line, move, side, breath, pass == 0 ? wayMs : 0, known);
            TakePass(line, side, order.Alternates, breath);
            line.Occurrences.Add(new(round, side, from, now - from, talkMs));
            if (pass < order.Passes.Count - 1) Pause(line.Line.PauseBetween, line);
        }
        Pause(line.Line.PauseAfter, line);
        if (move.Out is { } end) at = catalogue.Position(end);
    }

    private SideOrder OrderOf(Line line, Move move, Side roundSide)
    {
        if (move.Sides == Sidedness.None) return SideOrder.Of("none");
        // In a round of a set the side is the round's; circles still go both ways.
        if (roundSide != Side.None && move.Sides != Sidedness.Circling) return SideOrder.Single(move, roundSide);
        return line.Sides is { } order && order.Passes[0] != Side.None ? order : SideOrder.For(move, plan.FirstSide);
    }

    // Brings the group to where the line is taken; returns how long that took.
    private int GoTo(LineScore line, Move move)
    {
        var target = PositionOf(line, move);
        line.Position ??= target;
        line.Form ??= catalogue.Form(move, target, line.Line.Option);
        at ??= target;
        var path = plan.Place.Allows(target) ? cheapest(at.Id, target.Id) : null;
        var from = now;
        if (path is null) line.NoWayFrom ??= at;
        else foreach (var way in path.Ways) TakeWay(line, way);
        tide.Keep(now);
        tide.At(now, target.Facts.Tide);
        at = target;
        open.Take(target, now, line);
        return now - from;
    }

    private void TakeWay(LineScore line, Way way)
    {
        var ms = Timing.WayMs(way, plan.Group.Pace, plan.Group.Older);
        if (line.Occurrences.Count == 0) line.Ways.Add(new(way, now, ms));
        tide.Keep(now);
        var cue = events is null ? null : Words.For(string.Join(". ", way.Steps.Select(s => s.Say)), plan.RollTo);
        Emit(EventKind.Way, ms, Breath.Free, line, -1, Side.None, 0, 0, cue);
        tide.At(now, way.To.Facts.Tide);
        Gap(int.MaxValue / 2);
    }

    // As written; else where we are, if the move can be taken there; else the cheapest to reach, ties by the order of the catalogue.
    private Position PositionOf(LineScore line, Move move)
    {
        if (line.Position is { } taken) return taken;
        if (line.Line.Position is { } written && move.In.Contains(written) && catalogue.Position(written) is { } position) return position;
        if (at is null) return move.In.Select(catalogue.Position).OfType<Position>().FirstOrDefault(plan.Place.Allows) ?? catalogue.Position(move.In[0])!;
        if (move.In.Contains(at.Id) && plan.Place.Allows(at)) return at;
        Position? nearest = null;
        var least = long.MaxValue;
        foreach (var candidate in catalogue.Positions)
        {
            if (!move.In.Contains(candidate.Id) || !plan.Place.Allows(candidate)) continue;
            if (cheapest(at.Id, candidate.Id) is { } path && path.Cost < least) (nearest, least) = (candidate, path.Cost);
        }
        return nearest ?? catalogue.Position(move.In[0])!;
    }

    private int TalkIn(LineScore line, Move move, Side side, BreathPatterns breath, int wayMs, bool known)
    {
        var first = taught.Add((move.Id, line.Line.Option));
        var (text, words) = TalkOf(line.Line, move, first);
        var ms = Timing.TalkMs(words, move.IsStillness, plan.Group);
        if (known) ms = Timing.Ms(ms / 1000.0 * Timing.KnownChain);
        // The talk begins while the group is still on its way; what is left of it is heard in place.
        ms = Math.Max(0, ms - wayMs);
        // A first taught round takes about twice as long (common practice, no source); the extra time is talk, so that sides stay equal.
        if (first && move.Kind == MoveKind.Flow) ms += RoundMs(line.Form!, breath);
        if (ms == 0) return 0;
        Emit(EventKind.Talk, ms, Breath.Free, line, -1, side, 0, 0, events is null ? null : Words.For(text, side));
        Gap(ms);
        return ms;
    }

    // Whoever knows a move without sides needs only its name.
    private static (string Text, int Words) TalkOf(Line line, Move move, bool first)
    {
        if (first) return line.Talk is { } own ? (own, Words.Count(own)) : (move.Talk.First, move.Talk.FirstWords);
        return move.Sides == Sidedness.None ? (move.Name, move.NameWords) : (move.Talk.Second, move.Talk.SecondWords);
    }

    private static int RoundMs(MoveForm form, BreathPatterns breath)
    {
        var ms = 0;
        foreach (var phase in form.Phases) ms += PhaseMs(phase.Phase, breath);
        return ms;
    }

    private void TakePass(LineScore line, Side side, bool alternates, BreathPatterns breath)
    {
        var (unit, amount) = (line.Dose.Unit, line.Dose.Amount);
        var form = line.Form!;
        var (firstStay, lastStay) = Stays(form);
        Collide(line, form.Phases[0].Phase.Breath, breath);
        if (unit == Unit.Beats) TakeBeats(line, side, alternates, amount);
        else if (firstStay >= 0 && !alternates && unit != Unit.Rounds) TakeHold(line, side, firstStay, lastStay, breath);
        else TakeRounds(line, side, alternates, unit == Unit.Seconds ? Math.Max(1, Timing.Ms(amount) / Math.Max(1, RoundMs(form, breath))) : amount, breath);
    }

    private static (int First, int Last) Stays(MoveForm form)
    {
        var (first, last) = (-1, -1);
        for (var i = 0; i < form.Phases.Length; i++)
        {
            if (!form.Phases[i].Phase.IsStay) continue;
            if (first < 0) first = i;
            last = i;
        }
        return (first, last);
    }

    // In once, the stays for the dose, out once. Layers of a hold share the breaths, the first ones taking what does not divide.
    private void TakeHold(LineScore line, Side side, int firstStay, int lastStay, BreathPatterns breath)
    {
        var phases = line.Form!.Phases;
        for (var i = 0; i < firstStay; i++) TakePhase(line, i, side, PhaseMs(phases[i].Phase, breath), 1, 0, 0);
        var layers = lastStay - firstStay + 1;
        var (amount, done, from) = (line.Dose.Amount, 0, now);
        for (var i = firstStay; i <= lastStay; i++)
        {
            var share = (amount / layers) + (i - firstStay < amount % layers ? 1 : 0);
            var timed = line.Dose.Unit == Unit.Seconds;
            var ms = timed ? Timing.Ms(share) : Timing.Ms(breath.Breath(phases[i].Phase.Pattern));
            for (var b = timed ? share : 1; b <= share; b++) TakePhase(line, i, side, ms, 1, timed ? 1 : ++done, timed ? 1 : amount);
        }
        line.On(side).Add(amount, now - from);
        lastBreath = Breath.Out;
        for (var i = lastStay + 1; i < phases.Length; i++) TakePhase(line, i, side, PhaseMs(phases[i].Phase, breath), 1, 0, 0);
    }

    private void TakeRounds(LineScore line, Side side, bool alternates, int rounds, BreathPatterns breath)
    {
        var phases = line.Form!.Phases;
        var backwards = line.Move!.Second == Second.Reverse && side == Side.Left;
        Span<int> phaseMs = stackalloc int[phases.Length];
        for (var i = 0; i < phases.Length; i++) phaseMs[i] = PhaseMs(phases[i].Phase, breath);
        for (var r = 1; r <= rounds; r++)
        {
            var from = now;
            // What every round (of this side) does is booked with the first.
            var booked = !alternates ? (r == 1 ? rounds : 0) : r == 1 ? (rounds + 1) / 2 : r == 2 ? rounds / 2 : 0;
            for (var i = 0; i < phases.Length; i++)
            {
                var phase = backwards ? phases.Length - 1 - i : i;
                // Going backward in time, the breath still follows the order it is taken in.
                TakePhase(line, phase, side, phaseMs[i], booked, r, rounds, phases[i].Phase.Breath);
            }
            line.On(side).Add(1, now - from);
            if (alternates) side = side.Opposite();
        }
    }

    private void TakeBeats(LineScore line, Side side, bool alternates, int beats)
    {
        var phases = line.Form!.Phases.Length;
        var ms = Timing.Ms(line.Move!.BeatSeconds);
        for (var b = 1; b <= beats; b++)
        {
            TakePhase(line, (b - 1) % phases, side, ms, 1, b, beats);
            line.On(side).Add(1, ms);
            if (alternates) side = side.Opposite();
        }
    }

    // Times is how often this phase counts for the ledgers: a round that is repeated is booked once for all.
    private void TakePhase(LineScore line, int index, Side side, int ms, int times, int round, int of, Breath? taken = null)
    {
        var phase = line.Form!.Phases[index];
        // Going backward in time both sides do the same shapes.
        var shown = line.Move!.Second == Second.Reverse ? Side.None : side;
        if (phase.Phase.Opens.Count > 0) foreach (var what in phase.Phase.Opens) open.Open(what, now, line);
        var breath = taken ?? phase.Phase.Breath;
        var cue = events is null ? null : CueOf(line.Line, phase.Phase, index, side, round, of);
        Emit(line.Dose.Unit == Unit.Beats ? EventKind.Beat : EventKind.Breath, ms, breath, line, index, side, round, of, cue);
        tide.At(now, phase.On(shown).Tide);
        if (times > 0) ledgers.Add(phase.WorkedOn(shown), line.Move.AlsoEasedBits, ms * times);
        if (phase.Phase.Closes.Count > 0) foreach (var what in phase.Phase.Closes) open.Close(what, now);
        lastBreath = breath is Breath.In or Breath.Out ? breath : breath == Breath.Free ? Breath.Free : lastBreath;
        lastLine = line;
        gapMs = 0;
    }

    // Long in the first round, short in the second, then silence; the last round is announced once.
    private static string? CueOf(Line line, Phase phase, int index, Side side, int round, int of)
    {
        if (line.Say.TryGetValue((index + 1).ToString(System.Globalization.CultureInfo.InvariantCulture), out var own) && round <= 1) return Words.For(own, side);
        if (round <= 1) return Words.For(phase.Cue.Long, side);
        if (round == of && phase.Cue.Last is { } last) return Words.For(last, side);
        return round == 2 ? Words.For(phase.Cue.Short, side) : null;
    }

    // Two in-breaths cannot follow each other: the missing half breath is put between, unless something of a breath or more lies there.
    private void Collide(LineScore line, Breath first, BreathPatterns breath)
    {
        if (first != lastBreath || first is not (Breath.In or Breath.Out)) return;
        if (gapMs >= Timing.Ms(breath.Breath(Pattern.Moving))) return;
        line.CollidesWith ??= lastLine;
        var missing = first == Breath.In ? Breath.Out : Breath.In;
        var counts = missing == Breath.In ? breath.Moving.In : breath.Moving.Out;
        Emit(EventKind.Breath, Timing.Ms(counts * breath.SecondsPerCount), missing, line, -1, Side.None, 0, 0, null);
    }

    private void Pause(int breaths, LineScore line)
    {
        if (breaths == 0) return;
        var ms = Timing.Ms(breaths * classBreath.Breath(Pattern.Holding));
        Emit(EventKind.Pause, ms, Breath.Stay, line, -1, Side.None, 0, 0, null);
        Gap(ms);
    }

    private void Gap(int ms) => gapMs = Math.Min(gapMs + ms, int.MaxValue / 2);

    private static int PhaseMs(Phase phase, BreathPatterns breath)
    {
        if (phase.Counts is { } own) return Timing.Ms(own * breath.SecondsPerCount);
        var pattern = breath[phase.Pattern];
        var counts = phase.Breath switch
        {
            Breath.In => pattern.In,
            Breath.Out => pattern.Out,
            Breath.HoldIn => pattern.HeldIn,
            Breath.HoldOut => pattern.HeldOut,
            Breath.Stay => pattern.Sum,
            _ => pattern.Sum / 2,
        };
        return Timing.Ms(counts * phase.Share * breath.SecondsPerCount);
    }

    private void Emit(EventKind kind, int ms, Breath breath, LineScore line, int phase, Side side, int round, int of, string? cue)
    {
        if (ms == 0) return;
        events?.Add(new(now, ms, kind, breath, line, phase, side, round, of, cue));
        msByKind[(int)kind] += ms;
        now += ms;
    }
}
