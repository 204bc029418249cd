namespace AmpleTide.Core.Catalogue;

/// <summary>A row of the compendium of physical activities.</summary>
/// <param name="Id">As files write it.</param>
/// <param name="Code">The compendium's code.</param>
/// <param name="Name">What it is.</param>
/// <param name="Mets">Its effort in METs: 1 is sitting still.</param>
public sealed record Activity(string Id, string Code, string Name, double Mets);

/// <summary>
/// The rows that moves are like. Ainsworth and others, <i>2011 Compendium of Physical Activities</i>, Medicine and Science in Sports and
/// Exercise 43 (2011) 1575–1581; codes and values from memory.
/// </summary>
public static class Activities
{
    /// <summary>All rows, from the lightest to the hardest.</summary>
    public static IReadOnlyList<Activity> All { get; } =
    [
        new("meditating", "07075", "meditating", 1.0),
        new("lying-quietly", "07011", "lying quietly, doing nothing", 1.3),
        new("sitting-quietly", "07021", "sitting quietly", 1.3),
        new("standing-quietly", "07040", "standing quietly", 1.3),
        new("hands-fidgeting", "07025", "sitting, moving the hands", 1.5),
        new("tai-chi-seated", "15672", "tai chi or qi gong, sitting, light", 1.5),
        new("feet-fidgeting", "07026", "sitting, moving the feet", 1.8),
        new("standing-fidgeting", "07041", "standing, fidgeting", 1.8),
        new("nadisodhana", "02170", "yoga, breath through one nostril and the other", 2.0),
        new("stretching-mild", "02101", "stretching, mild", 2.3),
        new("yoga-hatha", "02150", "yoga, Hatha", 2.5),
        new("calisthenics-light", "02024", "calisthenics, light", 2.8),
        new("pilates", "02105", "pilates, general", 3.0),
        new("tai-chi", "15670", "tai chi or qi gong, general", 3.0),
        new("sun-salutation", "02180", "yoga, sun salutation", 3.3),
        new("calisthenics-back", "02030", "calisthenics, light or moderate, back exercises", 3.5),
        new("calisthenics-moderate", "02022", "calisthenics, moderate, lunges and push-ups", 3.8),
        new("yoga-power", "02160", "yoga, power", 4.0),
    ];

    private static readonly Dictionary<string, Activity> ById = All.ToDictionary(a => a.Id);

    /// <summary>The row of an id, or null.</summary>
    public static Activity? Find(string id) => ById.GetValueOrDefault(id);
}
