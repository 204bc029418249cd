using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

/// <summary>A move as taken in one position with one option: every phase placed.</summary>
/// <param name="Move">The move.</param>
/// <param name="Position">The position it is taken in.</param>
/// <param name="Option"><c>base</c>, <c>easier</c> or <c>deeper</c>.</param>
/// <param name="Phases">One a phase, in order, for the right side.</param>
public sealed record MoveForm(Move Move, Position Position, string Option, PhaseForm[] Phases)
{
    /// <summary>The option every move has.</summary>
    public const string BaseOption = "base";

    /// <summary>The first phase that is stayed in, or −1.</summary>
    public int FirstStay { get; } = Array.FindIndex(Phases, p => p.Phase.IsStay);

    /// <summary>The last phase that is stayed in, or −1.</summary>
    public int LastStay { get; } = Array.FindLastIndex(Phases, p => p.Phase.IsStay);

    private readonly Lazy<(Bending Least, Bending Most)> bends = new(() => (
        new(Phases.Min(p => p.Bending.Spine), Phases.Min(p => p.Bending.Neck), Phases.Min(p => p.Bending.Girdle)),
        new(Phases.Max(p => p.Bending.Spine), Phases.Max(p => p.Bending.Neck), Phases.Max(p => p.Bending.Girdle))));

    /// <summary>The most and the least it bends each way over all phases.</summary>
    public (Bending Least, Bending Most) Bends => bends.Value;

    /// <summary>Whether some phase is stayed in.</summary>
    public bool HasStay => FirstStay >= 0;

    // A face whose owner lies on the back is come close to from above. By eye, no source.
    private static readonly Viewpoint OverTheLying = new(58, 40);

    /// <summary>From where it is seen.</summary>
    public Viewpoint View
    {
        get
        {
            var up = (Position.Base.Skeleton().Chest.Turn * new Vector(0, 0, 1)).Y;
            return Move.Drawn.CloseUp is CloseUp.Face or CloseUp.Head or CloseUp.Arms && up > 0.7 ? OverTheLying : Move.View ?? Position.View;
        }
    }

    /// <summary>
    /// The phase (from 0) whose shape ends the <paramref name="turn"/>-th of a round. Whoever goes round the other way meets the same shapes
    /// backward in time, and both ways end a round where it began.
    /// </summary>
    public int Taken(int turn, Side side) =>
        Move.Second == Second.Reverse && side == Side.Left ? ((2 * Phases.Length) - 2 - turn) % Phases.Length : turn;

    /// <summary>The phases (from 0) in the order their shapes are taken.</summary>
    public IReadOnlyList<int> InOrder(Side side) => [.. Enumerable.Range(0, Phases.Length).Select(turn => Taken(turn, side))];

    /// <summary>The shape a phase begins in: the end of the one before, or the base shape; a later round of a flow begins where the last ended.</summary>
    public Shape StartOf(int phase) => phase == 0 ? Position.Base : Phases[phase - 1].Shape;
}

/// <summary>
/// The placed end of a phase. A catalogue has thousands; what can be read off one is read when it is first asked for, so that no start
/// waits for all of them.
/// </summary>
/// <param name="phase">As written.</param>
/// <param name="shape">Its end, for the right side.</param>
/// <param name="position">The position it is taken in.</param>
/// <param name="residual">How far the worst contact is off, in statures.</param>
/// <param name="worst">Which contact that is.</param>
public sealed class PhaseForm(Phase phase, Shape shape, Position position, double residual, string worst)
{
    private readonly Lazy<Readings> readings = new(() => new(shape, position));

    /// <summary>As written.</summary>
    public Phase Phase { get; } = phase;

    /// <summary>Its end, for the right side.</summary>
    public Shape Shape { get; } = shape;

    /// <summary>The position it is taken in.</summary>
    public Position Position { get; } = position;

    /// <summary>How far the worst contact is off, in statures.</summary>
    public double Residual { get; } = residual;

    /// <summary>Which contact that is.</summary>
    public string Worst { get; } = worst;

    /// <summary>What can be read off it, for the right side.</summary>
    public Facts Facts => readings.Value.Facts;

    /// <summary>How far it bends forward and back.</summary>
    public Bending Bending => readings.Value.Bending;

    /// <summary>The facts of the side that is being done.</summary>
    public Facts On(Side side) => side == Side.Left ? readings.Value.MirroredFacts : Facts;

    /// <summary>
    /// What is worked on when that side is being done. A move without sides works on both alike: which shin happens to lie in
    /// front is not its business.
    /// </summary>
    public Worked WorkedOn(Side side) => side switch
    {
        Side.Right => readings.Value.Worked,
        Side.Left => readings.Value.MirroredWorked,
        _ => readings.Value.Worked.And(readings.Value.MirroredWorked),
    };

    private sealed class Readings
    {
        public Readings(Shape shape, Position position)
        {
            Facts = Facts.Of(shape, position.Base.Angles);
            MirroredFacts = Facts.Mirror();
            Bending = Bending.Of(Facts);
            var plain = position.Plain ? position.Facts : null;
            Worked = Worked.Of(Facts, plain);
            MirroredWorked = Worked.Of(MirroredFacts, plain?.Mirror());
        }

        public Facts Facts { get; }

        public Facts MirroredFacts { get; }

        public Bending Bending { get; }

        public Worked Worked { get; }

        public Worked MirroredWorked { get; }
    }
}

