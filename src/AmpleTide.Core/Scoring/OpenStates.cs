using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Scoring;

/// <summary>Keeps what is open: eyes, clasps, a paced breath, people lying down.</summary>
internal sealed class OpenStates
{
    /// <summary>What shutting the eyes opens.</summary>
    public const string Eyes = "eyes";

    /// <summary>What a lying position opens and any other closes.</summary>
    public const string Lying = "lying";

    /// <summary>What a cross-legged position opens and any other closes.</summary>
    public const string LegsCrossed = "legs-crossed";

    private readonly List<OpenState> all = [];
    private readonly Dictionary<string, int> open = [];

    /// <summary>Everything that was opened, in order.</summary>
    public IReadOnlyList<OpenState> All => all;

    /// <summary>Opens something; already open, it stays so.</summary>
    public void Open(string what, TimeSpan now, LineScore line)
    {
        if (open.TryAdd(what, all.Count))
            all.Add(new(what, now, null, line));
    }

    /// <summary>Closes something, if it is open.</summary>
    public void Close(string what, TimeSpan now)
    {
        if (open.Remove(what, out var index))
            all[index] = all[index] with { To = now };
    }

    /// <summary>Opens and closes what goes with being in a position.</summary>
    public void Take(Position position, TimeSpan now, LineScore line)
    {
        Set(Lying, position.Lying);
        Set(LegsCrossed, position.LegsCrossed);

        void Set(string what, bool on)
        {
            if (on)
                Open(what, now, line);
            else
                Close(what, now);
        }
    }

    /// <summary>Crossed legs are no state to end in wrongly: whoever stands up uncrosses them.</summary>
    public void End(TimeSpan now) => Close(LegsCrossed, now);
}
