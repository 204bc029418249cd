using AmpleTide.Core.Catalogue;

namespace AmpleTide.Core.Conditions;

/// <summary>Something a condition looks for: strains of at least some grade, all together, and some that must not be there.</summary>
internal sealed record Ask(IReadOnlyList<(Strain Strain, Grade AtLeast)> All, IReadOnlyList<(Strain Strain, Grade AtLeast)> None)
{
    /// <summary>At least some of a strain.</summary>
    public static Ask Some(Strain strain) => new([(strain, Grade.Some)], []);

    /// <summary>Much of a strain.</summary>
    public static Ask Much(Strain strain) => new([(strain, Grade.Much)], []);

    /// <summary>Both together.</summary>
    public static Ask operator &(Ask one, Ask other) => new([.. one.All, .. other.All], [.. one.None, .. other.None]);

    /// <summary>Unless that is there as well.</summary>
    public Ask But(Ask not) => this with { None = [.. None, .. not.All] };

    /// <summary>Whether a move's strains meet it.</summary>
    public bool Met(Strains strains) => All.All(a => strains[a.Strain] >= a.AtLeast) && !None.Any(n => strains[n.Strain] >= n.AtLeast);

    /// <summary>The strain that tells most of the reason: the one that is asked most of, the first of them.</summary>
    public Strain Reason(Strains strains) => All.MaxBy(a => strains[a.Strain]).Strain;
}

/// <summary>What one condition leaves out, and what it takes smaller.</summary>
/// <param name="Condition">Its id.</param>
/// <param name="LeaveOut">What is left out.</param>
/// <param name="Smaller">What is taken smaller.</param>
internal sealed record ConditionRule(string Condition, IReadOnlyList<Ask> LeaveOut, IReadOnlyList<Ask> Smaller)
{
    /// <summary>What it says to such strains, and what of it was met.</summary>
    public (Advice Advice, Ask? Met) Judge(Strains strains)
    {
        foreach (var ask in LeaveOut)
            if (ask.Met(strains))
                return (Advice.LeaveOut, ask);
        foreach (var ask in Smaller)
            if (ask.Met(strains))
                return (Advice.Smaller, ask);
        return (Advice.Fine, null);
    }
}
