using System.Collections.Concurrent;
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

    /// <summary>The option for whoever wants less.</summary>
    public const string EasierOption = "easier";

    /// <summary>Props without which it cannot be taken: those of the position and the move, and those of the option.</summary>
    public IReadOnlyList<string> Props { get; } =
    [.. Option == BaseOption ? Position.Props.Union(Move.Props) : Move.Options[Option].Over(Position.Props.Union(Move.Props))];

    /// <summary>The first phase that is stayed in, or −1.</summary>
    public int FirstStay { get; } = Array.FindIndex(Phases, p => p.Phase.IsStay);

    /// <summary>The last phase that is stayed in, or −1.</summary>
    public int LastStay { get; } = Array.FindLastIndex(Phases, p => p.Phase.IsStay);

    private readonly Lazy<BendRange> bends = new(() => new(Over(Phases, p => p.Min()), Over(Phases, p => p.Max())));
    private readonly Lazy<Easing> easing = new(() => new(Position, Phases, Move));

    /// <summary>The most and the least it bends each way over all phases.</summary>
    public BendRange Bends => bends.Value;

    /// <summary>What it eases.</summary>
    public Easing Easing => easing.Value;

    private static Bending Over(PhaseForm[] phases, Func<IEnumerable<double>, double> pick)
    {
        double Of(Bend bend) => pick(phases.Select(p => p.Bending[bend]));
        return new(Of(Bend.Spine), Of(Bend.Neck), Of(Bend.Girdle), Of(Bend.Wrists), Of(Bend.Legs));
    }

    /// <summary>What its pictures show beside the body.</summary>
    public Drawn Drawn => Option == BaseOption ? Move.Drawn : Move.Options[Option].Over(Move.Drawn);

    /// <summary>Whether some phase is stayed in.</summary>
    public bool HasStay => FirstStay >= 0;

    // Moved mass of a round up to which it is taught as a small movement; common practice, no source.
    private const double MostOfSmall = 0.045;

    private readonly Lazy<double> movedMass = new(() =>
    {
        var from = Phases[0].Phase.IsStay || Array.Exists(Phases, p => p.Phase.IsStay) ? Position.Base : Phases[^1].Shape;
        var sum = 0.0;
        foreach (var phase in Phases)
        {
            sum += MovedMass.Between(from, phase.Shape);
            from = phase.Shape;
        }
        return sum;
    });

    /// <summary>
    /// Whether a round moves little of the body: head, shoulders, hands or feet. Told from the move's plain form in its first position, so
    /// that an option or another position does not change the pace.
    /// </summary>
    public bool IsSmall => (Plain ?? this).movedMass.Value <= MostOfSmall;

    /// <summary>The move's plain form in its first position; null while the catalogue is read.</summary>
    internal MoveForm? Plain { get; set; }

    /// <summary>All forms of this move, itself among them.</summary>
    public IReadOnlyList<MoveForm> Forms
    {
        get => forms ?? [this];
        internal set => forms ??= value;
    }

    private IReadOnlyList<MoveForm>? forms;

    private readonly ConcurrentDictionary<string, MoveForm> ways = new();

    /// <summary>The same shapes, breathed and said as a class has chosen.</summary>
    /// <param name="taken">The way a class takes in a matter.</param>
    public MoveForm By(Func<string, string> taken)
    {
        if (!Array.Exists(Phases, p => p.Phase.By.Count > 0))
            return this;
        var chosen = Phases.SelectMany(p => p.Phase.By).Select(m => (Matter: m.Key, Way: taken(m.Key))).Distinct().ToList();
        if (!chosen.Exists(c => Array.Exists(Phases, p => p.Phase.By.GetValueOrDefault(c.Matter)?.ContainsKey(c.Way) == true)))
            return this;
        return ways.GetOrAdd(string.Join(' ', chosen.Select(c => c.Way)), _ => With([.. chosen.Select(c => (c.Matter, c.Way))]));
    }

    private MoveForm With(IReadOnlyList<(string Matter, string Way)> chosen) =>
        new(Move, Position, Option, [.. Phases.Select(p => p.As(p.Phase.Otherwise(chosen)))]) { Plain = Plain, Forms = Forms };

    // A face whose owner lies on the back is come close to from above, unless that is how its author has seen the move. By eye, no source.
    private static readonly Viewpoint OverTheLying = new(12, 58);

    /// <summary>Whether its author has chosen the viewpoint in this position.</summary>
    public bool IsAsSeen => Position.Id == Move.In[0] && Move.View is not null;

    /// <summary>From where it is seen.</summary>
    public Viewpoint View
    {
        get
        {
            var up = (Position.Base.Skeleton().Chest.Turn * new Vector(0, 0, 1)).Y;
            return Drawn.CloseUp?.IsBust() == true && up > 0.7 && !IsAsSeen ? OverTheLying : Move.View ?? Position.View;
        }
    }

    /// <summary>
    /// The phase (from 0) whose shape ends the <paramref name="turn"/>-th of a round. Whoever goes round the other way meets the same
    /// shapes backward in time, and both ways end a round where it began.
    /// </summary>
    public int Taken(int turn, Side side) =>
        Move.Second == Second.Reverse && side == Side.Left ? ((2 * Phases.Length) - 2 - turn) % Phases.Length : turn;

    /// <summary>The phases (from 0) in the order their shapes are taken.</summary>
    public IReadOnlyList<int> InOrder(Side side) => [.. Enumerable.Range(0, Phases.Length).Select(turn => Taken(turn, side))];

    /// <summary>
    /// The shape a phase begins in: the end of the one before, or the base shape; a later round of a flow begins where the last ended.
    /// </summary>
    public Shape StartOf(int phase) => phase == 0 ? Position.Base : Phases[phase - 1].Shape;
}
