using AmpleTide.Core.Body;

namespace AmpleTide.Core.Catalogue;

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
            var (change, here) = (move.Phases[i].Change, move.Phases[i].At.GetValueOrDefault(position.Id));
            stance = stance.Change(change);
            if (here is not null)
                stance = stance.Change(here);
            stance = stance.Home([change, here ?? ShapeChange.None]);
            var shown = stance;
            if (chosen is not null)
            {
                var other = InPhase(chosen, move, i, stance);
                shown = stance.Change(other).Home([other]);
            }
            var placed = place(shown.Task());
            stance = stance.Planted(placed.Shape);
            forms.Add(
                new(
                    chosen is null ? move.Phases[i] : Seen(chosen, move.Phases[i], i),
                    placed.Shape,
                    position,
                    placed.Residual,
                    placed.Worst,
                    shown.Told
                )
            );
        }
        return new(move, position, option, [.. forms]);
    }

    private static Phase Seen(MoveOption option, Phase phase, int index) =>
        option.Phases?.Contains(index) == false ? phase : option.Over(phase);

    // What an option changes in one phase. It says so itself, or it replaces an angle wherever the move has taken it away from the base
    // shape. What the move never names, and what rests and touches, it changes in the stays; where nothing is stayed in, in every phase:
    // hands that lie elsewhere do so all the way round.
    private static ShapeChange InPhase(MoveOption option, Move move, int phase, Stance stance)
    {
        if (option.Phases is { } phases)
            return phases.Contains(phase) ? option.Change : ShapeChange.None;
        var lasts = move.Phases[phase].IsStay || !move.Phases.Any(p => p.IsStay);
        var replaced = option.Change.Angles.Where(a => stance.IsAway(a.Key)).ToDictionary();
        if (!lasts && replaced.Count == 0)
            return ShapeChange.None;
        var added = lasts ? option.Change.Angles.Where(a => !move.Phases.Any(p => p.Change.Angles.ContainsKey(a.Key))) : [];
        return option.Change with { Angles = replaced.Concat(added).ToDictionary() };
    }

    /// <summary>Where a move has got to: the angles it named so far and those it stays near to, and what rests and touches.</summary>
    private sealed record Stance(
        Position Position,
        IReadOnlyDictionary<Axis, double> Named,
        IReadOnlyDictionary<Axis, double> Near,
        IReadOnlyList<Contact> Contacts,
        IReadOnlyList<Touch> Touches
    )
    {
        /// <summary>Every axis the author has named so far.</summary>
        public IReadOnlySet<Axis> Told { get; } = Named.Keys.Concat(Near.Keys).ToHashSet();

        public static Stance Begin(Position position) =>
            new(position, new Dictionary<Axis, double>(), new Dictionary<Axis, double>(), position.Base.Contacts, position.Base.Touches);

        public bool IsAway(Axis axis) => Named.TryGetValue(axis, out var now) && Math.Abs(now - Position.Base.Angles[axis]) > 1;

        public Stance Change(ShapeChange change)
        {
            var named = new Dictionary<Axis, double>(Named);
            var near = new Dictionary<Axis, double>(Near);
            foreach (var (axis, degrees) in change.Angles)
                named[axis] = degrees;
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
                if (support == "stay")
                    contacts.AddRange(Contacts.Where(c => marks.Contains(c.Mark)));
                else if (support != "none")
                    contacts.AddRange(marks.Select(m => new Contact(m, Support.Find(support)!)));
            }
            foreach (var (mark, touch) in change.Touches)
            {
                touches.RemoveAll(t => t.Mark.Name == mark);
                if (touch is not null)
                    touches.Add(touch);
            }
            return new(Position, named, near, contacts, touches);
        }

        /// <summary>An arm that was moved by name and has come back to where it rests in the position rests there again.</summary>
        public Stance Home(IReadOnlyList<ShapeChange> changes)
        {
            var stance = this;
            foreach (var side in new[] { Side.Right, Side.Left })
                if (changes.Any(c => c.Angles.Keys.Concat(c.Near.Keys).Any(a => IsArm(a) && Axes.SideOf(a) == side)) && stance.IsHome(side))
                    stance = stance.Resting(side, Lifted(changes));
            return stance;
        }

        private bool IsHome(Side side)
        {
            bool IsClose(Axis rightAxis)
            {
                var axis = rightAxis.On(side);
                var now = Named.TryGetValue(axis, out var named) ? named : Near.GetValueOrDefault(axis, Position.Base.Angles[axis]);
                return Math.Abs(now - Position.Base.Angles[axis]) <= AtHome;
            }
            var isBusy = Contacts.Any(c => ArmOf(c.Mark) == side) || Touches.Any(t => ArmOf(t.Mark) == side || ArmOf(t.On) == side);
            return !isBusy && IsClose(Axis.RightShoulderPlane) && IsClose(Axis.RightShoulderElevation) && IsClose(Axis.RightElbow);
        }

        // What the author lifts stays lifted.
        private static HashSet<Landmark> Lifted(IReadOnlyList<ShapeChange> changes) =>
            changes.SelectMany(c => c.Contacts).Where(c => c.Value == "none").SelectMany(c => Body.Contacts.Marks(c.Key)).ToHashSet();

        private Stance Resting(Side side, HashSet<Landmark> lifted)
        {
            var contacts = Position.Base.Contacts.Where(c => ArmOf(c.Mark) == side && !lifted.Contains(c.Mark)).ToList();
            var touches = Position.Base.Touches.Where(t => ArmOf(t.Mark) == side && ArmOf(t.On) == Side.None).ToList();
            if (contacts.Count + touches.Count == 0)
                return this;
            // To reach its place it gives way where it was named.
            var (arm, other) = (Named.Where(n => IsArm(n.Key) && Axes.SideOf(n.Key) == side).ToList(), new Dictionary<Axis, double>(Named));
            var near = new Dictionary<Axis, double>(Near);
            foreach (var (axis, degrees) in arm)
            {
                other.Remove(axis);
                near[axis] = degrees;
            }
            return new(Position, other, near, [.. Contacts, .. contacts], [.. Touches, .. touches]);
        }

        public PlacementTask Task() =>
            new(
                Position.Base.Angles.With(Near).With(Named),
                Position.Base.Pelvis,
                Named.Keys.ToHashSet(),
                Contacts,
                Touches,
                Position.Allowed
            );

        /// <summary>What rests now stays on its spot in the phases that follow.</summary>
        public Stance Planted(Shape placed) =>
            this with
            {
                Contacts = [.. Contacts.Select(c => placed.Contacts.FirstOrDefault(p => p.Mark == c.Mark && p.On == c.On) ?? c)],
            };
    }

    // So many degrees from where it rests an arm has come home; by eye, no source.
    private const double AtHome = 26;

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

    private static Side ArmOf(Landmark mark) =>
        mark.Segment switch
        {
            >= Segment.RightUpperArm and <= Segment.RightHand => Side.Right,
            >= Segment.LeftUpperArm and <= Segment.LeftHand => Side.Left,
            _ => Side.None,
        };
}
