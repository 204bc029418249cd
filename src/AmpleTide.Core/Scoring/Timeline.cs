using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Scoring;

/// <summary>
/// What has happened so far in a class, and when: talk, ways, pauses and the practice itself, phase by phase. It keeps the books
/// of time, height, talk, open states and ledgers, and notes where breaths do not follow each other.
/// </summary>
internal sealed class Timeline(bool withEvents, bool mirrored)
{
    // Where so much talk lies between, nobody notices that half a breath is missing; common practice, no source.
    private static readonly TimeSpan Unnoticed = TimeSpan.FromSeconds(2);

    private readonly List<ScoreEvent>? events = withEvents ? [] : null;
    private readonly TimeSpan[] timeByKind = new TimeSpan[Enum.GetValues<EventKind>().Length];
    private readonly TideLine tide = new();
    private readonly OpenStates open = new();
    private readonly Ledgers ledgers = new();
    private readonly List<PracticeSpan> spans = [];
    private readonly List<TalkSpan> talks = [];

    // What coming out would have closed, where the next line went on: it is closed when that is left.
    private readonly List<string> leftOpen = [];

    // For the continuity of phases: the last breath that was taken, by which line, and how long ago it ended.
    private Breath lastBreath = Breath.Free;
    private LineScore? lastLine;
    private TimeSpan gap;

    /// <summary>The time since the class began.</summary>
    public TimeSpan Now { get; private set; }

    /// <summary>The score of all that happened.</summary>
    public Score Result(ClassPlan plan, MoveCatalogue catalogue, WayNetwork ways, Tempo tempo, IReadOnlyList<ItemScore> items)
    {
        open.End(Now);
        tide.Keep(Now);
        return new()
        {
            Plan = plan,
            Catalogue = catalogue,
            Ways = ways,
            Tempo = tempo,
            Total = Now,
            Items = items,
            Events = events is null ? null : PropEvents.Among(events, [.. items.OfType<LineScore>()], catalogue),
            Tide = tide.Thinned(),
            Open = open.All,
            Ledgers = ledgers,
            TimeByKind = timeByKind,
            PracticeSpans = spans,
            Talks = talks,
        };
    }

    /// <summary>The group goes a way.</summary>
    public void Go(LineScore line, Way way, TimeSpan length, Side rollTo)
    {
        tide.Keep(Now);
        Emit(
            EventKind.Way,
            length,
            Breath.Free,
            line,
            -1,
            Side.None,
            0,
            0,
            events is null ? null : Words.For(string.Join(". ", way.Steps.Select(s => s.Say)), rollTo, mirrored)
        );
        tide.Reach(Now, way.To.Facts.Tide);
        gap = TimeSpan.MaxValue;
    }

    /// <summary>The group is in a position.</summary>
    public void Arrive(LineScore line, Position position)
    {
        tide.Keep(Now);
        tide.Reach(Now, position.Facts.Tide);
        open.Take(position, Now, line);
    }

    /// <summary>The teacher talks, from the time a pass or the way to it began. What of it leads takes time of its own.</summary>
    public void Talk(LineScore line, Side side, TimeSpan from, TimeSpan length, TimeSpan lead, string text)
    {
        if (length == TimeSpan.Zero)
            return;
        talks.Add(new(NotBefore(from), length, line, side, text, mirrored));
        Emit(EventKind.Lead, lead, Breath.Free, line, -1, side, 0, 0, events is null ? null : Words.For(text, side, mirrored));
        // While something is said on the way or going in, nobody breathes by the phases.
        Gap(length);
    }

    /// <summary>The teacher says something that goes with no move.</summary>
    public void Say(ItemScore item, TimeSpan length, string words)
    {
        if (length == TimeSpan.Zero)
            return;
        if (words.Length > 0)
            talks.Add(new(NotBefore(Now), length, item, Side.None, words, false));
        Emit(EventKind.Lead, length, Breath.Free, item, -1, Side.None, 0, 0, words.Length > 0 ? words : null);
        Gap(length);
    }

    /// <summary>Time to notice, or to wait.</summary>
    public void Pause(ItemScore item, TimeSpan length)
    {
        Emit(EventKind.Pause, length, Breath.Stay, item, -1, Side.None, 0, 0, null);
        Gap(length);
    }

    /// <summary>The eyes are opened or shut where a line says so.</summary>
    public void Eyes(LineScore line)
    {
        if (line.Line.Eyes == Classes.Eyes.Open)
            open.Close(OpenStates.Eyes, Now);
        else if (line.Line.Eyes == Classes.Eyes.Shut)
            open.Open(OpenStates.Eyes, Now, line);
    }

