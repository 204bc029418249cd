namespace AmpleTide.Core.Catalogue;

/// <summary>The positions, ways, moves, props and conditions that classes draw on; every move is placed in each of its positions.</summary>
public sealed class MoveCatalogue
{
    private readonly Dictionary<string, Move> moves;
    private readonly Dictionary<string, Position> positions;
    private readonly Dictionary<string, MoveForm[]> forms;
    private readonly Dictionary<string, Position[]> taken;
    private readonly Dictionary<string, MoveForm[]> byPosition;

    /// <summary>Puts a catalogue together.</summary>
    /// <param name="hash">Names this very content; part of every class file made with it.</param>
    public MoveCatalogue(
        string hash,
        IReadOnlyList<Position> positions,
        IReadOnlyList<Way> ways,
        IReadOnlyList<Move> moves,
        IEnumerable<MoveForm> forms,
        IReadOnlyList<Prop> props,
        IReadOnlyList<Condition> conditions
    )
    {
        Hash = hash;
        (Positions, Ways, Moves, Props, Conditions) = (positions, ways, moves, props, conditions);
        this.moves = moves.ToDictionary(m => m.Id);
        this.positions = positions.ToDictionary(p => p.Id);
        this.forms = forms.GroupBy(f => f.Move.Id).ToDictionary(g => g.Key, g => g.ToArray());
        foreach (var ofMove in this.forms.Values)
        {
            var plain = Array.Find(ofMove, f => f.Option == MoveForm.BaseOption && f.Position.Id == f.Move.In[0]);
            foreach (var form in ofMove)
            {
                form.Plain ??= plain;
                form.Forms = ofMove;
            }
        }
        var order = moves.Select((m, i) => (m, i)).ToDictionary(p => p.m.Id, p => p.i);
        byPosition = this
            .forms.Values.SelectMany(f => f)
            .Where(f => f.Option == MoveForm.BaseOption)
            .GroupBy(f => f.Position.Id)
            .ToDictionary(g => g.Key, g => g.OrderBy(f => order[f.Move.Id]).ToArray());
        taken = moves.ToDictionary(m => m.Id, m => positions.Where(p => m.In.Contains(p.Id)).ToArray());
        closers = moves
            .SelectMany(m => m.Phases.SelectMany(p => p.Closes.Except(p.Opens)).Distinct().Select(what => (What: what, Move: m)))
            .GroupBy(c => c.What, c => c.Move)
            .ToDictionary(g => g.Key, g => (IReadOnlyList<Move>)[.. g]);
    }

    private readonly Dictionary<string, IReadOnlyList<Move>> closers;

    /// <summary>Names this very content.</summary>
    public string Hash { get; }

    /// <summary>All positions, in the order of the catalogue, which also settles ties.</summary>
    public IReadOnlyList<Position> Positions { get; }

    /// <summary>All ways.</summary>
    public IReadOnlyList<Way> Ways { get; }

    /// <summary>All moves.</summary>
    public IReadOnlyList<Move> Moves { get; }

    /// <summary>All props.</summary>
    public IReadOnlyList<Prop> Props { get; }

    /// <summary>All conditions.</summary>
    public IReadOnlyList<Condition> Conditions { get; }

    /// <summary>What moves are looked for by, besides their names.</summary>
    public IReadOnlyList<Use> Uses { get; init; } = [];

    /// <summary>This catalogue with a teacher's own moves beside its own.</summary>
    /// <param name="own">The forms of each own move.</param>
    public MoveCatalogue With(IReadOnlyCollection<MoveForm[]> own) =>
        new(
            Hash,
            Positions,
            Ways,
            [.. Moves.Where(m => !m.Own), .. own.Select(f => f[0].Move)],
            forms.Values.SelectMany(f => f).Where(f => !f.Move.Own).Concat(own.SelectMany(f => f)),
            Props,
            Conditions
        )
        {
            Uses = Uses,
        };

    /// <summary>This catalogue as a teacher says it.</summary>
    /// <param name="speech">Words of moves that are not here are passed over.</param>
    public MoveCatalogue SaidWith(Speech speech)
    {
        var said = speech.Said(Moves);
        if (said.Count == 0)
            return this;
        return new(
            Hash,
            Positions,
            Ways,
            [.. Moves.Select(m => said.GetValueOrDefault(m.Id, m))],
            forms.Values.SelectMany(f => f).Select(f => said.TryGetValue(f.Move.Id, out var move) ? TeacherWords.For(f, move) : f),
            Props,
            Conditions
        )
        {
            Uses = Uses,
        };
    }

    /// <summary>The move of an id, or null.</summary>
    public Move? Move(string id) => moves.GetValueOrDefault(id);

    /// <summary>The position of an id, or null.</summary>
    public Position? Position(string id) => positions.GetValueOrDefault(id);

    /// <summary>The prop of an id, or null.</summary>
    public Prop? Prop(string id) => Props.FirstOrDefault(p => p.Id == id);

    /// <summary>A move in one of its positions with one of its options; an option it lacks is taken as the base.</summary>
    /// <exception cref="KeyNotFoundException">The move is not taken in that position.</exception>
    public MoveForm Form(Move move, Position position, string option)
    {
        MoveForm? plain = null;
        foreach (var form in forms[move.Id])
        {
            if (form.Position.Id != position.Id)
                continue;
            if (form.Option == option)
                return form;
            if (form.Option == MoveForm.BaseOption)
                plain = form;
        }
        return plain ?? throw new KeyNotFoundException($"{move.Id} is not taken in {position.Id}.");
    }

    /// <summary>The positions a move is taken in, in the order of the catalogue.</summary>
    public IReadOnlyList<Position> PositionsOf(Move move) => taken[move.Id];

    /// <summary>The moves that are taken in a position, each as it is without options, in the order of the catalogue.</summary>
    public IReadOnlyList<MoveForm> FormsIn(Position position) => byPosition.GetValueOrDefault(position.Id, []);

    /// <summary>The moves that close what another opened: eyes, a clasp, a paced breath.</summary>
    public IReadOnlyList<Move> ClosersOf(string what) => closers.GetValueOrDefault(what, []);

    /// <summary>All forms of a move.</summary>
    public IEnumerable<MoveForm> Forms(Move move) =>
        from position in move.In
        from option in move.Options.Keys.Prepend(MoveForm.BaseOption)
        select Form(move, Position(position)!, option);
}
