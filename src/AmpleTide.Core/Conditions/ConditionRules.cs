namespace AmpleTide.Core.Conditions;

/// <summary>What each condition leaves out and takes smaller.</summary>
internal static class ConditionRules
{
    private static readonly Dictionary<string, ConditionRule> ById = new[]
    {
        NeckHeadRules.All,
        BackRules.All,
        HeartBreathRules.All,
        BellyRules.All,
        ArmRules.All,
        LegRules.All,
    }
        .SelectMany(r => r)
        .ToDictionary(r => r.Condition);

    /// <summary>All conditions some rule speaks of.</summary>
    public static IReadOnlyCollection<string> Conditions => ById.Keys;

    /// <summary>Whether some rule speaks of a condition.</summary>
    public static bool Has(string condition) => ById.ContainsKey(condition);

    /// <summary>The rules of a condition.</summary>
    public static ConditionRule Of(string condition) => ById[condition];
}