    // Nobody says two things at once: what was not finished before is finished first.
    private TimeSpan NotBefore(TimeSpan from) => talks.Count > 0 ? WholeMilliseconds.Longer(from, talks[^1].End) : from;

    /// <summary>A line is practised once: on a side, or on both in turn.</summary>
    /// <param name="line">The line.</param>
    /// <param name="side">The side, or the one that begins.</param>
    /// <param name="alternates">Whether each round changes the side.</param>
    /// <param name="pass">How long it takes.</param>
    /// <param name="goesOn">Whether it begins in the shape before it.</param>
    /// <param name="comesOut">Whether its hold is left; else the next line goes on from it.</param>
    public void Take(LineScore line, Side side, bool alternates, PassTiming pass, bool goesOn, bool comesOut)
    {
        var form = line.Form!;
        if (!goesOn)
            Collide(line, form.Phases[0].Phase.Breath);
        line.UnitTime += pass.Unit;
        if (PassTiming.IsHold(form, line.Dose.Unit, alternates))
            TakeHold(line, side, pass, comesOut);
        else if (line.Dose.Unit == Unit.Beats)
            TakeBeats(line, side, alternates, pass.Unit);
        else
            TakeRounds(line, side, alternates, pass);
        if (!comesOut)
            return;
        foreach (var what in leftOpen)
            open.Close(what, Now);
        leftOpen.Clear();
    }

    // In once, the stays for the dose, out once. Layers of a hold share the breaths, the first ones span what does not divide.
    private void TakeHold(LineScore line, Side side, PassTiming pass, bool comesOut)
    {
        var form = line.Form!;
        var (firstStay, lastStay) = (form.FirstStay, form.LastStay);
        for (var i = 0; i < firstStay; i++)
            TakeOnce(i, pass.Into[i]);
        var layers = lastStay - firstStay + 1;
        var (amount, done, from) = (line.Dose.Amount, 0, Now);
        for (var i = firstStay; i <= lastStay; i++)
        {
            var share = (amount / layers) + (i - firstStay < amount % layers ? 1 : 0);
            var timed = line.Dose.Unit == Unit.Seconds;
            var layerFrom = Now;
            var length = pass.Unit.Times(share);
            var phase = form.Phases[i].Phase;
            var said = Staying.Said(line.Line, phase, i, length);
            // By the clock nothing is counted; each sentence has its part of the time.
            var parts = timed ? Math.Max(1, said.Count) : share;
            for (var part = 1; part <= parts && share > 0; part++)
            {
                var cue = part == parts && part > 1 ? phase.Cue.Last : null;
                cue ??= timed ? said[part - 1] : Staying.On(said, part, parts);
                var (at, of) = timed ? (1, 1) : (++done, amount);
                TakePhase(
                    line,
                    i,
                    side,
                    layerFrom + TimeSpan.FromMilliseconds(length.Ms() * part / parts) - Now,
                    1,
                    at,
                    of,
                    events is null ? null : Said(cue, side)
                );
            }
            spans.Add(new(line, i, side, layerFrom, Now - layerFrom, share));
        }
        line.On(side).Add(amount, Now - from);
        lastBreath = Breath.Out;
        for (var i = lastStay + 1; i < form.Phases.Length; i++)
        {
            if (comesOut)
                TakeOnce(i, pass.OutOf[i - lastStay - 1]);
            else
                leftOpen.AddRange(form.Phases[i].Phase.Closes);
        }

        void TakeOnce(int phase, TimeSpan length)
        {
            if (length > TimeSpan.Zero)
                spans.Add(new(line, phase, side, Now, length, 0));
            TakePhase(line, phase, side, length, 1, 0, 0);
        }
    }

    // A flow that is dosed in seconds does as many whole rounds as fit best, stretched to fit; its practice is still told in seconds.
    private void TakeRounds(LineScore line, Side side, bool alternates, PassTiming pass)
    {
        var (amount, rounds, all) = (line.Dose.Amount, pass.Rounds, pass.Unit.Times(line.Dose.Amount));
        var start = Now;
        spans.Add(new(line, PracticeSpan.Flow, alternates ? Side.None : side, start, all, rounds));
        var alike = line.Dose.Unit != Unit.Seconds;
        for (var r = 1; r <= rounds; r++)
        {
            var from = Now;
            // What every round (of this side) does alike is booked with the first.
            var booked =
                !alike ? 1
                : !alternates ? (r == 1 ? rounds : 0)
                : r == 1 ? (rounds + 1) / 2
                : r == 2 ? rounds / 2
                : 0;
            for (var i = 0; i < pass.Within.Count; i++)
            {
                var (length, part) = (start + pass.EndOf(r - 1, i, all) - Now, pass.Within[i]);
                if (part.Stays)
                    StayIn(line, part.Phase, side, length, booked, r, rounds);
                else
                    TakePhase(line, part.Phase, side, length, booked, r, rounds);
            }
            line.On(side).Add((amount * r / rounds) - (amount * (r - 1) / rounds), Now - from);
            if (alternates)
                side = side.Opposite();
        }
    }

