using AmpleTide.Core.Body;
using AmpleTide.Core.Catalogue;
using AmpleTide.Core.Classes;
using AmpleTide.Core.Planning;

namespace AmpleTide.Core.Scoring;

/// <summary>A line as it came out: where and when it is taken, and how much is practised on which side.</summary>
public sealed class LineScore(Line line, Section section, Set? set, Move? move, ClassPlan plan) : ItemScore(line, section, set)
{
    /// <summary>The line of the plan.</summary>
    public Line Line { get; } = line;

    /// <summary>Its move, or null when the catalogue has none of that id.</summary>
    public Move? Move { get; } = move;

    /// <summary>How much, in which unit.</summary>
    public Dose Dose { get; } = line.Dose ?? (move is null ? default : Conventions.UsualDose(move, plan));

    /// <summary>The position it is taken in.</summary>
    public Position? Position { get; internal set; }

    /// <summary>The move in that position.</summary>
    public MoveForm? Form { get; internal set; }

    /// <summary>The ways to it, the first time it is taken.</summary>
    public List<WayTaken> Ways { get; } = [];

    /// <summary>Where we were when there was no way to it, or null.</summary>
    public Position? NoWayFrom { get; internal set; }

    /// <summary>The line whose last breath collides with its first, or null.</summary>
    public LineScore? CollidesWith { get; internal set; }

    /// <summary>Why it does not go on from the line before, though it should; null where it does, or is not to.</summary>
    public GoingOnHindered? GoesOnHindered { get; internal set; }

    /// <summary>Whether each round changes the side.</summary>
    public bool Alternates { get; internal set; }

    /// <summary>How much of it one more unit of the dose takes, all sides and rounds of sets together.</summary>
    public TimeSpan UnitTime { get; internal set; }

    /// <summary>What of its time does not hang on the dose.</summary>
    public TimeSpan FixedTime => Time - UnitTime.Times(Dose.Amount);

    /// <summary>Between which doses it may be, in its own unit.</summary>
    public DoseLimits Limits { get; internal set; }

    /// <summary>Practice on the right; for circles and crossings, in the first direction.</summary>
    public ref Practice Right => ref right;

    /// <summary>Practice on the left; for circles and crossings, in the other direction.</summary>
    public ref Practice Left => ref left;

    /// <summary>Practice without sides.</summary>
    public ref Practice None => ref none;

    private Practice right;
    private Practice left;
    private Practice none;

    /// <summary>All practice, on either side or without sides.</summary>
    public TimeSpan Practised => right.Length + left.Length + none.Length;

    /// <summary>The practice of a side.</summary>
    public ref Practice On(Side side)
    {
        if (side == Side.Right)
            return ref right;
        if (side == Side.Left)
            return ref left;
        return ref none;
    }
}

/// <summary>A way taken before a line.</summary>
public readonly record struct WayTaken(Way Way, TimeSpan At, TimeSpan Length);
