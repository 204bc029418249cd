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

    private readonly Lock gate = new();
    private readonly Dictionary<string, Teaching> byClass = [];

    // What a tab said before it left may be heard after that, and would hold the class for nobody.
    private readonly Dictionary<(string Id, string Session), DateTimeOffset> left = [];

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
        lock (gate)
        {
            var now = clock.GetUtcNow();
            ForgetWhoLeftBefore(now - Silence);
            var anew = new Teaching(session, now, now, state);
            if (left.ContainsKey((id, session)))
                return anew;
            if (byClass.GetValueOrDefault(id) is not { } has)
                return byClass[id] = anew;
            if (has.Session == session)
                return byClass[id] = has with { Heard = now, State = state ?? has.State };
            if (takeOver || now - has.Heard > Silence)
                return byClass[id] = anew with { State = state ?? has.State };
            return has;
        }
    }

    /// <summary>Lets a class go, where this tab has it; what this tab still says of it is not heard.</summary>
    public void Leave(string id, string session)
    {
        lock (gate)
        {
            left[(id, session)] = clock.GetUtcNow();
            if (byClass.GetValueOrDefault(id)?.Session == session)
                byClass.Remove(id);
        }
    }

    private void ForgetWhoLeftBefore(DateTimeOffset time)
    {
        foreach (var (who, _) in left.Where(l => l.Value < time).ToList())
            left.Remove(who);
    }
}
