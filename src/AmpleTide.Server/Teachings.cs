using System.Collections.Concurrent;
using System.Text.Json;

namespace AmpleTide.Server;

/// <summary>
/// Who is teaching which class. Kept in memory: a tab that teaches says so again and again, and after a restart the first to say so has it.
/// </summary>
/// <param name="clock">Tells the time.</param>
internal sealed class Teachings(TimeProvider clock)
{
    /// <summary>A tab that has been silent for so long has left.</summary>
    public static readonly TimeSpan Silence = TimeSpan.FromSeconds(25);

    private readonly ConcurrentDictionary<string, Teaching> byClass = new();

    /// <summary>Who teaches a class.</summary>
    /// <param name="Session">The tab's own name.</param>
    /// <param name="Since">When it began.</param>
    /// <param name="Heard">When it was last heard of.</param>
    /// <param name="State">Where it has got to, as it said itself; null where it has not begun.</param>
    public sealed record Teaching(string Session, DateTimeOffset Since, DateTimeOffset Heard, JsonElement? State);

    /// <summary>Takes a class for a tab, or keeps it.</summary>
    /// <param name="id">The class.</param>
    /// <param name="session">The tab.</param>
    /// <param name="takeOver">Whether it takes the class from another.</param>
    /// <param name="state">Where it has got to, or null where nothing has changed.</param>
    /// <returns>Who teaches it now: this tab, or the one that has it.</returns>
    public Teaching Take(string id, string session, bool takeOver, JsonElement? state)
    {
        var now = clock.GetUtcNow();
        return byClass.AddOrUpdate(
            id,
            _ => new(session, now, now, state),
            (_, has) =>
                has.Session == session ? has with { Heard = now, State = state ?? has.State }
                : takeOver || now - has.Heard > Silence ? new(session, now, now, state ?? has.State)
                : has
        );
    }

    /// <summary>Lets a class go, where this tab has it.</summary>
    public void Leave(string id, string session)
    {
        if (byClass.TryGetValue(id, out var has) && has.Session == session)
            byClass.TryRemove(new(id, has));
    }
}