    private void TakeBeats(LineScore line, Side side, bool alternates, TimeSpan beat)
    {
        var (phases, beats) = (line.Form!.Phases.Length, line.Dose.Amount);
        var parts = line.Move!.PhasesOfBeat;
        spans.Add(new(line, PracticeSpan.Flow, alternates ? Side.None : side, Now, beat.Times(beats), beats));
        for (var b = 1; b <= beats; b++)
        {
            var from = Now;
            for (var i = 1; i <= parts; i++)
                TakePhase(
                    line,
                    (((b - 1) * parts) + i - 1) % phases,
                    side,
                    from + TimeSpan.FromMilliseconds(beat.Ms() * i / parts) - Now,
                    1,
                    b,
                    beats
                );
            line.On(side).Add(1, beat);
            if (alternates)
                side = side.Opposite();
        }
    }

    // Times is how often this phase counts for the ledgers: a round that is repeated is booked once for all.
    private void TakePhase(LineScore line, int index, Side side, TimeSpan length, int times, int round, int of) =>
        TakePhase(line, index, side, length, times, round, of, events is null ? null : Said(CueOf(line, index, round, of), side));

    private void TakePhase(LineScore line, int index, Side side, TimeSpan length, int times, int round, int of, string? cue)
    {
        // Going backward in time, breath and words still follow the order they are taken in.
        var (phase, shaped) = (line.Form!.Phases[index].Phase, line.Form.Taken(index, side));
        var form = line.Form.Phases[shaped];
        foreach (var what in phase.Opens)
            if (line.Line.Eyes is null || what != OpenStates.Eyes)
                open.Open(what, Now, line);
        var breath = phase.Breath;
        Emit(line.Dose.Unit == Unit.Beats ? EventKind.Beat : EventKind.Breath, length, breath, line, shaped, side, round, of, cue);
        tide.Reach(Now, form.Facts.Tide);
        Book(line, form, side, length.Times(times));
        foreach (var what in phase.Closes)
            if (line.Line.Eyes is null || what != OpenStates.Eyes)
                open.Close(what, Now);
        lastBreath = breath is Breath.In or Breath.Out or Breath.Free ? breath : lastBreath;
        lastLine = line;
        gap = TimeSpan.Zero;
    }

    // Breaths at the end of a round.
    private void StayIn(LineScore line, int index, Side side, TimeSpan length, int times, int round, int of)
    {
        var shaped = line.Form!.Taken(index, side);
        Emit(EventKind.Breath, length, Breath.Stay, line, shaped, side, round, of, null);
        tide.Keep(Now);
        Book(line, line.Form.Phases[shaped], side, length.Times(times));
    }

    // Going backward in time both sides do the same shapes.
    private void Book(LineScore line, PhaseForm form, Side side, TimeSpan length)
    {
        if (length == TimeSpan.Zero)
            return;
        var move = line.Move!;
        var covered = form.CoverageOn(move.Second == Second.Reverse ? Side.None : side).Without(move.AreasByNameOnly);
        ledgers.Add(covered, move.AlsoEasedBits, length);
    }

    // Long in the first round, short in the second, then silence; the last round is announced once.
    private static string? CueOf(LineScore line, int index, int round, int of)
    {
        var cue = line.Form!.Phases[index].Phase.Cue;
        if (round <= 1)
            return line.Line.Say.GetValueOrDefault(Phase.Key(index), cue.Long);
        if (round == of && cue.Last is { } last)
            return last;
        return round == 2 ? cue.Short : null;
    }

    private string? Said(string? words, Side side) => words is null ? null : Words.For(words, side, mirrored);

    // Two in-breaths in a row: whoever leads should know, and people find the half breath between by themselves.
    private void Collide(LineScore line, Breath first)
    {
        if (first is Breath.In or Breath.Out && first == lastBreath && gap < Unnoticed)
            line.CollidesWith ??= lastLine;
    }

    private void Gap(TimeSpan more) => gap = gap == TimeSpan.MaxValue ? gap : gap + more;

    private void Emit(EventKind kind, TimeSpan length, Breath breath, ItemScore item, int phase, Side side, int round, int of, string? cue)
    {
        if (length == TimeSpan.Zero)
            return;
        events?.Add(new(Now, length, kind, breath, item, phase, side, round, of, cue));
        timeByKind[(int)kind] += length;
        item.Time += length;
        Now += length;
    }
}
