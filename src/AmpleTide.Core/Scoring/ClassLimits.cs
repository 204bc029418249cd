using AmpleTide.Core.Classes;

namespace AmpleTide.Core.Scoring;

/// <summary>How long a class may be. Far above what is taught; common practice, no source.</summary>
public static class ClassLimits
{
    /// <summary>How often lines may be taken in all, with every round of every set.</summary>
    public const int MostOccurrences = 2000;

    /// <summary>How long a class may last.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromHours(6);

    /// <summary>Counts how often lines are taken, before anything is laid out. Linear in the items as written.</summary>
    /// <exception cref="ClassTooLongException">More than <see cref="MostOccurrences"/>.</exception>
    public static void CheckOccurrences(ClassPlan plan)
    {
        var all = plan.Sections.Sum(s => Occurrences(s.Items));
        if (all > MostOccurrences)
            throw new ClassTooLongException(
                $"With every round of its sets the class takes lines {all} times; {MostOccurrences} at most. Take fewer rounds."
            );
    }

    /// <summary>Checks the time so far.</summary>
    /// <exception cref="ClassTooLongException">More than <see cref="Longest"/>.</exception>
    public static void CheckTime(TimeSpan time)
    {
        if (time > Longest)
            throw new ClassTooLongException(
                $"The class would last more than {Longest.TotalHours} hours, which is the most there is. Take smaller doses or "
                    + "fewer rounds."
            );
    }

    private static long Occurrences(IReadOnlyList<Item> items) =>
        items.Sum(item => item is Set set ? set.Rounds.Count * Occurrences(set.Items) : 1);
}