/// <summary>Places the phases of a move one after another, from the base shape of a position.</summary>
public static class Shaping
{
    /// <summary>Places a move's phases.</summary>
    /// <param name="move">The move.</param>
    /// <param name="position">One of its positions.</param>
    /// <param name="option"><c>base</c> or one of its options.</param>
    /// <param name="place">The solver: <see cref="Placement.Solve"/>, or a cache before it.</param>
    public static MoveForm Form(Move move, Position position, string option, Func<PlacementTask, Placed> place)
    {
        var chosen = option == MoveForm.BaseOption ? null : move.Options[option];
        var stance = Stance.Begin(position);
        var forms = new List<PhaseForm>();
        for (var i = 0; i < move.Phases.Count; i++)
        {
            stance = stance.Change(move.Phases[i].Change);
            if (move.Phases[i].At.TryGetValue(position.Id, out var here)) stance = stance.Change(here);
            var shown = chosen is null ? stance : stance.Change(InPhase(chosen, move, i, stance));
            var placed = place(shown.Task());
            stance = stance.Planted(placed.Shape);
            forms.Add(new(move.Phases[i], placed.Shape, position, placed.Residual, placed.Worst));
        }
        return new(move, position, option, [.. forms]);
    }

    // What an option changes in one phase. It says so itself, or it replaces an angle wherever the move has taken it away
    // from the base shape, and adds what the move never names to its stays.
    private static ShapeChange InPhase(MoveOption option, Move move, int phase, Stance stance)
    {
        if (option.Phases is { } phases) return phases.Contains(phase) ? option.Change : ShapeChange.None;
        var replaced = option.Change.Angles.Where(a => stance.IsAway(a.Key)).ToDictionary();
        if (!move.Phases[phase].IsStay && replaced.Count == 0) return ShapeChange.None;
        var added = move.Phases[phase].IsStay
            ? option.Change.Angles.Where(a => !move.Phases.Any(p => p.Change.Angles.ContainsKey(a.Key)))
            : [];
        return option.Change with { Angles = replaced.Concat(added).ToDictionary() };
    }

    /// <summary>Where a move has got to: the angles it named so far and those it stays near to, and what rests and touches.</summary>
    private sealed record Stance(
        Position Position, IReadOnlyDictionary<Axis, double> Named, IReadOnlyDictionary<Axis, double> Near,
        IReadOnlyList<Contact> Contacts, IReadOnlyList<Touch> Touches)
    {
        public static Stance Begin(Position position) =>
            new(position, new Dictionary<Axis, double>(), new Dictionary<Axis, double>(), position.Base.Contacts, position.Base.Touches);

        public bool IsAway(Axis axis) => Named.TryGetValue(axis, out var now) && Math.Abs(now - Position.Base.Angles[axis]) > 1;

        public Stance Change(ShapeChange change)
        {
            var named = new Dictionary<Axis, double>(Named);
            var near = new Dictionary<Axis, double>(Near);
            foreach (var (axis, degrees) in change.Angles) named[axis] = degrees;
            foreach (var (axis, degrees) in change.Near)
            {
                near[axis] = degrees;
                named.Remove(axis);
            }
            // An arm that is moved by name lets go of what it rested on; the words below may keep it there or take hold anew.
            var moved = change.Angles.Keys.Concat(change.Near.Keys).Where(IsArm).Select(Axes.SideOf).ToHashSet();
            var contacts = Contacts.Where(c => !moved.Contains(ArmOf(c.Mark))).ToList();
            var touches = Touches.Where(t => !moved.Contains(ArmOf(t.Mark))).ToList();
            foreach (var (word, support) in change.Contacts)
            {
                var marks = Body.Contacts.Marks(word);
                contacts.RemoveAll(c => marks.Contains(c.Mark));
                if (support == "stay") contacts.AddRange(Contacts.Where(c => marks.Contains(c.Mark)));
                else if (support != "none") contacts.AddRange(marks.Select(m => new Contact(m, Support.Find(support)!)));
            }
            foreach (var (mark, on) in change.Touches)
            {
                touches.RemoveAll(t => t.Mark.Name == mark);
                if (on != "none") touches.Add(new(Landmark.Find(mark)!, Landmark.Find(on)!));
            }
            return new(Position, named, near, contacts, touches);
        }

        public PlacementTask Task() => new(
            Position.Base.Angles.With(Near).With(Named), Position.Base.Pelvis, Named.Keys.ToHashSet(), Contacts, Touches, Position.Allowed);

        /// <summary>What rests now stays on its spot in the phases that follow.</summary>
        public Stance Planted(Shape placed) => this with
        {
            Contacts = [.. Contacts.Select(c => placed.Contacts.FirstOrDefault(p => p.Mark == c.Mark && p.On == c.On) ?? c)],
        };
    }

    // The girdle may shrug while the hand stays where it is.
    private static bool IsArm(Axis axis)
    {
        var place = Axes.SideOf(axis) switch
        {
            Side.Right => (int)axis - Axes.FirstRight,
            Side.Left => (int)axis - Axes.FirstLeft,
            _ => 0,
        };
        return place is > 1 and < Axes.PerArm;
    }

    private static Side ArmOf(Landmark mark) => mark.Segment switch
    {
        >= Segment.RightUpperArm and <= Segment.RightHand => Side.Right,
        >= Segment.LeftUpperArm and <= Segment.LeftHand => Side.Left,
        _ => Side.None,
    };
}
